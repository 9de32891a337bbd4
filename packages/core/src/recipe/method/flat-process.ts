import { type Process, uncooked } from '../recipe.js';
import { bladeOf, cuts } from './blade.js';
import { amountOf, choiceOf, lastPlace, type Method, type Operation } from './operation.js';

/** The flat process as the method it always meant: blended before or after it was heated, then baked, then kept warm. */
export function methodOfProcess(process: Process): Method {
  const blend: readonly Operation[] =
    process.blendSeconds > 0 && process.blenderPower > 0
      ? [{ kind: 'blend', power: process.blenderPower, seconds: process.blendSeconds }]
      : [];
  const lid = process.covered ? 'on' : 'open';
  const heat: Operation = {
    kind: 'heat',
    temperatureC: process.maxTemperatureC,
    minutes: process.holdMin,
    rateCPerMin: process.heatingRateCPerMin,
    lossG: process.evaporatedG,
  };
  return [
    ...(process.blendedAfterCooking ? [] : blend),
    heat,
    ...(process.blendedAfterCooking ? blend : []),
    ...(process.bakeMin > 0
      ? [
          {
            kind: 'bake',
            minutes: process.bakeMin,
            ovenC: process.ovenC,
            layerMm: process.layerMm,
            lid,
          } as const,
        ]
      : []),
    ...(process.keepWarmMin > 0 || process.noodlesG > 0
      ? [{ kind: 'hold', minutes: process.keepWarmMin, noodlesG: process.noodlesG, lid } as const]
      : []),
  ];
}

/** Heat below the hottest counts less, 1/°C: rates about double every nine degrees. @source engine notes E-3 */
const PER_DEGREE = 0.08;
/** °C at which a pot boils. */
const BOIL_C = 98;

/** Temperature that an operation heats the pot to and min it stays there; undefined where it does not heat the pot. */
export function heatOf(
  operation: Operation,
): { readonly temperatureC: number; readonly minutes: number } | undefined {
  if (operation.kind === 'heat')
    return { temperatureC: amountOf(operation, 'temperatureC'), minutes: amountOf(operation, 'minutes') };
  return operation.kind === 'boil-down'
    ? { temperatureC: BOIL_C, minutes: amountOf(operation, 'minutes') }
    : undefined;
}

export const heatsThePot = (operation: Operation): boolean => heatOf(operation) !== undefined;

/** Hottest and the min that all of them are worth at the hottest. @returns °C, min; undefined for none */
export function worthAtHottest(
  heats: readonly { readonly temperatureC: number; readonly minutes: number }[],
): { readonly temperatureC: number; readonly minutes: number } | undefined {
  if (heats.length === 0) return undefined;
  const temperatureC = heats.reduce((most, heat) => Math.max(most, heat.temperatureC), -Infinity);
  let minutes = 0;
  for (const heat of heats)
    minutes += heat.minutes * Math.exp(PER_DEGREE * (heat.temperatureC - temperatureC));
  return { temperatureC, minutes };
}

/** A method in the flat words of old readers: what it comes to where it says more than they can. */
export function processOfMethod(method: Method): Process {
  const heat = worthAtHottest(method.flatMap((operation) => heatOf(operation) ?? []));
  const runs = method.flatMap((operation) => bladeOf(operation) ?? []);
  const power = runs.reduce((most, { tool }) => Math.max(most, tool.power), 0);
  const work = runs.reduce((all, { tool, seconds }) => all + tool.power * seconds, 0);
  // Of several the longest is told: one of no time is none.
  const longest = (kind: Operation['kind']) =>
    method.reduce<Operation | undefined>(
      (most, operation) =>
        operation.kind === kind && amountOf(operation, 'minutes') > (most ? amountOf(most, 'minutes') : 0)
          ? operation
          : most,
      undefined,
    );
  const bake = longest('bake'),
    hold = longest('hold');
  const sum = (kind: Operation['kind'], name: 'minutes' | 'noodlesG' | 'lossG') =>
    method.reduce((all, operation) => all + (operation.kind === kind ? amountOf(operation, name) : 0), 0);
  const lastHeat = lastPlace(method, heatsThePot),
    lastBlade = lastPlace(method, cuts);
  const rates = method.flatMap((operation) =>
    operation.kind === 'heat' ? [amountOf(operation, 'rateCPerMin')] : [],
  );
  return {
    maxTemperatureC: heat?.temperatureC ?? uncooked.maxTemperatureC,
    holdMin: heat?.minutes ?? 0,
    heatingRateCPerMin: rates.length > 0 ? Math.max(...rates) : uncooked.heatingRateCPerMin,
    blenderPower: power,
    blendSeconds: power > 0 ? work / power : 0,
    evaporatedG: sum('heat', 'lossG'),
    blendedAfterCooking: lastBlade < 0 || lastBlade > lastHeat,
    bakeMin: sum('bake', 'minutes'),
    ovenC: bake ? amountOf(bake, 'ovenC') : uncooked.ovenC,
    layerMm: bake ? amountOf(bake, 'layerMm') : uncooked.layerMm,
    covered: (bake ?? hold) !== undefined && choiceOf((bake ?? hold)!, 'lid') === 'on',
    keepWarmMin: sum('hold', 'minutes'),
    noodlesG: sum('hold', 'noodlesG'),
  };
}
