import {
  type Assessed,
  type Brief,
  briefOfFamily,
  familyNames,
  type Formula,
  onePressWishes,
  scaledFormula,
} from '@alterum/core';
import { useState } from 'react';
import { useHousehold } from '../../household/household-store';
import { findIngredient, stockInHouse } from '../../household/house-larder';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { openWork } from '../../open-formula/work-store';

/** A wish that was said by one press. */
export interface PressedWish {
  readonly id: string;
  readonly words: string;
}

const USUAL = 'usual';

/** What a press asks of the pot as it stands now. */
export function wishesOfPress(
  { id }: PressedWish,
  { family }: Pick<Formula, 'family'>,
  assessed: Assessed,
): Brief {
  if (id === USUAL) return briefOfFamily(family);
  const one = onePressWishes(assessed).find((candidate) => candidate.id === id);
  return one ? { [one.rail]: one.wish } : {};
}

interface Chip {
  readonly id: string;
  readonly words: string;
  readonly press: () => void;
  readonly pressed?: boolean;
}

function ChipButton({ words, press, pressed }: Chip) {
  return (
    <button
      type="button"
      onClick={press}
      {...(pressed === undefined ? {} : { 'aria-pressed': pressed })}
      className={`tap-coarse h-8 whitespace-nowrap rounded-full border-2 px-2.5 text-[13.5px] font-semibold ${pressed ? 'border-yolk bg-yolk text-on-yolk' : 'border-hair bg-glaze hover:bg-dip'}`}
    >
      {words}
    </button>
  );
}

/** How many are shown before the rest is asked for. */
const FIRST = 7;

/** What is said at the stove, each as one press: thicker, less salty, without oil, for six. */
export function WishesRow({
  pressed,
  press,
}: {
  readonly pressed: PressedWish | undefined;
  readonly press: (wish: PressedWish | undefined) => void;
}) {
  const formula = useFormula(),
    outcome = useOutcome();
  const [all, setAll] = useState(false);
  const tonight = useHousehold((state) => state.tonight.length);
  const wish = (id: string, words: string): Chip => ({
    id,
    words,
    pressed: pressed?.id === id,
    press: () => press(pressed?.id === id ? undefined : { id, words }),
  });
  const forPortions = (portions: number): Chip => ({
    id: `for-${portions}`,
    words: `For ${portions}`,
    press: () =>
      takeWithWayBack(
        {
          step: 'several',
          steps: scaledFormula({ formula, larder: findIngredient, ask: { by: 'portions', portions } }).steps,
        },
        `Everything is measured for ${portions} portions now.`,
      ),
  });
  const portions = [...new Set([tonight, 6])].filter((count) => count > 0 && count !== formula.portions);
  const chips: readonly Chip[] = [
    ...onePressWishes(outcome).map(({ id, words }) => wish(id, words)),
    {
      id: 'no-oil',
      words: 'Without oil',
      press: () => openWork('swap', undefined, undefined, 'without:oil'),
    },
    {
      id: 'no-nuts',
      words: 'Without nuts',
      press: () => openWork('swap', undefined, undefined, 'without:nuts'),
    },
    ...portions.map(forPortions),
    ...(stockInHouse().size > 0
      ? [
          {
            id: 'house',
            words: 'With what is in the house',
            press: () => openWork('swap', undefined, undefined, 'in-house'),
          },
        ]
      : []),
    wish(USUAL, `As usual for a ${familyNames[formula.family]}`),
  ];
  const shown = all ? chips : chips.filter((chip, i) => i < FIRST || chip.pressed);
  return (
    <div role="group" aria-label="One-press wishes" className="flex flex-wrap gap-1.5 pb-0.5">
      {shown.map((chip) => (
        <ChipButton key={chip.id} {...chip} />
      ))}
      <button
        type="button"
        aria-expanded={all}
        onClick={() => setAll(!all)}
        className="tap-coarse h-8 rounded-full px-2 text-[13.5px] font-semibold text-soft underline-offset-4 hover:underline"
      >
        {all ? 'fewer' : 'more wishes'}
      </button>
    </div>
  );
}
