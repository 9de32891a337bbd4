import { type Measures, readAmount } from '@alterum/core';
import { kitchenNow } from '../household/habits';
import { useRevalidator } from 'react-router';
import { api } from '../server/api';
import { stockInHouse } from '../household/house-larder';
import { sayFailure } from '../notices/notices';
import { gramsText } from '../words/number-text';
import { NumberField } from '../ui/number-field';

/** Stock is said as amounts are: "2 cans", "1/2 cup", "1,000 g"; what it comes to is then shown in grams. */
function gramsRead(text: string, measures: Measures) {
  const outcome = readAmount(text, measures, { kitchen: kitchenNow() });
  return outcome.kind === 'amount' ? { kind: 'value' as const, value: outcome.grams } : outcome;
}

/** How much of it is in the house; empty is not known. Balance and swap ask it. */
interface InTheHouseProps {
  readonly id: string;
  readonly name: string;
  readonly measures: Measures;
}

export function InTheHouse({ id, name, measures }: InTheHouseProps) {
  const { revalidate } = useRevalidator();
  const known = stockInHouse().get(id);
  const say = (grams: number | undefined) =>
    void (grams === undefined ? api.forgetStock(id) : api.sayStock(id, grams))
      .then(() => revalidate())
      .catch(sayFailure);
  return (
    <div className="mt-2">
      <label className="flex flex-wrap items-center gap-2">
        In the house
        <NumberField
          label={`${name} in the house, grams`}
          value={known}
          write={gramsText}
          unit="g"
          optional
          read={(text) => gramsRead(text, measures)}
          onValue={say}
          className="h-9 w-24 rounded-md border-2 border-hair bg-glaze px-2 text-right font-semibold"
        />
        g <span className="text-sm text-soft">{known === undefined ? 'not known' : ''}</span>
      </label>
    </div>
  );
}
