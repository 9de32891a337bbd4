declare const unit: unique symbol;

/** A number that carries its unit in its type: grams cannot be passed where degrees are wanted. */
export type Quantity<U extends string> = number & { readonly [unit]: U };

export type Grams = Quantity<'g'>;
export type Millilitres = Quantity<'mL'>;
export type Celsius = Quantity<'°C'>;
export type Minutes = Quantity<'min'>;
export type Seconds = Quantity<'s'>;
/** Grams of a component in 100 g of the whole. */
export type Percent = Quantity<'g/100 g'>;
/** Apparent viscosity at 50 s⁻¹, mPa·s. */
export type MilliPascalSeconds = Quantity<'mPa·s'>;
export type Pascals = Quantity<'Pa'>;
export type Centimetres = Quantity<'cm'>;
/** A part of one, 0..1. */
export type Share = Quantity<'1'>;

export const grams = (value: number) => value as Grams;
export const millilitres = (value: number) => value as Millilitres;
export const celsius = (value: number) => value as Celsius;
export const minutes = (value: number) => value as Minutes;
export const seconds = (value: number) => value as Seconds;
export const percent = (value: number) => value as Percent;
export const milliPascalSeconds = (value: number) => value as MilliPascalSeconds;
export const pascals = (value: number) => value as Pascals;
export const centimetres = (value: number) => value as Centimetres;
export const share = (value: number) => value as Share;

/** Absolute zero in °C; @source SI definition. */
export const KELVIN_OFFSET = 273.15;
export const fahrenheitFromCelsius = (t: number): number => (t * 9) / 5 + 32;
export const celsiusFromFahrenheit = (t: number): Celsius => celsius(((t - 32) * 5) / 9);
