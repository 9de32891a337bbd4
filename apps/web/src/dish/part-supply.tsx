import { type DishPart, partChanged, partUnweighed, type ReadPart, type Supply } from '@alterum/core';
import { sayFailure } from '../notices/notices';
import { Button } from '../ui/button';
import { gramsText } from '../words/number-text';
import { changeDish } from './dish-store';
import { scaleSauce } from './scale-sauce';

/** Times from which more of something is wanted, and g from which what is left is worth a word. */
const SHORT = 1.01,
  LEFT_G = 20,
  ROUND_G = 10;

const times = (factor: number): string => factor.toFixed(factor < 1.1 ? 2 : 1);

/** How much of a part is wanted in all, g, rounded up to what is weighed. */
const wanted = (supply: Supply): number => Math.ceil((supply.haveG * supply.times) / ROUND_G) * ROUND_G;

interface SupplyProps {
  readonly part: DishPart;
  readonly read: ReadPart;
  readonly supply: Supply;
  readonly name: string;
  /** Layers it lies in. */
  readonly layers: number;
}

/** Whether there is enough of a part, in words; what is too little is made enough by one press. */
export function PartSupply({ part, read, supply, name, layers }: SupplyProps) {
  const short = supply.times > SHORT || supply.haveG > read.madeG * SHORT;
  if (layers === 0) return <span className="text-[13px] text-ask">in no layer yet</span>;
  if (!short)
    return supply.leftG > LEFT_G ? (
      <span className="text-[13px] text-soft">{gramsText(supply.leftG)} g are left</span>
    ) : null;
  const all = wanted(supply);
  const below =
    layers > 1
      ? `${gramsText(Math.ceil(supply.belowG))} g for ${layers - 1 === 1 ? 'the layer' : `${layers - 1} layers`} below and `
      : '';
  const why = `${below}${gramsText(Math.ceil(supply.topG))} g for the top`;
  if (part.formula === undefined)
    return (
      <span className="flex flex-wrap items-center gap-2 text-[13px] text-no">
        too little: {why}
        <Button
          onClick={() =>
            changeDish((dish) =>
              partChanged(dish, part.id, { grams: Math.ceil((part.grams ?? 0) * supply.times) }),
            )
          }
        >
          Take {gramsText(Math.ceil((part.grams ?? 0) * supply.times))} g
        </Button>
      </span>
    );
  const formula = part.formula;
  if (all <= read.madeG)
    return (
      <span className="flex flex-wrap items-center gap-2 text-[13px] text-no">
        too little: {why}
        <Button onClick={() => changeDish((dish) => partChanged(dish, part.id, { grams: all }))}>
          Take {gramsText(all)} g of the {gramsText(read.madeG)} g
        </Button>
      </span>
    );
  const makeMore = () =>
    void scaleSauce(formula, all)
      .then(() => changeDish((dish) => partUnweighed(dish, part.id)))
      .catch(sayFailure);
  return (
    <span className="flex flex-wrap items-center gap-2 text-[13px] text-no">
      {supply.times > SHORT ? `too little: ${why}` : `the formula makes ${gramsText(read.madeG)} g`}
      <Button onClick={makeMore} aria-label={`Make ${times(all / read.madeG)} times ${name}`}>
        Make {times(all / read.madeG)} times: {gramsText(all)} g
      </Button>
    </span>
  );
}
