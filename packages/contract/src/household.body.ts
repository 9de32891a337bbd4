import { type Kitchen, kitchens, type Tool, tools } from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDateString,
  IsIn,
  IsInt,
  IsString,
  Matches,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { eveningLimits } from './evening-limits.js';
import { requestLimits } from './kitchen-limits.js';
import { all, AreParts, IsBetween, IsIngredientId, IsName, IsPart, MayBeAbsent, nameOf } from './field.js';

/** Which law’s list of allergens a household reads on its packs. */
export const laws = ['eu', 'us'] as const;
export type Law = (typeof laws)[number];

export class LawBody {
  @IsIn([...laws], { message: `The list of allergens must be one of: ${laws.join(', ')}.` })
  law!: Law;
}

/** Whose spoons and cups a household measures with. */
export class KitchenBody {
  @IsIn([...kitchens], { message: `Spoons and cups are those of one of: ${kitchens.join(', ')}.` })
  kitchen!: Kitchen;
}

/** min after midnight. */
const IsMinuteOfDay = (what: string): PropertyDecorator => IsBetween(what, 0, 1439, 'minutes after midnight');

/** Somebody who cooks, and when they are there; all day where that is not said. */
export class CookInput {
  @IsName('Give the cook a name.', 60) name!: string;

  @MayBeAbsent()
  @IsMinuteOfDay('When the cook comes')
  from?: number;

  @MayBeAbsent()
  @IsMinuteOfDay('When the cook leaves')
  to?: number;
}

/** When somebody is up, on both days of an evening. */
export class UpInput {
  @IsMinuteOfDay('Rising') from!: number;
  @IsBetween('Going to sleep', 1, 1440, 'minutes after midnight') to!: number;
}

/** What is bought before it is cooked, and when the shop is open. */
export class ShopInput {
  @IsMinuteOfDay('When the shop opens') from!: number;
  @IsMinuteOfDay('When the shop closes') to!: number;

  /** min there, in it and back. */
  @IsBetween('The time to shop', 1, eveningLimits.shopping, 'minutes')
  minutes!: number;

  @IsArray({ message: 'What is bought is a list of ingredients.' })
  @ArrayMaxSize(eveningLimits.buys, { message: `At most ${eveningLimits.buys} things are bought.` })
  @ArrayUnique({ message: 'Each thing is bought once.' })
  @IsString({ each: true, message: 'What is bought is named by its larder id.' })
  @MaxLength(120, { each: true, message: 'The ingredient id is too long.' })
  buys!: string[];
}

/** A day, "2026-11-27". */
export const IsDay = (what: string): PropertyDecorator =>
  all(
    Matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, {
      message: `${what} must be a day such as “2026-11-27”.`,
    }),
    IsDateString({ strict: true }, { message: `${what} must be a day that there is.` }),
  );

/** When it is eaten, and what the kitchen has for it. */
export class EveningBody {
  /** The day on which it is eaten; left out, or gone by, it is the day that it is. */
  @MayBeAbsent()
  @IsDay('The day')
  day?: string;

  /** Who cooks, by name; as many as `cooks`, or nobody is named. */
  @MayBeAbsent()
  @IsArray({ message: 'Who cooks is a list of cooks.' })
  @ArrayMaxSize(eveningLimits.cooks, { message: `At most ${eveningLimits.cooks} cooks fit into a kitchen.` })
  @ArrayUnique(nameOf, {
    message: 'Each cook has a name of their own.',
  })
  @AreParts()
  @Type(() => CookInput)
  named?: CookInput[];

  /** Left out, from seven to eleven. */
  @MayBeAbsent()
  @IsPart()
  @Type(() => UpInput)
  up?: UpInput;

  /** Left out, nothing is bought. */
  @MayBeAbsent()
  @IsPart()
  @Type(() => ShopInput)
  shop?: ShopInput;

  /** min after midnight. */
  @IsBetween('When it is on the table', 0, 1439, 'minutes after midnight')
  serveAt!: number;

  @IsBetween('The burners', 0, 12)
  @IsInt({ message: 'Burners are counted.' })
  burners!: number;

  @IsBetween('The ovens', 0, 4)
  @IsInt({ message: 'Ovens are counted.' })
  ovens!: number;

  @IsBetween('The blenders', 0, 6)
  @IsInt({ message: 'Blenders are counted.' })
  blenders!: number;

  @IsBetween('The cooks', 1, eveningLimits.cooks)
  @IsInt({ message: 'Cooks are counted.' })
  cooks!: number;

  /** min that hot things may stand covered. */
  @IsBetween('How long hot things may stand', 0, 180, 'minutes')
  keepWarmMin!: number;
}

/** min after midnight at which it is eaten; left out where that is with everything else. */
const IsEatenAt = (): PropertyDecorator =>
  all(MayBeAbsent(), IsBetween('When it is eaten', 0, 1439, 'minutes after midnight'));

/** The cook who makes it; left out, whoever is free. */
const IsMadeBy = (): PropertyDecorator => all(MayBeAbsent(), IsName('Say who makes it.', 60));

/** A formula that is cooked tonight. */
export class PotTonight {
  @IsString({ message: 'The formula must be named by its id.' })
  @MaxLength(80, { message: 'The formula id is too long.' })
  formula!: string;

  @IsArray({ message: 'The shared tools must be a list.' })
  @ArrayUnique({ message: 'Each tool is named once.' })
  @IsIn([...tools], { each: true, message: `A tool must be one of: ${tools.join(', ')}.` })
  tools!: Tool[];

  @IsBoolean({ message: 'Say whether everything is washed before it.' })
  washedBefore!: boolean;

  @IsEatenAt() serveAt?: number;
  @IsMadeBy() cook?: string;

  /** It is made the day before, kept in the fridge, and only warmed tonight; left out, it is made tonight. */
  @MayBeAbsent()
  @IsBoolean({ message: 'Whether it is made the day before must be true or false.' })
  dayBefore?: boolean;
}

/** A dish that is cooked tonight. */
export class DishTonight {
  @IsString({ message: 'The dish must be named by its id.' })
  @MaxLength(80, { message: 'The dish id is too long.' })
  dish!: string;

  @IsEatenAt() serveAt?: number;
  @IsMadeBy() cook?: string;
}

/** What is cooked tonight, in the order of work. */
export class TonightBody {
  @IsArray({ message: 'The pots must be a list.' })
  @ArrayMaxSize(eveningLimits.pots, { message: `At most ${eveningLimits.pots} pots can be cooked tonight.` })
  @ArrayUnique((pot: PotTonight | null) => pot?.formula, { message: 'A formula is cooked once a night.' })
  @AreParts()
  @Type(() => PotTonight)
  pots!: PotTonight[];

  /** Left out, they stay as they are. */
  @MayBeAbsent()
  @IsArray({ message: 'The dishes must be a list.' })
  @ArrayMaxSize(eveningLimits.dishes, {
    message: `At most ${eveningLimits.dishes} dishes can be cooked tonight.`,
  })
  @ArrayUnique((one: DishTonight | null) => one?.dish, { message: 'A dish is cooked once a night.' })
  @AreParts()
  @Type(() => DishTonight)
  dishes?: DishTonight[];
}

/** Something stirred into a base or into one version of it. */
export class AddedInput {
  /** Id of a larder ingredient, or "formula:" and the id of a formula. */
  @IsIngredientId()
  ingredient!: string;

  /** g in one portion; null until it is known. */
  @ValidateIf((added: AddedInput) => added.grams !== null)
  @IsBetween('The amount in a portion', 0, eveningLimits.addedG, 'g')
  grams!: number | null;
}

const AreAdded = (): PropertyDecorator =>
  all(
    IsArray({ message: 'What is added must be a list.' }),
    ArrayMaxSize(eveningLimits.added, { message: `At most ${eveningLimits.added} things can be added.` }),
    ArrayUnique((added: AddedInput | null) => added?.ingredient, { message: 'Each thing is added once.' }),
    AreParts(),
    Type(() => AddedInput),
  );

export class VersionDraft {
  @IsName('Give the version a name.', 60) name!: string;
  @AreAdded() added!: AddedInput[];

  /** Ids of those who were put to it by hand. */
  @MayBeAbsent()
  @IsArray({ message: 'Who eats it is a list of people.' })
  @ArrayMaxSize(eveningLimits.eaters, { message: `At most ${eveningLimits.eaters} people eat a version.` })
  @ArrayUnique({ message: 'Each person is named once.' })
  @IsString({ each: true, message: 'Who eats it is named by an id.' })
  @MaxLength(64, { each: true, message: 'The id of a person is too long.' })
  eaters?: string[];
}

/** Versions of one base: what went into the base before it was divided, and what each version gets. */
export class VersionsBody {
  /** Id of the formula that is the base; null until one is chosen. */
  @ValidateIf((versions: VersionsBody) => versions.base !== null)
  @IsString({ message: 'The base must be named by the id of its formula.' })
  @MaxLength(80, { message: 'The formula id is too long.' })
  base!: string | null;

  @AreAdded() inBase!: AddedInput[];

  /** Place of the operation of its method after which it is divided; left out, the last one. */
  @MayBeAbsent()
  @IsBetween('The operation after which the base is divided', 0, requestLimits.operations - 1)
  @IsInt({ message: 'Operations are counted.' })
  dividedAfter?: number;

  @IsArray({ message: 'The versions must be a list.' })
  @ArrayMaxSize(eveningLimits.versions, { message: `A base has at most ${eveningLimits.versions} versions.` })
  @AreParts()
  @Type(() => VersionDraft)
  versions!: VersionDraft[];
}
