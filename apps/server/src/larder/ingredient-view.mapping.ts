import type { IngredientView, Per100View } from '@alterum/contract';
import { gumTotal, type Ingredient, KJ_PER_KCAL, starchTotal, unnamedRemainder, waysOf } from '@alterum/core';

/** Absent stays absent; a row that names no fat still says that it holds none when it names its water or its fat. */
const orNull = (value: number | undefined): number | null => value ?? null;

function per100Of({ per100: c, facts }: Ingredient): Per100View {
  const acids = [c.citric, c.acetic, c.lactic, c.malic].filter((acid) => acid !== undefined);
  const starch = c.starch ? starchTotal(c) : undefined;
  const carbohydrate =
    c.sugars === undefined && starch === undefined ? undefined : (c.sugars ?? 0) + (starch ?? 0);
  const fibre =
    c.fibre === undefined && c.oligo === undefined && !c.gums
      ? undefined
      : (c.fibre ?? 0) + (c.oligo ?? 0) + gumTotal(c);
  return {
    water: orNull(c.water),
    fat: orNull(c.fat),
    saturatedFat: orNull(facts.saturatedFat),
    protein: orNull(c.protein),
    carbohydrate: orNull(carbohydrate),
    sugars: orNull(c.sugars),
    starch: orNull(starch),
    fibre: orNull(fibre),
    salt: orNull(c.salt),
    alcohol: orNull(c.alcohol),
    organicAcids: acids.length === 0 ? null : acids.reduce((all, acid) => all + acid, 0),
    freeGlutamate: orNull(c.glutamate),
    energyKJ: facts.kcal === undefined ? null : Math.round(facts.kcal * KJ_PER_KCAL),
    energyKcal: orNull(facts.kcal),
    calciumMg: orNull(facts.calciumMg ?? c.calciumMg),
  };
}

export function viewOfIngredient(ingredient: Ingredient): IngredientView {
  const { id, name, otherNames, shelf, role, per100, measures, contains, askFor, facts, source } = ingredient;
  return {
    id,
    slug: id,
    name,
    otherNames,
    shelf,
    role,
    measures,
    contains,
    askFor,
    source,
    per100g: per100Of(ingredient),
    composition: per100,
    unnamed: unnamedRemainder(per100),
    allergens: { contains, readTheLabelFor: askFor },
    preparation: waysOf(id),
    pricePerKg: orNull(facts.pricePerKg),
    climateKgCO2ePerKg: facts.climate ?? null,
    guessed: ingredient.guessed ?? [],
    like: ingredient.like ?? null,
  };
}
