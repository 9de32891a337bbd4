import { create } from 'zustand';

export type Theme = 'day' | 'night';
const KEY = 'alterum.theme';

const preferred = (): Theme => {
  const kept = localStorage.getItem(KEY);
  if (kept === 'day' || kept === 'night') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'day';
};

interface ThemeState {
  readonly theme: Theme;
  readonly toggle: () => void;
}

export const useTheme = create<ThemeState>()((set, get) => ({
  theme: preferred(),
  toggle: () => {
    const theme = get().theme === 'day' ? 'night' : 'day';
    localStorage.setItem(KEY, theme);
    set({ theme });
    applyTheme();
  },
}));

export function applyTheme(): void {
  document.documentElement.dataset['theme'] = useTheme.getState().theme;
}
