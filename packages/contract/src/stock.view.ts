export interface StockView {
  readonly ingredient: string;
  readonly grams: number;
}
