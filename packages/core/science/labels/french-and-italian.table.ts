/** Made-up packs: text | what it certainly holds | what it may hold. Realistic, with traps. */
export const french = `
Ingrédients : eau, riz 13 %, huile de tournesol, sel marin. | |
Ingrédients : tomates (98 %), sel, acidifiant : acide citrique. | |
Lait de coco : extrait de noix de coco 60 %, eau. | |
Ingrédients : fraises, sucre de canne, gélifiant : pectines de fruits, jus de citron concentré. Préparée avec 55 g de fruits pour 100 g. | |
Ingrédients: Pommes de terre, huile de tournesol, sel. À conserver au sec et à l’abri de la lumière. | |
Ingrédients : pois chiches, eau, sel. Poids net égoutté 265 g. | |
Ingrédients: Haricots blancs cuits, eau, sel. | |
Ingrédients: Fécule de maïs. Issu de l’agriculture biologique. | |
Ingrédients: Purée de pommes, antioxydant : acide ascorbique. Sans sucres ajoutés. | |
Ingrédients : huile de colza, huile de coco, eau, sel, émulsifiant : lécithine de tournesol, arôme naturel, colorant : caroténoïdes. | | gluten
Ingrédients: Farine de sarrasin, sans gluten. | |
Paprika doux, poivre noir, cumin, coriandre, curcuma. | |
Beurre de cacao, sucre, pâte de cacao, vanille. | |
Levure en paillettes. Ingrédients: levure inactive. | |
Ingrédients: Huile d’olive vierge extra. À consommer de préférence avant le : voir bouchon. | |
Ingrédients: Graines de courge grillées, sel. | |
Ingrédients: Carottes, oignons, ail, persil, thym, laurier. | |
Ingrédients: Vinaigre de cidre. | |
Ingrédients : lait entier, sel, ferments lactiques, présure. | milk |
Ingrédients : farine de BLÉ, eau, levure, farine de SEIGLE, sel. | wheat, rye |
Ingrédients: Crème fraîche épaisse, ferments lactiques. | milk |
Ingrédients : graines de soja, eau, coagulant : chlorure de magnésium. | soya |
Moutarde de Dijon : eau, graines de moutarde, vinaigre, sel, conservateur : disulfite de potassium. | mustard, sulphite |
Mayonnaise : huile de colza 70 %, jaune d’œuf, vinaigre, moutarde. | egg, mustard |
Pâtes aux œufs : semoule de blé dur, œufs 20 %. | wheat, egg |
Bouillon de légumes : sel, extrait de levure, céleri, poireau, carotte. | celery | gluten
Pâte à tartiner : sucre, huile de palme, noisettes 13 %, lait écrémé en poudre, cacao, émulsifiant : lécithine de soja. | hazelnut, milk, soya |
Thon au naturel : thon, eau, sel. | fish |
Ingrédients: Crevettes roses cuites, sel. | crustacean |
Ingrédients: Vin blanc (contient des sulfites), échalotes. | sulphite |
Ingrédients: Abricots secs, conservateur : anhydride sulfureux. | sulphite |
Ingrédients: Purée de sésame complet. | sesame |
Ingrédients: Farine de lupin, farine d’épeautre. | lupin, wheat |
Beurre de cacahuètes : cacahuètes grillées, sel. | peanut |
Ingrédients: Extrait de malt d’orge, flocons d’avoine. | barley, oat |
Ingrédients: Lactosérum en poudre, caséinate de sodium. | milk |
Moules, calamars, tomates. | mollusc |
Ingrédients: Amandes blanchies, noix de cajou. | almond, cashew |
Ingrédients : riz, sucre, sel. Peut contenir des traces de fruits à coque et de sésame. | | tree-nut, sesame
Galettes de maïs : maïs, sel. Fabriqué dans un atelier qui utilise du lait et du soja. | | milk, soya
Chocolat noir : pâte de cacao, sucre. Traces éventuelles de lait, de noisettes et de blé. | | milk, hazelnut, wheat
Sans lait. Avoine, eau, huile de tournesol, sel. | oat |
Ne contient pas de gluten. Ingrédients: riz, maïs, sel. | |
Ingrédients: Lait sans lactose demi-écrémé. | milk |
Boisson à l’amande : eau, amandes 3 %, sel de mer. | almond |
Ingrédients: Noix de muscade moulue. | |
Ingrédients: Noix de cajou grillées. Peut contenir d’autres fruits à coque. | cashew | tree-nut
`;

export const italian = `
Ingredienti: acqua, riso 14 %, olio di semi di girasole, sale marino. | |
Ingredienti: Polpa di pomodoro 99 %, correttore di acidità: acido citrico. | |
Latte di cocco: estratto di cocco 60 %, acqua. | |
Ingredienti: fragole, zucchero, gelificante: pectina, succo di limone. | |
Ingredienti: Patate, olio di girasole, sale. Conservare in luogo fresco e asciutto. | |
Ingredienti: Ceci, acqua, sale. Peso sgocciolato 240 g. | |
Ingredienti: Fagioli cannellini, acqua, sale. | |
Ingredienti: Amido di mais. Da agricoltura biologica. | |
Ingredienti: Purea di mela, antiossidante: acido ascorbico. | |
Ingredienti: olio di colza, olio di cocco, acqua, sale, emulsionante: lecitina di girasole, aromi naturali, colorante: caroteni. | | gluten
Ingredienti: Farina di grano saraceno, senza glutine. | |
Ingredienti: Paprica dolce, pepe nero, cumino, coriandolo, curcuma. | |
Burro di cacao, zucchero di canna, pasta di cacao. | |
Ingredienti: Lievito alimentare in scaglie. | |
Ingredienti: Olio extra vergine di oliva. | |
Ingredienti: Semi di zucca tostati. | |
Ingredienti: Carote, cipolla, aglio, prezzemolo, rosmarino. | |
Ingredienti: Aceto di mele. Da consumarsi preferibilmente entro la data indicata. | |
Ingredienti: latte intero, sale, caglio, fermenti lattici. | milk |
Ingredienti: farina di FRUMENTO, acqua, lievito, farina di SEGALE, sale. | wheat, rye |
Ingredienti: Panna, correttore di acidità. | milk |
Ingredienti: Semi di soia, acqua, coagulante. | soya |
Senape: acqua, semi di senape, aceto, sale. | mustard |
Maionese: olio di semi di girasole, tuorlo d’uovo, aceto, senape. | egg, mustard |
Pasta all’uovo: semola di grano duro, uova. | wheat, egg |
Brodo vegetale: sale, estratto di lievito, sedano, carota, cipolla. | celery | gluten
Crema spalmabile: zucchero, nocciole 13 %, latte scremato in polvere, lecitina di soia. | hazelnut, milk, soya |
Tonno, olio di oliva, sale. | fish |
Gamberi, acqua, sale. | crustacean |
Ingredienti: Vino bianco (contiene solfiti). | sulphite |
Ingredienti: Albicocche secche, conservante: anidride solforosa. | sulphite |
Ingredienti: Crema di sesamo. | sesame |
Ingredienti: Farina di lupini, farina di farro. | lupin, wheat |
Ingredienti: Arachidi tostate, sale. | peanut |
Ingredienti: Estratto di malto d’orzo, fiocchi d’avena. | barley, oat |
Ingredienti: Siero di latte in polvere, caseinato di sodio. | milk |
Cozze, calamari, pomodori. | mollusc |
Mandorle, anacardi, pistacchi. | almond, cashew, pistachio |
Ingredienti: riso, zucchero, sale. Può contenere tracce di frutta a guscio e sesamo. | | tree-nut, sesame
Gallette di mais. Ingredienti: mais, sale. Prodotto in uno stabilimento che utilizza latte e soia. | | milk, soya
Cioccolato fondente: pasta di cacao, zucchero. Può contenere latte, nocciole e frumento. | | milk, hazelnut, wheat
Senza latte. Avena, acqua, sale. | oat |
Non contiene glutine. Ingredienti: riso, mais, sale. | |
Ingredienti: Latte senza lattosio. | milk |
Bevanda alla mandorla: acqua, mandorle 3 %, sale marino. | almond |
Ingredienti: Noce moscata macinata. | |
`;
