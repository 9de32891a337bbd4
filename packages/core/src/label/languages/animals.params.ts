/** Cured and mixed meats: of the animal, and often with what binds and seasons them. */
const cured = (animal: string, words: string): string =>
  `${animal} = ${words}\nmilk, egg, soya, gluten, celery, mustard, sulphite ? ${words}`;

/**
 * What packs call what comes from animals: meat by kind, gelatine, honey, insects, and what may be of an animal or of a plant, in the lines of
 * `languageOf`. Plant flesh is called meat in some languages, which is no meat. @source names on packs as remembered, S-22; additives by their E numbers
 */
export const animalWords: Readonly<Record<string, string>> = {
  English: `
meat = meat, meats, mince, minced meat, meat extract, animal fat, mutton tallow, tallow, suet, dripping, collagen, offal, bone phosphate, mechanically separated meat, oleo
${cured('meat', 'sausage, sausages, hot dog, frankfurter, pâté, pate')}
${cured('meat', 'haggis')}
pork = pork, pork fat, lard, pork gelatine, pork gelatin, crackling, pork rind, porcine, lardo, chicharron
${cured('pork', 'bacon, ham, gammon, pancetta, prosciutto, guanciale, speck, lardons, lardon, chorizo, salami, pepperoni, nduja, mortadella, black pudding, serrano, capicola, andouille, bratwurst')}
beef = beef, beef fat, beef extract, beef tallow, veal, bovine, beef gelatine, beef gelatin
${cured('beef', 'corned beef, pastrami, bresaola, biltong')}
${cured('beef', 'jerky')}
poultry = chicken, chicken fat, chicken extract, poultry, duck, duck fat, goose, goose fat, schmaltz, foie gras
poultry ? turkey
lamb-or-game = lamb, mutton, goat meat, venison, rabbit, hare, boar, wild boar, horse meat, horsemeat
gelatine = gelatine, gelatin, e441, hydrolysed collagen, hydrolyzed collagen, collagen peptides, aspic
honey = honey, honeycomb, royal jelly, propolis, mead
insect = carmine, cochineal, carminic acid, e120, shellac, confectioner's glaze, confectioners glaze, confectioner’s glaze, e904, beeswax, e901, crimson lake, natural red 4
animal-origin ? rennet, animal rennet, enzyme, enzymes, cheese enzymes, pepsin, lipase, e471, e472, e472a, e472b, e472c, e472d, e472e, e472f, e473, e474, e475, e476, e477, e479b, e481, e482, e483, e491, e492, e493, e494, e495, e570, e572, e430, e431, e432, e433, e434, e435, e436, monoglyceride, monoglycerides, diglycerides, mono and diglycerides, mono- and diglycerides, glycerine, glycerin, glycerol, e422, stearic acid, stearate, magnesium stearate, e627, e631, e635, disodium inosinate, disodium guanylate, cholecalciferol, vitamin d3, d3, lanolin, e913, cysteine, l-cysteine, l cysteine, e920, e921
animal-origin = animal rennet, calf rennet, animal enzymes
! vegetable rennet, microbial rennet, vegetarian rennet, vegan rennet, fungal rennet, non animal rennet, plant glycerine, vegetable glycerine, vegetable glycerin, vegetable glycerol, vegetable stearic acid, vegetable magnesium stearate, vegan gelatine, vegan gelatin, vegetable gelatine, vegetable gelatin, vegan d3, vegan vitamin d3, lichen vitamin d3, jackfruit meat, vegan honey, lamb's lettuce, lambs lettuce, lamb’s lettuce
tree-nut ! nut meat, nut meats, nutmeats
walnut ! walnut meat, walnut meats
coconut ! coconut meat, coconut flesh
mushroom ! chicken of the woods, hen of the woods
wheat ? vegetable suet, vegetarian suet
`,
  German: `
meat = fleisch, hackfleisch, fleischextrakt, talg, tierisches fett, tierische fette, leber, kollagen
${cured('meat', 'wurst, würstchen, wurstwaren, leberwurst')}
pork = schwein, schweine, schweinefleisch, schweinefett, schmalz, schweineschmalz, griebenschmalz, schweinegelatine
${cured('pork', 'speck, schinken, schinkenwürfel, bauchspeck, salami, mettwurst, bratwurst, kassler, schweinespeck')}
beef = rindfleisch, rinderfett, rindertalg, kalb, kalbfleisch, rindergelatine
poultry = huhn, hühnerfleisch, hühnerfett, hähnchen, hähnchenfleisch, geflügel, geflügelfleisch, pute, putenfleisch, truthahn, ente, entenfett, gans, gänsefett, gänseschmalz
lamb-or-game = lamm, lammfleisch, hammel, hirsch, kaninchen, pferdefleisch
gelatine = gelatine, speisegelatine, gelantine
honey = honig, bienenhonig, blütenhonig
insect = karmin, echtes karmin, cochenille, schellack, bienenwachs
animal-origin ? lab, tierisches lab, kälberlab, labaustauschstoff, mono- und diglyceride, mono und diglyceride, diglyceride, speisefettsäuren, glycerin, enzyme, cholecalciferol
! fruchtfleisch, pflanzliches lab, mikrobielles lab, mikrobieller labaustauschstoff, pflanzliches glycerin, vegane gelatine
coconut ! kokosfleisch
tomato ! fleischtomate, fleischtomaten
`,
  French: `
meat = viande, viandes, viande hachée, extrait de viande, suif, graisse animale, graisses animales, foie, collagène
${cured('meat', 'saucisse, saucisses, saucisson, charcuterie, pâté')}
pork = porc, porcs, viande de porc, graisse de porc, saindoux, lard, gélatine de porc
${cured('pork', 'jambon, lardons, lard fumé, poitrine fumée, andouille, andouillette, boudin noir, chorizo, rillettes')}
beef = bœuf, boeuf, viande de bœuf, graisse de bœuf, veau, gélatine de bœuf, gélatine bovine
poultry = volaille, poulet, poule, dinde, canard, graisse de canard, graisse d'oie, graisse d’oie, foie gras
lamb-or-game = agneau, mouton, gibier, lapin, cerf, sanglier
gelatine = gélatine, gelatine alimentaire, gélatine alimentaire
honey = miel, gelée royale
insect = carmin, carmins, cochenille, gomme-laque, gomme laque, cire d'abeille, cire d’abeille
animal-origin ? présure, présure animale, mono et diglycérides, mono- et diglycérides, diglycérides, glycérine, glycérol, enzymes, cholécalciférol
! présure végétale, présure microbienne, gélatine végétale, glycérine végétale
`,
  Spanish: `
meat = carne, carnes, carne picada, extracto de carne, sebo, grasa animal, grasas animales, hígado, colágeno
${cured('meat', 'salchicha, salchichas, embutido')}
pork = cerdo, carne de cerdo, grasa de cerdo, manteca de cerdo, gelatina de cerdo, chicharrón
${cured('pork', 'jamón, jamon, tocino, panceta, bacón, chorizo, lomo, morcilla, sobrasada')}
beef = ternera, vacuno, carne de vacuno, buey, carne de res, gelatina de vacuno
poultry = pollo, carne de pollo, gallina, pavo, pato, ave, aves
lamb-or-game = cordero, caza, conejo, ciervo, jabalí
gelatine = gelatina, gelatina alimentaria
honey = miel, miel de abeja, jalea real
insect = carmín, carmin, cochinilla, goma laca, cera de abeja
animal-origin ? cuajo, cuajo animal, mono y diglicéridos, monoglicéridos, diglicéridos, glicerina, glicerol, enzimas, colecalciferol
! cuajo vegetal, cuajo microbiano, gelatina vegetal, glicerina vegetal, carne de membrillo, dulce de membrillo
coconut ! carne de coco
added-sugar ! miel de caña, miel de agave
`,
  Italian: `
meat = carne, carni, carne macinata, estratto di carne, sego, grasso animale, grassi animali, fegato, collagene
${cured('meat', 'salsiccia, salsicce, würstel, ragù di carne')}
pork = maiale, suino, suini, carne di suino, carne suina, grasso suino, strutto, sugna, lardo, gelatina di suino
${cured('pork', 'prosciutto, prosciutto cotto, prosciutto crudo, pancetta, guanciale, salame, mortadella, speck, cotechino')}
beef = manzo, bovino, carne bovina, vitello, gelatina bovina
${cured('beef', 'bresaola')}
poultry = pollo, carne di pollo, gallina, tacchino, anatra, pollame, faraona
lamb-or-game = agnello, selvaggina, coniglio, cervo, cinghiale, montone
gelatine = gelatina, gelatina alimentare, colla di pesce
honey = miele, pappa reale
insect = carminio, cocciniglia, gommalacca, cera d'api, cera d’api
animal-origin ? caglio, caglio animale, mono e digliceridi, mono- e digliceridi, digliceridi, glicerina, glicerolo, enzimi, colecalciferolo
! caglio vegetale, caglio microbico, gelatina vegetale, glicerina vegetale
`,
  Dutch: `
meat = vlees, gehakt, vleesextract, talg, dierlijk vet, dierlijke vetten, collageen
${cured('meat', 'worst, worstjes, rookworst')}
pork = varken, varkensvlees, varkensvet, reuzel, varkensgelatine
${cured('pork', 'spek, spekjes, ham, bacon, chorizo, salami')}
beef = rund, rundvlees, rundvet, rundergelatine, kalf, kalfsvlees
poultry = kip, kippenvlees, kipfilet, kippenvet, gevogelte, kalkoen, eend, eendenvet, gans
lamb-or-game = lam, lamsvlees, schaap, konijn, hert, paard, paardenvlees
gelatine = gelatine, voedingsgelatine
honey = honing, bijenhoning
insect = karmijn, cochenille, schellak, bijenwas
animal-origin ? stremsel, dierlijk stremsel, lebferment, mono- en diglyceriden, mono en diglyceriden, diglyceriden, glycerine, glycerol, enzymen, cholecalciferol
! vruchtvlees, plantaardig stremsel, microbieel stremsel, vegetarisch stremsel, plantaardige glycerine, plantaardige gelatine
coconut ! kokosvlees
`,
  Portuguese: `
meat = carne, carnes, carne picada, extrato de carne, sebo, gordura animal, gorduras animais, fígado, salsichas, colagénio, colágeno
${cured('meat', 'salsicha, linguiça')}
pork = porco, suíno, carne de porco, carne suína, banha, banha de porco, gelatina de porco
${cured('pork', 'presunto, fiambre, toucinho, bacon, chouriço')}
beef = bovino, carne de vaca, carne bovina, novilho, vitela, gelatina bovina
poultry = frango, carne de frango, galinha, pato, aves, ganso
poultry ? peru
lamb-or-game = cordeiro, borrego, caça, coelho, veado, javali
gelatine = gelatina, gelatina alimentar
honey = mel, geleia real
insect = carmim, cochonilha, goma-laca, goma laca, cera de abelha
animal-origin ? coalho, coalho animal, mono e diglicerídeos, mono e diglicéridos, diglicéridos, glicerina, glicerol, enzimas, colecalciferol
! coalho vegetal, coalho microbiano, gelatina vegetal, glicerina vegetal
coconut ! carne de coco
`,
  Polish: `
meat = mięso, mięsa, mięsny, ekstrakt mięsny, łój, tłuszcz zwierzęcy, tłuszcze zwierzęce, wątroba, kolagen
${cured('meat', 'kiełbasa, parówki, wędlina')}
pork = wieprzowina, mięso wieprzowe, wieprzowe, wieprzowy, wieprzowa, tłuszcz wieprzowy, smalec, słonina, żelatyna wieprzowa
${cured('pork', 'boczek, szynka, skwarki, kabanosy')}
beef = wołowina, mięso wołowe, wołowe, wołowy, wołowa, łój wołowy, cielęcina, żelatyna wołowa
poultry = kurczak, mięso z kurczaka, kura, drób, drobiowe, drobiowy, drobiowa, indyk, kaczka, gęś, tłuszcz drobiowy
lamb-or-game = jagnięcina, baranina, dziczyzna, królik, sarna, dzik, konina
gelatine = żelatyna, żelatyna spożywcza
honey = miód, miód pszczeli, miodu
insect = karmin, koszenila, szelak, wosk pszczeli
animal-origin ? podpuszczka, podpuszczka zwierzęca, mono- i diglicerydy, mono i diglicerydy, diglicerydy, gliceryna, glicerol, enzymy, cholekalcyferol
! podpuszczka roślinna, podpuszczka mikrobiologiczna, żelatyna roślinna, gliceryna roślinna
`,
  Czech: `
meat = maso, masný, masový, masový extrakt, lůj, živočišný tuk, živočišné tuky, játra, kolagen
${cured('meat', 'klobása, párky')}
pork = vepřové, vepřový, vepřová, vepřové maso, vepřové sádlo, sádlo, škvarky, vepřová želatina
${cured('pork', 'slanina, šunka, špek')}
beef = hovězí, hovězí maso, hovězí lůj, telecí, hovězí želatina
poultry = kuře, kuřecí, kuřecí maso, drůbež, drůbeží, krůta, krůtí, kachna, kachní, husa, husí, slepice, slepičí
lamb-or-game = jehněčí, skopové, zvěřina, králík, jelen, kanec, koňské
gelatine = želatina, jedlá želatina
honey = med, včelí med
insect = karmín, košenila, šelak, včelí vosk
animal-origin ? syřidlo, živočišné syřidlo, mono- a diglyceridy, mono a diglyceridy, diglyceridy, glycerin, glycerol, enzymy, cholekalciferol
! rostlinné syřidlo, mikrobiální syřidlo, rostlinná želatina, rostlinný glycerin
`,
  Swedish: `
meat = kött, köttfärs, köttextrakt, talg, animaliskt fett, kollagen
${cured('meat', 'korv')}
pork = fläsk, fläskkött, griskött, ister, svinister, svingelatin
${cured('pork', 'bacon, skinka, sidfläsk, salami')}
beef = nötkött, oxkött, nötfett, kalv, kalvkött
poultry = kyckling, kycklingkött, kycklingfett, fågel, höns, kalkon, anka, gås
lamb-or-game = lamm, lammkött, vilt, älg, kanin, hästkött
gelatine = gelatin, livsmedelsgelatin
honey = honung
insect = karmin, cochenill, shellack, bivax
animal-origin ? löpe, ostlöpe, animalisk löpe, mono- och diglycerider, mono och diglycerider, diglycerider, glycerin, glycerol, enzymer, kolekalciferol
! fruktkött, vegetabilisk löpe, mikrobiell löpe, vegetabiliskt glycerin
coconut ! kokoskött
`,
  Danish: `
meat = kød, hakket kød, kødekstrakt, talg, animalsk fedt, kollagen
${cured('meat', 'pølse, pølser')}
pork = svin, svinekød, svinefedt, flæsk, grisekød, svinegelatine
${cured('pork', 'bacon, skinke, salami')}
beef = okse, oksekød, oksefedt, kalv, kalvekød
poultry = kylling, kyllingekød, kyllingefedt, fjerkræ, høns, kalkun, andefedt, gås
lamb-or-game = lam, lammekød, vildt, kanin, hestekød
gelatine = gelatine, husblas
honey = honning
insect = karmin, cochenille, shellak, bivoks
animal-origin ? osteløbe, løbe, animalsk osteløbe, mono- og diglycerider, mono og diglycerider, diglycerider, glycerin, glycerol, enzymer, cholecalciferol
! frugtkød, vegetabilsk osteløbe, mikrobiel osteløbe, vegetabilsk glycerin
coconut ! kokoskød
`,
  Norwegian: `
meat = kjøtt, kjøttdeig, kjøttekstrakt, talg, animalsk fett, kollagen
${cured('meat', 'pølse, pølser')}
pork = svin, svinekjøtt, svinefett, smult, flesk, grisekjøtt, svinegelatin
${cured('pork', 'bacon, skinke, salami')}
beef = storfe, storfekjøtt, oksekjøtt, okse, kalv, kalvekjøtt
poultry = kylling, kyllingkjøtt, kyllingfett, fjærfe, høne, kalkun, andefett, gås
lamb-or-game = lam, lammekjøtt, vilt, elg, kanin
gelatine = gelatin
honey = honning
insect = karmin, cochenille, skjellakk, bivoks
animal-origin ? løype, osteløype, animalsk løype, mono- og diglyserider, mono og diglyserider, diglyserider, glyserin, glyserol, enzymer, kolekalsiferol
! fruktkjøtt, vegetabilsk løype, mikrobiell løype, vegetabilsk glyserin
coconut ! kokoskjøtt
`,
  Finnish: `
meat = liha, lihaa, jauheliha, lihauute, tali, eläinrasva, eläinrasvaa, maksa, kollageeni
${cured('meat', 'makkara, nakki')}
pork = sika, sianliha, sianlihaa, porsas, porsaanliha, laardi, ihra, siangelatiini
${cured('pork', 'pekoni, kinkku, salami')}
beef = nauta, naudanliha, naudanlihaa, naudanrasva, vasikka, vasikanliha
poultry = kana, kananliha, kananlihaa, broileri, broilerinliha, siipikarja, kalkkuna, ankka, hanhi
lamb-or-game = lammas, lampaanliha, riista, hirvi, poro, poronliha, hevosenliha
gelatine = liivate, gelatiini
honey = hunaja, hunajaa
insect = karmiini, kokenilli, sellakka, mehiläisvaha
animal-origin ? juoksute, juustonjuoksute, eläinperäinen juoksute, mono- ja diglyseridit, mono ja diglyseridit, mono- ja diglyseridejä, glyseriini, glyseroli, entsyymi, entsyymit, kolekalsiferoli
! hedelmäliha, hedelmälihaa, mikrobijuoksute, kasvijuoksute, kasviglyseriini
coconut ! kookosliha
`,
};
