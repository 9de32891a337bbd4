import { type EveningContent, storedShape } from '@alterum/contract';

export const eveningContentShape = storedShape<EveningContent>('a kept evening');
