declare const unit: unique symbol;

/** A number that carries its unit in its type: grams cannot be passed where degrees are wanted. */
export type Quantity<U extends string> = number & { readonly [unit]: U };

/**
 * The two units that are mistaken for others at the doors of the core: a mass as weighed, and a temperature. All other figures say their unit in their
 * name (`holdMin`, `layerMm`, `massG`); docs/decisions/0016.
 */
export type Grams = Quantity<'g'>;
export type Celsius = Quantity<'°C'>;

export const grams = (value: number) => value as Grams;
export const celsius = (value: number) => value as Celsius;
