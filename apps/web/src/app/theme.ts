import { create } from 'zustand';

export type Theme = 'day' | 'night';
const KEY = 'alterum.theme';

const darkOnDevice = () => matchMedia('(prefers-color-scheme: dark)');

/** As chosen here; until somebody has chosen, as the device has it. */
const preferred = (): Theme => {
  const kept = localStorage.getItem(KEY);
  if (kept === 'day' || kept === 'night') return kept;
  return darkOnDevice().matches ? 'night' : 'day';
};

interface ThemeState {
  readonly theme: Theme;
  readonly toggle: () => void;
}

export const useTheme = create<ThemeState>()((set, get) => ({
  theme: preferred(),
  toggle: () => {
    const theme = get().theme === 'day' ? 'night' : 'day';
    set({ theme });
    localStorage.setItem(KEY, theme);
  },
}));

/** The page wears the theme, also when the device changes its own at dusk or another tab chooses one. */
export function wearTheme(): void {
  const wear = () => {
    document.documentElement.dataset['theme'] = useTheme.getState().theme;
  };
  wear();
  useTheme.subscribe(wear);
  const look = () => useTheme.setState({ theme: preferred() });
  darkOnDevice().addEventListener('change', look);
  addEventListener('storage', ({ key }) => key === KEY && look());
}
