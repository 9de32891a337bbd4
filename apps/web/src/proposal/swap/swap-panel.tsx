import {
  type Formula,
  type FormulaStep,
  kitchenMeasureOf,
  openToAll,
  type Schools,
  type SwapAsk,
  type SwapOption,
  type Shift,
} from '@alterum/core';
import { ArrowDown, ArrowUp, ArrowUpDown } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ownIngredients, stockInHouse } from '../../household/house-larder';
import { nanoid } from 'nanoid';
import { sayFailure } from '../../notices/notices';
import { useBenchPart, useFormula, useOutcome } from '../../open-formula/bench-store';
import { type Outcome } from '../../household/outcome';
import { preparationNames } from '../../words/line-words';
import { figure, gramsText } from '../../words/number-text';
import { useHousehold } from '../../household/household-store';
import { closeWork, useWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { measuringOf, requestOf } from '../request-of-formula';
import { houseSauces, isBoughtBody } from './house-sauces';
import { Progress } from '../progress';
import { stepsOfOption } from '../proposal-steps';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { shiftWords } from '../../words/shift-words';
import { useProposed } from '../../open-formula/use-proposed';
import { useJob } from '../../worker/use-work';

const EVERYBODY = 'everybody';
const TOLD = 4;

const schoolChoices: readonly {
  readonly key: keyof Schools;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}[] = [
  {
    key: 'nutritionalYeast',
    label: 'Nutritional yeast',
    options: [
      { value: 'any', label: 'with or without' },
      { value: 'without', label: 'without' },
    ],
  },
  {
    key: 'addedOil',
    label: 'Added oil',
    options: [
      { value: 'any', label: 'with or without' },
      { value: 'without', label: 'without' },
    ],
  },
  {
    key: 'made',
    label: 'Nuts and seeds',
    options: [
      { value: 'any', label: 'either way' },
      { value: 'soaked', label: 'soaked' },
      { value: 'boiled', label: 'boiled' },
    ],
  },
  {
    key: 'melt',
    label: 'Melt',
    options: [
      { value: 'any', label: 'either kind' },
      { value: 'starch-stretch', label: 'stretchy, by starch' },
      { value: 'soft-melt', label: 'soft' },
    ],
  },
];

const signs = { won: ArrowUp, lost: ArrowDown, moved: ArrowUpDown } as const;
const inks = { won: 'text-yes', lost: 'text-no', moved: 'text-soft' } as const;
const signWords = { won: 'won:', lost: 'lost:', moved: 'changed:' } as const;

function ShiftLine({ shift }: { readonly shift: Shift }) {
  const Sign = signs[shift.as];
  return (
    <li className={`flex items-center gap-1 ${inks[shift.as]}`}>
      <Sign size={14} strokeWidth={2.6} aria-label={signWords[shift.as]} className="shrink-0" />
      {shiftWords(shift)}
    </li>
  );
}

/** What is new, as a title. */
function titleOf(option: SwapOption, recipe: Outcome['recipe']): string {
  const sauce = option.lines.find((line) => line.sauce !== undefined)?.sauce;
  const substitutes = option.lines
    .filter(
      (line, i) =>
        line.origin === undefined && line.sauce === undefined && (option.amounts[i]?.grams ?? 0) > 0,
    )
    .map(({ ingredient }) => ingredient.name);
  const stays = new Set(option.lines.flatMap(({ origin, replaces }) => [origin, replaces]));
  const out = recipe.lines.flatMap(({ ingredient }, i) =>
    stays.has(i) ? [] : [ingredient.name.toLowerCase()],
  );
  const parts = [...(sauce === undefined ? [] : [sauce]), ...substitutes];
  return parts.length > 0
    ? `${parts.join(' + ')}${out.length > 0 ? `, without ${out.join(', ')}` : ''}`
    : `Without ${out.join(', ') || 'anything new'}`;
}

function extrasOf({ asks, coinsMore, minutes, notInHouse, outside }: SwapOption): string {
  return [
    outside.length === 0 ? 'meets the brief' : `off: ${outside.join(', ')}`,
    asks.length > 0 ? `${asks.join(', ')}: ask or read the label` : 'nothing found against anybody tonight',
    Math.abs(coinsMore) >= 0.05
      ? `${figure(Math.abs(coinsMore), 2)} coins ${coinsMore > 0 ? 'more' : 'less'}`
      : '',
    minutes >= 5 ? `${figure(minutes, 0)} min to make ready` : '',
    notInHouse.length > 0 ? `not in the house: ${notInHouse.join(', ').toLowerCase()}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

interface OptionProps {
  readonly option: SwapOption;
  readonly recipe: Outcome['recipe'];
  readonly looked: boolean;
  readonly first: boolean;
  readonly look: () => void;
  readonly takeIt: () => void;
}

function OptionCard({ option, recipe, looked, first, look, takeIt }: OptionProps) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (first) button.current?.focus({ preventScroll: true });
  }, [first]);
  const title = titleOf(option, recipe);
  const moved = option.lines.flatMap((line, i) => {
    const measured = option.amounts[i];
    if (!measured || line.sauce !== undefined) return [];
    const fresh = line.origin === undefined;
    const before = line.origin === undefined ? 0 : (recipe.lines[line.origin]?.mass ?? 0);
    if (!fresh && Math.abs(measured.grams - before) <= 0.02 * Math.max(before, 1)) return [];
    const measure = kitchenMeasureOf(measured.amount, line.ingredient.measures);
    const made = fresh && line.preparation !== 'as-is' ? `, ${preparationNames[line.preparation]}` : '';
    return [
      {
        id: `${line.ingredient.id}${i}`,
        fresh,
        text: fresh
          ? `${line.ingredient.name}${made} ${gramsText(measured.grams)} g${measure ? ` (${measure})` : ''}`
          : `${line.ingredient.name} ${gramsText(before)} → ${gramsText(measured.grams)} g`,
      },
    ];
  });
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
        <h3 className="text-[15.5px] leading-5">{title}</h3>
        <Button ref={button} look={looked ? 'yolk' : 'rim'} onClick={takeIt} aria-label={`Take ${title}`}>
          Take
        </Button>
      </div>
      <p className="text-[13px] leading-4 text-soft">{extrasOf(option)}</p>
      {shifts.length > 0 && (
        <ul className="mt-1 text-[13px] leading-[17px]">
          {shifts.map((entry) => (
            <ShiftLine key={entry.rail} shift={entry} />
          ))}
        </ul>
      )}
      {moved.length > 0 && (
        <p className="mt-1 border-t border-hair pt-1 text-[13px] leading-4">
          {moved.map(({ text }) => text).join(' · ')}
        </p>
      )}
    </li>
  );
}

function stepsFor(formula: Formula, present: Outcome, option: SwapOption): readonly FormulaStep[] {
  return stepsOfOption(
    formula.lines,
    present.lineIds,
    option,
    present.recipe.lines.map(({ mass }) => mass),
    () => nanoid(),
  );
}

/** Searches the whole larder for what could stand in, for a line, a person or everybody, and shows a handful of clearly different ways. */
export default function SwapPanel() {
  const formula = useFormula(),
    present = useOutcome(),
    id = useBenchPart((bench) => bench.id);
  const askedLine = useWork((work) => work.line);
  const askedFor = useWork((work) => work.eater);
  const askedWhom =
    askedLine !== undefined ? `line:${askedLine}` : askedFor !== undefined ? `person:${askedFor}` : EVERYBODY;
  const [whom, setWhom] = useState(askedWhom);
  const [schools, setSchools] = useState<Schools>(openToAll);
  const { running, result, basis, start, stop } = useJob<'swap', Formula>();
  const [look, setLook] = useState<{ readonly of: typeof result; readonly at: number }>();
  const looked = look !== undefined && look.of === result ? look.at : 0;
  const people = useHousehold.getState().tonight;
  const ask = useMemo((): SwapAsk => {
    const [kind, what = ''] = [whom.slice(0, whom.indexOf(':')), whom.slice(whom.indexOf(':') + 1)];
    const line = present.lineIds.indexOf(what);
    if (kind === 'line' && line >= 0) return { kind: 'line', line };
    return kind === 'person' ? { kind: 'person', eater: what } : { kind: 'everybody' };
  }, [whom, present.lineIds]);
  const begin = useCallback(async () => {
    const stock = stockInHouse();
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
          ...(stock.size > 0
            ? {
                inHouse: new Set(
                  [...stock].filter(([, grams]) => grams > 0).map(([ingredient]) => ingredient),
                ),
              }
            : {}),
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
  const option = options[looked];
  const steps = useMemo(() => (option ? stepsFor(formula, present, option) : []), [formula, present, option]);
  useProposed(formula, steps);
  const takeIt = (chosen: SwapOption) => {
    takeWithWayBack(
      { step: 'several', steps: stepsFor(formula, present, chosen) },
      `${titleOf(chosen, present.recipe)}: in the pot, the rest put right around it.`,
    );
    closeWork();
  };
  const whomOptions = [
    {
      value: EVERYBODY,
      label: people.length > 0 ? `for all ${people.length} at the table` : 'for everybody',
    },
    ...people.map(({ name }) => ({ value: `person:${name}`, label: `for ${name}` })),
    ...present.recipe.lines.map(({ ingredient }, i) => ({
      value: `line:${present.lineIds[i] ?? ''}`,
      label: `in place of ${ingredient.name.toLowerCase()}`,
    })),
  ];
  return (
    <div className="flex flex-col gap-1.5 pt-1">
      <div className="flex flex-wrap items-center gap-x-3 text-[14px]">
        <Choice
          label="What to swap"
          value={whom}
          options={whomOptions}
          onChange={setWhom}
          className="max-w-full"
        />
      </div>
      <details className="text-[13.5px]">
        <summary className="cursor-pointer font-semibold text-soft">
          Schools: yeast, oil, soaking, stretch
        </summary>
        <div className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-3">
          {schoolChoices.map(({ key, label, options: choices }) => (
            <label key={key} className="contents">
              <span>{label}</span>
              <Choice
                label={label}
                value={schools[key]}
                options={choices}
                onChange={(value) => setSchools({ ...schools, [key]: value })}
              />
            </label>
          ))}
        </div>
      </details>
      {running !== undefined && <Progress label="Looking through the larder …" done={running} stop={stop} />}
      {running === undefined && result && !fresh && (
        <Button look="yolk" className="self-start" onClick={() => void begin().catch(sayFailure)}>
          The pot has changed: look again
        </Button>
      )}
      {running === undefined && fresh && result?.kind === 'nothing-to-swap' && (
        <p role="status">
          Nothing in the pot is in anybody’s way, as far as the tables and your labels know. Choose a line
          above to look for something else in its place.
        </p>
      )}
      {running === undefined && fresh && result?.kind === 'none-allowed' && (
        <p role="status">
          The larder holds nothing that these people and this school allow in place of{' '}
          {present.recipe.lines[result.line]?.ingredient.name.toLowerCase()}. Open a school, or take the line
          out.
        </p>
      )}
      {running === undefined && options.length > 0 && (
        <>
          <ul aria-label="Ways to swap" className="flex flex-col gap-1.5">
            {options.map((entry, i) => (
              <OptionCard
                key={titleOf(entry, present.recipe)}
                option={entry}
                recipe={present.recipe}
                looked={i === looked}
                first={i === 0}
                look={() => setLook({ of: result, at: i })}
                takeIt={() => takeIt(entry)}
              />
            ))}
          </ul>
          <p className="text-[12.5px] leading-4 text-soft">
            Checked against the generic tables and the labels you typed in; read the label of the very pack.
          </p>
        </>
      )}
      {running === undefined && fresh && result?.kind === 'options' && options.length === 0 && (
        <p role="status">
          {result.stopped
            ? 'Stopped before anything was found.'
            : 'Nothing was found that everybody at the table can eat.'}
        </p>
      )}
    </div>
  );
}
