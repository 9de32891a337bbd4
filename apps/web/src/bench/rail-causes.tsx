import type { Rail } from '@alterum/core';
import { usePrediction } from './bench-store';
import Causes from './causes';
import { figure } from './number-text';

/** Which lines hold a bead where it is, with the band in words. */
export default function RailCauses({ rail }: { readonly rail: Rail }) {
  const { low, mid, high } = rail.value(usePrediction());
  const said = (value: number) => figure(value, rail.digits);
  return (
    <Causes
      property={rail.id}
      title={rail.name}
      reading={`${said(mid)} ${rail.unit}; eight times in ten between ${said(low)} and ${said(high)}. Term: ${rail.term}.`}
    />
  );
}
