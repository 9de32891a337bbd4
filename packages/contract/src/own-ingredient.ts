import { type AllergenId, allergenIds, type NutritionLabel, type Role, roles } from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsDefined,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

const number = (what: string) => ({ message: `${what} must be a number.` });
const between = (what: string, low: number, high: number) => ({
  message: `${what} must be between ${low} and ${high}.`,
});

/** A nutrition label as printed: g for `perG` grams of the food, unless the name says otherwise. */
export class NutritionLabelInput {
  /** g that the figures are for: 100, or one serving. */
  @IsNumber({}, number('The mass the figures are for'))
  @Min(1, between('The mass the figures are for', 1, 2000))
  @Max(2000, between('The mass the figures are for', 1, 2000))
  perG!: number;

  @IsOptional() @IsNumber({}, number('The energy in kJ')) @Min(0, between('The energy in kJ', 0, 80_000)) @Max(80_000, between('The energy in kJ', 0, 80_000)) energyKJ?: number;
  @IsOptional() @IsNumber({}, number('The energy in kcal')) @Min(0, between('The energy in kcal', 0, 20_000)) @Max(20_000, between('The energy in kcal', 0, 20_000)) energyKcal?: number;
  @IsNumber({}, number('Fat')) @Min(0, between('Fat', 0, 2000)) @Max(2000, between('Fat', 0, 2000)) fat!: number;
  @IsOptional() @IsNumber({}, number('Saturated fat')) @Min(0, between('Saturated fat', 0, 2000)) @Max(2000, between('Saturated fat', 0, 2000)) saturatedFat?: number;
  @IsNumber({}, number('Carbohydrate')) @Min(0, between('Carbohydrate', 0, 2000)) @Max(2000, between('Carbohydrate', 0, 2000)) carbohydrate!: number;
  @IsOptional() @IsNumber({}, number('Sugars')) @Min(0, between('Sugars', 0, 2000)) @Max(2000, between('Sugars', 0, 2000)) sugars?: number;
  @IsOptional() @IsNumber({}, number('Fibre')) @Min(0, between('Fibre', 0, 2000)) @Max(2000, between('Fibre', 0, 2000)) fibre?: number;
  @IsNumber({}, number('Protein')) @Min(0, between('Protein', 0, 2000)) @Max(2000, between('Protein', 0, 2000)) protein!: number;
  @IsNumber({}, number('Salt')) @Min(0, between('Salt', 0, 2000)) @Max(2000, between('Salt', 0, 2000)) salt!: number;
  @IsOptional() @IsNumber({}, number('Calcium in mg')) @Min(0, between('Calcium in mg', 0, 20_000)) @Max(20_000, between('Calcium in mg', 0, 20_000)) calciumMg?: number;
} // prettier-ignore

/** An ingredient of the cook's own, as sent. */
export class OwnIngredientBody {
  @IsString({ message: 'The name must be a text.' })
  @IsNotEmpty({ message: 'Give the ingredient a name.' })
  @MaxLength(120, { message: 'The name is longer than 120 characters.' })
  name!: string;

  /** Id of the larder ingredient it is most like; the engine finds one when this is left out. */
  @IsOptional()
  @IsString({ message: 'What it is like must be a larder id.' })
  @MaxLength(120, { message: 'The larder id is too long.' })
  like?: string;

  @IsOptional()
  @IsIn([...roles], { message: `The role must be one of: ${roles.join(', ')}.` })
  role?: Role;

  @IsDefined({ message: 'Type the nutrition table of the label.' })
  @IsObject({ message: 'Type the nutrition table of the label.' })
  @ValidateNested()
  @Type(() => NutritionLabelInput)
  label!: NutritionLabelInput;

  @IsOptional()
  @IsArray({ message: 'What it contains must be a list.' })
  @ArrayMaxSize(60, { message: 'At most 60 allergens can be named.' })
  @IsIn([...allergenIds], { each: true, message: 'Choose allergens from the lists.' })
  contains?: AllergenId[];

  @IsOptional()
  @IsArray({ message: 'What it may contain must be a list.' })
  @ArrayMaxSize(60, { message: 'At most 60 allergens can be named.' })
  @IsIn([...allergenIds], { each: true, message: 'Choose allergens from the lists.' })
  askFor?: AllergenId[];

  /** g per mL, so that spoons and cups convert; that of the nearest kind when left out. */
  @IsOptional()
  @IsNumber({}, number('The density'))
  @Min(0.05, between('The density', 0.05, 3))
  @Max(3, between('The density', 0.05, 3))
  density?: number;

  /** Coins per kg. */
  @IsOptional()
  @IsNumber({}, number('The price'))
  @Min(0, between('The price', 0, 10_000))
  @Max(10_000, between('The price', 0, 10_000))
  pricePerKg?: number;
}

export class OwnIngredientUpdate extends OwnIngredientBody {
  @IsInt({ message: 'Say which version was changed: “version” must be a whole number.' })
  @Min(1, { message: 'The version starts at 1.' })
  version!: number;
}

/** An own ingredient as it was written down. */
export interface OwnIngredientView {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly like: string | null;
  readonly role: Role | null;
  readonly label: NutritionLabel;
  readonly contains: readonly AllergenId[];
  readonly askFor: readonly AllergenId[];
  readonly density: number | null;
  readonly pricePerKg: number | null;
}

/** The core's label from a validated input, without what was left out. */
export const labelFromInput = (input: NutritionLabelInput): NutritionLabel =>
  Object.fromEntries(
    Object.entries(input).filter(([, value]) => value !== undefined),
  ) as unknown as NutritionLabel;
