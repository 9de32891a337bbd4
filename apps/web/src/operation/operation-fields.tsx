import {
  type ChoiceName,
  choiceFields,
  choiceOf,
  choicesOf,
  figureFields,
  type FigureName,
  figureOf,
  kindOf,
  type Operation,
  type OperationChange,
} from '@alterum/core';
import { Choice } from '../ui/choice';
import { StripNumber } from './strip-number';

/** Size of one step of a figure. @source assumed: what a cook would change it by */
const steps: Readonly<Record<FigureName, number>> = {
  minutes: 1,
  mostMinutes: 1,
  temperatureC: 1,
  rateCPerMin: 1,
  lossG: 5,
  toG: 10,
  panCm: 1,
  seconds: 5,
  power: 0.05,
  sizeMm: 1,
  ovenC: 10,
  layerMm: 1,
  noodlesG: 50,
  saltPct: 0.5,
  testLossG: 5,
};
/** What a figure begins with that was left open; the least it can be for others. */
const begin: Partial<Record<FigureName, number>> = { minutes: 20, testLossG: 130, toG: 500 };
/** How much longer it may take, to begin with. */
const LONGER = 1.5;
/** Figures that stand only where somebody said them. */
const hidden: ReadonlySet<FigureName> = new Set(['mostMinutes', 'power']);
/** Unit of a bare number, where the words say more than that. */
const readAs: Partial<Record<FigureName, string>> = { noodlesG: 'g', power: '', testLossG: 'g' };

type Change = (change: OperationChange, gesture?: string) => void;

function Figure({
  operation,
  name,
  change,
}: {
  readonly operation: Operation;
  readonly name: FigureName;
  readonly change: Change;
}) {
  const { name: word, unit, low, high } = figureFields[name];
  const value = figureOf(operation, name);
  const label = `${kindOf(operation.kind).name}: ${word.toLowerCase()}`;
  if (value === undefined)
    return (
      <button
        type="button"
        className="text-left font-semibold text-rim underline-offset-4 hover:underline"
        onClick={() => change({ [name]: begin[name] ?? low })}
      >
        {name === 'minutes' ? 'until it is soft' : 'not said'}
      </button>
    );
  return (
    <StripNumber
      label={label}
      unit={unit}
      {...(readAs[name] === undefined ? {} : { readAs: readAs[name] })}
      value={value}
      min={low}
      max={high}
      step={steps[name]}
      onChange={(next, gesture) => change({ [name]: next }, gesture)}
    />
  );
}

function ChoiceRow({
  operation,
  name,
  change,
}: {
  readonly operation: Operation;
  readonly name: ChoiceName;
  readonly change: Change;
}) {
  const options = choicesOf(name).map((value) => ({
    value: value,
    label: (choiceFields[name].choices as Readonly<Record<string, string>>)[value] ?? value,
  }));
  return (
    <Choice
      label={`${kindOf(operation.kind).name}: ${choiceFields[name].name.toLowerCase()}`}
      value={choiceOf(operation, name) ?? options[0]?.value ?? ''}
      options={options}
      // A tool that was chosen by name stands for itself, not for a bare power.
      onChange={(value) => change({ [name]: value, ...(name === 'tool' ? { power: undefined } : {}) })}
    />
  );
}

/** The figures and choices of an operation, as its kind has them. */
export function OperationFields({
  operation,
  change,
}: {
  readonly operation: Operation;
  readonly change: Change;
}) {
  const { figures, choices } = kindOf(operation.kind);
  const shown = figures.filter((name) => !hidden.has(name) || operation[name] !== undefined);
  const minutes = figureOf(operation, 'minutes');
  const mayTakeLonger =
    figures.includes('mostMinutes') && operation.mostMinutes === undefined && (minutes ?? 0) > 0;
  const row = 'grid grid-cols-[8rem_1fr] items-baseline';
  return (
    <ul className="space-y-1.5">
      {choices.map((name) => (
        <li key={name} className={row}>
          <span>{choiceFields[name].name}</span>
          <ChoiceRow operation={operation} name={name} change={change} />
        </li>
      ))}
      {shown.map((name) => (
        <li key={name} className={row}>
          <span>{figureFields[name].name}</span>
          <span>
            <Figure operation={operation} name={name} change={change} />
            {name === 'minutes' && mayTakeLonger && (
              <button
                type="button"
                className="tap-coarse ml-1 rounded font-semibold text-rim underline-offset-4 hover:underline"
                onClick={() => change({ mostMinutes: Math.round((minutes ?? 0) * LONGER) })}
              >
                or longer
              </button>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
