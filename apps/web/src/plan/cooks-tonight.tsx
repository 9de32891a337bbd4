import type { EaterView } from '@alterum/contract';
import { useId, useState } from 'react';
import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number-field';
import { PopoverOnDemand } from '../ui/on-demand';
import { cookChanged, cooksShown } from './cooks-named';
import { DAY } from './evening-day';
import { clockText, USUALLY_UP } from './evening-plan';
import { readClock } from './read-clock';

const LONGEST_NAME = 60;

interface NameProps {
  readonly label: string;
  readonly name: string;
  readonly list: string;
  readonly rename: (name: string) => void;
}

/** The name of a cook: anybody’s; those of the household are offered. */
function CookName({ label, name, list, rename }: NameProps) {
  const [draft, setDraft] = useState<string>();
  const commit = () => {
    if (draft !== undefined) rename(draft);
    setDraft(undefined);
  };
  return (
    <input
      aria-label={label}
      list={list}
      value={draft ?? name}
      maxLength={LONGEST_NAME}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit();
      }}
      {...(draft === undefined ? {} : { 'data-draft': '' })}
      className="tap-coarse h-9 w-32 min-w-0 rounded-lg border-2 border-hair bg-glaze px-2 font-semibold"
    />
  );
}

const hour = 'tap-coarse h-9 w-16 rounded-lg border-2 border-hair bg-glaze px-2';

function Cooks({ people }: { readonly people: readonly EaterView[] }) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  const list = useId();
  const up = evening.up ?? USUALLY_UP;
  const upAt = (label: string, end: 'from' | 'to') => (
    <NumberField
      label={label}
      value={up[end]}
      write={(minute) => clockText(DAY + minute)}
      unit=""
      read={readClock}
      onValue={(minute) => {
        const next = { ...up, [end]: minute ?? up[end] };
        if (next.from < next.to) eatAt({ ...evening, up: next });
      }}
      className={hour}
    />
  );
  return (
    <>
      <h2 className="pb-1 text-lg">Who cooks</h2>
      <datalist id={list}>
        {people.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
      <ul className="grid gap-2">
        {cooksShown(evening).map(({ name, from, to }, i) => {
          const change = (next: Parameters<typeof cookChanged>[2]) => eatAt(cookChanged(evening, i, next));
          const time = (label: string, value: number | undefined, write: (v: number | undefined) => void) => (
            <NumberField
              label={`${name} ${label}`}
              value={value}
              write={(minute) => clockText(DAY + minute)}
              placeholder="–"
              unit=""
              optional
              read={readClock}
              onValue={write}
              className={hour}
            />
          );
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-2 gap-y-1 text-sm">
              <CookName
                label={`Cook ${i + 1}`}
                name={name}
                list={list}
                rename={(next) => change({ name: next })}
              />
              from {time('comes at', from, (value) => change({ from: value }))}
              to {time('leaves at', to, (value) => change({ to: value }))}
            </li>
          );
        })}
      </ul>
      <p className="flex flex-wrap items-center gap-2 pt-2 text-sm">
        Somebody is up from {upAt('Somebody is up from', 'from')} to {upAt('Somebody is up until', 'to')}
      </p>
      <p className="pt-2 text-[13px] text-soft">
        Who makes what is said beside a pot above, or at a task by the clock; the rest is done by whoever is
        free. The day before, everybody is there.
      </p>
    </>
  );
}

/** Who cooks and when they are there. */
export function CooksTonight({ people }: { readonly people: readonly EaterView[] }) {
  const named = useHousehold((household) => household.evening.named) ?? [];
  return (
    <PopoverOnDemand
      label="Who cooks"
      trigger={
        <Button look="bare" className="text-sm underline underline-offset-4">
          {named.length > 0 ? named.map(({ name }) => name).join(', ') : 'who cooks'}
        </Button>
      }
      content={() => <Cooks people={people} />}
    />
  );
}
