import type { NavigateFunction } from 'react-router';
import { sayFailure, useNotices } from '../notices/notices';
import { api } from '../server/api';
import { onceAtATime } from '../ui/once-at-a-time';
import { focusSoon } from '../ui/focus-net';

export const DISH_NAME = 'dish-name';

const goTo = async (navigate: NavigateFunction, id: string): Promise<void> => {
  await navigate(`/plan/dishes/${id}`);
  focusSoon(`#${DISH_NAME}`);
};

/** A fresh dish, opened. */
export const newDish = onceAtATime((navigate: NavigateFunction) =>
  api
    .createDish({ name: 'New dish' })
    .then(({ id }) => goTo(navigate, id))
    .catch(sayFailure),
);

export const duplicateDish = onceAtATime((id: string, navigate: NavigateFunction) =>
  api
    .duplicateDish(id)
    .then((made) => goTo(navigate, made.id))
    .catch(sayFailure),
);

/** Deletes at once and offers to take it back. */
export async function deleteDish(id: string, name: string, navigate: NavigateFunction): Promise<void> {
  try {
    await api.deleteDish(id);
    await navigate('/plan/dishes');
    const undo = () =>
      void api
        .restoreDish(id)
        .then(() => navigate(`/plan/dishes/${id}`))
        .catch(sayFailure);
    useNotices.getState().show(`“${name}” was deleted.`, { label: 'Undo', run: undo, undo: true });
  } catch (error) {
    sayFailure(error);
  }
}
