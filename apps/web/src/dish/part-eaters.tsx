import type { EaterView } from '@alterum/contract';
import { type DishPart, partOnlyFor } from '@alterum/core';
import { UserRound, UsersRound } from 'lucide-react';
import { PopoverOnDemand } from '../ui/on-demand';
import { changeDish } from './dish-store';

/** "everybody", "only Ilva and Teo". */
function forText({ onlyFor = [] }: DishPart, eaters: readonly EaterView[]): string {
  if (onlyFor.length === 0) return 'for all';
  const names = onlyFor.map((id) => eaters.find((eater) => eater.id === id)?.name ?? 'somebody else');
  return `only ${names.length > 2 ? `${names.length} people` : names.join(' and ')}`;
}

/** Who alone eats of a part: what is for some lies in their share of the dish. */
export function PartEaters({
  part,
  name,
  eaters,
}: {
  readonly part: DishPart;
  readonly name: string;
  readonly eaters: readonly EaterView[];
}) {
  const { onlyFor = [] } = part;
  if (eaters.length < 2 && onlyFor.length === 0) return null;
  const text = forText(part, eaters),
    Icon = onlyFor.length === 0 ? UsersRound : UserRound;
  const gone = onlyFor.filter((id) => !eaters.some((eater) => eater.id === id));
  const tick = (id: string, eats: boolean) =>
    changeDish((dish) =>
      partOnlyFor(dish, part.id, eats ? [...onlyFor, id] : onlyFor.filter((one) => one !== id)),
    );
  return (
    <PopoverOnDemand
      label={`Who eats of ${name}`}
      trigger={
        <button
          type="button"
          aria-label={`Who eats of ${name}: ${text}`}
          className="tap-coarse inline-flex min-h-8 items-center gap-1 rounded-md border border-hair px-2 text-left text-[13px] hover:bg-dip"
        >
          <Icon size={14} aria-hidden />
          {text}
        </button>
      }
      content={() => (
        <fieldset className="text-[15px]">
          <legend className="mb-1 font-display text-base font-bold">
            Only for (nobody ticked is everybody)
          </legend>
          {[
            ...eaters.map(({ id, name: called }) => ({ id, called })),
            ...gone.map((id) => ({ id, called: 'somebody who is not at the table' })),
          ].map(({ id, called }) => (
            <label key={id} className="flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-(--rim)"
                checked={onlyFor.includes(id)}
                onChange={(event) => tick(id, event.target.checked)}
              />
              <span className="wrap-anywhere">{called}</span>
            </label>
          ))}
          <p className="max-w-64 pt-1 text-[13px] text-soft">
            It lies in their share of the dish alone. For the others it is judged as something that touches
            what they eat.
          </p>
        </fieldset>
      )}
    />
  );
}
