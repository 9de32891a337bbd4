import { type RailId, rails } from '@alterum/core';
import { useMemo, useState } from 'react';
import { findIngredient } from '../../household/house-larder';
import { useBench, useOutcome } from '../../open-formula/bench-store';
import { openWork, useWork } from '../../open-formula/work-store';
import { useSize } from '../../chart/use-size';
import { Choice } from '../../ui/choice';
import { TradeTable } from './trade-table';
import { TradePicture } from './trade-picture';
import { useTradeMap } from './use-trade-map';

const railOptions = rails.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }));

/** The two lines that most likely trade against each other: the asked one, or the largest thickener, against the largest liquid. */
function useChosenLines() {
  const { recipe, lineIds } = useOutcome();
  const asked = useWork((work) => work.line);
  const heaviest = (role: string, except?: string) =>
    recipe.lines.reduce<{ id: string; mass: number } | undefined>((most, { ingredient, mass }, i) => {
      const id = lineIds[i] ?? '';
      return ingredient.role === role && id !== except && mass > (most?.mass ?? 0) ? { id, mass } : most;
    }, undefined)?.id;
  const [x, setX] = useState(() => asked ?? heaviest('thickener') ?? lineIds[0]);
  const [y, setY] = useState(
    () => heaviest('liquid', x) ?? heaviest('body', x) ?? lineIds.find((id) => id !== x),
  );
  return { x, y, setX, setY };
}

type ChosenLines = ReturnType<typeof useChosenLines>;

/** Which line goes across and which upwards; one line is never both. */
function LineChoices({
  x,
  y,
  setX,
  setY,
  options,
}: ChosenLines & { readonly options: readonly { readonly value: string; readonly label: string }[] }) {
  return (
    <div className="flex flex-wrap items-center gap-x-2 text-[13.5px]">
      <Choice
        label="Across"
        value={x ?? ''}
        options={options.filter(({ value }) => value !== y)}
        onChange={setX}
        className="max-w-40"
      />{' '}
      against
      <Choice
        label="Upwards"
        value={y ?? ''}
        options={options.filter(({ value }) => value !== x)}
        onChange={setY}
        className="max-w-40"
      />
    </div>
  );
}

interface RailChoicesProps {
  readonly shown: readonly [RailId, RailId];
  readonly setFirst: (rail: RailId) => void;
  readonly setSecond: (rail: RailId) => void;
}

/** Which two properties are drawn, each beside the line it is drawn with. */
function RailChoices({ shown: [first, second], setFirst, setSecond }: RailChoicesProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-2 text-[13.5px]">
      <span className="inline-block size-3 rounded-sm border border-doubt bg-doubt/60" aria-hidden />
      <Choice label="First property" value={first} options={railOptions} onChange={setFirst} />
      <span className="inline-block h-0 w-5 border-t-2 border-dashed border-lit-edge" aria-hidden />
      <Choice label="Second property" value={second} options={railOptions} onChange={setSecond} />
      <span className="inline-block size-3 rounded-sm border-2 border-yes bg-yes/20" aria-hidden /> brief and
      people met
    </div>
  );
}

/** Who cannot eat it whatever these two lines weigh. */
function CannotAnywhere({ names }: { readonly names: readonly string[] }) {
  return (
    <p className="text-[13px] leading-4 text-no">
      {names.join(' and ')} cannot eat this wherever the dot stands.{' '}
      <button type="button" className="font-semibold underline" onClick={() => openWork('swap')}>
        Swap first
      </button>
      ; dotted green meets the brief alone.
    </p>
  );
}

const nameOf = (id: string): string => {
  const line = useBench.getState().bench?.history.formula.lines.find((other) => other.id === id);
  return (line && findIngredient(line.ingredient)?.name) ?? 'a line';
};

/** Two lines against each other: what they do to two properties, where brief and people are met, and the dot to drag. */
export default function TradePanel() {
  const { recipe, lineIds } = useOutcome();
  const chosen = useChosenLines(),
    { x, y } = chosen;
  const [first, setFirst] = useState<RailId>('thickness');
  const [second, setSecond] = useState<RailId>('stretch');
  const shown = useMemo((): readonly [RailId, RailId] => [first, second], [first, second]);
  const map = useTradeMap(x, y, shown);
  const [ref, size] = useSize<HTMLDivElement>();
  const options = lineIds.map((id, i) => ({
    value: id,
    label: recipe.lines[i]?.ingredient.name.toLowerCase() ?? id,
  }));
  const there = x !== undefined && y !== undefined && lineIds.includes(x) && lineIds.includes(y);
  const fits =
    there && map && map.map.x.line === lineIds.indexOf(x) && map.map.y.line === lineIds.indexOf(y)
      ? map
      : undefined;
  return (
    <div className="flex min-h-80 flex-1 flex-col gap-1 pt-1">
      <LineChoices {...chosen} options={options} />
      <RailChoices shown={shown} setFirst={setFirst} setSecond={setSecond} />
      <div
        ref={ref}
        className="min-h-64 flex-1 basis-64"
        data-first-ms={fits ? Math.round(fits.ms) : undefined}
        data-fine={fits?.fine}
        data-testid="trade-frame"
      >
        {there && fits && size && (
          <TradePicture
            map={fits.map}
            shown={fits.shown}
            size={size}
            xId={x}
            yId={y}
            names={[nameOf(x), nameOf(y)]}
          />
        )}
        {!there && (
          <p className="py-3 text-soft">
            Put two things into the pot to see how they trade against each other.
          </p>
        )}
      </div>
      {there && fits && <TradeTable map={fits.map} shown={fits.shown} names={[nameOf(x), nameOf(y)]} />}
      {map && map.map.cannot.length > 0 && <CannotAnywhere names={map.map.cannot} />}
      <p className="text-[12.5px] leading-4 text-soft">
        Drag the dot, or press the arrow keys on it. Dotted lines: both together weigh the same.
      </p>
    </div>
  );
}
