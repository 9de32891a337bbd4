import { act } from '@testing-library/react';

/** A device that can be put to night. */
function device(): { night: (dark: boolean) => void } {
  const listeners: (() => void)[] = [],
    query = { matches: false, addEventListener: (_: string, listen: () => void) => listeners.push(listen) };
  window.matchMedia = () => query as unknown as MediaQueryList;
  return {
    night: (dark) => {
      query.matches = dark;
      for (const listen of listeners) listen();
    },
  };
}

const worn = () => document.documentElement.dataset['theme'];

/** The page as it is loaded. */
async function load() {
  jest.resetModules();
  const { useTheme, wearTheme } = await import('./theme');
  wearTheme();
  return { toggle: () => act(() => useTheme.getState().toggle()) };
}

beforeEach(() => localStorage.clear());

it('goes with the device while nobody has chosen', async () => {
  const { night } = device();
  await load();
  expect(worn()).toBe('day');
  night(true);
  expect(worn()).toBe('night');
});

it('keeps what was chosen, whatever the device does, and after a reload', async () => {
  const { night } = device();
  const page = await load();
  page.toggle();
  expect(worn()).toBe('night');
  night(true);
  night(false);
  expect(worn()).toBe('night');
  await load();
  expect(worn()).toBe('night');
});

it('takes over what another tab chooses', async () => {
  device();
  await load();
  localStorage.setItem('alterum.theme', 'night');
  window.dispatchEvent(new StorageEvent('storage', { key: 'alterum.theme' }));
  expect(worn()).toBe('night');
});
