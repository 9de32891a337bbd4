import type { EaterView } from '@alterum/contract';
import { roleNames, sideBySide } from '@alterum/core';
import { X } from 'lucide-react';
import { Fragment, type ReactNode, useEffect } from 'react';
import { Link, type LoaderFunctionArgs, useLoaderData, useSearchParams } from 'react-router';
import { queries, read, readList } from '../server/queries';
import { findIngredient, loadHouseLarder } from '../household/house-larder';
import { figure, gramsText } from '../words/number-text';
import { verdictWords } from '../words/verdict-words';
import { SearchFormulas } from '../formula-list/search-formulas';
import { useFoundFormulas } from '../formula-list/use-found-formulas';
import { verdictMarks } from '../who-can-eat/verdict-cell';
import { Choice } from '../ui/choice';
import { type ComparedFormula, keysOf, letters, loadCompared, MOST } from './compared';
import { beadLooks } from './looks';
import { OverlaidCurves } from './overlaid-curves';
import { OverlaidRails } from './overlaid-rails';

interface CompareData {
  readonly eaters: readonly EaterView[];
  readonly compared: readonly ComparedFormula[];
}

export async function loader({ request }: LoaderFunctionArgs): Promise<CompareData> {
  const keys = keysOf(new URL(request.url).searchParams.get('with'));
  const [everybody] = await Promise.all([
    read(queries.people),
    readList(queries.formulas('')),
    loadHouseLarder(),
  ]);
  const eaters = everybody.filter(({ eatsTonight }) => eatsTonight);
  const loaded = await Promise.all(keys.map((key) => loadCompared(key, eaters).catch(() => undefined)));
  return { eaters, compared: loaded.filter((entry) => entry !== undefined) };
}

const Letter = ({ i }: { readonly i: number }) => (
  <span
    className={`inline-grid size-6 place-items-center rounded-full border-2 text-[13px] font-bold ${beadLooks[i]}`}
  >
    {letters[i]}
  </span>
);

const cell = 'px-2.5 py-1 text-right whitespace-nowrap';

function Head({
  compared,
  first,
}: {
  readonly compared: readonly ComparedFormula[];
  readonly first: string;
}) {
  return (
    <thead>
      <tr>
        <th scope="col" className="px-2.5 py-1 text-left font-semibold text-soft">
          {first}
        </th>
        {compared.map(({ key, name }, i) => (
          <th key={key} scope="col" className={cell} aria-label={name}>
            <Letter i={i} />
          </th>
        ))}
      </tr>
    </thead>
  );
}

/** What is in each, aligned by role. */
function Lines({ compared }: { readonly compared: readonly ComparedFormula[] }) {
  const rows = sideBySide(
    compared.map(({ formula }) => formula),
    findIngredient,
  );
  return (
    <table className="w-full text-[14.5px]">
      <Head compared={compared} first="g" />
      <tbody>
        {rows.map((row, i) => (
          <Fragment key={`${row.role} ${row.ingredient}`}>
            {rows[i - 1]?.role !== row.role && (
              <tr>
                <th
                  scope="rowgroup"
                  colSpan={compared.length + 1}
                  className="border-t border-hair px-2.5 pt-1.5 text-left text-[13px] text-soft"
                >
                  {roleNames[row.role]}
                </th>
              </tr>
            )}
            <tr>
              <th scope="row" className="px-2.5 py-0.5 text-left font-normal">
                {findIngredient(row.ingredient)?.name ?? row.ingredient}
              </th>
              {row.grams.map((g, k) => (
                <td
                  key={compared[k]?.key}
                  className={`${cell} ${g === undefined ? 'text-soft' : 'font-semibold'}`}
                >
                  {g === undefined ? '–' : gramsText(g)}
                </td>
              ))}
            </tr>
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function People({
  compared,
  eaters,
}: {
  readonly compared: readonly ComparedFormula[];
  readonly eaters: readonly EaterView[];
}) {
  return (
    <table className="w-full text-[14.5px]">
      <Head compared={compared} first="tonight" />
      <tbody>
        {eaters.map((eater, row) => (
          <tr key={eater.id} className="border-t border-hair">
            <th scope="row" className="px-2.5 py-1 text-left font-normal">
              {eater.name}
            </th>
            {compared.map(({ key, people }) => {
              const result = people[row];
              if (!result) return <td key={key} />;
              const { sign, ink } = verdictMarks[result.verdict];
              return (
                <td
                  key={key}
                  className={`${cell} font-bold ${ink}`}
                  title={result.findings[0]?.reason ?? verdictWords[result.verdict]}
                >
                  <span aria-hidden>{sign}</span>
                  <span className="sr-only">
                    {verdictWords[result.verdict]} {result.findings[0]?.reason}
                  </span>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Cost, and what a portion feeds. */
function Figures({ compared }: { readonly compared: readonly ComparedFormula[] }) {
  const rows: readonly (readonly [string, (entry: ComparedFormula) => string])[] = [
    ['coins', ({ report, formula }) => figure(report.cost.coins.mid / formula.portions, 2)],
    ['g', ({ outcome, formula }) => figure(outcome.prediction.massG / formula.portions, 0)],
    ['kcal', ({ report, formula }) => figure(report.nutrition.energyKcal / formula.portions, 0)],
    ['fat, g', ({ report, formula }) => figure(report.nutrition.fat / formula.portions, 1)],
    [
      'saturated fat, g',
      ({ report, formula }) =>
        `${report.nutrition.saturatedFat.covered < 0.99 ? 'at least ' : ''}${figure(report.nutrition.saturatedFat.amount / formula.portions, 1)}`,
    ],
    ['protein, g', ({ report, formula }) => figure(report.nutrition.protein / formula.portions, 1)],
    ['sugars, g', ({ report, formula }) => figure(report.nutrition.sugars / formula.portions, 1)],
    ['fibre, g', ({ report, formula }) => figure(report.nutrition.fibre / formula.portions, 1)],
    ['salt, g', ({ report, formula }) => figure(report.nutrition.salt / formula.portions, 2)],
  ];
  return (
    <table className="w-full text-[14.5px]">
      <Head compared={compared} first="a portion" />
      <tbody>
        {rows.map(([name, said]) => (
          <tr key={name} className="border-t border-hair">
            <th scope="row" className="px-2.5 py-1 text-left font-normal">
              {name}
            </th>
            {compared.map((entry) => (
              <td key={entry.key} className={cell}>
                {said(entry)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Plate({
  title,
  className = '',
  children,
}: {
  readonly title: string;
  readonly className?: string;
  readonly children: ReactNode;
}) {
  return (
    <section aria-label={title} className={`plate overflow-x-auto px-4 py-2.5 ${className}`}>
      <h2 className="text-lg">{title}</h2>
      {children}
    </section>
  );
}

/** What is compared, by its letters; one is taken away, another put beside. */
function Chosen({ compared }: { readonly compared: readonly ComparedFormula[] }) {
  const { entries, isMore, search, setSearch } = useFoundFormulas(queries.formulas);
  const [, setParameters] = useSearchParams();
  const keys = compared.map(({ key }) => key);
  const choose = (next: readonly string[]) =>
    setParameters(next.length > 0 ? { with: next.join(',') } : {}, { replace: true });
  const others = entries.filter(({ id }) => !keys.includes(id));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 className="text-2xl">Compare</h1>
      {compared.map(({ key, name, formulaId }, i) => (
        <span key={key} className="plate flex items-center gap-2 py-1 pl-2 pr-1">
          <Letter i={i} />
          <Link to={`/bench/${formulaId}`} className="font-semibold underline-offset-4 hover:underline">
            {name}
          </Link>
          <button
            type="button"
            aria-label={`Put ${name} away`}
            onClick={() => choose(keys.filter((other) => other !== key))}
            className="tap-coarse grid size-7 place-items-center rounded-md hover:bg-dip"
          >
            <X size={15} aria-hidden />
          </button>
        </span>
      ))}
      {compared.length < MOST && (isMore || search !== '') && (
        <SearchFormulas label="Search formulas to compare" search={search} setSearch={setSearch} />
      )}
      {compared.length < MOST && others.length > 0 && (
        <Choice
          label="Put another beside it"
          value=""
          options={[
            { value: '', label: 'put another beside it …' },
            ...others.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(id) => id && choose([...keys, id])}
          className="border-2 border-rim px-2 py-1.5"
        />
      )}
    </div>
  );
}

/** Up to four formulas, or versions of one, side by side. */
export function Component() {
  const { eaters, compared } = useLoaderData<CompareData>();
  useEffect(() => {
    document.title = 'Compare · Alterum';
  }, []);
  return (
    <main
      className="mx-auto flex w-full max-w-[1500px] flex-col gap-2 px-3 py-3 sm:px-5"
      data-testid="compare"
    >
      <Chosen compared={compared} />
      {compared.length === 0 ? (
        <p className="plate p-4">
          Choose formulas to see their lines, rails, curves, people and figures side by side.
        </p>
      ) : (
        <div className="grid gap-2 lg:grid-cols-[minmax(0,0.9fr)_minmax(0,1.2fr)]">
          <div className="flex flex-col gap-2">
            <Plate title="What is in">
              <Lines compared={compared} />
            </Plate>
            <Plate title="Who can eat">
              <People compared={compared} eaters={eaters} />
            </Plate>
            <Plate title="What it costs and feeds">
              <Figures compared={compared} />
            </Plate>
          </div>
          <div className="flex flex-col gap-2">
            <Plate title="What it will be">
              <OverlaidRails compared={compared} />
            </Plate>
            <Plate title="From pan to fridge">
              <OverlaidCurves compared={compared} />
            </Plate>
          </div>
        </div>
      )}
    </main>
  );
}
