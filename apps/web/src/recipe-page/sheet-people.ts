import type { EaterView } from '@alterum/contract';
import { type Portion, whoCanEat } from '@alterum/core';
import { verdictWords } from '../words/verdict-words';
import { verdictMarks } from '../who-can-eat/verdict-cell';
import type { SheetPerson } from './recipe-sheet';

/** Everybody who eats tonight with what was found of a portion. */
export const peopleOfSheet = (
  eaters: readonly EaterView[],
  portionFor: (eater: EaterView) => Portion,
): readonly SheetPerson[] =>
  eaters
    .filter(({ eatsTonight }) => eatsTonight)
    .map((eater) => {
      const { verdict, findings } = whoCanEat(eater, portionFor(eater));
      const { sign, ink } = verdictMarks[verdict];
      const reason = findings.map((finding) => finding.reason).join('; ');
      return {
        name: eater.name,
        verdict: verdictWords[verdict],
        sign,
        ink,
        ...(reason === '' ? {} : { reason }),
      };
    });
