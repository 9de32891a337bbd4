import type { Formula, FormulaStep, SwapOption } from '@alterum/core';
import { CircleHelp } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { Outcome } from '../../household/outcome';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { KeepAsVersion } from '../keep-as-version';
import { ShiftLine } from '../shift-line';
import { extrasOf, movedLines, nameOfOption, outAndIn, sayingsOf } from './option-words';

/** How many shifts are told. */
const TOLD = 4;

interface OptionCardProps {
  /** The one that is chosen of an option and its near-twins. */
  readonly option: SwapOption;
  readonly twins: readonly SwapOption[];
  readonly choose: (at: number) => void;
  readonly formula: Formula;
  readonly recipe: Outcome['recipe'];
  readonly steps: () => readonly FormulaStep[];
  readonly looked: boolean;
  readonly first: boolean;
  readonly look: () => void;
  readonly takeIt: () => void;
}

/** One way to swap: what leaves, what comes, what is lost and won, for whom, and what else moves why. */
export function OptionCard(props: OptionCardProps) {
  const { option, twins, choose, formula, recipe, steps, looked, first, look, takeIt } = props;
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (first) button.current?.focus({ preventScroll: true });
  }, [first]);
  const name = nameOfOption(option),
    sayings = sayingsOf(option);
  const shifts = [...option.shifts]
    .sort((a, b) => Number(a.as === 'moved') - Number(b.as === 'moved'))
    .slice(0, TOLD);
  return (
    <li
      className={`rounded-lg border-2 px-2.5 py-1.5 ${looked ? 'border-yolk' : 'border-hair'}`}
      data-testid="swap-option"
      onMouseEnter={look}
      onFocus={look}
    >
      <div className="flex items-start justify-between gap-2">
        <h3 className="text-[15.5px] leading-5">{outAndIn(option)}</h3>
        <Button ref={button} look={looked ? 'yolk' : 'rim'} onClick={takeIt} aria-label={`Take ${name}`}>
          Take
        </Button>
      </div>
      {twins.length > 1 && (
        <label className="flex items-center gap-1.5 text-[13.5px]">
          or
          <Choice
            label={`Which of these: ${name}`}
            value={String(twins.indexOf(option))}
            options={twins.map((twin, i) => ({ value: String(i), label: nameOfOption(twin) }))}
            onChange={(at) => choose(Number(at))}
            className="min-w-0 max-w-full"
          />
        </label>
      )}
      {sayings.map((said) => (
        <p key={said} className="flex items-start gap-1 text-[13px] leading-4 text-ask">
          <CircleHelp size={14} strokeWidth={2.6} className="mt-px shrink-0" aria-hidden />
          {said}
        </p>
      ))}
      <p className="text-[13px] leading-4 text-soft">
        {sayings.length === 0 && 'nothing found against anybody tonight · '}
        {extrasOf(option)}
      </p>
      {shifts.length > 0 && (
        <ul className="mt-1 text-[13px] leading-[17px]">
          {shifts.map((entry) => (
            <ShiftLine key={entry.rail} shift={entry} />
          ))}
        </ul>
      )}
      <ul className="mt-1 border-t border-hair pt-1 text-[13px] leading-4">
        {movedLines(option, recipe).map(({ id, text, why }) => (
          <li key={id}>
            {text}
            {why && <span className="text-soft">, {why}</span>}
          </li>
        ))}
      </ul>
      <KeepAsVersion formula={formula} steps={steps} name={`with ${name}`} why={outAndIn(option)} />
    </li>
  );
}
