import type { EaterView } from '@alterum/contract';
import { portionOfDish, type ReadDish, timesAsMuch, whoCanEat, type WrittenDish } from '@alterum/core';
import { useMemo } from 'react';
import { portionOfDishEaten } from '../household/dish-eaten';
import { ScrubNumber } from '../ui/scrub-number';
import { NumberField } from '../ui/number-field';
import { VerdictCell } from '../who-can-eat/verdict-cell';
import { gramsText } from '../words/number-text';
import { changeDish } from './dish-store';

interface PeopleProps {
  readonly dish: WrittenDish;
  readonly read: ReadDish;
  readonly eaters: readonly EaterView[];
}

interface EaterOfDishProps extends Pick<PeopleProps, 'dish' | 'read'> {
  readonly eater: EaterView;
  readonly portion: ReturnType<typeof portionOfDishEaten>;
}

const appetiteOf = ({ eaters }: WrittenDish, id: string): number | undefined =>
  eaters.find(({ eater }) => eater === id)?.appetite;

/** Somebody comes to eat of the dish, with an appetite, or no more. */
const eat = (eater: string, appetite: number | undefined, gesture?: string): void =>
  changeDish(
    (now) => ({
      ...now,
      eaters:
        appetite === undefined
          ? now.eaters.filter((one) => one.eater !== eater)
          : now.eaters.some((one) => one.eater === eater)
            ? now.eaters.map((one) => (one.eater === eater ? { eater, appetite } : one))
            : [...now.eaters, { eater, appetite }],
    }),
    gesture,
  );

/** Somebody of the household: whether they eat of it, how much, and whether they can. */
function EaterOfDish({ eater, dish, read, portion }: EaterOfDishProps) {
  const appetite = appetiteOf(dish, eater.id);
  const result = whoCanEat(eater, appetite === undefined ? portion : timesAsMuch(portion, appetite));
  const theirs = read.report && portionOfDish(read.report, read.parts, read.sharing, eater.id),
    grams = (theirs?.grams ?? 0) * (appetite ?? 1);
  return (
    <li className="flex flex-wrap items-center gap-x-2 border-t border-hair first:border-t-0">
      <label className="flex min-h-9 min-w-0 flex-1 basis-28 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-(--rim)"
          checked={appetite !== undefined}
          onChange={(event) => eat(eater.id, event.target.checked ? 1 : undefined)}
        />
        <span className="wrap-anywhere">{eater.name}</span>
      </label>
      {appetite !== undefined && (
        <span className="flex items-center gap-1 text-[13px] whitespace-nowrap text-soft">
          <ScrubNumber
            label={`Portions for ${eater.name}`}
            value={appetite}
            text={String(appetite)}
            spoken={`${appetite} portions`}
            min={0.1}
            max={10}
            step={() => 0.25}
            onChange={(next, gesture) => eat(eater.id, next, gesture)}
            className="h-7 w-11 pr-1 font-bold text-ink"
          />
          × {read.portion ? `${gramsText(grams)} g` : ''}
        </span>
      )}
      <span className="basis-32">
        <VerdictCell eater={eater} result={result} />
      </span>
    </li>
  );
}

/** For how many it is, where nobody is named. */
function Portions({ portions }: Pick<WrittenDish, 'portions'>) {
  return (
    <label className="flex items-center gap-2 font-sans text-sm font-normal">
      for
      <NumberField
        label="Portions"
        value={portions}
        unit=""
        min={0.25}
        max={200}
        onValue={(next) => next !== undefined && changeDish((now) => ({ ...now, portions: next }))}
        className="tap-coarse h-8 w-14 rounded-lg border-2 border-hair bg-glaze px-2 text-right"
      />
      portions, or tick who eats
    </label>
  );
}

/** What is in a portion. */
function PortionFigures({ read: { portion, sharing } }: Pick<PeopleProps, 'read'>) {
  if (!portion) return null;
  return (
    <p className="border-t border-hair pt-2 text-sm">
      A portion{sharing.only.size > 0 && ' without what only some eat of'}:{' '}
      <b>{gramsText(portion.grams)} g</b>, {Math.round(portion.energyKcal)} kcal, fat{' '}
      {gramsText(portion.fatG)} g, protein {gramsText(portion.proteinG)} g, salt {portion.saltG.toFixed(1)} g,
      about {portion.cost.toFixed(2)} coins.
    </p>
  );
}

/** Who eats of it and how much, whether they can, and what is in a portion. */
export function DishPeople({ dish, read, eaters }: PeopleProps) {
  const portions = useMemo(() => {
    // Where all get the same, it is worked out once.
    const forAll = read.sharing.only.size > 0 ? undefined : portionOfDishEaten(dish, read);
    return new Map(eaters.map(({ id }) => [id, forAll ?? portionOfDishEaten(dish, read, id)]));
  }, [dish, read, eaters]);
  return (
    <section aria-label="Who eats of it" className="plate p-3">
      <h2 className="flex flex-wrap items-center gap-x-3 text-lg">
        Who eats of it
        {dish.eaters.length === 0 && <Portions portions={dish.portions} />}
      </h2>
      <ul>
        {eaters.map((eater) => (
          <EaterOfDish
            key={eater.id}
            eater={eater}
            dish={dish}
            read={read}
            portion={portions.get(eater.id)!}
          />
        ))}
      </ul>
      <PortionFigures read={read} />
      <p className="pt-1 text-[13px] text-soft">
        Checked: what went into the layers, as the larder and the labels of this house know it. Read the
        labels of what is bought; ask the people, and their clinicians where it matters.
      </p>
    </section>
  );
}
