import { Type } from 'class-transformer';
import { IsDefined } from 'class-validator';
import { IsName, IsPart, IsVersion } from './field.js';
import { EveningBody, TonightBody } from './household.body.js';

/** An evening that is kept to be cooked again: what is cooked, by whom, when and with what. */
export class KeptEveningBody {
  @IsName('Give the evening a name.', 120)
  name!: string;

  @IsDefined({ message: 'Say when it is eaten, and what the kitchen has for it.' })
  @IsPart()
  @Type(() => EveningBody)
  evening!: EveningBody;

  @IsDefined({ message: 'Say what is cooked.' })
  @IsPart()
  @Type(() => TonightBody)
  tonight!: TonightBody;
}

/** The same, changed from the version that was read. */
export class KeptEveningUpdate extends KeptEveningBody {
  @IsVersion() version!: number;
}
