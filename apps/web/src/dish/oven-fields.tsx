import { type Cover, ovenCovers, type OvenStage, type WrittenDish } from '@alterum/core';
import { dishLimits } from '@alterum/contract/convert';
import { Plus, Trash2 } from 'lucide-react';
import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { changeDish } from './dish-store';

const field = 'tap-coarse h-9 w-16 rounded-lg border-2 border-hair bg-glaze px-2 text-right';
const coverNames: Readonly<Record<Cover, string>> = {
  open: 'open',
  parchment: 'under paper',
  lid: 'under a lid',
  foil: 'under foil',
};
const usual: OvenStage = { temperatureC: 190, minutes: 15, cover: 'open', fan: false };

const toF = (c: number): number => Math.round((c * 9) / 5 + 32);
/** Typed °F; the oven is set in whole °C. */
const toC = (f: number): number => Math.round((((f - 32) * 5) / 9) * 10) / 10;

function StageRow({ stage, at }: { readonly stage: OvenStage; readonly at: number }) {
  const fahrenheit = useHousehold(({ kitchen }) => kitchen) === 'us';
  const set = (to: Partial<OvenStage>) =>
    changeDish((dish) => ({
      ...dish,
      oven: dish.oven.map((one, i) => (i === at ? { ...one, ...to } : one)),
    }));
  const said = `Stretch ${at + 1}`;
  return (
    <li className="flex flex-wrap items-center gap-x-2 gap-y-1">
      <NumberField
        label={`${said}: minutes`}
        value={stage.minutes}
        unit="min"
        min={0}
        max={600}
        onValue={(minutes) => minutes !== undefined && set({ minutes })}
        className={field}
      />
      min at
      <NumberField
        label={`${said}: temperature`}
        value={fahrenheit ? toF(stage.temperatureC) : stage.temperatureC}
        unit={fahrenheit ? '°F' : '°C'}
        min={fahrenheit ? 32 : 0}
        max={fahrenheit ? 600 : 320}
        onValue={(value) => value !== undefined && set({ temperatureC: fahrenheit ? toC(value) : value })}
        className={field}
      />
      {fahrenheit ? '°F' : '°C'}
      <Choice
        label={`${said}: cover`}
        value={stage.cover}
        options={ovenCovers.map((value) => ({ value, label: coverNames[value] }))}
        onChange={(cover) => set({ cover })}
        className="tap-coarse h-9 border-2 border-hair bg-glaze px-1"
      />
      <label className="flex min-h-9 items-center gap-1.5">
        <input
          type="checkbox"
          className="size-5 accent-(--rim)"
          checked={stage.fan}
          onChange={(event) => set({ fan: event.target.checked })}
        />
        fan
      </label>
      <button
        type="button"
        aria-label={`Leave out stretch ${at + 1}`}
        onClick={() => changeDish((dish) => ({ ...dish, oven: dish.oven.filter((_, i) => i !== at) }))}
        className="tap-coarse grid size-8 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink"
      >
        <Trash2 size={16} aria-hidden />
      </button>
    </li>
  );
}

/** Its stretches in the oven, one after the other, and how long it rests. */
export function OvenFields({ dish }: { readonly dish: WrittenDish }) {
  return (
    <section aria-label="Oven" className="plate space-y-2 p-3 text-sm">
      <h2 className="text-lg">In the oven</h2>
      <ol className="space-y-1.5">
        {dish.oven.map((stage, at) => (
          <StageRow key={at} stage={stage} at={at} />
        ))}
      </ol>
      {dish.oven.length < dishLimits.stages && (
        <Button
          look="bare"
          onClick={() =>
            changeDish((now) => ({
              ...now,
              oven: [...now.oven, { ...usual, ...now.oven.at(-1), cover: 'open' }],
            }))
          }
        >
          <Plus size={16} aria-hidden /> {dish.oven.length === 0 ? 'Bake it' : 'One more stretch'}
        </Button>
      )}
      <label className="flex flex-wrap items-center gap-2">
        then it rests
        <NumberField
          label="Rest"
          value={dish.restMin}
          unit="min"
          min={0}
          max={600}
          onValue={(restMin) => restMin !== undefined && changeDish((now) => ({ ...now, restMin }))}
          className={field}
        />
        min. It goes in at
        <NumberField
          label="Goes in at"
          value={dish.fromC}
          unit="°C"
          min={-20}
          max={100}
          onValue={(fromC) => fromC !== undefined && changeDish((now) => ({ ...now, fromC }))}
          className={field}
        />
        °C
      </label>
    </section>
  );
}
