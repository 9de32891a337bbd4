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
  smallKw: parameter(1.2, 'kW', 0.2, 'P', 'small domestic plate'),
  hobKw: parameter(1.8, 'kW', 0.2, 'P', 'middling domestic plate'),
  largeKw: parameter(2.3, 'kW', 0.2, 'P', 'large domestic plate'),
  fluxCv: parameter(0.3, 'ln', 0, 'E', 'what leaves an unknown pan on an unknown plate'),
  testedCv: parameter(0.12, 'ln', 0, 'E', 'what leaves a pan that was tested with water'),
  thickFactor: parameter(0.6, '-', 0.3, 'E', 'a thick pot: skin, sputter, weak mixing'),
  thickStarch: parameter(4, 'g/100 g water', 0.4, 'E', 'starch at which a boiling pot counts as thick (about 1 Pa·s)'),
  thickGum: parameter(0.35, 'g/100 g water', 0.5, 'E', 'gums, as above'),
  thickSolids: parameter(14, 'g/100 g water', 0.5, 'E', 'protein and fibre, as above'),
  thickFrom: parameter(0.3, 'of thick', 0.4, 'E', 'thinner pots lose what water loses'),
  hobShare: parameter(0.87, '-', 0.05, 'P', 'heat that reaches the pot, induction'),
  lossBase: parameter(0.04, 'kW', 0.3, 'E', 'walls and rim of the pot'),
  lossPerArea: parameter(0.02, 'kW/dm²', 0.3, 'E', 'as above'),
  latentHeat: parameter(2.26, 'kJ/g', 0.01, 'P', 'water'),
  smoothing: parameter(6, 'power', 0, 'E', 'smooth minimum of boiling and of what the plate gives'),
} as const;
export const evaporation = valuesOf(evaporationParameters);
