import { type Law, type PotTonight, VersionsBody } from './household.body.js';

/** What the household has chosen for its table. */
export interface HouseholdView {
  readonly law: Law;
  /** False as long as nobody has chosen a list. */
  readonly lawChosen: boolean;
  readonly pots: readonly PotTonight[];
  readonly versions: VersionsBody | null;
}
