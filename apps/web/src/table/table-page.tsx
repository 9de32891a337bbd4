import type { EaterView } from '@alterum/contract';
import { allergenOf, covers, larderTable, strictnessNames } from '@alterum/core';
import { Pencil, Trash2, UserPlus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useLoaderData, useRevalidator } from 'react-router';
import { api } from '../app/api';
import { sayFailure, useNotices } from '../app/notices';
import { needText } from '../bench/need-text';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { EaterForm } from './eater-form';
import { type Law, useLaw } from './law-list';

export async function loader(): Promise<readonly EaterView[]> {
  return api.eaters();
}

/** How many larder ingredients a person's certain needs rule out. */
function ruledOut(eater: EaterView): number {
  return larderTable.filter((ingredient) =>
    eater.needs.some((need) => {
      if (need.kind === 'salt-limit' || need.strictness === 'dislike') return false;
      return need.kind === 'ingredient'
        ? need.ingredient === ingredient.id
        : ingredient.contains.some((held) => covers(need.allergen, held) === 'covers');
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
          {need.kind !== 'salt-limit' && need.strictness !== 'dislike' && (
            <span className="text-soft">{strictnessNames[need.strictness]}</span>
          )}
          {need.kind === 'salt-limit' && <span className="text-soft">a portion</span>}
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

function EaterCard({ eater, edit, changed }: EaterCardProps) {
  const { show } = useNotices();
  const toggle = () => api.updateEater(eater.id, { name: eater.name, version: eater.version, eatsTonight: !eater.eatsTonight }).then(changed).catch(sayFailure); // prettier-ignore
  const remove = async () => {
    try {
      await api.deleteEater(eater.id);
      changed();
      show(`${eater.name} was taken from the table.`, {
        label: 'Undo',
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
        <h2 className="text-xl">{eater.name}</h2>
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

const lawOptions: readonly { readonly value: Law; readonly label: string }[] = [
  { value: 'eu', label: 'fourteen allergens (EU)' },
  { value: 'us', label: 'nine allergens (US)' },
];

/** The household and who eats tonight. */
export function Component() {
  const eaters = useLoaderData<readonly EaterView[]>();
  const { revalidate } = useRevalidator();
  const { law, choose } = useLaw();
  const [editing, setEditing] = useState<EaterView | 'new'>();
  const changed = () => void revalidate();
  useEffect(() => {
    document.title = 'Table · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-5xl px-3 py-4 sm:px-5">
      <div className="flex flex-wrap items-center gap-3 pb-3">
        <h1 className="mr-auto text-2xl">Table</h1>
        <label className="flex items-center gap-2 text-sm">
          Packs here are labelled by the law of{' '}
          <Choice
            label="List of allergens on packs"
            value={law}
            options={lawOptions}
            onChange={choose}
            className="h-10 border-2 border-hair px-2"
          />
        </label>
        <Button look="yolk" onClick={() => setEditing('new')}>
          <UserPlus size={18} aria-hidden /> Add a person
        </Button>
      </div>
      <ul className="plate overflow-hidden">
        {eaters.map((eater) => (
          <EaterCard key={eater.id} eater={eater} edit={() => setEditing(eater)} changed={changed} />
        ))}
        {eaters.length === 0 && (
          <li className="p-5">
            Nobody is at the table yet. Add the people you cook for and what each must avoid; every formula is
            then checked against it.
          </li>
        )}
      </ul>
      <p className="mt-3 max-w-3xl text-sm text-soft">
        Allergens are checked against what is entered here and against the ingredients’ tables, never against
        the pack in your hand: read every label. This is no medical advice; a severe allergy is for a
        clinician, and “may contain” for the maker. People with one nut allergy often react to a related nut
        (cashew with pistachio, walnut with pecan); lupin, pea and chickpea may matter to people with peanut
        allergy.
      </p>
      {editing && (
        <EaterForm
          eater={editing === 'new' ? undefined : editing}
          close={() => setEditing(undefined)}
          saved={() => {
            setEditing(undefined);
            changed();
          }}
        />
      )}
    </main>
  );
}
