import type { TradeMap } from '@alterum/core';
import type { TradeLayout } from '../../chart/trade-layout';
import { figure } from '../../words/number-text';

interface LaidOut {
  readonly layout: TradeLayout;
}

/** Levels of the two properties: one in whole lines, the other in broken ones. */
function Levels({ layout: { fills } }: LaidOut) {
  const [first, second] = fills;
  return (
    <>
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
    </>
  );
}

function LevelNames({ layout: { fills } }: LaidOut) {
  return fills.map((list, k) =>
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
  );
}

/** Where the brief is met, and where what is asked of the two properties is. */
function Regions({ layout: { briefRegion, region } }: LaidOut) {
  return (
    <>
      <path
        d={briefRegion}
        className="fill-none stroke-yes"
        strokeWidth={1.5}
        strokeDasharray="2 4"
        data-testid="trade-brief"
      />
      <path
        d={region}
        className="fill-yes stroke-yes"
        fillOpacity={0.2}
        strokeWidth={2.5}
        data-testid="trade-region"
      />
    </>
  );
}

/** Along these lines the batch weighs the same. */
function SameMass({ layout: { sameMass } }: LaidOut) {
  return sameMass.map((line) => (
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
      {line.label && (
        <text
          x={line.label.x}
          y={line.label.y}
          textAnchor="middle"
          dy="0.35em"
          className="fill-soft stroke-glaze text-[10.5px]"
          strokeWidth={2.5}
          paintOrder="stroke"
        >
          {line.text}
        </text>
      )}
    </g>
  ));
}

const gramsOn = (tick: number, most: number): string => figure(tick, most < 10 ? 1 : 0);

function Ticks({ layout, map }: TradeDrawingProps) {
  const { plot, ticks } = layout;
  return (
    <>
      {ticks.x.map((tick) => (
        <text
          key={`x${tick}`}
          x={layout.x(tick)}
          y={plot.bottom + 14}
          textAnchor="middle"
          className="fill-soft text-[11.5px]"
        >
          {gramsOn(tick, map.x.most)}
        </text>
      ))}
      {ticks.y.map((tick) => (
        <text
          key={`y${tick}`}
          x={plot.left - 5}
          y={layout.y(tick)}
          dy="0.35em"
          textAnchor="end"
          className="fill-soft text-[11.5px]"
        >
          {gramsOn(tick, map.y.most)}
        </text>
      ))}
    </>
  );
}

interface TradeDrawingProps extends LaidOut {
  readonly map: TradeMap;
}

/** What lies under the dot of the map: levels, regions, lines of equal mass, figures along the edges. */
export function TradeDrawing({ layout, map }: TradeDrawingProps) {
  const { plot } = layout;
  return (
    <g>
      <rect
        x={plot.left}
        y={plot.top}
        width={plot.right - plot.left}
        height={plot.bottom - plot.top}
        className="fill-dip"
      />
      <Levels layout={layout} />
      <Regions layout={layout} />
      <SameMass layout={layout} />
      <LevelNames layout={layout} />
      <Ticks layout={layout} map={map} />
    </g>
  );
}
