/** What people say in German and what contracts, rules, reports and manuals write for it: work, money, rooms, travel, time; a line a group, like `germanGroups.ts`. */
export const GERMAN_PLAIN_GROUPS = `
arbeiter arbeitnehmer beschäftigte beschäftigter arbeitskraft mitarbeiter
angestellte angestellter beschäftigte mitarbeiter personal
lehrling auszubildende auszubildender azubi
arbeiten beschäftigt tätig
löhne lohn personalaufwand personalkosten vergütung gehälter
verdienen verdient gehalt lohn vergütung bezüge entgelt
krank erkrankung krankheit arbeitsunfähig krankmeldung
verletzt verletzung unfall
verunglückt unfall verletzung
tot tote tödlich tod verstorben gestorben todesfall
leihen geliehen darlehen kredit anleihe
schulden verbindlichkeiten darlehen
geld betrag summe mittel
gewinn überschuss jahresüberschuss ertrag ergebnis
einnahmen umsatz erlöse umsatzerlöse ertrag
ausgaben aufwendungen aufwand kosten
ausgeben ausgegeben aufwenden aufwand kosten
raten teilzahlung teilbetrag
nachlass rabatt skonto ermäßigung abzug
billiger ermäßigt günstiger herabgesetzt
ermäßigung halber nachlass vergünstigung
teurer erhöht erhöhung gestiegen steigerung
steigen zunehmen erhöhen anstieg zunahme gestiegen
sinken abnehmen zurückgehen rückgang gesunken abnahme vermindern
weniger rückgang geringer niedriger
abziehen abgezogen abzüglich abzug einbehalten
umsonst unentgeltlich kostenlos frei
zinssatz verzinst verzinsung zins zinsen
abbezahlen abbezahlt getilgt tilgung zurückgezahlt rückzahlung
teil anteil prozent bruchteil
hälfte halbe halber prozent
untervermieten untervermietung untermiete weitervermieten unterverpachtung überlassen
verleihen verliehen übertragbar weitergeben überlassen
vermieter verpächter vermieterin verpächterin eigentümer
laden geschäft verkaufsraum ladenlokal
zimmer raum räume räumlichkeit
mauer wand mauerwerk
nebenkosten betriebskosten heizkosten heizung
schild werbung aufschrift
schmutzig verschmutzt verunreinigung dreck beschmutzen
dreck schmutz verunreinigung unrat
kaputt beschädigt defekt schaden schadhaft
reparieren instandsetzen instandsetzung ausbessern reparatur beheben
unterhalt instandhaltung wartung pflege
reparaturen instandhaltung instandsetzung wartung
renovieren renoviert schönheitsreparatur anstrich streichen
bauen errichten erbauen herstellen bau
baut bauen ausführen ausführt errichtet bau
gebaut erbaut errichtet hergestellt fertigte baujahr
abreißen abbruch abbrechen beseitigen
laster lastwagen lkw nutzfahrzeug fahrzeug
auto fahrzeug kraftfahrzeug wagen pkw
rad fahrrad räder fahrräder
kapitän schiffsführer kapitänin
matrose besatzung mannschaft decksmann
mannschaft besatzung crew
fahrkarte fahrschein fahrausweis ticket karte
ticket fahrschein fahrausweis fahrkarte eintrittskarte
monatskarte zeitkarte dauerkarte abonnement
koffer gepäck gepäckstück handgepäck tasche
fahren reisen reise fahrt befördern befördert
mitfahren mitfährt antreten antritt reise
mitnehmen mitführen befördern beförderung
restaurant gaststätte speiseraum gastraum lokal
kneipe gaststätte lokal schankwirtschaft
lokal gaststätte restaurant wirtschaft
alkohol betrunken trunkenheit angetrunken getränke
ausschenken ausschank getränke
kaffee getränke café
rauchen geraucht tabak rauchverbot
jugendliche minderjährige minderjährig jugendlich
alter lebensjahr jahre alt
verbieten untersagen verbot untersagt ausgeschlossen
verboten untersagt unzulässig ausgeschlossen verbot
erlaubt gestattet zulässig zugelassen genehmigt
genehmigen freigabe freigeben bewilligen bewilligung zustimmen zustimmung
erlaubnis genehmigung zustimmung einwilligung bewilligung
klage gericht verfahren rechtsstreit
streit streitigkeit rechtsstreit meinungsverschiedenheit
gericht gerichtsstand landgericht amtsgericht schiedsgericht
zeugnis bescheinigung zertifikat nachweis
ausweis bescheinigung pass nachweis
schriftlich schriftform textform
antworten antwort erwidern bescheid beantworten
antrag bitten beantragen gesuch
anmelden anmeldung angemeldet anzeigen anzeige
ankündigen anmeldung anzeige ankündigung anmelden
spät verspätet verspätung verzug
verspätung verspätet verzug verzögerung
sofort unverzüglich umgehend fristlos sogleich
schnell unverzüglich zügig rasch
vorher zuvor vorab voraus
nachher danach anschließend
offen geöffnet öffnung öffnungszeit
zumachen schließen geschlossen schluss
aufmachen öffnen geöffnet
anfangen fängt beginnen beginn anfang beginnt
aufhören enden ende beenden
überschwemmung hochwasser flut sturmflut
unwetter sturm gewitter orkan
schlamm schlick baggergut sediment
sorge wagnis risiko gefahr
sorgen wagnis risiko gefahr
erwarten erwartet rechnen gerechnet voraussichtlich prognose
verloren verlust abhanden abhandengekommen fundsache fund
verlorene fundsache fundsachen abhandengekommen
gegenstand sache ding gegenstände
dinge sachen gegenstände fundsachen
aufheben verwahren aufbewahren verwahrt aufbewahrt lagern
aufgehoben verwahrt aufbewahrt verwahrung
aufbewahren lagern verwahren lagerung
wegwerfen entsorgen entsorgung beseitigen
zurückgeben rückgabe abgeben zurückgegeben
zurückbekommen zurückgegeben erstattung rückgabe ausgezahlt zurückerstattet
zurückfordern zurückverlangen erstattung antrag rückforderung
erneuern ersetzen erneuerung ersatz austauschen
austauschen wechseln wechsel ersetzen
prüfen prüfung untersuchen untersuchung inspektion kontrolle kontrollieren
inspektion prüfung durchsicht kontrolle
lang länge
hoch höhe
tief tiefe
schnell geschwindigkeit
stark leistung
brennen brand feuer
retten rettung bergung
helfen hilfe unterstützung
rettungsschwimmer aufsicht badeaufsicht wache
arzt ärztlich ärztin
krankenhaus klinik
schulung ausbildung unterweisung lehrgang
lernen ausbildung unterweisung
schuld verschulden verantwortlich
verantwortlich haftung zuständig haftet
zuständig verantwortlich zuständigkeit obliegt
kümmern sorgt sorgen zuständig
gegründet gründung errichtet
ungefähr etwa rund circa
ausnahme ausgenommen befreit befreiung
gültig gilt gültigkeit geltung
gelten gilt geltung inkrafttreten
laufzeit dauer läuft vertragsdauer
dauern dauer laufzeit
wohnen wohnung wohnsitz
waren ware güter gut
ladung fracht umschlag güter umschlagen
bewegt umgeschlagen umschlag befördert
lieferant zulieferer lieferer
kunde auftraggeber abnehmer besteller
käufer erwerber besteller
schließen abschließen verriegeln
strafe geahndet bußgeld geldbuße vertragsstrafe erhoben
schaden mangel beschädigung
mängel fehler schäden
verpackung verpackt gebinde
leute personen menschen
partei vertragspartner vertragspartei
mahnung zahlungserinnerung erinnerung
überweisen überweisung zahlen zahlung
vorschuss anzahlung vorauszahlung abschlag vorausgezahlt
frist termin zeitpunkt stichtag
schicht dienst arbeitszeit wache
einstellen anstellen anstellung einstellung
police versicherung versicherungsschein
selbstbehalt selbstbeteiligung eigenanteil
dick dicke durchmesser
schadenersatz schadensersatz entschädigung ersatz
haftbar haftung haftet
gewähr gewährleistung garantie
widerruf rücktritt zurücktreten
versand lieferung zustellung
spediteur frachtführer
halle lagerhalle lager
bestellen auftrag bestellung beauftragen
ausschreibung angebot zuschlag
aktie anteil aktionär gesellschafter
wirtschaftsprüfer prüfungsgesellschaft prüfer abschlussprüfer
abschreibung wertminderung
sitz hauptsitz zentrale
umzug verlegung umziehen
lizenzgeber rechteinhaber urheber
verändern bearbeiten bearbeitung abwandlung änderung
anspringen starten anlassen startet
stoppen anhalten halten
drücken betätigen ziehen
piepen warnton signalton ton
alarm warnung warnton warnsignal
störung ausfall fehler panne
akku batterie
aufladen laden ladung
antrieb motor maschine hauptmaschine
schraube propeller
ventil hahn absperrhahn
schlauch rohr leitung
schmieren schmierung fetten nachfetten
tanken getankt betanken kraftstoff
tank behälter
qualm rauch abgas qualmen
feuerlöscher löscher
rettungsweste schwimmweste weste
leine tau seil drahtseil
giftig ätzend gefährlich gefahrgut gefahrstoff
brennbar feuergefährlich entzündlich leichtentzündlich
explosiv sprengstoff gefährlich
abwasser schmutzwasser
steg anleger anlegestelle brücke
anlegen festmachen
auslaufen ablegen abfahrt
einlaufen ankunft anlegen
zugang eingang zutritt
ausgang notausgang
durchfallen durchgefallen nichtbestehen
schlichtung vermittlung schiedsgericht
treibstoff diesel benzin kraftstoff sprit
steuern ruder steuerung
ruder ruderanlage steuerung
`;
