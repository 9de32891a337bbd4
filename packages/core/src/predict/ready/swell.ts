import type { Ingredient } from '../../ingredient/ingredient.js';
import { gumIds, type GumId } from '../../ingredient/substance.js';

/** min in which nine tenths of a gum have swollen at 20 °C. @source kitchen physics 11, P/E, CV 0.4; gums that need heat are told in their own table */
export const swellMinutes: Readonly<Record<GumId, number>> = {
  xanthan: 8,
  guar: 30,
  locustBean: 30,
  konjac: 60,
  psyllium: 12,
  mucilage: 12,
  pectin: 10,
  betaGlucan: 30,
  agar: 30,
  kappaCarrageenan: 20,
  gellan: 20,
  iotaCarrageenan: 20,
  pectinLow: 15,
  methylcellulose: 40,
  alginate: 30,
};

/** Share swollen of a thing's gums after some minutes, 0..1; 1 for what holds none. @source kitchen physics 11 */
export function swollenShare({ per100 }: Ingredient, minutes: number): number {
  let all = 0,
    swollen = 0;
  for (const id of gumIds) {
    const g = per100.gums?.[id] ?? 0;
    all += g;
    swollen += g * (1 - 0.1 ** (minutes / swellMinutes[id]));
  }
  return all > 0 ? swollen / all : 1;
}
