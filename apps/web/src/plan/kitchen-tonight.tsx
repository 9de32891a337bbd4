import type { EaterView } from '@alterum/contract';
import { readMeasured } from '@alterum/core';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useId, useState } from 'react';
import { useHousehold } from '../household/household-store';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { CooksTonight } from './cooks-tonight';
import { cooksCounted } from './cooks-named';
import { DAY, daysAhead, dayWords, today } from './evening-day';
import { clockText, type PotTonightPlanned } from './evening-plan';
import { readClock } from './read-clock';
import { ShopTonightPlate } from './shop-tonight';
import { capital } from '../words/capital';

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

interface CountFieldProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly least: number;
  readonly most: number;
  readonly set: (value: number) => void;
}

/** So many of something that the kitchen has. */
function CountField({ label, value, least, most, set }: CountFieldProps) {
  return (
    <label className="flex items-center gap-2 text-sm">
      {label}
      <NumberField
        label={label}
        value={value}
        unit=""
        read={counted(most, least)}
        onValue={(now) => now !== undefined && set(now)}
        className={`${field} w-14`}
      />
    </label>
  );
}

/** The day of the evening, and the time by which it is on the table. */
function DayAndTime({ day }: { readonly day: string }) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  const now = new Date();
  return (
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
          onValue={(serveAt) => serveAt !== undefined && eatAt({ ...evening, serveAt })}
          className={`${field} w-20 text-lg font-bold`}
        />
      </label>
    </span>
  );
}

const so = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** "3 burners, 1 oven, 1 blender, 2 cooks; hot things stand 20 min". */
const kitchenSaid = ({ burners, ovens, blenders, cooks, keepWarmMin }: Evening): string =>
  `${so(burners, 'burner')}, ${so(ovens, 'oven')}, ${so(blenders, 'blender')}, ${so(cooks, 'cook')}; hot things may stand ${keepWarmMin} min`;
type Evening = ReturnType<typeof useHousehold.getState>['evening'];

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
  const [open, setOpen] = useState(false),
    id = useId();
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
      <DayAndTime day={day} />
      <button
        type="button"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        className="tap tap-coarse flex items-center gap-1 rounded-lg px-2 text-left text-sm hover:bg-dip"
      >
        {open ? <ChevronDown size={16} aria-hidden /> : <ChevronRight size={16} aria-hidden />}
        <span>
          <b>The kitchen:</b> {kitchenSaid(evening)}
        </span>
      </button>
      <CooksTonight people={people} />
      <ShopTonightPlate pots={pots} />
      <div id={id} className={open ? 'flex basis-full flex-wrap items-end gap-x-4 gap-y-2' : 'hidden'}>
        {fields.map(([label, name, most, least]) => (
          <CountField
            key={name}
            label={label}
            value={evening[name]}
            least={least}
            most={most}
            set={(value) => set({ [name]: value })}
          />
        ))}
        <CountField
          label="Cooks"
          value={evening.cooks}
          least={1}
          most={6}
          set={(cooks) => set(cooksCounted(evening, cooks))}
        />
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
      </div>
    </div>
  );
}
