import { type AllergenId, allergenIds, type Role, roles } from '@alterum/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsDefined, IsIn, IsObject, IsString, MaxLength } from 'class-validator';
import { IsBetween, IsName, IsPart, IsVersion, MayBeAbsent } from './field.js';

/** A nutrition label as printed: g for `perG` grams of the food, unless the name says otherwise. */
export class NutritionLabelInput {
  /** g that the figures are for: 100, or one serving. */
  @IsBetween('The mass the figures are for', 1, 2000)
  perG!: number;

  @MayBeAbsent() @IsBetween('The energy in kJ', 0, 80_000) energyKJ?: number;
  @MayBeAbsent() @IsBetween('The energy in kcal', 0, 20_000) energyKcal?: number;
  @IsBetween('Fat', 0, 2000) fat!: number;
  @MayBeAbsent() @IsBetween('Saturated fat', 0, 2000) saturatedFat?: number;
  @IsBetween('Carbohydrate', 0, 2000) carbohydrate!: number;
  @MayBeAbsent() @IsBetween('Sugars', 0, 2000) sugars?: number;
  @MayBeAbsent() @IsBetween('Fibre', 0, 2000) fibre?: number;
  @IsBetween('Protein', 0, 2000) protein!: number;
  @IsBetween('Salt', 0, 2000) salt!: number;
  @MayBeAbsent() @IsBetween('Calcium in mg', 0, 20_000) calciumMg?: number;
}

/** An ingredient of the cook's own, as sent. */
export class OwnIngredientBody {
  @IsName('Give the ingredient a name.', 120)
  name!: string;

  /** Id of the larder ingredient it is most like; the engine finds one when this is left out. */
  @MayBeAbsent()
  @IsString({ message: 'What it is like must be a larder id.' })
  @MaxLength(120, { message: 'The larder id is too long.' })
  like?: string;

  @MayBeAbsent()
  @IsIn([...roles], { message: `The role must be one of: ${roles.join(', ')}.` })
  role?: Role;

  @IsDefined({ message: 'Type the nutrition table of the label.' })
  @IsObject({ message: 'Type the nutrition table of the label.' })
  @IsPart()
  @Type(() => NutritionLabelInput)
  label!: NutritionLabelInput;

  @MayBeAbsent()
  @IsArray({ message: 'What it contains must be a list.' })
  @ArrayMaxSize(60, { message: 'At most 60 allergens can be named.' })
  @IsIn([...allergenIds], { each: true, message: 'Choose allergens from the lists.' })
  contains?: AllergenId[];

  @MayBeAbsent()
  @IsArray({ message: 'What it may contain must be a list.' })
  @ArrayMaxSize(60, { message: 'At most 60 allergens can be named.' })
  @IsIn([...allergenIds], { each: true, message: 'Choose allergens from the lists.' })
  askFor?: AllergenId[];

  /** g per mL, so that spoons and cups convert; that of the nearest kind when left out. */
  @MayBeAbsent()
  @IsBetween('The density', 0.05, 3)
  density?: number;

  /** Coins per kg. */
  @MayBeAbsent()
  @IsBetween('The price', 0, 10_000)
  pricePerKg?: number;
}

export class OwnIngredientUpdate extends OwnIngredientBody {
  @IsVersion()
  version!: number;
}
