import {
  type DishReport,
  type MoistureAdvice,
  moistureWords,
  readDish,
  withAdvice,
  type WrittenDish,
} from '@alterum/core';
import { viewOfDish } from '@alterum/contract/convert';
import type { ReadPart } from '@alterum/core';
import { Button } from '../ui/button';
import { gramsText } from '../words/number-text';
import { knownToDish } from '../household/known-to-dish';
import { changeDish } from './dish-store';
import { capital } from '../words/capital';

interface MoistureProps {
  readonly dish: WrittenDish;
  readonly report: DishReport;
  readonly parts: readonly ReadPart[];
}

const shades = ['bg-lit', 'bg-yolk', 'bg-doubt', 'bg-rim'] as const;
const inks = ['text-ink', 'text-on-yolk', 'text-[#101a2b]', 'text-on-rim'] as const;
/** Chance from which a word has room in its piece. */
const WORDY = 0.2;

/** How likely it is each of the four; the words carry it, the shades only follow. */
function Chances({ chances }: { readonly chances: DishReport['moisture']['chances'] }) {
  const said = moistureWords.map((word) => `${word} ${Math.round(100 * chances[word])} %`).join(', ');
  return (
    <div
      role="img"
      aria-label={`How likely: ${said}`}
      className="flex h-7 overflow-hidden rounded-md border border-hair"
    >
      {moistureWords.map((word, i) => (
        <span
          key={word}
          title={`${word}: ${Math.round(100 * chances[word])} %`}
          style={{ flexGrow: Math.max(chances[word], 0.001) }}
          className={`basis-0 overflow-hidden px-1 text-center text-[13px] leading-7 font-semibold whitespace-nowrap ${shades[i]} ${inks[i]}`}
        >
          {chances[word] >= WORDY ? word : ''}
        </span>
      ))}
    </div>
  );
}

/** What comes and what goes, as bars on one scale. */
function Budget({ report, drinks }: { readonly report: DishReport; readonly drinks: boolean }) {
  const { budget, freeG } = report.moisture;
  const rows = [
    { name: 'sauces can give', g: budget.reachableG, sign: '+' },
    { name: 'let go while it bakes', g: budget.releasedG, sign: '+' },
    ...(drinks ? [{ name: 'sheets, noodles, crumbs drink', g: budget.drunkG, sign: '−' }] : []),
    { name: 'the oven takes', g: budget.evaporatedG, sign: '−' },
    ...(budget.boundG > 0.5 ? [{ name: 'bound while it rests', g: budget.boundG, sign: '−' }] : []),
  ];
  const most = Math.max(1, ...rows.map(({ g }) => g));
  return (
    <table className="w-full text-[14px]" aria-label="Where the water goes">
      <tbody>
        {rows.map(({ name, g, sign }) => (
          <tr key={name}>
            <th scope="row" className="py-0.5 pr-2 text-left font-normal whitespace-nowrap">
              {name}
            </th>
            <td className="w-full">
              <span
                aria-hidden
                className={`block h-2.5 rounded-sm ${sign === '+' ? 'bg-rim' : 'bg-lit-edge'}`}
                style={{ width: `${Math.max(1, (100 * g) / most)}%` }}
              />
            </td>
            <td className="pl-2 text-right font-semibold whitespace-nowrap">
              {sign} {gramsText(Math.round(g))} g
            </td>
          </tr>
        ))}
        <tr className="border-t border-hair">
          <th scope="row" className="py-0.5 pr-2 text-left">
            left free in the layers
          </th>
          <td />
          <td className="pl-2 text-right font-bold whitespace-nowrap">
            {Math.round(freeG.mid)} g{' '}
            <span className="font-normal text-soft">
              ({Math.round(freeG.low)} to {Math.round(freeG.high)})
            </span>
          </td>
        </tr>
      </tbody>
    </table>
  );
}

function Advice({
  word,
  words,
  take,
}: {
  /** What it is called then. */
  readonly word: string;
  readonly words: string;
  readonly take: (() => void) | undefined;
}) {
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-t border-hair py-1.5 first:border-t-0">
      <span className="min-w-0 flex-1 basis-44">
        {capital(words)}: <b>{word}</b>
      </span>
      {take ? (
        <Button onClick={take} aria-label={`Do it: ${words}`}>
          Do it
        </Button>
      ) : (
        <span className="text-[13px] text-soft">on the Bench, in the sauce</span>
      )}
    </li>
  );
}

/** Several proposals taken one after the other, each on the dish as the one before leaves it. */
const allTaken = (dish: WrittenDish, advice: readonly MoistureAdvice[]): WrittenDish =>
  advice.reduce((now, one) => {
    const { report } = readDish(now, knownToDish());
    return (report && withAdvice(now, one, report)) ?? now;
  }, dish);

/** How far kitchens lie apart in what a middle takes, a share. @source as the doubt of the law: E */
const APART = 0.25;

/** Whether the middle will be hot enough to eat: what is likely is said, a thermometer knows. */
function HotThrough({ minutes, needed }: { readonly minutes: number; readonly needed: number }) {
  if (!Number.isFinite(needed))
    return <p className="text-sm font-semibold text-no">In such an oven the middle never comes to 75 °C.</p>;
  const about = `about ${Math.round(needed)} minutes (${Math.round(needed * (1 - APART))} to ${Math.round(needed * (1 + APART))})`;
  if (minutes >= needed * (1 + APART))
    return (
      <p className="text-sm text-soft">The middle takes {about} to 75 °C; a thermometer knows better.</p>
    );
  const few = minutes < needed * (1 - APART);
  return (
    <p className={`text-sm font-semibold ${few ? 'text-no' : 'text-ask'}`}>
      The middle takes {about} to 75 °C, and it bakes for {minutes}:{' '}
      {few ? 'too short' : 'that may be too short'}. Measure it before it is eaten.
    </p>
  );
}

/** What the dish will be when it is cut, where the water goes, and what can be done about it. */
export function MoisturePanel({ dish, report, parts }: MoistureProps) {
  const { moisture, advice, together, minutesToMiddle, top } = report;
  const components = parts.map(({ component }) => component);
  const said = viewOfDish(report, components);
  const minutes = dish.oven.reduce((all, stage) => all + stage.minutes, 0);
  return (
    <section aria-label="When it is cut" className="plate space-y-2 p-3">
      <h2 className="text-lg">
        When it is cut: <span className="font-extrabold">{moisture.word}</span>
        {moisture.range[0] !== moisture.range[1] && (
          <span className="font-sans text-sm font-normal text-soft">
            {' '}
            ({moisture.range[0]} to {moisture.range[1]})
          </span>
        )}
      </h2>
      <Chances chances={moisture.chances} />
      <p className="text-sm">
        {moisture.places.map(({ place, word }, i) => (
          <span key={place}>
            {i > 0 && ', '}
            {place} <b>{word}</b>
          </span>
        ))}
      </p>
      <Budget report={report} drinks={components.some(({ drinks }) => drinks !== undefined)} />
      {advice.length > 0 && (
        <ul aria-label="What can be done">
          {together.length > 0 && (
            <Advice
              word={together.at(-1)?.word ?? ''}
              words={said.together.map(({ words }) => words).join(', and ')}
              take={() => changeDish((now) => allTaken(now, together))}
            />
          )}
          {advice.map((one, i) => {
            const next = withAdvice(dish, one, report);
            return (
              <Advice
                key={`${one.kind} ${one.component ?? ''}`}
                word={one.word}
                words={said.advice[i]?.words ?? one.kind}
                take={next && (() => changeDish((now) => withAdvice(now, one, report) ?? now))}
              />
            );
          })}
        </ul>
      )}
      {minutes > 0 && (
        <p className="text-sm">
          Its top comes out <b>{top.word}</b>
          {top.range[0] !== top.range[1] && (
            <span className="text-soft">
              {' '}
              ({top.range[0]} to {top.range[1]})
            </span>
          )}
          .
        </p>
      )}
      {minutes > 0 && <HotThrough minutes={minutes} needed={minutesToMiddle} />}
    </section>
  );
}
