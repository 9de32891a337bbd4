import {
  allergenOf,
  type Composition,
  type Ingredient,
  kitchenMeasure,
  larderTable,
  roleNames,
  searchIngredients,
  starchTotal,
  unnamedRemainder,
} from '@alterum/core';
import { useEffect, useMemo, useState } from 'react';

interface Part {
  readonly name: string;
  readonly g: number;
}

/** Composition in kitchen words, largest first; what is absent from the tables is not shown as zero. */
function partsOf(c: Composition): readonly Part[] {
  const gums = Object.entries(c.gums ?? {}).map(([name, g]) => ({
    name: name.replace(/([A-Z])/g, ' $1').toLowerCase(),
    g: g ?? 0,
  }));
  const acids = (c.citric ?? 0) + (c.acetic ?? 0) + (c.lactic ?? 0) + (c.malic ?? 0);
  const parts: Part[] = [
    { name: 'water', g: c.water ?? 0 }, { name: 'fat', g: c.fat ?? 0 }, { name: 'protein', g: c.protein ?? 0 }, { name: 'sugars', g: c.sugars ?? 0 },
    { name: 'starch', g: starchTotal(c) }, { name: 'fibre', g: c.fibre ?? 0 }, { name: 'salt', g: c.salt ?? 0 }, { name: 'acids', g: acids }, { name: 'alcohol', g: c.alcohol ?? 0 },
    { name: 'free glutamate', g: c.glutamate ?? 0 }, ...gums, { name: 'the rest', g: Math.max(0, unnamedRemainder(c)) },
  ]; // prettier-ignore
  return parts.filter((part) => part.g >= 0.05).sort((a, b) => b.g - a.g);
}

const measures = (ingredient: Ingredient): string => {
  const { density, pieces } = ingredient.measures;
  const counted = Object.entries(pieces ?? {}).map(([unit, g]) => `one ${unit} ${g} g`);
  const spooned =
    density === undefined
      ? []
      : [`1 tbsp ${(density * 15).toFixed(1)} g`, `1 cup ${Math.round(density * 240)} g`];
  return [...counted, ...spooned].join(' · ');
};

function IngredientCard({ ingredient }: { readonly ingredient: Ingredient }) {
  const parts = partsOf(ingredient.per100);
  return (
    <section className="plate p-5" aria-label={ingredient.name} data-testid="ingredient-card">
      <h2 className="text-2xl">{ingredient.name}</h2>
      <p className="text-soft">
        {roleNames[ingredient.role]}, on the shelf of {ingredient.shelf}
        {ingredient.otherNames.length > 0 && `; also ${ingredient.otherNames.join(', ')}`}
      </p>
      <h3 className="mt-3 text-base">In 100 g</h3>
      <ul className="mt-1 grid gap-y-1">
        {parts.map((part) => (
          <li key={part.name} className="grid grid-cols-[8rem_1fr_4rem] items-center gap-2">
            <span>{part.name}</span>
            <span className="h-2 rounded-full bg-track" aria-hidden>
              <span className="block h-full rounded-full bg-bead" style={{ width: `${part.g}%` }} />
            </span>
            <span className="text-right font-semibold">
              {part.g < 1 ? part.g.toFixed(2) : part.g.toFixed(1)} g
            </span>
          </li>
        ))}
      </ul>
      <h3 className="mt-3 text-base">Holds</h3>
      <p>
        {ingredient.contains.length > 0
          ? ingredient.contains.map((id) => allergenOf(id).name).join(', ')
          : 'none of the listed allergens by its nature'}
      </p>
      {ingredient.askFor.length > 0 && (
        <p className="text-ask">
          Read the label for {ingredient.askFor.map((id) => allergenOf(id).name).join(', ')}.
        </p>
      )}
      <h3 className="mt-3 text-base">Measured</h3>
      <p>{measures(ingredient) || 'by weight only'}</p>
      <p className="text-sm text-soft">
        100 g is {kitchenMeasure(100, ingredient.measures) ?? 'weighed only'}.
      </p>
      <p className="mt-3 text-sm text-soft">
        pH {ingredient.behaviour.pH.toFixed(1)}. Generic table figures, rounded; source {ingredient.source} in
        docs/sources.md. A pack’s own label comes first.
      </p>
    </section>
  );
}

/** What the house can cook with and what it is made of. */
export function Component() {
  const [text, setText] = useState('');
  const found = useMemo(() => searchIngredients(larderTable, text), [text]);
  const [chosenId, choose] = useState<string>();
  const chosen = found.find((ingredient) => ingredient.id === chosenId) ?? found[0];
  useEffect(() => {
    document.title = 'Larder · Alterum';
  }, []);
  return (
    <main className="mx-auto grid w-full max-w-6xl flex-1 gap-4 px-3 py-4 sm:px-5 md:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex min-h-0 flex-col">
        <div className="flex flex-wrap items-center gap-3 pb-3">
          <h1 className="mr-auto text-2xl">Larder</h1>
          <input
            type="search"
            aria-label="Search the larder"
            placeholder="name or other name"
            value={text}
            onChange={(event) => setText(event.target.value)}
            className="h-10 w-56 rounded-lg border-2 border-rim bg-glaze px-3"
          />
        </div>
        <p className="pb-1 text-sm text-soft" role="status">
          {found.length} of {larderTable.length} ingredients
        </p>
        <ul className="plate max-h-[70vh] overflow-auto p-1" tabIndex={0} aria-label="Ingredients">
          {found.map((ingredient) => (
            <li key={ingredient.id}>
              <button
                type="button"
                onClick={() => choose(ingredient.id)}
                aria-current={ingredient === chosen}
                className={`flex min-h-9 w-full items-center justify-between gap-3 rounded-md px-2.5 text-left ${ingredient === chosen ? 'bg-rim text-on-rim' : 'hover:bg-dip'}`}
              >
                <span className="truncate">{ingredient.name}</span>
                <span className="whitespace-nowrap text-[13px] opacity-80">{ingredient.shelf}</span>
              </button>
            </li>
          ))}
          {found.length === 0 && (
            <li className="p-3">
              The larder has nothing of that name. Try a plainer word: “bean”, “seed”, “vinegar”.
            </li>
          )}
        </ul>
      </div>
      {chosen && <IngredientCard ingredient={chosen} />}
    </main>
  );
}
