import type { NavigateFunction } from 'react-router';
import { api } from '../server/api';
import { focusSoon } from '../ui/focus-net';
import { sayFailure, useNotices } from '../notices/notices';
import { onceAtATime } from '../ui/once-at-a-time';
import { NAME } from '../open-formula/focus';

async function opened(making: Promise<{ readonly id: string }>, navigate: NavigateFunction): Promise<void> {
  try {
    const made = await making;
    await navigate(`/bench/${made.id}`);
    focusSoon(`#${NAME}`);
  } catch (error) {
    sayFailure(error);
  }
}

/** A fresh formula, opened on the Bench. */
export const newFormula = onceAtATime((navigate: NavigateFunction) =>
  opened(api.createFormula({ name: 'New formula' }), navigate),
);

export const duplicateFormula = onceAtATime((id: string, navigate: NavigateFunction) =>
  opened(api.duplicateFormula(id), navigate),
);

/** Deletes at once and offers to take it back; nothing is asked beforehand. */
export async function deleteFormula(id: string, navigate: NavigateFunction): Promise<void> {
  try {
    const { name } = await api.formula(id);
    await api.deleteFormula(id);
    await navigate('/formulas');
    const undo = () =>
      void api
        .restoreFormula(id)
        .then(() => navigate(`/bench/${id}`))
        .catch(sayFailure);
    useNotices.getState().show(`“${name}” was deleted.`, { label: 'Undo', run: undo, undo: true });
  } catch (error) {
    sayFailure(error);
  }
}
