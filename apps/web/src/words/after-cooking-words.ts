import type { Process } from '@alterum/core';

/** What happens between the pan and the table, in a few words. */
export function afterCookingWords(process: Process): string {
  const words = [
    process.bakeMin > 0 ? `baked ${process.bakeMin} min` : '',
    process.keepWarmMin > 0 ? `kept warm ${process.keepWarmMin} min` : '',
    process.noodlesG > 0 ? `${process.noodlesG} g noodles` : '',
  ].filter(Boolean);
  return words.join(', ') || 'straight on';
}
