/** A unit of time, temperature, length or mass as it may be written in a field, and how it becomes the field's own unit. */
export interface MeasuredUnitRow {
  readonly unit: string;
  /** Everything that is read as it, lower case. */
  readonly read: readonly string[];
  /** What can be turned into each other. */
  readonly kind: 'temperature' | 'time' | 'length' | 'mass' | 'days';
  /** Own value = base of the kind × `size` + `offset`; the bases are °C, s, mm, g, days. */
  readonly size: number;
  readonly offset?: number;
  /** Kitchens write thousands of it. */
  readonly thousands?: true;
}

/** @source sizes by definition of the units (S-07); a millilitre of water taken as a gram. */
export const measuredUnitRows = [
  { unit: '°C', read: ['c', '°', 'degc', 'celsius', 'degrees', 'deg', 'degrees c', '° c'], kind: 'temperature', size: 1 },
  { unit: '°F', read: ['f', 'degf', 'fahrenheit', 'degrees f', '° f'], kind: 'temperature', size: 5 / 9, offset: -160 / 9 },
  { unit: 's', read: ['sec', 'secs', 'second', 'seconds'], kind: 'time', size: 1 },
  { unit: 'min', read: ['m', 'mins', 'minute', 'minutes'], kind: 'time', size: 60 },
  { unit: 'h', read: ['hr', 'hrs', 'hour', 'hours'], kind: 'time', size: 3600 },
  { unit: 'mm', read: ['millimetre', 'millimetres', 'millimeter', 'millimeters', 'mm thick'], kind: 'length', size: 1 },
  { unit: 'cm', read: ['centimetre', 'centimetres', 'centimeter', 'centimeters'], kind: 'length', size: 10 },
  { unit: 'in', read: ['"', 'inch', 'inches'], kind: 'length', size: 25.4 },
  { unit: 'g', read: ['gram', 'grams', 'gr', 'ml', 'g dry', 'cc'], kind: 'mass', size: 1, thousands: true },
  { unit: 'mg', read: ['milligram', 'milligrams'], kind: 'mass', size: 0.001, thousands: true },
  { unit: 'kg', read: ['kilo', 'kilos', 'l', 'litre', 'litres', 'liter', 'liters'], kind: 'mass', size: 1000 },
  { unit: 'oz', read: ['ounce', 'ounces'], kind: 'mass', size: 28.3495 },
  { unit: 'lb', read: ['lbs', 'pound', 'pounds'], kind: 'mass', size: 453.592 },
  { unit: 'days', read: ['d', 'day'], kind: 'days', size: 1 },
] as const satisfies readonly MeasuredUnitRow[];
