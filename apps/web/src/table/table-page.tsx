import type { EaterView, Law } from '@alterum/contract';
import { UserPlus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useLoaderData, useRevalidator, useSearchParams } from 'react-router';
import { queries } from '../server/queries';
import { focusSoon } from '../ui/focus-net';
import { useFoundFormulas } from '../formula-list/use-found-formulas';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Tabs } from '../ui/tabs';
import { BaseVersions } from './base-versions';
import { Cautions } from './cautions-note';
import { EaterCard } from './eater-card';
import { EaterForm } from './eater-form';
import { KitchenChoice } from '../household/kitchen-choice';
import { useHousehold } from '../household/household-store';
import { UnkeptNote } from '../household/unkept-note';
import { Matrix } from './matrix';
import { PotsTonight } from './pots-tonight';
import { loadTable, type TableData } from './table-data';

export const loader = (): Promise<TableData> => loadTable();

/** Tabs of the table as the address names them; the first one is not named. */
const TABS = ['people', 'matrix', 'pots', 'versions'] as const;
const ADD_PERSON = 'add-person';

const lawOptions: readonly { readonly value: Law; readonly label: string }[] = [
  { value: 'eu', label: 'fourteen allergens (EU)' },
  { value: 'us', label: 'nine allergens (US)' },
];

/** The name of the place, and what holds for the whole kitchen. */
function TableHead({ add }: { readonly add: () => void }) {
  const law = useHousehold((household) => household.law),
    chooseLaw = useHousehold((household) => household.chooseLaw);
  return (
    <div className="flex flex-wrap items-center gap-3 pb-2">
      <h1 className="mr-auto text-2xl">Table</h1>
      <Button look="yolk" onClick={add}>
        <UserPlus size={18} aria-hidden /> Add a person
      </Button>
      <div className="flex basis-full flex-wrap gap-x-5 gap-y-2">
        <label className="flex flex-wrap items-center gap-2 text-sm">
          Packs here are labelled by the law of{' '}
          <Choice
            label="List of allergens on packs"
            value={law}
            options={lawOptions}
            onChange={chooseLaw}
            className="h-10 border-2 border-hair px-2"
          />
        </label>
        <label className="flex flex-wrap items-center gap-2 text-sm">
          Spoons and cups are <KitchenChoice className="h-10 border-2 border-hair px-2" />
        </label>
      </div>
    </div>
  );
}

interface PeopleProps {
  readonly eaters: readonly EaterView[];
  readonly edit: (eater: EaterView) => void;
  readonly changed: () => void;
}

function People({ eaters, edit, changed }: PeopleProps) {
  return (
    <ul className="plate overflow-hidden">
      {eaters.map((eater) => (
        <EaterCard key={eater.id} eater={eater} edit={() => edit(eater)} changed={changed} />
      ))}
      {eaters.length === 0 && (
        <li className="p-5">
          Nobody is at the table yet. Add the people you cook for and what each must avoid; every formula is
          then checked against it.
        </li>
      )}
    </ul>
  );
}

function TableTabs(props: PeopleProps) {
  const found = useFoundFormulas(queries.wholeFormulas);
  const { eaters } = props,
    tonight = eaters.filter((eater) => eater.eatsTonight);
  const [parameters, setParameters] = useSearchParams();
  return (
    <Tabs
      label="The table"
      open={TABS.find((id) => id === parameters.get('tab'))}
      onOpen={(tab) =>
        setParameters(tab === TABS[0] ? {} : { tab }, { replace: true, preventScrollReset: true })
      }
      tabs={[
        { id: 'people', name: 'People', content: () => <People {...props} /> },
        { id: 'matrix', name: 'Who can eat what', content: () => <Matrix found={found} eaters={eaters} /> },
        {
          id: 'pots',
          name: 'Pots of tonight',
          content: () => <PotsTonight found={found} eaters={tonight} />,
        },
        {
          id: 'versions',
          name: 'Versions of one base',
          content: () => <BaseVersions found={found} eaters={tonight} />,
        },
      ]}
    />
  );
}

/** The household and its guests, what each must avoid, and what of the house suits whom. */
export function Component() {
  const { eaters } = useLoaderData<TableData>();
  const { revalidate } = useRevalidator();
  const [parameters, setParameters] = useSearchParams();
  const [edited, setEditing] = useState<EaterView | 'new'>();
  // Somebody comes here to write a person down: from the menu of what can be done.
  const asked = parameters.get('do') === ADD_PERSON,
    editing = edited ?? (asked ? 'new' : undefined);
  const closeForm = () => {
    setEditing(undefined);
    if (asked) setParameters({}, { replace: true });
  };
  useEffect(() => {
    document.title = 'Table · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-5xl px-3 py-4 sm:px-5">
      <TableHead add={() => setEditing('new')} />
      <UnkeptNote />
      <TableTabs eaters={eaters} edit={setEditing} changed={() => void revalidate()} />
      <p className="pt-3 text-sm">
        <Link to="/put-away" className="font-semibold text-rim underline">
          What was put away
        </Link>
      </p>
      <Cautions />
      {editing && (
        <EaterForm
          eater={editing === 'new' ? undefined : editing}
          close={closeForm}
          saved={(name) => {
            closeForm();
            void Promise.resolve(revalidate()).then(() =>
              focusSoon(`[aria-label="Change ${CSS.escape(name)}"]`),
            );
          }}
        />
      )}
    </main>
  );
}
