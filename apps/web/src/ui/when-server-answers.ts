import { useEffect } from 'react';

/** Whether the server is there. */
export const serverAnswers = (): Promise<boolean> =>
  fetch('/api/health', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

/** Looks now and then, and as soon as the browser is on the network again, for as long as what waits stands there. */
export function useLooking(look: () => Promise<void>, everyMs: number, waits = true): void {
  useEffect(() => {
    if (!waits) return undefined;
    const now = () => void look();
    const timer = setInterval(now, everyMs);
    window.addEventListener('online', now);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', now);
    };
  }, [look, everyMs, waits]);
}
