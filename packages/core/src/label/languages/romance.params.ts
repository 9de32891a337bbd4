import { languageOf } from './word-list.js';

/** French, Spanish, Italian and Portuguese. @source names of the legal allergens and their usual derivatives on packs, S-16 */
export const french = languageOf('French', `
milk = lait, lait entier, lait écrémé, lait en poudre, poudre de lait, lait de vache, lait de chèvre, lait de brebis, protéines de lait, protéine de lait, matière grasse laitière, produits laitiers, produit laitier, babeurre, lait concentré
milk < beurre, crème, crème fraîche, lactosérum, petit-lait, petit lait, caséine, caséinate, lactose, fromage, fromage frais, fromage de chèvre, fromage blanc, yaourt, yogourt, kéfir, mascarpone
milk ? caramel, chocolat, chocolat au lait, nougat, pralin
egg = œuf, œufs, oeuf, oeufs, jaune d’œuf, blanc d’œuf, jaune d’oeuf, blanc d’oeuf, œuf entier, poudre d’œuf, ovoproduit, ovoproduits
egg < mayonnaise, meringue
fish = poisson, poissons, thon, saumon, anchois, hareng, cabillaud, maquereau
crustacean = crustacé, crustacés, crevette, crevettes, crabe, homard, langouste
mollusc = mollusque, mollusques, moule, moules, huître, huîtres, calmar, escargot, escargots
peanut = arachide, arachides, cacahuète, cacahuètes, beurre de cacahuète, huile d’arachide
soya = soja, fèves de soja, graines de soja, boisson au soja, lécithine de soja, sauce soja, protéines de soja, huile de soja
sesame = sésame, graines de sésame, huile de sésame, purée de sésame
tree-nut = fruits à coque, fruit à coque, fruits à coques
almond = amande, amandes, poudre d’amandes, purée d’amande, pâte d’amande, boisson aux amandes
hazelnut = noisette, noisettes, pâte de noisette
walnut = noix, noix de grenoble, cerneaux de noix
cashew = noix de cajou, cajou, anacarde
pecan = noix de pécan, pécan
brazil-nut = noix du brésil
pistachio = pistache, pistaches
macadamia = noix de macadamia
pine-nut = pignon de pin, pignons de pin, pignons
chestnut = châtaigne, châtaignes, marron, marrons
wheat = blé, farine de blé, amidon de blé, gluten de blé, blé dur, semoule de blé, froment, farine de froment, son de blé
wheat < chapelure, pain, pâtes, semoule, boulgour
wheat, spelt = épeautre, farine d’épeautre
gluten = gluten, céréales contenant du gluten
rye = seigle, farine de seigle
barley = orge, malt d’orge, extrait de malt d’orge
barley < malt, extrait de malt, bière
oat = avoine, flocons d’avoine, boisson à l’avoine, farine d’avoine
wheat ? farine, amidon, amidon modifié, fécule
celery = céleri, céleri-rave, graines de céleri, sel de céleri
celery ? bouillon, bouillon de légumes, épices, mélange d’épices
mustard = moutarde, graines de moutarde, farine de moutarde
sulphite = sulfite, sulfites, anhydride sulfureux, métabisulfite, disulfite
sulphite ? vin, vin blanc, vinaigre de vin
lupin = lupin, farine de lupin
wheat, barley ? arôme, arômes, arôme naturel, arômes naturels
coconut ! lait de coco, crème de coco, noix de coco
coconut, added-oil ! huile de coco
almond ! lait d’amande, lait d’amandes
oat ! lait d’avoine
rice ! lait de riz
soya ! lait de soja
! beurre de cacao, beurre de karité, noix de muscade, noix muscade, crème de tartre, acide lactique
buckwheat ! sarrasin, farine de sarrasin, blé noir
maize ! amidon de maïs, fécule de maïs
potato ! fécule de pomme de terre, amidon de pomme de terre
. eau sel sucre huile huiles végétale végétales colza tournesol palme olive ingrédients et avec de du des la le les au aux cacao vinaigre oignon oignons ail tomate tomates riz protéines protéine pois épaississant émulsifiant acidifiant acide citrique jus de citron conservateur colorant antioxydant poivre herbes peut contenir traces contient maïs pomme terre légumes farine riz gomme xanthane guar vitamine vitamines
`);

export const spanish = languageOf('Spanish', `
milk = leche, leche entera, leche desnatada, leche en polvo, proteína de leche, proteínas de leche, leche de vaca, leche de cabra, leche de oveja, grasa láctea, lácteos, productos lácteos, sólidos lácteos
milk < mantequilla, nata, crema de leche, suero de leche, suero lácteo, suero, caseína, caseinato, lactosa, queso, queso fresco, yogur, kéfir, cuajada, requesón
milk ? caramelo, chocolate con leche, turrón, dulce
egg = huevo, huevos, yema, yema de huevo, clara de huevo, huevo en polvo, ovoproducto
egg < mayonesa, merengue
fish = pescado, pescados, atún, salmón, anchoa, anchoas, boquerón, bacalao, sardina, sardinas
crustacean = crustáceo, crustáceos, gamba, gambas, camarón, camarones, langostino, langostinos, cangrejo, langosta
mollusc = molusco, moluscos, mejillón, mejillones, almeja, almejas, calamar, calamares, ostra, ostras, pulpo
peanut = cacahuete, cacahuetes, cacahuate, maní, crema de cacahuete
soya = soja, soya, habas de soja, bebida de soja, lecitina de soja, salsa de soja, proteína de soja, aceite de soja
sesame = sésamo, semillas de sésamo, ajonjolí, aceite de sésamo
tree-nut = frutos de cáscara, frutos secos, fruto seco, nueces variadas
almond = almendra, almendras, harina de almendra, bebida de almendra, mazapán
hazelnut = avellana, avellanas
walnut = nuez, nueces, nuez de nogal
cashew = anacardo, anacardos, marañón, nuez de la india
pecan = pacana, pacanas, nuez pecana, nueces pecanas
brazil-nut = nuez de brasil, nueces de brasil, castaña de pará
pistachio = pistacho, pistachos, alfóncigo, alfóncigos
macadamia = nuez de macadamia, nueces de macadamia
pine-nut = piñón, piñones
chestnut = castaña, castañas
wheat = trigo, harina de trigo, almidón de trigo, gluten de trigo, trigo duro, sémola de trigo, salvado de trigo
wheat < pan rallado, sémola, pasta alimenticia
wheat, spelt = espelta, harina de espelta
gluten = gluten, cereales que contienen gluten
rye = centeno, harina de centeno
barley = cebada, malta de cebada, extracto de malta de cebada
barley < malta, extracto de malta, cerveza
oat = avena, copos de avena, bebida de avena, harina de avena
wheat ? harina, almidón, almidón modificado
celery = apio, apio nabo, semillas de apio
celery ? caldo, caldo de verduras, especias, mezcla de especias
mustard = mostaza, semillas de mostaza, harina de mostaza
sulphite = sulfito, sulfitos, dióxido de azufre, anhídrido sulfuroso, metabisulfito sódico
sulphite ? vino, vino blanco, vinagre de vino
lupin = altramuz, altramuces, harina de altramuz
wheat, barley ? aroma, aromas, aroma natural, aromas naturales
coconut ! leche de coco, crema de coco, nata de coco, nuez de coco
coconut, added-oil ! aceite de coco
almond ! leche de almendras, leche de almendra
oat ! leche de avena
rice ! leche de arroz
soya ! leche de soja
! manteca de cacao, mantequilla de cacao, manteca de karité, nuez moscada, crémor tártaro, ácido láctico
buckwheat ! alforfón, trigo sarraceno, harina de trigo sarraceno
maize ! almidón de maíz, harina de maíz
. agua sal azúcar aceite aceites vegetal vegetales girasol colza palma oliva ingredientes y con de del la el las los cacao vinagre cebolla ajo tomate tomates arroz proteína proteínas guisante espesante emulgente acidulante ácido cítrico zumo jugo limón conservador conservante colorante antioxidante pimienta hierbas puede contener trazas contiene maíz patata fécula verduras goma xantana guar vitamina vitaminas
`);

export const italian = languageOf('Italian', `
milk = latte, latte intero, latte scremato, latte in polvere, latte vaccino, latte di capra, latte di pecora, proteine del latte, proteine di latte, latticini, latticello
milk < burro, panna, crema di latte, siero di latte, siero, caseina, caseinato, lattosio, formaggio, formaggio fresco, ricotta, mozzarella, parmigiano, yogurt, kefir, mascarpone
milk ? caramello, cioccolato, cioccolato al latte, torrone
egg = uovo, uova, tuorlo, tuorlo d’uovo, albume, albume d’uovo, uova in polvere, uova intere
egg < maionese, meringa, pasta all’uovo
fish = pesce, pesci, tonno, salmone, acciuga, acciughe, alici, merluzzo, sardine
crustacean = crostaceo, crostacei, gambero, gamberi, gamberetti, granchio, aragosta, scampi
mollusc = mollusco, molluschi, cozza, cozze, vongola, vongole, calamaro, calamari, ostrica, ostriche, polpo
peanut = arachide, arachidi, burro di arachidi, olio di arachidi
soya = soia, soja, semi di soia, bevanda di soia, lecitina di soia, salsa di soia, proteine di soia, olio di soia
sesame = sesamo, semi di sesamo, olio di sesamo
tree-nut = frutta a guscio, frutta secca a guscio, frutta secca
almond = mandorla, mandorle, farina di mandorle, pasta di mandorle, marzapane, bevanda di mandorla
hazelnut = nocciola, nocciole, pasta di nocciole, granella di nocciole, gianduia
walnut = noce, noci, gherigli di noce
cashew = anacardio, anacardi
pecan = noci pecan, noce pecan
brazil-nut = noci del brasile, noce del brasile
pistachio = pistacchio, pistacchi
macadamia = noci macadamia, noce di macadamia
pine-nut = pinolo, pinoli
chestnut = castagna, castagne
wheat = grano, frumento, farina di frumento, farina di grano tenero, grano tenero, grano duro, semola di grano duro, amido di frumento, glutine di frumento, crusca di frumento
wheat < pangrattato, pane, semola, pasta di semola
wheat, spelt = farro, spelta, farina di farro
gluten = glutine, cereali contenenti glutine
rye = segale, farina di segale
barley = orzo, malto d’orzo, estratto di malto d’orzo
barley < malto, estratto di malto, birra
oat = avena, fiocchi d’avena, bevanda di avena, farina d’avena
wheat ? farina, amido, amido modificato
celery = sedano, sedano rapa, semi di sedano
celery ? brodo, brodo vegetale, spezie, miscela di spezie, dado
mustard = senape, semi di senape, farina di senape
sulphite = solfito, solfiti, anidride solforosa, biossido di zolfo, metabisolfito
sulphite ? vino, vino bianco, aceto di vino
lupin = lupino, lupini, farina di lupini
wheat, barley ? aroma, aromi, aroma naturale, aromi naturali
coconut ! latte di cocco, crema di cocco, noce di cocco
coconut, added-oil ! olio di cocco
almond ! latte di mandorla, latte di mandorle
oat ! latte di avena
rice ! latte di riso
soya ! latte di soia
! burro di cacao, burro di karité, noce moscata, cremor tartaro, acido lattico
buckwheat ! grano saraceno, farina di grano saraceno
maize ! amido di mais, farina di mais
. acqua sale zucchero olio oli vegetale vegetali girasole colza palma oliva ingredienti e con di del della il la le lo gli cacao aceto cipolla aglio pomodoro pomodori riso proteine pisello piselli addensante emulsionante acidificante acido citrico succo limone conservante colorante antiossidante pepe erbe può contenere tracce contiene mais patata fecola verdure gomma xantano guar vitamina vitamine
`);

export const portuguese = languageOf('Portuguese', `
milk = leite, leite em pó, leite inteiro, leite magro, leite de vaca, leite de cabra, leite de ovelha, proteína do leite, proteínas do leite, laticínios, lacticínios, leitelho
milk < manteiga, nata, natas, creme de leite, soro de leite, soro, caseína, caseinato, lactose, queijo, queijo fresco, iogurte, kefir, requeijão
milk ? caramelo, chocolate de leite
egg = ovo, ovos, gema, gema de ovo, clara de ovo, ovo em pó
egg < maionese, merengue
fish = peixe, peixes, atum, salmão, anchova, anchovas, bacalhau, sardinha, sardinhas
crustacean = crustáceo, crustáceos, camarão, camarões, caranguejo, lagosta, gamba
mollusc = molusco, moluscos, mexilhão, mexilhões, amêijoa, amêijoas, lula, lulas, ostra, polvo
peanut = amendoim, amendoins, manteiga de amendoim
soya = soja, grãos de soja, bebida de soja, lecitina de soja, molho de soja, proteína de soja, óleo de soja
sesame = sésamo, sementes de sésamo, gergelim
tree-nut = frutos de casca rija, frutos secos, frutas de casca rija
almond = amêndoa, amêndoas, maçapão, bebida de amêndoa
hazelnut = avelã, avelãs
walnut = noz, nozes
cashew = caju, castanha de caju, castanhas de caju
pecan = noz-pecã, nozes pecãs
brazil-nut = castanha do brasil, castanha do pará
pistachio = pistácio, pistácios, pistache
macadamia = noz de macadâmia, macadâmia
pine-nut = pinhão, pinhões
chestnut = castanha, castanhas
wheat = trigo, farinha de trigo, amido de trigo, glúten de trigo, trigo duro, sêmola de trigo, farelo de trigo
wheat < pão ralado, pão, sêmola
wheat, spelt = espelta
gluten = glúten, cereais que contêm glúten
rye = centeio
barley = cevada, malte de cevada, extrato de malte de cevada
barley < malte, extrato de malte, cerveja
oat = aveia, flocos de aveia, bebida de aveia
wheat ? farinha, amido, amido modificado
celery = aipo, aipo-rábano
celery ? caldo, caldo de legumes, especiarias
mustard = mostarda, sementes de mostarda
sulphite = sulfito, sulfitos, dióxido de enxofre, metabissulfito
sulphite ? vinho, vinho branco, vinagre de vinho
lupin = tremoço, tremoços
wheat, barley ? aroma, aromas, aroma natural
coconut ! leite de coco, noz de coco, creme de coco
coconut, added-oil ! óleo de coco
almond ! leite de amêndoa
oat ! leite de aveia
soya ! leite de soja
! manteiga de cacau, manteiga de karité, noz-moscada, noz moscada, ácido láctico
buckwheat ! trigo sarraceno, trigo mourisco
maize ! amido de milho, farinha de milho
. água sal açúcar óleo óleos vegetal vegetais girassol colza palma azeite oliva ingredientes e com de do da o a os as cacau vinagre cebola alho tomate tomates arroz proteína ervilha espessante emulsionante acidificante ácido cítrico sumo limão conservante corante antioxidante pimenta ervas pode conter vestígios contém milho batata fécula legumes goma xantana guar vitamina vitaminas
`);
