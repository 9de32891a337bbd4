import { Square } from 'lucide-react';
import { Button } from '../ui/button';

/** How far a search is, and the way to end it with the best so far. */
export function Progress({
  label,
  done,
  stop,
}: {
  readonly label: string;
  readonly done: number;
  readonly stop: () => void;
}) {
  return (
    <div className="flex items-center gap-3 py-2">
      <div className="min-w-0 flex-1">
        <p className="text-sm">{label}</p>
        <div
          role="progressbar"
          aria-label={label}
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={Math.round(done * 100)}
          className="mt-1 h-2.5 overflow-hidden rounded-full bg-track"
        >
          <div
            className="h-full rounded-full bg-yolk transition-[width]"
            style={{ width: `${Math.max(4, done * 100)}%` }}
          />
        </div>
      </div>
      <Button onClick={stop}>
        <Square size={15} aria-hidden /> Stop
      </Button>
    </div>
  );
}
