/** Made-up packs: text | what it certainly holds | what it may hold. Realistic, with traps. */
export const spanish = `
Ingredientes: agua, arroz 14 %, aceite de girasol, sal marina. | |
Ingredientes: Tomate triturado 99 %, sal, corrector de acidez: ácido cítrico. | |
Leche de coco: extracto de coco 60 %, agua. | |
Ingredientes: fresas, azúcar, gelificante: pectina, zumo de limón. | |
Ingredientes: Patatas, aceite de girasol, sal. Conservar en lugar fresco y seco. | |
Garbanzos cocidos, agua, sal. Peso escurrido 240 g. | |
Ingredientes: Alubias blancas, agua, sal. | |
Ingredientes: Almidón de maíz. De agricultura ecológica. | |
Ingredientes: Puré de manzana, antioxidante: ácido ascórbico. | |
Ingredientes: aceite de colza, aceite de coco, agua, sal, emulgente: lecitina de girasol, aroma natural, colorante: carotenos. | | gluten
Ingredientes: Harina de trigo sarraceno. Sin gluten. | |
Ingredientes: Pimentón dulce, pimienta negra, comino, cilantro, cúrcuma. | |
Manteca de cacao, azúcar de caña, pasta de cacao. | |
Ingredientes: Levadura nutricional en copos. | |
Ingredientes: Aceite de oliva virgen extra. | |
Ingredientes: Semillas de calabaza tostadas. | |
Ingredientes: Zanahoria, cebolla, ajo, perejil, laurel. | |
Ingredientes: Vinagre de manzana. Consumir preferentemente antes del fin de: ver tapa. | |
Ingredientes: leche entera, sal, cuajo, fermentos lácticos. | milk |
Ingredientes: harina de TRIGO, agua, levadura, harina de CENTENO, sal. | wheat, rye |
Ingredientes: Nata, estabilizante: carragenano. | milk |
Ingredientes: Habas de soja, agua, coagulante. | soya |
Mostaza: agua, semillas de mostaza, vinagre, sal. | mustard |
Mayonesa: aceite de girasol, yema de huevo, vinagre, mostaza. | egg, mustard |
Pasta al huevo: sémola de trigo duro, huevo. | wheat, egg |
Caldo de verduras: sal, extracto de levadura, apio, puerro, zanahoria. | celery | gluten
Crema de cacao: azúcar, avellanas 13 %, leche desnatada en polvo, lecitina de soja. | hazelnut, milk, soya |
Atún, aceite de oliva, sal. | fish |
Gambas, agua, sal. | crustacean |
Ingredientes: Vino blanco (contiene sulfitos). | sulphite |
Orejones de albaricoque, conservador: anhídrido sulfuroso. | sulphite |
Ingredientes: Pasta de sésamo. | sesame |
Ingredientes: Harina de altramuz, harina de espelta. | lupin, wheat |
Ingredientes: Cacahuetes tostados, sal. | peanut |
Ingredientes: Extracto de malta de cebada, copos de avena. | barley, oat |
Ingredientes: Suero de leche en polvo, caseinato sódico. | milk |
Mejillones, calamares, tomate. | mollusc |
Almendras, anacardos, nueces. | almond, cashew, walnut |
Ingredientes: arroz, azúcar, sal. Puede contener trazas de frutos de cáscara y sésamo. | | tree-nut, sesame
Tortitas de maíz. Ingredientes: maíz, sal. Elaborado en una fábrica que utiliza leche y soja. | | milk, soya
Chocolate negro: pasta de cacao, azúcar. Puede contener leche, avellanas y trigo. | | milk, hazelnut, wheat
Sin leche. Avena, agua, sal. | oat |
No contiene gluten. Ingredientes: arroz, maíz, sal. | |
Ingredientes: Leche sin lactosa semidesnatada. | milk |
Bebida de almendra: agua, almendras 3 %, sal marina. | almond |
Ingredientes: Nuez moscada molida. | |
`;

export const portuguese = `
Ingredientes: água, arroz 14 %, óleo de girassol, sal marinho. | |
Ingredientes: Tomate 99 %, sal, regulador de acidez: ácido cítrico. | |
Leite de coco: extrato de coco 60 %, água. | |
Ingredientes: morangos, açúcar, gelificante: pectina, sumo de limão. | |
Ingredientes: Batatas, óleo de girassol, sal. Conservar em local fresco e seco. | |
Ingredientes: Grão-de-bico cozido, água, sal. Peso escorrido 240 g. | |
Ingredientes: Feijão branco, água, sal. | |
Ingredientes: Amido de milho. De agricultura biológica. | |
Ingredientes: Puré de maçã, antioxidante: ácido ascórbico. | |
Óleo de colza, óleo de coco, água, sal, emulsionante: lecitina de girassol, aroma natural, corante: carotenos. | | gluten
Ingredientes: Farinha de trigo sarraceno. Sem glúten. | |
Ingredientes: Colorau, pimenta preta, cominhos, coentros, curcuma. | |
Manteiga de cacau, açúcar, pasta de cacau. | |
Ingredientes: Levedura nutricional em flocos. | |
Ingredientes: Azeite virgem extra. | |
Ingredientes: Sementes de abóbora torradas. | |
Ingredientes: Cenoura, cebola, alho, salsa, louro. | |
Ingredientes: Vinagre de sidra. | |
Ingredientes: leite gordo, sal, coalho, fermentos lácteos. | milk |
Ingredientes: farinha de TRIGO, água, levedura, farinha de CENTEIO, sal. | wheat, rye |
Ingredientes: Natas, estabilizador: carragenina. | milk |
Ingredientes: Sementes de soja, água, coagulante. | soya |
Mostarda: água, sementes de mostarda, vinagre, sal. | mustard |
Maionese: óleo de girassol, gema de ovo, vinagre, mostarda. | egg, mustard |
Massa de ovo: sêmola de trigo duro, ovos. | wheat, egg |
Caldo de legumes: sal, extrato de levedura, aipo, alho francês, cenoura. | celery | gluten
Creme de avelãs: açúcar, avelãs 13 %, leite magro em pó, lecitina de soja. | hazelnut, milk, soya |
Atum, azeite, sal. | fish |
Camarão, água, sal. | crustacean |
Ingredientes: Vinho branco (contém sulfitos). | sulphite |
Ingredientes: Alperces secos, conservante: dióxido de enxofre. | sulphite |
Ingredientes: Pasta de sésamo. | sesame |
Ingredientes: Farinha de tremoço, farinha de espelta. | lupin, wheat |
Ingredientes: Amendoins torrados, sal. | peanut |
Ingredientes: Extrato de malte de cevada, flocos de aveia. | barley, oat |
Ingredientes: Soro de leite em pó, caseinato de sódio. | milk |
Mexilhões, lulas, tomate. | mollusc |
Amêndoas, cajus, nozes. | almond, cashew, walnut |
Ingredientes: Arroz, açúcar, sal. Pode conter vestígios de frutos de casca rija e sésamo. | | tree-nut, sesame
Bolachas de milho: milho, sal. Produzido numa fábrica que utiliza leite e soja. | | milk, soya, gluten
Chocolate preto: pasta de cacau, açúcar. Pode conter leite, avelãs e trigo. | | milk, hazelnut, wheat
Sem leite. Aveia, água, sal. | oat |
Não contém glúten. Ingredientes: arroz, milho, sal. | |
Ingredientes: Leite sem lactose meio-gordo. | milk |
Bebida de amêndoa: água, amêndoas 3 %, sal marinho. | almond |
Ingredientes: Noz-moscada moída. | |
`;
