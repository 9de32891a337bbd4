/**
 * The grammar of what a label says of allergens. A label is a row of statements; each speaks of what follows it, and nothing else.
 *
 *   label     = { statement }
 *   statement = trace | contains | claim | list            (a new sentence, line or heading begins with "list")
 *   trace     = trace-words … to the end of its sentence    (a heading or "contains" ends it; a claim cannot begin inside it)
 *   contains  = "contains" [":"] … to the end of its sentence
 *   claim     = ( list-claim things | short-claim thing | thing ("-" | " ") "free" )
 *   things    = thing { ("," | "and" | "or" | "nor" | "&" | "/") thing }
 *   thing     = { qualifier } allergen-word { tail }
 *   maker     = "made by", "batch" … to the end of its sentence   (names are passed over; food is still found)
 *   list      = everything else: what stands in it is in the food
 *
 * A claim ends with its last thing. It never goes on over "(", ":", ";", a new line, "with", "but", "made" or any word that is neither a thing nor
 * joins two; over a comma only where the list is closed by "and" or "or", or names whole groups of the law up to the end of the sentence.
 * @source wording of precautionary statements and of claims on packs, S-16
 */
export const headings: readonly string[] = [
  'ingredients', 'ingredient', 'ingredient list', 'zutaten', 'ingrédients', 'ingredientes', 'ingredienti', 'ingrediënten', 'ingrediënt', 'składniki', 'složení', 'slozeni', 'ingredienser', 'ainesosat', 'ainekset', 'valmistusaineet',
];

/** What leads to a maker, an address or a batch: names of people and places follow, to the end of the sentence. */
export const makers: readonly string[] = [
  'produced by', 'produced for', 'produced in', 'made by', 'made for', 'made in', 'manufactured by', 'manufactured for', 'manufactured in', 'packed by', 'packed for', 'packed in', 'bottled by', 'bottled in', 'distributed by', 'imported by', 'product of', 'produce of', 'sold by', 'brand', 'batch', 'lot',
  'hergestellt von', 'hergestellt für', 'hergestellt in', 'abgefüllt von', 'vertrieb', 'hersteller', 'fabriqué par', 'fabriqué pour', 'fabriqué en', 'produit de', 'conditionné par', 'distribué par', 'prodotto da', 'prodotto per', 'prodotto in', 'confezionato da', 'distribuito da',
  'elaborado por', 'elaborado en', 'fabricado por', 'envasado por', 'distribuido por', 'produzido por', 'produzido em', 'embalado por', 'distribuído por', 'geproduceerd door', 'geproduceerd voor', 'vervaardigd door', 'producent', 'dystrybutor', 'wyprodukowano dla', 'výrobce', 'vyrobeno pro',
  'tillverkad av', 'tillverkare', 'producerad av', 'fremstillet af', 'produceret af', 'produsert av', 'produsent', 'valmistaja', 'valmistuttaja', 'maahantuoja',
];

/** Classes of additives, behind which some packs print the number alone: “preservative (220, 223)”. */
export const additiveClasses: ReadonlySet<string> = new Set(['preservative', 'emulsifier', 'antioxidant', 'stabiliser', 'stabilizer', 'thickener', 'colour', 'color', 'enhancer', 'regulator', 'agent', 'sweetener', 'humectant', 'additive', 'improver', 'konservierungsstoff', 'emulgator', 'conservateur', 'emulsifiant', 'conservante', 'conservador', 'emulgente', 'emulsionante', 'conserveermiddel']);

/** Claims that may name a list of things. */
export const listClaims: readonly string[] = [
  'contains no', 'contain no', 'containing no', 'does not contain', 'do not contain', 'doesn’t contain', 'free from', 'free of', 'suitable for people who avoid', 'made without', 'prepared without',
  'frei von', 'enthält kein', 'enthält keine', 'enthält keinen', 'ohne', 'sans', 'ne contient ni', 'non contiene né', 'no contiene ni', 'ne contient pas de', 'ne contient pas', 'exempt de', 'sin', 'libre de', 'no contiene', 'senza', 'privo di', 'non contiene', 'zonder', 'vrij van', 'bevat geen', 'sem', 'não contém', 'isento de', 'bez', 'nie zawiera', 'wolny od', 'neobsahuje', 'fri från', 'innehåller inte', 'innehåller ej', 'utan', 'fri for', 'indeholder ikke', 'inneholder ikke', 'uden', 'uten', 'ei sisällä',
];

/** Claims that speak of one thing only: what follows their comma is a list of what is in it. */
export const shortClaims: readonly string[] = [
  'no added', 'no', 'without added', 'without', 'zero', 'ohne zusatz von', 'sans ajout de', 'sin añadir', 'senza aggiunta di', 'zonder toegevoegd', 'zonder toegevoegde',
];

/** Words that join the things of a claim. */
export const joins: ReadonlySet<string> = new Set(['and', 'or', 'nor', 'und', 'oder', 'noch', 'et', 'ou', 'ni', 'y', 'o', 'u', 'e', 'ed', 'en', 'of', 'i', 'oraz', 'lub', 'ani', 'a', 'nebo', 'och', 'eller', 'og', 'ja', 'tai', 'eika']);

/** Words that may stand before a thing or after it without ending a claim. */
export const qualifiers: ReadonlySet<string> = new Set(['any', 'added', 'all', 'other', 'trace', 'of', 'the', 'artificial', 'animal', 'product', 'derivative', 'allergen', 'protein', 'ingredient', 'de', 'di', 'da', 'von', 'van', 'zugesetzte', 'zugesetzten', 'jegliche']);

/** Groups of the legal lists as claims name them; a list of these alone is a claim to its end. */
export const groupWords: ReadonlySet<string> = new Set(['milk', 'dairy', 'lactose', 'egg', 'gluten', 'wheat', 'nut', 'peanut', 'soya', 'soy', 'fish', 'shellfish', 'crustacean', 'mollusc', 'sesame', 'mustard', 'celery', 'lupin', 'sulphite', 'cereal', 'tree']);

/** What follows "free" where it is no claim. */
export const freeOtherwise: ReadonlySet<string> = new Set(['range', 'flowing', 'flow', 'run', 'running', 'from', 'of', 'roaming', 'ranging']);

/** "may", and what may stand between it and its verb. */
export const modals: ReadonlySet<string> = new Set(['may', 'might', 'can', 'could', 'kann', 'konnen', 'konnte', 'peut', 'peuvent', 'puede', 'pueden', 'pode', 'podem', 'puo', 'possono', 'kan', 'moze', 'saattaa', 'voi', 'muze']);
export const traceVerbs: ReadonlySet<string> = new Set(['contain', 'have', 'hold', 'include', 'carry', 'be', 'enthalten', 'contenir', 'contener', 'contenere', 'bevatten', 'conter', 'zawierac', 'obsahovat', 'innehalla', 'indeholde', 'inneholde', 'sisaltaa']);
/** Those whose verb stands at the end of its sentence, behind all it speaks of; and how many words that may be. */
export const verbFinal: ReadonlySet<string> = new Set(['kann', 'konnen', 'konnte', 'kan']);
export const MOST_BEFORE_LAST_VERB = 40;

/** Words between "may" and its verb, at most. */
export const MOST_BETWEEN = 4;

/** Words that say by themselves that something may be there. */
export const traceWords: ReadonlySet<string> = new Set(['trace', 'spuren', 'spur', 'traza', 'vestigio', 'traccia', 'tracce', 'sporen', 'spoor', 'sladowe', 'stopy', 'stopove', 'spar', 'spor', 'jaamia', 'pienia']);
export const tracePhrases: readonly string[] = [
  'not suitable for', 'unsuitable for', 'not recommended for', 'cross contamination', 'cross-contamination', 'cross contact', 'shared equipment', 'nicht geeignet für', 'ne convient pas', 'no apto para', 'non adatto', 'niet geschikt voor',
];

/** "cannot guarantee", in every order and tense: a word that denies, within a few words of one that promises. */
export const denials: ReadonlySet<string> = new Set(['cannot', 'not', 'can’t', 'cant', 'never', 'unable', 'no', 'nicht', 'kein', 'pas', 'non', 'niet', 'nie']);
export const promises: ReadonlySet<string> = new Set(['guarantee', 'guaranteed', 'guaranteeing', 'exclude', 'excluded', 'ensure', 'promise', 'garantieren', 'garantiert', 'ausgeschlossen', 'ausschliessen', 'exclu', 'exclure', 'garantir', 'garantizar', 'garantire', 'garanderen', 'uitgesloten']);

/** Places and tools that other things pass through, and the words that lead to them. */
export const sharedPlaces: ReadonlySet<string> = new Set(['facility', 'facilitie', 'factory', 'factorie', 'line', 'equipment', 'environment', 'kitchen', 'bakery', 'site', 'premise', 'machinery', 'machine', 'mill', 'unit', 'warehouse', 'workshop', 'plant', 'area', 'betrieb', 'werk', 'atelier', 'usine', 'fabrica', 'stabilimento', 'fabriek', 'zaklad', 'zakladzie', 'zakładzie', 'provoz', 'anlaggning', 'tehtaassa', 'betrieb', 'werk', 'bedrijf', 'fabriek', 'atelier', 'usine', 'site', 'stabilimento', 'fabbrica', 'fabrica', 'instalacione', 'instalacoe', 'zakladzie', 'zakładzie', 'zavode', 'provozu', 'fabrik', 'fabrikk', 'anlegg', 'anlaeg', 'anlaggning', 'tehtaassa', 'laitoksessa', 'tiloissa', 'laboratorio', 'laboratoire', 'obrador', 'kuche', 'keuken', 'cuisine', 'cucina', 'cocina', 'cozinha', 'kuchni', 'kuchyni', 'kok', 'køkken', 'kjøkken', 'keittiossa', 'umgebung', 'omgeving', 'environnement', 'ambiente', 'entorno', 'anlage', 'anlagen', 'lijn', 'ligne', 'linea', 'linha', 'linii', 'lince']);
export const leadingWords: ReadonlySet<string> = new Set(['in', 'on', 'at', 'from', 'within', 'using', 'same', 'shared', 'im', 'einem', 'dans', 'en', 'nello', 'uno', 'w', 've', 'einem', 'een', 'un', 'une', 'una', 'numa', 'num', 'pa', 'i', 'w', 'v', 'na', 'valmistettu', 'dans', 'nella', 'nel', 'sulla', 'sur', 'op', 'av', 'vid']);
/** Words between the leading word and the place, at most. */
export const MOST_BEFORE_PLACE = 5;
