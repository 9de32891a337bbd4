import { type Ingredient, isOwn } from '@alterum/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, useRef } from 'react';
import { focusSoon } from '../ui/focus-net';

/** px of a row, and rows kept beyond what is seen. */
const ROW_PX = 36,
  BEYOND = 12;

interface FoundListProps {
  readonly found: readonly Ingredient[];
  readonly chosen: Ingredient | undefined;
  readonly choose: (id: string) => void;
}

/** What a search of the larder finds; only the rows near what is seen stand in the page. */
export function FoundList({ found, chosen, choose }: FoundListProps) {
  const frame = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- what it answers is handed to nobody
  const rows = useVirtualizer({
    count: found.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW_PX,
    overscan: BEYOND,
    getItemKey: (at) => found[at]?.id ?? at,
  });
  const at = chosen ? found.indexOf(chosen) : -1;
  const isSeen = rows.getVirtualItems().some(({ index }) => index === at);
  /** The arrows go from one to the next, and the card beside the list goes along. */
  const onKeyDown = (event: KeyboardEvent) => {
    const to = {
      ArrowDown: Math.min(at + 1, found.length - 1),
      ArrowUp: Math.max(at - 1, 0),
      Home: 0,
      End: found.length - 1,
    }[event.key];
    const next = to === undefined ? undefined : found[to];
    if (to === undefined || !next) return;
    event.preventDefault();
    rows.scrollToIndex(to);
    choose(next.id);
    focusSoon(`[data-place="${to}"]`);
  };
  return (
    <div
      ref={frame}
      className="plate max-h-[70vh] overflow-auto p-1"
      onKeyDown={onKeyDown}
      tabIndex={isSeen ? -1 : 0}
      role="region"
      aria-label="Ingredients found"
    >
      <ul aria-label="Ingredients" className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map(({ index, key, start }) => {
          const ingredient = found[index];
          return (
            ingredient && (
              <li
                key={key}
                ref={rows.measureElement}
                data-index={index}
                aria-setsize={found.length}
                aria-posinset={index + 1}
                className="absolute inset-x-0 top-0"
                style={{ transform: `translateY(${start}px)` }}
              >
                <button
                  type="button"
                  data-place={index}
                  tabIndex={ingredient === chosen ? 0 : -1}
                  onClick={() => choose(ingredient.id)}
                  aria-current={ingredient === chosen}
                  className={`flex min-h-9 w-full items-center justify-between gap-3 rounded-md px-2.5 text-left ${ingredient === chosen ? 'bg-rim text-on-rim' : 'hover:bg-dip'}`}
                >
                  <span className="min-w-0 break-words">{ingredient.name}</span>
                  <span className="whitespace-nowrap text-[13px] opacity-80">
                    {isOwn(ingredient.id) ? 'your own' : ingredient.shelf}
                  </span>
                </button>
              </li>
            )
          );
        })}
      </ul>
    </div>
  );
}
