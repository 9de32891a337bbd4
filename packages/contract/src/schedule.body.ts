import { type ClassConstructor, plainToInstance, Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
} from 'class-validator';
import { all, AreParts, IsBetween, IsNoMemberName, IsPart, MayBeAbsent } from './field.js';

/** Most tasks of one evening, cooks and machines of a kind; min of the two days that are planned. @source assumed: more than any kitchen has */
export const eveningPlanLimits = {
  tasks: 200,
  after: 50,
  cooks: 12,
  machines: 40,
  of: 50,
  spans: 20,
  minutes: 2880,
} as const;
const { minutes: LONGEST } = eveningPlanLimits;

const IsId = (what: string): PropertyDecorator =>
  all(
    IsString({ message: `${what} must be a text.` }),
    IsNotEmpty({ message: `${what} cannot be empty.` }),
    MaxLength(64, { message: `${what} is longer than 64 characters.` }),
    IsNoMemberName(),
  );
const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Parts that may be sent shorter than they are: what was sent is read first, then made parts of. */
const ReadAsParts = (
  of: () => ClassConstructor<object>,
  read: (sent: unknown) => unknown,
): PropertyDecorator =>
  Transform(({ obj, key }: { obj: Readonly<Record<string, unknown>>; key: string }) => {
    const parts = read(obj[key]);
    return isObject(parts) || Array.isArray(parts) ? plainToInstance(of(), parts) : parts;
  });

/** min from low to high; a bare number is both. */
export class MinutesInput {
  @IsBetween('The least minutes', 0, LONGEST)
  low!: number;
  @IsBetween('The most minutes', 0, LONGEST)
  high!: number;
}

/** A task that must have ended, and how many min before this one begins; `most` absent or null is however long. */
export class AfterInput {
  @IsId('The task that comes before')
  id!: string;
  @MayBeAbsent()
  @IsBetween('The least wait', 0, LONGEST, 'minutes')
  least?: number;
  @IsOptional()
  @IsBetween('The longest wait', 0, LONGEST, 'minutes')
  most?: number | null;
}

export class PlanTaskInput {
  @IsId('The id of a task')
  id!: string;
  /** Somebody stands at it: true, or a share of its time from a half on. */
  @MayBeAbsent()
  @Transform(({ value }: { value: unknown }) => (typeof value === 'number' ? value >= 0.5 : value))
  @IsBoolean({ message: 'A task has hands (true), or only waits (false).' })
  hands?: boolean;
  @ReadAsParts(() => MinutesInput, (sent) => (typeof sent === 'number' ? { low: sent, high: sent } : sent))
  @IsDefined({ message: 'Say how many minutes a task takes, as { low, high }.' })
  @IsPart()
  minutes!: MinutesInput;
  @IsOptional()
  @IsId('The machine')
  machine?: string | null;
  @IsOptional()
  @IsBetween('The oven', 30, 350, '°C')
  ovenC?: number | null;
  @MayBeAbsent()
  @IsArray({ message: 'What comes before is a list of tasks.' })
  @ArrayMaxSize(eveningPlanLimits.after, { message: 'A task comes after too many others.' })
  @AreParts()
  @Type(() => AfterInput)
  after?: AfterInput[];
  /** min that what it made may stand; absent or null is no matter. */
  @IsOptional()
  @IsBetween('How long it may stand', 0, LONGEST, 'minutes')
  mayStand?: number | null;
  /** min before serving by which it has ended: of a dish that is eaten before the rest. */
  @IsOptional()
  @IsBetween('How long before serving it is ready', 0, LONGEST, 'minutes')
  readyBefore?: number | null;
  /** One of the cooks; absent or null is whoever is free. */
  @IsOptional()
  @IsId('The cook')
  cook?: string | null;
  /** What it is done for: whoever is at it goes on with it. */
  @IsOptional()
  @IsId('What a task is done for')
  pot?: string | null;
}

/** How many there are of a machine. */
export class MachineInput {
  @IsId('The machine')
  id!: string;
  @IsBetween('How many there are of a machine', 0, eveningPlanLimits.of)
  count!: number;
}

const asSpan = (value: unknown): unknown => {
  if (!Array.isArray(value) || value.length !== 2) return value;
  const [from, to] = value as readonly unknown[];
  return typeof from === 'number' && typeof to === 'number' ? { from, to } : value;
};
const asSpans = (value: unknown): unknown => {
  if (value === null || value === undefined) return [];
  const one = asSpan(value);
  return Array.isArray(one) ? one : [one];
};

/** When somebody is up, min from midnight of the day before. */
export class AwakeInput {
  @IsBetween('Rising', 0, LONGEST)
  from!: number;
  @IsBetween('Going to sleep', 0, LONGEST)
  to!: number;
}

/** When a machine can be used, or a cook is there. */
export class HoursInput {
  @IsId('Who or what has hours')
  id!: string;
  @IsArray({ message: 'Send hours as a list of { from, to } in minutes.' })
  @ArrayMaxSize(eveningPlanLimits.spans, { message: 'There are too many hours.' })
  @AreParts()
  @Type(() => AwakeInput)
  hours!: AwakeInput[];
}

const asHours = (value: unknown): unknown =>
  isObject(value) ? Object.entries(value).map(([id, hours]) => ({ id, hours: asSpans(hours) })) : value;
const AreHours = (what: string): PropertyDecorator =>
  all(
    MayBeAbsent(),
    ReadAsParts(() => HoursInput, asHours),
    IsArray({ message: `Send when ${what} by name, such as { "shop": [540, 1200] }.` }),
    ArrayMaxSize(eveningPlanLimits.machines, { message: 'There are too many hours.' }),
    AreParts(),
  );

/** When something began, ended, or is to begin, min from midnight of the day before. */
export class TaskAtInput {
  @IsId('The task')
  id!: string;
  @IsBetween('The time of a task', 0, LONGEST, 'minutes after midnight of the day before')
  at!: number;
}

const asTimes = (value: unknown): unknown =>
  isObject(value) ? Object.entries(value).map(([id, at]) => ({ id, at })) : value;
const AreTimes = (what: string): PropertyDecorator =>
  all(
    MayBeAbsent(),
    ReadAsParts(() => TaskAtInput, asTimes),
    IsArray({ message: `Send ${what} by task, such as { "soak": 540 }.` }),
    ArrayMaxSize(eveningPlanLimits.tasks, { message: 'There are more times than tasks can be planned.' }),
    AreParts(),
  );

/** Where an evening stands while it is cooked. */
export class ProgressInput {
  /** Nothing that has not begun begins before. */
  @IsBetween('Now', 0, LONGEST, 'minutes after midnight of the day before')
  now!: number;
  /** When each task that is over ended, by task. */
  @AreTimes('what has ended')
  done?: TaskAtInput[];
  /** When each task that goes on began. */
  @AreTimes('what goes on')
  begun?: TaskAtInput[];
  /** When each task is to begin that was put to a time by hand. */
  @AreTimes('what is pinned')
  pinned?: TaskAtInput[];
}

const asMachines = (value: unknown): unknown =>
  isObject(value) ? Object.entries(value).map(([id, count]) => ({ id, count })) : value;
const asCooks = (value: unknown): unknown =>
  typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= eveningPlanLimits.cooks
    ? Array.from({ length: value }, (_, i) => `cook ${i + 1}`)
    : value;

/** An evening to be planned; nothing of it is kept. Minute 0 is midnight of the day before. */
export class ScheduleRequest {
  @IsArray({ message: 'Send the tasks as a list.' })
  @ArrayMaxSize(eveningPlanLimits.tasks, {
    message: `At most ${eveningPlanLimits.tasks} tasks are planned at once.`,
  })
  @AreParts()
  @Type(() => PlanTaskInput)
  tasks!: PlanTaskInput[];

  /** Counts by name, or a list of `{ id, count }`; what is not named is never short. */
  @MayBeAbsent()
  @ReadAsParts(() => MachineInput, asMachines)
  @IsArray({ message: 'Send how many there are of each machine, such as { "burner": 2 }.' })
  @ArrayMaxSize(eveningPlanLimits.machines, { message: 'Too many kinds of machines.' })
  @AreParts()
  machines?: MachineInput[];

  /** Names, or how many there are; one cook when left out. */
  @MayBeAbsent()
  @Transform(({ value }: { value: unknown }) => asCooks(value))
  @IsArray({ message: 'Send the names of the cooks, or how many there are.' })
  @ArrayMaxSize(eveningPlanLimits.cooks, {
    message: `At most ${eveningPlanLimits.cooks} cooks fit into a kitchen.`,
  })
  @IsString({ each: true, message: 'A cook is named by a text.' })
  cooks?: string[];

  @IsBetween('The time of serving', 0, LONGEST, 'minutes after midnight of the day before')
  serveAt!: number;

  /** `{ from, to }` or `[from, to]`, or a list of `{ from, to }`; always when left out. */
  @ReadAsParts(() => AwakeInput, asSpans)
  @IsOptional()
  @IsArray({ message: 'Send when somebody is up as { from, to } in minutes.' })
  @AreParts()
  awake?: AwakeInput[];

  /** When a machine or the shop can be used, by its name; always where it is not named. */
  @AreHours('each machine can be used')
  open?: HoursInput[];

  /** When a cook is there, by name; always who is not named. */
  @AreHours('each cook is there')
  present?: HoursInput[];

  /** Absent before anything has begun. */
  @MayBeAbsent()
  @IsPart()
  @Type(() => ProgressInput)
  progress?: ProgressInput;
}
