import { parameter, valuesOf } from '../../numeric/parameter.js';

/** What the order of the work does. @source kitchen physics 3, 4, 14, 18 */
export const courseParameters = {
  coldC: parameter(20, '°C', 0.1, 'E', 'what goes in comes from the kitchen'),
  offHeatDrop: parameter(10, 'K', 0.4, 'E', 'a pot taken off the heat before something is stirred in'),
  offHeatMinutes: parameter(0.5, 'min', 0.5, 'E', 'heat that what is stirred in off the heat still meets'),
  boilRate: parameter(5, '°C/min', 0.3, 'E', 'a pot brought to the boil to be boiled down'),
  bakedC: parameter(90, '°C', 0.05, 'E', 'a dish out of the oven'),
  standCools: parameter(45, 'min', 0.3, 'P/E', 'time constant of an open pot of one kilogram on the counter'),
  aromaReference: parameter(97, '°C', 0, 'P', 'where the rates of aroma are given'),
  aromaQ10: parameter(1.6, 'per 10 °C', 0.2, 'E', 'aroma leaves faster when hotter'),
  aromaUnknown: parameter(0.2, '1/min', 0.6, 'E', 'a bite of which no rate is known'),
  biteStays: parameter(0.1, '-', 0.3, 'E', 'raw bite that long boiling leaves'),
  alcoholRicher: parameter(7, 'exponent', 0.2, 'P', 'the vapour is about seven times richer than the liquid'),
  alcoholStirred: parameter(0.1, '-', 0.3, 'P', 'alcohol that leaves as it is stirred into the hot pot'),
  alcoholSoon: parameter(0.42, '-', 0.2, 'P', 'share that leaves a simmering dish within minutes'),
  alcoholSoonTime: parameter(5, 'min', 0.3, 'P', 'as above: 40 % left after 15 min'),
  alcoholLate: parameter(75, 'min', 0.2, 'P', 'the rest: 5 to 10 % left after 150 min'),
  alcoholMidpoint: parameter(75, '°C', 0.03, 'P', 'ethanol leaves a pot'),
  alcoholWidth: parameter(3, '°C', 0.3, 'E', 'as above'),
  pieceFrom: parameter(2500, 'µm', 0.3, 'E', 'larger things that no blade touched stay pieces'),
  pieceWidth: parameter(0.3, 'ln µm', 0.3, 'E', 'as above'),
  pieceStirred: parameter(700, 'µm', 0.3, 'E', 'what is stirred in and finer than this is one with the sauce: juices, powders, pastes'),
  pieceStirredWidth: parameter(0.3, 'ln µm', 0.3, 'E', 'as above'),
  pieceGate: parameter(1, 'strong jug seconds', 0.5, 'E', 'a sauce that a blade has gone through'),
  fleck: parameter(0.04, '-', 0.5, 'E', 'colour weight of a piece that no blade touched'),
  acidContact: parameter(1.5, 'min', 0.4, 'E', 'acid and hot protein coagulate within a minute or two'),
} as const;
export const course = valuesOf(courseParameters);
