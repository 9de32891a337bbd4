import { type Line, type Process, type Serve, type Storage } from '@alterum/core';
import { memo, type ReactNode } from 'react';
import { findIngredient } from '../../household/house-larder';
import { Choice } from '../../ui/choice';
import { PopoverOnDemand } from '../../ui/on-demand';
import { afterCookingWords } from '../../words/after-cooking-words';
import { take, useBenchPart } from '../../open-formula/bench-store';
import { StripNumber } from './strip-number';
import { part } from '../../ui/part';

const AfterCooking = part(() => import('./after-cooking'));

/** Kitchen blenders by the power the model gives them. @source engine notes E-1 */
const blenders = [
  { value: '0', label: 'not blended' },
  { value: '0.35', label: 'stick' },
  { value: '0.6', label: 'jug' },
  { value: '0.9', label: 'high-speed' },
] as const;
const heating = [
  { value: '3', label: 'slowly' },
  { value: '6', label: 'steadily' },
  { value: '15', label: 'fast' },
] as const;
const storages: readonly { readonly value: Storage; readonly label: string }[] = [
  { value: 'cool', label: 'fresh' },
  { value: 'fridge', label: 'from the fridge' },
  { value: 'reheat', label: 'reheated' },
];

const nearest = <T extends string>(options: readonly { readonly value: T }[], value: number): T =>
  options.reduce((best, option) =>
    Math.abs(Number(option.value) - value) < Math.abs(Number(best.value) - value) ? option : best,
  ).value;

function Cell({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div
      role="group"
      aria-label={name}
      className="min-w-0 border-hair px-3 py-1 max-lg:border-b lg:border-l lg:first:border-l-0"
    >
      <div className="text-[13px] text-soft">{name}</div>
      <div className="flex flex-wrap items-baseline gap-x-1 font-semibold">{children}</div>
    </div>
  );
}

const setProcess = (process: Partial<Process>, gesture?: string) =>
  take({ step: 'set-process', process }, gesture);
const setServe = (serve: Partial<Serve>, gesture?: string) => take({ step: 'set-serve', serve }, gesture);

function madeReady(lines: readonly Line[]): string {
  const names = (preparation: Line['preparation']) =>
    lines
      .filter((line) => line.preparation === preparation)
      .map((line) => findIngredient(line.ingredient)?.name.split(',')[0]?.toLowerCase() ?? line.ingredient);
  const soaked = names('soaked'),
    boiled = names('boiled');
  return (
    [
      boiled.length > 0 ? `boil ${boiled.join(', ')}` : '',
      soaked.length > 0 ? `soak ${soaked.join(', ')}` : '',
    ]
      .filter(Boolean)
      .join('; ') || 'nothing ahead'
  );
}

/** What is done to the pot, from the chopping board to the table. */
export const ProcessStrip = memo(function ProcessStrip() {
  const process = useBenchPart((bench) => bench.history.formula.process);
  const serve = useBenchPart((bench) => bench.history.formula.serve);
  const ahead = useBenchPart((bench) => madeReady(bench.history.formula.lines));
  return (
    <section
      className="plate grid grid-cols-1 py-1 sm:grid-cols-2 lg:flex lg:flex-nowrap lg:justify-between"
      aria-label="Process"
    >
      <Cell name="Ahead">
        <span className="truncate lg:max-w-52" title={ahead}>
          {ahead}
        </span>
      </Cell>
      <Cell name="Blend">
        <Choice
          label="Blender"
          value={nearest(blenders, process.blenderPower)}
          options={blenders}
          onChange={(value) => setProcess({ blenderPower: Number(value) })}
        />
        {process.blenderPower > 0 && (
          <>
            <StripNumber
              label="Blending time"
              unit="s"
              value={process.blendSeconds}
              max={1800}
              step={10}
              onChange={(blendSeconds, gesture) => setProcess({ blendSeconds }, gesture)}
            />
            <Choice
              label="Blended before or after cooking"
              value={process.blendedAfterCooking ? 'after' : 'before'}
              options={[
                { value: 'before', label: 'then cook' },
                { value: 'after', label: 'once cooked' },
              ]}
              onChange={(value) => setProcess({ blendedAfterCooking: value === 'after' })}
            />
          </>
        )}
      </Cell>
      <Cell name="Cook">
        <StripNumber
          label="Cook to"
          unit="°C"
          value={process.maxTemperatureC}
          max={130}
          onChange={(maxTemperatureC, gesture) => setProcess({ maxTemperatureC }, gesture)}
        />
        <StripNumber
          label="Hold for"
          unit="min"
          value={process.holdMin}
          max={600}
          onChange={(holdMin, gesture) => setProcess({ holdMin }, gesture)}
        />
        <Choice
          label="Heated"
          value={nearest(heating, process.heatingRateCPerMin)}
          options={heating}
          onChange={(value) => setProcess({ heatingRateCPerMin: Number(value) })}
        />
      </Cell>
      <Cell name="Boiled off">
        <StripNumber
          label="Water boiled off"
          unit="g"
          value={process.evaporatedG}
          max={20_000}
          step={5}
          onChange={(evaporatedG, gesture) => setProcess({ evaporatedG }, gesture)}
        />
      </Cell>
      <Cell name="Then">
        <PopoverOnDemand
          label="Between pan and table"
          side="top"
          trigger={
            <button
              type="button"
              className="rounded-md py-0.5 font-semibold decoration-2 underline-offset-4 hover:underline"
            >
              {afterCookingWords(process)}
            </button>
          }
          content={() => <AfterCooking />}
        />
      </Cell>
      <Cell name="Serve">
        <StripNumber
          label="Serve at"
          unit="°C"
          value={serve.temperatureC}
          min={-5}
          max={100}
          onChange={(temperatureC, gesture) => setServe({ temperatureC }, gesture)}
        />
        <Choice
          label="Served"
          value={serve.storage}
          options={storages}
          onChange={(storage) =>
            setServe({ storage, days: storage === 'cool' ? 0 : Math.max(serve.days, 1) })
          }
        />
        {serve.storage !== 'cool' && (
          <StripNumber
            label="Days in the fridge"
            unit={serve.days === 1 ? 'day' : 'days'}
            readAs="days"
            value={serve.days}
            max={30}
            onChange={(days, gesture) => setServe({ days }, gesture)}
          />
        )}
      </Cell>
    </section>
  );
});
