import type { WrittenDish } from '@alterum/core';
import { BookOpen, CalendarClock, Ellipsis, Redo2, Undo2 } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { useHousehold } from '../household/household-store';
import { sayFailure } from '../notices/notices';
import { queries, read } from '../server/queries';
import { Button } from '../ui/button';
import { MenuItem } from '../ui/menu';
import { NameField } from '../ui/name-field';
import { MenuOnDemand } from '../ui/on-demand';
import { DISH_NAME, deleteDish, duplicateDish } from './dish-actions';
import { dishSaving } from './dish-saving';
import { DishVersions } from './dish-versions';
import { changeDish, redoDish, undoDish, useOpenDish } from './dish-store';

/** Whether it is cooked tonight; one press changes it. */
function TonightButton({ id }: { readonly id: string }) {
  const dishes = useHousehold((household) => household.dishes),
    cookDishes = useHousehold((household) => household.cookDishes);
  const isTonight = dishes.some(({ dish }) => dish === id);
  const change = async () => {
    if (isTonight) return cookDishes(dishes.filter(({ dish }) => dish !== id));
    await dishSaving.flush();
    useHousehold.getState().knowDish(await read(queries.dish(id)));
    cookDishes([...useHousehold.getState().dishes, { dish: id }]);
  };
  return (
    <Button
      look={isTonight ? 'rim' : 'yolk'}
      aria-pressed={isTonight}
      onClick={() => void change().catch(sayFailure)}
    >
      <CalendarClock size={17} aria-hidden /> {isTonight ? 'Cooked tonight' : 'Cook tonight'}
    </Button>
  );
}

/** Name of the dish, and what can be done with the whole of it. */
export function DishTitle({ dish }: { readonly dish: WrittenDish }) {
  const { id, past, future } = useOpenDish();
  const navigate = useNavigate();
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <div className="min-w-0 flex-1 basis-52">
        <h1 className="sr-only">{dish.name}</h1>
        <NameField
          id={DISH_NAME}
          label="Name of the dish"
          name={dish.name}
          rename={(name) => changeDish((now) => ({ ...now, name }))}
        />
      </div>
      <div className="flex flex-wrap gap-1.5">
        <Link
          to={`/plan/dishes/${id}/recipe`}
          className="tap tap-coarse inline-flex items-center justify-center gap-2 rounded-lg border-2 border-rim bg-glaze px-3 font-semibold hover:bg-dip"
        >
          <BookOpen size={17} aria-hidden /> Recipe
        </Link>
        <TonightButton id={id} />
        <Button
          onClick={undoDish}
          disabled={past.length === 0}
          aria-label="Undo"
          aria-keyshortcuts="Control+Z"
        >
          <Undo2 size={18} aria-hidden />
        </Button>
        <Button
          onClick={redoDish}
          disabled={future.length === 0}
          aria-label="Redo"
          aria-keyshortcuts="Control+Shift+Z"
        >
          <Redo2 size={18} aria-hidden />
        </Button>
        <DishVersions {...(dish.kept ? { kept: dish.kept } : {})} />
        <MenuOnDemand
          trigger={
            <Button aria-label="More for this dish">
              <Ellipsis size={18} aria-hidden />
            </Button>
          }
          content={() => (
            <>
              <MenuItem onSelect={() => void dishSaving.flush().then(() => duplicateDish(id, navigate))}>
                A copy of it
              </MenuItem>
              <MenuItem
                onSelect={() => void dishSaving.flush().then(() => deleteDish(id, dish.name, navigate))}
              >
                Delete
              </MenuItem>
            </>
          )}
        />
      </div>
    </div>
  );
}
