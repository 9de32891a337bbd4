/** How a language says that a drink, a cream or a cheese is of a plant. */
interface OfPlants {
  /** A compound ("Hafermilch"), the plant behind a joint ("lait d’avoine"), or an adjective on either side ("mleko owsiane"). */
  readonly joints: readonly string[];
  /** Drinks, butters and cheeses; creams; what is cultured. A nut before the last two is as likely a flavour: “hazelnut yogurt” is of milk. */
  readonly dairy: readonly string[];
  readonly creams: readonly string[];
  readonly cultured: readonly string[];
  readonly plants: Readonly<Record<string, readonly string[]>>;
  /** Words that say it is of plants, or vegan, on either side. */
  readonly vegan: readonly string[];
  /** Endings or words behind it that say it stands in for it. */
  readonly instead: readonly string[];
}

const BEFORE = '<',
  COMPOUND = '+';

/** @source names of plant drinks, creams and cheeses on packs, S-16 */
const sayings: Readonly<Record<string, OfPlants>> = {
  German: { joints: [COMPOUND], dairy: ['milch', 'drink', 'käse', 'frischkäse', 'butter'], creams: ['sahne', 'creme'], cultured: ['joghurt', 'quark'], plants: { oat: ['hafer'], soya: ['soja'], almond: ['mandel'], coconut: ['kokos'], rice: ['reis'], cashew: ['cashew'], hazelnut: ['haselnuss'], spelt: ['dinkel'], pea: ['erbsen'], hemp: ['hanf'] }, vegan: ['veganer', 'vegane', 'veganes', 'pflanzlicher', 'pflanzliche', 'pflanzliches', 'milchfreier', 'milchfreie'], instead: ['alternative', 'ersatz'] },
  Dutch: { joints: [COMPOUND], dairy: ['melk', 'drink', 'kaas', 'boter', 'roomkaas'], creams: ['room'], cultured: ['yoghurt', 'kwark'], plants: { oat: ['haver'], soya: ['soja'], almond: ['amandel'], coconut: ['kokos'], rice: ['rijst'], cashew: ['cashew'], hazelnut: ['hazelnoot'], pea: ['erwten'] }, vegan: ['plantaardige', 'veganistische', 'vegan', 'zuivelvrije'], instead: ['alternatief', 'vervanger'] },
  French: { joints: ['de', 'd'], dairy: ['lait', 'fromage', 'beurre', 'boisson', 'mozzarella'], creams: ['crème'], cultured: ['yaourt'], plants: { oat: ['avoine'], soya: ['soja'], almond: ['amande', 'amandes'], coconut: ['coco', 'noix de coco'], rice: ['riz'], cashew: ['cajou', 'noix de cajou'], hazelnut: ['noisette', 'noisettes'], hemp: ['chanvre'], pea: ['pois'] }, vegan: ['végétal', 'végétale', 'vegan', 'végan', 'végane'], instead: [] },
  Italian: { joints: ['di', 'd'], dairy: ['latte', 'formaggio', 'burro', 'bevanda', 'mozzarella'], creams: ['panna', 'crema'], cultured: ['yogurt'], plants: { oat: ['avena'], soya: ['soia'], almond: ['mandorla', 'mandorle'], coconut: ['cocco'], rice: ['riso'], cashew: ['anacardi', 'anacardo'], hazelnut: ['nocciola', 'nocciole'] }, vegan: ['vegetale', 'vegano', 'vegana'], instead: [] },
  Spanish: { joints: ['de'], dairy: ['leche', 'queso', 'mantequilla', 'bebida', 'mozzarella'], creams: ['nata', 'crema'], cultured: ['yogur'], plants: { oat: ['avena'], soya: ['soja', 'soya'], almond: ['almendra', 'almendras'], coconut: ['coco'], rice: ['arroz'], cashew: ['anacardo', 'anacardos'], hazelnut: ['avellana', 'avellanas'] }, vegan: ['vegetal', 'vegano', 'vegana'], instead: [] },
  Portuguese: { joints: ['de'], dairy: ['leite', 'queijo', 'manteiga', 'bebida'], creams: ['natas', 'creme'], cultured: ['iogurte'], plants: { oat: ['aveia'], soya: ['soja'], almond: ['amêndoa', 'amêndoas'], coconut: ['coco'], rice: ['arroz'], cashew: ['caju'], hazelnut: ['avelã', 'avelãs'] }, vegan: ['vegetal', 'vegano', 'vegana'], instead: [] },
  Polish: { joints: ['', BEFORE], dairy: ['mleko', 'ser', 'masło', 'napój'], creams: ['śmietanka', 'śmietana'], cultured: ['jogurt'], plants: { oat: ['owsiane', 'owsiany', 'owsiana'], soya: ['sojowe', 'sojowy', 'sojowa'], almond: ['migdałowe', 'migdałowy', 'migdałowa'], coconut: ['kokosowe', 'kokosowy', 'kokosowa'], rice: ['ryżowe', 'ryżowy', 'ryżowa'] }, vegan: ['wegański', 'wegańska', 'wegańskie', 'roślinny', 'roślinna', 'roślinne'], instead: [] },
  Czech: { joints: ['', BEFORE], dairy: ['mléko', 'sýr', 'máslo', 'nápoj'], creams: ['smetana'], cultured: ['jogurt'], plants: { oat: ['ovesné', 'ovesný', 'ovesná'], soya: ['sójové', 'sójový', 'sójová'], almond: ['mandlové', 'mandlový', 'mandlová'], coconut: ['kokosové', 'kokosový', 'kokosová'], rice: ['rýžové', 'rýžový', 'rýžová'] }, vegan: ['veganský', 'veganská', 'veganské', 'rostlinný', 'rostlinná', 'rostlinné'], instead: [] },
  Swedish: { joints: [COMPOUND], dairy: ['mjölk', 'dryck', 'ost', 'smör', 'färskost'], creams: ['grädde'], cultured: ['yoghurt'], plants: { oat: ['havre'], soya: ['soja'], almond: ['mandel'], coconut: ['kokos'], rice: ['ris'], cashew: ['cashew'] }, vegan: ['vegansk', 'veganskt', 'växtbaserad', 'växtbaserat', 'vegan'], instead: [] },
  Danish: { joints: [COMPOUND], dairy: ['mælk', 'drik', 'ost', 'smør'], creams: ['fløde'], cultured: ['yoghurt'], plants: { oat: ['havre'], soya: ['soja'], almond: ['mandel'], coconut: ['kokos'], rice: ['ris'], cashew: ['cashew'] }, vegan: ['vegansk', 'plantebaseret', 'vegan'], instead: [] },
  Norwegian: { joints: [COMPOUND], dairy: ['melk', 'drikk', 'ost', 'smør'], creams: ['fløte'], cultured: ['yoghurt'], plants: { oat: ['havre'], soya: ['soya'], almond: ['mandel'], coconut: ['kokos'], rice: ['ris'], cashew: ['cashew'] }, vegan: ['vegansk', 'plantebasert', 'vegan'], instead: [] },
  Finnish: { joints: [COMPOUND], dairy: ['maito', 'juoma', 'juusto'], creams: ['kerma'], cultured: ['jogurtti'], plants: { oat: ['kaura'], soya: ['soija'], almond: ['manteli'], coconut: ['kookos'], rice: ['riisi'], cashew: ['cashew'] }, vegan: ['vegaaninen', 'kasvipohjainen', 'vege'], instead: [] },
};

const joined = (joint: string, dairy: string, plant: string): string =>
  joint === COMPOUND ? `${plant}${dairy}` : joint === BEFORE ? `${plant} ${dairy}` : joint === '' ? `${dairy} ${plant}` : `${dairy} ${joint} ${plant}`;

/** Nuts flavour creams and yogurts as often as they are what these are made of. */
const nuts: ReadonlySet<string> = new Set(['almond', 'cashew', 'hazelnut']);
/** Of these alone yogurts and fresh cheeses are made. */
const culturedOf: ReadonlySet<string> = new Set(['soya', 'oat']);

/** The lines of `languageOf` that say so in a language: what is of a plant holds the plant and no milk. */
export function ofPlantsIn(language: string): string {
  const saying = sayings[language];
  if (!saying) return '';
  const { joints, dairy, creams, cultured, plants, vegan, instead } = saying;
  const lines = Object.entries(plants).map(([allergen, words]) => {
    const things = [...dairy, ...(nuts.has(allergen) ? [] : creams), ...(culturedOf.has(allergen) ? cultured : [])];
    const names = words.flatMap((plant) => joints.flatMap((joint) => things.map((thing) => joined(joint, thing, plant))));
    return `${allergen} ! ${names.join(', ')}`;
  });
  const all = [...dairy, ...creams, ...cultured];
  const said = vegan.flatMap((word) =>
    all.flatMap((thing) => [`${word} ${thing}`, `${thing} ${word}`, `${word}${thing}`]),
  );
  const standsIn = instead.flatMap((word) => all.flatMap((thing) => [`${thing}${word}`, `${thing} ${word}`]));
  return [...lines, `! ${[...said, ...standsIn].join(', ')}`].join('\n');
}
