import type { EaterView } from '@alterum/contract';
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { queries, read } from '../server/queries';
import { loadHouseLarder } from '../household/house-larder';
import { rememberOpened } from '../open-formula/last-opened';
import { isText, layerIsOpen, letterIsFree } from '../ui/letter-keys';
import { formulaSaving } from '../saving/formula-saving';
import { redoOnBench, undoOnBench, useBench } from '../open-formula/bench-store';
import { ChartPanel } from './table/chart-panel';
import { ConflictGate } from '../saving/conflict-gate';
import { focusAddIngredient } from '../open-formula/focus';
import { FirstRun } from './lines/first-run';
import { LineList } from './lines/line-list';
import { PeopleStrip } from './people/people-strip';
import { MethodStrip } from './method/method-strip';
import { RailsPanel } from './rails/rails-panel';
import { setSaving } from '../saving/saving';
import { useHousehold } from '../household/household-store';
import { TablePanel } from './table/table-panel';
import { TitleRow } from './title/title-row';
import { closeWork, openWork, useWork, workKeys } from '../open-formula/work-store';
import { part } from '../ui/part';

interface BenchData {
  readonly id: string;
  readonly eaters: readonly EaterView[];
}

export async function loader({ params }: LoaderFunctionArgs): Promise<BenchData> {
  const id = params['id'] ?? '';
  await formulaSaving.flush();
  const [view, eaters] = await Promise.all([
    read({ ...queries.formula(id), staleTime: 0 }),
    read(queries.people),
    loadHouseLarder(),
  ]);
  useHousehold.setState({ tonight: eaters.filter((eater) => eater.eatsTonight) });
  await formulaSaving.open(view);
  closeWork();
  rememberOpened(id);
  return { id, eaters };
}

/** Undo and redo work everywhere on the Bench but inside text being typed. */
function useBenchKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const chord = event.ctrlKey || event.metaKey,
        key = event.key.toLowerCase();
      if (chord && !isText(event.target) && !layerIsOpen() && (key === 'z' || key === 'y')) {
        event.preventDefault();
        if (key === 'y' || event.shiftKey) redoOnBench();
        else undoOnBench();
      } else if (key === 'a' && letterIsFree(event)) {
        event.preventDefault();
        focusAddIngredient();
      } else if (workKeys[key] && letterIsFree(event)) {
        event.preventDefault();
        openWork(workKeys[key]);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

const WorkPanel = part(() => import('../proposal/work-panel'), <div className="plate flex-1" />);

/** Chart and table, or the work of finding amounts in their place. */
function WorkSide() {
  const kind = useWork((work) => work.kind);
  if (kind) return <WorkPanel kind={kind} />;
  return (
    <>
      <ChartPanel />
      <TablePanel />
    </>
  );
}

const PrintSheet = part(() => import('./print-sheet'));

/** ms after which what is printed is fetched: paper waits for nothing. */
const FETCH_PRINT_MS = 2500;

/** Whether the page is being printed: what is printed is drawn by then. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const begin = () => flushSync(() => setPrinting(true)),
      end = () => setPrinting(false);
    const timer = setTimeout(() => PrintSheet.fetch(), FETCH_PRINT_MS);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return printing;
}

/** The formula under work: what is in the pot, what it will be, and who can eat it. */
export function Component() {
  const { id, eaters } = useLoaderData<BenchData>();
  const open = useBench(({ bench }) => bench !== undefined);
  const name = useBench(({ bench }) => bench?.history.formula.name);
  const printing = usePrinting();
  useBenchKeys();
  useEffect(() => {
    const stop = formulaSaving.start();
    return () => {
      stop();
      setSaving({ kind: 'nothing' });
    };
  }, []);
  useEffect(() => {
    document.title = `${name ?? 'Bench'} · Alterum`;
  }, [name]);
  if (!open) return null;
  return (
    <>
      {printing && (
        <div className="hidden print:block">
          <PrintSheet eaters={eaters} />
        </div>
      )}
      <main
        key={id}
        className="mx-auto flex w-full max-w-[1720px] flex-1 flex-col gap-2 px-3 py-2 sm:px-5 lg:h-[calc(100dvh-50px)] lg:min-h-[748px] print:hidden"
        data-testid="bench"
      >
        <TitleRow />
        <PeopleStrip eaters={eaters} />
        <div className="grid min-h-0 flex-1 grid-cols-1 gap-2 md:grid-cols-2 lg:grid-cols-[minmax(0,1.06fr)_minmax(0,1.08fr)_minmax(0,0.86fr)]">
          <LineList />
          <RailsPanel />
          <div className="relative flex min-h-0 flex-col gap-2 md:col-span-2 lg:col-span-1">
            <WorkSide />
          </div>
        </div>
        <MethodStrip />
        <FirstRun />
        <ConflictGate />
      </main>
    </>
  );
}
