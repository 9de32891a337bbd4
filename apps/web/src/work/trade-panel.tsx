import { axisAround, gramsOf, type RailId, rails, type TradeMap, tradeSizes } from '@alterum/core';
import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from 'react';
import { type Size } from '../chart/thickness-layout';
import { type TradeLayout, tradeLayout } from '../chart/trade-layout';
import { useSize } from '../chart/use-size';
import { findIngredient } from '../app/house-larder';
import { take, useBench, useFormula, useOutcome, useBenchPart } from '../bench/bench-store';
import { figure, gramsText } from '../bench/number-text';
import { openWork, useWork } from '../bench/work-store';
import { Choice } from '../ui/choice';
import { requestOf } from './asked';
import { startWork } from './worker-client';

/** Steps of an arrow key across the map; with Shift so many at once. */
const STEPS = 60,
  BIG = 5;

const railOptions = rails.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }));

let drags = 0;

/** Puts the two lines where the dot is; the whole formula follows in the same frame. */
function moveTo(xId: string, yId: string, x: number, y: number, gesture: string): void {
  const rounded = (g: number) => Number(g.toFixed(g < 10 ? 2 : 1));
  take({ step: 'several', steps: [
    { step: 'set-amount', line: xId, amount: { value: rounded(x), unit: 'g' } },
    { step: 'set-amount', line: yId, amount: { value: rounded(y), unit: 'g' } },
  ] }, gesture); // prettier-ignore
}

function useGramsOf(id: string | undefined, of: 'formula' | 'ghost'): number | undefined {
  return useBenchPart(({ history, outcome, ghost }) => {
    if (id === undefined) return undefined;
    if (of === 'ghost') {
      const at = ghost?.lineIds.indexOf(id) ?? -1;
      return ghost?.recipe.lines[at]?.mass;
    }
    const line = history.formula.lines.find((other) => other.id === id);
    const at = outcome.lineIds.indexOf(id);
    const ingredient = outcome.recipe.lines[at]?.ingredient;
    return line && ingredient && gramsOf(line.amount, ingredient.measures);
  });
}

/** The map of two lines: first coarse, then fine; anew when anything but those two has changed. */
function useTradeMap(xId: string | undefined, yId: string | undefined, shown: readonly [RailId, RailId]) {
  const formula = useFormula(),
    outcome = useOutcome();
  const [map, setMap] = useState<{
    readonly map: TradeMap;
    readonly shown: readonly [RailId, RailId];
    readonly ms: number;
    readonly fine: boolean;
  }>();
  const rest = JSON.stringify([
    formula.lines.map((line) =>
      line.id === xId || line.id === yId ? [line.id, line.preparation, line.stage] : line,
    ),
    formula.process,
    formula.serve,
    formula.brief,
    formula.family,
    formula.portions,
  ]);
  useEffect(() => {
    const x = outcome.lineIds.indexOf(xId ?? ''),
      y = outcome.lineIds.indexOf(yId ?? '');
    if (x < 0 || y < 0 || x === y) return undefined;
    const request = {
      ...requestOf(formula, outcome),
      x: axisAround(outcome.recipe, x),
      y: axisAround(outcome.recipe, y),
      shown,
    };
    const began = performance.now();
    const first = startWork<'trade'>({ kind: 'trade', request, size: tradeSizes.first });
    let left = false,
      fine: ReturnType<typeof startWork<'trade'>> | undefined;
    void first.result.then((coarse) => {
      if (left) return;
      setMap({ map: coarse, shown, ms: performance.now() - began, fine: false });
      fine = startWork<'trade'>({ kind: 'trade', request, size: tradeSizes.fine });
      return fine.result.then(
        (better) => left || setMap((was) => ({ map: better, shown, ms: was?.ms ?? 0, fine: true })),
      );
    });
    return () => {
      left = true;
      first.stop();
      fine?.stop();
    };
    // The two lines themselves move on the map; everything else makes another one.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [rest, xId, yId, shown[0], shown[1]]);
  return map;
}

interface DrawingProps {
  readonly layout: TradeLayout;
  readonly map: TradeMap;
}

function Drawing({ layout, map }: DrawingProps) {
  const { plot, fills } = layout;
  const [first, second] = fills;
  return (
    <g>
      <rect
        x={plot.left}
        y={plot.top}
        width={plot.right - plot.left}
        height={plot.bottom - plot.top}
        className="fill-dip"
      />
      {first.map(({ path, level }) => (
        <path
          key={level}
          d={path}
          className="fill-doubt stroke-doubt"
          fillOpacity={0.16}
          strokeOpacity={0.9}
        />
      ))}
      {second.map(({ path, level }) => (
        <path
          key={level}
          d={path}
          className="fill-yolk stroke-lit-edge"
          fillOpacity={0.035}
          strokeDasharray="5 3"
        />
      ))}
      <path
        d={layout.briefRegion}
        className="fill-none stroke-yes"
        strokeWidth={1.5}
        strokeDasharray="2 4"
        data-testid="trade-brief"
      />
      <path
        d={layout.region}
        className="fill-yes stroke-yes"
        fillOpacity={0.2}
        strokeWidth={2.5}
        data-testid="trade-region"
      />
      {layout.sameMass.map((line) => (
        <g key={line.text}>
          <line
            x1={line.x1}
            y1={line.y1}
            x2={line.x2}
            y2={line.y2}
            className="stroke-soft"
            strokeDasharray="1 5"
            strokeLinecap="round"
            strokeWidth={1.5}
          />
          <text
            x={(line.x1 * 3 + line.x2) / 4}
            y={(line.y1 * 3 + line.y2) / 4}
            className="fill-soft text-[10.5px]"
          >
            {line.text}
          </text>
        </g>
      ))}
      {fills.map((list, k) =>
        list.map(
          ({ label, text, level }) =>
            label && (
              <text
                key={`${k}${level}`}
                x={label.x}
                y={label.y}
                textAnchor="middle"
                dy="0.35em"
                className={`stroke-glaze text-[11.5px] font-semibold ${k === 0 ? 'fill-bead' : 'fill-ask'}`}
                strokeWidth={3}
                paintOrder="stroke"
              >
                {text}
              </text>
            ),
        ),
      )}
      {layout.ticks.x.map((tick) => (
        <text
          key={tick}
          x={layout.x(tick)}
          y={plot.bottom + 14}
          textAnchor="middle"
          className="fill-soft text-[11.5px]"
        >
          {figure(tick, map.x.most < 10 ? 1 : 0)}
        </text>
      ))}
      {layout.ticks.y.map((tick) => (
        <text
          key={tick}
          x={plot.left - 5}
          y={layout.y(tick)}
          dy="0.35em"
          textAnchor="end"
          className="fill-soft text-[11.5px]"
        >
          {figure(tick, map.y.most < 10 ? 1 : 0)}
        </text>
      ))}
    </g>
  );
}

interface PictureProps {
  readonly map: TradeMap;
  readonly shown: readonly [RailId, RailId];
  readonly size: Size;
  readonly xId: string;
  readonly yId: string;
  readonly names: readonly [string, string];
}

function Picture({ map, shown, size, xId, yId, names }: PictureProps) {
  const layout = useMemo(() => tradeLayout(map, shown, size), [map, shown, size]);
  const x = useGramsOf(xId, 'formula') ?? 0,
    y = useGramsOf(yId, 'formula') ?? 0;
  const ghostX = useGramsOf(xId, 'ghost'),
    ghostY = useGramsOf(yId, 'ghost');
  const gesture = useRef('');
  const svg = useRef<SVGSVGElement>(null);
  const place = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return;
    const grams = layout.gramsAt(event.clientX - box.left, event.clientY - box.top);
    moveTo(xId, yId, grams.x, grams.y, gesture.current);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.shiftKey ? BIG : 1;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, by],
      ArrowDown: [0, -by],
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    const clamp = (g: number, most: number) => Math.min(most, Math.max(0, g));
    moveTo(
      xId,
      yId,
      clamp(x + (move[0] * (map.x.most - map.x.least)) / STEPS, map.x.most),
      clamp(y + (move[1] * (map.y.most - map.y.least)) / STEPS, map.y.most),
      gesture.current || 'trade keys',
    );
  };
  const dot = { cx: layout.x(Math.min(x, map.x.most)), cy: layout.y(Math.min(y, map.y.most)) };
  return (
    <svg
      ref={svg}
      width={size.width}
      height={size.height}
      className="block touch-none select-none"
      onPointerDown={(event) => {
        gesture.current = `trade ${++drags}`;
        event.currentTarget.setPointerCapture(event.pointerId);
        place(event);
      }}
      onPointerMove={(event) => event.buttons > 0 && place(event)}
      data-testid="trade-map"
    >
      <Drawing layout={layout} map={map} />
      <text
        x={(layout.plot.left + layout.plot.right) / 2}
        y={size.height - 4}
        textAnchor="middle"
        className="fill-ink text-[12.5px] font-semibold"
      >
        {names[0]}, g
      </text>
      <text
        transform={`translate(11 ${(layout.plot.top + layout.plot.bottom) / 2}) rotate(-90)`}
        textAnchor="middle"
        className="fill-ink text-[12.5px] font-semibold"
      >
        {names[1]}, g
      </text>
      {ghostX !== undefined && ghostY !== undefined && (ghostX !== x || ghostY !== y) && (
        <circle
          cx={layout.x(Math.min(ghostX, map.x.most))}
          cy={layout.y(Math.min(ghostY, map.y.most))}
          r={8}
          className="fill-none stroke-soft"
          strokeDasharray="3 3"
          strokeWidth={2}
          data-testid="trade-ghost"
        />
      )}
      <circle
        {...dot}
        r={9}
        tabIndex={0}
        role="slider"
        aria-label={`${names[0]} against ${names[1]}`}
        aria-valuemin={0}
        aria-valuemax={map.x.most}
        aria-valuenow={x}
        aria-valuetext={`${names[0]} ${gramsText(x)} grams, ${names[1]} ${gramsText(y)} grams`}
        onKeyDown={onKeyDown}
        onFocus={() => {
          gesture.current = `trade ${++drags}`;
        }}
        className="cursor-grab fill-bead stroke-glaze outline-offset-4"
        strokeWidth={3}
        data-testid="trade-dot"
      />
    </svg>
  );
}

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

/** Two lines against each other: what they do to two properties, where brief and people are met, and the dot to drag. */
export default function TradePanel() {
  const { recipe, lineIds } = useOutcome();
  const { x, y, setX, setY } = useChosenLines();
  const [first, setFirst] = useState<RailId>('thickness');
  const [second, setSecond] = useState<RailId>('stretch');
  const shown = useMemo((): readonly [RailId, RailId] => [first, second], [first, second]);
  const map = useTradeMap(x, y, shown);
  const [ref, size] = useSize<HTMLDivElement>();
  const options = lineIds.map((id, i) => ({
    value: id,
    label: recipe.lines[i]?.ingredient.name.toLowerCase() ?? id,
  }));
  const nameOf = (id: string | undefined) => {
    const line = useBench.getState().bench?.history.formula.lines.find((other) => other.id === id);
    return (line && findIngredient(line.ingredient)?.name) ?? 'a line';
  };
  const there = x !== undefined && y !== undefined && lineIds.includes(x) && lineIds.includes(y);
  const fits =
    there && map && map.map.x.line === lineIds.indexOf(x) && map.map.y.line === lineIds.indexOf(y)
      ? map
      : undefined;
  return (
    <div className="flex min-h-80 flex-1 flex-col gap-1 pt-1">
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
      <div className="flex flex-wrap items-center gap-x-2 text-[13.5px]">
        <span className="inline-block size-3 rounded-sm border border-doubt bg-doubt/60" aria-hidden />
        <Choice label="First property" value={first} options={railOptions} onChange={setFirst} />
        <span className="inline-block h-0 w-5 border-t-2 border-dashed border-lit-edge" aria-hidden />
        <Choice label="Second property" value={second} options={railOptions} onChange={setSecond} />
        <span className="inline-block size-3 rounded-sm border-2 border-yes bg-yes/20" aria-hidden /> brief
        and people met
      </div>
      <div
        ref={ref}
        className="min-h-0 flex-1 basis-64"
        data-first-ms={fits ? Math.round(fits.ms) : undefined}
        data-fine={fits?.fine}
        data-testid="trade-frame"
      >
        {there && fits && size && (
          <Picture
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
      {map && map.map.cannot.length > 0 && (
        <p className="text-[13px] leading-4 text-no">
          {map.map.cannot.join(' and ')} cannot eat this wherever the dot stands.{' '}
          <button type="button" className="font-semibold underline" onClick={() => openWork('swap')}>
            Swap first
          </button>
          ; dotted green meets the brief alone.
        </p>
      )}
      <p className="text-[12.5px] leading-4 text-soft">
        Drag the dot, or press the arrow keys on it. Dotted lines: both together weigh the same.
      </p>
    </div>
  );
}
