import type { EaterView } from '@alterum/contract';
import { dishLimits } from '@alterum/contract/convert';
import {
  type DishPart,
  partChanged,
  partOfVersion,
  partUnweighed,
  type ReadDish,
  type WrittenDish,
  withoutPart,
} from '@alterum/core';
import { CookingPot, X } from 'lucide-react';
import { Link } from 'react-router';
import { useHousehold } from '../household/household-store';
import { Choice } from '../ui/choice';
import { PopoverOnDemand } from '../ui/on-demand';
import { part as fetched } from '../ui/part';
import { ScrubNumber } from '../ui/scrub-number';
import { readyText } from '../words/method-words';
import { gramStep, gramsText } from '../words/number-text';
import { AddPart, amountOfPart } from './add-part';
import { changeDish } from './dish-store';
import { partName } from './names';
import { PartEaters } from './part-eaters';
import { PartSupply } from './part-supply';

const PartReady = fetched(() => import('./part-ready'), <p>Looking …</p>);

interface PanelProps {
  readonly dish: WrittenDish;
  readonly read: ReadDish;
  /** Who is at the table. */
  readonly eaters: readonly EaterView[];
}

/** g of a part: typed, stepped or dragged; of a formula all that it makes, until somebody says less. */
function PartAmount({
  part,
  madeG,
  name,
}: {
  readonly part: DishPart;
  readonly madeG: number | undefined;
  readonly name: string;
}) {
  const { grams, formula } = part;
  const all = formula !== undefined && grams === undefined;
  const value = grams ?? (all ? madeG : undefined);
  return (
    <span className="flex items-center gap-1 whitespace-nowrap">
      {all && <span className="text-[13px] text-soft">all</span>}
      <ScrubNumber
        id={amountOfPart(part.id)}
        label={`Amount of ${name}`}
        value={value}
        begin={100}
        text={value === undefined ? '' : gramsText(value)}
        spoken={
          value === undefined
            ? 'no amount yet'
            : `${gramsText(value)} grams${all ? ', all that the formula makes' : ''}`
        }
        unit="g"
        min={0}
        max={dishLimits.grams}
        step={gramStep}
        placeholder="amount?"
        onChange={(next, gesture) =>
          changeDish((dish) => partChanged(dish, part.id, { grams: next }), gesture)
        }
        className={`h-8 w-16 pr-1 text-[17px] font-bold placeholder:text-[13px] placeholder:text-ask placeholder:opacity-100 ${value === undefined ? 'border-dashed! border-ask!' : ''}`}
      />
      g
      {formula !== undefined && !all && (
        <button
          type="button"
          onClick={() => changeDish((dish) => partUnweighed(dish, part.id))}
          aria-label={`All of ${name}`}
          className="tap-coarse min-h-7 rounded px-1 text-[13px] font-semibold text-rim underline-offset-4 hover:underline"
        >
          all
        </button>
      )}
    </span>
  );
}

/** All of it as it is made. */
const PLAIN = '';

/** Which version of a divided base a part is: those that the household has at the Table. */
function PartVersion({ part, name }: { readonly part: DishPart; readonly name: string }) {
  const { base, versions } = useHousehold((household) => household.versions);
  if (part.formula === undefined || (part.formula !== base && part.version === undefined)) return null;
  const names = versions.map((version) => version.name),
    gone = part.version !== undefined && !names.includes(part.version) ? [part.version] : [];
  return (
    <Choice
      label={`Version of ${name}`}
      value={part.version ?? PLAIN}
      options={[
        { value: PLAIN, label: 'as it is' },
        ...[...names, ...gone].map((value) => ({ value, label: value })),
      ]}
      onChange={(version) =>
        changeDish((dish) => partOfVersion(dish, part.id, version === PLAIN ? undefined : version))
      }
      className="tap-coarse h-8 border border-hair px-1 text-[13px] pointer-coarse:text-base"
    />
  );
}

function PartRow({ part, dish, read, eaters }: PanelProps & { readonly part: DishPart }) {
  const name = partName(part);
  const found = read.parts.find(({ component }) => component.id === part.id),
    supply = read.report?.supplies.find(({ component }) => component === part.id),
    troubles = read.problems.filter((problem) => problem.part === part.id);
  const layers = dish.layers.filter(({ component }) => component === part.id).length;
  const laid =
    found && part.formula === undefined && part.ready.length > 0 ? found.component.grams : undefined;
  return (
    <li className="border-t border-hair py-1.5 first:border-t-0" data-testid={`part-${name}`}>
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <span
          aria-hidden
          className="size-4 shrink-0 rounded-full border border-hair"
          style={{ background: found?.hex ?? 'transparent' }}
        />
        <span className="min-w-0 flex-1 basis-1/2 font-semibold sm:basis-36 wrap-anywhere">
          {part.formula === undefined ? (
            name
          ) : (
            <Link to={`/bench/${part.formula}`} className="underline-offset-4 hover:underline">
              <CookingPot size={15} aria-hidden className="mr-1 inline" />
              {name}
            </Link>
          )}
        </span>
        <span className="order-2 flex basis-full flex-wrap items-center gap-x-2 gap-y-1 pl-6 sm:order-none sm:basis-auto sm:pl-0">
          <PartVersion part={part} name={name} />
          <PartAmount part={part} madeG={found?.madeG} name={name} />
          {part.formula === undefined ? (
            <PopoverOnDemand
              label={`Before it goes in: ${name}`}
              trigger={
                <button
                  type="button"
                  aria-label={`What is done to ${name} before it goes in: ${part.ready.length === 0 ? 'nothing' : readyText(part.ready, lineOf(part))}`}
                  className="tap-coarse min-h-8 rounded-md border border-hair px-2 text-left text-[13px] hover:bg-dip"
                >
                  {part.ready.length === 0 ? 'as it is' : readyText(part.ready, lineOf(part)).split(':')[0]}
                </button>
              }
              content={() => <PartReady part={part} name={name} />}
            />
          ) : null}
          <PartEaters part={part} name={name} eaters={eaters} />
        </span>
        <button
          type="button"
          aria-label={`Leave ${name} out`}
          onClick={() => changeDish((now) => withoutPart(now, part.id))}
          className="tap-coarse order-1 grid size-8 place-items-center rounded-md text-soft hover:bg-dip hover:text-ink sm:order-none"
        >
          <X size={16} aria-hidden />
        </button>
      </div>
      <div className="flex flex-wrap items-center gap-x-3 pl-6">
        {laid !== undefined && (
          <span className="text-[13px] text-soft">{gramsText(laid)} g as it goes in</span>
        )}
        {found && supply && (
          <PartSupply part={part} read={found} supply={supply} name={name} layers={layers} />
        )}
        {troubles.map(({ message }) => (
          <span key={message} role="status" className="text-[13px] text-ask">
            {message}
          </span>
        ))}
      </div>
    </li>
  );
}

/** A thing as a line, for its words. */
const lineOf = ({ id, ingredient = '', ready }: DishPart) =>
  ({ id, ingredient, amount: undefined, role: 'body', preparation: 'as-is', stage: 'start', ready }) as const;

/** What the dish is made of, and whether there is enough of it. */
export function PartsPanel({ dish, read, eaters }: PanelProps) {
  return (
    <section aria-label="Parts" className="plate p-3">
      <h2 className="text-lg">What goes in</h2>
      <ul>
        {dish.parts.map((part) => (
          <PartRow key={part.id} part={part} dish={dish} read={read} eaters={eaters} />
        ))}
      </ul>
      <AddPart />
    </section>
  );
}
