import { parameter, valuesOf } from '../../numeric/parameter.js';

/** @source engine notes E-8; CV 0.4 on sizes, anchors A46a–c. */
export const comminutionParameters = {
  finest: parameter(6, 'µm', 0.3, 'E', 'finest that a home blender reaches with the softest things'),
  finestCell: parameter(60, 'µm', 0.3, 'E', 'single vegetable cells stay whole'),
  hardScale: parameter(1.1, '-', 0.4, 'E', 'A46; kitchen physics 12: almonds 1, soaked cashews 0.3, curd 0.03'),
  hardExponent: parameter(0.75, '-', 0.2, 'E', 'as above'),
  hardnessFloor: parameter(0.008, '-', 0.5, 'E', 'the softest curd still has to be cut'),
  floorSoft: parameter(0.5, '-', 0.4, 'E', 'kitchen physics 12: the floor of a tool with soft things'),
  floorHard: parameter(1.5, '-', 0.4, 'E', 'and with the hardest'),
  workSpan: parameter(718, 'µm·(strong jug s)^0.75', 0.4, 'E', 'kitchen physics 12, A46'),
  workExponent: parameter(0.75, '-', 0.2, 'E', 'kitchen physics 12'),
  boilMidpoint: parameter(88, '°C', 0.02, 'E', 'boiling softens'),
  boilWidth: parameter(2, '°C', 0.3, 'E', 'boiling softens'),
  boilTime: parameter(4, 'min', 0.4, 'E', 'boiling softens'),
  finenessSize: parameter(700, 'µm', 0.4, 'E', 'A30: coarse particles hydrate only at the surface'),
  finenessExponent: parameter(0.9, '-', 0.2, 'E', 'A30'),
  finenessCellSize: parameter(4000, 'µm', 0.4, 'E', 'cooked vegetable cells hydrate in pieces too'),
  pieceSize: parameter(1500, 'µm', 0.3, 'E', 'above this a piece barely colours the sauce'),
  pieceColour: parameter(0.4, '-', 0.4, 'E', 'colour weight of a piece'),
  pieceColourWidth: parameter(0.3, 'ln µm', 0.4, 'E', 'as above'),
  grainBase: parameter(150, 'µm', 0.3, 'P/E', 'soft particles are felt from about here'),
  grainHardness: parameter(110, 'µm', 0.3, 'P/E', 'hard particles are felt much smaller'),
  grainHardnessExponent: parameter(0.35, '-', 0.3, 'E', 'A46'),
  grainFloor: parameter(30, 'µm', 0.3, 'P', 'threshold of the tongue for hard particles'),
  grainWidth: parameter(0.45, 'ln µm', 0.3, 'E', 'A46'),
  grainSoftWeight: parameter(0.3, '-', 0.3, 'E', 'A46'),
  grainHardWeight: parameter(0.7, '-', 0.3, 'E', 'A46'),
  grainScale: parameter(13, '%', 0.4, 'E', 'A46'),
  grainProteinSwelling: parameter(2, 'g/g', 0.3, 'E', 'wet mass of insoluble protein'),
  grainFibreSwelling: parameter(6, 'g/g', 0.3, 'E', 'wet mass of fibre'),
  lumpStarchShare: parameter(0.3, '-', 0.3, 'E', 'a powder lumps when at least this share of it is starch'),
  lumpScale: parameter(200, 'per mass share', 0.5, 'E', 'dry starch put straight into hot liquid'),
} as const;

export const comminution = valuesOf(comminutionParameters);
