/**
 * What else packs name, by language, in the lines of `languageOf`: things that households avoid though no law lists them, compound foods, and names
 * that mislead. @source names on packs, S-16
 */
export const moreWordsOf: Readonly<Record<string, string>> = {
  German: `
wheat ? kekse, keks, gebäck, kuchen, teig, blätterteig
pea = erbse, erbsen, erbsenprotein, erbseneiweiß, erbsenmehl, erbsenstärke, erbsenfaser
chickpea = kichererbse, kichererbsen, kichererbsenmehl
lentil = linse, linsen, linsenmehl, rote linsen
bean = bohne, bohnen, kidneybohnen, weiße bohnen, ackerbohnen, ackerbohnenprotein
maize = mais, maismehl, maisstärke, maisgrieß, maiswaffeln
rice = reis, reismehl, reisstärke, reisdrink, reissirup
potato = kartoffel, kartoffeln, kartoffelstärke, kartoffelflocken, kartoffelmehl
tomato = tomate, tomaten, tomatenmark, tomatensaft, tomatenpulver
pepper = paprika, paprikapulver, chili, chilis, cayennepfeffer, peperoni
allium = knoblauch, knoblauchpulver, zwiebel, zwiebeln, zwiebelpulver, lauch, porree, schnittlauch, schalotte, schalotten, bärlauch
mushroom = pilz, pilze, champignon, champignons, steinpilz, steinpilze, shiitake
yeast = hefe, hefeflocken, trockenhefe
yeast, barley ? hefeextrakt
citrus = zitrone, zitronen, zitronensaft, zitronensaftkonzentrat, limette, limettensaft, orange, orangen, orangensaft
sunflower = sonnenblumenkerne, sonnenblumenöl, sonnenblumenlecithin, sonnenblumenlecithine
pumpkin-seed = kürbiskerne, kürbiskernöl
flax = leinsamen, leinsaat, leinöl
poppy = mohn, mohnsamen
hemp = hanf, hanfsamen, hanfmehl
coconut = kokosnussextrakt, kokosextrakt, kokosnussmilch, kokosblütenzucker
alcohol = alkohol, wein, weißwein, rotwein, rum, weinbrand
added-oil = rapsöl, sonnenblumenöl, olivenöl, palmöl, palmfett, pflanzenöl, kokosfett, kokosöl
added-sugar = zucker, rohrzucker, rohrohrzucker, invertzucker, glukosesirup, glucosesirup, dextrose, fruktose, honig, agavendicksaft, ahornsirup
tree-nut = schalenfrüchten, nüssen, nusscreme
wheat, spelt ~ dinkel
milk = milchbestandteile
soya = lecithine (soja, lecithin (soja, lecithine (sojabohnen
egg = lecithine (ei, lecithin (ei
! pektin, eiersatz, ei-ersatz, ei-alternative, natriumsulfat, kupfersulfat, magnesiumsulfat, calciumsulfat
fish, soya ? worcestersauce, worcestershiresauce
milk < tsatsiki, tzatziki
crustacean, fish ? currypaste`,
  Dutch: `
wheat ? koekjes, koek, deeg, bladerdeeg
wheat < beschuit, griesmeel
milk < vla
pea = erwt, erwten, erwteneiwit, erwtenzetmeel
chickpea = kikkererwt, kikkererwten, kikkererwtenmeel
lentil = linzen, linzenmeel
bean = boon, bonen, witte bonen, kidneybonen
maize = maïs, maïszetmeel, maïsmeel, maïswafels
rice = rijst, rijstmeel, rijstebloem, rijstzetmeel
potato = aardappel, aardappelen, aardappelzetmeel
tomato = tomaat, tomaten, tomatenpuree, tomatensap
pepper = paprika, chilipeper, cayennepeper
allium = knoflook, knoflookpoeder, ui, uien, uienpoeder, prei, bieslook, sjalot
mushroom = champignon, champignons, paddenstoel, paddenstoelen
yeast = gist, gistvlokken
yeast, barley ? gistextract
citrus = citroen, citroensap, citroensapconcentraat, limoensap, sinaasappel, sinaasappelsap
sunflower = zonnebloempitten, zonnebloemolie, zonnebloemlecithine
pumpkin-seed = pompoenpitten
flax = lijnzaad, lijnzaadolie
poppy = maanzaad
hemp = hennep, hennepzaad
coconut = kokosextract, kokosvet, kokosolie
alcohol = alcohol, wijn, witte wijn, rode wijn
added-oil = koolzaadolie, zonnebloemolie, olijfolie, palmvet, palmolie, kokosvet, kokosolie
added-sugar = suiker, rietsuiker, glucosestroop, fructose, honing
milk = karnemelkpoeder, mageremelkpoeder, vollemelkpoeder
celery, wheat ? bouillonblokje, bouillon
wheat < noedels
milk ? chocolade`,
  French: `
wheat ? biscuit, gâteau, gâteaux, gaufre, pâte feuilletée
milk < chantilly
pea = pois, petits pois, protéine de pois, protéines de pois, amidon de pois
chickpea = pois chiche, pois chiches, farine de pois chiches
lentil = lentille, lentilles
bean = haricot, haricots, haricots blancs, haricots rouges, fève, fèves
maize = maïs, farine de maïs, amidon de maïs, fécule de maïs
rice = riz, farine de riz, amidon de riz
potato = pomme de terre, pommes de terre, fécule de pomme de terre
tomato = tomate, tomates, concentré de tomate, purée de tomate
pepper = poivron, poivrons, paprika, piment, piments
allium = ail, oignon, oignons, poireau, poireaux, échalote, échalotes, ciboulette
mushroom = champignon, champignons, cèpe, cèpes
yeast = levure, levures
yeast, barley ? extrait de levure, extraits de levure
citrus = citron, citrons, jus de citron, orange, oranges, jus d’orange
sunflower = tournesol, huile de tournesol, graines de tournesol, lécithine de tournesol
pumpkin-seed = graines de courge
flax = lin, graines de lin
poppy = pavot, graines de pavot
hemp = chanvre
coconut = coco, huile de coco, extrait de noix de coco
alcohol = alcool, vin, vin blanc, vin rouge
added-oil = huile de colza, huile d’olive, huile de palme, huile de tournesol, huile de coco
added-sugar = sucre, sucre de canne, sirop de glucose, fructose, dextrose, miel
milk = crème fraîche, crème de lait
milk ? chocolat
fish = tarama
! pâte de, pâte à tartiner, crème de marrons, crème de coco, sans lactose`,
  Italian: `
wheat ? biscotti, biscotto, impasto
milk < crescenza, stracchino
pea = pisello, piselli, proteine di pisello
chickpea = cece, ceci, farina di ceci
lentil = lenticchia, lenticchie
bean = fagiolo, fagioli, fave
maize = mais, farina di mais, amido di mais
rice = riso, farina di riso, amido di riso
potato = patata, patate, fecola di patate
tomato = pomodoro, pomodori, polpa di pomodoro, passata di pomodoro, concentrato di pomodoro
pepper = peperone, peperoni, peperoncino, paprica, paprika
allium = aglio, cipolla, cipolle, porro, scalogno, erba cipollina
mushroom = fungo, funghi
yeast = lievito, lievito alimentare
yeast, barley ? estratto di lievito
citrus = limone, limoni, succo di limone, arancia, arance
sunflower = girasole, olio di girasole, olio di semi di girasole, lecitina di girasole
pumpkin-seed = semi di zucca
flax = semi di lino, lino
poppy = semi di papavero
hemp = canapa
coconut = cocco, estratto di cocco, olio di cocco
alcohol = alcol, vino, vino bianco, vino rosso
added-oil = olio di colza, olio di oliva, olio extra vergine di oliva, olio di palma, olio di girasole, olio di semi di girasole, olio di cocco
added-sugar = zucchero, zucchero di canna, sciroppo di glucosio, fruttosio, miele
milk = crema di latte
sesame = crema di sesamo
hazelnut = crema di nocciole
milk < besciamella
milk ? cioccolato, crema spalmabile
! pasta di cacao, pasta di, senza lattosio, crema di cocco`,
  Spanish: `
wheat < pan, hojaldre
wheat ? masa, galleta, galletas, bizcocho, bizcochos, tarta, empanada
added-sugar = mosto
pea = guisante, guisantes, proteína de guisante
chickpea = garbanzo, garbanzos, harina de garbanzo
lentil = lenteja, lentejas
bean = alubia, alubias, judías, habas, frijol, frijoles
maize = maíz, harina de maíz, almidón de maíz
rice = arroz, harina de arroz
potato = patata, patatas, fécula de patata
tomato = tomate, tomates, tomate triturado
pepper = pimiento, pimientos, pimentón, chile, guindilla
allium = ajo, cebolla, cebollas, puerro, cebollino
mushroom = champiñón, champiñones, seta, setas
yeast = levadura, levadura nutricional
yeast, barley ? extracto de levadura
citrus = limón, zumo de limón, naranja, zumo de naranja, lima
sunflower = girasol, aceite de girasol, lecitina de girasol
pumpkin-seed = semillas de calabaza
flax = lino, semillas de lino
poppy = amapola, semillas de amapola
hemp = cáñamo
coconut = coco, extracto de coco, aceite de coco
alcohol = alcohol, vino, vino blanco, vino tinto
added-oil = aceite de colza, aceite de oliva, aceite de oliva virgen extra, aceite de palma, aceite de girasol, aceite de coco
added-sugar = azúcar, azúcar de caña, jarabe de glucosa, fructosa, miel
soya = habas de soja
milk ? chocolate, crema de cacao
! en polvo, pimentón dulce, pasta de, trigo sarraceno, harina de trigo sarraceno, sin lactosa, crema de coco`,
  Portuguese: `
wheat ? biscoitos, biscoito, bolo
added-sugar = mel
pea = ervilha, ervilhas, proteína de ervilha
chickpea = grão-de-bico, farinha de grão-de-bico
lentil = lentilha, lentilhas
bean = feijão, feijões, favas
maize = milho, farinha de milho, amido de milho
rice = arroz, farinha de arroz
potato = batata, batatas, fécula de batata
tomato = tomate, tomates
pepper = pimento, pimentos, colorau, malagueta, piripíri
allium = alho, cebola, cebolas, alho francês, cebolinho
mushroom = cogumelo, cogumelos
yeast = levedura, levedura nutricional
yeast, barley ? extrato de levedura
citrus = limão, sumo de limão, laranja
sunflower = girassol, óleo de girassol, lecitina de girassol
pumpkin-seed = sementes de abóbora
flax = linhaça, sementes de linhaça
poppy = papoila
hemp = cânhamo
coconut = coco, extrato de coco, óleo de coco
alcohol = álcool, vinho, vinho branco, vinho tinto
added-oil = óleo de colza, azeite, óleo de palma, óleo de girassol, óleo de coco
added-sugar = açúcar, açúcar de cana, xarope de glucose, frutose
milk = natas
hazelnut = creme de avelãs
wheat ? massa, bolacha, bolachas
milk ? chocolate
! pasta de, massa de cacau, trigo sarraceno, farinha de trigo sarraceno, sem lactose, creme de coco, noz-moscada`,
  Polish: `
wheat ? herbatniki, ciasto, ciastka
milk ? krem
! masa netto, masa kakaowa
pea = groch, groszek, białko grochu
chickpea = ciecierzyca, mąka z ciecierzycy
lentil = soczewica
bean = fasola, bób
maize = kukurydza, skrobia kukurydziana, mąka kukurydziana
rice = ryż, mąka ryżowa
potato = ziemniak, ziemniaki, skrobia ziemniaczana
tomato = pomidor, pomidory, koncentrat pomidorowy
pepper = papryka, chili
allium = czosnek, cebula, por, szczypiorek
mushroom = pieczarki, grzyby
yeast = drożdże, płatki drożdżowe
yeast, barley ? ekstrakt drożdżowy
citrus = cytryna, sok z cytryny, pomarańcza
sunflower = słonecznik, olej słonecznikowy, lecytyna słonecznikowa
pumpkin-seed = pestki dyni
flax = siemię lniane, lniane
poppy = mak
hemp = konopie
coconut = kokos, ekstrakt z kokosa, olej kokosowy
alcohol = alkohol, wino, wino białe
added-oil = olej rzepakowy, oliwa, oliwa z oliwek, olej słonecznikowy, olej kokosowy, olej palmowy
added-sugar = cukier, cukier trzcinowy, syrop glukozowy, fruktoza, miód
sesame = sezamowa, pasta sezamowa, sezamowy
lupin = łubinowa, mąka łubinowa, białko łubinu
egg = jajeczny, makaron jajeczny
barley = słodu jęczmiennego, słód jęczmienny, jęczmiennego
mollusc = kalmary, kalmar
milk ? czekolada
! pasta z, bez laktozy`,
  Czech: `
wheat ? sušenky, těsto, pečivo
milk ? krém
pea = hrách, hrášek, hrachová bílkovina
chickpea = cizrna, cizrnová mouka
lentil = čočka
bean = fazole, boby
maize = kukuřice, kukuřičný škrob, kukuřičná mouka
rice = rýže, rýžová mouka
potato = brambory, brambor, bramborový škrob
tomato = rajče, rajčata, rajčatový protlak
pepper = paprika, chilli
allium = česnek, cibule, pórek, pažitka
mushroom = žampiony, houby
yeast = droždí, lahůdkové droždí
yeast, barley ? kvasničný extrakt, kvasnicový extrakt
citrus = citron, citronová šťáva, pomeranč
sunflower = slunečnice, slunečnicový olej, slunečnicový lecitin
pumpkin-seed = dýňová semínka
flax = lněné semínko, lněná semínka
poppy = mák
hemp = konopí
coconut = kokos, kokosový extrakt, kokosový olej
alcohol = alkohol, víno, bílé víno
added-oil = řepkový olej, olivový olej, slunečnicový olej, kokosový olej, palmový olej
added-sugar = cukr, třtinový cukr, glukózový sirup, fruktóza, med
sesame = sezamová, sezamová pasta, sezamový
mollusc = slávky, slávka, olihně, oliheň
barley = ječného sladu
soya = sójové boby
milk ? čokoláda
! bezlaktózové`,
  Swedish: `
wheat ? kex, kaka, kakor, deg
milk ? kräm
pea = ärta, ärtor, ärtprotein
chickpea = kikärta, kikärter, kikärtsmjöl
lentil = linser
bean = böna, bönor, vita bönor
maize = majs, majsstärkelse, majsmjöl
rice = ris, rismjöl
potato = potatis, potatisstärkelse, potatismjöl
tomato = tomat, tomater, tomatpuré
pepper = paprika, chili, cayennepeppar
allium = vitlök, lök, purjolök, gräslök, schalottenlök
mushroom = champinjon, champinjoner, svamp
yeast = jäst, näringsjäst
yeast, barley ? jästextrakt
citrus = citron, citronsaft, apelsin
sunflower = solrosfrön, solrosolja, solroslecitin
pumpkin-seed = pumpafrön, pumpakärnor
flax = linfrön, linfrö
poppy = vallmofrön
hemp = hampa
coconut = kokos, kokosextrakt, kokosolja
alcohol = alkohol, vin, vitt vin
added-oil = rapsolja, olivolja, solrosolja, kokosolja, palmolja
added-sugar = socker, rörsocker, glukossirap, fruktos, honung
wheat, spelt = dinkelmjöl, speltmjöl
egg < majonnäs
tree-nut = nötkräm
milk ? choklad`,
  Danish: `
wheat ? kiks, kage, dej, mel
wheat < semulje
milk < ymer
milk ? creme
pea = ært, ærter, ærteprotein
chickpea = kikærter, kikærtemel
lentil = linser
bean = bønne, bønner, hvide bønner
maize = majs, majsstivelse, majsmel
rice = ris, rismel
potato = kartoffel, kartofler, kartoffelstivelse, kartoffelmel
tomato = tomat, tomater, tomatpuré
pepper = paprika, chili
allium = hvidløg, løg, porre, purløg, skalotteløg
mushroom = champignon, champignoner, svampe
yeast = gær, gærflager
yeast, barley ? gærekstrakt
citrus = citron, citronsaft, appelsin
sunflower = solsikkekerner, solsikkeolie, solsikkelecithin
pumpkin-seed = græskarkerner
flax = hørfrø
poppy = birkes
hemp = hamp
coconut = kokos, kokosekstrakt, kokosolie
alcohol = alkohol, vin, hvidvin
added-oil = rapsolie, olivenolie, solsikkeolie, kokosolie, palmeolie
added-sugar = sukker, rørsukker, glukosesirup, fruktose, honning
fish = tun
tree-nut = nøddecreme
egg = æggepasta
egg < mayonnaise
milk ? chokolade`,
  Norwegian: `
wheat ? kjeks, kake, deig, mel
milk < krem
pea = ert, erter, erteprotein
chickpea = kikerter, kikertmel
lentil = linser
bean = bønne, bønner, hvite bønner
maize = mais, maisstivelse, maismel
rice = ris, rismel
potato = potet, poteter, potetstivelse, potetmel
tomato = tomat, tomater, tomatpuré
pepper = paprika, chili
allium = hvitløk, løk, purre, gressløk, sjalottløk
mushroom = sjampinjong, sopp
yeast = gjær, gjærflak
yeast, barley ? gjærekstrakt
citrus = sitron, sitronsaft, appelsin
sunflower = solsikkefrø, solsikkeolje, solsikkelecitin
pumpkin-seed = gresskarkjerner
flax = linfrø
poppy = valmuefrø
hemp = hamp
coconut = kokos, kokosekstrakt, kokosolje
alcohol = alkohol, vin, hvitvin
added-oil = rapsolje, olivenolje, solsikkeolje, kokosolje, palmeolje
added-sugar = sukker, rørsukker, glukosesirup, fruktose, honning
soya = soyabønner, soyabønne, soyalecitin, soyaprotein
soya ~ soya
egg < majones
tree-nut = nøttekrem
milk ? sjokolade`,
  Finnish: `
wheat ? keksi, keksit, taikina, jauho
wheat < mannaryyni
pea = herne, herneproteiini, herneet
chickpea = kikherne, kikherneet, kikhernejauho
lentil = linssi, linssit
bean = papu, pavut, härkäpapu
maize = maissi, maissitärkkelys, maissijauho
rice = riisi, riisijauho
potato = peruna, perunatärkkelys
tomato = tomaatti, tomaattipyree, tomaattisose
pepper = paprika, chili
allium = valkosipuli, sipuli, purjo, ruohosipuli
mushroom = herkkusieni, sieni, sienet
yeast = hiiva, ravintohiiva
yeast, barley ? hiivauute
citrus = sitruuna, sitruunamehu, appelsiini
sunflower = auringonkukansiemen, auringonkukkaöljy, auringonkukkalesitiini
pumpkin-seed = kurpitsansiemen, kurpitsansiemeniä
flax = pellavansiemen
poppy = unikonsiemen
hemp = hamppu
coconut = kookos, kookosuute, kookosöljy
alcohol = alkoholi, viini, valkoviini
added-oil = rypsiöljy, oliiviöljy, auringonkukkaöljy, kookosöljy, palmuöljy
added-sugar = sokeri, ruokosokeri, glukoosisiirappi, fruktoosi, hunaja
egg = keltuainen, kananmunan keltuainen, munapasta
sesame = seesamitahna, seesamia
sesame ~ seesami
wheat, spelt = spelttijauho, spelttihiutale
milk = natriumkaseinaatti, kaseinaatti
mollusc = kalmari
sulphite = sulfiitteja
milk ? suklaa
! kaakaovoi, laktoositon, maidoton, gluteeniton`,
};
