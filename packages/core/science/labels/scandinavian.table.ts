/** Made-up packs: text | what it certainly holds | what it may hold. Realistic, with traps. */
export const swedish = `
Ingredienser: vatten, ris 14 %, solrosolja, havssalt. | |
Ingredienser: Tomater 99 %, salt, surhetsreglerande medel: citronsyra. | |
Kokosmjölk. Ingredienser: kokosextrakt 60 %, vatten. | |
Ingredienser: Jordgubbar, socker, förtjockningsmedel: pektin, citronsaft. | |
Ingredienser: Potatis, solrosolja, salt. Förvaras torrt och svalt. | |
Ingredienser: Kikärter, vatten, salt. Avrunnen vikt 240 g. | |
Ingredienser: Vita bönor, vatten, salt. | |
Ingredienser: Majsstärkelse. Från ekologiskt jordbruk. | |
Ingredienser: Äppelmos, antioxidationsmedel: askorbinsyra. | |
Rapsolja, kokosolja, vatten, salt, emulgeringsmedel: solroslecitin, naturlig arom, färgämne: karoten. | | gluten
Ingredienser: Bovetemjöl. Glutenfritt. | |
Ingredienser: Paprika, svartpeppar, spiskummin, koriander, gurkmeja. | |
Ingredienser: Kakaosmör, rörsocker, kakaomassa. | |
Ingredienser: Näringsjäst i flingor. | |
Ingredienser: Extra jungfruolivolja. | |
Ingredienser: Rostade pumpafrön. | |
Ingredienser: Morot, lök, vitlök, persilja, lagerblad. | |
Ingredienser: Äppelcidervinäger. Bäst före: se locket. | |
Ingredienser: helmjölk, salt, löpe, mjölksyrakultur. | milk |
Ingredienser: VETEMJÖL, vatten, jäst, RÅGMJÖL, salt. | wheat, rye |
Ingredienser: Grädde. | milk |
Ingredienser: Sojabönor, vatten, koaguleringsmedel. | soya |
Senap: vatten, senapsfrön, ättika, salt. | mustard |
Majonnäs: rapsolja, äggula, ättika, senap. | egg, mustard |
Äggpasta. Ingredienser: durumvete, ägg. | wheat, egg |
Grönsaksbuljong: salt, jästextrakt, selleri, purjolök, morot. | celery | gluten
Nötkräm: socker, hasselnötter 13 %, skummjölkspulver, sojalecitin. | hazelnut, milk, soya |
Ingredienser: Tonfisk, olivolja, salt. | fish |
Räkor, vatten, salt. | crustacean |
Ingredienser: Vitt vin (innehåller sulfiter). | sulphite |
Ingredienser: Torkade aprikoser, konserveringsmedel: svaveldioxid. | sulphite |
Ingredienser: Sesampasta. | sesame |
Ingredienser: Lupinmjöl, dinkelmjöl. | lupin, wheat |
Ingredienser: Rostade jordnötter, salt. | peanut |
Ingredienser: Kornmaltextrakt, havregryn. | barley, oat |
Ingredienser: Vasslepulver, natriumkaseinat. | milk |
Musslor, bläckfisk, tomat. | mollusc |
Mandel, cashewnötter, valnötter. | almond, cashew, walnut |
Ingredienser: Ris, socker, salt. Kan innehålla spår av nötter och sesam. | | tree-nut, sesame
Majskakor. Ingredienser: majs, salt. Tillverkad i en fabrik som hanterar mjölk och soja. | | milk, soya
Mörk choklad. Ingredienser: kakaomassa, socker. Kan innehålla mjölk, hasselnötter och vete. | | milk, hazelnut, wheat
Fri från mjölk. Havre, vatten, salt. | oat |
Innehåller inte gluten. Ingredienser: ris, majs, salt. | |
Ingredienser: Laktosfri mjölk. | milk |
Mandeldryck: vatten, mandel 3 %, havssalt. | almond |
Ingredienser: Malen muskotnöt. | |
`;

export const danish = `
Ingredienser: vand, ris 14 %, solsikkeolie, havsalt. | |
Ingredienser: Tomater 99 %, salt, surhedsregulerende middel: citronsyre. | |
Kokosmælk. Ingredienser: kokosekstrakt 60 %, vand. | |
Ingredienser: Jordbær, sukker, geleringsmiddel: pektin, citronsaft. | |
Ingredienser: Kartofler, solsikkeolie, salt. Opbevares tørt og køligt. | |
Ingredienser: Kikærter, vand, salt. Drænet vægt 240 g. | |
Ingredienser: Hvide bønner, vand, salt. | |
Ingredienser: Majsstivelse. Fra økologisk landbrug. | |
Ingredienser: Æblemos, antioxidant: ascorbinsyre. | |
Rapsolie, kokosolie, vand, salt, emulgator: solsikkelecithin, naturlig aroma, farvestof: karoten. | | gluten
Ingredienser: Boghvedemel. Glutenfri. | |
Ingredienser: Paprika, sort peber, spidskommen, koriander, gurkemeje. | |
Ingredienser: Kakaosmør, rørsukker, kakaomasse. | |
Ingredienser: Gærflager. | |
Ingredienser: Ekstra jomfruolivenolie. | |
Ingredienser: Ristede græskarkerner. | |
Ingredienser: Gulerod, løg, hvidløg, persille, laurbærblad. | |
Ingredienser: Æblecidereddike. Bedst før: se låget. | |
Ingredienser: sødmælk, salt, osteløbe, mælkesyrekultur. | milk |
Ingredienser: HVEDEMEL, vand, gær, RUGMEL, salt. | wheat, rye |
Ingredienser: Fløde. | milk |
Ingredienser: Sojabønner, vand, koaguleringsmiddel. | soya |
Sennep: vand, sennepsfrø, eddike, salt. | mustard |
Mayonnaise: rapsolie, æggeblomme, eddike, sennep. | egg, mustard |
Æggepasta. Ingredienser: durumhvede, æg. | wheat, egg |
Grøntsagsbouillon: salt, gærekstrakt, selleri, porre, gulerod. | celery | gluten
Nøddecreme: sukker, hasselnødder 13 %, skummetmælkspulver, sojalecithin. | hazelnut, milk, soya |
Ingredienser: Tun, olivenolie, salt. | fish |
Rejer, vand, salt. | crustacean |
Ingredienser: Hvidvin (indeholder sulfitter). | sulphite |
Ingredienser: Tørrede abrikoser, konserveringsmiddel: svovldioxid. | sulphite |
Ingredienser: Sesampasta. | sesame |
Ingredienser: Lupinmel, speltmel. | lupin, wheat |
Ingredienser: Ristede jordnødder, salt. | peanut |
Ingredienser: Bygmaltekstrakt, havregryn. | barley, oat |
Ingredienser: Vallepulver, natriumkaseinat. | milk |
Muslinger, blæksprutte, tomat. | mollusc |
Mandler, cashewnødder, valnødder. | almond, cashew, walnut |
Ingredienser: Ris, sukker, salt. Kan indeholde spor af nødder og sesam. | | tree-nut, sesame
Majskiks: majs, salt. Fremstillet på en fabrik, der håndterer mælk og soja. | | milk, soya
Mørk chokolade: kakaomasse, sukker. Kan indeholde mælk, hasselnødder og hvede. | | milk, hazelnut, wheat
Fri for mælk. Havre, vand, salt. | oat |
Indeholder ikke gluten. Ingredienser: ris, majs, salt. | |
Ingredienser: Laktosefri mælk. | milk |
Mandeldrik: vand, mandler 3 %, havsalt. | almond |
Ingredienser: Stødt muskatnød. | |
`;

export const norwegian = `
Ingredienser: vann, ris 14 %, solsikkeolje, havsalt. | |
Ingredienser: Tomater 99 %, salt, surhetsregulerende middel: sitronsyre. | |
Kokosmelk. Ingredienser: kokosekstrakt 60 %, vann. | |
Ingredienser: Jordbær, sukker, geleringsmiddel: pektin, sitronsaft. | |
Ingredienser: Poteter, solsikkeolje, salt. Oppbevares tørt og kjølig. | |
Ingredienser: Kikerter, vann, salt. Avrent vekt 240 g. | |
Ingredienser: Hvite bønner, vann, salt. | |
Ingredienser: Maisstivelse. Fra økologisk landbruk. | |
Ingredienser: Eplemos, antioksidant: askorbinsyre. | |
Rapsolje, kokosolje, vann, salt, emulgator: solsikkelecitin, naturlig aroma, fargestoff: karoten. | | gluten
Ingredienser: Bokhvetemel. Glutenfri. | |
Ingredienser: Paprika, sort pepper, spisskummen, koriander, gurkemeie. | |
Ingredienser: Kakaosmør, rørsukker, kakaomasse. | |
Ingredienser: Gjærflak. | |
Ingredienser: Ekstra jomfruolivenolje. | |
Ingredienser: Ristede gresskarkjerner. | |
Ingredienser: Gulrot, løk, hvitløk, persille, laurbærblad. | |
Ingredienser: Eplesidereddik. Best før: se lokket. | |
Ingredienser: helmelk, salt, løpe, melkesyrekultur. | milk |
Ingredienser: HVETEMEL, vann, gjær, RUGMEL, salt. | wheat, rye |
Ingredienser: Fløte. | milk |
Ingredienser: Soyabønner, vann, koaguleringsmiddel. | soya |
Sennep: vann, sennepsfrø, eddik, salt. | mustard |
Majones: rapsolje, eggeplomme, eddik, sennep. | egg, mustard |
Eggpasta. Ingredienser: durumhvete, egg. | wheat, egg |
Grønnsaksbuljong: salt, gjærekstrakt, selleri, purre, gulrot. | celery | gluten
Nøttekrem: sukker, hasselnøtter 13 %, skummetmelkpulver, soyalecitin. | hazelnut, milk, soya |
Ingredienser: Tunfisk, olivenolje, salt. | fish |
Reker, vann, salt. | crustacean |
Ingredienser: Hvitvin (inneholder sulfitter). | sulphite |
Ingredienser: Tørkede aprikoser, konserveringsmiddel: svoveldioksid. | sulphite |
Ingredienser: Sesampasta. | sesame |
Ingredienser: Lupinmel, speltmel. | lupin, wheat |
Ingredienser: Ristede peanøtter, salt. | peanut |
Ingredienser: Byggmaltekstrakt, havregryn. | barley, oat |
Ingredienser: Mysepulver, natriumkaseinat. | milk |
Blåskjell, blekksprut, tomat. | mollusc |
Mandler, cashewnøtter, valnøtter. | almond, cashew, walnut |
Ingredienser: Ris, sukker, salt. Kan inneholde spor av nøtter og sesam. | | tree-nut, sesame
Maiskaker: mais, salt. Produsert på en fabrikk som håndterer melk og soya. | | milk, soya
Mørk sjokolade: kakaomasse, sukker. Kan inneholde melk, hasselnøtter og hvete. | | milk, hazelnut, wheat
Fri for melk. Havre, vann, salt. | oat |
Inneholder ikke gluten. Ingredienser: ris, mais, salt. | |
Ingredienser: Laktosefri melk. | milk |
Mandeldrikk: vann, mandler 3 %, havsalt. | almond |
Ingredienser: Malt muskatnøtt. | |
`;
