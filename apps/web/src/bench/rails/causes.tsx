import {
  type Contribution,
  type LinedId,
  contributionsOf,
  explanationOf,
  provenanceWords,
  type PropertyContributions,
} from '@alterum/core';
import { findIngredient } from '../../household/house-larder';
import { useBenchPart } from '../../open-formula/bench-store';
import { figure } from '../../words/number-text';

const SHOWN = 8;

interface CausesProps {
  readonly property: LinedId;
  readonly title: string;
  /** The figure itself, in words. */
  readonly reading: string;
}

const digitsFor = (value: number): number => (Math.abs(value) >= 10 ? 1 : Math.abs(value) >= 0.1 ? 2 : 3);

function amountText(
  { property, unit, law }: PropertyContributions,
  { amount, unknown }: Contribution,
): string {
  if (unknown) return 'not known';
  const sign = law === 'share' ? '' : amount >= 0 ? '+' : '−';
  if (property === 'thickness') return `${sign}${figure(Math.abs(100 * amount), 1)} %`;
  return `${sign}${figure(Math.abs(amount), digitsFor(amount))} ${unit}`;
}

function Lines({ entry }: { readonly entry: PropertyContributions }) {
  const size = (c: Contribution) => Math.abs(c.amount);
  const lines = entry.lines
    .filter((c) => size(c) > 0 || c.unknown)
    .sort((a, b) => size(b) - size(a))
    .slice(0, SHOWN);
  const most = Math.max(...lines.map(size), 1e-9);
  if (lines.length === 0) return <p className="my-2">No line moves it.</p>;
  return (
    <ul aria-label="Lines that hold it" className="my-2.5 space-y-1.5">
      {lines.map((line) => (
        <li key={line.line} className="grid grid-cols-[1fr_auto] items-center gap-x-3">
          <span className="truncate">{findIngredient(line.ingredient)?.name ?? line.ingredient}</span>
          <span className="font-semibold">{amountText(entry, line)}</span>
          <span className="col-span-2 h-1.5 rounded-full bg-track" aria-hidden>
            <span
              className={`block h-full rounded-full ${line.amount < 0 ? 'bg-lit-edge' : 'bg-bead'}`}
              style={{ width: `${(100 * size(line)) / most}%` }}
            />
          </span>
        </li>
      ))}
    </ul>
  );
}

/** "12.5 mPa·s"; a share of the figure as a cook would say it: "8 % of it". */
const parameterSaid = ({ value, unit }: { readonly value: number; readonly unit: string }): string =>
  unit === 'of the figure'
    ? `${Number((100 * value).toPrecision(2))} % of it, either way`
    : `${figure(value, digitsFor(value))} ${unit}`;

/** Which lines made a figure, largest first; by which law, with which parameters from where, and how sure. */
export default function Causes({ property, title, reading }: CausesProps) {
  const recipe = useBenchPart((bench) => bench.outcome.recipe);
  const mix = useBenchPart((bench) => bench.outcome.mix);
  const [entry] = contributionsOf(recipe, [property]);
  const { law, parameters, sources } = explanationOf(property, mix);
  return (
    <div className="text-sm">
      <h3 className="text-base">What holds {title.toLowerCase()} there</h3>
      <p className="mt-0.5 text-soft">{reading}</p>
      {entry && <Lines entry={entry} />}
      <p className="text-soft">{law}</p>
      {parameters.length > 0 && (
        <ul className="mt-2 space-y-1 border-t border-hair pt-2" aria-label="Parameters">
          {parameters.map((row) => (
            <li key={row.name} className="leading-4">
              <b>
                {row.name}: {parameterSaid(row)}
              </b>{' '}
              <span className="text-soft">
                {row.cv > 0 && `± ${Math.round(100 * row.cv)} %; `}
                {provenanceWords[row.provenance]}; {row.basis}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-2 text-soft">Sources {sources.join(', ')} in docs/sources.md.</p>
    </div>
  );
}
