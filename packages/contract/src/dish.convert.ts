import {
  type DishComponent,
  type DishReport,
  kitchenMeasure,
  type MoistureAdvice,
  type OvenStage,
  type DishVessel,
} from '@alterum/core';
import type { OvenStageInput, VesselInput } from './dish.body.js';
import type {
  DishAdviceView,
  DishComponentView,
  DishLayerView,
  DishResponse,
  DishWaterView,
} from './dish.view.js';

/** The core’s vessel; what a shape does not use is left out. */
export const vesselOfInput = (vessel: VesselInput): DishVessel =>
  vessel.shape === 'round'
    ? { shape: 'round', diameterCm: vessel.diameterCm ?? 0, depthCm: vessel.depthCm }
    : {
        shape: 'rectangular',
        lengthCm: vessel.lengthCm ?? 0,
        widthCm: vessel.widthCm ?? 0,
        depthCm: vessel.depthCm,
      };

const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

export const ovenStageOfInput = (stage: OvenStageInput): OvenStage => ({
  temperatureC: stage.temperatureC ?? celsiusOf(stage.temperatureF ?? 32),
  minutes: stage.minutes,
  cover: stage.cover ?? 'open',
  fan: stage.fan ?? false,
});

const says: Readonly<Record<MoistureAdvice['kind'], (amount: string, what: string) => string>> = {
  fry: (amount, what) => `fry ${what} ${amount} longer before it goes in`,
  'less-sauce': (amount, what) => `take ${amount} less of ${what}`,
  'boil-down': (amount, what) => `boil ${amount} of water off ${what} first`,
  uncover: (amount) => `take the cover off for the last ${amount}`,
  'bake-longer': (amount) => `bake it open ${amount} longer`,
  rest: (amount) => `let it rest ${amount} longer`,
  'add-water': (amount, what) => `stir ${amount} of water into ${what}`,
  cover: (amount) => `cover it for the first ${amount} that it is open now`,
};

/** Of what is not fried yet. */
const fried = (amount: string, what: string): string => `fry ${what} ${amount} before it goes in`;

function adviceView(
  { kind, component, amount, unit, word }: MoistureAdvice,
  components: ReadonlyMap<string, DishComponent>,
): DishAdviceView {
  const of = components.get(component ?? ''),
    friedNow = of?.plain?.ready.some((one) => one.kind === 'fry') ?? false;
  const words = (kind === 'fry' && !friedNow ? fried : says[kind])(
    `${amount} ${unit === 'min' ? (amount === 1 ? 'minute' : 'minutes') : 'g'}`,
    of?.name ?? component ?? '',
  );
  return { kind, component: component ?? null, amount, unit, words, verdict: word };
}

const waterView = ({ moisture }: DishReport, drinks: boolean): DishWaterView => {
  const { budget, freeG, perLayer, word, range, chances, places } = moisture;
  return {
    reachableG: budget.reachableG,
    releasedG: budget.releasedG,
    drunkG: budget.drunkG,
    evaporatedG: budget.evaporatedG,
    boundG: budget.boundG,
    freeG,
    perLayerG: perLayer,
    verdict: word,
    range,
    chances,
    drunkPct: drinks ? 100 * budget.filled : null,
    places: places.map(({ place, freeG: g, word: verdict }) => ({ place, freeG: g, verdict })),
  };
};

/** What is said of a dish, but for nutrition and people. */
export function viewOfDish(
  report: DishReport,
  components: readonly DishComponent[],
): Omit<DishResponse, 'portion' | 'portions' | 'people' | 'caution'> {
  const of = new Map(components.map((component) => [component.id, component]));
  const nameOf = (id: string) => of.get(id)?.name ?? id;
  return {
    massG: report.massG,
    volumeMl: report.volumeMl,
    areaDm2: report.areaDm2,
    heightMm: report.heightMm,
    roomMm: report.roomMm,
    fits: report.fits,
    components: report.supplies.map(
      ({ component, haveG, needG, times, leftG, topG, belowG }): DishComponentView => ({
        id: component,
        name: nameOf(component),
        grams: haveG,
        volumeMl: haveG * (of.get(component)?.volume ?? 1),
        needG,
        times,
        leftG,
        topG,
        belowG,
      }),
    ),
    layers: report.layers.map(({ component, grams, mm, ofAll }): DishLayerView => {
      const { spread = false, volume = 1 } = of.get(component) ?? {};
      return {
        component,
        grams,
        mm,
        ofAll,
        measure: (spread && kitchenMeasure(grams, { density: 1 / volume })) || null,
      };
    }),
    water: waterView(
      report,
      components.some(({ drinks }) => drinks !== undefined),
    ),
    advice: report.advice.map((advice) => adviceView(advice, of)),
    together: report.together.map((advice) => adviceView(advice, of)),
    top: { browning: report.top.browning, verdict: report.top.word, range: report.top.range },
    minutesToMiddle: Number.isFinite(report.minutesToMiddle) ? report.minutesToMiddle : null,
  };
}
