import type { TimeNetwork } from './time-network.js';

/** What a sum of moments is at least, and moments at which it is that. */
export interface LeastSum {
  readonly sum: number;
  /** min, by moment; each as late as the sum allows. */
  readonly times: Float64Array;
}

/** What is left over of a flow by rounding. */
const EMPTY = 1e-9;

/**
 * The least sum of weighted moments that a network allows. Its dual is a transport of the weights from the moments that are better late to those
 * that are better early, along the longest ways; it is filled way by way, each the shortest by what is already sent.
 * @param weights of each moment, counted early or late; they add up to nothing   @param zero the moment that is minute 0
 * @source Ahuja, Magnanti and Orlin 1993, Network flows, chapters 9.7 and 9.8
 */
export function leastSum(network: TimeNetwork, weights: readonly number[], zero: number): LeastSum {
  const { size } = network;
  const late: number[] = [],
    early: number[] = [];
  weights.forEach((weight, i) => {
    if (weight < 0) late.push(i);
    else if (weight > 0) early.push(i);
  });
  const moments = timesOfEarly(network, weights, late, early);
  const times = new Float64Array(size);
  for (let x = 0; x < size; x++) {
    let latest = Infinity;
    early.forEach((v, k) => (latest = Math.min(latest, moments[k]! - network.after(x, v))));
    times[x] = latest;
  }
  const shift = times[zero]!;
  let sum = 0;
  for (let x = 0; x < size; x++) {
    times[x]! -= shift;
    sum += weights[x]! * times[x]!;
  }
  return { sum, times };
}

/** Weights on their way: what is left to send from each row, and to reach each column, and what is sent along each way. */
interface Transport {
  readonly rows: number;
  readonly columns: number;
  /** By row and column. */
  readonly costs: Float64Array;
  readonly sent: Float64Array;
  readonly supply: Float64Array;
  readonly demand: Float64Array;
  /** Prices under which no way costs less than nothing, and each that is used just nothing. */
  readonly rowPrice: Float64Array;
  readonly columnPrice: Float64Array;
}

/** Moments of what is better early, by the prices that the transport comes to. */
function timesOfEarly(
  network: TimeNetwork,
  weights: readonly number[],
  late: readonly number[],
  early: readonly number[],
): readonly number[] {
  const rows = late.length,
    columns = early.length;
  const transport: Transport = {
    rows,
    columns,
    costs: new Float64Array(rows * columns),
    sent: new Float64Array(rows * columns),
    supply: Float64Array.from(late, (i) => -weights[i]!),
    demand: Float64Array.from(early, (i) => weights[i]!),
    rowPrice: new Float64Array(rows),
    columnPrice: new Float64Array(columns).fill(Infinity),
  };
  late.forEach((i, r) => early.forEach((j, c) => (transport.costs[r * columns + c] = -network.after(i, j))));
  begin(transport);
  for (let row = 0; row < rows; row++) while (transport.supply[row]! > EMPTY && send(transport, row));
  return Array.from(transport.columnPrice, (price) => -price);
}

/** Prices to begin with, and what can be sent at once under them. */
function begin({ rows, columns, costs, sent, supply, demand, rowPrice, columnPrice }: Transport): void {
  for (let k = 0; k < costs.length; k++)
    if (costs[k]! < columnPrice[k % columns]!) columnPrice[k % columns] = costs[k]!;
  for (let r = 0; r < rows; r++) {
    let least = Infinity;
    for (let c = 0; c < columns; c++) least = Math.min(least, costs[r * columns + c]! - columnPrice[c]!);
    rowPrice[r] = -least;
    for (let c = 0; c < columns && supply[r]! > EMPTY; c++) {
      if (costs[r * columns + c]! - columnPrice[c]! > least) continue;
      const much = Math.min(supply[r]!, demand[c]!);
      sent[r * columns + c]! += much;
      supply[r]! -= much;
      demand[c]! -= much;
    }
  }
}

/** The shortest ways from a row, by prices, as far as the first column that wants more. */
interface Ways {
  readonly goal: number;
  readonly toRow: Float64Array;
  readonly toColumn: Float64Array;
  /** By which column a row is reached, and by which row a column. */
  readonly byRow: Int32Array;
  readonly byColumn: Int32Array;
}

/** @source Dijkstra 1959, A note on two problems in connexion with graphs */
function waysFrom(
  { rows, columns, costs, sent, demand, rowPrice, columnPrice }: Transport,
  from: number,
): Ways | undefined {
  const toRow = new Float64Array(rows).fill(Infinity),
    toColumn = new Float64Array(columns).fill(Infinity),
    byRow = new Int32Array(rows).fill(-1),
    byColumn = new Int32Array(columns).fill(-1);
  const doneRow = new Uint8Array(rows),
    doneColumn = new Uint8Array(columns);
  toRow[from] = 0;
  for (;;) {
    const row = nearest(toRow, doneRow),
      column = nearest(toColumn, doneColumn);
    if (row >= 0 && (column < 0 || toRow[row]! <= toColumn[column]!)) {
      doneRow[row] = 1;
      for (let c = 0; c < columns; c++) {
        const cost = costs[row * columns + c]! + rowPrice[row]! - columnPrice[c]!,
          way = toRow[row]! + Math.max(0, cost);
        if (doneColumn[c] || way >= toColumn[c]!) continue;
        toColumn[c] = way;
        byColumn[c] = row;
      }
      continue;
    }
    if (column < 0) return undefined;
    doneColumn[column] = 1;
    if (demand[column]! > EMPTY) return { goal: column, toRow, toColumn, byRow, byColumn };
    // A way that is used costs nothing by its prices, forth and back.
    for (let r = 0; r < rows; r++)
      if (sent[r * columns + column]! > EMPTY && toColumn[column]! < toRow[r]!) {
        toRow[r] = toColumn[column]!;
        byRow[r] = column;
      }
  }
}

/** The nearest that is not done; -1 where none is reached. */
function nearest(far: Float64Array, done: Uint8Array): number {
  let at = -1;
  for (let i = 0; i < far.length; i++)
    if (!done[i] && far[i]! < Infinity && (at < 0 || far[i]! < far[at]!)) at = i;
  return at;
}

/** Sends what it can from a row to the nearest column that wants more; false where none is left. */
function send(transport: Transport, from: number): boolean {
  const ways = waysFrom(transport, from);
  if (!ways) return false;
  const { rows, columns, sent, supply, demand, rowPrice, columnPrice } = transport,
    { goal, toRow, toColumn, byRow, byColumn } = ways;
  const far = toColumn[goal]!;
  for (let r = 0; r < rows; r++) rowPrice[r]! += Math.min(toRow[r]!, far);
  for (let c = 0; c < columns; c++) columnPrice[c]! += Math.min(toColumn[c]!, far);
  let much = Math.min(supply[from]!, demand[goal]!);
  for (let row = byColumn[goal]!; row !== from; row = byColumn[byRow[row]!]!)
    much = Math.min(much, sent[row * columns + byRow[row]!]!);
  supply[from]! -= much;
  demand[goal]! -= much;
  for (let column = goal; ;) {
    const row = byColumn[column]!;
    sent[row * columns + column]! += much;
    if (row === from) return true;
    column = byRow[row]!;
    sent[row * columns + column]! -= much;
  }
}
