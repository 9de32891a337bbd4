import { animalWords } from './animals.params.js';
import { type LabelLanguage, languageOf } from './word-list.js';

/** Plants that drinks, creams and cheeses are made of, with the allergen each is. */
const plants: Readonly<Record<string, string>> = { oat: 'oat', soya: 'soya', soy: 'soya', coconut: 'coconut', rice: 'rice', pea: 'pea', hemp: 'hemp', tofu: 'soya' };
/** Nuts and seeds flavour creams, cheeses and ice creams as often as they are what these are made of: only their milks and butters are sure, and the cheeses of some. */
const nutMilks: Readonly<Record<string, string>> = { almond: 'almond', cashew: 'cashew', hazelnut: 'hazelnut', pistachio: 'pistachio', macadamia: 'macadamia', walnut: 'walnut', pecan: 'pecan', peanut: 'peanut', flax: 'flax', sesame: 'sesame', sunflower: 'sunflower', potato: 'potato', quinoa: '' };
const nutCheeses: Readonly<Record<string, string>> = { almond: 'almond', cashew: 'cashew', macadamia: 'macadamia' };
/** What says that it is of plants altogether. */
const ofPlantsAlone = ['plant', 'plant based', 'vegan', 'dairy free', 'non dairy', 'milk free'];

const milks = ['milk', 'drink', 'butter'];
const cheeses = ['cream cheese', 'soft cheese', 'hard cheese', 'grated cheese', 'cheese', 'cheese shreds', 'cheese slices', 'mozzarella', 'parmesan', 'feta', 'cheddar', 'ricotta', 'mascarpone'];
const creams = ['cream', 'sour cream', 'single cream', 'double cream', 'whipping cream', 'creme fraiche', 'creamer', 'cheese sauce', 'buttery spread'];
const cultured = ['yogurt', 'yoghurt', 'kefir', 'ice cream', 'custard', 'quark', 'skyr', 'ghee'];
const dairy = [...milks, ...cheeses, ...creams, ...cultured];
const instead = ['alternative', 'substitute', 'replacer', 'replacement', 'analogue', 'analog'];
const egg = ['egg', 'egg white', 'egg yolk', 'whole egg'];

const linesOf = (table: Readonly<Record<string, string>>, things: readonly string[]): readonly string[] =>
  Object.entries(table).map(([plant, allergen]) => `${allergen} ! ${things.map((thing) => `${plant} ${thing}`).join(', ')}`.trim());
const ofPlants = [
  ...linesOf(plants, [...milks, ...cheeses, ...creams]),
  ...linesOf({ soya: 'soya', soy: 'soya' }, ['yogurt', 'yoghurt', 'yogurt alternative']),
  ...linesOf(nutMilks, milks),
  ...linesOf(nutCheeses, cheeses),
  ...linesOf(Object.fromEntries(ofPlantsAlone.map((word) => [word, ''])), dairy),
];
const alternatives = [...dairy, ...egg].flatMap((thing) => instead.map((word) => `${thing} ${word}`));
const eggFree = ['vegan', 'plant based', 'eggless', 'egg free'].flatMap((kind) => ['mayo', 'mayonnaise', 'egg', 'omelette', 'meringue', 'quiche'].map((thing) => `${kind} ${thing}`));

/** More English words of packs, in the lines of the other languages. @source names on packs; plant names as cosmetics and supplements print them, S-16 */
export const moreEnglish: LabelLanguage = languageOf('English', `
${ofPlants.join('\n')}
${animalWords.English}
! ${[...alternatives, ...eggFree].join(', ')}
! eggless, sulphate, sulphates, sulfate, sulfates, sodium sulphate, sodium sulfate, calcium sulphate, calcium sulfate, magnesium sulphate, copper sulphate, potassium sulphate, lauryl sulphate, butter lettuce, butterfly pea, buttercup squash, milk thistle, egg plant, cocoa cream, cream soda, horse chestnut, cannot, knot, knots
peanut = pea nut, pea nuts, pea nut butter, pea-nut, ground nut, ground nuts, monkey nut, arachis hypogaea
hazelnut = hazel nut, hazel nuts, hazel nut milk, corylus avellana, corylus
walnut = wal nut, wal nuts, juglans regia
cashew = anacardium occidentale, cashewnut, cashewnuts
almond = prunus dulcis, prunus amygdalus, prunus amygdalus dulcis, amygdalus communis
pistachio = pistacia vera
pecan = carya illinoinensis, pecan nut
brazil-nut = bertholletia excelsa, brazilnut, brazilnuts
macadamia = macadamia ternifolia, macadamia integrifolia, queensland nut, queensland nuts
pine-nut = pinus pinea, pinon, pignoli, pignolia
soya = glycine max, glycine soja, soy bean, soy beans, soya bean curd, beancurd, yuba, okara, natto, kinako, edamame, textured vegetable protein
soya, wheat ? ponzu, gochujang, doenjang, hoisin, hoisin sauce, teriyaki, yakitori, black bean sauce, textured protein
sesame = sesamum indicum, gingelly, gingelly oil, benne seed, gomasio, halva, halvah, tahina
wheat = triticum vulgare, triticum aestivum, triticum durum, triticum, bulgur, bulghur, freekeh, maida, atta, matzo, matzah, panko, couscous, fregola, orzo, udon, ramen, seitan, vital gluten
wheat, spelt = triticum spelta, triticum dicoccum, triticum monococcum
barley = hordeum vulgare, hordeum, pearl barley, barleycorn
rye = secale cereale, secale, pumpernickel
oat = avena sativa, avena
celery = apium graveolens, smallage
mustard = sinapis alba, brassica juncea, brassica nigra
lupin = lupinus albus, lupinus, tremoco
milk = casein hydrolysate, dried milk, evaporated milk, condensed milk, malted milk
milk < burrata, stracciatella, bocconcini, caciocavallo, provolone, scamorza, taleggio, fontina, gorgonzola, asiago, manchego, cotija, queso, queso fresco, oaxaca, roquefort, camembert, brie, munster, comte, emmental, gruyere, appenzeller, raclette, halloumi, feta, kashkaval, bryndza, twarog, tvorog, ricotta, mascarpone, clotted cream, creme fraiche, smetana, kaymak, ayran, lassi, dulce de leche, cajeta, khoya, mawa, malai, paneer, rasgulla, labneh, skyr, viili, filmjolk, quark, fromage frais, fromage blanc, bechamel, alfredo, carbonara, stroganoff
egg = ovum, ovum powder, egg nog, eggnog, meringue, ovalbumin, ovomucoid, livetin
egg < hollandaise, bearnaise, aioli, tartare sauce, advocaat, lemon curd, zabaglione, sabayon, choux pastry
fish = anchovy paste, bonito, dashi, katsuobushi, garum, nuoc mam, nam pla, roe, caviar, surimi, isinglass, fish gelatine
crustacean = shrimp paste, prawn cracker, prawn crackers, belacan, krill, crayfish, langoustine, scampi
mollusc = oyster extract, squid ink, calamari, cuttlefish, abalone, whelk, cockle, cockles, scallop, scallops, escargot
fish, crustacean ? kimchi, curry paste, laksa paste, tom yum, xo sauce
sulphite = e225
sulphite ? e150b, e150d
soya = e426, e479, e479b
soya ? e306
fish ? e631, e635, e441
crustacean ? e161j
milk ? e234
coconut = cocos nucifera, coconut aminos
maize = zea mays, polenta, hominy, masa harina
rice = oryza sativa
potato = solanum tuberosum
pea = pisum sativum
chickpea = cicer arietinum, gram flour, besan
lentil = lens culinaris, urad, dal, dhal
bean = phaseolus vulgaris, vicia faba
sunflower = helianthus annuus
tomato = solanum lycopersicum
. but we our us you your they them those these which where when while who what how why because although though however handled handling handle sufferer sufferers allergic people children adults anyone someone person customer customers guarantee absence presence presented avoid eat drink consume consumed taste tastes love loved enjoy eaten ideal perfect great try tip tips recipe idea ideas new improved now then always never every each some many most few several one two three four five six seven eight nine ten first second third during between into onto over out up down off again also just still yet only even very more less much such same like as well plus around near back front side top bottom
. range free-range cage barn pasture fed grass wild caught line sustainable sustainably origin country made packed produced manufactured distributed imported exported bottled canned grown harvested picked milled ground baked fried grilled boiled toasted popped puffed crisped extruded enriched fortified instant quick easy ready meal meals pot bowl tray pouch sachet tin jar bottle carton box bag wrapper sleeve film recycle recyclable recycled widely store stored storing keep kept refrigerate freeze defrost thaw thawed reheat heat oven microwave hob simmer stir serve serves portion portions size typical approx approximately
. enhancer enhancers bulking anticaking anti-caking improver improvers propellant sequestrant firming foaming carrier acidulant additive additives
. ltd limited gmbh inc llc plc co company corp corporation bv srl spa sa sarl ag oy ab as street road avenue lane park estate house unit floor po box postcode www http https com org net tel telephone email contact helpline careline batch lot code number serial iso haccp brc halal kosher parve pareve fssc registered trademark
. lemongrass galangal teff sorghum amaranth quinoa buckwheat-free edta disodium ethylenediaminetetraacetate calcium tetraacetate sulphur-free copper iron zinc manganese iodine selenium chromium molybdenum biotin pantothenic pantothenate choline inositol carnitine taurine folate cobalamin menaquinone phylloquinone retinol retinyl acetate pyridoxine niacinamide palmitate ergocalciferol tricalcium dicalcium monocalcium tripotassium trisodium pyrophosphate hexametaphosphate erythritol mannitol isomalt maltitol polydextrose allulose stevioside glycosides acesulfame saccharin neotame advantame thaumatin monk lohan arabic tragacanth karaya tara gellan curdlan pullulan cassia konjac agarose alginic propylene glycol ester esters mono- diglycerides polysorbate sorbitan polyglycerol polyricinoleate sucrose glucose fructose dextrose galactose isoglucose treacle jaggery panela muscovado demerara turbinado date nectar beet chicory endive radicchio rocket arugula watercress chard kohlrabi okra artichoke asparagus rhubarb plum prune cranberries blueberry blueberries blackberry blackcurrant currants gooseberry elderflower cherry cherries lychee guava passionfruit papaya kiwi melon watermelon grapefruit-free saffron sumac zaatar asafoetida ajwain fennel anise star allspice juniper mace tarragon chervil marjoram savory hyssop curry leaf leaves galangal wasabi horseradish
`);
