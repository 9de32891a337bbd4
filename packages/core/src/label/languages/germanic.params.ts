import { languageOf } from './word-list.js';

/** German, Dutch, Swedish, Danish and Norwegian. @source names of the legal allergens and their usual derivatives on packs, S-16 */
export const german = languageOf('German', `
milk = milch, vollmilch, magermilch, kuhmilch, milchpulver, vollmilchpulver, magermilchpulver, milcheiweiß, milcheiweiss, milchprotein, milchfett, milchzucker, buttermilch, kondensmilch, milcherzeugnis, milcherzeugnisse, ziegenmilch, schafmilch, schafsmilch
milk < sahne, rahm, schlagsahne, schmand, molke, molkenpulver, süßmolkenpulver, molkeneiweiß, molkenerzeugnis, kasein, natriumkaseinat, laktose, lactose, käse, frischkäse, schmelzkäse, hartkäse, ziegenkäse, schafskäse, quark, topfen, joghurt, jogurt, kefir, butterreinfett, butterschmalz, süßrahmbutter, butterfett
milk ? karamell, nougat, nugat, schokolade, vollmilchschokolade, sahnearoma, butteraroma
egg = ei, eier, vollei, volleipulver, eigelb, eigelbpulver, hühnerei, hühnereiweiß, eiklar, eiklarpulver, eipulver, eiprodukt
egg < mayonnaise, eiernudeln, eierteigwaren, remoulade
egg, milk ? eiweiß, eiweiss, eiweißpulver
fish = fisch, thunfisch, lachs, sardelle, sardellen, anchovis, hering, kabeljau, forelle, makrele
crustacean = krebstier, krebstiere, krebs, garnele, garnelen, hummer, krabbe, krabben, languste
mollusc = weichtier, weichtiere, muschel, muscheln, auster, austern, tintenfisch, schnecke, schnecken
peanut = erdnuss, erdnüsse, erdnuß, erdnussöl, erdnussbutter, erdnussmus, erdnusskerne
soya = soja, sojabohne, sojabohnen, sojadrink, sojamilch, sojalecithin, sojaeiweiß, sojaprotein, sojaöl, sojasauce, sojasoße, sojamehl
soya, egg ? emulgator lecithin, lecithine
sesame = sesam, sesamsamen, sesamöl, sesampaste, sesammus
tree-nut = nuss, nüsse, nuß, schalenfrucht, schalenfrüchte, nussmus, nusskerne
almond = mandel, mandeln, mandelmus, mandelmehl, mandeldrink
almond < marzipan, persipan
hazelnut = haselnuss, haselnüsse, haselnuß, haselnussmark, haselnusskerne
walnut = walnuss, walnüsse, walnuß, walnusskerne
cashew = cashewkern, cashewkerne, cashewnuss, cashewnüsse, kaschunuss, kaschunüsse, cashewmus
pecan = pekannuss, pekannüsse, pecannuss, pecannüsse
brazil-nut = paranuss, paranüsse
pistachio = pistazie, pistazien, pistazienkerne
macadamia = macadamianuss, macadamianüsse, queenslandnuss
pine-nut = pinienkern, pinienkerne
chestnut = esskastanie, esskastanien, marone, maronen, kastanie, kastanien
wheat = weizen, weizenmehl, weizenstärke, weizengluten, weizeneiweiß, weizenkleber, weizengrieß, hartweizen, hartweizengrieß, weizenkleie, weizenkeime, vollkornweizenmehl
wheat < grieß, paniermehl, semmelbrösel, brot, nudeln, teigwaren, zwieback, seitan
wheat, spelt = dinkel, dinkelmehl, grünkern
wheat < einkorn, emmer
gluten = gluten, glutenhaltiges getreide, getreide
rye = roggen, roggenmehl, roggenschrot
barley = gerste, gerstenmalz, gerstenmalzextrakt, gerstenmehl, gerstenflocken
barley < malz, malzextrakt, bier, bierhefe
oat = hafer, haferflocken, haferdrink, haferkleie, hafermehl, hafersahne
wheat ? mehl, stärke, modifizierte stärke
celery = sellerie, knollensellerie, selleriesamen, selleriesaat, selleriesalz
celery ? gemüsebrühe, brühe, suppengrün, gewürz, gewürze, gewürzmischung, würze
mustard = senf, senfsaat, senfkörner, senfmehl, senfsamen, tafelsenf
sulphite = sulfit, sulfite, schwefeldioxid, geschwefelt, natriummetabisulfit, kaliummetabisulfit
sulphite ? wein, weißwein, rotwein, weinessig
lupin = lupine, lupinen, süßlupine, süßlupinen, lupinenmehl, lupineneiweiß
wheat, barley ? aroma, aromen, natürliches aroma
barley ? hefeextrakt
coconut ! kokosmilch, kokosnuss, kokosnüsse, kokosmus, kokoscreme, kokosraspel
coconut, added-oil ! kokosfett, kokosöl
almond ! mandelmilch
oat ! hafermilch
rice ! reismilch
soya ! sojamilch, sojajoghurt, sojasahne
! kakaobutter, sheabutter, muskatnuss, muskatnüsse, butternusskürbis, butternut, eisen, eisbergsalat, milchsäure, weinsteinbackpulver, buttersäure
buckwheat ! buchweizen, buchweizenmehl
! glutenfrei, laktosefrei, eifrei
milk ~ milch, sahne, käse, frischkäse, schmelzkäse, hartkäse, joghurt, molke, quark
wheat ~ weizen
soya ~ soja
almond ~ mandel
hazelnut ~ haselnuss
walnut ~ walnuss
peanut ~ erdnuss
sesame ~ sesam
mustard ~ senf
celery ~ sellerie
fish ~ fisch
oat ~ hafer
rye ~ roggen
barley ~ gerste, gersten
lupin ~ lupine
. wasser salz zucker öl pflanzenöl rapsöl palmöl palmfett pflanzliche pflanzlich fett zutaten kakao kakaomasse gemüse und oder mit aus essig branntweinessig säuerungsmittel zitronensäure emulgator verdickungsmittel farbstoff konservierungsstoff antioxidationsmittel säureregulator kartoffelstärke maisstärke tapiokastärke maltodextrin dextrose glukosesirup glucosesirup erbsenprotein reismehl reis kartoffel kartoffeln mais tomaten tomatenmark zwiebel zwiebeln knoblauch kräuter pfeffer paprika petersilie zitronensaft zitronensaftkonzentrat apfel karotten möhren meersalz jodsalz speisesalz invertzuckersirup hefe wasser trinkwasser enthalten enthält auch andere von der die das in kann spuren nährwerte brennwert kohlenhydrate ballaststoffe davon gesättigte fettsäuren pro je portion vegan bio aus kontrolliert biologischem anbau sonnenblumenöl sonnenblumenkerne leinsamen kürbiskerne olivenöl johannisbrotkernmehl guarkernmehl xanthan pektin calciumcarbonat vitamine beta carotin
`);

export const dutch = languageOf('Dutch', `
milk = melk, volle melk, magere melk, melkpoeder, mageremelkpoeder, melkeiwit, melkvet, karnemelk, koemelk, geitenmelk, schapenmelk, melksuiker
milk < room, slagroom, boter, roomboter, botervet, wei, weipoeder, weieiwit, caseïne, natriumcaseïnaat, lactose, kaas, roomkaas, geitenkaas, kwark, yoghurt, kefir
milk ? karamel, chocolade, melkchocolade, noga
egg = ei, eieren, eigeel, eiwitpoeder, heelei, scharreleieren, eipoeder, kippenei
egg, milk ? eiwit
fish = vis, tonijn, zalm, ansjovis, haring, kabeljauw, makreel
crustacean = schaaldier, schaaldieren, garnaal, garnalen, krab, kreeft
mollusc = weekdier, weekdieren, mossel, mosselen, oester, oesters, inktvis
peanut = pinda, pinda’s, pindakaas, pindaolie, aardnoot, aardnoten
soya = soja, sojabonen, sojaboon, sojadrank, sojamelk, sojalecithine, sojasaus, sojaolie
sesame = sesam, sesamzaad, sesamolie, sesampasta
tree-nut = noten, noot, schaalvruchten
almond = amandel, amandelen, amandelpasta, amandeldrank
almond < amandelspijs, marsepein
hazelnut = hazelnoot, hazelnoten
walnut = walnoot, walnoten
cashew = cashewnoot, cashewnoten
pecan = pecannoot, pecannoten
brazil-nut = paranoot, paranoten
pistachio = pistachenoot, pistachenoten, pistache
macadamia = macadamianoot, macadamianoten
pine-nut = pijnboompit, pijnboompitten
chestnut = kastanje, kastanjes
wheat = tarwe, tarwebloem, tarwemeel, tarwezetmeel, tarwegluten, tarwezemelen, durumtarwe, harde tarwe
wheat, spelt = spelt, speltmeel
gluten = gluten, glutenbevattende granen, granen
rye = rogge, roggemeel
barley = gerst, gerstemout, gerstemoutextract
barley < mout, moutextract, bier
oat = haver, havermout, haverdrank, havermeel
wheat < brood, paneermeel, deegwaren
wheat ? bloem, meel, zetmeel, gemodificeerd zetmeel
celery = selderij, knolselderij, selderijzaad, selderie, bleekselderij
celery ? bouillon, groentebouillon, kruidenmix, specerijen
mustard = mosterd, mosterdzaad, mosterdmeel
sulphite = sulfiet, sulfieten, zwaveldioxide, natriummetabisulfiet
sulphite ? wijn, witte wijn, wijnazijn
lupin = lupine, lupinemeel
wheat, barley ? aroma’s, natuurlijk aroma
coconut ! kokosmelk, kokosnoot, kokosroom
coconut, added-oil ! kokosolie
almond ! amandelmelk
oat ! havermelk
rice ! rijstmelk
! cacaoboter, sheaboter, nootmuskaat, melkzuur, flespompoen, room temperature
peanut ! pindakaas
buckwheat ! boekweit, boekweitmeel
milk ~ melk, kaas, yoghurt
wheat ~ tarwe
soya ~ soja
almond ~ amandel
hazelnut ~ hazelnoot
mustard ~ mosterd
celery ~ selderij
. water zout suiker plantaardige olie koolzaadolie zonnebloemolie palmolie ingrediënten en met van cacao azijn uien ui knoflook tomaten aardappel aardappelzetmeel maïszetmeel rijst erwteneiwit verdikkingsmiddel emulgator zuurteregelaar citroenzuur citroensap conserveermiddel kleurstof antioxidant kruiden peper zeezout kan sporen bevatten bevat
`);

export const swedish = languageOf('Swedish', `
milk = mjölk, mjölkpulver, skummjölkspulver, helmjölk, mjölkprotein, mjölkfett, getmjölk, fårmjölk, kärnmjölk
milk < grädde, gräddpulver, smör, smörfett, vassle, vasslepulver, vassleprotein, kasein, kaseinat, laktos, ost, färskost, getost, yoghurt, kvarg, kefir, filmjölk, crème fraiche
milk ? choklad, mjölkchoklad, kola
egg = ägg, äggula, äggvita, äggpulver, helägg, hönsägg
fish = fisk, tonfisk, lax, ansjovis, sill, torsk
crustacean = kräftdjur, räkor, räka, krabba, hummer, kräfta, kräftor
mollusc = blötdjur, mussla, musslor, ostron, bläckfisk
peanut = jordnöt, jordnötter, jordnötsolja, jordnötssmör
soya = soja, sojabönor, sojaböna, sojadryck, sojalecitin, sojasås, sojaprotein, sojamjölk
sesame = sesam, sesamfrö, sesamfrön, sesamolja
tree-nut = nöt, nötter
almond = mandel, mandlar, mandelmassa, mandeldryck
hazelnut = hasselnöt, hasselnötter
walnut = valnöt, valnötter
cashew = cashewnöt, cashewnötter
pecan = pekannöt, pekannötter
brazil-nut = paranöt, paranötter
pistachio = pistagenöt, pistagenötter, pistage, pistaschmandel
macadamia = macadamianöt, macadamianötter
pine-nut = pinjenöt, pinjenötter
wheat = vete, vetemjöl, vetestärkelse, vetegluten, durumvete, vetekli
wheat, spelt = dinkel, speltvete, dinkelvete
gluten = gluten, spannmål som innehåller gluten, spannmål
rye = råg, rågmjöl
barley = kornmalt, kornmjöl, maltextrakt av korn
barley < malt, maltextrakt
barley ? korn
oat = havre, havregryn, havredryck, havremjöl
wheat < bröd, ströbröd, mannagryn
celery = selleri, rotselleri, sellerifrö
celery ? buljong, grönsaksbuljong, kryddblandning, kryddor
mustard = senap, senapsfrö, senapsfrön, senapspulver
sulphite = sulfit, sulfiter, svaveldioxid
sulphite ? vin, vitt vin, vinäger, vitvinsvinäger
lupin = lupin, lupinmjöl
wheat, barley ? arom, aromer, naturlig arom
coconut ! kokosmjölk, kokosnöt, kokosgrädde
coconut, added-oil ! kokosolja
oat ! havremjölk
almond ! mandelmjölk
! kakaosmör, sheasmör, muskotnöt, mjölksyra
buckwheat ! bovete, bovetemjöl
milk ~ mjölk, grädde, yoghurt
wheat ~ vete
soya ~ soja
hazelnut ~ hasselnöt
peanut ~ jordnöt
mustard ~ senap
. vatten salt socker rapsolja solrosolja palmolja vegetabilisk vegetabiliska olja fett ingredienser och med av kakao vinäger ättika lök vitlök tomat tomatpuré potatis potatisstärkelse majsstärkelse ris ärtprotein förtjockningsmedel emulgeringsmedel surhetsreglerande medel citronsyra citronjuice konserveringsmedel färgämne antioxidationsmedel kryddor peppar havssalt kan innehålla spår innehåller
`);

const danishAndNorwegian = `
milk < ost, smørost, geitost, gedeost
milk ? chokolade, sjokolade, melkesjokolade, mælkechokolade, karamel, karamell
egg = æg, egg, æggeblomme, eggeplomme, æggehvide, eggehvite, æggepulver, eggepulver, helæg
fish = fisk, tunfisk, laks, ansjos, sild, torsk
crustacean = krebsdyr, krepsdyr, skaldyr, skalldyr, reje, rejer, reke, reker, krabbe, hummer
mollusc = bløddyr, musling, muslinger, blåskjell, østers, blæksprutte, blekksprut
sesame = sesam, sesamfrø, sesamolie, sesamolje
almond = mandel, mandler, mandelmasse, mandeldrik, mandeldrikk
rye = rug, rugmel
oat = havre, havregryn, havredrik, havredrikk, havremel
celery = selleri, knoldselleri, knollselleri, bladselleri, stangselleri
mustard = sennep, sennepsfrø, sennepsmel
sulphite = sulfit, sulfitter, sulfitt, svovldioxid, svoveldioksid
lupin = lupin, lupinmel
soya = soja, sojabønne, sojabønner, sojadrik, sojadrikk, sojalecithin, sojalecitin, sojasauce, sojasaus, sojaprotein
gluten = gluten, glutenholdigt korn, glutenholdig korn
barley < malt, maltekstrakt, øl
celery ? bouillon, buljong, grøntsagsbouillon, grønnsaksbuljong, krydderiblanding, krydderblanding
sulphite ? vin, hvidvin, hvitvin, vineddike
wheat, barley ? aroma, naturlig aroma
! muskatnød, muskatnøtt, kakaosmør, kakaosmør, mælkesyre, melkesyre, sheasmør
buckwheat ! boghvede, bokhvete, boghvedemel
soya ~ soja
mustard ~ sennep
`;

export const danish = languageOf('Danish', `${danishAndNorwegian}
milk = mælk, sødmælk, skummetmælk, mælkepulver, skummetmælkspulver, mælkeprotein, kærnemælk, gedemælk, fåremælk
milk < fløde, piskefløde, smør, smørfedt, valle, vallepulver, valleprotein, kasein, laktose, flødeost, yoghurt, kvark, kefir, creme fraiche
peanut = jordnød, jordnødder, peanut, peanuts, peanutbutter, jordnøddeolie
tree-nut = nød, nødder
hazelnut = hasselnød, hasselnødder
walnut = valnød, valnødder
cashew = cashewnød, cashewnødder
pecan = pekannød, pekannødder
brazil-nut = paranød, paranødder
pistachio = pistacienød, pistacienødder, pistacie
macadamia = macadamianød, macadamianødder
pine-nut = pinjekerne, pinjekerner
wheat = hvede, hvedemel, hvedestivelse, hvedegluten, durumhvede, hvedeklid
wheat, spelt = spelt, speltmel
barley = byg, bygmalt, bygmel
wheat < brød, rasp
coconut ! kokosmælk, kokosnød, kokosfløde
coconut, added-oil ! kokosolie
oat ! havremælk
almond ! mandelmælk
milk ~ mælk, fløde, yoghurt
wheat ~ hvede
hazelnut ~ hasselnød
. vand salt sukker rapsolie solsikkeolie palmeolie vegetabilsk olie fedt ingredienser og med af kakao eddike løg hvidløg tomat kartoffel kartoffelstivelse majsstivelse ris ærteprotein fortykningsmiddel emulgator surhedsregulerende middel citronsyre citronsaft konserveringsmiddel farvestof krydderier peber havsalt kan indeholde spor indeholder
`);

export const norwegian = languageOf('Norwegian', `${danishAndNorwegian}
milk = melk, helmelk, skummetmelk, melkepulver, skummetmelkpulver, melkeprotein, geitemelk, sauemelk
milk < fløte, kremfløte, smør, smørfett, myse, mysepulver, myseprotein, kasein, laktose, kremost, yoghurt, kesam, kefir, rømme
peanut = peanøtt, peanøtter, jordnøtt, jordnøtter, peanøttsmør
tree-nut = nøtt, nøtter
hazelnut = hasselnøtt, hasselnøtter
walnut = valnøtt, valnøtter
cashew = cashewnøtt, cashewnøtter
pecan = pekannøtt, pekannøtter
brazil-nut = paranøtt, paranøtter
pistachio = pistasjnøtt, pistasjnøtter, pistasj
macadamia = macadamianøtt, macadamianøtter
pine-nut = pinjekjerne, pinjekjerner
wheat = hvete, hvetemel, hvetestivelse, hvetegluten, durumhvete, hvetekli
wheat, spelt = spelt, speltmel
barley = bygg, byggmalt, byggmel
wheat < brød, griljermel
coconut ! kokosmelk, kokosnøtt, kokosfløte
coconut, added-oil ! kokosolje
oat ! havremelk
almond ! mandelmelk
milk ~ melk, fløte, yoghurt
wheat ~ hvete
hazelnut ~ hasselnøtt
. vann salt sukker rapsolje solsikkeolje palmeolje vegetabilsk olje fett ingredienser og med av kakao eddik løk hvitløk tomat potet potetstivelse maisstivelse ris erteprotein fortykningsmiddel emulgator surhetsregulerende middel sitronsyre sitronsaft konserveringsmiddel fargestoff krydder pepper havsalt kan inneholde spor inneholder
`);
