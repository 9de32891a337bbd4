import { type FieldProblem, type Problem, problemTypes, type ProblemType } from '@alterum/contract';

export const problemStatus: Readonly<Record<ProblemType, number>> = {
  'invalid-input': 400,
  'unreadable-body': 400,
  'no-such-part': 416,
  'too-large': 413,
  'not-found': 404,
  conflict: 409,
  'not-allowed': 405,
  busy: 503,
  'cannot-store': 507,
  'not-from-here': 403,
  'wrong-content': 415,
  internal: 500,
};

/** An expected failure on its way to the client; the filter turns it into a problem document. */
export class Failure extends Error {
  constructor(
    readonly kind: ProblemType,
    readonly detail: string,
    readonly extra: { readonly errors?: readonly FieldProblem[]; readonly current?: unknown } = {},
  ) {
    super(detail);
    this.name = 'Failure';
  }

  toProblem(instance: string): Problem {
    return {
      type: `/problems/${this.kind}`,
      title: problemTypes[this.kind],
      status: problemStatus[this.kind],
      detail: this.detail,
      instance,
      ...this.extra,
    };
  }
}

export const invalidInput = (errors: readonly FieldProblem[]): Failure =>
  new Failure('invalid-input', `Nothing was changed. ${errors[0]?.message ?? 'Check what was sent.'}`, {
    errors,
  });
