import type { EaterView } from '@alterum/contract';
import { readMeasured } from '@alterum/core';
import { useHousehold } from '../household/household-store';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { CooksTonight } from './cooks-tonight';
import { cooksCounted } from './cooks-named';
import { DAY, daysAhead, dayWords, today } from './evening-day';
import { clockText, type PotTonightPlanned } from './evening-plan';
import { readClock } from './read-clock';
import { ShopTonightPlate } from './shop-tonight';

const counted =
  (max: number, min = 0) =>
  (text: string) => {
    const read = readMeasured(text, { unit: '', min, max });
    return read.kind === 'value' && !Number.isInteger(read.value)
      ? ({ kind: 'unreadable', message: 'Type a whole number.' } as const)
      : read;
  };

const field = 'tap-coarse h-9 rounded-lg border-2 border-hair bg-glaze px-2';

const fields = [
  ['Burners', 'burners', 12, 0],
  ['Ovens', 'ovens', 4, 0],
  ['Blenders', 'blenders', 6, 0],
] as const;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

interface KitchenTonightProps {
  readonly people: readonly EaterView[];
  readonly pots: readonly PotTonightPlanned[];
  /** The day of the evening, "2026-11-27". */
  readonly day: string;
}

/** When it is on the table, who cooks, and what the kitchen has for it. */
export function KitchenTonight({ people, pots, day }: KitchenTonightProps) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  const set = (part: Partial<typeof evening>) => eatAt({ ...evening, ...part });
  const now = new Date();
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
      <span className="flex items-center gap-2 text-sm font-semibold">
        <Choice
          label="Day of the evening"
          value={day}
          options={daysAhead(now).map((value) => ({ value, label: capital(dayWords(value, now)) }))}
          onChange={(value) => {
            const { day: _, ...rest } = evening;
            eatAt(value === today(now) ? rest : { ...rest, day: value });
          }}
          className="tap-coarse h-9 border-2 border-hair px-2"
        />
        <label className="flex items-center gap-2">
          on the table at
          <NumberField
            label="On the table at"
            value={evening.serveAt}
            write={(value) => clockText(DAY + value)}
            unit=""
            read={readClock}
            onValue={(serveAt) => serveAt !== undefined && set({ serveAt })}
            className={`${field} w-20 text-lg font-bold`}
          />
        </label>
      </span>
      {fields.map(([label, name, max, min]) => (
        <label key={name} className="flex items-center gap-2 text-sm">
          {label}
          <NumberField
            label={label}
            value={evening[name]}
            unit=""
            read={counted(max, min)}
            onValue={(value) => value !== undefined && set({ [name]: value })}
            className={`${field} w-14`}
          />
        </label>
      ))}
      <label className="flex items-center gap-2 text-sm">
        Cooks
        <NumberField
          label="Cooks"
          value={evening.cooks}
          unit=""
          read={counted(6, 1)}
          onValue={(cooks) => cooks !== undefined && set(cooksCounted(evening, cooks))}
          className={`${field} w-14`}
        />
      </label>
      <CooksTonight people={people} />
      <label className="flex items-center gap-2 text-sm">
        Hot things may stand
        <NumberField
          label="Hot things may stand"
          value={evening.keepWarmMin}
          unit="min"
          min={0}
          max={180}
          onValue={(keepWarmMin) => keepWarmMin !== undefined && set({ keepWarmMin })}
          className={`${field} w-16`}
        />
        min
      </label>
      <ShopTonightPlate pots={pots} />
    </div>
  );
}
