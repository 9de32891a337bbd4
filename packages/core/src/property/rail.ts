import { type Property, type RailScale } from './property.js';
import { properties, type RailId } from './properties.js';

/** A property that can be asked for. */
export interface Rail extends Property {
  readonly id: RailId;
  readonly scale: RailScale;
}

const isRail = (property: Property): property is Rail => property.scale !== undefined;

/** In the order in which a cook reads them. */
export const rails: readonly Rail[] = properties.filter(isRail);
export const railIds: readonly RailId[] = rails.map(({ id }) => id);

const byId = new Map(rails.map((rail) => [rail.id, rail]));

/** @throws RangeError for a name that is no rail's */
export function railOf(id: RailId): Rail {
  const rail = byId.get(id);
  if (!rail) throw new RangeError(`no rail is called "${id}"`);
  return rail;
}

/** Share of a whole rail that is the least a cook would notice (the difference threshold of sensory work). @source assumed; docs/decisions/0009 */
export const NOTICEABLE = 0.05;

/** Smallest value that a logarithmic rail tells apart. */
const LEAST_SHOWN = 1e-3;

/** Where a value stands on the rail's scale, 0..1 within its ends, further out beyond them. */
export function coordinateOn(scale: RailScale, value: number): number {
  const map = (v: number): number =>
    scale.kind === 'log'
      ? Math.log(Math.max(v, LEAST_SHOWN))
      : scale.kind === 'root'
        ? Math.sqrt(Math.max(v, 0))
        : v;
  return (map(value) - map(scale.low)) / (map(scale.high) - map(scale.low));
}

/** Place of a value on its rail, 0 (left end) .. 1 (right end). */
export const placeOnRail = (scale: RailScale, value: number): number =>
  Math.min(1, Math.max(0, coordinateOn(scale, value)));

/** The value at a place of a rail; the other way round from `placeOnRail`. */
export const valueOnRail = (scale: RailScale, place: number): number =>
  valueAt(scale, Math.min(1, Math.max(0, place)));

/** The value at a coordinate, beyond the far end of the rail too; the other way round from `coordinateOn`. */
export function valueAt(scale: RailScale, coordinate: number): number {
  const at = Math.max(0, coordinate);
  switch (scale.kind) {
    case 'log':
      return Math.exp(Math.log(scale.low) + at * (Math.log(scale.high) - Math.log(scale.low)));
    case 'root': {
      const root = Math.sqrt(scale.low) + at * (Math.sqrt(scale.high) - Math.sqrt(scale.low));
      return root * root;
    }
    case 'linear':
      return scale.low + at * (scale.high - scale.low);
  }
}

/** How far one value lies above another, in differences that a cook would just notice. */
export const noticed = (scale: RailScale, from: number, to: number): number =>
  (coordinateOn(scale, to) - coordinateOn(scale, from)) / NOTICEABLE;

/** The word for a value: the last one that begins at or below it; empty for a property without words. */
export const wordFor = ({ words }: Pick<Property, 'words'>, value: number): string =>
  [...words].reverse().find((entry) => value >= entry.from)?.word ?? words[0]?.word ?? '';
