import type { Formula, FormulaStep, SwapAsk, SwapOption, SwapOutcome } from '@alterum/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { stockInHouse } from '../../household/house-larder';
import { useHousehold } from '../../household/household-store';
import type { Outcome } from '../../household/outcome';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { useProposed } from '../../open-formula/use-proposed';
import { closeWork, useWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Progress } from '../progress';
import { stepsOfOption } from '../proposal-steps';
import { OptionCard } from './option-card';
import { nameOfOption } from './option-words';
import { SchoolChoices } from './school-choices';
import { useChosenOption, useSwapSearch } from './use-swap-search';

const EVERYBODY = 'everybody';

const stepsFor = (formula: Formula, present: Outcome, option: SwapOption): readonly FormulaStep[] =>
  stepsOfOption(
    formula.lines,
    present.lineIds,
    option,
    present.recipe.lines.map(({ mass }) => mass),
    nanoid,
    formula.method,
  );

function whomOptions(present: Outcome) {
  const people = useHousehold.getState().tonight;
  return [
    {
      value: EVERYBODY,
      label: people.length > 1 ? `for all ${people.length} at the table` : 'for everybody',
    },
    ...people.map(({ name }) => ({ value: `person:${name}`, label: `for ${name}` })),
    { value: 'without:oil', label: 'to do without oil' },
    { value: 'without:nuts', label: 'to do without nuts' },
    ...(stockInHouse().size > 0 ? [{ value: 'in-house', label: 'with what is in the house' }] : []),
    ...present.recipe.lines.map(({ ingredient }, i) => ({
      value: `line:${present.lineIds[i] ?? ''}`,
      label: `in place of ${ingredient.name.toLowerCase()}`,
    })),
  ];
}

/** Where nothing is to be swapped, or nothing can be, said as such. */
function nothingWords(
  ask: SwapAsk,
  [much]: Extract<SwapOutcome, { kind: 'nothing-to-swap' }>['tooMuch'],
): string {
  if (much)
    return `There is more ${much.what} in a portion than ${much.eater} may have, and most of it is added as such: Balance takes it down.`;
  if (ask.kind === 'without')
    return `There is no ${ask.what === 'oil' ? 'added oil' : 'nut'} in the pot, as far as the tables know.`;
  if (ask.kind === 'in-house') return 'Everything in the pot is in the house, as far as you said.';
  return 'Nothing in the pot is in anybody’s way, as far as the tables and your labels know. Choose a line above to look for something else in its place.';
}

interface WaysProps {
  readonly formula: Formula;
  readonly present: Outcome;
  readonly result: SwapOutcome | undefined;
  readonly options: readonly SwapOption[];
}

interface OutlookProps {
  readonly result: SwapOutcome;
  readonly ask: SwapAsk;
  readonly present: Outcome;
}

/** Ways to swap, one of them shown in the pot; none moves when another is looked at. */
function Ways({ formula, present, result, options }: WaysProps) {
  const { looked, optionAt, look, choose } = useChosenOption(result, options);
  const option = optionAt(looked);
  const steps = useMemo(() => (option ? stepsFor(formula, present, option) : []), [formula, present, option]);
  useProposed(formula, steps);
  const takeIt = (chosen: SwapOption) => {
    takeWithWayBack(
      { step: 'several', steps: stepsFor(formula, present, chosen) },
      `In the pot: ${nameOfOption(chosen)}; the rest was moved as little as that needs.`,
    );
    closeWork();
  };
  if (options.length === 0) return null;
  return (
    <>
      <ul aria-label="Ways to swap" className="flex flex-col gap-1.5">
        {options.map((entry, i) => {
          const chosen = optionAt(i) ?? entry;
          return (
            <OptionCard
              key={nameOfOption(entry)}
              option={chosen}
              twins={[entry, ...entry.alike]}
              choose={(alike) => choose(i, alike)}
              formula={formula}
              recipe={present.recipe}
              steps={() => stepsFor(formula, present, chosen)}
              looked={i === looked}
              first={i === 0}
              look={() => look(i)}
              takeIt={() => takeIt(chosen)}
            />
          );
        })}
      </ul>
      <p className="text-[12.5px] leading-4 text-soft">
        Checked against the generic tables and the labels you typed in; read the label of the very pack.
      </p>
    </>
  );
}

/** Why there is nothing to choose from, once that is settled. */
function Outlook({ result, ask, present }: OutlookProps) {
  if (result.kind === 'nothing-to-swap') return <p role="status">{nothingWords(ask, result.tooMuch)}</p>;
  if (result.kind === 'none-allowed')
    return (
      <p role="status">
        The larder holds nothing that these people and this school allow in place of{' '}
        {present.recipe.lines[result.line]?.ingredient.name.toLowerCase()}. Open a school, or take the line
        out.
      </p>
    );
  if (result.options.length > 0) return null;
  return (
    <p role="status">
      {result.stopped
        ? 'Stopped before anything was found.'
        : 'Nothing was found that everybody at the table can eat.'}
    </p>
  );
}

/** Searches the whole larder for what could stand in, for a line, a person or everybody, and shows a handful of ways that differ in kind. */
export default function SwapPanel() {
  const formula = useFormula(),
    present = useOutcome();
  const askedWhom = useWork(({ line, eater, wish }) =>
    line !== undefined ? `line:${line}` : eater !== undefined ? `person:${eater}` : (wish ?? EVERYBODY),
  );
  const [whom, setWhom] = useState(askedWhom);
  const { ask, schools, setSchools, running, result, fresh, again, stop } = useSwapSearch(
    formula,
    present,
    whom,
  );
  const options = result?.kind === 'options' && fresh && running === undefined ? result.options : [];
  return (
    <div className="flex flex-col gap-1.5 pt-1">
      <div className="flex flex-wrap items-center gap-x-3 text-[14px]">
        <Choice
          label="What to swap"
          value={whom}
          options={whomOptions(present)}
          onChange={setWhom}
          className="max-w-full"
        />
      </div>
      <SchoolChoices schools={schools} onChange={setSchools} />
      {running !== undefined && <Progress label="Looking through the larder …" done={running} stop={stop} />}
      {running === undefined && result && !fresh && (
        <Button look="yolk" className="self-start" onClick={again}>
          The pot has changed: look again
        </Button>
      )}
      {running === undefined && result && fresh && <Outlook result={result} ask={ask} present={present} />}
      <Ways formula={formula} present={present} result={result} options={options} />
    </div>
  );
}
