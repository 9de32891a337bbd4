import { formulaBodyOf, formulaOfContent } from '@alterum/contract/convert';
import { applyStep, scaledFormula } from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import { knowSauces } from '../household/sauces-inside';
import { useNotices } from '../notices/notices';
import { api } from '../server/api';

/** A formula made larger until it comes to so many g, on the server; one press takes it back. @throws when the server refuses */
export async function scaleSauce(id: string, grams: number): Promise<void> {
  const view = await api.formula(id),
    formula = formulaOfContent(view);
  const { steps, factor } = scaledFormula({ formula, larder: findIngredient, ask: { by: 'mass', grams } });
  const outcome = applyStep(formula, { step: 'several', steps });
  if (outcome.kind !== 'applied') return;
  const scaled = await api.updateFormula(id, { ...formulaBodyOf(outcome.formula), version: view.version });
  knowSauces([scaled]);
  useNotices
    .getState()
    .show(
      `“${view.name}” is ${factor.toFixed(factor < 1.1 ? 2 : 1)} times as much now: ${Math.round(grams)} g.`,
      {
        label: 'Undo',
        undo: true,
        run: () =>
          void api
            .updateFormula(id, { ...formulaBodyOf(formula), version: scaled.version })
            .then((back) => knowSauces([back]))
            .catch((error: unknown) => useNotices.getState().show(String(error))),
      },
    );
}
