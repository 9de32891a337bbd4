import { type AllergenId, isAllergenId } from '../../src/allergen/allergen.js';
import { labelCases } from './labels.table.js';
import { french, italian } from './french-and-italian.table.js';
import { dutch, german } from './german-and-dutch.table.js';
import { danish, norwegian, swedish } from './scandinavian.table.js';
import { czech, finnish, polish } from './slavic-and-finnish.table.js';
import { portuguese, spanish } from './spanish-and-portuguese.table.js';

/** One made-up pack with what it holds. */
export interface CorpusLabel {
  readonly language: string;
  readonly text: string;
  readonly certain: readonly AllergenId[];
  readonly may: readonly AllergenId[];
  /** It is only a statement, no list: of what it does not name nothing is known. */
  readonly noList: boolean;
}

/** Statements without the list they belong to. */
const statementsAlone = [
  'May contain nuts.',
  'May contain traces of peanuts, sesame and other nuts.',
  'Produced in a facility that processes wheat, milk and eggs.',
  'Packed on a line that also handles celery and mustard.',
  'Vegan. Contains: oats. May contain traces of milk.',
  'Free from gluten and milk. Contains soya.',
];

const idsOf = (list: string, line: string): readonly AllergenId[] =>
  list
    .split(',')
    .map((id) => id.trim())
    .filter((id) => id !== '')
    .map((id) => {
      if (!isAllergenId(id)) throw new Error(`no allergen is called “${id}”: ${line}`);
      return id;
    });

const tableOf = (language: string, text: string): readonly CorpusLabel[] =>
  text
    .split('\n')
    .filter((line) => line.trim() !== '')
    .map((line) => {
      const [label, certain, may] = line.split('|');
      if (label === undefined || certain === undefined || may === undefined)
        throw new Error(`this line has not three parts: ${line}`);
      return {
        language,
        text: label.trim(),
        certain: idsOf(certain, line),
        may: idsOf(may, line),
        noList: false,
      };
    });

/** All packs, in thirteen languages. */
export const labelCorpus: readonly CorpusLabel[] = [
  ...labelCases.map(([text, certain, may = '']) => ({
    language: 'English',
    text,
    certain: idsOf(certain, text),
    may: idsOf(may, text),
    noList: statementsAlone.includes(text),
  })),
  ...tableOf('German', german),
  ...tableOf('Dutch', dutch),
  ...tableOf('French', french),
  ...tableOf('Italian', italian),
  ...tableOf('Spanish', spanish),
  ...tableOf('Portuguese', portuguese),
  ...tableOf('Polish', polish),
  ...tableOf('Czech', czech),
  ...tableOf('Finnish', finnish),
  ...tableOf('Swedish', swedish),
  ...tableOf('Danish', danish),
  ...tableOf('Norwegian', norwegian),
];
