import { parameter, valuesOf } from '../../numeric/parameter.js';

/** @source engine notes E-7; anchors A20–A23b. */
export const pullParameters = {
  threshold: parameter(7.6, 'g/100 g', 0.1, 'P/E', 'A20–A22: polymer in the water before strands form'),
  width: parameter(1.25, 'g/100 g', 0.2, 'E', 'A20–A22'),
  longest: parameter(27, 'cm', 0.3, 'E', 'A21–A22'),
  dilute: parameter(9, '(g/100 g)²', 0.3, 'E', 'A20'),
  rubbery: parameter(17.6, 'g/100 g', 0.1, 'E', 'A23: beyond this it is rubber'),
  rubberyWidth: parameter(1.3, 'g/100 g', 0.2, 'E', 'A23'),
  rubberyLeft: parameter(0.28, '-', 0.3, 'E', 'A23b'),
  fatShortens: parameter(2.2, 'per volume share', 0.35, 'E', 'fat shortens strands'),
  particlesBreak: parameter(0.96, 'per volume share', 0.4, 'E', 'hard points break strands'),
  coarseFrom: parameter(150, 'µm', 0.3, 'E', 'pieces larger than this break strands'),
  coarseScale: parameter(2500, 'µm', 0.4, 'E', 'as above'),
  gumHelp: parameter(0.5, '-', 0.3, 'E', 'gums help at most this much of the starch'),
  brokenGranules: parameter(0.3, '-', 0.3, 'E', 'long boiling shortens'),
  warmFrom: parameter(43, '°C', 0.1, 'E', 'strands set below this'),
  warmWidth: parameter(7, '°C', 0.3, 'E', 'as above'),
  hotFrom: parameter(93, '°C', 0.05, 'E', 'strands run apart near boiling'),
  hotWidth: parameter(3, '°C', 0.3, 'E', 'as above'),
  hotLoss: parameter(0.35, '-', 0.3, 'E', 'as above'),
  fridgeLoss: parameter(0.65, '-', 0.3, 'E', 'cold from the fridge'),
  fridgeBase: parameter(0.5, '-', 0.3, 'E', 'as above'),
  reheatLoss: parameter(0.55, '-', 0.3, 'E', 'reheated'),
  reheatBase: parameter(0.35, '-', 0.3, 'E', 'as above'),
  storedLeast: parameter(0.1, '-', 0.3, 'E', 'as above'),
  otherPolymer: parameter(0.3, '-', 0.4, 'E', 'W02: other dissolved polymers crowd strands closer'),
  otherMost: parameter(0.25, 'share of the strand polymer', 0.3, 'E', 'as above'),
  viscousDrip: parameter(0.6, 'cm', 0.3, 'E', 'any thick sauce drags a short thread'),
  viscousScale: parameter(3000, 'mPa·s', 0.4, 'E', 'as above'),
} as const;

export const pull = valuesOf(pullParameters);
