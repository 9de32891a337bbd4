import type { OperationKindId } from '@alterum/core';
import {
  ArrowDownToLine,
  Citrus,
  Droplets,
  Fan,
  Filter,
  Flame,
  Grid2x2,
  Hourglass,
  Layers2,
  Leaf,
  type LucideIcon,
  Microwave,
  Scissors,
  Snowflake,
  Soup,
  Thermometer,
  Waves,
  Wind,
} from 'lucide-react';

/** A picture beside the words of an operation; the words say it as well. */
const icons: Readonly<Record<OperationKindId, LucideIcon>> = {
  'put-in': ArrowDownToLine,
  'stir-in': Leaf,
  soak: Waves,
  'boil-soft': Soup,
  roast: Microwave,
  fry: Flame,
  cut: Scissors,
  trim: Scissors,
  pluck: Leaf,
  juice: Citrus,
  drain: Droplets,
  press: ArrowDownToLine,
  salt: Droplets,
  settle: Layers2,
  swell: Hourglass,
  stand: Hourglass,
  strain: Filter,
  blend: Fan,
  pulse: Fan,
  heat: Flame,
  'boil-down': Wind,
  cool: Thermometer,
  chill: Snowflake,
  bake: Microwave,
  hold: Soup,
  rest: Grid2x2,
};

export function OperationIcon({ kind }: { readonly kind: OperationKindId }) {
  const Icon = icons[kind];
  return <Icon size={15} aria-hidden className="shrink-0 text-rim" />;
}
