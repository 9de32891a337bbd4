import { type PotTonight, storedShape, type VersionsBody } from '@alterum/contract';

export const potsShape = storedShape<readonly PotTonight[]>('tonight’s pots');
export const versionsShape = storedShape<VersionsBody>('versions of a base');
