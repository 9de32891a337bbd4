/** How a vegetable comes tender in hot water: min that its pectin takes at 100 °C, min that heat takes into a piece of 2 cm, log sd, and what a piece is by. */
export interface Softening {
  readonly pectinMin: number;
  readonly heatMin: number;
  readonly cv: number;
}

const row = (pectinMin: number, heatMin: number, cv: number, ...ids: readonly string[]): readonly (readonly [string, Softening])[] =>
  ids.map((id) => [id, { pectinMin, heatMin, cv }] as const);

/** @source kitchen physics 13: fork-tender, cubes by edge, florets by width */
export const softenRows: ReadonlyMap<string, Softening> = new Map([
  ...row(7.5, 6, 0.2, 'carrot', 'swede'),
  ...row(6, 4, 0.15, 'potato'),
  ...row(3.5, 2, 0.2, 'cauliflower'),
  ...row(4, 4, 0.2, 'squash'),
  ...row(4.5, 3.5, 0.2, 'sweet-potato', 'white-sweet-potato', 'purple-sweet-potato'),
  ...row(5, 4, 0.2, 'parsnip', 'turnip'),
  ...row(6.5, 4.5, 0.2, 'celeriac', 'kohlrabi'),
  ...row(14, 5, 0.25, 'beetroot'),
  ...row(2.5, 1.5, 0.25, 'broccoli'),
  ...row(6, 1, 0.25, 'green-bean'),
]);

/** Laws of softening. @source kitchen physics 13 */
export const softenLaw = {
  /** °C colder that take twice as long; mm of the pieces of the table, exponent of size: heat that travels. */
  doublingC: 9, sizeMm: 20, sizePower: 1.7,
  /** pH from which acid does nothing, and where it takes so many times as long. */
  neutralPh: 5.5, sourPh: 4.3, sourTimes: 1.7,
  /** mm that a cook cuts at least and at most. @source assumed */
  leastMm: 5, mostMm: 60,
} as const;
