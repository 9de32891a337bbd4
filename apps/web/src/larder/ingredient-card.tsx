import {
  allergenOf,
  type Composition,
  gumTotal,
  type Ingredient,
  kitchenMeasure,
  roleNames,
  starchTotal,
  unnamedRemainder,
  waysOf,
} from '@alterum/core';
import { kitchenNow } from '../household/habits';
import type { ReactNode } from 'react';
import { findIngredient } from '../household/house-larder';

interface Part {
  readonly name: string;
  readonly g: number;
}

/** Composition in kitchen words, largest first; what is absent from the tables is not shown as zero. */
function partsOf(c: Composition): readonly Part[] {
  const acids = (c.citric ?? 0) + (c.acetic ?? 0) + (c.lactic ?? 0) + (c.malic ?? 0);
  const parts: Part[] = [
    { name: 'water', g: c.water ?? 0 },
    { name: 'fat', g: c.fat ?? 0 },
    { name: 'protein', g: c.protein ?? 0 },
    { name: 'sugars', g: c.sugars ?? 0 },
    { name: 'starch', g: starchTotal(c) },
    { name: 'fibre', g: (c.fibre ?? 0) + (c.oligo ?? 0) },
    { name: 'salt', g: c.salt ?? 0 },
    { name: 'acids', g: acids },
    { name: 'alcohol', g: c.alcohol ?? 0 },
    { name: 'free glutamate', g: c.glutamate ?? 0 },
    { name: 'gums', g: gumTotal(c) },
    { name: 'the rest', g: Math.max(0, unnamedRemainder(c)) },
  ];
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

const hours = (h: number): string => (h < 1.5 ? `${Math.round(h * 60)} min` : `${h.toFixed(0)} h`);

const nameOf = (id: string): string => findIngredient(id)?.name.toLowerCase() ?? id;

/** How to prepare it, in figures: soaking, yields, and what can stand in. */
function preparationLines({ id }: Ingredient): readonly string[] {
  const { soak, yields, equivalents } = waysOf(id);
  return [
    ...(soak
      ? [
          `100 g drinks about ${Math.round(100 * soak.uptake)} g of water in a soak: ${hours(soak.coldHours)} cold, in the fridge from two hours on, or ${hours(soak.hotHours)} in water poured on boiling.`,
        ]
      : []),
    ...yields.map((row) =>
      row.to === id
        ? `100 g comes from about ${Math.round(100 / row.factor)} g of ${nameOf(row.from)}, ${row.how}.`
        : `100 g ${row.how} gives about ${Math.round(100 * row.factor)} g.`,
    ),
    ...equivalents.map(
      (row) =>
        `10 g does the work of ${(10 * row.factor).toPrecision(2)} g ${nameOf(row.to)}${Math.abs(row.saltToTakeOut) > 0.002 ? `; then ${row.saltToTakeOut > 0 ? 'take out' : 'add'} ${Math.abs(10 * row.saltToTakeOut).toFixed(2)} g salt` : ''}.`,
    ),
  ];
}

function factsText({ facts, per100 }: Ingredient): string {
  const { kcal, saturatedFat, pricePerKg, climate } = facts;
  const calcium = facts.calciumMg ?? per100.calciumMg;
  return [
    kcal === undefined ? 'energy not known' : `${Math.round(kcal)} kcal`,
    saturatedFat === undefined ? 'saturated fat not known' : `saturated fat ${saturatedFat} g`,
    calcium === undefined ? 'calcium not known' : `calcium ${calcium} mg`,
    pricePerKg === undefined ? 'price not known' : `${pricePerKg} coins a kg`,
    climate ? `${climate[0]} to ${climate[1]} kg CO₂e a kg` : 'climate not known',
  ].join(' · ');
}

/** One ingredient with all that the house knows of it. */
export function IngredientCard({
  ingredient,
  children,
}: {
  readonly ingredient: Ingredient;
  readonly children?: ReactNode;
}) {
  const parts = partsOf(ingredient.per100),
    preparation = preparationLines(ingredient);
  return (
    <section className="plate self-start p-5" aria-label={ingredient.name} data-testid="ingredient-card">
      <h2 className="text-2xl">{ingredient.name}</h2>
      <p className="text-soft">
        {roleNames[ingredient.role]}, on the shelf of {ingredient.shelf}
        {ingredient.otherNames.length > 0 && `; also ${ingredient.otherNames.join(', ')}`}
      </p>
      {ingredient.guessed && (
        <p className="mt-1 text-ask">
          From its label; {ingredient.guessed.join(', ')} guessed as for {nameOf(ingredient.like ?? '')},
          which widens every band.
        </p>
      )}
      {children}
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
      <p className="mt-1 text-sm">{factsText(ingredient)}</p>
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
        100 g is {kitchenMeasure(100, ingredient.measures, kitchenNow()) ?? 'weighed only'}.
      </p>
      {preparation.length > 0 && (
        <>
          <h3 className="mt-3 text-base">Made ready</h3>
          <ul className="list-disc pl-5">
            {preparation.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-3 text-sm text-soft">
        pH {ingredient.behaviour.pH.toFixed(1)}. Rounded figures of a generic kind; source {ingredient.source}{' '}
        in docs/sources.md. A pack’s own label comes first.
      </p>
    </section>
  );
}
