import type { EaterView } from '@alterum/contract';
import { pageOfFormula } from '@alterum/core';
import { useFormula, useOutcome } from '../open-formula/bench-store';
import { portionOf } from '../household/portion';
import { RecipeArticle } from '../recipe-page/recipe-sheet';
import { peopleOfSheet } from '../recipe-page/sheet-people';
import { tellingHere } from '../recipe-page/telling';

/** What the Bench is on paper: its formula as a page to cook from. */
export default function PrintSheet({ eaters }: { readonly eaters: readonly EaterView[] }) {
  const formula = useFormula(),
    outcome = useOutcome();
  const portion = portionOf(formula, outcome);
  return (
    <RecipeArticle
      page={pageOfFormula(formula, tellingHere())}
      people={peopleOfSheet(eaters, () => portion)}
      portions={`${formula.portions} portions`}
    />
  );
}
