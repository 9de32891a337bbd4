import { defineEntity, type InferEntity, p } from '@mikro-orm/core';

/** How much of an ingredient is in the house, as the cook last said. */
export const StockRow = defineEntity({
  name: 'StockRow',
  tableName: 'stock',
  properties: {
    ingredient: p.string().length(120).primary(),
    grams: p.float(),
    saidAt: p.datetime(),
  },
  checks: [{ name: 'stock_not_negative', expression: 'grams >= 0' }],
});
export type StockRow = InferEntity<typeof StockRow>;
