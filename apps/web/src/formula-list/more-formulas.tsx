import { Button } from '../ui/button';
import type { Pages } from './use-formula-pages';

/** Says how many of a long list are shown, and shows more. */
export function MoreFormulas({ entries, total, isMore, more }: Pages<unknown>) {
  if (!isMore) return null;
  return (
    <p className="flex flex-wrap items-center gap-3 py-2 text-sm">
      <span role="status">
        {entries.length} of {total} formulas, those changed last.
      </span>
      <Button onClick={more}>Show more</Button>
    </p>
  );
}
