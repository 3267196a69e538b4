/** Words that German contracts, reports and manuals use for one another, a line a group. */
export const GERMAN_GROUPS = `
kündigen kündigung beenden beendigung ende enden ablauf
miete mietzins pacht mietpreis
vermieter eigentümer verpächter
mieter pächter
kosten preis gebühr entgelt betrag
zahlen zahlung entrichten bezahlen fällig
frist dauer zeitraum laufzeit
mindestens wenigstens minimal minimum
höchstens maximal maximum obergrenze
umsatz umsatzerlöse erlöse
gewinn überschuss ergebnis jahresüberschuss
mitarbeiter beschäftigte arbeitnehmer angestellte personal
schiff fahrzeug boot
gegründet gründung gründer entstanden
speicher arbeitsspeicher ram hauptspeicher
platz speicherplatz festplattenplatz
verboten untersagt unzulässig
erlaubt zulässig gestattet darf
änderung ändern anpassen geändert
löschen entfernen gelöscht
fehler mangel defekt störung
versicherung versichern versichert
haftung haften schaden
strafe bußgeld vertragsstrafe sanktion
gericht gerichtsstand schiedsgericht
vertrag vereinbarung abkommen
bericht gutachten
unfall zwischenfall
passagier fahrgast reisender
gesetz recht verordnung vorschrift
kaufen erwerb erwerben kauf
verkaufen verkauf veräußern veräußerung
jährlich jahr
mitteilen mitteilung benachrichtigen anzeige melden informieren
prüfen prüfung kontrolle untersuchen untersuchung
ordner verzeichnis
rechner computer system
lizenz genehmigung erlaubnis zustimmung
übertragen übertragung abtreten abtretung
kaution sicherheit bürgschaft
veröffentlichung release ausgabe
kennwort passwort
`;
