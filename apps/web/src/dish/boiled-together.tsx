import { type DishPart, finishTogether, partChanged, piecesBoiled, type WrittenDish } from '@alterum/core';
import { Button } from '../ui/button';
import { changeDish } from './dish-store';
import { partName } from './names';

/** Cut to so many mm, and boiled for so many minutes. */
function cutAndBoiled({ ready }: DishPart, sizeMm: number, minutes: number): DishPart['ready'] {
  const cut = { kind: 'cut', sizeMm: Math.round(sizeMm) } as const;
  const cutNow = ready.some(({ kind }) => kind === 'cut')
    ? ready.map((one) => (one.kind === 'cut' ? { ...one, ...cut } : one))
    : [cut, ...ready];
  return cutNow.map((one) => (one.kind === 'boil-soft' ? { ...one, minutes: Math.round(minutes) } : one));
}

/** Things that are boiled soft for a dish, in one pot: when each goes in, or how each is cut, so that all are tender at once. */
export function BoiledTogether({ dish }: { readonly dish: WrittenDish }) {
  const boiled = piecesBoiled(dish.parts);
  if (boiled.length < 2) return null;
  const { minutes, pieces } = finishTogether(boiled);
  const of = (id: string) => dish.parts.find((part) => part.id === id);
  const uneven = pieces.some(({ goesInAt }) => goesInAt >= 1);
  const canCut = pieces.every(({ cutToMm }) => cutToMm !== undefined);
  const cut = () =>
    changeDish((now) =>
      pieces.reduce((all, { id, cutToMm }) => {
        const part = all.parts.find((one) => one.id === id);
        return part && cutToMm !== undefined
          ? partChanged(all, id, { ready: cutAndBoiled(part, cutToMm, minutes) })
          : all;
      }, now),
    );
  return (
    <section aria-label="Boiled in one pot" className="plate p-3">
      <h2 className="text-lg">Boiled in one pot</h2>
      <ol className="text-sm">
        {pieces.map(({ id, sizeMm, goesInAt, tenderMin, cv }) => (
          <li key={id} className="flex flex-wrap gap-x-2 border-t border-hair py-1 first:border-t-0">
            <b className="w-24">{goesInAt < 0.5 ? 'at first' : `after ${Math.round(goesInAt)} min`}</b>
            <span className="min-w-0 flex-1">
              {partName(of(id) ?? { id, ready: [] })}, {Math.round(sizeMm)} mm: tender in{' '}
              {Math.round(tenderMin)} min ({Math.round(tenderMin * Math.exp(-1.28 * cv))} to{' '}
              {Math.round(tenderMin * Math.exp(1.28 * cv))})
            </span>
          </li>
        ))}
      </ol>
      <p className="text-sm text-soft">
        All are tender about {Math.round(minutes)} minutes after the first go in.
      </p>
      {uneven && canCut && (
        <p className="flex flex-wrap items-center gap-2 pt-1 text-sm">
          Or all at once, cut to{' '}
          {pieces
            .map(
              ({ id, cutToMm }) => `${partName(of(id) ?? { id, ready: [] })} ${Math.round(cutToMm ?? 0)} mm`,
            )
            .join(', ')}
          <Button onClick={cut}>Cut them so</Button>
        </p>
      )}
    </section>
  );
}
