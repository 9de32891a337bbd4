import { gramsOf, type RailId, type TradeMap } from '@alterum/core';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from 'react';
import { take, useBenchPart } from '../../open-formula/bench-store';
import { figure, gramsText } from '../../words/number-text';
import { type Size } from '../../chart/thickness-layout';
import { type TradeLayout, tradeLayout } from '../../chart/trade-layout';

/** Steps of an arrow key across the map; with Shift so many at once. */
const STEPS = 60,
  BIG = 5;

let drags = 0;

/** Puts the two lines where the dot is; the whole formula follows in the same frame. */
function moveTo(xId: string, yId: string, x: number, y: number, gesture: string): void {
  const rounded = (g: number) => Number(g.toFixed(g < 10 ? 2 : 1));
  take(
    {
      step: 'several',
      steps: [
        { step: 'set-amount', line: xId, amount: { value: rounded(x), unit: 'g' } },
        { step: 'set-amount', line: yId, amount: { value: rounded(y), unit: 'g' } },
      ],
    },
    gesture,
  );
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

/** The map as drawn, with the dot that is dragged by pointer or arrow keys and the ghost of where it was. */
export function TradePicture({ map, shown, size, xId, yId, names }: PictureProps) {
  const layout = useMemo(() => tradeLayout(map, shown, size), [map, shown, size]);
  const x = useGramsOf(xId, 'formula') ?? 0,
    y = useGramsOf(yId, 'formula') ?? 0;
  const ghostX = useGramsOf(xId, 'ghost'),
    ghostY = useGramsOf(yId, 'ghost');
  const gesture = useRef('');
  const dragging = useRef(false);
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
      className="block touch-pan-y select-none"
      onPointerDown={(event) => {
        // A finger has to take the dot itself; anywhere else it scrolls the page.
        const onDot =
          event.target instanceof Element && event.target.closest('[data-testid=trade-handle]') !== null;
        if (event.pointerType === 'touch' && !onDot) return;
        gesture.current = `trade ${++drags}`;
        dragging.current = true;
        event.currentTarget.setPointerCapture(event.pointerId);
        if (!onDot) place(event);
      }}
      onPointerMove={(event) => dragging.current && place(event)}
      onPointerUp={() => (dragging.current = false)}
      onPointerCancel={() => (dragging.current = false)}
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
      {/* What a finger can take hold of. */}
      <circle {...dot} r={24} className="touch-none fill-transparent" data-testid="trade-handle" />
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
        className="pointer-events-none fill-bead stroke-glaze outline-offset-4"
        strokeWidth={3}
        data-testid="trade-dot"
      />
    </svg>
  );
}
