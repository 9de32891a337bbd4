/** Failure kinds of the API, each with the title shown for it. */
export const problemTypes = {
  'invalid-input': 'Something in what was sent cannot be used',
  'unreadable-body': 'What was sent is not readable JSON',
  'no-such-part': 'The file has no such part',
  'too-large': 'What was sent is too large',
  'not-found': 'It is not here',
  conflict: 'It was changed somewhere else in the meantime',
  'not-allowed': 'This cannot be done here',
  busy: 'The database is busy',
  'cannot-store': 'The disk cannot take it',
  'not-from-here': 'This was asked from somewhere else',
  'wrong-content': 'It was sent as the wrong kind of content',
  internal: 'The server failed',
} as const;
export type ProblemType = keyof typeof problemTypes;

/** One field at fault, by its path: "lines[2].amount". */
export interface FieldProblem {
  readonly field: string;
  readonly message: string;
}

/** A problem document. @source RFC 9457, media type application/problem+json */
export interface Problem {
  readonly type: `/problems/${ProblemType}`;
  readonly title: string;
  readonly status: number;
  /** A sentence that says what happened and what to do. */
  readonly detail: string;
  readonly instance?: string;
  readonly errors?: readonly FieldProblem[];
  /** For a conflict: what stands on the server now. */
  readonly current?: unknown;
}
