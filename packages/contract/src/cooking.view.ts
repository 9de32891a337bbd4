/** How far an evening is, by the ids of its tasks; min from midnight of the day before. */
export interface CookingView {
  /** The day on which it is eaten, "2026-11-27"; empty as long as nothing was said of any. */
  readonly day: string;
  readonly begun: Readonly<Record<string, number>>;
  readonly done: Readonly<Record<string, number>>;
  /** What was put to a time by hand. */
  readonly pinned: Readonly<Record<string, number>>;
  /** Who does what, where that was said. */
  readonly by: Readonly<Record<string, string>>;
  /** min from which the rest was planned again; null as long as the first plan is followed. */
  readonly from: number | null;
  /** How often it was planned again: twice within a minute is twice. */
  readonly round: number;
}
