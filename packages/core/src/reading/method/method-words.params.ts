import type { ChoiceOf } from '../../recipe/method/operation-field.js';

/** Tools by the words they are called with, the more telling first. */
export const toolWords: readonly (readonly [RegExp, ChoiceOf<'tool'>])[] = [
  [/\bhigh[- ](?:speed|powered?|power)\b|\bpowerful (?:jug )?blender\b/i, 'strong-jug'],
  [/\b(?:stick|immersion|hand)[- ]?(?:held )?blender\b|\bhand[- ]?held\b|\bstick blend/i, 'stick'],
  [/\bfood processor\b|\bprocessor\b|\bmini[- ]chopper\b/i, 'processor'],
  [/\b(?:bullet|small|personal|nut) (?:cup )?blender\b|\b(?:spice|coffee) grinder\b/i, 'small-cup'],
  [/\bblender\b|\bliquidi[sz]er\b|\bjug\b/i, 'jug'],
];

/** Times and heats that words come to where no figure is told. @source kitchen habit, assumed */
export const usualFigures = {
  blendSeconds: 60,
  smoothSeconds: 120,
  pulseSeconds: 8,
  simmerMinutes: 5,
  thickenMinutes: 4,
  boilMinutes: 2,
  reduceMinutes: 10,
  bakeMinutes: 25,
  chillMinutes: 240,
  coolMinutes: 30,
  standMinutes: 10,
  boilC: 98,
  simmerC: 95,
  thickC: 92,
  lowC: 75,
  warmC: 65,
  ovenC: 190,
} as const;

/** Verbs with which a step begins. */
export const stepVerbs =
  /^(?:then |now |next,? |finally,? |meanwhile,? |once [^,]+, |when [^,]+, |while [^,]+, |after [^,]+, |to make [^,]+, |in an? [^,]+, |using an? [^,]+, |for the [^,]+, |gently |slowly |carefully )*(?:add|adjust|allow|arrange|bake|beat|blend|blitz|boil|bring|brown|brush|chill|chop|combine|cook|cool|cover|crumble|cut|dip|dissolve|divide|drain|drizzle|drop|enjoy|fold|fry|garnish|grate|grill|grind|heat|hold|keep|knead|leave|let|line|make|mash|melt|mix|pat|peel|place|pour|preheat|prepare|press|process|pulse|pur[eé]e|put|reduce|refrigerate|remove|repeat|rest|return|rinse|roast|roll|rub|saut[eé]|scrape|season|serve|set|shake|shape|sift|simmer|slice|soak|soften|spoon|spread|sprinkle|squeeze|stand|steam|stir|store|strain|sweat|swirl|taste|tip|toast|top|toss|transfer|turn|use|wait|warm|wash|weigh|whisk|whiz|whizz|wilt|work)\b/i;
