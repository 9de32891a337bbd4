import type { EaterView } from '@alterum/contract';

let people: readonly EaterView[] = [];

/** Who eats tonight, for parts of the Bench that only ask now and then. */
export const tonight = (): readonly EaterView[] => people;
export const setTonight = (eaters: readonly EaterView[]): void => {
  people = eaters;
};
