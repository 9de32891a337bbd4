/** Made-up packs: text | what it certainly holds | what it may hold. Realistic, with traps. */
export const german = `
Zutaten: Wasser, Reis 14 %, Sonnenblumenöl, Meersalz. | |
Zutaten: Tomaten (99 %), Speisesalz, Säuerungsmittel: Citronensäure. | |
Zutaten: Kokosnussextrakt 60 %, Wasser. Kühl und trocken lagern. | |
Zutaten: Erdbeeren, Zucker, Geliermittel Pektine, Zitronensaftkonzentrat. Fruchtgehalt 50 g je 100 g. | |
Zutaten: Kartoffeln, Sonnenblumenöl, Salz. Kann nach dem Öffnen gekühlt 3 Tage aufbewahrt werden. | |
Zutaten: Kichererbsen, Wasser, Salz. Abtropfgewicht 265 g. | |
Zutaten: weiße Bohnen, Trinkwasser, Zucker, Speisesalz. | |
Zutaten: Maisstärke. Aus kontrolliert biologischem Anbau. | |
Zutaten: Apfelmark 90 %, Rohrzucker, Antioxidationsmittel: Ascorbinsäure. | |
Zutaten: Rapsöl, Kokosöl, Wasser, Emulgator: Sonnenblumenlecithine, Salz, natürliches Aroma, Farbstoff: Carotine. | | gluten
Zutaten: Buchweizenmehl, glutenfrei. | |
Zutaten: Paprika edelsüß, Pfeffer schwarz, Kreuzkümmel, Koriander, Kurkuma. | |
Zutaten: Kakaobutter, Rohrzucker, Kakaomasse, Vanilleextrakt. | |
Hefeflocken. Zutaten: inaktive Hefe, Vitamin B12. Mindestens haltbar bis siehe Boden. | |
Zutaten: Wasser, Essig, Zwiebeln, Zucker, Salz, Lorbeer, Pfeffer. | |
Zutaten: Kürbiskerne geröstet, Meersalz. Herkunft: Österreich. | |
Zutaten: Olivenöl nativ extra. Erste Güteklasse, direkt aus Oliven. | |
Zutaten: Reismehl, Tapiokastärke, Guarkernmehl. Ohne Gluten, ohne Milch, ohne Ei. | |
Zutaten: Vollmilch, Salz, mikrobielles Lab, Milchsäurebakterien. | milk |
Zutaten: WEIZENMEHL, Wasser, Hefe, ROGGENSCHROT, Salz. | wheat, rye |
Zutaten: Magerquark, Sahne, Schnittlauch, Speisesalz. | milk |
Zutaten: Sojabohnen (13 %), Wasser, Gerinnungsmittel: Magnesiumchlorid. | soya |
Senf: Wasser, Senfsaaten, Branntweinessig, Salz, Gewürze. | mustard | celery
Mayonnaise: Rapsöl 80 %, Eigelb, Branntweinessig, Senf, Zucker. | egg, mustard |
Zutaten: Hartweizengrieß, Vollei. | wheat, egg |
Gemüsebrühe: Speisesalz, Hefeextrakt, Sellerie, Lauch, Karotten, Liebstöckel. | celery | gluten
Zutaten: Haselnusscreme (Zucker, Palmöl, HASELNÜSSE 13 %, MAGERMILCHPULVER, Kakao, Emulgator: Lecithine (SOJA)). | hazelnut, milk, soya |
Thunfisch in eigenem Saft: Thunfisch, Wasser, Salz. | fish |
Garnelen (Krebstiere), Wasser, Salz, Säuerungsmittel. | crustacean |
Rotwein (enthält Sulfite), Zwiebeln, Pfeffer. | sulphite |
Zutaten: Getrocknete Aprikosen, Konservierungsstoff: Schwefeldioxid. | sulphite |
Zutaten: Sesammus aus geschältem Sesam. | sesame |
Zutaten: Lupinenmehl, Dinkelvollkornmehl, Backtriebmittel. | lupin, wheat |
Erdnussmus. Zutaten: 100 % geröstete Erdnüsse. | peanut |
Zutaten: Gerstenmalzextrakt, Haferkleie, Honig. | barley, oat |
Zutaten: Zucker, Kakaobutter, Süßmolkenpulver, Butterreinfett, Mandeln. | milk, almond |
Zutaten: Tintenfisch, Muscheln, Tomaten, Olivenöl. | mollusc |
Zutaten: Reis, Zucker, Salz. Kann Spuren von Schalenfrüchten und Sesam enthalten. | | tree-nut, sesame
Maiswaffeln. Zutaten: Mais, Salz. Hergestellt in einem Betrieb, der auch Milch und Soja verarbeitet. | | milk, soya
Zartbitterschokolade. Zutaten: Kakaomasse, Rohrzucker, Kakaobutter. Spuren von Haselnüssen, Milch und Weizen können enthalten sein. | | hazelnut, milk, wheat
Frei von Milch. Nicht geeignet für Personen mit Erdnussallergie. Zutaten: Reis, Kokosfett. | | peanut
Zutaten: Cashewkerne, Wasser, Salz, Kulturen. Kann andere Nüsse enthalten. | cashew | tree-nut
Zutaten: Laktosefreie Milch, fettarm. | milk |
Ohne Zusatz von Zucker. Zutaten: Haferbasis (Wasser, Hafer 11 %), Rapsöl. | oat |
Veganer Aufstrich: Wasser, Kokosöl, Mandeln 7 %, Stärke, Hefeextrakt. | almond | gluten
Zutaten: Muskatnuss gemahlen. | |
Kokosmilch, grüne Currypaste (Zitronengras, Chili, Knoblauch, Galgant). | | fish, crustacean
`;

export const dutch = `
Ingrediënten: water, rijst 12 %, zonnebloemolie, zeezout. | |
Ingrediënten: tomaten, tomatensap, zuurteregelaar: citroenzuur. | |
Kokosmelk. Ingrediënten: kokosextract 70 %, water. | |
Ingrediënten: aardappelen, zonnebloemolie, zout. Koel en droog bewaren. | |
Ingrediënten: kikkererwten, water, zout. Uitlekgewicht 240 g. | |
Appelmoes. Ingrediënten: appelen, suiker, antioxidant: ascorbinezuur. | |
Ingrediënten: Maïszetmeel. Ten minste houdbaar tot: zie deksel. | |
Ingrediënten: koolzaadolie, kokosvet, water, zout, emulgator: zonnebloemlecithine, kleurstof: caroteen. | |
Ingrediënten: Cacaoboter, rietsuiker, cacaomassa. | |
Ingrediënten: Olijfolie van de eerste persing. | |
Ingrediënten: Boekweitmeel, glutenvrij. | |
Ingrediënten: rode paprika, azijn, knoflook, suiker, zout, chilipeper. | |
Ingrediënten: Gistvlokken, biologisch geteeld. | |
Ingrediënten: aardbeien, suiker, geleermiddel: pectine. | |
Ingrediënten: Pompoenpitten, geroosterd. | |
Ingrediënten: witte bonen, water, suiker, zout. | |
Kruidenmix. Ingrediënten: kurkuma, komijn, koriander, kaneel. | | celery
Ingrediënten: volle melk, zuursel, stremsel, zout. | milk |
Ingrediënten: TARWEBLOEM, water, gist, zout. | wheat |
Ingrediënten: Slagroom, stabilisator: carrageen. | milk |
Ingrediënten: sojabonen, water, calciumsulfaat. | soya |
Mosterd: water, mosterdzaad, azijn, zout. | mustard |
Mayonaise: koolzaadolie, eigeel, azijn, mosterd, suiker. | egg, mustard |
Pindakaas: pinda’s 90 %, palmvet, zout. | peanut |
Bouillonblokje: zout, palmvet, gistextract, selderij, ui. | celery | gluten
Garnalen, water, zout. | crustacean |
Ingrediënten: Gedroogde abrikozen, conserveermiddel: zwaveldioxide. | sulphite |
Ingrediënten: Witte wijn (bevat sulfieten). | sulphite |
Sesampasta. Ingrediënten: 100 % sesamzaad. | sesame |
Ingrediënten: Lupinemeel, haver, speltbloem. | lupin, oat, wheat |
Ingrediënten: suiker, cacaoboter, weipoeder, hazelnoten, sojalecithine. | milk, hazelnut, soya |
Noedels. Ingrediënten: tarwemeel, eipoeder. | wheat, egg |
Mosselen, azijn, uien. | mollusc |
Zalm (vis) 60 %, zout, dille. | fish |
Ingrediënten: Gerstemout, roggebloem. | barley, rye |
Ingrediënten: Karnemelkpoeder, suiker. | milk |
Ingrediënten: rijst, suiker, zout. Kan sporen van noten en sesam bevatten. | | tree-nut, sesame
Maïswafels: maïs, zout. Gemaakt in een bedrijf waar ook melk en soja worden verwerkt. | | milk, soya
Pure chocolade: cacaomassa, suiker. Kan melk, hazelnoten en tarwe bevatten. | | milk, hazelnut, wheat
Zonder melk. Haver, water, zout. | oat |
Bevat geen gluten. Ingrediënten: rijst, maïs, zout. | |
Ingrediënten: Lactosevrije melk. | milk |
Amandeldrink: water, amandelen 3 %, zeezout. | almond |
Ingrediënten: Nootmuskaat, gemalen. | |
Ingrediënten: Cashewnoten, zout. Kan andere noten bevatten. | cashew | tree-nut
`;
