import type { AddedInput, EaterView, FormulaView } from '@alterum/contract';
import { formulaOfContent, versionsOfBase } from '@alterum/contract/convert';
import {
  divideBase,
  judgeVersions,
  mealOf,
  methodOfBase,
  propertyOf,
  versionOfBase,
  wordFor,
  type DividedBase,
} from '@alterum/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { findIngredient } from '../household/house-larder';
import { useHousehold } from '../household/household-store';
import { nameOfAdded, portionOfAdded, portionOfView } from '../household/judged-evening';
import { type Outcome, outcomeOf } from '../household/outcome';
import { Choice } from '../ui/choice';
import { operationText } from '../words/method-words';
import { figure, gramsText } from '../words/number-text';

/** What is told of each version. */
const told = ['thickness', 'fat', 'salt', 'savoriness', 'stretch'] as const;

/** A divided base as it is worked out. */
function useDivided(eaters: readonly EaterView[]) {
  const versions = useHousehold((household) => household.versions),
    named = useHousehold((household) => household.named),
    larder = useHousehold((household) => household.larder);
  return useMemo(
    () => {
      const view = named.get(versions.base ?? '');
      if (!view || versions.versions.length < 2) return undefined;
      const base = formulaOfContent(view),
        outcome = outcomeOf(base);
      const portion = mealOf([portionOfView(view), portionOfAdded(versions.inBase, named)], 'added');
      const judged = judgeVersions(
        { ...portion, name: view.name },
        versions.versions.map(({ name, added }) => ({ name, added: portionOfAdded(added, named) })),
        eaters,
      );
      const divided = divideBase(
        outcome.prediction.massG,
        versions.versions.map(({ name, added, eaters: chosen }, i) => ({
          name,
          added: added.length,
          people: judged[i]?.people ?? [],
          ...(chosen ? { chosen } : {}),
        })),
        eaters.map(({ id }) => id),
      );
      const said = versionsOfBase(versions);
      const predicted = said.versions.map(({ added }) =>
        outcomeOf(versionOfBase(base, findIngredient, [...said.inBase, ...added], said.dividedAfter)),
      );
      return { view, base, divided, predicted, method: methodOfBase(base, findIngredient) };
    },
    // What stands in the larder decides what a line is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [versions, named, larder, eaters],
  );
}

type Worked = NonNullable<ReturnType<typeof useDivided>>;

/** Who eats a version: each can be put to another one. */
function Eaters({
  share,
  eaters,
}: {
  readonly share: DividedBase['shares'][number];
  readonly eaters: readonly EaterView[];
}) {
  const { versions, divide } = useHousehold();
  const move = (eater: string, to: string) =>
    divide({
      ...versions,
      versions: versions.versions.map((version) => {
        const others = (version.eaters ?? []).filter((one) => one !== eater);
        return { ...version, eaters: version.name === to ? [...others, eater] : others };
      }),
    });
  const people = eaters.filter(({ id }) => share.eaters.includes(id));
  if (people.length === 0) return <p className="text-sm text-soft">nobody</p>;
  return (
    <ul className="flex flex-wrap gap-x-2">
      {people.map(({ id, name }) => (
        <li key={id} className="flex items-center text-sm">
          {name}
          <Choice
            label={`${name} eats`}
            value={share.version}
            options={versions.versions.map((version) => ({ value: version.name, label: version.name }))}
            onChange={(to) => move(id, to)}
            className="tap-coarse max-w-24 text-[13px] font-normal! text-soft pointer-coarse:text-base"
          />
        </li>
      ))}
    </ul>
  );
}

/** What goes into a version after the base was divided, for all who eat it. */
function stirredIn(
  added: readonly AddedInput[],
  eaters: number,
  named: ReadonlyMap<string, FormulaView>,
): string {
  if (added.length === 0) return 'nothing more goes in';
  const things = added.map(({ ingredient, grams }) => {
    const name = nameOfAdded(ingredient, named);
    return grams === null ? `${name}, how much?` : `${gramsText(grams * eaters)} g ${name}`;
  });
  return `stir in ${things.join(', ')}`;
}

/** What a version will be, in a word each. */
function WillBe({ outcome }: { readonly outcome: Outcome }) {
  return (
    <ul className="pt-1 text-[13px] text-soft">
      {told.map((id) => {
        const property = propertyOf(id),
          { mid } = property.value(outcome);
        const word = wordFor(property, mid),
          said = `${figure(mid, property.digits)} ${property.unit}`;
        return (
          <li key={id} className="flex justify-between gap-2" title={said}>
            <span>{property.name}</span>
            <b className="text-ink">{word || said}</b>
          </li>
        );
      })}
    </ul>
  );
}

/** One version: how much of the base it is, who eats it, what goes in and what comes of it. */
function SharePlate({
  share,
  added,
  outcome,
  eaters,
}: {
  readonly share: DividedBase['shares'][number];
  readonly added: readonly AddedInput[];
  readonly outcome: Outcome | undefined;
  readonly eaters: readonly EaterView[];
}) {
  const named = useHousehold((household) => household.named);
  return (
    <li className="rounded-lg border-2 border-hair p-2" data-testid={`share-${share.version}`}>
      <b className="wrap-anywhere">
        {gramsText(share.baseG)} g {share.version}
      </b>
      <Eaters share={share} eaters={eaters} />
      <p className="text-sm">{stirredIn(added, share.eaters.length, named)}</p>
      {outcome && <WillBe outcome={outcome} />}
    </li>
  );
}

/** The operation of the base after which it is divided. */
function DividedAfter({ base, method }: Pick<Worked, 'base' | 'method'>) {
  const { versions, divide } = useHousehold();
  const last = method.length - 1;
  return (
    <label className="flex flex-wrap items-center gap-2 text-sm">
      Divide it after
      <Choice
        label="Divide it after"
        value={String(Math.min(versions.dividedAfter ?? last, last))}
        options={method.map((operation, at) => ({
          value: String(at),
          label: `${at + 1}. ${operationText(operation, base.lines)}`,
        }))}
        onChange={(at) => divide({ ...versions, dividedAfter: Number(at) })}
        className="tap-coarse h-9 max-w-full border-2 border-hair bg-glaze px-1"
      />
    </label>
  );
}

const counts = ['', '', 'Two', 'Three', 'Four'];

/** Versions of one base: where it is divided, who eats which and how much, what they will be, and whose spoon comes first. */
export function DividedBasePlate({ eaters }: { readonly eaters: readonly EaterView[] }) {
  const worked = useDivided(eaters);
  const versions = useHousehold((household) => household.versions.versions);
  if (!worked) return null;
  const { view, base, divided, predicted, method } = worked;
  const names = (ids: readonly string[]) =>
    ids.map((id) => eaters.find((eater) => eater.id === id)?.name ?? id).join(', ');
  return (
    <section aria-label="Versions from one base" className="plate p-3">
      <h2 className="text-lg">
        {counts[divided.shares.length] ?? divided.shares.length} from one base:{' '}
        <Link to={`/bench/${view.id}`} className="underline-offset-4 hover:underline">
          {view.name}
        </Link>
      </h2>
      <DividedAfter base={base} method={method} />
      <ul className="grid gap-2 pt-2 sm:grid-cols-2">
        {divided.shares.map((share, i) => (
          <SharePlate
            key={share.version}
            share={share}
            added={versions[i]?.added ?? []}
            outcome={predicted[i]}
            eaters={eaters}
          />
        ))}
      </ul>
      {divided.without.length > 0 && (
        <p className="pt-2 text-sm font-semibold text-no">
          {names(divided.without)}: none of them. Cook something else.
        </p>
      )}
      {divided.shares.length > 1 && (
        <p className="pt-2 text-sm">
          Spoons touch them in this order, and never back: <b>{divided.spoons.join(', then ')}</b>.
        </p>
      )}
    </section>
  );
}
