import { useHousehold } from '../household/household-store';
import { knownToDish } from '../household/known-to-dish';
import { stockInHouse } from '../household/house-larder';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number-field';
import { PopoverOnDemand } from '../ui/on-demand';
import { DAY } from './evening-day';
import { clockText, type PotTonightPlanned } from './evening-plan';
import { readClock } from './read-clock';
import { isShort, type ThingTonight, thingsTonight } from './things-tonight';

/** A shop of which nothing is known. @source assumed: eight to eight, forty minutes there and back */
const usualShop = { from: 8 * 60, to: 20 * 60, minutes: 40, buys: [] as string[] };

const gramsText = (grams: number): string => `${grams < 10 ? Number(grams.toFixed(1)) : Math.round(grams)} g`;

function howMuch(thing: ThingTonight): string {
  const { grams, inHouse } = thing;
  const wanted = grams === undefined ? 'amount not said' : gramsText(grams);
  if (inHouse === undefined) return wanted;
  return isShort(thing)
    ? `${wanted}, only ${gramsText(inHouse)} here`
    : `${wanted}, ${gramsText(inHouse)} here`;
}

const hour = 'tap-coarse h-9 w-16 rounded-lg border-2 border-hair bg-glaze px-2';

const tonightNeeds = (pots: readonly PotTonightPlanned[]): readonly ThingTonight[] =>
  thingsTonight(pots, { ...knownToDish(), stock: stockInHouse() });

function Shop({ pots }: { readonly pots: readonly PotTonightPlanned[] }) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  const shop = evening.shop ?? usualShop,
    buys = new Set(shop.buys);
  const things = tonightNeeds(pots);
  const set = (part: Partial<typeof shop>) => eatAt({ ...evening, shop: { ...shop, ...part } });
  const short = things.filter((thing) => isShort(thing) && !buys.has(thing.id));
  const time = (label: string, value: number, write: (value: number) => void) => (
    <NumberField
      label={label}
      value={value}
      write={(minute) => clockText(DAY + minute)}
      unit=""
      read={readClock}
      onValue={(minute) => minute !== undefined && write(minute)}
      className={hour}
    />
  );
  return (
    <>
      <h2 className="pb-1 text-lg">To be bought</h2>
      <p className="flex flex-wrap items-center gap-2 pb-2 text-sm">
        Open from {time('The shop opens at', shop.from, (from) => set({ from }))} to{' '}
        {time('The shop closes at', shop.to, (to) => set({ to }))}, there and back
        <NumberField
          label="Minutes to shop"
          value={shop.minutes}
          unit="min"
          min={1}
          max={360}
          onValue={(minutes) => minutes !== undefined && set({ minutes })}
          className={hour}
        />
        min
      </p>
      {short.length > 0 && (
        <Button className="mb-2" onClick={() => set({ buys: [...shop.buys, ...short.map(({ id }) => id)] })}>
          Tick what is short: {short.length}
        </Button>
      )}
      {things.length === 0 && <p className="text-sm text-soft">Nothing is cooked tonight yet.</p>}
      <ul>
        {things.map((thing) => (
          <li key={thing.id}>
            <label className="tap-coarse flex min-h-8 items-center gap-2 text-sm">
              <input
                type="checkbox"
                checked={buys.has(thing.id)}
                onChange={({ target }) =>
                  set({
                    buys: target.checked
                      ? [...shop.buys, thing.id]
                      : shop.buys.filter((id) => id !== thing.id),
                  })
                }
                className="size-4 accent-rim"
              />
              <span className="min-w-0">
                {thing.name} <span className="text-soft">{howMuch(thing)}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </>
  );
}

/** What is bought before it is cooked, and when the shop is open. */
export function ShopTonightPlate({ pots }: { readonly pots: readonly PotTonightPlanned[] }) {
  const buys = useHousehold((household) => household.evening.shop?.buys);
  const count = buys?.length ? tonightNeeds(pots).filter(({ id }) => buys.includes(id)).length : 0;
  return (
    <PopoverOnDemand
      label="To be bought"
      trigger={
        <Button look="bare" className="text-sm underline underline-offset-4">
          {count === 0 ? 'anything to buy?' : `to buy: ${count}`}
        </Button>
      }
      content={() => <Shop pots={pots} />}
    />
  );
}
