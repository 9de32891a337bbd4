import {
  choiceFields,
  choiceOf,
  figureOf,
  kindOf,
  type Line,
  type Method,
  minutesOf,
  type Operation,
  toolRows,
} from '@alterum/core';
import { findIngredient } from '../household/house-larder';

/** From here on a time is said in hours, min. */
const HOURS_FROM = 120;

/** "4 min", "10 h", "1.5 h". */
export function timeText(minutes: number): string {
  if (minutes < HOURS_FROM) return `${Math.round(minutes * 10) / 10} min`;
  return `${Math.round(minutes / 6) / 10} h`;
}

/** "8 min", "8 to 12 min". */
const rangeText = (least: number, most: number): string =>
  most > least
    ? `${timeText(least).replace(/ (min|h)$/, (unit) => (timeText(most).endsWith(unit) ? '' : unit))} to ${timeText(most)}`
    : timeText(least);

/** What a line is called in a sentence: its name without what stands behind the comma. */
export const shortName = ({ ingredient }: Pick<Line, 'ingredient'>): string =>
  findIngredient(ingredient)?.name.split(',')[0]?.toLowerCase() ?? ingredient;

/** Most lines that are named one by one. */
const NAMED = 2;

/** "lemon juice and salt", "white beans, potato and 9 more". */
export function linesText(ids: readonly string[], lines: readonly Line[]): string {
  const there = lines.filter(({ id }) => ids.includes(id));
  if (there.length === 0) return 'nothing yet';
  if (there.length > NAMED)
    return there.length === lines.length
      ? 'everything'
      : `${there.slice(0, NAMED).map(shortName).join(', ')} and ${there.length - NAMED} more`;
  return there.map(shortName).join(' and ');
}

const figure = (operation: Operation, name: Parameters<typeof figureOf>[1]): number =>
  figureOf(operation, name) ?? 0;
const chosen = (operation: Operation, name: keyof typeof choiceFields): string => {
  const value = choiceOf(operation, name);
  return value === undefined
    ? ''
    : ((choiceFields[name].choices as Readonly<Record<string, string>>)[value] ?? '');
};

/** The tool that runs: the one that was named, or the one nearest to a bare power. */
function toolText(operation: Operation): string {
  const power = operation.power;
  if (power === undefined) return chosen(operation, 'tool');
  const nearest = (['stick', 'jug', 'small-cup', 'strong-jug'] as const).reduce((best, tool) =>
    Math.abs(toolRows[tool].power - power) < Math.abs(toolRows[best].power - power) ? tool : best,
  );
  return choiceFields.tool.choices[nearest];
}

/** An operation with its figures, in a few words. */
export function operationText(operation: Operation, lines: readonly Line[]): string {
  const minutes = minutesOf(operation);
  const time = minutes === undefined ? '' : ` ${rangeText(minutes.least, minutes.most)}`;
  switch (operation.kind) {
    case 'put-in':
      return `${linesText(operation.lines ?? [], lines)} in`;
    case 'stir-in':
      return `${linesText(operation.lines ?? [], lines)} in pieces`;
    case 'blend':
    case 'pulse':
      return `${toolText(operation)} ${figure(operation, 'seconds')} s${operation.kind === 'pulse' ? ', pulsed' : ''}`;
    case 'heat':
      return `${figure(operation, 'temperatureC')} °C,${time}${figure(operation, 'lossG') > 0 ? `, −${figure(operation, 'lossG')} g` : ''}`;
    case 'boil-down':
      return operation.toG === undefined ? `boil down${time}` : `boil down to ${operation.toG} g`;
    case 'cool':
      return `cool to ${figure(operation, 'temperatureC')} °C`;
    case 'bake':
      return `bake${time} at ${figure(operation, 'ovenC')} °C`;
    case 'hold':
      return `keep warm${time}${figure(operation, 'noodlesG') > 0 ? ' with noodles' : ''}`;
    case 'soak':
      return `${choiceOf(operation, 'pour') === 'boiling' ? 'soak, boiling water,' : 'soak'}${time}`;
    case 'boil-soft':
      return `boil soft${time}`;
    case 'cut':
      return `cut to ${figure(operation, 'sizeMm')} mm`;
    default:
      return `${kindOf(operation.kind).name.toLowerCase()}${time}`;
  }
}

/** What is done to one line before the pot, in a few words. */
export const readyText = (ready: Method, line: Line): string =>
  `${ready.map((operation) => operationText(operation, [])).join(', ')}: ${shortName(line)}`;
