import { defineEntity, type InferEntity, p } from '@mikro-orm/core';

/** A dish or tin of the household’s own; cm inside. */
export const VesselRow = defineEntity({
  name: 'VesselRow',
  tableName: 'vessel',
  properties: {
    id: p.uuid().primary(),
    version: p.integer(),
    name: p.string().length(60),
    shape: p.string().length(12).$type<'rectangular' | 'round'>(),
    lengthCm: p.float().nullable(),
    widthCm: p.float().nullable(),
    diameterCm: p.float().nullable(),
    depthCm: p.float(),
    deletedAt: p.datetime().nullable(),
  },
  checks: [
    { name: 'vessel_name_given', expression: 'length(trim(name)) > 0' },
    { name: 'vessel_version_counts', expression: 'version >= 1' },
    {
      name: 'vessel_shape_measured',
      expression:
        "(shape = 'round' and diameter_cm > 0 and length_cm is null and width_cm is null) or (shape = 'rectangular' and length_cm > 0 and width_cm > 0 and diameter_cm is null)",
    },
    { name: 'vessel_depth_positive', expression: 'depth_cm > 0' },
  ],
});
export type VesselRow = InferEntity<typeof VesselRow>;
