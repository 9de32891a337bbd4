import { cautionsOf } from '@alterum/core';
import { Printer } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useLoaderData } from 'react-router';
import { queries } from '../server/queries';
import { MoreFormulas } from '../formula-list/more-formulas';
import { useFormulaPages } from '../formula-list/use-formula-pages';
import { needText } from '../household/need-text';
import { Button } from '../ui/button';
import { tableCautions } from './cautions';
import { judged, recipeOf } from '../household/judged-evening';
import { loadTable, type TableData } from './table-data';
import { verdictMarks } from '../who-can-eat/verdict-cell';

export const loader = (): Promise<TableData> => loadTable();

const today = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' });

interface OnCardProps {
  readonly judged: ReturnType<typeof judged>;
  readonly eaters: TableData['eaters'];
  /** Left out of what is printed. */
  readonly left: boolean;
  readonly toggle: () => void;
}

/** One formula: who can eat it and why not, and the cautions that go with it. */
function OnCard({ judged: { view, people }, eaters, left, toggle }: OnCardProps) {
  return (
    <section className={`mt-3 border-t-2 border-rim pt-1.5 ${left ? 'print:hidden opacity-50' : ''}`}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-lg">{view.name}</h2>
        <label className="text-sm print:hidden">
          <input
            type="checkbox"
            className="mr-1.5 size-4.5 accent-(--rim)"
            checked={!left}
            onChange={toggle}
          />
          on the card
        </label>
      </div>
      {people.every(({ verdict }) => verdict === 'none') && people.length > 0 && (
        <p className="text-sm">Nothing is in it yet, so it was checked for nobody.</p>
      )}
      <ul className="text-sm">
        {people.map((result, i) => {
          if (result.verdict === 'none') return null;
          const mark = verdictMarks[result.verdict];
          return (
            <li key={result.eater}>
              <b className={mark.ink}>
                {mark.sign} {eaters[i]?.name}: {mark.word}
              </b>{' '}
              {result.findings.map(({ reason }) => reason).join('; ')}
            </li>
          );
        })}
      </ul>
      <p className="mt-1 text-[13px] text-soft">
        {cautionsOf(recipeOf(view))
          .map(({ text }) => text)
          .join(' ')}
      </p>
    </section>
  );
}

/** What is left off the card, by id. */
function useLeftOut() {
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const toggle = (id: string) =>
    setLeft((all) => {
      const next = new Set(all);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  return { left, toggle };
}

/** A card for the fridge door or a guest: who eats what and why not, with the cautions. */
export function Component() {
  const { eaters } = useLoaderData<TableData>();
  const pages = useFormulaPages(queries.wholeFormulas, '');
  const rows = useMemo(() => pages.entries.map((view) => judged(view, eaters)), [pages.entries, eaters]);
  const { left, toggle } = useLeftOut();
  useEffect(() => {
    document.title = 'Card · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-3xl bg-glaze px-4 py-4 print:max-w-none">
      <div className="flex flex-wrap items-center gap-2 pb-2 print:hidden">
        <Link to="/table" className="mr-auto font-semibold text-rim underline">
          Back to the Table
        </Link>
        <Button look="yolk" onClick={() => window.print()}>
          <Printer size={16} aria-hidden /> Print
        </Button>
      </div>
      <h1 className="text-2xl">Who can eat what</h1>
      <p className="text-sm text-soft">as checked on {today.format(new Date())}</p>
      <ul className="mt-2 text-sm">
        {eaters.map((eater) => (
          <li key={eater.id}>
            <b>{eater.name}</b> {eater.needs.map(needText).join(', ') || 'no needs entered'}
          </li>
        ))}
      </ul>
      {rows.map((row) => (
        <OnCard
          key={row.view.id}
          judged={row}
          eaters={eaters}
          left={left.has(row.view.id)}
          toggle={() => toggle(row.view.id)}
        />
      ))}
      <div className="print:hidden">
        <MoreFormulas {...pages} />
      </div>
      <footer className="mt-4 border-t-2 border-rim pt-2 text-sm" data-testid="print-cautions">
        {tableCautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
      </footer>
    </main>
  );
}
