/** German words of one root whose stems differ: verbs, and the nouns of what they do. One group a line, like those of `derivations.ts`. */
export const GERMAN_DERIVATIONS = `
austreten austritt
eintreten eintritt
beitreten beitritt
zurücktreten rücktritt
auftreten auftritt
abschließen abschluss
anschließen anschluss
ausschließen ausschluss
beschließen beschluss
schließen schluss schließung
verlieren verlust
umziehen umzug
einziehen einzug
ausziehen auszug
abziehen abzug
entziehen entzug
beziehen bezug
vorschlagen vorschlag
beantragen antrag
beitragen beitrag
auftragen auftrag beauftragen
eingreifen eingriff
angreifen angriff
zugreifen zugriff
ausgeben ausgabe
abgeben abgabe
angeben angabe
übergeben übergabe
zurückgeben rückgabe
vergeben vergabe
aufnehmen aufnahme
abnehmen abnahme
annehmen annahme
entnehmen entnahme
übernehmen übernahme
teilnehmen teilnahme teilnehmer
ausfallen ausfall
wegfallen wegfall
verfallen verfall
anfangen anfang
abfahren abfahrt
einfahren einfahrt
ausfahren ausfahrt
überfahren überfahrt
ankommen ankunft
zustimmen zustimmung
aufsteigen aufstieg
absteigen abstieg
einsteigen einstieg
verbrauchen verbrauch
missbrauchen missbrauch
versuchen versuch
besuchen besuch besucher
verkaufen verkauf verkäufer
kaufen kauf käufer
umbauen umbau
anbauen anbau
ausbauen ausbau
einbauen einbau
abbauen abbau
bedürfen bedarf
verbieten verbot
anbieten angebot
ersetzen ersatz
einsetzen einsatz
umsetzen umsatz
verstoßen verstoß
verzichten verzicht
berichten bericht
bestehen bestand
aufenthalten aufenthalt
unterhalten unterhalt unterhaltung
ablaufen ablauf
verlaufen verlauf
anrufen anruf
widerrufen widerruf
widersprechen widerspruch
beanspruchen anspruch
absprechen absprache
einbrechen einbruch
abbrechen abbruch
wachsen wachstum
sterben tod
wählen wahl
rauben raub
stehlen diebstahl
ziehen zug
laufen lauf
bauen bau
starten start
beginnen beginn
enden ende
mieten miete mieter
vermieten vermietung vermieter
pachten pacht pächter
verpachten verpachtung verpächter
leihen leihe
kündigen kündigung
haften haftung
prüfen prüfung prüfer
warten wartung
reinigen reinigung
tagen tagung
liefern lieferung lieferant
bestellen bestellung
mahnen mahnung
mitteilen mitteilung
anmelden anmeldung
abmelden abmeldung
genehmigen genehmigung
erlauben erlaubnis
zahlen zahlung
bezahlen bezahlung
verlängern verlängerung
verspäten verspätung
versichern versicherung
beschädigen beschädigung schaden
`;
