import type { NavigateFunction } from 'react-router';
import { api } from '../server/api';
import { focusSoon } from '../ui/focus-net';
import { sayFailure, useNotices } from '../notices/notices';
import { NAME } from '../open-formula/focus';

/** A fresh formula, opened on the Bench. */
export async function newFormula(navigate: NavigateFunction): Promise<void> {
  try {
    const made = await api.createFormula({ name: 'New formula' });
    await navigate(`/bench/${made.id}`);
    focusSoon(`#${NAME}`);
  } catch (error) {
    sayFailure(error);
  }
}

export async function duplicateFormula(id: string, navigate: NavigateFunction): Promise<void> {
  try {
    const made = await api.duplicateFormula(id);
    await navigate(`/bench/${made.id}`);
    focusSoon(`#${NAME}`);
  } catch (error) {
    sayFailure(error);
  }
}

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
