/** One figure of what was tried against its goal. */
export interface Finding {
  readonly area: string;
  readonly what: string;
  readonly value: number | string;
  readonly goal: string;
  readonly holds: boolean;
}

/** A count that must be nought. */
export const none = (area: string, what: string, value: number): Finding => ({
  area,
  what,
  value,
  goal: '0',
  holds: value === 0,
});

/** A figure that must not be above its limit. */
export const most = (area: string, what: string, value: number, limit: number, unit = ''): Finding => ({
  area,
  what,
  value: `${value >= 100 ? value.toFixed(0) : value.toFixed(1)}${unit && ` ${unit}`}`,
  goal: `at most ${limit}${unit && ` ${unit}`}`,
  holds: value <= limit,
});

/** What must be so. */
export const holds = (area: string, what: string, is: boolean, found = is ? 'yes' : 'no'): Finding => ({
  area,
  what,
  value: found,
  goal: 'yes',
  holds: is,
});
