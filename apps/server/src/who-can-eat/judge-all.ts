import type { WhoCanEatView } from '@alterum/contract';
import { cliniciansQuestions, type Eater, type EaterVerdict, type Portion, whoCanEat } from '@alterum/core';

export interface Judgement {
  readonly eaters: readonly Eater[];
  readonly portion: Portion;
}

/** Everybody’s verdict; plain values in and out, so that it can run in any thread. */
export const judgeAll = ({ eaters, portion }: Judgement): readonly WhoCanEatView[] =>
  eaters.map((eater) => viewOf(eater, whoCanEat(eater, portion)));

function viewOf(eater: Eater, { verdict, findings, checked }: EaterVerdict): WhoCanEatView {
  return {
    eater: eater.id,
    name: eater.name,
    verdict,
    checked,
    reasons: findings.map((finding) => ({
      verdict: finding.verdict,
      because: finding.reason,
      line: finding.line ?? null,
      ingredient: finding.ingredient ?? null,
      allergen: finding.need.kind === 'allergen' ? finding.need.allergen : null,
      chain: finding.chain,
      wouldChange: finding.wouldChange,
    })),
    askTheClinician: cliniciansQuestions(eater),
  };
}
