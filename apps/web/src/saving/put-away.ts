import { create } from 'zustand';

const KEY = 'alterum.put-away';

const read = (): readonly string[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter((entry): entry is string => typeof entry === 'string') : [];
  } catch {
    return [];
  }
};

/** Notes and cautions that this household has read and put away; a print holds them all the same. */
export const usePutAway = create<{
  readonly away: readonly string[];
  readonly put: (id: string) => void;
  readonly bringBack: () => void;
}>()((set) => ({
  away: read(),
  put: (id) =>
    set(({ away }) => {
      const next = [...away, id];
      localStorage.setItem(KEY, JSON.stringify(next));
      return { away: next };
    }),
  bringBack: () => {
    localStorage.removeItem(KEY);
    set({ away: [] });
  },
}));
