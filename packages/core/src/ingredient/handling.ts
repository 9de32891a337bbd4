/** How an ingredient drinks in a soak: u = most·(1 − e^(−K)), K the integral of the rate over time. */
export interface Soaking {
  /** g of water per g as weighed, in the end. */
  readonly most: number;
  readonly cv: number;
  /** 1/h at 5, 20 and 60 °C, and at 75 °C, where the first hour under boiling water stands. */
  readonly rates: readonly [at5: number, at20: number, at60: number, at75: number];
  /** h before it begins to drink. */
  readonly lagHours: number;
  /** % of the dry mass that a long soak lets into water poured off. */
  readonly letOut: number;
  /** h at 20 °C after which it turns slimy or begins to ferment. */
  readonly slimyAfter: number;
  readonly source: string;
}

/** How it swells at the boil: Y = Y0 + (most − Y0)(1 − e^(−rate·t)). */
export interface Boiling {
  /** g drained per g dry, in the end. */
  readonly most: number;
  readonly cv: number;
  /** 1/min, soaked before and not. */
  readonly rates: readonly [soaked: number, dry: number];
  /** min until soft, soaked before and not. */
  readonly doneMinutes: readonly [soaked: number, dry: number];
  /** % of the dry mass that the water takes, and min in which it does. */
  readonly letOut: number;
  readonly letOutMinutes: number;
  /** Boiled apart in much water and drained, where nothing else is said; what falls to mush is boiled in the pot. */
  readonly apart?: true;
  readonly source: string;
}

/** Water that leaves in a pan or an oven. */
export interface Drying {
  /** g that can leave, per g. */
  readonly loose: number;
  /** 1/min at the reference of its law. */
  readonly rate: number;
  readonly cv: number;
  readonly source: string;
}

/** Shares of a blended thing that go through a cloth, 0..1. */
export interface Straining {
  readonly protein: number;
  /** Fat goes with what holds it. */
  readonly fat: number;
  readonly starch: number;
  readonly source: string;
}

/** The part of a thing that goes into the pot, g of it per g as bought. */
export interface TakenPart {
  readonly share: number;
  readonly cv: number;
  readonly source: string;
}
/** Ways in which only a part is taken. */
export const partings = ['trim', 'pluck', 'juice', 'drain'] as const;
export type Parting = (typeof partings)[number];

/** Water that leaves under a weight or under salt: most·(1 − e^(−t/minutes)). */
export interface Weeping {
  /** g per g, in the end; under salt of s % times s/(s + 1). */
  readonly most: number;
  readonly minutes: number;
  /** g per g more that squeezing takes. */
  readonly squeezed: number;
  readonly cv: number;
  readonly source: string;
}

/** What settles out of a milk made of it, shares of what is there. */
export interface Settling {
  /** Of its protein that stays in what stands over it. */
  readonly proteinAbove: number;
  readonly cv: number;
  readonly source: string;
}

/** What soaking, boiling, frying, roasting and heat do to an ingredient, as far as it is known; absent is not done to it. */
export interface Handling {
  readonly soaking?: Soaking;
  readonly boiling?: Boiling;
  readonly frying?: Drying;
  readonly roasting?: Drying;
  readonly straining?: Straining;
  readonly parts?: Readonly<Partial<Record<Parting, TakenPart>>>;
  readonly pressing?: Weeping;
  readonly salting?: Weeping;
  readonly settling?: Settling;
  /** 1/min at 97 °C at which its aroma leaves. */
  readonly aromaRate?: number;
}
