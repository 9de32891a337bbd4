import { type LinedId, linedIds, type Rail } from '@alterum/core';
import { useOutcome } from '../../open-formula/bench-store';
import Causes from './causes';
import { figure } from '../../words/number-text';
import { Sensitivities } from './sensitivities';
import { WishControls } from './wish-controls';

/** The property whose lines and law hold a rail: its own, or that of the thickness at the table. */
const causesOf = ({ id, heldAs }: Rail): LinedId | undefined =>
  linedIds.find((known) => known === (heldAs ?? id));

/** One property: what is asked of it, what would move it, and which lines hold the bead where it is, with the band in words. */
export default function RailCauses({ rail }: { readonly rail: Rail }) {
  const { low, mid, high } = rail.value(useOutcome());
  const said = (value: number) => figure(value, rail.digits);
  const property = causesOf(rail);
  const reading = `${said(mid)} ${rail.unit}; eight times in ten between ${said(low)} and ${said(high)}. Term: ${rail.term}.`;
  return (
    <div className="space-y-3">
      <WishControls rail={rail} />
      <Sensitivities rail={rail} />
      {property ? (
        <Causes property={property} title={rail.name} reading={reading} />
      ) : (
        <p className="text-sm text-soft">{reading}</p>
      )}
    </div>
  );
}
