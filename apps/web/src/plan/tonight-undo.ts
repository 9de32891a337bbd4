import { useHousehold } from '../household/household-store';
import { useNotices } from '../notices/notices';

/** Changes what is cooked tonight; one press, or the undo key, brings back what stood there. */
export function changeTonight(told: string, change: () => void): void {
  const { pots, dishes, evening } = useHousehold.getState();
  change();
  useNotices.getState().show(told, {
    label: 'Undo',
    undo: true,
    run: () => {
      const { cook, cookDishes, eatAt } = useHousehold.getState();
      cook(pots);
      cookDishes(dishes);
      if (useHousehold.getState().evening !== evening) eatAt(evening);
    },
  });
}
