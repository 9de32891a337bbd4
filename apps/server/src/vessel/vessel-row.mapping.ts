import { vesselOfInput, type VesselBody, type VesselView } from '@alterum/contract';
import type { VesselRow } from './vessel.row.js';

export const viewOfVessel = ({ id, version, name, ...row }: VesselRow): VesselView => ({
  id,
  version,
  name,
  ...vesselOfInput({
    shape: row.shape,
    depthCm: row.depthCm,
    ...(row.lengthCm ? { lengthCm: row.lengthCm } : {}),
    ...(row.widthCm ? { widthCm: row.widthCm } : {}),
    ...(row.diameterCm ? { diameterCm: row.diameterCm } : {}),
  }),
});

/** Only what its shape has a use for. */
export function columnsOfVessel(body: VesselBody) {
  const vessel = vesselOfInput(body);
  return {
    name: body.name.trim(),
    shape: vessel.shape,
    depthCm: vessel.depthCm,
    lengthCm: vessel.shape === 'rectangular' ? vessel.lengthCm : null,
    widthCm: vessel.shape === 'rectangular' ? vessel.widthCm : null,
    diameterCm: vessel.shape === 'round' ? vessel.diameterCm : null,
  };
}
