import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Water that leaves an open pan. @source kitchen physics 3 */
export const evaporationParameters = {
  bare: parameter(3.2, 'g/(min·dm²)', 0.3, 'E', 'bare simmer at 98 °C'),
  simmer: parameter(4, 'g/(min·dm²)', 0.3, 'E', 'bubbles carry vapour'),
  brisk: parameter(5, 'g/(min·dm²)', 0.3, 'E', 'as above'),
  rolling: parameter(10, 'g/(min·dm²)', 0.3, 'E', 'above this a pan boils over'),
  lidOn: parameter(0.1, '-', 0.5, 'E', 'condensate returns'),
  lidRolling: parameter(0.25, '-', 0.4, 'E', 'a rolling boil under a lid'),
  lidAjar: parameter(0.45, '-', 0.3, 'E', 'as above'),
  lidGuard: parameter(0.8, '-', 0.2, 'E', 'spatter guard'),
  hobKw: parameter(1.8, 'kW', 0.2, 'P', 'medium domestic plate'),
  hobShare: parameter(0.87, '-', 0.05, 'P', 'heat that reaches the pot, induction'),
  lossBase: parameter(0.04, 'kW', 0.3, 'E', 'walls and rim of the pot'),
  lossPerArea: parameter(0.02, 'kW/dm²', 0.3, 'E', 'as above'),
  latentHeat: parameter(2.26, 'kJ/g', 0.01, 'P', 'water'),
  smoothing: parameter(6, 'power', 0, 'E', 'smooth minimum of boiling and of what the plate gives'),
} as const;
export const evaporation = valuesOf(evaporationParameters);
