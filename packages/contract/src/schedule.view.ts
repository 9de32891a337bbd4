/** An evening as it is planned, or why it cannot be. */
export interface ScheduleResponse {
  /** min from midnight of the day before, by task; null where the evening cannot be had. */
  readonly starts: Readonly<Record<string, number>> | null;
  /** The same with ends and who does it, in the order of their starts. */
  readonly tasks: readonly {
    readonly id: string;
    readonly start: number;
    readonly end: number;
    readonly cook: string | null;
  }[];
  /** Tasks that cannot be had together, with the reason. */
  readonly collides: readonly { readonly tasks: readonly string[]; readonly why: string }[];
  /** The smallest things that would help: one more of a machine, one more cook, something that stands longer, something made long before (the day before), a task that is not pinned, serving so many min later. */
  readonly helps: readonly {
    readonly kind: 'machine' | 'cook' | 'stand' | 'before' | 'unpin' | 'later';
    readonly what: string;
    readonly minutes?: number;
  }[];
  /** min that what may stand does stand, all together; null where nothing is planned. */
  readonly waiting: number | null;
  /** min from the earliest start to serving, without waits of four hours or more and what comes before them. */
  readonly span: number | null;
  /** Every plan was looked through: none is better, or, where nothing is planned, there is none. Else it is the best that was found. */
  readonly proved: boolean;
  /** min below which what may stand stands in no plan; null where nothing is planned. */
  readonly leastWaiting: number | null;
  /** When it is on the table, min from midnight of the day before, and how much later than asked. */
  readonly serveAt: number;
  readonly lateBy: number;
  /** What was ready and has stood longer than it may. */
  readonly overdue: readonly string[];
  /** Middle four fifths of evenings with minutes drawn between low and high, and the share of them that is late; null where nothing is planned. */
  readonly likelyReady: { readonly from: number; readonly to: number; readonly late: number } | null;
}
