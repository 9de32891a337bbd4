import type { OperationKindId } from '../recipe/method/operation-kinds.js';
import { amountOf, choiceOf } from '../recipe/method/operation.js';
import { hasGrit, hasStarch, type MomentSaid } from './moment-said.js';

/** °C from which starch thickens; of a pot that is hardly warmed nothing is to be seen. @source kitchen physics 14 */
const THICKENS_C = 70,
  WARM_C = 55;

/** °C up to which a thing stands in the fridge. */
export const FRIDGE_C = 10;

/** What to look for, by operation; undefined where nothing is to be seen. @source job: test and correct; common kitchen practice */
const signs: Readonly<Record<OperationKindId, (moment: MomentSaid) => string | undefined>> = {
  'put-in': () => undefined,
  'stir-in': () => undefined,
  soak: () => 'They break between the fingers without a hard core; too long turns slimy.',
  'boil-soft': () => 'A knife slides in and out without holding.',
  roast: () => 'Brown at the edges, soft in the middle, and no water left on the tray.',
  fry: () =>
    'Soft and glassy, and the water that came out has gone; garlic goes in late, burnt it is bitter.',
  cut: () => undefined,
  trim: () => undefined,
  pluck: () => undefined,
  juice: () => undefined,
  drain: () => undefined,
  press: () => 'Hardly any more water comes when it is pressed by hand.',
  salt: () => 'Drops stand on it and water has gathered below.',
  swell: () => 'It has turned to a gel and no dry grains are left.',
  stand: () => undefined,
  settle: () => 'A clear line between what has settled and what stands over it.',
  strain: () => 'What is left in the cloth is dry and crumbly.',
  blend: (moment) =>
    hasGrit(moment) ? 'Nothing is gritty between the fingers.' : 'Smooth, without streaks or oil on top.',
  pulse: () => 'Coarse but even: stop before it turns to a paste.',
  heat: (moment) => {
    const to = amountOf(moment.operation, 'temperatureC');
    if (to < WARM_C) return 'Melted through; it is warm to the finger, not hot.';
    if (hasStarch(moment) && to >= THICKENS_C)
      return 'It looks thin for minutes and then turns at once: go on until it is glossy and tastes of no raw flour.';
    return 'It steams and moves at the rim; where it catches or parts, the heat is too high.';
  },
  'boil-down': () =>
    'A spoon drawn through it leaves a trail that closes slowly; weigh pot and all if you can.',
  cool: () => 'Warm to the finger, not hot; a skin is stirred in.',
  chill: () => 'Cold through, and set as far as it sets.',
  bake: ({ operation }) =>
    choiceOf(operation, 'lid') === 'open'
      ? 'It bubbles at the rim and browns in patches.'
      : 'It bubbles at the rim.',
  hold: () => 'It moves when stirred: as it waits it thickens; thin it with a spoon of water.',
  rest: () => 'It no longer runs when the vessel is tilted.',
};

export const lookFor = (moment: MomentSaid): string | undefined => signs[moment.operation.kind](moment);

/** What can hurt at this step; the general cautions of a formula stand apart. @source common advice of food-safety agencies as remembered, S-19; local rules come first */
export function cautionsAt({ operation, hot, alone }: MomentSaid): readonly string[] {
  const cautions: string[] = [];
  if (
    (operation.kind === 'blend' || operation.kind === 'pulse') &&
    hot &&
    choiceOf(operation, 'tool') !== 'stick'
  )
    cautions.push('Hot liquid lifts a closed lid: leave the vent open, fill at most half, start slowly.');
  if (
    operation.kind === 'soak' &&
    amountOf(operation, 'minutes') > 120 &&
    amountOf(operation, 'temperatureC') > FRIDGE_C
  )
    cautions.push('A soak longer than two hours stands in the fridge.');
  if (operation.kind === 'boil-soft' && alone?.ingredient?.shelf === 'pulses')
    cautions.push('Kidney-type beans need ten minutes at a hard boil.');
  if (operation.kind === 'chill' && hot)
    cautions.push('Into the fridge within two hours, in a shallow vessel.');
  if (alone?.ingredient?.id === 'psyllium-husk' || alone?.ingredient?.id === 'konjac')
    cautions.push('Never dry: it swells in the throat.');
  return cautions;
}
