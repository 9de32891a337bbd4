import type { OwnIngredientView, TaughtWordView } from '@alterum/contract';
import type { Ingredient } from '@alterum/core';
import { Pencil, Plus, ScanText, Trash2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useLoaderData, useRevalidator, useSearchParams } from 'react-router';
import { api } from '../server/api';
import { queries, read } from '../server/queries';
import { type HouseLarder, loadHouseLarder, wholeLarder } from '../household/house-larder';
import { searchHere } from '../formula-list/search-here';
import { focusSoon } from '../ui/focus-net';
import { sayFailure, useNotices } from '../notices/notices';
import { Button } from '../ui/button';
import { loadHousehold } from '../household/household-store';
import { FoundList } from './found-list';
import { InTheHouse } from './in-the-house';
import { IngredientCard } from './ingredient-card';
import { LabelDialog } from './label-dialog';
import OwnIngredientForm, { type Prefilled } from '../own-ingredient/own-ingredient-form';
import { PackLabelNote } from './pack-label-note';
import { TaughtWords } from './taught-words';

interface LarderData extends HouseLarder {
  /** Words of labels that the cook explained. */
  readonly words: readonly TaughtWordView[];
}

export const loader = async (): Promise<LarderData> => {
  const [larder, words] = await Promise.all([loadHouseLarder(), read(queries.taughtWords), loadHousehold()]);
  return { ...larder, words };
};

/** Letters of a name, and of what is shown of one on a button. */
const LONGEST_NAME = 80,
  LONGEST_SHOWN = 40;

const usedWords = (uses: readonly string[]): string =>
  uses.length > 0
    ? ` It is in ${uses.slice(0, 3).join(', ')}${uses.length > 3 ? ` and ${uses.length - 3} more` : ''}: there it is asked about now.`
    : '';

/** Takes an own ingredient out of the larder, with a way back. */
function useTakeAway(): (own: OwnIngredientView) => void {
  const { revalidate } = useRevalidator();
  const show = useNotices((state) => state.show);
  const takeAway = async ({ id, name }: OwnIngredientView) => {
    const uses = await api.usesOfOwnIngredient(id);
    await api.deleteOwnIngredient(id);
    await revalidate();
    const back = () =>
      void api
        .restoreOwnIngredient(id)
        .then(() => revalidate())
        .catch(sayFailure);
    show(`${name} was taken out of the larder.${usedWords(uses)}`, {
      label: 'Put it back',
      run: back,
      undo: true,
    });
  };
  return (own) => void takeAway(own).catch(sayFailure);
}

/** The name of the place, what can be added to it, and the field that searches it. */
function LarderHead({
  text,
  setText,
  writeDown,
  readLabel,
}: {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly writeDown: () => void;
  readonly readLabel: () => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-3 pb-3">
      <h1 className="mr-auto text-2xl">Larder</h1>
      <Button onClick={writeDown}>
        <Plus size={16} aria-hidden /> Own ingredient
      </Button>
      <Button onClick={readLabel}>
        <ScanText size={16} aria-hidden /> Read a label
      </Button>
      <input
        type="search"
        aria-label="Search the larder"
        placeholder="name or other name"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="h-10 w-full min-w-40 flex-1 rounded-lg border-2 border-rim bg-glaze px-3 sm:w-48"
      />
    </div>
  );
}

function NothingOfThatName({
  text,
  writeDown,
}: {
  readonly text: string;
  readonly writeDown: (given: Prefilled) => void;
}) {
  const name = text.trim();
  return (
    <div className="plate p-4">
      <p>The larder has nothing of that name. Try a plainer word: “bean”, “seed”, “vinegar”.</p>
      <Button
        look="yolk"
        className="mt-2 max-w-full whitespace-normal!"
        onClick={() => writeDown({ name: name.slice(0, LONGEST_NAME) })}
      >
        <Plus size={16} aria-hidden className="shrink-0" /> Write “{name.slice(0, LONGEST_SHOWN)}” down as an
        ingredient of your own
      </Button>
    </div>
  );
}

/** The card of what is chosen, with what this household knows of it. */
function ChosenCard({
  chosen,
  change,
  readLabel,
}: {
  readonly chosen: Ingredient;
  readonly change: (own: OwnIngredientView) => void;
  readonly readLabel: () => void;
}) {
  const { own, labels } = useLoaderData<LarderData>();
  const { revalidate } = useRevalidator();
  const takeAway = useTakeAway();
  const chosenOwn = own.find(({ id }) => id === chosen.id);
  return (
    <IngredientCard ingredient={chosen}>
      <InTheHouse key={chosen.id} id={chosen.id} name={chosen.name} measures={chosen.measures} />
      <PackLabelNote
        label={labels.find(({ ingredient }) => ingredient === chosen.id)}
        read={readLabel}
        changed={() => void revalidate()}
      />
      {chosenOwn && (
        <div className="mt-2 flex gap-2">
          <Button onClick={() => change(chosenOwn)}>
            <Pencil size={16} aria-hidden /> Change
          </Button>
          <Button onClick={() => takeAway(chosenOwn)}>
            <Trash2 size={16} aria-hidden /> Take away
          </Button>
        </div>
      )}
    </IngredientCard>
  );
}

/** What is being written down: an own ingredient that is there, or a new one with what is known of it already. */
type Writing = { readonly own?: OwnIngredientView; readonly prefilled?: Prefilled };

/** What the house can cook with and what it is made of. */
export function Component() {
  const { words } = useLoaderData<LarderData>();
  const { revalidate } = useRevalidator();
  const [text, setText] = useState('');
  const found = text.trim() === '' ? wholeLarder() : searchHere(text);
  const [parameters, setParameters] = useSearchParams();
  const chosenId = parameters.get('item'),
    choose = (id: string) => setParameters({ item: id }, { replace: true, preventScrollReset: true });
  const [writing, write] = useState<Writing>();
  // Somebody comes here to read a label: from the menu of what can be done.
  const [read, setRead] = useState<string>(),
    asked = parameters.get('do') === 'read-label',
    reading = read ?? (asked ? 'new' : undefined);
  const setReading = (next: string | undefined) => {
    setRead(next);
    if (asked) setParameters({}, { replace: true });
  };
  const chosen = found.find((ingredient) => ingredient.id === chosenId) ?? found[0];
  useEffect(() => {
    document.title = 'Larder · Alterum';
  }, []);
  const changed = () => void revalidate();
  const showSaved = async (id: string) => {
    write(undefined);
    setText('');
    await revalidate();
    choose(id);
    focusSoon('[data-testid="ingredient-card"] h2');
  };
  return (
    <main className="mx-auto grid w-full max-w-6xl flex-1 grid-cols-[minmax(0,1fr)] gap-4 px-3 py-4 sm:px-5 md:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex min-h-0 flex-col">
        <LarderHead
          text={text}
          setText={setText}
          writeDown={() => write({})}
          readLabel={() => setReading('new')}
        />
        <p className="pb-1 text-sm text-soft" role="status">
          {found.length} of {wholeLarder().length} ingredients ·{' '}
          <Link to="/put-away" className="font-semibold text-rim underline">
            What was put away
          </Link>
        </p>
        {found.length > 0 ? (
          <FoundList found={found} chosen={chosen} choose={choose} />
        ) : (
          <NothingOfThatName text={text} writeDown={(prefilled) => write({ prefilled })} />
        )}
        <TaughtWords words={words} changed={changed} />
      </div>
      {chosen && (
        <ChosenCard
          chosen={chosen}
          change={(own) => write({ own })}
          readLabel={() => setReading(chosen.id)}
        />
      )}
      {reading && (
        <LabelDialog
          ingredient={chosen?.id === reading ? chosen : undefined}
          close={() => setReading(undefined)}
          words={words}
          taught={changed}
          kept={() => {
            setReading(undefined);
            changed();
          }}
          writeDown={(prefilled) => {
            setReading(undefined);
            write({ prefilled });
          }}
        />
      )}
      {writing && (
        <OwnIngredientForm
          own={writing.own}
          prefilled={writing.prefilled}
          close={() => write(undefined)}
          saved={(id) => void showSaved(id).catch(sayFailure)}
        />
      )}
    </main>
  );
}
