/** Made-up packs: text | what it certainly holds | what it may hold. Realistic, with traps. */
export const polish = `
Składniki: woda, ryż 14 %, olej słonecznikowy, sól morska. | |
Składniki: Pomidory 99 %, sól, regulator kwasowości: kwas cytrynowy. | |
Mleko kokosowe. Składniki: ekstrakt z kokosa 60 %, woda. | |
Składniki: truskawki, cukier, substancja żelująca: pektyny, sok z cytryny. | |
Składniki: Ziemniaki, olej słonecznikowy, sól. Przechowywać w suchym i chłodnym miejscu. | |
Składniki: Ciecierzyca, woda, sól. Masa netto po odcieku 240 g. | |
Składniki: Fasola biała, woda, sól. | |
Składniki: Skrobia kukurydziana. Z rolnictwa ekologicznego. | |
Składniki: Mus jabłkowy, przeciwutleniacz: kwas askorbinowy. | |
Olej rzepakowy, olej kokosowy, woda, sól, emulgator: lecytyna słonecznikowa, aromat naturalny, barwnik: karoteny. | | gluten
Składniki: Mąka gryczana. Bez glutenu. | |
Składniki: Papryka słodka, pieprz czarny, kmin, kolendra, kurkuma. | |
Składniki: Masło kakaowe, cukier trzcinowy, miazga kakaowa. | |
Składniki: Płatki drożdżowe nieaktywne. | |
Składniki: Oliwa z oliwek najwyższej jakości z pierwszego tłoczenia. | |
Składniki: Pestki dyni prażone. | |
Składniki: Marchew, cebula, czosnek, pietruszka, liść laurowy. | |
Składniki: Ocet jabłkowy. Najlepiej spożyć przed: data na wieczku. | |
Składniki: mleko pełne, sól, podpuszczka, kultury bakterii mlekowych. | milk |
Składniki: mąka PSZENNA, woda, drożdże, mąka ŻYTNIA, sól. | wheat, rye |
Składniki: Śmietana 30 %. | milk |
Składniki: Ziarna soi, woda, koagulant. | soya |
Musztarda: woda, gorczyca, ocet, sól. | mustard |
Majonez: olej rzepakowy, żółtka jaj, ocet, musztarda. | egg, mustard |
Makaron jajeczny: semolina z pszenicy durum, jaja. | wheat, egg |
Bulion warzywny: sól, ekstrakt drożdżowy, seler, por, marchew. | celery | gluten
Krem: cukier, orzechy laskowe 13 %, mleko odtłuszczone w proszku, lecytyna sojowa. | hazelnut, milk, soya |
Składniki: Tuńczyk, oliwa, sól. | fish |
Krewetki, woda, sól. | crustacean |
Składniki: Wino białe (zawiera siarczyny). | sulphite |
Składniki: Morele suszone, substancja konserwująca: dwutlenek siarki. | sulphite |
Składniki: Pasta sezamowa. | sesame |
Składniki: Mąka łubinowa, mąka orkiszowa. | lupin, wheat |
Składniki: Orzeszki ziemne prażone, sól. | peanut |
Składniki: Ekstrakt słodu jęczmiennego, płatki owsiane. | barley, oat |
Składniki: Serwatka w proszku, kazeinian sodu. | milk |
Składniki: Małże, kalmary, pomidory. | mollusc |
Migdały, orzechy nerkowca, orzechy włoskie. | almond, cashew, walnut |
Składniki: Ryż, cukier, sól. Może zawierać śladowe ilości orzechów i sezamu. | | tree-nut, sesame
Wafle kukurydziane. Składniki: kukurydza, sól. Wyprodukowano w zakładzie, w którym używa się mleka i soi. | | milk, soya
Czekolada gorzka. Składniki: miazga kakaowa, cukier. Może zawierać mleko, orzechy laskowe i pszenicę. | | milk, hazelnut, wheat
Bez mleka. Owies, woda, sól. | oat |
Nie zawiera glutenu. Składniki: ryż, kukurydza, sól. | |
Składniki: Mleko bez laktozy. | milk |
Napój migdałowy: woda, migdały 3 %, sól morska. | almond |
Składniki: Gałka muszkatołowa mielona. | |
`;

export const czech = `
Složení: voda, rýže 14 %, slunečnicový olej, mořská sůl. | |
Složení: Rajčata 99 %, sůl, regulátor kyselosti: kyselina citronová. | |
Kokosové mléko. Složení: kokosový extrakt 60 %, voda. | |
Složení: Jahody, cukr, želírující látka: pektiny, citronová šťáva. | |
Složení: Brambory, slunečnicový olej, sůl. Skladujte v suchu a chladu. | |
Složení: Cizrna, voda, sůl. Hmotnost po odkapání 240 g. | |
Složení: Bílé fazole, voda, sůl. | |
Složení: Kukuřičný škrob. Z ekologického zemědělství. | |
Složení: Jablečné pyré, antioxidant: kyselina askorbová. | |
Řepkový olej, kokosový olej, voda, sůl, emulgátor: slunečnicový lecitin, přírodní aroma, barvivo: karoteny. | | gluten
Složení: Pohanková mouka. Bez lepku. | |
Složení: Sladká paprika, černý pepř, kmín, koriandr, kurkuma. | |
Složení: Kakaové máslo, třtinový cukr, kakaová hmota. | |
Složení: Neaktivní droždí, vločky. | |
Složení: Extra panenský olivový olej. | |
Složení: Pražená dýňová semínka. | |
Složení: Mrkev, cibule, česnek, petržel, bobkový list. | |
Složení: Jablečný ocet. Minimální trvanlivost do: viz víčko. | |
Složení: plnotučné mléko, sůl, syřidlo, mlékárenské kultury. | milk |
Složení: PŠENIČNÁ mouka, voda, droždí, ŽITNÁ mouka, sůl. | wheat, rye |
Složení: Smetana 30 %. | milk |
Složení: Sójové boby, voda, koagulant. | soya |
Hořčice: voda, hořčičné semínko, ocet, sůl. | mustard |
Majonéza: řepkový olej, vaječné žloutky, ocet, hořčice. | egg, mustard |
Vaječné těstoviny: semolina z tvrdé pšenice, vejce. | wheat, egg |
Zeleninový bujón: sůl, kvasničný extrakt, celer, pórek, mrkev. | celery | gluten
Krém: cukr, lískové ořechy 13 %, sušené odstředěné mléko, sójový lecitin. | hazelnut, milk, soya |
Tuňák, olivový olej, sůl. | fish |
Krevety, voda, sůl. | crustacean |
Složení: Bílé víno (obsahuje siřičitany). | sulphite |
Složení: Sušené meruňky, konzervant: oxid siřičitý. | sulphite |
Složení: Sezamová pasta. | sesame |
Složení: Lupinová mouka, špaldová mouka. | lupin, wheat |
Složení: Pražené arašídy, sůl. | peanut |
Složení: Extrakt z ječného sladu, ovesné vločky. | barley, oat |
Složení: Sušená syrovátka, kaseinát sodný. | milk |
Složení: Slávky, olihně, rajčata. | mollusc |
Mandle, kešu ořechy, vlašské ořechy. | almond, cashew, walnut |
Složení: Rýže, cukr, sůl. Může obsahovat stopy ořechů a sezamu. | | tree-nut, sesame
Kukuřičné plátky. Složení: kukuřice, sůl. Vyrobeno v závodě, kde se zpracovává mléko a sója. | | milk, soya
Hořká čokoláda. Složení: kakaová hmota, cukr. Může obsahovat mléko, lískové ořechy a pšenici. | | milk, hazelnut, wheat
Bez mléka. Oves, voda, sůl. | oat |
Neobsahuje lepek. Složení: rýže, kukuřice, sůl. | |
Složení: Bezlaktózové mléko. | milk |
Mandlový nápoj: voda, mandle 3 %, mořská sůl. | almond |
Složení: Mletý muškátový oříšek. | |
`;

export const finnish = `
Ainesosat: vesi, riisi 14 %, auringonkukkaöljy, merisuola. | |
Ainesosat: Tomaatti 99 %, suola, happamuudensäätöaine: sitruunahappo. | |
Kookosmaito. Ainesosat: kookosuute 60 %, vesi. | |
Ainesosat: Mansikka, sokeri, hyytelöimisaine: pektiini, sitruunamehu. | |
Ainesosat: Peruna, auringonkukkaöljy, suola. Säilytetään kuivassa ja viileässä. | |
Ainesosat: Kikherne, vesi, suola. Valutettu paino 240 g. | |
Ainesosat: Valkoiset pavut, vesi, suola. | |
Ainesosat: Maissitärkkelys. Luonnonmukaisesti viljelty. | |
Ainesosat: Omenasose, hapettumisenestoaine: askorbiinihappo. | |
Rypsiöljy, kookosöljy, vesi, suola, emulgointiaine: auringonkukkalesitiini, luontainen aromi, väri: karoteeni. | | gluten
Ainesosat: Tattarijauho. Gluteeniton. | |
Ainesosat: Paprika, mustapippuri, kumina, korianteri, kurkuma. | |
Ainesosat: Kaakaovoi, ruokosokeri, kaakaomassa. | |
Ainesosat: Ravintohiiva hiutaleina. | |
Ainesosat: Ekstra-neitsytoliiviöljy. | |
Ainesosat: Paahdettuja kurpitsansiemeniä. | |
Ainesosat: Porkkana, sipuli, valkosipuli, persilja, laakerinlehti. | |
Ainesosat: Omenaviinietikka. Parasta ennen: katso kansi. | |
Ainesosat: täysmaito, suola, juoksute, maitohappobakteerit. | milk |
Ainesosat: VEHNÄJAUHO, vesi, hiiva, RUISJAUHO, suola. | wheat, rye |
Ainesosat: Kerma. | milk |
Ainesosat: Soijapavut, vesi, saostusaine. | soya |
Sinappi: vesi, sinapinsiemen, etikka, suola. | mustard |
Majoneesi: rypsiöljy, kananmunan keltuainen, etikka, sinappi. | egg, mustard |
Munapasta. Ainesosat: durumvehnä, kananmuna. | wheat, egg |
Kasvisliemi: suola, hiivauute, selleri, purjo, porkkana. | celery | gluten
Levite: sokeri, hasselpähkinä 13 %, rasvaton maitojauhe, soijalesitiini. | hazelnut, milk, soya |
Ainesosat: Tonnikala, oliiviöljy, suola. | fish |
Katkarapu, vesi, suola. | crustacean |
Ainesosat: Valkoviini (sisältää sulfiitteja). | sulphite |
Ainesosat: Kuivattu aprikoosi, säilöntäaine: rikkidioksidi. | sulphite |
Ainesosat: Seesamitahna. | sesame |
Ainesosat: Lupiinijauho, spelttijauho. | lupin, wheat |
Ainesosat: Paahdettu maapähkinä, suola. | peanut |
Ainesosat: Ohramallasuute, kaurahiutale. | barley, oat |
Ainesosat: Herajauhe, natriumkaseinaatti. | milk |
Ainesosat: Simpukka, kalmari, tomaatti. | mollusc |
Manteli, cashewpähkinä, saksanpähkinä. | almond, cashew, walnut |
Ainesosat: Riisi, sokeri, suola. Saattaa sisältää pieniä määriä pähkinää ja seesamia. | | tree-nut, sesame
Maissikakku. Ainesosat: maissi, suola. Valmistettu tehtaassa, jossa käsitellään maitoa ja soijaa. | | milk, soya
Tumma suklaa. Ainesosat: kaakaomassa, sokeri. Saattaa sisältää maitoa, hasselpähkinää ja vehnää. | | milk, hazelnut, wheat
Maidoton. Kaura, vesi, suola. | oat |
Ei sisällä gluteenia. Ainesosat: riisi, maissi, suola. | |
Ainesosat: Laktoositon maito. | milk |
Mantelijuoma: vesi, manteli 3 %, merisuola. | almond |
Ainesosat: Jauhettu muskottipähkinä. | |
`;
