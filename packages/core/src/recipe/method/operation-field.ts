/** A figure of an operation: its unit and the limits within which it is read. */
export interface FigureField {
  readonly name: string;
  readonly unit: string;
  readonly low: number;
  readonly high: number;
}
/** A choice of an operation, in the order in which it is offered. */
export interface ChoiceField {
  readonly name: string;
  readonly choices: Readonly<Record<string, string>>;
}

/** Figures that operations are made of. */
export const figureFields = {
  minutes: { name: 'Time', unit: 'min', low: 0, high: 4320 },
  mostMinutes: { name: 'At most', unit: 'min', low: 0, high: 4320 },
  temperatureC: { name: 'Temperature', unit: '°C', low: -5, high: 130 },
  rateCPerMin: { name: 'Heating rate', unit: '°C/min', low: 0, high: 100 },
  lossG: { name: 'Water that leaves', unit: 'g', low: 0, high: 20_000 },
  toG: { name: 'Down to', unit: 'g', low: 0, high: 40_000 },
  panCm: { name: 'Pan', unit: 'cm', low: 8, high: 60 },
  seconds: { name: 'Blade', unit: 's', low: 0, high: 1800 },
  power: { name: 'Power', unit: '0–1', low: 0, high: 1 },
  sizeMm: { name: 'Size', unit: 'mm', low: 0.05, high: 100 },
  ovenC: { name: 'Oven', unit: '°C', low: 60, high: 300 },
  layerMm: { name: 'Layer', unit: 'mm', low: 1, high: 150 },
  saltPct: { name: 'Salt on it', unit: '%', low: 0, high: 10 },
  testLossG: { name: 'This pan, tested with water', unit: 'g in 10 min', low: 1, high: 1000 },
  noodlesG: { name: 'Noodles in it', unit: 'g dry', low: 0, high: 20_000 },
} as const satisfies Record<string, FigureField>;
export type FigureName = keyof typeof figureFields;
export const figureNames = Object.keys(figureFields) as FigureName[];

/** Choices that operations are made of. */
export const choiceFields = {
  tool: {
    name: 'With',
    choices: {
      'strong-jug': 'strong jug',
      jug: 'jug',
      'small-cup': 'small cup',
      stick: 'stick',
      processor: 'food processor',
      whisk: 'whisk',
    },
  },
  vigour: {
    name: 'Boil',
    choices: { bare: 'bare simmer', simmer: 'simmer', brisk: 'brisk simmer', rolling: 'rolling boil' },
  },
  lid: { name: 'Lid', choices: { open: 'open', guard: 'spatter guard', ajar: 'ajar', on: 'lid on' } },
  flame: {
    name: 'Heat',
    choices: { low: 'low', gentle: 'low to medium', medium: 'medium', high: 'high' },
  },
  water: { name: 'Its water', choices: { drained: 'poured off', kept: 'goes into the pot, as a line' } },
  through: {
    name: 'Through',
    choices: { squeezed: 'a cloth, squeezed', dripped: 'a cloth, left to drip', sieve: 'a fine sieve' },
  },
  plate: {
    name: 'Plate',
    choices: { small: 'small', medium: 'middling', large: 'large' },
  },
  rinse: { name: 'Then', choices: { drained: 'left to drain', rinsed: 'rinsed', squeezed: 'squeezed' } },
  keep: { name: 'Kept', choices: { bottom: 'what settles', top: 'what stands over it' } },
  pour: { name: 'Water poured on', choices: { cold: 'cold', boiling: 'boiling' } },
} as const satisfies Record<string, ChoiceField>;
export type ChoiceName = keyof typeof choiceFields;
export const choiceNames = Object.keys(choiceFields) as ChoiceName[];
export type ChoiceOf<N extends ChoiceName> = keyof (typeof choiceFields)[N]['choices'] & string;
export const choicesOf = <N extends ChoiceName>(name: N): readonly ChoiceOf<N>[] =>
  Object.keys(choiceFields[name].choices) as ChoiceOf<N>[];
