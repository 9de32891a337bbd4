import type { EaterView, FormulaSummary, FormulaView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/wire';
import { familyNames, isEmpty, whoCanEat } from '@alterum/core';
import { Columns3, Copy, FilePlus2, Trash2 } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import {
  Link,
  type LoaderFunctionArgs,
  useLoaderData,
  useNavigate,
  useRevalidator,
  useSearchParams,
} from 'react-router';
import { api } from '../app/api';
import { loadHouseLarder } from '../app/house-larder';
import { outcomeOf } from '../bench/bench-store';
import { Bowl } from '../bench/bowl';
import { servedOf } from '../bench/served';
import { Button } from '../ui/button';
import { verdictMarks } from '../table/verdict-cell';
import { deleteFormula, duplicateFormula, newFormula } from './formula-actions';

interface FormulasData {
  readonly summaries: readonly FormulaSummary[];
  readonly views: readonly FormulaView[];
  readonly eaters: readonly EaterView[];
}

export async function loader({ request }: LoaderFunctionArgs): Promise<FormulasData> {
  const search = new URL(request.url).searchParams.get('search') ?? '';
  const [summaries, eaters] = await Promise.all([
    search ? api.searchFormulas(search) : api.formulas(),
    api.eaters(),
    loadHouseLarder(),
  ]);
  const views = await Promise.all(summaries.map(({ id }) => api.formula(id)));
  return { summaries, views, eaters };
}

const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

function judge(view: FormulaView, eaters: readonly EaterView[]) {
  const formula = formulaOfContent(view);
  const outcome = outcomeOf(formula);
  const { prediction } = outcome;
  const served = servedOf(formula, outcome);
  return {
    prediction,
    people: eaters
      .filter((eater) => eater.eatsTonight && served.lines.length > 0)
      .map((eater) => ({ eater, verdict: whoCanEat(eater, served).verdict })),
  };
}

function FormulaRow({ view, eaters }: { readonly view: FormulaView; readonly eaters: readonly EaterView[] }) {
  const navigate = useNavigate(),
    { revalidate } = useRevalidator();
  const { prediction, people } = useMemo(() => judge(view, eaters), [view, eaters]);
  return (
    <li
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair px-4 py-2.5 first:border-t-0"
      data-testid={`formula-${view.name}`}
    >
      <Bowl hex={prediction.colour.hex} size={38} />
      <div className="min-w-0 flex-1 basis-56">
        <Link
          to={`/bench/${view.id}`}
          className="font-display text-lg font-bold underline-offset-4 hover:underline"
        >
          {view.name}
        </Link>
        <p className="text-sm text-soft">
          {familyNames[view.family]} · {view.portions} portions ·{' '}
          {isEmpty(prediction)
            ? 'nothing in it yet'
            : `${prediction.thicknessClass} at ${view.serve.temperatureC} °C`}{' '}
          · {when.format(new Date(view.updatedAt))}
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
          aria-label={`Duplicate ${view.name}`}
          onClick={() => void duplicateFormula(view.id, navigate)}
        >
          <Copy size={17} aria-hidden />
        </Button>
        <Button
          look="bare"
          aria-label={`Delete ${view.name}`}
          onClick={() => void deleteFormula(view.id, navigate).then(revalidate)}
        >
          <Trash2 size={17} aria-hidden />
        </Button>
      </div>
    </li>
  );
}

/** Every formula of the house, with who of tonight’s table it suits. */
export function Component() {
  const { views, eaters } = useLoaderData<FormulasData>();
  const navigate = useNavigate();
  const [parameters, setParameters] = useSearchParams();
  const search = parameters.get('search') ?? '';
  useEffect(() => {
    document.title = 'Formulas · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-5xl px-3 py-4 sm:px-5">
      <div className="flex flex-wrap items-center gap-3 pb-3">
        <h1 className="mr-auto text-2xl">Formulas</h1>
        <input
          type="search"
          aria-label="Search formulas"
          placeholder="name, kind or ingredient"
          defaultValue={search}
          onChange={(event) =>
            setParameters(event.target.value ? { search: event.target.value } : {}, { replace: true })
          }
          className="h-10 w-64 max-w-full rounded-lg border-2 border-rim bg-glaze px-3"
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
        <Button look="yolk" onClick={() => void newFormula(navigate)}>
          <FilePlus2 size={18} aria-hidden /> New formula
        </Button>
      </div>
      <ul className="plate overflow-hidden">
        {views.map((view) => (
          <FormulaRow key={view.id} view={view} eaters={eaters} />
        ))}
        {views.length === 0 && (
          <li className="p-5">
            {search
              ? 'No formula holds these words. Try an ingredient, such as “parsnip”.'
              : 'There is no formula yet. Make a new one: choose what it has to be, then put the first ingredient in the pot.'}
          </li>
        )}
      </ul>
      <p className="pt-3 text-sm">
        <Link to="/put-away" className="font-semibold text-rim underline">
          What was put away
        </Link>
      </p>
    </main>
  );
}
