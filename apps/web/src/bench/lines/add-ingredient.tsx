import type { FormulaSummary } from '@alterum/contract';
import {
  type Ingredient,
  offersFor,
  type ReadLine,
  type SkeletonPart,
  type UsedIngredients,
} from '@alterum/core';
import { Command } from 'cmdk';
import { History } from 'lucide-react';
import { memo, useMemo, useRef, useState } from 'react';
import { findIngredient, loadHouseLarder } from '../../household/house-larder';
import { lineOfFormula } from '@alterum/contract/convert';
import { sayFailure } from '../../notices/notices';
import { part } from '../../ui/part';
import { findSauces, isCalledJust, sauceAsIngredient, useFoundSauces } from '../../formula-list/found-sauces';
import { saidOf, spokenLine } from '../../household/spoken-line';
import { add } from './added-line';
import { FoundEntries, WRITE_DOWN } from './found-entries';
import { OpenParts } from './open-parts';
import { searchHere } from '../../formula-list/search-here';
import { useHousehold } from '../../household/household-store';
import { DictateButton } from '../../ui/dictate-button';
import { useBench } from '../../open-formula/bench-store';
import { ADD_INGREDIENT, focusAddIngredient } from '../../open-formula/focus';

const PastedRecipe = part(() => import('./pasted-recipe'));
const OwnIngredientForm = part(() => import('../../own-ingredient/own-ingredient-form'));

const SHOWN = 7;
/** Lines from which what is pasted is a recipe. */
const SEVERAL = 2;
/** Letters of a name. */
const LONGEST_NAME = 120;

/** What stands in the list before anything is typed: what is often used here, or what may be taken for a part of the sauce. */
type Offering = 'used' | SkeletonPart;

function offersOf(offering: Offering | undefined, used: UsedIngredients): readonly Ingredient[] {
  if (offering === undefined) return [];
  if (offering !== 'used') return offersFor(offering, findIngredient, used);
  // What is in the pot already is not taken again.
  const there = new Set(useBench.getState().bench?.history.formula.lines.map(({ ingredient }) => ingredient));
  return [...used.keys()].flatMap((id) => (there.has(id) ? [] : (findIngredient(id) ?? [])));
}

const searched = (text: string): readonly Ingredient[] => searchHere(text);

/** What a line may mean while it is typed: what begins like its words, then what they are called in recipes. */
function meantBy({ name, ingredient, others }: ReadLine): readonly Ingredient[] {
  const called = [...(ingredient ? [ingredient] : []), ...others],
    begun = searched(name);
  // A name that is whole already stays first: "rice" begins many other things.
  const all =
    ingredient && !begun.includes(ingredient) && begun.length > 0
      ? [...begun, ...called]
      : [...called.slice(0, 1), ...begun, ...called];
  return all.filter(({ id }, i) => all.findIndex((other) => other.id === id) === i);
}

/** Whether the list has more room over the field than under it. */
function hasMoreRoomAbove(): boolean {
  const field = document.getElementById(ADD_INGREDIENT)?.getBoundingClientRect();
  return field !== undefined && field.top > window.innerHeight - field.bottom;
}

function OftenUsed({ shown, press }: { readonly shown: boolean; readonly press: () => void }) {
  return (
    <button
      type="button"
      aria-label="What you often use"
      aria-pressed={shown}
      title="What you often use: arrow down"
      // The field keeps the focus, and with it the keys.
      onMouseDown={(event) => event.preventDefault()}
      onClick={press}
      className="tap-coarse grid size-8 shrink-0 place-items-center rounded-md text-soft hover:bg-dip"
    >
      <History size={17} aria-hidden />
    </button>
  );
}

/** What is looked for: the words as typed, what they say as a line, and what the larder and the house's own sauces have for them. */
function useLookedFor(text: string, offering: Offering | undefined) {
  const used = useHousehold((household) => household.used);
  const asked = text.trim();
  const spoken = useMemo(() => spokenLine(asked), [asked]);
  const all = asked === '' ? offersOf(offering, used) : spoken ? meantBy(spoken) : searched(asked);
  const newName = spoken?.name || asked;
  // "200 g creamy cashew": the amount in front hides no formula of that name.
  const { sauces, late, settled } = useFoundSauces(newName, useBench.getState().bench?.id);
  return { asked, spoken, found: all.slice(0, SHOWN), sauces, late, settled, newName };
}
type LookedFor = ReturnType<typeof useLookedFor>;

/** Which entry is lit: the first of another list; what comes in later moves nothing. */
function useLit({ found, sauces, late, newName }: LookedFor) {
  const [lit, setLit] = useState('');
  /** Somebody has gone to an entry, with a pointer or by arrows, since the last letter. */
  const went = useRef(false);
  const own = sauces.map(({ id }) => lineOfFormula(id)),
    ids = [...own, ...found.map(({ id }) => id), ...late.map(({ id }) => lineOfFormula(id)), WRITE_DOWN];
  const [best] = found,
    first = best && isCalledJust(best, newName) ? best.id : ids[0];
  return {
    lit: ids.includes(lit) ? lit : (first ?? ''),
    // What comes in a moment later lights nothing by itself: only a pointer or an arrow goes to it.
    light: (next: string) => {
      if (went.current) setLit(next);
    },
    hasGone: (gone: boolean) => {
      went.current = gone;
      if (!gone) setLit('');
    },
  };
}

/** The field, and beside it what fills it otherwise: the voice, and what is often used. */
function Field({
  text,
  type,
  paste,
  offering,
  offer,
}: {
  readonly text: string;
  readonly type: (text: string) => void;
  readonly paste: (recipe: string) => void;
  readonly offering: Offering | undefined;
  readonly offer: (next: Offering | undefined) => void;
}) {
  const hasUsed = useHousehold((household) => household.used.size > 0);
  return (
    <span className="flex items-center gap-1">
      <Command.Input
        value={text}
        onValueChange={type}
        onPaste={(event) => {
          const words = event.clipboardData.getData('text/plain');
          if (words.split('\n').filter((line) => line.trim() !== '').length < SEVERAL) return;
          event.preventDefault();
          paste(words);
        }}
        placeholder="+ add an ingredient"
        className="tap-coarse h-8 min-w-0 flex-1 rounded-md bg-transparent px-1.5 font-semibold placeholder:text-rim placeholder:opacity-100"
      />
      <DictateButton label="Speak an ingredient" hear={type} />
      {hasUsed && (
        <OftenUsed
          shown={offering === 'used'}
          press={() => offer(offering === 'used' ? undefined : 'used')}
        />
      )}
    </span>
  );
}

/** What does not fit into a line: a whole recipe that was pasted, or an ingredient that is written down. */
function Besides({
  pasted,
  closePasted,
  writing,
  closeWriting,
  written,
}: {
  readonly pasted: string | undefined;
  readonly closePasted: () => void;
  readonly writing: string | undefined;
  readonly closeWriting: () => void;
  readonly written: () => void;
}) {
  const put = async (id: string) => {
    written();
    await loadHouseLarder();
    const own = findIngredient(id);
    if (own) add(own);
  };
  return (
    <>
      {pasted !== undefined && <PastedRecipe text={pasted} close={closePasted} />}
      {writing !== undefined && (
        <OwnIngredientForm
          own={undefined}
          prefilled={{ name: writing }}
          close={closeWriting}
          saved={(id) => void put(id).catch(sayFailure)}
        />
      )}
    </>
  );
}

/** Looks an ingredient up by any of its names and puts it in the pot; the cursor goes to its amount. What is not there can be written down. */
export default memo(function AddIngredient() {
  const [text, setText] = useState('');
  const [writing, setWriting] = useState<string>();
  const [pasted, setPasted] = useState<string>();
  const [upwards, setUpwards] = useState(true);
  const [offering, setOffering] = useState<Offering>();
  /** The cursor is here; the list goes with it, what is typed stays. */
  const [isIn, setIn] = useState(false);
  const looked = useLookedFor(text, offering),
    { asked, spoken, found, sauces, settled, newName } = looked;
  const { lit, light, hasGone } = useLit(looked);
  const addSauce = (sauce: FormulaSummary) => {
    setText('');
    void sauceAsIngredient(sauce)
      .then((ingredient) => ingredient && add(ingredient, saidOf(spoken, ingredient, asked)))
      .catch(sayFailure);
  };
  const offer = (next: Offering | undefined) => {
    setUpwards(hasMoreRoomAbove());
    setText('');
    setOffering(next);
    if (next) focusAddIngredient();
  };
  const writeDown = () => setWriting(newName.slice(0, LONGEST_NAME));
  /** Enter before the server has answered: what stands there is looked for first, then written down. */
  const takeOnceKnown = () =>
    void findSauces(newName, useBench.getState().bench?.id).then(([sauce]) =>
      sauce ? addSauce(sauce) : writeDown(),
    );
  const type = (next: string) => {
    // Chosen once, when the list opens: it must not change sides under the eye.
    if (asked === '') setUpwards(hasMoreRoomAbove());
    hasGone(false);
    setText(next);
  };
  return (
    <>
      <Command
        id={ADD_INGREDIENT}
        shouldFilter={false}
        value={lit}
        onValueChange={light}
        onPointerMove={() => hasGone(true)}
        label="Add an ingredient"
        className="relative"
        onFocus={() => setIn(true)}
        onBlur={({ currentTarget, relatedTarget }) => {
          if (currentTarget.contains(relatedTarget)) return;
          setIn(false);
          setOffering(undefined);
        }}
        onKeyDown={({ key }) => {
          if (key.startsWith('Arrow')) hasGone(true);
          if (key === 'Escape') offer(undefined);
          if (key === 'ArrowDown' && asked === '' && !offering) offer('used');
          if (key === 'Enter' && asked !== '' && found.length + sauces.length === 0 && !settled)
            takeOnceKnown();
        }}
      >
        <Field text={text} type={type} paste={setPasted} offering={offering} offer={offer} />
        <FoundEntries
          {...looked}
          open={isIn}
          upwards={upwards}
          take={(ingredient) => {
            setText('');
            setOffering(undefined);
            add(ingredient, saidOf(spoken, ingredient, asked), asked);
          }}
          takeSauce={addSauce}
          writeDown={writeDown}
        />
      </Command>
      <OpenParts pressed={typeof offering === 'object' ? offering.role : undefined} press={offer} />
      <Besides
        pasted={pasted}
        closePasted={() => setPasted(undefined)}
        writing={writing}
        closeWriting={() => setWriting(undefined)}
        written={() => {
          setWriting(undefined);
          setText('');
        }}
      />
    </>
  );
});
