import type { EaterView } from '@alterum/contract';
import { allergenOf, covers, larderTable, strictnessNames } from '@alterum/core';
import { Pencil, Trash2 } from 'lucide-react';
import { api } from '../server/api';
import { sayFailure, useNotices } from '../notices/notices';
import { needText } from '../household/need-text';
import { Button } from '../ui/button';

/** How many larder ingredients a person's certain needs rule out. */
function ruledOut(eater: EaterView): number {
  return larderTable.filter((ingredient) =>
    eater.needs.some((need) => {
      if (need.kind === 'allergen')
        return (
          need.strictness !== 'dislike' &&
          ingredient.contains.some((held) => covers(need.allergen, held) === 'covers')
        );
      return need.kind === 'ingredient' && need.strictness !== 'dislike' && need.ingredient === ingredient.id;
    }),
  ).length;
}

function Needs({ eater }: { readonly eater: EaterView }) {
  if (eater.needs.length === 0) return <p className="text-soft">Nothing to avoid was entered.</p>;
  return (
    <ul className="space-y-0.5">
      {eater.needs.map((need, i) => (
        <li key={i}>
          <b>{needText(need)}</b>{' '}
          {'strictness' in need && need.strictness !== 'dislike' && (
            <span className="text-soft">{strictnessNames[need.strictness]}</span>
          )}
          {'gramsPerPortion' in need && <span className="text-soft">a portion</span>}
          {need.kind === 'allergen' && allergenOf(need.allergen).note && (
            <span className="text-sm text-soft"> ({allergenOf(need.allergen).note})</span>
          )}
        </li>
      ))}
    </ul>
  );
}

interface EaterCardProps {
  readonly eater: EaterView;
  readonly edit: () => void;
  readonly changed: () => void;
}

/** One person with their needs, and whether they eat tonight. */
export function EaterCard({ eater, edit, changed }: EaterCardProps) {
  const { show } = useNotices();
  const toggle = () =>
    api
      .updateEater(eater.id, { name: eater.name, version: eater.version, eatsTonight: !eater.eatsTonight })
      .then(changed)
      .catch(sayFailure);
  const remove = async () => {
    try {
      await api.deleteEater(eater.id);
      changed();
      show(`${eater.name} was taken from the table.`, {
        label: 'Undo',
        undo: true,
        run: () => void api.restoreEater(eater.id).then(changed).catch(sayFailure),
      });
    } catch (error) {
      sayFailure(error);
    }
  };
  const out = ruledOut(eater);
  return (
    <li
      className="grid grid-cols-[1fr_auto] gap-x-4 border-t border-hair px-4 py-3 first:border-t-0 sm:grid-cols-[9rem_1fr_auto]"
      data-testid={`eater-${eater.name}`}
    >
      <div>
        <h2 className="text-xl">
          {eater.name} {eater.guest && <span className="text-sm font-semibold text-soft">guest</span>}
        </h2>
        <label className="flex min-h-8 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5 accent-(--rim)"
            checked={eater.eatsTonight}
            onChange={() => void toggle()}
          />{' '}
          eats tonight
        </label>
      </div>
      <div className="max-sm:col-span-2 max-sm:row-start-2">
        <Needs eater={eater} />
        {out > 0 && (
          <p className="text-sm text-soft">
            rules out {out} of the {larderTable.length} larder ingredients
          </p>
        )}
      </div>
      <div className="flex items-start gap-1">
        <Button look="bare" aria-label={`Change ${eater.name}`} onClick={edit}>
          <Pencil size={17} aria-hidden />
        </Button>
        <Button look="bare" aria-label={`Remove ${eater.name}`} onClick={() => void remove()}>
          <Trash2 size={17} aria-hidden />
        </Button>
      </div>
    </li>
  );
}
