import { type Habits, type Kitchen, usualKitchen } from '@alterum/core';
import { useHousehold } from './household-store';

/** Whose spoons and cups amounts are shown in. */
export const useKitchen = (): Kitchen => useHousehold(({ kitchen }) => kitchen) ?? usualKitchen;
export const kitchenNow = (): Kitchen => useHousehold.getState().kitchen ?? usualKitchen;

/** What this household means where its words leave it open. */
export function habitsNow(): Habits {
  const { kitchen, used } = useHousehold.getState();
  return { kitchen, used };
}
