/** Numbers as they are spoken, and how far the spoken one may lie from what is meant (low, high; 1 where it is exact). English. */
export const numberWords: Readonly<Record<string, readonly [value: number, low: number, high: number]>> = {
  a: [1, 1, 1], an: [1, 1, 1], one: [1, 1, 1], two: [2, 1, 1], three: [3, 1, 1], four: [4, 1, 1], five: [5, 1, 1], six: [6, 1, 1],
  seven: [7, 1, 1], eight: [8, 1, 1], nine: [9, 1, 1], ten: [10, 1, 1], eleven: [11, 1, 1], twelve: [12, 1, 1], thirteen: [13, 1, 1], fourteen: [14, 1, 1], fifteen: [15, 1, 1], sixteen: [16, 1, 1],
  seventeen: [17, 1, 1], eighteen: [18, 1, 1], nineteen: [19, 1, 1],
  dozen: [12, 1, 1], half: [0.5, 1, 1], quarter: [0.25, 1, 1], third: [1 / 3, 1, 1],
  'a couple of': [2, 1, 1.5], 'a couple': [2, 1, 1.5], couple: [2, 1, 1.5], 'a few': [3, 0.67, 1.34], few: [3, 0.67, 1.34], several: [4, 0.75, 1.5], some: [1, 0.5, 2],
};

/** Parts of one, as words: "three quarters", "two thirds". */
export const fractionWords: Readonly<Record<string, number>> = {
  half: 0.5, halves: 0.5, third: 1 / 3, thirds: 1 / 3, quarter: 0.25, quarters: 0.25, fourth: 0.25, fourths: 0.25, eighth: 0.125, eighths: 0.125,
};

/** Words that larger numbers are made of. English. */
export const unitWords: Readonly<Record<string, number>> = {
  one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12, thirteen: 13, fourteen: 14, fifteen: 15,
  sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19,
};
export const tensWords: Readonly<Record<string, number>> = { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 };
export const hundredsWords: Readonly<Record<string, number>> = { hundred: 100, thousand: 1000 };
