import type { EveningContent, KeptEveningBody, KeptEveningView } from '@alterum/contract';
import { asPlain } from '../storage/as-plain.js';
import type { EveningRow } from './evening.row.js';

export const viewOfEvening = ({ id, version, name, content, updatedAt }: EveningRow): KeptEveningView => ({
  id,
  version,
  name,
  ...content,
  updatedAt: updatedAt.toISOString(),
});

/** The day is of one evening: kept, it is of any. */
export function columnsOfEvening({ name, evening: { day: _, ...evening }, tonight }: KeptEveningBody): {
  readonly name: string;
  readonly content: EveningContent;
} {
  return {
    name: name.trim(),
    content: asPlain({ evening, tonight: { pots: tonight.pots, dishes: tonight.dishes ?? [] } }),
  };
}
