/** Words that German contracts, reports and manuals use for one another, a line a group. */
export const GERMAN_GROUPS = `
kündigen kündigung beenden beendigung ende enden ablauf
miete mietzins pacht mietpreis
kosten preis gebühr entgelt betrag
zahlen zahlung entrichten bezahlen fällig
frist dauer zeitraum laufzeit
mindestens wenigstens minimal minimum
höchstens maximal maximum obergrenze
mitarbeiter mitarbeitende beschäftigte arbeitnehmer angestellte personal
schiff fahrzeug boot
gegründet gründung gründer entstanden
speicher arbeitsspeicher ram hauptspeicher
platz speicherplatz festplattenplatz
erlaubt zulässig gestattet darf
änderung ändern anpassen geändert
löschen entfernen gelöscht
fehler mangel defekt störung
versicherung versichern versichert
haftung haften schaden
strafe bußgeld vertragsstrafe sanktion
vertrag vereinbarung abkommen
bericht gutachten
unfall zwischenfall
passagier fahrgast reisender
gesetz recht verordnung vorschrift
kaufen erwerb erwerben kauf
verkaufen verkauf veräußern veräußerung
mitteilen mitteilung benachrichtigen anzeige melden informieren
rechner computer system
lizenz genehmigung erlaubnis zustimmung
übertragen übertragung abtreten abtretung
kaution sicherheit bürgschaft
veröffentlichung release ausgabe
kennwort passwort
vermieterin eigentümerin verpächterin hausherr vermieter eigentümer
mieterin pächterin mieter pächter
ansehen besichtigen besichtigung betreten betretung zutritt
zuständig gerichtsstand gericht
verlängern verlängerung erneuern fortsetzen
fest festlaufzeit mietzeit befristet
groß größe fläche quadratmeter umfang
höhe beträgt belaufen betrag summe
erhöhen erhöhung steigen steigerung anheben anpassung
senken senkung sinken fallen rückgang verringern abnahme
reparatur instandhaltung instandsetzung ausbessern wartung
tragen bezahlen übernehmen lasten
besitzen gehören eigentum
beginnen beginn anfangen anfang starten start inkrafttreten
schließen geschlossen schließung
öffnen geöffnet öffnungszeiten betriebszeiten
benötigen brauchen erforderlich notwendig nötig
aufbewahren aufbewahrung aufheben speichern
anmelden anmeldung registrieren registrierung eintragen eintragung
antrag beantragen antragsteller
beschwerde widerspruch einspruch rechtsmittel
entschädigung ersatz schadensersatz ausgleich
dividende ausschüttung
darlehen kredit verbindlichkeit schulden
eigenkapital vermögen
verlust fehlbetrag
vorstand geschäftsführung geschäftsführer leitung direktor
aufsichtsrat verwaltungsrat
hauptversammlung gesellschafterversammlung versammlung
niederlassung standort sitz
gewicht wiegen schwer masse
lautstärke lärm geräusch schallpegel schalldruckpegel laut
temperatur wärme heiß kalt grad
stromverbrauch leistung leistungsaufnahme energieverbrauch
reinigen reinigung säubern putzen sauber
ausschalten abschalten trennen abstellen
einschalten anschalten starten inbetriebnahme
ersatzteil zubehör
lieferung liefern zustellung
verspätung verspätet verzug rückstand
rechnung abrechnung faktura
nachweis beleg bescheinigung zertifikat urkunde
behörde amt stelle
inspektor prüfer kontrolleur aufseher
hund tier haustier
untervermietung untermiete untervermieten weitervermieten untermieter
umbau umbauten bauliche veränderung
parkplatz stellplatz stellplätze parken
rückgabe zurückgeben auszug räumung übergabe
auszahlen rückzahlung zurückzahlen erstatten erstattung
vertraulich geheim verschwiegenheit geheimhaltung
daten informationen angaben
verletzung verstoß zuwiderhandlung missachtung
unterbrechen aussetzen ruhen
ursache grund anlass
ziel zweck absicht
folge auswirkung ergebnis
teilnehmer beteiligte
kunde auftraggeber besteller käufer
lieferant auftragnehmer anbieter dienstleister verkäufer
arzt ärztin mediziner
wasser nass feuchtigkeit
herunterladen download
einrichten einrichtung konfigurieren konfiguration einstellen einstellung
installieren installation aufspielen
betriebssystem system
festplatte datenträger platte
benutzer nutzer anwender
programm software anwendung
hersteller fabrikant produzent
jährlich jährliche jahr
monatlich monat
täglich tag
wöchentlich woche
`;
