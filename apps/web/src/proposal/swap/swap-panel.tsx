import {
  type Formula,
  type FormulaStep,
  openToAll,
  type Schools,
  type SwapAsk,
  type SwapOption,
} from '@alterum/core';
import { nanoid } from 'nanoid';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { ownIngredients, stockInHouse } from '../../household/house-larder';
import { useHousehold } from '../../household/household-store';
import { type Outcome } from '../../household/outcome';
import { sayFailure } from '../../notices/notices';
import { useBenchPart, useFormula, useOutcome } from '../../open-formula/bench-store';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { useProposed } from '../../open-formula/use-proposed';
import { closeWork, useWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { useJob } from '../../worker/use-work';
import { Progress } from '../progress';
import { stepsOfOption } from '../proposal-steps';
import { measuringOf, requestOf } from '../request-of-formula';
import { houseSauces, isBoughtBody } from './house-sauces';
import { OptionCard } from './option-card';
import { nameOfOption } from './option-words';
import { SchoolChoices } from './school-choices';

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

/** What is chosen to be swapped, as it stands in the choice. */
function askOf(whom: string, lineIds: readonly string[]): SwapAsk {
  const [kind, what = ''] = [whom.slice(0, whom.indexOf(':')), whom.slice(whom.indexOf(':') + 1)];
  const line = lineIds.indexOf(what);
  if (kind === 'line' && line >= 0) return { kind: 'line', line };
  if (kind === 'person') return { kind: 'person', eater: what };
  if (kind === 'without') return { kind: 'without', what: what === 'oil' ? 'oil' : 'nuts' };
  return whom === 'in-house' ? { kind: 'in-house' } : { kind: 'everybody' };
}

function whomOptions(present: Outcome) {
  const people = useHousehold.getState().tonight;
  return [
    {
      value: EVERYBODY,
      label: people.length > 0 ? `for all ${people.length} at the table` : 'for everybody',
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
function nothingWords(ask: SwapAsk): string {
  if (ask.kind === 'without')
    return `There is no ${ask.what === 'oil' ? 'added oil' : 'nut'} in the pot, as far as the tables know.`;
  if (ask.kind === 'in-house') return 'Everything in the pot is in the house, as far as you said.';
  return 'Nothing in the pot is in anybody’s way, as far as the tables and your labels know. Choose a line above to look for something else in its place.';
}

/** Searches the whole larder for what could stand in, for a line, a person or everybody, and shows a handful of ways that differ in kind. */
export default function SwapPanel() {
  const formula = useFormula(),
    present = useOutcome(),
    id = useBenchPart((bench) => bench.id);
  const askedWhom = useWork(({ line, eater, wish }) =>
    line !== undefined ? `line:${line}` : eater !== undefined ? `person:${eater}` : (wish ?? EVERYBODY),
  );
  const [whom, setWhom] = useState(askedWhom);
  const [schools, setSchools] = useState<Schools>(openToAll);
  const { running, result, basis, start, stop } = useJob<'swap', Formula>();
  const [look, setLook] = useState<{ readonly of: typeof result; readonly at: number }>();
  const looked = look !== undefined && look.of === result ? look.at : 0;
  const [twin, setTwin] = useState<{
    readonly of: typeof result;
    readonly at: ReadonlyMap<number, number>;
  }>();
  const ask = useMemo(() => askOf(whom, present.lineIds), [whom, present.lineIds]);
  const begin = useCallback(async () => {
    const sauces = present.recipe.lines.some(({ ingredient }) => isBoughtBody(ingredient))
      ? await houseSauces(id)
      : [];
    start(
      {
        kind: 'swap',
        own: ownIngredients(),
        request: {
          ...requestOf(formula, present),
          ask,
          schools,
          sauces,
          measuring: measuringOf(formula, present, 'as-written'),
        },
      },
      formula,
    );
  }, [formula, present, ask, schools, id, start]);
  // Begins by itself when it is opened, and anew when it is asked otherwise.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useEffect(() => void begin().catch(sayFailure), [whom, JSON.stringify(schools)]);
  const fresh = basis === formula;
  const options = result?.kind === 'options' && fresh ? result.options : [];
  const twinsOf = (option: SwapOption): readonly SwapOption[] => [option, ...option.alike];
  const chosenOf = (option: SwapOption, at: number): SwapOption => {
    const chosen = twin !== undefined && twin.of === result ? (twin.at.get(at) ?? 0) : 0;
    return twinsOf(option)[chosen] ?? option;
  };
  const lookedAt = options[looked];
  const option = lookedAt && chosenOf(lookedAt, looked);
  const steps = useMemo(() => (option ? stepsFor(formula, present, option) : []), [formula, present, option]);
  useProposed(formula, steps);
  const takeIt = (chosen: SwapOption) => {
    takeWithWayBack(
      { step: 'several', steps: stepsFor(formula, present, chosen) },
      `In the pot: ${nameOfOption(chosen)}; the rest was moved as little as that needs.`,
    );
    closeWork();
  };
  const settled = running === undefined && fresh;
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
        <Button look="yolk" className="self-start" onClick={() => void begin().catch(sayFailure)}>
          The pot has changed: look again
        </Button>
      )}
      {settled && result?.kind === 'nothing-to-swap' && <p role="status">{nothingWords(ask)}</p>}
      {settled && result?.kind === 'none-allowed' && (
        <p role="status">
          The larder holds nothing that these people and this school allow in place of{' '}
          {present.recipe.lines[result.line]?.ingredient.name.toLowerCase()}. Open a school, or take the line
          out.
        </p>
      )}
      {running === undefined && options.length > 0 && (
        <>
          <ul aria-label="Ways to swap" className="flex flex-col gap-1.5">
            {options.map((entry, i) => {
              const chosen = chosenOf(entry, i);
              return (
                <OptionCard
                  key={nameOfOption(entry)}
                  option={chosen}
                  twins={twinsOf(entry)}
                  choose={(at) =>
                    setTwin({
                      of: result,
                      at: new Map([...(twin?.of === result ? (twin?.at ?? []) : []), [i, at]]),
                    })
                  }
                  formula={formula}
                  recipe={present.recipe}
                  steps={() => stepsFor(formula, present, chosen)}
                  looked={i === looked}
                  first={i === 0}
                  look={() => setLook({ of: result, at: i })}
                  takeIt={() => takeIt(chosen)}
                />
              );
            })}
          </ul>
          <p className="text-[12.5px] leading-4 text-soft">
            Checked against the generic tables and the labels you typed in; read the label of the very pack.
          </p>
        </>
      )}
      {settled && result?.kind === 'options' && options.length === 0 && (
        <p role="status">
          {result.stopped
            ? 'Stopped before anything was found.'
            : 'Nothing was found that everybody at the table can eat.'}
        </p>
      )}
    </div>
  );
}
