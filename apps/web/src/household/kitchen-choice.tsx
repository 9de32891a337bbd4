import { type Kitchen, kitchenOf, kitchens } from '@alterum/core';
import { Choice } from '../ui/choice';
import { useKitchen } from './habits';
import { useHousehold } from './household-store';

const options = kitchens.map((id) => {
  const { name, says } = kitchenOf(id);
  return { value: id, label: `${name} (${says})` };
});

/** Whose spoons and cups are meant, said once for the household. */
export function KitchenChoice({ className = '' }: { readonly className?: string }) {
  const kitchen = useKitchen(),
    choose = useHousehold((household) => household.chooseKitchen);
  return (
    <Choice<Kitchen>
      label="Spoons and cups"
      value={kitchen}
      options={options}
      onChange={choose}
      className={className}
    />
  );
}
