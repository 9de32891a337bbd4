import type { EaterView, FormulaView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/convert';
import { familyNames, isEmpty, whoCanEat } from '@alterum/core';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { BookOpen, ClipboardPaste, Columns3, Copy, FilePlus2, Star, Trash2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import {
  Link,
  type LoaderFunctionArgs,
  useLoaderData,
  useNavigate,
  useRevalidator,
  useSearchParams,
} from 'react-router';
import { sayFailure } from '../notices/notices';
import { api, type FormulasAsked } from '../server/api';
import { queries, read, readList } from '../server/queries';
import { addressOf, askedInAddress, FilterFormulas, type Filters, isFiltered } from './filter-formulas';
import { loadHouseLarder } from '../household/house-larder';
import { outcomeOf } from '../household/outcome';
import { Bowl } from '../ui/bowl';
import { portionOf } from '../household/portion';
import { Button } from '../ui/button';
import { verdictMarks } from '../who-can-eat/verdict-cell';
import { deleteFormula, duplicateFormula, newFormula } from '../formula-list/formula-actions';
import { SearchFormulas } from '../formula-list/search-formulas';
import { type Pages, useFormulaPages } from '../formula-list/use-formula-pages';

interface FormulasData {
  readonly asked: FormulasAsked;
  readonly eaters: readonly EaterView[];
}

export async function loader({ request }: LoaderFunctionArgs): Promise<FormulasData> {
  const eaters = await read(queries.people);
  const asked = askedInAddress(new URL(request.url).searchParams, eaters);
  await Promise.all([readList(queries.wholeFormulas(asked)), loadHouseLarder()]);
  return { asked, eaters };
}

const withYear = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' }),
  thisYear = new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
const when = (moment: Date): string =>
  (moment.getFullYear() === new Date().getFullYear() ? thisYear : withYear).format(moment);

function judge(view: FormulaView, eaters: readonly EaterView[]) {
  const formula = formulaOfContent(view);
  const outcome = outcomeOf(formula);
  const { prediction } = outcome;
  const portion = portionOf(formula, outcome);
  return {
    prediction,
    people: eaters
      .filter((eater) => eater.eatsTonight && portion.lines.length > 0)
      .map((eater) => ({ eater, verdict: whoCanEat(eater, portion).verdict })),
  };
}

interface FormulaRowProps {
  readonly view: FormulaView;
  readonly eaters: readonly EaterView[];
  readonly changed: () => void;
}

function FormulaRow({ view, eaters, changed }: FormulaRowProps) {
  const navigate = useNavigate();
  const { prediction, people } = useMemo(() => judge(view, eaters), [view, eaters]);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2.5">
      <Bowl hex={prediction.colour.hex} size={38} />
      <div className="min-w-0 flex-1 basis-56">
        <Link
          to={`/bench/${view.id}`}
          className="font-display text-lg font-bold underline-offset-4 hover:underline"
        >
          {view.name}
        </Link>
        <p className="text-sm text-soft">
          {familyNames[view.family]} · {view.portions} {view.portions === 1 ? 'portion' : 'portions'} ·{' '}
          {isEmpty(prediction)
            ? 'nothing in it yet'
            : `${prediction.thicknessClass} at ${view.serve.temperatureC} °C`}{' '}
          · {when(new Date(view.updatedAt))}
        </p>
      </div>
      <ul className="flex flex-wrap gap-x-3 text-sm" aria-label="Who can eat">
        {people.map(({ eater, verdict }) => (
          <li key={eater.id} className={`font-semibold ${verdictMarks[verdict].ink}`}>
            <span aria-hidden>{verdictMarks[verdict].sign}</span> {eater.name}{' '}
            <span className="sr-only">{verdictMarks[verdict].word}</span>
          </li>
        ))}
      </ul>
      <div className="flex gap-1">
        <Button
          look="bare"
          aria-label={`Favourite: ${view.name}`}
          aria-pressed={view.favourite}
          onClick={() => void api.markFormula(view.id, !view.favourite).then(changed).catch(sayFailure)}
        >
          <Star size={17} aria-hidden className={view.favourite ? 'fill-yolk' : ''} />
        </Button>
        <Button
          look="bare"
          aria-label={`Recipe of ${view.name}`}
          onClick={() => void navigate(`/bench/${view.id}/recipe`)}
        >
          <BookOpen size={17} aria-hidden />
        </Button>
        <Button
          look="bare"
          aria-label={`Duplicate ${view.name}`}
          onClick={() => void duplicateFormula(view.id, navigate)}
        >
          <Copy size={17} aria-hidden />
        </Button>
        <Button
          look="bare"
          aria-label={`Delete ${view.name}`}
          onClick={() => void deleteFormula(view.id, navigate).then(changed)}
        >
          <Trash2 size={17} aria-hidden />
        </Button>
      </div>
    </div>
  );
}

/** px that a row takes on a wide screen; what it really takes is measured. */
const ROW_PX = 64;
/** Rows kept beyond what is seen, and rows before the end at which the next page is fetched. */
const BEYOND = 8,
  BEFORE_THE_END = 15;

/** Only the rows near what is seen stand in the page, however many there are. */
function FormulaRows({
  pages,
  eaters,
  changed,
}: Omit<FormulaRowProps, 'view'> & { readonly pages: Pages<FormulaView> }) {
  const { entries, total, isMore, more } = pages;
  const [above, setAbove] = useState(0);
  const list = useCallback((node: HTMLUListElement | null) => setAbove(node?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count: entries.length,
    estimateSize: () => ROW_PX,
    overscan: BEYOND,
    scrollMargin: above,
    getItemKey: (at) => entries[at]?.id ?? at,
  });
  const seen = rows.getVirtualItems();
  const last = seen.at(-1)?.index ?? 0;
  useEffect(() => {
    if (isMore && last >= entries.length - BEFORE_THE_END) more();
  }, [last, entries.length, isMore, more]);
  return (
    <div className="plate overflow-hidden">
      <ul ref={list} className="relative" style={{ height: rows.getTotalSize() }} aria-label="Formulas">
        {seen.map(({ index, key, start }) => {
          const view = entries[index];
          return (
            view && (
              <li
                key={key}
                ref={rows.measureElement}
                data-index={index}
                aria-setsize={total}
                aria-posinset={index + 1}
                className={`absolute inset-x-0 top-0 ${index > 0 ? 'border-t border-hair' : ''}`}
                style={{ transform: `translateY(${start - above}px)` }}
                data-testid={`formula-${view.name}`}
              >
                <FormulaRow view={view} eaters={eaters} changed={changed} />
              </li>
            )
          );
        })}
      </ul>
    </div>
  );
}

/** Every formula of the house, with who of tonight’s table it suits. */
export function Component() {
  const { asked, eaters } = useLoaderData<FormulasData>();
  const pages = useFormulaPages(queries.wholeFormulas, asked);
  const { entries: views, total } = pages;
  const navigate = useNavigate(),
    { revalidate } = useRevalidator();
  const [, setParameters] = useSearchParams();
  const { search = '', ...filters } = asked;
  // What is typed or pressed stands at once; what is listed follows.
  const [typed, type] = useState(search),
    [pressed, press] = useState<Filters>(filters);
  const isNarrowed = search !== '' || isFiltered(filters);
  const ask = (next: FormulasAsked) => setParameters(addressOf(next), { replace: true });
  useEffect(() => {
    document.title = 'Formulas · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-5xl px-3 py-4 sm:px-5">
      <div className="flex flex-wrap items-center gap-3 pb-3">
        <h1 className="text-2xl">Formulas</h1>
        <span className="mr-auto text-sm text-soft" role="status">
          {isNarrowed
            ? `${total} found`
            : total > 0 && `${total}, ${filters.order === 'name' ? 'by name' : 'last changed first'}`}
        </span>
        <SearchFormulas
          label="Search formulas"
          search={typed}
          setSearch={(text) => {
            type(text);
            ask({ ...pressed, search: text });
          }}
        />
        {views.length > 1 && (
          <Link
            to={`/compare?with=${views
              .slice(0, 2)
              .map(({ id }) => id)
              .join(',')}`}
            className="tap tap-coarse inline-flex items-center gap-2 rounded-lg border-2 border-rim bg-glaze px-3 font-semibold hover:bg-dip"
          >
            <Columns3 size={18} aria-hidden /> Compare
          </Link>
        )}
        <Link
          to="/read"
          className="tap tap-coarse inline-flex items-center gap-2 rounded-lg border-2 border-rim bg-glaze px-3 font-semibold hover:bg-dip"
        >
          <ClipboardPaste size={18} aria-hidden /> Paste a recipe
        </Link>
        <Button look="yolk" onClick={() => void newFormula(navigate)}>
          <FilePlus2 size={18} aria-hidden /> New formula
        </Button>
      </div>
      <FilterFormulas
        filters={pressed}
        eaters={eaters}
        setFilters={(next) => {
          press(next);
          ask({ ...next, search: typed });
        }}
      />
      {views.length > 0 ? (
        <FormulaRows pages={pages} eaters={eaters} changed={() => void revalidate()} />
      ) : (
        <p className="plate p-5">
          {isFiltered(filters)
            ? 'No formula is left under these filters. Take one of them away.'
            : search
              ? 'No formula holds these words. Try an ingredient, such as “parsnip”.'
              : 'There is no formula yet. Make a new one: choose what it has to be, then put the first ingredient in the pot.'}
        </p>
      )}
      <p className="flex gap-4 pt-3 text-sm">
        <Link
          to="/put-away"
          className="tap-coarse inline-flex min-h-6 items-center font-semibold text-rim underline"
        >
          What was put away
        </Link>
        <Link
          to="/backup"
          className="tap-coarse inline-flex min-h-6 items-center font-semibold text-rim underline"
        >
          Backup
        </Link>
      </p>
    </main>
  );
}
