import type { WishInput } from './brief.body.js';

export interface SavedBriefView {
  readonly id: string;
  readonly name: string;
  readonly wishes: readonly WishInput[];
}
