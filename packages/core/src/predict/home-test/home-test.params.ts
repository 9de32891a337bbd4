import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Tests a home cook can do with a ring, a syringe, a spoon and a clock. @source S-12 (viscous gravity currents, slump, pipe flow), engine notes E-14 */
export const homeTestParameters = {
  gravity: parameter(9.81, 'm/s²', 0, 'P', 'standard gravity'),
  density: parameter(1030, 'kg/m³', 0.03, 'P', 'a typical sauce'),
  ringDiameter: parameter(5, 'cm', 0, 'P', 'bottomless ring'),
  ringHeight: parameter(3, 'cm', 0, 'P', 'bottomless ring'),
  viscousConstant: parameter(0.894, '-', 0.02, 'P', 'axisymmetric viscous gravity current'),
  puddle: parameter(2.2, 'mm', 0.15, 'P/E', 'height of a puddle held by surface tension'),
  syringeMl: parameter(10, 'mL', 0, 'P', 'scale of the syringe'),
  syringeMmPerMl: parameter(6.15, 'mm/mL', 0.03, 'P', '61.5 mm for 10 mL'),
  nozzleHead: parameter(12, 'mm', 0.1, 'P/E', 'height of the nozzle below the scale'),
  nozzleRadius: parameter(0.95, 'mm', 0.08, 'P/E', 'differs between syringes: time 10 mL of water once'),
  nozzleLength: parameter(11, 'mm', 0.1, 'P/E', 'as above'),
  discharge: parameter(0.75, '-', 0.1, 'P', 'inertial discharge of the nozzle'),
  yieldFelt: parameter(0.6, '-', 0.3, 'E', 'share of the static yield stress that holds a moving film'),
  spoonLength: parameter(5, 'cm', 0.1, 'P/E', 'length that drains'),
  spoonSeconds: parameter(5, 's', 0, 'P', 'time of draining'),
  trailFilm: parameter(0.26, 'mm', 0.2, 'E', 'film in which a finger trail stays open'),
  trailWidth: parameter(0.25, 'ln mm', 0.3, 'E', 'as above'),
  ribbonWidth: parameter(15, 'mm', 0.2, 'E', 'ripple of a falling ribbon'),
  ribbonShear: parameter(0.6, '1/s', 0.3, 'E', 'shear of a sinking ribbon'),
  ribbonConstant: parameter(2.3, '-', 0.3, 'E', 'time to a tenth of its height'),
  ribbonYield: parameter(25, 'Pa', 0.3, 'E', 'yield stress at which a ribbon stays for good'),
  ribbonMost: parameter(60, 's', 0, 'P', 'end of the scale'),
} as const;
export const homeTest = valuesOf(homeTestParameters);
