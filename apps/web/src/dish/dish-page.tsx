import type { EaterView, VesselView } from '@alterum/contract';
import { dishOfContent } from '@alterum/contract/convert';
import { readDish } from '@alterum/core';
import { useDeferredValue, useEffect, useMemo } from 'react';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { loadHouseLarder } from '../household/house-larder';
import { loadHousehold, useHousehold } from '../household/household-store';
import { queries, read } from '../server/queries';
import { isText, layerIsOpen } from '../ui/letter-keys';
import { BoiledTogether } from './boiled-together';
import { DishConflict } from './dish-conflict';
import { DishPeople } from './dish-people';
import { DishPicture } from './dish-picture';
import { dishSaving } from './dish-saving';
import { redoDish, undoDish, useOpenDish } from './dish-store';
import { DishTitle } from './dish-title';
import { knownToDish, knowParts } from '../household/known-to-dish';
import { LayersPanel } from './layers-panel';
import { MoisturePanel } from './moisture-panel';
import { OvenFields } from './oven-fields';
import { PartsPanel } from './parts-panel';
import { VesselFields } from './vessel-fields';

interface DishData {
  readonly id: string;
  readonly eaters: readonly EaterView[];
  readonly vessels: readonly VesselView[];
}

export async function loader({ params }: LoaderFunctionArgs): Promise<DishData> {
  const id = params['id'] ?? '';
  await dishSaving.flush();
  const [view, eaters, vessels] = await Promise.all([
    read({ ...queries.dish(id), staleTime: 0 }),
    read(queries.people),
    read(queries.vessels),
    loadHouseLarder(),
    loadHousehold(),
  ]);
  await knowParts([dishOfContent(view)]);
  await dishSaving.open(view);
  return { id, eaters: eaters.filter((eater) => eater.eatsTonight), vessels };
}

/** Undo and redo work everywhere on the page but inside text being typed. */
function useDishKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      if (!(event.ctrlKey || event.metaKey) || (key !== 'z' && key !== 'y')) return;
      if (isText(event.target) || layerIsOpen()) return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redoDish();
      else undoDish();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

const fitWords = { fits: 'it fits', full: 'it is full to the bubbles', 'runs-over': 'it runs over' } as const;

/** A dish of several parts: what goes in, how it is layered, what becomes of it in the oven, and who can eat it. */
export function Component() {
  const { id, eaters, vessels } = useLoaderData<DishData>();
  const { dish } = useOpenDish();
  const sauces = useHousehold((household) => household.sauces),
    versions = useHousehold((household) => household.versions),
    larder = useHousehold((household) => household.larder);
  const shown = useDeferredValue(dish);
  const worked = useMemo(
    () => readDish(shown, knownToDish()),
    // What the house knows decides what a part is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [shown, sauces, versions, larder],
  );
  useDishKeys();
  useEffect(() => dishSaving.start(), []);
  useEffect(() => {
    document.title = `${dish.name} · Alterum`;
  }, [dish.name]);
  const { report } = worked;
  const stops = worked.problems.filter((problem) => problem.stops);
  return (
    <main key={id} className="mx-auto w-full max-w-6xl space-y-3 px-3 py-3 sm:px-5">
      <p className="text-sm">
        <Link to="/plan" className="font-semibold text-rim underline-offset-4 hover:underline">
          Tonight
        </Link>{' '}
        ·{' '}
        <Link to="/plan/dishes" className="font-semibold text-rim underline-offset-4 hover:underline">
          Dishes
        </Link>
      </p>
      <DishTitle dish={dish} />
      <VesselFields vessel={dish.vessel} vessels={vessels} />
      <div className="grid gap-3 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <div className="min-w-0 space-y-3">
          <PartsPanel dish={dish} read={worked} eaters={eaters} />
          <BoiledTogether dish={shown} />
          <LayersPanel dish={dish} read={worked} />
          <OvenFields dish={dish} />
        </div>
        <div className="min-w-0 space-y-3">
          <section aria-label="In the dish" className="plate p-3">
            <h2 className="text-lg">
              In the dish
              {report && (
                <span className="font-sans text-sm font-normal text-soft">
                  {' '}
                  {Math.round(report.massG)} g, {Math.round(report.heightMm)} mm high:{' '}
                  <b className={report.fits === 'runs-over' ? 'text-no' : 'text-ink'}>
                    {fitWords[report.fits]}
                  </b>
                </span>
              )}
            </h2>
            {stops.map(({ message }) => (
              <p key={message} role="status" className="font-semibold text-ask">
                {message}
              </p>
            ))}
            {report && <DishPicture dish={shown} read={worked} report={report} />}
          </section>
          {report && <MoisturePanel dish={shown} report={report} parts={worked.parts} />}
          <DishPeople dish={shown} read={worked} eaters={eaters} />
        </div>
      </div>
      <DishConflict />
    </main>
  );
}
