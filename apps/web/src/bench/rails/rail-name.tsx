import type { Rail } from '@alterum/core';
import { memo } from 'react';
import { PopoverOnDemand } from '../../ui/on-demand';
import { part } from '../../ui/part';

const RailCauses = part(() => import('./rail-causes'), <p>Looking …</p>);

/** The rail’s name; pressing it shows which lines hold the bead where it is, largest first. */
export const RailName = memo(function RailName({
  rail,
  minor,
}: {
  readonly rail: Rail;
  readonly minor: boolean;
}) {
  const trigger = (
    <button
      type="button"
      className={`min-h-6 rounded font-bold decoration-2 underline-offset-4 hover:underline ${minor ? 'text-[15px]' : 'text-[17px]'}`}
      aria-label={`${rail.name}: what holds it there`}
    >
      {rail.name}
    </button>
  );
  return (
    <PopoverOnDemand
      trigger={trigger}
      label={`What holds ${rail.name.toLowerCase()} there`}
      side="left"
      content={() => <RailCauses rail={rail} />}
    />
  );
});
