import type { DishPortion, MoistureAdvice, MoistureWord } from '@alterum/core';
import type { RangeView } from './recipe.view.js';
import type { WhoCanEatView } from './who-can-eat.view.js';

/** A part of the dish: what there is of it, what its layers need, and how many times as much is to be made. */
export interface DishComponentView {
  readonly id: string;
  readonly name: string;
  /** g as it goes in, and mL of that. */
  readonly grams: number;
  readonly volumeMl: number;
  readonly needG: number;
  readonly times: number;
  readonly leftG: number;
  /** g of its layer at the top, and of those below it together. */
  readonly topG: number;
  readonly belowG: number;
}

export interface DishLayerView {
  readonly component: string;
  readonly grams: number;
  readonly mm: number;
  /** Share of all there is of its part: a third now. */
  readonly ofAll: number;
  /** "1 1/4 cup"; null where nobody measures it so. */
  readonly measure: string | null;
}

export interface DishWaterView {
  /** g: what sauces can give, what vegetables let go, what was drunk, dried and bound, and what is free in the end. */
  readonly reachableG: number;
  readonly releasedG: number;
  readonly drunkG: number;
  readonly evaporatedG: number;
  readonly boundG: number;
  readonly freeG: RangeView;
  /** g that are felt as wet on a dm² of each wet layer: below 2 dry, to 6 just set, to 12 soft, above soupy. */
  readonly perLayerG: RangeView;
  readonly verdict: MoistureWord;
  readonly range: readonly [MoistureWord, MoistureWord];
  readonly chances: Readonly<Record<MoistureWord, number>>;
  /** % of what noodles, bread and rice could drink that they got; null where nothing drinks. */
  readonly drunkPct: number | null;
  readonly places: readonly {
    readonly place: 'bottom' | 'middle' | 'top';
    readonly freeG: number;
    readonly verdict: MoistureWord;
  }[];
}

/** Something that can be done, in words, and what becomes of the dish. */
export interface DishAdviceView extends Omit<MoistureAdvice, 'component' | 'perLayer' | 'word'> {
  readonly component: string | null;
  readonly words: string;
  readonly verdict: MoistureWord;
}

export interface DishResponse {
  readonly massG: number;
  readonly volumeMl: number;
  readonly areaDm2: number;
  readonly heightMm: number;
  /** mm that stay free, 15 for bubbling left out; below 0 it runs over. */
  readonly roomMm: number;
  readonly fits: 'fits' | 'full' | 'runs-over';
  readonly components: readonly DishComponentView[];
  readonly layers: readonly DishLayerView[];
  readonly water: DishWaterView;
  readonly advice: readonly DishAdviceView[];
  /** What makes it set together, one after the other, where no single thing does. */
  readonly together: readonly DishAdviceView[];
  /** min until the middle has 75 °C; null where it never has. */
  readonly minutesToMiddle: number | null;
  /** How the top looks when it comes out: 0 (white) to 10 (dark), in a word, and the words that it lies between four times of five. */
  readonly top: {
    readonly browning: RangeView;
    readonly verdict: string;
    readonly range: readonly [string, string];
  };
  /** A usual portion, without what only some eat of. */
  readonly portion: DishPortion;
  /** Of those who alone eat of some part: a usual portion with it. */
  readonly portions: readonly (DishPortion & { readonly eater: string })[];
  readonly people: readonly WhoCanEatView[];
  /** What was checked and against what; the words for a print. */
  readonly caution: string;
}
