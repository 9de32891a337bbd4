import {
  blankFormula,
  type Family,
  type Formula,
  type Ingredient,
  type Line,
  type Storage,
  storages,
} from '@alterum/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsObject, IsOptional, IsString, MaxLength } from 'class-validator';
import {
  AreParts,
  IsBetween,
  IsFamily,
  IsName,
  IsPart,
  IsPortions,
  IsVersion,
  MayBeAbsent,
} from './field.js';
import { AreWishes, WishInput } from './brief.js';
import { briefOfWishes } from './brief-wire.js';
import type { FormulaContent } from './formula-wire.js';
import { LineInput } from './line.js';
import { amountOfWire, holdOfInput } from './line-wire.js';
import { completeProcess, ProcessInput } from './process.js';

/** When and how warm it is eaten. */
export class ServeInput {
  /** °C. */
  @MayBeAbsent()
  @IsBetween('The serving temperature', -5, 100, '°C')
  temperatureC?: number;

  @MayBeAbsent()
  @IsIn([...storages], { message: `The storage must be one of: ${storages.join(', ')}.` })
  storage?: Storage;

  @MayBeAbsent()
  @IsBetween('The days in the fridge', 0, 30)
  days?: number;
}

/** A formula as it is sent; what is left out is completed with a blank formula's or keeps what stands. */
export class FormulaBody {
  @IsName('Give the formula a name.', 120)
  name!: string;

  @IsFamily()
  family?: Family;

  @IsPortions()
  portions?: number;

  @MayBeAbsent()
  @IsString({ message: 'The note must be a text.' })
  @MaxLength(4000, { message: 'The note is longer than 4000 characters.' })
  note?: string;

  @MayBeAbsent()
  @IsArray({ message: 'The lines must be a list.' })
  @ArrayMaxSize(80, { message: 'A formula holds at most 80 lines.' })
  @AreParts()
  @Type(() => LineInput)
  lines?: LineInput[];

  @MayBeAbsent()
  @IsObject({ message: 'The process must be an object.' })
  @IsPart()
  @Type(() => ProcessInput)
  process?: ProcessInput;

  @MayBeAbsent()
  @IsObject({ message: 'Serving must be an object.' })
  @IsPart()
  @Type(() => ServeInput)
  serve?: ServeInput;

  /** What it has to be; null is what is usual for its kind. */
  @IsOptional()
  @AreWishes()
  brief?: WishInput[] | null;
}

/** A write over a formula that was read at a version. */
export class FormulaUpdate extends FormulaBody {
  @IsVersion()
  version!: number;
}

/** A formula as the API answers it. */
export interface FormulaView extends Required<Omit<FormulaBody, 'lines' | 'process' | 'serve' | 'brief'>> {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly lines: readonly Required<LineInput>[];
  readonly process: Required<ProcessInput>;
  readonly serve: Required<ServeInput>;
  readonly brief: readonly WishInput[] | null;
}

/** A formula in the list. */
export interface FormulaSummary {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  readonly portions: number;
  readonly lineCount: number;
  readonly version: number;
  readonly updatedAt: string;
}

export type LineCompletion = (line: LineInput) => {
  readonly id: string;
  readonly ingredient: Ingredient | undefined;
};

const present = <T extends object>(given: T | undefined): Partial<T> =>
  Object.fromEntries(Object.entries(given ?? {}).filter(([, value]) => value !== undefined)) as Partial<T>;

function lineFromInput(line: LineInput, complete: LineCompletion): Line {
  const { id, ingredient } = complete(line);
  return {
    id,
    ingredient: ingredient?.id ?? line.ingredient,
    amount: amountOfWire(line.amount, line.unit),
    role: line.role ?? ingredient?.role ?? 'body',
    preparation: line.preparation ?? 'as-is',
    stage: line.stage ?? 'start',
    ...holdOfInput(line.hold),
  };
}

/** The core's formula from what was sent, completed from a base; ids and ingredients come from `complete`. */
export function formulaFromBody(
  body: FormulaBody,
  complete: LineCompletion,
  base: Formula = blankFormula,
): Formula {
  const brief =
    body.brief === undefined ? base.brief : body.brief === null ? undefined : briefOfWishes(body.brief);
  return {
    name: body.name.trim(),
    family: body.family ?? base.family,
    portions: body.portions ?? base.portions,
    note: body.note ?? base.note,
    lines: body.lines?.map((line) => lineFromInput(line, complete)) ?? base.lines,
    process: completeProcess(body.process, base.process),
    serve: { ...base.serve, ...present(body.serve) },
    ...(brief ? { brief } : {}),
  };
}

/** A version to be kept: the formula as it stands, under a name, with the reason. */
export class VersionBody {
  @IsName('Give the version a name.', 80)
  name!: string;

  @MayBeAbsent()
  @IsString({ message: 'The reason must be a text.' })
  @MaxLength(1000, { message: 'The reason is longer than 1000 characters.' })
  why?: string;
}

/** A kept version of a formula, with what stood in it. */
export interface VersionView {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly keptAt: string;
  readonly content: FormulaContent;
}

/** A formula made from a version. */
export class BranchBody {
  @IsName('Give the new formula a name.', 120)
  name!: string;
}
