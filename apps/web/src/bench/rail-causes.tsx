import { type ContributionProperty, contributionProperties, type Rail } from '@alterum/core';
import { useOutcome } from './bench-store';
import Causes from './causes';
import { figure } from './number-text';
import { WhereToPull } from './where-to-pull';
import { WishControls } from './wish-controls';

/** The property whose causes are told for a rail; the thickness at other moments has those of the thickness. */
function causesOf({ id }: Rail): ContributionProperty | undefined {
  const property = id.endsWith('-thickness') ? 'thickness' : id;
  return contributionProperties.find((known) => known === property);
}

/** One property: what is asked of it, what would move it, and which lines hold the bead where it is, with the band in words. */
export default function RailCauses({ rail }: { readonly rail: Rail }) {
  const { low, mid, high } = rail.value(useOutcome());
  const said = (value: number) => figure(value, rail.digits);
  const property = causesOf(rail);
  const reading = `${said(mid)} ${rail.unit}; eight times in ten between ${said(low)} and ${said(high)}. Term: ${rail.term}.`;
  return (
    <div className="space-y-3">
      <WishControls rail={rail} />
      <WhereToPull rail={rail} />
      {property ? (
        <Causes property={property} title={rail.name} reading={reading} />
      ) : (
        <p className="text-sm text-soft">{reading}</p>
      )}
    </div>
  );
}
