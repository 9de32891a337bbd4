import { scaleLinear } from 'd3-scale';

/** A layer as it is drawn: from its upper edge down, px. */
export interface DrawnLayer {
  readonly id: string;
  readonly y: number;
  readonly height: number;
  /** Middle of its words, px: beside it, or moved so that none lie on each other. */
  readonly wordsAt: number;
}

export interface DrawnDish {
  readonly layers: readonly DrawnLayer[];
  /** px of the rim, of the room to bubble below it, and of the floor. */
  readonly rimY: number;
  readonly bubblesY: number;
  readonly floorY: number;
  readonly ticks: readonly { readonly mm: number; readonly y: number }[];
}

export interface DishRoom {
  /** px. */
  readonly height: number;
  readonly top: number;
  /** px between the words of two layers. */
  readonly apart: number;
  readonly depthMm: number;
  readonly bubblingMm: number;
}

/** Words pushed apart until none lies on another, as near to their layers as that goes. */
export function apartBy(
  wanted: readonly number[],
  apart: number,
  low: number,
  high: number,
): readonly number[] {
  const placed = [...wanted];
  // Downwards, then back up from the floor: what has no room below moves up.
  for (let i = 1; i < placed.length; i++) placed[i] = Math.max(placed[i]!, placed[i - 1]! + apart);
  const over = (placed.at(-1) ?? low) - high;
  if (over > 0) placed[placed.length - 1] = high;
  for (let i = placed.length - 2; i >= 0; i--) placed[i] = Math.min(placed[i]!, placed[i + 1]! - apart);
  return placed;
}

/** A dish to scale, from the top layer down. What runs over is drawn over the rim. @param layers from the bottom up, mm */
export function drawnDish(
  layers: readonly { readonly id: string; readonly mm: number }[],
  { height, top, apart, depthMm, bubblingMm }: DishRoom,
): DrawnDish {
  const all = layers.reduce((sum, { mm }) => sum + mm, 0);
  const highest = Math.max(depthMm, all);
  const y = scaleLinear([0, highest], [top + height, top]);
  let below = 0;
  const drawn = layers
    .map(({ id, mm }) => {
      const upper = y(below + mm),
        lower = y(below);
      below += mm;
      return { id, y: upper, height: lower - upper };
    })
    .reverse();
  const words = apartBy(
    drawn.map((layer) => layer.y + layer.height / 2),
    apart,
    top,
    top + height - apart / 2,
  );
  return {
    layers: drawn.map((layer, i) => ({ ...layer, wordsAt: words[i]! })),
    rimY: y(depthMm),
    bubblesY: y(Math.max(0, depthMm - bubblingMm)),
    floorY: y(0),
    ticks: y.ticks(Math.min(6, Math.max(2, Math.round(highest / 10)))).map((mm) => ({ mm, y: y(mm) })),
  };
}
