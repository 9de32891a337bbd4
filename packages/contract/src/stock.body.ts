import { IsBetween } from './field.js';

/** What of an ingredient is in the house. */
export class StockInput {
  /** g. */
  @IsBetween('The amount in the house', 0, 100_000, 'g')
  grams!: number;
}
