import type { FormulaSummary } from '@alterum/contract';
import { lineOfFormula } from '@alterum/contract/convert';
import { amountText, type Ingredient, type Kitchen, type ReadLine } from '@alterum/core';
import { Command } from 'cmdk';
import { useKitchen } from '../../household/habits';
import { effectOf } from '../people/effect-on-people';
import { saidOf } from '../../household/spoken-line';

/** Value of the entry that writes a name down. */
export const WRITE_DOWN = 'write-down';
/** Letters of a name that are shown in it. */
const LONGEST_SHOWN = 40;

const item =
  'flex min-h-8 items-center justify-between gap-3 rounded-md px-2 data-[selected=true]:bg-rim data-[selected=true]:text-on-rim [@media(pointer:coarse)]:min-h-11';

/** "150 g ", as it is understood of one thing. */
const saidAmount = (said: ReadLine | undefined, kitchen: Kitchen): string =>
  said?.written ? `${amountText(said.written, kitchen)} ` : '';

interface FoundEntriesProps {
  readonly asked: string;
  readonly spoken: ReadLine | undefined;
  readonly found: readonly Ingredient[];
  /** Formulas of one’s own, that are known; and those that come a moment later. */
  readonly sauces: readonly FormulaSummary[];
  readonly late: readonly FormulaSummary[];
  readonly settled: boolean;
  readonly open: boolean;
  /** The list stands over the field, not under it. */
  readonly upwards: boolean;
  readonly newName: string;
  readonly take: (ingredient: Ingredient) => void;
  readonly takeSauce: (sauce: FormulaSummary) => void;
  readonly writeDown: () => void;
}

/** What was found for what is typed, with what each does to the people; and a way to write down what is not there. */
export function FoundEntries(props: FoundEntriesProps) {
  const { asked, spoken, found, sauces, late, settled, upwards, newName } = props,
    isShown = props.open && (asked !== '' || found.length > 0);
  const kitchen = useKitchen();
  const itemOf = (sauce: FormulaSummary) => (
    <Command.Item
      key={sauce.id}
      value={lineOfFormula(sauce.id)}
      onSelect={() => props.takeSauce(sauce)}
      className={item}
    >
      <span className="truncate">{sauce.name}</span>
      <span className="text-[13px] whitespace-nowrap">your own formula</span>
    </Command.Item>
  );
  // Always there, so that the field may point at it.
  return (
    <Command.List
      className={`plate absolute left-0 z-30 w-full p-1 shadow-2xl ${upwards ? 'bottom-full mb-1' : 'top-full mt-1'} ${isShown ? '' : 'hidden'}`}
      label="Ingredients found"
      // The field keeps the cursor while an entry is pressed.
      onMouseDown={(event) => event.preventDefault()}
    >
      {/* What comes a moment later stands at the far end of the list, so that nothing moves under a pointer. */}
      {upwards && late.map(itemOf)}
      {sauces.map(itemOf)}
      {found.map((ingredient) => (
        <Command.Item
          key={ingredient.id}
          value={ingredient.id}
          onSelect={() => props.take(ingredient)}
          className={item}
        >
          <span className="truncate">
            {saidAmount(saidOf(spoken, ingredient, asked), kitchen)}
            {ingredient.name}
          </span>
          <span className="truncate text-[13px]">
            {effectOf(ingredient) || <span className="opacity-80">{ingredient.shelf}</span>}
          </span>
        </Command.Item>
      ))}
      {!upwards && late.map(itemOf)}
      {asked !== '' && found.length === 0 && settled && (
        <>
          {sauces.length + late.length === 0 && (
            <p className="px-2 py-1.5 text-sm">
              The larder has nothing of that name. Try a plainer word: “bean”, “seed”, “vinegar”.
            </p>
          )}
          <Command.Item value={WRITE_DOWN} onSelect={props.writeDown} className={item}>
            <span className="wrap-anywhere">
              Write “{newName.slice(0, LONGEST_SHOWN)}” down as an ingredient of your own
            </span>
          </Command.Item>
        </>
      )}
    </Command.List>
  );
}
