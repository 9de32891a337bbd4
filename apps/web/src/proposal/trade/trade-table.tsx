import { type RailId, railOf, type TradeMap, valueAt } from '@alterum/core';
import { ValueTable } from '../../chart/value-table';
import { figure, gramsText } from '../../words/number-text';

/** Grams of each line that the table tells: least, most, and so many between. */
const TOLD = 5;

const headOf = (rail: RailId): string => [railOf(rail).name, railOf(rail).unit].filter(Boolean).join(', ');

interface TradeTableProps {
  readonly map: TradeMap;
  readonly shown: readonly [RailId, RailId];
  readonly names: readonly [string, string];
}

/** The map in figures: what each of some amounts does to both properties, and whether brief and people are met there. */
export function TradeTable({ map, shown: [first, second], names }: TradeTableProps) {
  const { size, x, y, values } = map;
  const knots = Array.from({ length: TOLD }, (_none, i) => Math.round((i * (size - 1)) / (TOLD - 1)));
  const gramsAt = (axis: TradeMap['x'], knot: number) =>
    axis.least + ((axis.most - axis.least) * knot) / (size - 1);
  const told = (rail: RailId, coordinate: number | undefined): string => {
    const { scale, digits } = railOf(rail);
    return figure(valueAt(scale, coordinate ?? 0), digits);
  };
  return (
    <ValueTable
      caption={`What becomes of it with so many grams of ${names[0].toLowerCase()} and ${names[1].toLowerCase()}`}
      columns={[`${names[0]}, g`, `${names[1]}, g`, headOf(first), headOf(second), 'Brief and people']}
      rows={knots.flatMap((j) =>
        knots.map((i) => {
          const at = j * size + i;
          const met =
            (map.outsideBrief[at] ?? 1) <= 0 && (map.outsidePeople[at] ?? 1) <= 0 && map.cannot.length === 0;
          return {
            head: gramsText(gramsAt(x, i)),
            values: [
              gramsText(gramsAt(y, j)),
              told(first, values[0][at]),
              told(second, values[1][at]),
              met ? 'met' : 'not met',
            ],
          };
        }),
      )}
    />
  );
}
