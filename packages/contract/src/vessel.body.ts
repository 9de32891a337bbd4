import { IsName, IsVersion } from './field.js';
import { VesselInput } from './dish.body.js';

/** A dish or tin of the household’s own, by its inside. */
export class VesselBody extends VesselInput {
  @IsName('Give the vessel a name.', 60)
  name!: string;
}

/** The same, changed from the version that was read. */
export class VesselUpdate extends VesselBody {
  @IsVersion() version!: number;
}
