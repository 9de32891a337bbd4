import type { PackLabel } from './pack-label.js';

/** A whole list, fresh and understood, that holds nothing but what is given. */
export const readLabel = (more: Partial<PackLabel> = {}): PackLabel => ({
  contains: [],
  askFor: [],
  unknown: [],
  warns: false,
  isList: true,
  readOn: '2026-10-01',
  stale: false,
  ...more,
});
