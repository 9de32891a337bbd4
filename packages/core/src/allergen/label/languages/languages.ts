import { danish, dutch, german, norwegian, swedish } from './germanic.params.js';
import { french, italian, portuguese, spanish } from './romance.params.js';
import { czech, finnish, polish } from './slavic-and-finnish.params.js';
import type { LabelLanguage } from './word-list.js';

/** Languages of imported packs, beside English. A word of any other stays unknown, and is asked about. */
export const labelLanguages: readonly LabelLanguage[] = [german, french, spanish, italian, dutch, portuguese, polish, czech, swedish, danish, norwegian, finnish]; // prettier-ignore
