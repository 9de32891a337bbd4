import { type AllergenId, allergenIds, type Kitchen, kitchens, LONGEST_TAUGHT } from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsISO8601,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
} from 'class-validator';
import { AreWishes, WishInput } from './brief.body.js';
import { EaterBody } from './eater.body.js';
import {
  all,
  AreParts,
  IsBetween,
  IsIngredientId,
  IsName,
  IsNoMemberName,
  IsPart,
  IsVersion,
  MayBeAbsent,
} from './field.js';
import { FormulaBody } from './formula.body.js';
import { EveningBody, LawBody, TonightBody, VersionsBody } from './household.body.js';
import { KeptDishBody } from './kept-dish.body.js';
import { KeptEveningBody } from './kept-evening.body.js';
import { LABEL_LIMIT } from './label.body.js';
import { OwnIngredientBody } from './own-ingredient.body.js';
import { TaughtWordBody } from './taught-word.body.js';
import { VesselBody } from './vessel.body.js';

/** The only household of a kitchen. */
export const HERE = 'here';

/** What the first field of a backup says. */
export const BACKUP_FORMAT = 'alterum-kitchen';
/** Grows when a backup means something else than before; an older reader refuses a newer one. */
export const BACKUP_VERSION = 4;

/** Most entries of each kind, far above any kitchen’s. */
export const backupLimits = {
  vessels: 1000,
  formulas: 50_000,
  dishes: 10_000,
  evenings: 5000,
  versions: 1000,
  people: 1000,
  ownIngredients: 10_000,
  labels: 10_000,
  words: 10_000,
  stock: 10_000,
  briefs: 5000,
  household: 1,
} as const;

const dateAsked = (what: string): string => `${what} must be a date and time like 2026-11-25T18:30:00.000Z.`;
const IsWhen = (what: string): PropertyDecorator =>
  all(
    IsISO8601({ strict: true }, { message: dateAsked(what) }),
    // Days of weeks and of years are dates too, and none that is reckoned with here.
    Matches(/^\d{4}-\d\d-\d\d(?:T|$)/, { message: dateAsked(what) }),
  );

/** When it was taken out of sight; null while it is there. */
const IsPutAway = (): PropertyDecorator => all(IsOptional(), IsWhen('When it was put away'));

const IsId = (): PropertyDecorator =>
  all(
    Matches(/^[\w-]{1,64}$/, { message: 'The id must be 1 to 64 letters, digits, “-” and “_”.' }),
    IsNoMemberName(),
  );

/** A kept version of a formula. */
export class BackupVersion {
  @IsId() id!: string;
  @IsName('Give the version a name.', 80) name!: string;
  @IsString({ message: 'The reason must be a text.' })
  @MaxLength(1000, { message: 'The reason is longer than 1000 characters.' })
  why!: string;
  @IsWhen('When it was kept') keptAt!: string;
  @IsPutAway() putAwayAt?: string | null;

  @IsDefined({ message: 'A version holds what stood in the formula.' })
  @IsObject({ message: 'A version holds what stood in the formula.' })
  @IsPart()
  @Type(() => FormulaBody)
  content!: FormulaBody;
}

/** A formula with its kept versions, oldest first. */
export class BackupFormula extends FormulaBody {
  @IsId() id!: string;
  @IsVersion() version!: number;
  @IsWhen('When it was made') createdAt!: string;
  @IsWhen('When it was changed') updatedAt!: string;
  @IsPutAway() putAwayAt?: string | null;

  @MayBeAbsent()
  @IsBoolean({ message: 'Whether it is a favourite is true or false.' })
  favourite?: boolean;

  @MayBeAbsent()
  @IsArray({ message: 'The versions must be a list.' })
  @ArrayMaxSize(backupLimits.versions, {
    message: `A formula has at most ${backupLimits.versions} versions.`,
  })
  @AreParts()
  @Type(() => BackupVersion)
  versions?: BackupVersion[];
}

/** A dish or tin of the household’s own. */
export class BackupVessel extends VesselBody {
  @IsId() id!: string;
  @IsVersion() version!: number;
  @IsPutAway() putAwayAt?: string | null;
}

/** A dish of several parts. */
export class BackupDish extends KeptDishBody {
  @IsId() id!: string;
  @IsVersion() version!: number;
  @IsWhen('When it was made') createdAt!: string;
  @IsWhen('When it was changed') updatedAt!: string;
  @IsPutAway() putAwayAt?: string | null;
}

/** An evening that is kept to be cooked again. */
export class BackupEvening extends KeptEveningBody {
  @IsId() id!: string;
  @IsVersion() version!: number;
  @IsWhen('When it was changed') updatedAt!: string;
  @IsPutAway() putAwayAt?: string | null;
}

/** Somebody at the table. */
export class BackupPerson extends EaterBody {
  @IsId() id!: string;
  @IsVersion() version!: number;
  @IsPutAway() putAwayAt?: string | null;
}

/** An ingredient of the cook’s own. */
export class BackupOwnIngredient extends OwnIngredientBody {
  @Matches(/^own-[\w-]{1,56}$/, {
    message: 'The id of an own ingredient is “own-” and letters, digits, “-” or “_”.',
  })
  id!: string;
  @IsVersion() version!: number;
  @IsWhen('When it was made') createdAt!: string;
  @IsPutAway() putAwayAt?: string | null;
}

/** The label of a pack in the house. */
export class BackupLabel {
  @IsIngredientId() ingredient!: string;

  @IsString({ message: 'The label must be a text.' })
  @IsNotEmpty({ message: 'The label must hold its text.' })
  @MaxLength(LABEL_LIMIT, { message: 'This is longer than any label.' })
  text!: string;

  @IsArray({ message: 'What it contains must be a list.' })
  @IsIn([...allergenIds], { each: true, message: 'Choose allergens from the lists.' })
  contains!: AllergenId[];

  @IsArray({ message: 'What it may contain must be a list.' })
  @IsIn([...allergenIds], { each: true, message: 'Choose allergens from the lists.' })
  askFor!: AllergenId[];

  @IsWhen('When it was read') readOn!: string;
}

/** What the cook said of a word on labels. */
export class BackupWord extends TaughtWordBody {
  @IsString({ message: 'The word must be a text.' })
  @IsNotEmpty({ message: 'The word is empty.' })
  @MaxLength(LONGEST_TAUGHT, { message: `The word is longer than ${LONGEST_TAUGHT} characters.` })
  word!: string;
  @IsWhen('When it was taught') taughtAt!: string;
}

/** What was chosen for the table. */
export class BackupHousehold extends LawBody {
  @Equals(HERE, { message: `The household is called “${HERE}”.` }) id!: typeof HERE;
  @IsBoolean({ message: 'Say whether the list was chosen.' }) lawChosen!: boolean;
  /** Absent where nobody has said, and in backups from before it was asked. */
  @MayBeAbsent()
  @IsIn([...kitchens], { message: `Spoons and cups are those of one of: ${kitchens.join(', ')}.` })
  kitchen?: Kitchen;
  @MayBeAbsent()
  @IsPart()
  @Type(() => EveningBody)
  evening?: EveningBody;
  @IsDefined({ message: 'Say what is cooked tonight.' })
  @IsPart()
  @Type(() => TonightBody)
  tonight!: TonightBody;
  @MayBeAbsent()
  @IsPart()
  @Type(() => VersionsBody)
  divided?: VersionsBody;
  @IsWhen('When it was chosen') saidAt!: string;
}

/** What of an ingredient is in the house. */
export class BackupStock {
  @IsIngredientId() ingredient!: string;
  /** g. */
  @IsBetween('The amount in the house', 0, 100_000, 'g') grams!: number;
  @IsWhen('When it was said') saidAt!: string;
}

/** A brief kept under a name. */
export class BackupBrief {
  @IsId() id!: string;
  @IsName('Give the brief a name.', 80) name!: string;
  @AreWishes() wishes!: WishInput[];
  @IsWhen('When it was kept') keptAt!: string;
}

/** Kinds of entry in the order in which a backup lists them: what others refer to comes first. */
export const backupKinds = [
  'people',
  'ownIngredients',
  'labels',
  'words',
  'stock',
  'briefs',
  'vessels',
  'formulas',
  'dishes',
  'evenings',
  'household',
] as const;
export type BackupKind = (typeof backupKinds)[number];

/** Kinds that came later, by the version that first had them: an older backup says nothing of them, so that they stay as they are. */
export const kindsSinceTheFirst: Readonly<Partial<Record<BackupKind, number>>> = {
  words: 2,
  household: 2,
  vessels: 3,
  dishes: 3,
  evenings: 4,
};

const IsListOf = (kind: BackupKind, type: () => new () => object): PropertyDecorator =>
  all(
    IsArray({ message: `“${kind}” must be a list.` }),
    ArrayMaxSize(backupLimits[kind], { message: `“${kind}” holds at most ${backupLimits[kind]} entries.` }),
    AreParts(),
    Type(type),
  );

/** A list that older backups do not have. */
const MayBeListOf =
  (kind: BackupKind, type: () => new () => object): PropertyDecorator =>
  (target, property) => {
    MayBeAbsent()(target, property);
    IsListOf(kind, type)(target, property);
  };

/** Everything a kitchen has kept, put away things included. */
export class BackupDocument {
  @Equals(BACKUP_FORMAT, { message: `The format must be “${BACKUP_FORMAT}”.` })
  format!: typeof BACKUP_FORMAT;
  @IsBetween('The version of the format', 1, BACKUP_VERSION)
  formatVersion!: number;
  @IsWhen('When the backup was made') madeAt!: string;
  @IsListOf('people', () => BackupPerson) people!: BackupPerson[];
  @IsListOf('ownIngredients', () => BackupOwnIngredient) ownIngredients!: BackupOwnIngredient[];
  @IsListOf('labels', () => BackupLabel) labels!: BackupLabel[];
  @MayBeListOf('words', () => BackupWord) words?: BackupWord[];
  @IsListOf('stock', () => BackupStock) stock!: BackupStock[];
  @IsListOf('briefs', () => BackupBrief) briefs!: BackupBrief[];
  @IsListOf('formulas', () => BackupFormula) formulas!: BackupFormula[];
  @MayBeListOf('vessels', () => BackupVessel) vessels?: BackupVessel[];
  @MayBeListOf('dishes', () => BackupDish) dishes?: BackupDish[];
  @MayBeListOf('evenings', () => BackupEvening) evenings?: BackupEvening[];
  @MayBeListOf('household', () => BackupHousehold) household?: BackupHousehold[];
}

/** Takes what a kitchen has to what a backup holds, or adds what it lacks. */
export const restoreModes = ['replace', 'merge'] as const;
export type RestoreMode = (typeof restoreModes)[number];
