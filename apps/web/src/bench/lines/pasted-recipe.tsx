import { type Formula, type FormulaStep, type Line } from '@alterum/core';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { useBench } from '../../open-formula/bench-store';
import { Dialog } from '../../ui/dialog';
import RecipeReader from '../../recipe-reader/recipe-reader';

/** Lines that come into a pot that holds something already; into an empty one the recipe comes whole. */
function stepsOf(read: Formula, open: Formula): FormulaStep {
  if (open.lines.length === 0)
    return {
      step: 'become',
      formula: { ...read, name: open.name === 'New formula' ? read.name : open.name, family: open.family },
    };
  return { step: 'several', steps: read.lines.map((line: Line) => ({ step: 'add-line', line })) };
}

/** A recipe that was pasted where an ingredient was asked for. */
export default function PastedRecipe({ text, close }: { readonly text: string; readonly close: () => void }) {
  const take = (read: Formula) => {
    const open = useBench.getState().bench?.history.formula;
    if (!open) return;
    takeWithWayBack(stepsOf(read, open), `${read.lines.length} lines came into the pot.`);
    close();
  };
  return (
    <Dialog title="A recipe was pasted" wide close={close}>
      <RecipeReader given={text} action="Put it in the pot" take={take} />
    </Dialog>
  );
}
