import type { RailId } from '../property/properties.js';

/** Names that properties had before each got one name for everything; what was kept or is still sent under them is read as it was meant. */
const renamed: Readonly<Record<string, RailId>> = {
  smoothness: 'graininess',
  splitting: 'curdling',
  colour: 'yellowness',
};

/** The name a property has now; any other word is handed back as it came, for whoever checks it. */
export const currentRailId = (id: string): string => (Object.hasOwn(renamed, id) ? (renamed[id] ?? id) : id);
