import { gramsOf, type RailId, type TradeMap } from '@alterum/core';
import { type KeyboardEvent, type PointerEvent, type RefObject, useMemo, useRef } from 'react';
import { take, useBenchPart } from '../../open-formula/bench-store';
import { gramsText } from '../../words/number-text';
import { type Size } from '../../chart/thickness-layout';
import { type TradeLayout, tradeLayout } from '../../chart/trade-layout';
import { TradeDrawing } from './trade-drawing';

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

interface DotProps extends Pick<PictureProps, 'map' | 'xId' | 'yId' | 'names'> {
  readonly layout: TradeLayout;
  /** Moves of one hold are undone together. */
  readonly gestureRef: RefObject<string>;
}

interface PictureProps {
  readonly map: TradeMap;
  readonly shown: readonly [RailId, RailId];
  readonly size: Size;
  readonly xId: string;
  readonly yId: string;
  readonly names: readonly [string, string];
}

/** Steps by which an arrow key moves the dot along each edge. */
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** Names of the two lines along the edges. */
function AxisNames({
  layout: { plot },
  size,
  names,
}: Pick<PictureProps, 'size' | 'names'> & { readonly layout: TradeLayout }) {
  return (
    <>
      <text
        x={(plot.left + plot.right) / 2}
        y={size.height - 4}
        textAnchor="middle"
        className="fill-ink text-[12.5px] font-semibold"
      >
        {names[0]}, g
      </text>
      <text
        transform={`translate(11 ${(plot.top + plot.bottom) / 2}) rotate(-90)`}
        textAnchor="middle"
        className="fill-ink text-[12.5px] font-semibold"
      >
        {names[1]}, g
      </text>
    </>
  );
}

/** Where a formula of these grams lies on the map; at its edge where it lies beyond. */
const placeOf = (layout: TradeLayout, map: TradeMap, x: number, y: number) => ({
  cx: layout.x(Math.min(x, map.x.most)),
  cy: layout.y(Math.min(y, map.y.most)),
});

/** The dot where the formula is, for fingers and for keys. */
function Dot({ map, layout, xId, yId, names, gestureRef }: DotProps) {
  const x = useGramsOf(xId, 'formula') ?? 0,
    y = useGramsOf(yId, 'formula') ?? 0;
  const onKeyDown = (event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (!arrow) return;
    event.preventDefault();
    const stepped = (g: number, axis: TradeMap['x'], steps: number) =>
      Math.min(
        axis.most,
        Math.max(0, g + (steps * (event.shiftKey ? BIG : 1) * (axis.most - axis.least)) / STEPS),
      );
    moveTo(
      xId,
      yId,
      stepped(x, map.x, arrow[0]),
      stepped(y, map.y, arrow[1]),
      gestureRef.current || 'trade keys',
    );
  };
  const at = placeOf(layout, map, x, y);
  return (
    <>
      {/* What a finger can take hold of. */}
      <circle {...at} r={24} className="touch-none fill-transparent" data-testid="trade-handle" />
      <circle
        {...at}
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
          gestureRef.current = `trade ${++drags}`;
        }}
        className="pointer-events-none fill-bead stroke-glaze outline-offset-4"
        strokeWidth={3}
        data-testid="trade-dot"
      />
    </>
  );
}

/** Where the formula was when the map was opened. */
function Ghost({ map, layout, xId, yId }: Omit<DotProps, 'names' | 'gestureRef'>) {
  const x = useGramsOf(xId, 'ghost'),
    y = useGramsOf(yId, 'ghost'),
    nowX = useGramsOf(xId, 'formula') ?? 0,
    nowY = useGramsOf(yId, 'formula') ?? 0;
  if (x === undefined || y === undefined || (x === nowX && y === nowY)) return null;
  return (
    <circle
      {...placeOf(layout, map, x, y)}
      r={8}
      className="fill-none stroke-soft"
      strokeDasharray="3 3"
      strokeWidth={2}
      data-testid="trade-ghost"
    />
  );
}

/** The map as drawn, with the dot that is dragged by pointer or arrow keys and the ghost of where it was. */
export function TradePicture({ map, shown, size, xId, yId, names }: PictureProps) {
  const layout = useMemo(() => tradeLayout(map, shown, size), [map, shown, size]);
  const gestureRef = useRef('');
  const dragging = useRef(false);
  const svg = useRef<SVGSVGElement>(null);
  const place = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return;
    const grams = layout.gramsAt(event.clientX - box.left, event.clientY - box.top);
    moveTo(xId, yId, grams.x, grams.y, gestureRef.current);
  };
  const takeHold = (event: PointerEvent) => {
    // A finger has to take the dot itself; anywhere else it scrolls the page.
    const onDot =
      event.target instanceof Element && event.target.closest('[data-testid=trade-handle]') !== null;
    if (event.pointerType === 'touch' && !onDot) return;
    gestureRef.current = `trade ${++drags}`;
    dragging.current = true;
    event.currentTarget.setPointerCapture(event.pointerId);
    if (!onDot) place(event);
  };
  const letGo = () => (dragging.current = false);
  return (
    <svg
      ref={svg}
      width={size.width}
      height={size.height}
      className="block touch-pan-y select-none"
      onPointerDown={takeHold}
      onPointerMove={(event) => dragging.current && place(event)}
      onPointerUp={letGo}
      onPointerCancel={letGo}
      data-testid="trade-map"
    >
      <TradeDrawing layout={layout} map={map} />
      <AxisNames layout={layout} size={size} names={names} />
      <Ghost map={map} layout={layout} xId={xId} yId={yId} />
      <Dot map={map} layout={layout} xId={xId} yId={yId} names={names} gestureRef={gestureRef} />
    </svg>
  );
}
