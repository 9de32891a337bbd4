import { animalWords } from './animals.params.js';
import { danish, dutch, german, norwegian, swedish } from './germanic.params.js';
import { french, italian, portuguese, spanish } from './romance.params.js';
import { czech, finnish, polish } from './slavic-and-finnish.params.js';
import { moreWordsOf } from './more-words.params.js';
import { ofPlantsIn } from './of-plants.params.js';
import { plainWordsOf } from './plain-words.params.js';
import { type LabelLanguage, languageOf } from './word-list.js';

/** A language with what else packs name in it. */
function whole(language: LabelLanguage): LabelLanguage {
  const { name } = language,
    more = languageOf(name, `${moreWordsOf[name] ?? ''}\n${animalWords[name] ?? ''}\n${ofPlantsIn(name)}`);
  return {
    name,
    rows: [...language.rows, ...more.rows],
    misleading: [...language.misleading, ...more.misleading],
    parts: [...language.parts, ...more.parts],
    plain: [...language.plain, ...(plainWordsOf[name] ?? '').split(/\s+/).filter(Boolean)],
  };
}

/** Languages of imported packs, beside English. A word of any other stays unknown, and is asked about. */
export const labelLanguages: readonly LabelLanguage[] = [
  german,
  french,
  spanish,
  italian,
  dutch,
  portuguese,
  polish,
  czech,
  swedish,
  danish,
  norwegian,
  finnish,
].map(whole);
