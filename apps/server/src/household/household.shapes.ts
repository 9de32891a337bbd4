import {
  type CookingView,
  type DishTonight,
  type EveningBody,
  type PotTonight,
  storedShape,
  type VersionsBody,
} from '@alterum/contract';

export const potsShape = storedShape<readonly PotTonight[]>('tonight’s pots');
export const dishesShape = storedShape<readonly DishTonight[]>('tonight’s dishes');
export const versionsShape = storedShape<VersionsBody>('versions of a base');
export const eveningShape = storedShape<EveningBody>('the evening');
export const cookingShape = storedShape<CookingView>('how far tonight is');
