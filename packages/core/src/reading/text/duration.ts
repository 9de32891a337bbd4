import { spokenNumber } from '../amount/spoken-number.js';

/** min, from the least to the most. */
export interface Duration {
  readonly low: number;
  readonly high: number;
}

/** min of one unit of time. */
const minutesOf: readonly (readonly [RegExp, number])[] = [
  [/^(?:seconds?|secs?|s)\b\.?/i, 1 / 60],
  [/^(?:minutes?|mins?|min|m)\b\.?/i, 1],
  [/^(?:hours?|hrs?|hr|h)\b\.?/i, 60],
  [/^(?:days?|d)\b/i, 1440],
];
/** Times that have no number. @source kitchen habit, assumed */
const named: readonly (readonly [RegExp, Duration])[] = [
  [/\bover ?night\b/i, { low: 480, high: 720 }],
  [/\b(?:for|a) (?:few|couple of) hours\b/i, { low: 120, high: 240 }],
  [/\b(?:for|in) a (?:few|couple of) minutes\b/i, { low: 2, high: 4 }],
  [/\bfor an hour\b/i, { low: 60, high: 60 }],
  [/\bhalf an hour\b/i, { low: 30, high: 30 }],
  [/\ba minute or two\b/i, { low: 1, high: 2 }],
  [/\b(?:for|another) a minute\b/i, { low: 1, high: 1 }],
];
const LONGEST_MIN = 4320;
const STARTS =
  /(?:^|[\s(,-])((?:about |around |at least |up to )?(?:\d|[½¼¾⅓⅔]|one\b|two\b|three\b|four\b|five\b|six\b|eight\b|ten\b|twelve\b|fifteen\b|twenty\b|half\b|an?\b))/gi;

/** The first time that a text tells: "8-10 minutes", "overnight", "for 2 hours", "1 hr 30 min"; undefined where none is. */
export function durationIn(text: string): Duration | undefined {
  for (const match of text.matchAll(STARTS)) {
    const from = text.slice(match.index + match[0].length - match[1]!.length);
    const number = spokenNumber(from);
    if (!number) continue;
    const unit = minutesOf.find(([word]) => word.test(number.rest.replace(/^-\s*/, '')));
    if (!unit) continue;
    let low = number.low * unit[1],
      high = number.high * unit[1];
    // "1 hour 30 minutes".
    const after = number.rest
      .replace(/^-\s*/, '')
      .replace(unit[0], '')
      .replace(/^\s*(?:and\s+)?/, '');
    const more = /^\d/.test(after) ? spokenNumber(after) : undefined;
    const smaller = more && minutesOf.find(([word, size]) => size < unit[1] && word.test(more.rest));
    if (more && smaller) {
      low += more.low * smaller[1];
      high += more.high * smaller[1];
    }
    return { low: Math.min(low, LONGEST_MIN), high: Math.min(high, LONGEST_MIN) };
  }
  return named.find(([words]) => words.test(text))?.[1];
}

/** °C that a text tells: "180 °C", "350F", "gas mark 4"; undefined where none is. */
export function temperatureIn(text: string): number | undefined {
  const celsius = /(-?\d{1,3})\s*(?:°|º|degrees?|deg)?\s*(?:C\b|celsius\b|centigrade\b)/i.exec(text);
  if (celsius) return Number(celsius[1]);
  const fahrenheit = /(\d{2,3})\s*(?:°|º|degrees?|deg)?\s*(?:F\b|fahrenheit\b)/i.exec(text);
  if (fahrenheit) return Math.round(((Number(fahrenheit[1]) - 32) * 5) / 9);
  const gas = /\bgas(?: mark)?\s*(\d)\b/i.exec(text);
  if (gas) return 135 + 14 * Number(gas[1]);
  const bare = /(\d{2,3})\s*(?:°|º|degrees)/.exec(text);
  return bare ? Number(bare[1]) : undefined;
}
