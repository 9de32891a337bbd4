import { dishLimits } from '@alterum/contract/convert';
import { atMoment, type KeptMoment, type WrittenDish, withMoment, withoutMoment } from '@alterum/core';
import { X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useNotices } from '../notices/notices';
import { Button } from '../ui/button';
import { PopoverOnDemand } from '../ui/on-demand';
import { changeDish, undoDish } from './dish-store';

const LONGEST_NAME = 80;
const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Changes the dish, and says so with the way back. */
function change(told: string, how: (dish: WrittenDish) => WrittenDish): void {
  changeDish(how);
  useNotices.getState().show(told, { label: 'Undo', undo: true, run: undoDish });
}

function Version({ moment: { id, name, keptAt } }: { readonly moment: KeptMoment }) {
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-hair py-1.5 first:border-t-0">
      <span className="mr-auto min-w-0">
        <b className="wrap-anywhere">{name}</b>{' '}
        <span className="text-sm text-soft">{when.format(new Date(keptAt))}</span>
      </span>
      <Button
        className="text-sm"
        aria-label={`Take ${name}`}
        onClick={() => change(`The dish is as “${name}” again.`, (dish) => atMoment(dish, id))}
      >
        Take it
      </Button>
      <button
        type="button"
        aria-label={`Forget ${name}`}
        onClick={() => change(`The version “${name}” is forgotten.`, (dish) => withoutMoment(dish, id))}
        className="tap grid size-8 place-items-center rounded-lg text-soft hover:bg-dip"
      >
        <X size={15} aria-hidden />
      </button>
    </li>
  );
}

function Versions({ kept }: { readonly kept: readonly KeptMoment[] }) {
  const [name, setName] = useState('');
  const given = name.trim(),
    full = kept.length >= dishLimits.kept && !kept.some((one) => one.name === given);
  const keep = () => {
    changeDish((dish) => withMoment(dish, { id: nanoid(10), name: given, keptAt: new Date().toISOString() }));
    setName('');
  };
  return (
    <>
      <h2 className="pb-1 text-lg">Versions of this dish</h2>
      <form
        className="flex items-center gap-2 pb-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (given !== '' && !full) keep();
        }}
      >
        <input
          aria-label="Name of this version"
          placeholder="Keep it as it is now, as …"
          value={name}
          maxLength={LONGEST_NAME}
          onChange={(event) => setName(event.target.value)}
          className="tap-coarse h-9 w-full min-w-0 rounded-lg border-2 border-hair bg-glaze px-2"
        />
        <Button type="submit" disabled={given === '' || full}>
          Keep
        </Button>
      </form>
      {full && <p className="text-sm text-ask">{dishLimits.kept} versions are kept: forget one first.</p>}
      {kept.length === 0 && (
        <p className="text-sm text-soft">
          None is kept yet. A version is the dish as it stands, to go back to.
        </p>
      )}
      <ul>
        {[...kept].reverse().map((moment) => (
          <Version key={moment.id} moment={moment} />
        ))}
      </ul>
    </>
  );
}

/** How the dish stood once, under names: kept, taken again, forgotten. */
export const DishVersions = ({ kept = [] }: Pick<WrittenDish, 'kept'>) => (
  <PopoverOnDemand
    label="Versions of this dish"
    trigger={<Button>Versions{kept.length > 0 && ` (${kept.length})`}</Button>}
    content={() => <Versions kept={kept} />}
  />
);
