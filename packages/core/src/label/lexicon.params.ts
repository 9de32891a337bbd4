import type { AllergenId } from '../allergen/allergen.js';

/**
 * How a word on a label speaks of an allergen. `contains`: it is named. `derived`: it is made from it, or holds it by its usual
 * recipe. `ask`: it often comes from it and the word does not say.
 */
export type WordKind = 'contains' | 'derived' | 'ask';

export interface LexiconRow {
  readonly allergens: readonly AllergenId[];
  readonly kind: WordKind;
  /** Words and phrases, lower case, without plural endings where a plain s makes the plural. */
  readonly terms: readonly string[];
  readonly because: string;
}

const holds = (allergens: readonly AllergenId[], terms: string, because: string): LexiconRow => ({
  allergens,
  kind: 'contains',
  terms: terms.split(', '),
  because,
});
const madeFrom = (allergens: readonly AllergenId[], terms: string, because: string): LexiconRow => ({
  ...holds(allergens, terms, because),
  kind: 'derived',
});
const askAbout = (allergens: readonly AllergenId[], terms: string, because: string): LexiconRow => ({
  ...holds(allergens, terms, because),
  kind: 'ask',
});

/**
 * English words of food labels. One row a reason; another language is another table of the same shape.
 * @source names used on packs by the two legal lists (S-09, S-10) and what derived ingredients are made from (S-16)
 */
export const englishLexicon: readonly LexiconRow[] = [
  // milk
  holds(['milk'], 'milk, skimmed milk, semi-skimmed milk, whole milk, milk powder, skimmed milk powder, whole milk powder, dried milk, dry milk, nonfat milk, non-fat milk, milk solid, milk fat, milkfat, milk protein, condensed milk, evaporated milk, malted milk, milk chocolate, milkshake, dairy', 'it is named milk'),
  holds(['milk', 'cow-milk'], 'cow’s milk, cow milk, cows’ milk', 'it is cow’s milk'),
  holds(['milk', 'goat-milk'], 'goat’s milk, goat milk, goats’ milk, goat’s cheese, goat cheese, goats’ cheese, chèvre, chevre', 'goat’s milk is milk'),
  holds(['milk', 'sheep-milk'], 'sheep’s milk, sheep milk, ewe’s milk, ewe milk, sheep’s cheese, sheep cheese, pecorino, roquefort', 'sheep’s milk is milk'),
  holds(['milk', 'buffalo-milk'], 'buffalo milk, buffalo mozzarella', 'buffalo milk is milk'),
  madeFrom(['milk'], 'whey, whey powder, whey protein, whey permeate, casein, caseinate, sodium caseinate, calcium caseinate, potassium caseinate, rennet casein, lactose, lactalbumin, lactoglobulin, lactitol, milk permeate, curd, curds, e966', 'it is made from milk'),
  madeFrom(['milk'], 'butter, buttermilk, butterfat, butter oil, butter fat, ghee, cream, single cream, double cream, whipping cream, sour cream, soured cream, crème fraîche, creme fraiche, clotted cream, cream powder, half and half, custard powder, dulce de leche, cultured cream', 'it is made from milk'),
  madeFrom(['milk'], 'cheese, cream cheese, cheese powder, cheddar, mozzarella, parmesan, parmigiano, grana padano, feta, halloumi, paneer, ricotta, mascarpone, quark, emmental, gruyere, gouda, edam, brie, camembert, cottage cheese, blue cheese, stilton, provolone, kefir, yogurt, yoghurt, skyr, labneh, ice cream', 'it is made from milk'),
  askAbout(['milk'], 'nougat, caramel, caramel flavour, toffee, fudge, white chocolate, chocolate, dark chocolate, ganache, pesto, béchamel, bechamel', 'it is often made with milk'),
  askAbout(['milk'], 'lactic acid starter, starter culture, cheese culture, cheese flavour, cheese flavouring, butter flavour, butter flavouring, natural butter flavour, cream flavour', 'it may be made from milk'),
  // egg
  holds(['egg'], 'egg, whole egg, egg white, egg yolk, dried egg, egg powder, liquid egg, pasteurised egg, pasteurized egg, free range egg, free-range egg', 'it is named egg'),
  madeFrom(['egg'], 'albumen, albumin, ovalbumin, ovomucoid, lysozyme, e1105, egg lecithin, lecithin (egg), meringue, mayonnaise, mayo, aioli, hollandaise, egg noodle, egg pasta, eggnog', 'it is made with egg'),
  // fish, crustaceans, molluscs
  holds(['fish'], 'fish, anchovy, anchovies, cod, tuna, salmon, haddock, mackerel, sardine, herring, trout, pollock, hake, sea bass, bonito, swordfish, eel, tilapia', 'it is a fish'),
  madeFrom(['fish'], 'fish sauce, nam pla, fish oil, fish gelatine, fish gelatin, isinglass, caviar, fish roe, dashi, worcester sauce, worcestershire sauce, surimi, fish extract', 'it is made with fish'),
  holds(['crustacean'], 'crustacean, prawn, shrimp, crab, lobster, crayfish, langoustine, scampi, krill', 'it is a crustacean'),
  madeFrom(['crustacean'], 'shrimp paste, belacan, prawn cracker, crab stick, chitosan, glucosamine (crustacean)', 'it is made from crustaceans'),
  holds(['mollusc'], 'mollusc, mollusk, mussel, oyster, squid, calamari, clam, scallop, octopus, cuttlefish, snail, abalone, cockle, whelk', 'it is a mollusc'),
  madeFrom(['mollusc'], 'oyster sauce, squid ink, oyster extract', 'it is made from molluscs'),
  // peanut, soya, sesame
  holds(['peanut'], 'peanut, groundnut, monkey nut, ground nut, peanut butter, peanut flour, peanut protein', 'it is named peanut'),
  madeFrom(['peanut'], 'peanut oil, groundnut oil, arachis oil, arachis, arachide, satay sauce', 'it is made from peanut'),
  holds(['soya'], 'soya, soy, soybean, soya bean, soy bean, soyabean, soya milk, soy milk, soymilk, soya drink, soy drink, soya flour, soy flour, soya protein, soy protein, soy protein isolate, soya protein isolate, soya protein concentrate, soy protein concentrate, edamame', 'it is named soya'),
  madeFrom(['soya'], 'tofu, tempeh, bean curd, soybean curd, okara, natto, yuba, miso, miso paste, white miso, red miso, tamari, soya lecithin, soy lecithin, lecithin (soya), lecithin (soy), soya oil, soybean oil, soya sauce, hydrolysed soya protein, hydrolyzed soy protein, soya yogurt, soya yoghurt, soy yogurt', 'it is made from soya'),
  madeFrom(['soya', 'wheat'], 'soy sauce, shoyu, teriyaki sauce, hoisin sauce, soya sauce powder, soy sauce powder', 'it is made from soya and, as a rule, wheat'),
  askAbout(['barley'], 'miso, miso paste, red miso', 'miso is often made with barley'),
  askAbout(['soya', 'egg'], 'lecithin, lecithins, e322', 'lecithin comes from soya, sunflower or egg, and the word does not say'),
  askAbout(['soya'], 'textured vegetable protein, tvp, vegetable protein, hydrolysed vegetable protein, hydrolyzed vegetable protein, hvp, vegetable oil, vegetable broth powder, plant protein, textured protein', 'it is often made from soya'),
  askAbout(['wheat'], 'hydrolysed vegetable protein, hydrolyzed vegetable protein, hvp, textured vegetable protein, vegetable protein', 'it is often made from wheat'),
  holds(['sesame'], 'sesame, sesame seed, sesame oil, sesame paste, sesame flour, benne, gingelly, sim sim, simsim, til', 'it is sesame'),
  madeFrom(['sesame'], 'tahini, tahina, tahin, halva, halvah, helva, gomasio, gomashio, hummus, houmous, humous, zaatar, za’atar, dukkah', 'it is made with sesame'),
  // celery, mustard, lupin, sulphites
  holds(['celery'], 'celery, celeriac, celery seed, celery salt, celery powder, celery root, celery leaf', 'it is celery'),
  askAbout(['celery'], 'stock, vegetable stock, vegetable broth, vegetable bouillon, bouillon, broth, stock cube, spice, spices, spice mix, spice blend, mixed spice, seasoning, vegetable extract, vegetable powder, curry powder', 'it often holds celery'),
  holds(['mustard'], 'mustard, mustard seed, mustard flour, mustard powder, mustard oil, mustard bran, dijon mustard, mustard green', 'it is mustard'),
  askAbout(['mustard'], 'spice, spices, spice mix, spice blend, mixed spice, seasoning, curry powder, piccalilli, vinaigrette, salad dressing, mayonnaise, mayo, pickle', 'it often holds mustard'),
  holds(['lupin'], 'lupin, lupine, lupini, lupin flour, lupin bean, lupin seed, lupin protein', 'it is lupin'),
  holds(['sulphite'], 'sulphite, sulfite, sulphur dioxide, sulfur dioxide, sodium metabisulphite, sodium metabisulfite, potassium metabisulphite, potassium metabisulfite, metabisulphite, metabisulfite, bisulphite, bisulfite, sodium sulphite, sodium sulfite, so2, e220, e221, e222, e223, e224, e226, e227, e228', 'it is a sulphite'),
  askAbout(['sulphite'], 'wine, white wine, red wine, wine vinegar, white wine vinegar, red wine vinegar, balsamic vinegar, cider, dried apricot, dried fruit, sultana, raisin', 'it is often sulphited'),
  // cereals
  holds(['wheat'], 'wheat, wheat flour, wholewheat, whole wheat, wholemeal wheat flour, wholemeal flour, wheat starch, modified wheat starch, wheat protein, wheat gluten, vital wheat gluten, wheatgerm, wheat germ, wheat bran, wheat fibre, wheat fiber, durum, durum wheat, semolina, durum wheat semolina, graham flour, bread flour, fortified wheat flour', 'it is wheat'),
  holds(['wheat', 'spelt'], 'spelt, spelt flour, dinkel', 'spelt is a wheat'),
  holds(['wheat', 'khorasan'], 'khorasan, khorasan wheat, kamut', 'khorasan is a wheat'),
  madeFrom(['wheat'], 'seitan, bulgur, bulghur, couscous, freekeh, farro, emmer, einkorn, breadcrumb, bread crumb, panko, rusk, bread, pasta, noodle, spaghetti, macaroni, udon, matzo, matzah, biscuit, cracker, filo, puff pastry, pastry, tortilla, wheatgrass, atta, maida, hydrolysed wheat protein, hydrolyzed wheat protein, glucose syrup (wheat), wheat glucose syrup', 'it is made from wheat unless the label says otherwise'),
  holds(['wheat', 'rye'], 'triticale', 'triticale is a cross of wheat and rye'),
  holds(['gluten'], 'gluten', 'gluten is named without its cereal'),
  holds(['rye'], 'rye, rye flour, pumpernickel', 'it is rye'),
  holds(['barley'], 'barley, pearl barley, barley flour, barley malt, barley malt extract, malted barley, barley grass', 'it is barley'),
  madeFrom(['barley'], 'malt, malt extract, malt vinegar, malt syrup, malt flour, malted flour, malt flavouring, malt flavoring, beer, ale, lager, stout, brewer’s yeast, brewers yeast', 'malt and beer come from barley unless the label says otherwise'),
  holds(['oat'], 'oat, rolled oat, oat flour, oat bran, oat fibre, oat fiber, oat drink, oat milk, oatmeal, oat base, oat cream, oat flake, porridge oat, oat syrup', 'it is oat'),
  madeFrom(['oat'], 'muesli, granola', 'it is made with oats as a rule'),
  askAbout(['wheat'], 'flour, starch, modified starch, modified food starch, food starch, thickener (starch), cereal, batter, e1404, e1410, e1412, e1413, e1414, e1420, e1422, e1440, e1442, e1450', 'the plant is not named, and it may be wheat'),
  askAbout(['barley'], 'yeast extract', 'yeast extract is often grown on barley'),
  askAbout(['wheat', 'barley'], 'natural flavouring, natural flavoring, natural flavour, natural flavor, flavouring, flavoring, flavour, flavor, aroma', 'the carrier of a flavouring is not named'),
  askAbout(['milk'], 'natural flavouring, natural flavoring, natural flavour, natural flavor, flavouring, flavoring, flavour, flavor', 'the carrier of a flavouring is not named'),
  // tree nuts
  holds(['tree-nut'], 'tree nut, nut, mixed nut, chopped nut, nut paste, nut butter, nut oil, nut flour', 'the kind of nut is not named'),
  holds(['almond'], 'almond, ground almond, flaked almond, almond flour, almond meal, almond milk, almond drink, almond butter, almond paste, almond protein', 'it is almond'),
  madeFrom(['almond'], 'marzipan, frangipane, amaretti, orgeat, almond oil, almond extract', 'it is made from almond'),
  holds(['hazelnut'], 'hazelnut, filbert, cobnut, hazelnut paste, hazelnut oil, hazelnut drink', 'it is hazelnut'),
  madeFrom(['hazelnut'], 'gianduja, gianduia, praline, praliné, nut nougat', 'it is made from hazelnut as a rule'),
  askAbout(['almond'], 'praline, praliné, amaretto, nougat', 'it is often made with almond'),
  holds(['walnut'], 'walnut, walnut oil', 'it is walnut'),
  holds(['cashew'], 'cashew, cashew nut, cashewnut, cashew milk, cashew butter, cashew cream, cashew paste', 'it is cashew'),
  holds(['pecan'], 'pecan, pecan nut', 'it is pecan'),
  holds(['brazil-nut'], 'brazil nut, brazil, para nut', 'it is Brazil nut'),
  holds(['pistachio'], 'pistachio, pistachio nut, pistachio paste', 'it is pistachio'),
  holds(['macadamia'], 'macadamia, macadamia nut, queensland nut', 'it is macadamia'),
  holds(['pine-nut'], 'pine nut, pine kernel, pignoli, pinoli, pinenut', 'it is pine nut'),
  holds(['chestnut'], 'chestnut, sweet chestnut, chestnut flour, marron', 'it is chestnut'),
  askAbout(['pine-nut', 'cashew'], 'pesto', 'it is usually made with pine nut or cashew'),
  askAbout(['tree-nut'], 'shea nut, argan oil, liqueur', 'it may come from a tree nut'),
  // compound foods, by their usual recipe
  madeFrom(['wheat'], 'burger bun, bun, baguette, ciabatta, brioche, naan, pitta, pita bread, croissant, bagel, flour tortilla, wrap, cracker, pretzel, crouton, filo, filo pastry, phyllo, puff pastry, shortcrust pastry, pastry, ramen, ramen noodle, lasagne, lasagna, ravioli, tortellini, tagliatelle, penne, fusilli, linguine, spring roll wrapper, wonton wrapper, tempura, tempura batter, breading, crumb coating, cake, sponge cake, muffin, pancake, waffle, scone, pizza base, pizza dough, shortbread, wafer, gingerbread, pie crust, dumpling wrapper, yorkshire pudding', 'it is made of wheat by its usual recipe'),
  madeFrom(['egg'], 'brioche, tartare sauce, tartar sauce, caesar dressing, quiche, lemon curd, egg custard, custard tart, béarnaise, bearnaise, sabayon, zabaglione, macaron, sponge cake, pavlova, carbonara, remoulade, thousand island dressing, ranch dressing', 'it is made with egg by its usual recipe'),
  madeFrom(['milk'], 'brioche, croissant, quiche, ranch dressing, blue cheese dressing, caesar dressing, alfredo sauce, carbonara, tzatziki, raita, lassi, tiramisu, panna cotta, custard, ice cream, gelato, cheesecake, béarnaise, bearnaise, mornay sauce, cheese sauce, white sauce, rice pudding, korma sauce, butter chicken sauce, naan', 'it is made with milk by its usual recipe'),
  madeFrom(['fish'], 'caesar dressing, anchovy paste, fish finger, fish cake, fish stick, fish stock, taramasalata, bouillabaisse, kedgeree, bagna cauda, colatura, bottarga, garum, fish paste', 'it is made with fish'),
  madeFrom(['peanut'], 'satay, gado gado sauce, groundnut stew, peanut sauce', 'it is made with peanut'),
  madeFrom(['wheat', 'rye'], 'crispbread, crisp bread, sourdough, sourdough bread, rye bread', 'it is made of wheat or rye'),
  madeFrom(['mustard'], 'honey mustard, mustard sauce, mustard dressing', 'it is made with mustard'),
  askAbout(['fish', 'crustacean'], 'kimchi, laksa paste, thai curry paste, red curry paste, green curry paste, xo sauce, sambal, seafood, seafood extract, seafood flavouring', 'it is often made with fish or shrimp'),
  askAbout(['fish'], 'tapenade, puttanesca, olive paste', 'it is often made with anchovy'),
  askAbout(['fish', 'crustacean', 'mollusc'], 'seafood, shellfish, chowder, paella, surimi sticks', 'it is often of several kinds of seafood'),
  askAbout(['egg', 'milk', 'fish'], 'fined', 'what it was fined with is not said'),
  askAbout(['egg', 'mustard'], 'coleslaw, potato salad, burger sauce, salad cream, sandwich spread, cocktail sauce', 'it is often made with mayonnaise and mustard'),
  askAbout(['wheat', 'celery', 'milk'], 'gravy, gravy granule, gravy powder, sauce mix, soup mix, soup powder, roux, stuffing, savoury seasoning', 'it is often made with flour, celery or milk'),
  askAbout(['wheat'], 'falafel, veggie burger, vegetable burger, meat substitute, plant burger, crispy onion, fried onion, curry sauce, sweet and sour sauce, oyster sauce, black bean sauce, sausage, meatball, haggis, gnocchi, coating, dusting', 'it is often made with wheat'),
  askAbout(['egg'], 'gnocchi, fresh pasta, marshmallow, nougat, mousse, sausage, veggie burger, glaze, royal icing', 'it is often made with egg'),
  askAbout(['milk'], 'margarine, spread, shortening, mashed potato, marshmallow, granola bar, cereal bar, protein bar, curry sauce, veggie burger, crisps, sausage, mousse, icing, frosting, fondant, biscuit, breadcrumb', 'it is often made with milk'),
  askAbout(['tree-nut', 'peanut'], 'trail mix, granola bar, cereal bar, protein bar, marzipan substitute, turrón, turron, brittle, dukkah, mole sauce, romesco, nut-based', 'it is often made with nuts'),
  askAbout(['sesame'], 'falafel, bagel, burger bun, breadstick, grissini, bread, cracker, furikake, stir-fry sauce, poke sauce, wok sauce', 'it often holds sesame'),
  askAbout(['soya'], 'veggie burger, vegetable burger, meat substitute, plant burger, worcester sauce, stir-fry sauce, wok sauce, bread, margarine, black bean sauce', 'it often holds soya'),
  // what households ask about on their own
  holds(['coconut'], 'coconut, coconut oil, coconut milk, coconut cream, coconut drink, desiccated coconut, coconut sugar, creamed coconut, coconut water, copra', 'it is coconut'),
  holds(['sunflower'], 'sunflower, sunflower seed, sunflower oil, sunflower lecithin, sunflower kernel', 'it is sunflower'),
  holds(['pea'], 'pea, pea protein, pea protein isolate, pea starch, pea fibre, pea fiber, split pea, yellow pea, green pea, pea flour', 'it is pea'),
  holds(['chickpea'], 'chickpea, chick pea, garbanzo, garbanzo bean, gram flour, besan, chickpea flour, aquafaba, chickpea protein', 'it is chickpea'),
  madeFrom(['chickpea'], 'hummus, houmous, humous, falafel', 'it is made from chickpea'),
  holds(['bean'], 'white bean, kidney bean, black bean, broad bean, fava bean, faba bean, butter bean, haricot bean, cannellini bean, navy bean, pinto bean, fava bean protein, faba bean protein, lima bean', 'it is a bean'),
  holds(['lentil'], 'lentil, red lentil, lentil flour', 'it is lentil'),
  holds(['hemp'], 'hemp, hemp seed, hemp protein, hemp oil', 'it is hemp'),
  holds(['flax'], 'flax, flaxseed, linseed, flax seed, linseed oil, flaxseed oil', 'it is flax'),
  holds(['pumpkin-seed'], 'pumpkin seed, pumpkin kernel, pepita', 'it is pumpkin seed'),
  holds(['poppy'], 'poppy, poppy seed', 'it is poppy seed'),
  holds(['maize'], 'maize, corn, cornflour, corn starch, cornstarch, maize starch, modified maize starch, modified corn starch, corn syrup, polenta, maltodextrin (maize)', 'it is maize'),
  holds(['rice'], 'rice, rice flour, rice starch, rice syrup, brown rice', 'it is rice'),
  holds(['buckwheat'], 'buckwheat, buckwheat flour', 'it is buckwheat'),
  holds(['potato'], 'potato, potato starch, modified potato starch, potato flake', 'it is potato'),
  holds(['tomato'], 'tomato, tomatoes, tomato paste, tomato purée, tomato puree, tomato powder', 'it is tomato'),
  holds(['pepper'], 'paprika, paprika extract, chilli, chili, cayenne, bell pepper, red pepper, paprika oleoresin', 'it is sweet pepper or chilli'),
  holds(['allium'], 'garlic, onion, onion powder, garlic powder, leek, shallot, chive', 'it is garlic or onion'),
  holds(['mushroom'], 'mushroom, shiitake, porcini', 'it is mushroom'),
  holds(['yeast'], 'yeast, nutritional yeast, yeast extract, dried yeast', 'it is yeast'),
  holds(['citrus'], 'lemon, lime, orange, lemon juice, lemon juice concentrate, lime juice, orange juice, citrus fibre, citrus fiber', 'it is citrus'),
  holds(['alcohol'], 'alcohol, ethanol, rum, brandy, wine, white wine, red wine, beer', 'it holds alcohol'),
  holds(['added-sugar'], 'sugar, cane sugar, glucose syrup, dextrose, fructose, agave syrup, maple syrup, honey, invert sugar, sucrose, brown sugar, syrup', 'it is added sugar'),
  holds(['added-oil'], 'rapeseed oil, canola oil, olive oil, extra virgin olive oil, palm oil, palm fat, shea butter, shea fat, sunflower oil, coconut oil, vegetable oil, vegetable fat, palm kernel oil', 'it is added oil or fat'),
];

/**
 * Names that look like an allergen and hold none of it, or another one. Longest match wins, so each of these hides the word inside it.
 * @source S-16
 */
export const misleadingNames: readonly {
  readonly terms: readonly string[];
  /** What it really holds; empty for none of the listed. */
  readonly holds: readonly AllergenId[];
  readonly because: string;
}[] = [
  { terms: ['cocoa butter', 'cacao butter', 'shea butter', 'mango butter', 'apple butter', 'kokum butter'], holds: [], because: 'a butter by name: a plant fat or fruit, no milk' },
  { terms: ['peanut butter'], holds: ['peanut'], because: 'a butter by name: peanut, no milk' },
  { terms: ['almond butter'], holds: ['almond'], because: 'a butter by name: almond, no milk' },
  { terms: ['cashew butter'], holds: ['cashew'], because: 'a butter by name: cashew, no milk' },
  { terms: ['nut butter'], holds: ['tree-nut'], because: 'a butter by name: nuts, no milk' },
  { terms: ['sunflower butter', 'sunflower seed butter'], holds: ['sunflower'], because: 'a butter by name: sunflower seed, no milk' },
  { terms: ['butter bean', 'butter beans'], holds: ['bean'], because: 'a bean; no milk' },
  { terms: ['butternut', 'butternut squash', 'butter lettuce', 'butterhead'], holds: [], because: 'a vegetable; no milk, no nut' },
  { terms: ['plant butter', 'vegan butter', 'dairy-free butter', 'vegan cheese', 'plant cheese', 'dairy-free cheese', 'vegan mozzarella', 'vegan cheddar', 'vegan parmesan', 'vegan feta', 'vegan cream cheese', 'vegan yogurt', 'vegan cream', 'plant cream'], holds: [], because: 'a plant version by name; “vegan” says nothing about traces' },
  { terms: ['vegan mayonnaise', 'egg-free mayonnaise', 'vegan mayo', 'egg free mayonnaise', 'egg-free mayo'], holds: [], because: 'made without egg; it may hold mustard or soya' },
  { terms: ['coconut milk', 'coconut cream', 'coconut drink', 'coconut yogurt', 'coconut yoghurt', 'creamed coconut', 'coconut milk powder'], holds: ['coconut'], because: 'coconut, no milk of an animal' },
  { terms: ['almond milk', 'almond drink'], holds: ['almond'], because: 'almond, no milk of an animal' },
  { terms: ['cashew milk', 'cashew cream', 'cashew cheese'], holds: ['cashew'], because: 'cashew, no milk of an animal' },
  { terms: ['hazelnut milk'], holds: ['hazelnut'], because: 'hazelnut, no milk of an animal' },
  { terms: ['nut milk', 'nut cheese'], holds: ['tree-nut'], because: 'nuts, no milk of an animal' },
  { terms: ['oat milk', 'oat cream', 'oat yogurt', 'oat yoghurt'], holds: ['oat'], because: 'oat, no milk of an animal' },
  { terms: ['soya milk', 'soy milk', 'soya yogurt', 'soya yoghurt', 'soy yogurt', 'soya cream', 'soy cream', 'soy cheese', 'soya cheese'], holds: ['soya'], because: 'soya, no milk of an animal' },
  { terms: ['rice milk', 'rice cream'], holds: ['rice'], because: 'rice, no milk of an animal' },
  { terms: ['pea milk'], holds: ['pea'], because: 'pea, no milk of an animal' },
  { terms: ['hemp milk'], holds: ['hemp'], because: 'hemp, no milk of an animal' },
  { terms: ['cream of tartar', 'milk thistle', 'cream of coconut', 'milk of magnesia', 'cream cracker', 'lactic acid', 'e270', 'calcium lactate', 'sodium lactate', 'lactate', 'stearoyl lactylate', 'sodium stearoyl lactylate', 'lactobacillus', 'lactylate'], holds: [], because: 'named after milk or cream, made without it' },
  { terms: ['bean curd', 'soybean curd'], holds: ['soya'], because: 'a curd of soya, no milk' },
  { terms: ['buckwheat', 'buckwheat flour'], holds: ['buckwheat'], because: 'no wheat in spite of its name' },
  { terms: ['nutmeg', 'doughnut', 'donut', 'tiger nut', 'tigernut', 'water chestnut', 'soy nut', 'nutritional yeast'], holds: [], because: 'no nut in spite of its name' },
  { terms: ['coconut', 'coconut oil'], holds: ['coconut'], because: 'no tree nut by today’s lists; older US labels counted it as one' },
  { terms: ['of which sugars', 'total sugars', 'sugars', 'added sugars'], holds: [], because: 'a row of the nutrition table' },
  { terms: ['oyster mushroom', 'oyster mushrooms'], holds: ['mushroom'], because: 'a mushroom, no mollusc' },
  { terms: ['eggplant', 'egg plant'], holds: [], because: 'a vegetable, no egg' },
  { terms: ['maltodextrin', 'maltitol', 'maltose', 'isomalt'], holds: [], because: 'named after malt, made from starch; the plant is asked about only where wheat is named' },
  { terms: ['glucose syrup', 'dextrose', 'wheat glucose syrup'], holds: ['added-sugar'], because: 'refined from starch; exempt from the wheat rule of the EU list' },
  { terms: ['rice noodle', 'rice noodles', 'rice pasta', 'glass noodle', 'rice cracker', 'corn tortilla', 'corn pasta'], holds: [], because: 'made without wheat by name' },
  { terms: ['lentil pasta', 'red lentil pasta'], holds: ['lentil'], because: 'made of lentils by name' },
  { terms: ['chickpea pasta'], holds: ['chickpea'], because: 'made of chickpeas by name' },
  { terms: ['corn starch', 'maize starch', 'modified corn starch', 'modified maize starch', 'cornflour', 'corn flour'], holds: ['maize'], because: 'the starch is of maize' },
  { terms: ['potato starch', 'modified potato starch'], holds: ['potato'], because: 'the starch is of potato' },
  { terms: ['rice starch', 'rice flour'], holds: ['rice'], because: 'of rice' },
  { terms: ['tapioca starch', 'modified tapioca starch', 'tapioca flour', 'cassava flour', 'arrowroot flour', 'teff flour', 'millet flour', 'sorghum flour', 'quinoa flour', 'amaranth flour', 'tapioca', 'arrowroot'], holds: [], because: 'of a plant that is on no list' },
  { terms: ['non-dairy creamer', 'non dairy creamer', 'nondairy creamer', 'coffee creamer', 'non-dairy'], holds: [], because: '“non-dairy” may still hold casein: look for it in the list' },
  { terms: ['coconut flour'], holds: ['coconut'], because: 'of coconut' },
  { terms: ['gram flour', 'chickpea flour', 'besan'], holds: ['chickpea'], because: 'of chickpea, not of wheat' },
  { terms: ['pea flour'], holds: ['pea'], because: 'of pea' },
  { terms: ['almond flour'], holds: ['almond'], because: 'of almond' },
  { terms: ['lupin flour'], holds: ['lupin'], because: 'of lupin' },
  { terms: ['sunflower lecithin', 'lecithin (sunflower)', 'sunflower lecithins', 'rapeseed lecithin', 'lecithin (rapeseed)'], holds: [], because: 'the lecithin is named, and not of soya or egg' },
];
