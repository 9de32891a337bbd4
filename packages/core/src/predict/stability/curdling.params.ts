import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Weights of the logit of curdling. @source engine notes E-9, estimated on A45a–d, CV 0.5. */
export const curdlingParameters = {
  base: parameter(-4.5, 'logit', 0.2, 'E', 'A45b'),
  acid: parameter(3.5, 'logit', 0.3, 'E', 'A45a'),
  hotAcid: parameter(1.8, 'logit', 0.3, 'E', 'A45a'),
  fastHeat: parameter(2.6, 'logit', 0.4, 'E', 'W04, W05: the layer at the hot bottom coagulates first'),
  calcium: parameter(0.006, 'logit per mg/100 g water', 0.5, 'E', 'A45'),
  protein: parameter(1.3, 'logit per ln', 0.3, 'E', 'A45'),
  proteinFloor: parameter(0.12, 'g/100 g', 0.4, 'E', 'A45'),
  heat: parameter(0.6, 'logit', 0.4, 'E', 'A45b'),
  tannin: parameter(5, 'logit per g/100 g water', 0.5, 'E', 'K25: red wine splits more than white'),
  tanninMost: parameter(0.3, 'g/100 g water', 0.3, 'E', 'as above'),
  alcohol: parameter(0.05, 'logit per g/100 g water', 0.5, 'E', 'K07: alcohol lowers what holds protein in solution'),
  fat: parameter(-0.03, 'logit per g/100 g water', 0.5, 'E', 'K08, K16: cream holds where milk splits'),
  fatMost: parameter(70, 'g/100 g water', 0.2, 'E', 'as above'),
  starch: parameter(-0.75, 'logit per g/100 g', 0.4, 'E', 'A45d: starch protects'),
  starchMost: parameter(4, 'g/100 g', 0.2, 'E', 'A45d'),
  nearWidth: parameter(0.65, 'pH', 0.2, 'P/E', 'around the isoelectric point'),
  lowPh: parameter(5.9, 'pH', 0.03, 'P/E', 'onset of coagulation'),
  lowWidth: parameter(0.25, 'pH', 0.3, 'E', 'as above'),
  lowColdWeight: parameter(0.8, '-', 0.2, 'E', 'below the isoelectric point, cold'),
  lowHotWeight: parameter(0.35, '-', 0.3, 'E', 'as above, hot'),
  hotMidpoint: parameter(66, '°C', 0.05, 'P/E', 'denaturation'),
  hotWidth: parameter(6, '°C', 0.3, 'E', 'as above'),
  fastMidpoint: parameter(12, '°C/min', 0.2, 'E', 'heating rate that splits'),
  fastWidth: parameter(1.8, '°C/min', 0.3, 'E', 'as above'),
  leastProtein: parameter(0.08, 'g/100 g', 0.4, 'E', 'less makes no curd that is seen'),
} as const;
export const curdling = valuesOf(curdlingParameters);
