import { type Formula, formulaOfRecipe, LONGEST_RECIPE, readRecipe, type ReadRecipe } from '@alterum/core';
import { Check } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Fragment, useDeferredValue, useMemo, useState } from 'react';
import { findIngredient, loadHouseLarder, wholeLarder } from '../household/house-larder';
import { habitsNow } from '../household/habits';
import { useHousehold } from '../household/household-store';
import { KitchenChoice } from '../household/kitchen-choice';
import { sayFailure } from '../notices/notices';
import { Button } from '../ui/button';
import { DictateButton } from '../ui/dictate-button';
import { part } from '../ui/part';
import { operationText } from '../words/method-words';
import { ReadLineRow } from './read-line-row';
import { type Choices, ingredientOf, standingOf, takenLines } from './taken';

const OwnIngredientForm = part(() => import('../own-ingredient/own-ingredient-form'));

interface RecipeReaderProps {
  readonly given: string;
  /** What is pressed in the end: "Make a formula of it". */
  readonly action: string;
  readonly take: (formula: Formula) => void;
}

/** Units that are not the same in every kitchen. */
const kitchenWords = new Set(['tsp', 'tbsp', 'cup', 'floz', 'pint', 'quart', 'gallon']);

/** Letters of a name that an own ingredient may have. */
const LONGEST_NAME = 120;

function Lines({
  recipe,
  choices,
  choose,
}: {
  readonly recipe: ReadRecipe;
  readonly choices: Choices;
  readonly choose: (line: string, ingredient: string | undefined) => void;
}) {
  const [writing, setWriting] = useState<{ readonly line: string; readonly name: string }>();
  const written = async (id: string) => {
    const line = writing?.line;
    setWriting(undefined);
    await loadHouseLarder();
    if (line !== undefined) choose(line, id);
  };
  return (
    <>
      <ul aria-label="Lines that were read">
        {recipe.lines.map((line, i) => {
          const id = ingredientOf(line, choices),
            heading = line.section !== recipe.lines[i - 1]?.section ? line.section : undefined;
          return (
            <Fragment key={line.id}>
              {heading && <li className="pt-2 text-[13px] font-bold text-soft">{heading}</li>}
              <ReadLineRow
                line={line}
                standing={standingOf(line, choices)}
                ingredient={id === undefined ? undefined : findIngredient(id)}
                choose={(ingredient) => choose(line.id, ingredient)}
                writeDown={() => setWriting({ line: line.id, name: line.name.slice(0, LONGEST_NAME) })}
              />
            </Fragment>
          );
        })}
      </ul>
      {writing && (
        <OwnIngredientForm
          own={undefined}
          prefilled={{ name: writing.name }}
          close={() => setWriting(undefined)}
          saved={(id) => void written(id).catch(sayFailure)}
        />
      )}
    </>
  );
}

function Steps({ recipe, formula }: { readonly recipe: ReadRecipe; readonly formula: Formula }) {
  const done = formula.method ?? [];
  if (recipe.method.length === 0 && done.length === 0)
    return <p className="text-sm text-soft">No method was found: Alterum writes one from the lines.</p>;
  return (
    <ol aria-label="What is done" className="list-decimal space-y-0.5 pl-5 text-sm">
      {recipe.method.map(({ text, operations }, i) => (
        <li key={i} className={operations.length === 0 ? 'text-soft' : ''}>
          {text}
          {operations.length > 0 && (
            <b className="block">
              {operations
                .filter(({ kind }) => kind !== 'put-in' && kind !== 'stir-in')
                .map((operation) => operationText(operation, []))
                .join(' → ')}
            </b>
          )}
        </li>
      ))}
    </ol>
  );
}

/** The text itself: typed, pasted, spoken or from a file. */
function RecipeText({
  text,
  write,
  submit,
}: {
  readonly text: string;
  readonly write: (text: string) => void;
  readonly submit: () => void;
}) {
  return (
    <div className="flex flex-col gap-2">
      <label className="font-semibold" htmlFor="recipe-text">
        The recipe
      </label>
      <textarea
        id="recipe-text"
        autoFocus
        value={text}
        onChange={(event) => write(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey)) return;
          event.preventDefault();
          submit();
        }}
        rows={18}
        placeholder="Paste it here: lines with amounts, the method below, or the source of its page."
        className="block min-h-40 w-full flex-1 rounded-lg border-2 border-rim bg-glaze p-2.5"
      />
      <div className="flex flex-wrap items-center gap-2">
        <DictateButton
          label="Speak it, line by line"
          hear={(words) => write(text.trim() === '' ? words : `${text.trimEnd()}\n${words}`)}
        />
        <input
          type="file"
          aria-label="Or choose a file"
          accept=".txt,.md,.json,.jsonld,.html,.htm,text/*,application/json,application/ld+json"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void file.text().then(write).catch(sayFailure);
          }}
          className="tap-coarse max-w-full"
        />
      </div>
      {text.length > LONGEST_RECIPE && (
        <p role="alert" className="text-no">
          This is longer than any recipe; only its beginning is read.
        </p>
      )}
    </div>
  );
}

/** What was read, in a sentence. */
function readWords({ name, lines, portions }: ReadRecipe, choices: Choices): string {
  if (lines.length === 0) return 'Nothing was read yet.';
  const looks = lines.filter((line) => ['look', 'unknown'].includes(standingOf(line, choices))).length;
  return [
    `${name ?? 'A recipe'}: ${lines.length} lines`,
    looks > 0 ? `${looks} to look at` : 'all understood',
    ...(portions ? [`for ${Math.round(portions.mid)}`] : []),
  ].join(', ');
}

/** What is neither a line nor a step; it stays in the note. */
function UnreadLines({ unread }: Pick<ReadRecipe, 'unread'>) {
  if (unread.length === 0) return null;
  return (
    <details className="text-sm text-soft">
      <summary className="tap-coarse cursor-pointer">
        {unread.length === 1 ? 'One line is' : `${unread.length} lines are`} neither; the whole text stays in
        the note
      </summary>
      <ul className="list-disc pl-5">
        {unread.map(({ text, why }, i) => (
          <li key={i}>
            {text} <i>({why})</i>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What is understood of a text, with what was said of its lines. */
function useReading(text: string) {
  const [choices, setChoices] = useState<Choices>(new Map());
  const later = useDeferredValue(text.slice(0, LONGEST_RECIPE));
  const kitchen = useHousehold((household) => household.kitchen);
  const recipe = useMemo(
    () => readRecipe({ text: later }, wholeLarder(), { ...habitsNow(), kitchen }),
    [later, kitchen],
  );
  const formula = useMemo(
    () =>
      formulaOfRecipe(recipe, takenLines(recipe, choices), {
        text: later,
        larder: findIngredient,
        kitchen,
        newId: nanoid,
      }),
    [recipe, choices, later, kitchen],
  );
  return {
    recipe,
    formula,
    choices,
    choose: (line: string, ingredient: string | undefined) =>
      setChoices((now) => new Map(now).set(line, ingredient)),
    forget: () => setChoices(new Map()),
  };
}

/** A recipe as it was written, beside what was understood of it: looked over once and taken. */
export default function RecipeReader({ given, action, take }: RecipeReaderProps) {
  const [text, setText] = useState(given);
  const { recipe, formula, choices, choose, forget } = useReading(text);
  const write = (next: string) => {
    setText(next);
    // Other words, other lines: what was said of the old ones does not belong to them.
    forget();
  };
  const takeIt = () => {
    if (formula.lines.length > 0) take(formula);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        takeIt();
      }}
      className="grid gap-4 md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]"
    >
      <RecipeText text={text} write={write} submit={takeIt} />
      <div className="flex min-w-0 flex-col gap-2">
        <p role="status" className="font-semibold" data-testid="reading-says">
          {readWords(recipe, choices)}
        </p>
        {recipe.lines.some(({ unit }) => unit !== undefined && kitchenWords.has(unit)) && (
          <label className="flex flex-wrap items-center gap-x-2 text-sm text-soft">
            Spoons and cups here are <KitchenChoice className="tap-coarse text-ink" />
          </label>
        )}
        <Lines recipe={recipe} choices={choices} choose={choose} />
        {recipe.lines.length > 0 && <Steps recipe={recipe} formula={formula} />}
        <UnreadLines unread={recipe.unread} />
        <div className="sticky bottom-0 mt-auto flex items-center gap-3 bg-glaze py-2">
          <Button
            look="yolk"
            type="submit"
            disabled={formula.lines.length === 0}
            aria-keyshortcuts="Control+Enter"
          >
            <Check size={17} aria-hidden /> {action}
          </Button>
          <span className="text-sm text-soft">Ctrl Enter</span>
        </div>
      </div>
    </form>
  );
}
