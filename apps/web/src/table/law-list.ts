import { create } from 'zustand';

export type Law = 'eu' | 'us';
const KEY = 'alterum.law-list';

/** Which law's list of allergens this household reads on its packs. */
export const useLaw = create<{ readonly law: Law; readonly choose: (law: Law) => void }>()((set) => ({
  law: localStorage.getItem(KEY) === 'us' ? 'us' : 'eu',
  choose: (law) => {
    localStorage.setItem(KEY, law);
    set({ law });
  },
}));
