import type { AllergenId } from '../../allergen/allergen.js';
import type { Measures } from '../../quantity/measures.js';
import { carbohydrateOf, type Composition, gumTotal, starchTotal } from '../../ingredient/composition.js';
import type { Ingredient, Role } from '../../ingredient/ingredient.js';
import { energyOfLabel, type NutritionLabel, per100Of, type Per100Label } from './label-composition.js';

/** What a cook writes down of something the larder does not know. */
export interface OwnIngredient {
  readonly id: string;
  readonly name: string;
  /** Id of the larder's nearest kind; absent lets the engine find it. */
  readonly like?: string | undefined;
  readonly role?: Role | undefined;
  readonly label: NutritionLabel;
  readonly contains: readonly AllergenId[];
  readonly askFor: readonly AllergenId[];
  readonly measures?: Measures | undefined;
  readonly pricePerKg?: number | undefined;
}

/** Prefix of the id of every own ingredient, so that it never takes a larder's. */
export const OWN_PREFIX = 'own-';
export const isOwn = (id: string): boolean => id.startsWith(OWN_PREFIX);

/** What is sold with a table of nutrition on it, and is nobody’s meat. */
const hasLabel = ({ shelf, per100 }: Ingredient): boolean =>
  shelf !== 'meat and eggs' && !(shelf === 'herbs and spices' && (per100.water ?? 0) > FRESH);
/** % of water from which a herb is sold fresh, without a table. */
const FRESH = 40;

/**
 * The larder's ingredient whose label would look most like this one: least squares over fat, carbohydrate, sugars,
 * protein, fibre and salt, each against its own size.
 */
export function nearestKind(label: Per100Label, larder: readonly Ingredient[]): Ingredient {
  const distance = ({ per100: c, facts }: Ingredient): number => {
    const apart = (ours: number | undefined, theirs: number, width: number) =>
      ours === undefined ? 0 : ((ours - theirs) / (width + 0.15 * (ours + theirs))) ** 2;
    return (
      apart(label.fat, c.fat ?? 0, 1) +
      apart(label.saturatedFat, facts.saturatedFat ?? (c.fat ?? 0) * 0.2, 1) +
      apart(label.carbohydrate, carbohydrateOf(c), 1) +
      apart(label.sugars, c.sugars ?? 0, 1) +
      apart(label.protein, c.protein ?? 0, 0.7) +
      apart(label.fibre, (c.fibre ?? 0) + gumTotal(c) + (c.oligo ?? 0), 1) +
      apart(label.salt, c.salt ?? 0, 0.3)
    );
  };
  const [first, ...rest] = larder.filter((one) => !one.kinds && hasLabel(one));
  if (!first) throw new RangeError('an empty larder has no nearest kind');
  return rest.reduce((best, candidate) => (distance(candidate) < distance(best) ? candidate : best), first);
}

/** What an own ingredient's row had to guess, in words. */
export const guessedParts = [
  'water',
  'kind of starch',
  'gums',
  'acids',
  'savory compounds',
  'behaviour in the pot',
] as const;

/** A part of the kind's composition, scaled so that it does not outgrow what the label leaves. */
function partsLike(kind: Composition, label: Per100Label): Composition {
  const sugars = label.sugars ?? Math.min(label.carbohydrate, kind.sugars ?? 0);
  const starch = Math.max(label.carbohydrate - sugars, 0);
  const kindStarch = starchTotal(kind) + (kind.dextrin ?? 0);
  const shares = kindStarch > 0 ? (kind.starch ?? {}) : { root: 1 };
  const all = kindStarch > 0 ? kindStarch : 1;
  const fibreKind = (kind.fibre ?? 0) + gumTotal(kind) + (kind.oligo ?? 0);
  const fibre = label.fibre ?? fibreKind;
  const fibreScale = fibreKind > 0 ? fibre / fibreKind : 0;
  const scaledBy = (parts: Readonly<Partial<Record<string, number>>> | undefined, by: number) =>
    Object.fromEntries(Object.entries(parts ?? {}).map(([key, value]) => [key, (value ?? 0) * by]));
  return {
    fat: label.fat,
    protein: label.protein,
    salt: label.salt,
    sugars,
    ...(starch > 0 ? { starch: scaledBy(shares, starch / all) } : {}),
    ...(starch > 0 && kind.dextrin ? { dextrin: (kind.dextrin * starch) / all } : {}),
    fibre: fibreKind > 0 ? (kind.fibre ?? 0) * fibreScale : fibre,
    oligo: (kind.oligo ?? 0) * fibreScale,
    gums: scaledBy(kind.gums, fibreScale),
    ...(label.calciumMg === undefined ? {} : { calciumMg: label.calciumMg }),
  };
}

const minor = [
  'citric',
  'acetic',
  'lactic',
  'malic',
  'alcohol',
  'glutamate',
  'aspartate',
  'imp',
  'gmp',
  'amp',
] as const;

/**
 * An ingredient of the cook's own from its label: what the label says stands, the rest is taken from the nearest kind and
 * marked as guessed, which widens every band it reaches.
 * @throws RangeError when the label cannot be right (check `problemsOfLabel` first)
 */
export function ingredientFromLabel(own: OwnIngredient, larder: readonly Ingredient[]): Ingredient {
  const label = per100Of(own.label);
  const said = larder.find((candidate) => candidate.id === own.like);
  const kind = said ?? nearestKind(label, larder);
  const parts = partsLike(kind.per100, label);
  const taken = Object.fromEntries(
    minor.flatMap((key) => (kind.per100[key] === undefined ? [] : [[key, kind.per100[key]]])),
  );
  const named =
    (parts.fat ?? 0) +
    (parts.protein ?? 0) +
    (parts.salt ?? 0) +
    carbohydrateOf(parts) +
    (parts.fibre ?? 0) +
    (parts.oligo ?? 0) +
    gumTotal(parts);
  const room = Math.max(100 - named, 0);
  const minorTotal = Object.values(taken).reduce<number>((sum, value) => sum + (value ?? 0), 0);
  const fits = minorTotal <= room ? taken : {};
  const dryUnnamed = Math.min(unnamedDry(kind.per100), room - (minorTotal <= room ? minorTotal : 0));
  const water = Math.max(room - (minorTotal <= room ? minorTotal : 0) - Math.max(dryUnnamed, 0), 0);
  return {
    id: own.id,
    name: own.name,
    otherNames: [],
    shelf: kind.shelf,
    role: own.role ?? kind.role,
    per100: { ...parts, ...fits, water },
    behaviour: kind.behaviour,
    ...(kind.handling ? { handling: kind.handling } : {}),
    measures: own.measures ?? kind.measures,
    contains: own.contains,
    askFor: own.askFor,
    facts: {
      kcal: label.energyKcal ?? energyOfLabel(label),
      saturatedFat: label.saturatedFat,
      calciumMg: label.calciumMg,
      pricePerKg: own.pricePerKg ?? kind.facts.pricePerKg,
      climate: kind.facts.climate,
    },
    source: `label; the rest as ${kind.name.toLowerCase()} (${kind.source})`,
    guessed: guessedParts,
    like: kind.id,
    ...(said ? { likened: true } : {}),
  };
}

/** Ash and what else the kind's table leaves unnamed, beyond its water, g per 100 g. */
function unnamedDry(c: Composition): number {
  const named =
    (c.water ?? 0) +
    (c.fat ?? 0) +
    (c.protein ?? 0) +
    (c.salt ?? 0) +
    carbohydrateOf(c) +
    (c.fibre ?? 0) +
    (c.oligo ?? 0) +
    gumTotal(c);
  const rest = minor.reduce((sum, key) => sum + (c[key] ?? 0), 0);
  return Math.max(100 - named - rest, 0);
}
