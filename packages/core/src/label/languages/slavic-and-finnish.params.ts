import { languageOf } from './word-list.js';

/** Polish, Czech and Finnish. @source names of the legal allergens and their usual derivatives on packs, S-16 */
export const polish = languageOf('Polish', `
milk = mleko, mleka, mleko w proszku, mleko pełne, mleko odtłuszczone, odtłuszczone mleko w proszku, białka mleka, białko mleka, mleko krowie, mleko kozie, mleko owcze, maślanka, mleczny, mleczne
milk < masło, śmietana, śmietanka, serwatka, serwatka w proszku, serwatki, kazeina, kazeinian sodu, laktoza, laktozę, laktozy, ser, sery, twaróg, twarożek, jogurt, kefir
milk ? karmel, czekolada, czekolada mleczna
egg = jajo, jaja, jaj, jajko, jajka, żółtko, żółtka, żółtko jaja, białko jaja, masa jajowa, jaja w proszku
egg < majonez
fish = ryba, ryby, tuńczyk, łosoś, sardela, śledź, dorsz
crustacean = skorupiak, skorupiaki, krewetka, krewetki, krab, homar
mollusc = mięczak, mięczaki, małż, małże, ostryga, ostrygi, kalmar
peanut = orzeszki ziemne, orzeszki arachidowe, orzechy ziemne, orzechy arachidowe, orzeszków ziemnych, orzechów arachidowych, arachidowe, masło orzechowe
soya = soja, soi, soję, sojowy, sojowa, sojowe, białko sojowe, lecytyna sojowa, lecytyny sojowe, napój sojowy, sos sojowy, olej sojowy
sesame = sezam, sezamu, nasiona sezamu, sezamowy
tree-nut = orzechy, orzechów, orzech, orzeszki
almond = migdał, migdały, migdałów, migdałowy, marcepan
hazelnut = orzechy laskowe, orzech laskowy, orzechów laskowych, laskowe
walnut = orzechy włoskie, orzech włoski, orzechów włoskich
cashew = orzechy nerkowca, nerkowce, nerkowców, orzechów nerkowca
pecan = orzechy pekan, pekan
brazil-nut = orzechy brazylijskie, orzechów brazylijskich
pistachio = pistacje, pistacji
macadamia = orzechy makadamia
pine-nut = orzeszki piniowe, orzeszki pinii
wheat = pszenica, pszenicy, pszenicę, pszenny, pszenna, pszenne, mąka pszenna, skrobia pszenna, gluten pszenny, pszenica durum, otręby pszenne, semolina
wheat < bułka tarta, makaron, chleb, kasza manna
wheat, spelt = orkisz, orkiszu, mąka orkiszowa
gluten = gluten, glutenu, zboża zawierające gluten
rye = żyto, żyta, mąka żytnia, żytni
barley = jęczmień, jęczmienia, słód jęczmienny, ekstrakt słodowy jęczmienny, jęczmienny
barley < słód, ekstrakt słodowy, piwo
oat = owies, owsa, płatki owsiane, napój owsiany, mąka owsiana, owsiany
wheat ? mąka, skrobia, skrobia modyfikowana
celery = seler, selera, nasiona selera, seler korzeniowy
celery ? bulion, bulion warzywny, przyprawy, mieszanka przypraw
mustard = gorczyca, gorczycy, gorczycę, musztarda, nasiona gorczycy
sulphite = siarczyn, siarczyny, siarczynów, dwutlenek siarki, pirosiarczyn sodu
sulphite ? wino, wino białe, ocet winny
lupin = łubin, łubinu, mąka z łubinu
wheat, barley ? aromat, aromaty, naturalny aromat
coconut ! mleczko kokosowe, mleko kokosowe, orzech kokosowy
coconut, added-oil ! olej kokosowy
almond ! mleko migdałowe
oat ! mleko owsiane
! masło kakaowe, masło shea, gałka muszkatołowa, kwas mlekowy
buckwheat ! gryka, gryki, kasza gryczana, mąka gryczana
maize ! skrobia kukurydziana, mąka kukurydziana
potato ! skrobia ziemniaczana
. woda sól cukier olej oleje roślinny roślinne rzepakowy słonecznikowy palmowy składniki i z w oraz kakao ocet cebula czosnek pomidory pomidor ryż białko białka grochu groch zagęstnik emulgator regulator kwasowości kwas cytrynowy sok z cytryny substancja konserwująca barwnik przeciwutleniacz pieprz zioła może zawierać śladowe ilości zawiera warzywa witamina witaminy
`);

export const czech = languageOf('Czech', `
milk = mléko, mléka, plnotučné mléko, odtučněné mléko, sušené mléko, sušené odstředěné mléko, mléčná bílkovina, mléčné bílkoviny, mléčný, mléčná, mléčné, kozí mléko, ovčí mléko, podmáslí
milk < máslo, smetana, syrovátka, sušená syrovátka, kasein, kaseinát, laktóza, laktózu, sýr, sýry, tvaroh, jogurt, kefír
milk ? karamel, čokoláda, mléčná čokoláda
egg = vejce, vajec, vaječný, vaječná, vaječné, žloutek, žloutky, vaječný bílek, sušená vejce
egg < majonéza
fish = ryba, ryby, tuňák, losos, sardel, sleď, treska
crustacean = korýš, korýši, kreveta, krevety, krab, humr
mollusc = měkkýš, měkkýši, slávka, ústřice, oliheň
peanut = arašíd, arašídy, arašídů, podzemnice olejná, burské oříšky, arašídové máslo
soya = sója, sóji, sóju, sójový, sójová, sójové, sójový lecitin, sójové boby, sójová omáčka, sójový nápoj
sesame = sezam, sezamu, sezamová semínka, sezamový
tree-nut = ořechy, ořech, ořechů, skořápkové plody, ořechové
almond = mandle, mandlí, mandlový, mandlové, marcipán
hazelnut = lískové ořechy, lískový ořech, lískových ořechů, lískové
walnut = vlašské ořechy, vlašský ořech, vlašských ořechů
cashew = kešu, kešu ořechy, kešu oříšky
pecan = pekanové ořechy
brazil-nut = para ořechy
pistachio = pistácie, pistácií
macadamia = makadamové ořechy
pine-nut = piniové oříšky, piniová jádra
wheat = pšenice, pšenici, pšeničný, pšeničná, pšeničné, pšeničná mouka, pšeničný škrob, pšeničný lepek, tvrdá pšenice, pšeničné otruby
wheat < strouhanka, chléb, těstoviny, krupice
wheat, spelt = špalda, špaldová mouka
gluten = lepek, lepku, obiloviny obsahující lepek, gluten
rye = žito, žitná mouka, žitný
barley = ječmen, ječný slad, ječmenný slad, ječný
barley < slad, sladový výtažek, pivo
oat = oves, ovesné vločky, ovesný nápoj, ovesná mouka, ovesný
wheat ? mouka, škrob, modifikovaný škrob
celery = celer, celeru, celerová semínka
celery ? bujón, zeleninový vývar, koření, směs koření
mustard = hořčice, hořčici, hořčičná semínka, hořčičné
sulphite = siřičitan, siřičitany, oxid siřičitý, disiřičitan
sulphite ? víno, bílé víno, vinný ocet
lupin = lupina, vlčí bob, lupinová mouka
wheat, barley ? aroma, přírodní aroma
coconut ! kokosové mléko, kokosový ořech
coconut, added-oil ! kokosový olej
almond ! mandlové mléko
oat ! ovesné mléko
! kakaové máslo, bambucké máslo, muškátový oříšek, muškátový ořech, kyselina mléčná
buckwheat ! pohanka, pohanková mouka
maize ! kukuřičný škrob
potato ! bramborový škrob
. voda sůl cukr olej oleje rostlinný rostlinné řepkový slunečnicový palmový složení a s z v kakao ocet cibule česnek rajčata rajče rýže bílkovina bílkoviny hrách zahušťovadlo emulgátor regulátor kyselosti kyselina citronová citronová šťáva konzervant barvivo antioxidant pepř bylinky může obsahovat stopy obsahuje zelenina vitamín vitamíny
`);

export const finnish = languageOf('Finnish', `
milk = maito, maitoa, maitojauhe, täysmaito, rasvaton maito, maitoproteiini, maitorasva, vuohenmaito, lampaanmaito, piimä
milk < voi, kerma, kermajauhe, hera, herajauhe, heraproteiini, kaseiini, kaseinaatti, laktoosi, juusto, tuorejuusto, vuohenjuusto, jogurtti, jugurtti, rahka, kefiiri, voirasva
milk ? suklaa, maitosuklaa, toffee, kinuski
egg = kananmuna, kananmunaa, muna, munaa, munankeltuainen, munanvalkuainen, kananmunajauhe
egg < majoneesi
fish = kala, kalaa, tonnikala, lohi, anjovis, silli, turska
crustacean = äyriäinen, äyriäiset, äyriäisiä, katkarapu, katkaravut, rapu, hummeri
mollusc = nilviäinen, nilviäiset, nilviäisiä, simpukka, simpukat, osteri, mustekala
peanut = maapähkinä, maapähkinät, maapähkinää, maapähkinöitä, maapähkinävoi
soya = soija, soijaa, soijapapu, soijapavut, soijajuoma, soijalesitiini, soijakastike, soijaproteiini
sesame = seesami, seesaminsiemen, seesaminsiemenet, seesamia, seesamiöljy
tree-nut = pähkinä, pähkinät, pähkinää, pähkinöitä
almond = manteli, mantelit, mantelia, mantelijauhe, mantelijuoma, marsipaani
hazelnut = hasselpähkinä, hasselpähkinät, hasselpähkinää, hasselpähkinöitä
walnut = saksanpähkinä, saksanpähkinät, saksanpähkinää
cashew = cashewpähkinä, cashewpähkinät, cashewpähkinää
pecan = pekaanipähkinä, pekaanipähkinät
brazil-nut = parapähkinä, parapähkinät
pistachio = pistaasipähkinä, pistaasipähkinät, pistaasi
macadamia = macadamiapähkinä, macadamiapähkinät
pine-nut = pinjansiemen, pinjansiemenet
wheat = vehnä, vehnää, vehnäjauho, vehnäjauhot, vehnätärkkelys, vehnägluteeni, durumvehnä, vehnälese
wheat < korppujauho, leipä, pasta, mannasuurimo
wheat, spelt = spelttivehnä, speltti
gluten = gluteeni, gluteenia, gluteenia sisältävä vilja
rye = ruis, ruista, ruisjauho
barley = ohra, ohraa, ohramallas, ohramallasuute
barley < mallas, mallasuute, olut
oat = kaura, kauraa, kaurahiutale, kaurajuoma, kaurajauho
celery = selleri, selleriä, juuriselleri, sellerinsiemen
celery ? liemi, kasvisliemi, mausteseos, mausteet
mustard = sinappi, sinappia, sinapinsiemen, sinapinsiemenet
sulphite = sulfiitti, sulfiitit, sulfiittia, rikkidioksidi
sulphite ? viini, valkoviini, viinietikka
lupin = lupiini, lupiinia, lupiinijauho
wheat, barley ? aromi, aromit, luontainen aromi
coconut ! kookosmaito, kookospähkinä, kookoskerma
coconut, added-oil ! kookosöljy
oat ! kauramaito
almond ! mantelimaito
! kaakaovoi, muskottipähkinä, maitohappo, sheavoi
buckwheat ! tattari, tattarijauho
maize ! maissitärkkelys
potato ! perunatärkkelys
milk ~ maito, kerma, juusto
wheat ~ vehnä
soya ~ soija
hazelnut ~ hasselpähkinä
. vesi suola sokeri rypsiöljy auringonkukkaöljy palmuöljy kasviöljy öljy rasva ainesosat ja kaakao etikka sipuli valkosipuli tomaatti tomaattia riisi herneproteiini sakeuttamisaine emulgointiaine happamuudensäätöaine sitruunahappo sitruunamehu säilöntäaine väri hapettumisenestoaine mausteita pippuri merisuola saattaa voi sisältää jäämiä pieniä määriä sisältää vitamiini vitamiinit
`);
