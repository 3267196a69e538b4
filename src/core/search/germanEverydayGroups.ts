/** Words of everyday German and those that contracts, licences, rules, reports and manuals use for the same, a line a group; like `germanGroups.ts`. */
export const GERMAN_EVERYDAY_GROUPS = `
ratsam empfohlen empfehlen empfehlenswert empfiehlt empfehlung angeraten
kostenlos unentgeltlich gratis gebührenfrei kostenfrei lizenzgebührenfrei umsonst kosten
kosten kostet kostenlos unentgeltlich entgelt
heutig modern aktuell gegenwärtig derzeit
modern aktuell neu zeitgemäß
browser webbrowser
oberfläche desktop arbeitsumgebung benutzeroberfläche desktopumgebung
desktop arbeitsumgebung oberfläche arbeitsfläche
verbrauchen verbrauch bedarf ressourcenbedarf benötigen
bedarf verbrauch anforderung
voreingestellt standard standardmäßig vorgabe voreinstellung
stilllegen stillgelegt deaktivieren deaktiviert abschalten
abstellen deaktivieren abschalten ausschalten
aktivieren einschalten anschalten freischalten
betrieb gang aktiv aktiviert inbetriebnahme
nachts nacht abends
weshalb warum grund weil
anderer dritter andere dritte
dritter anderer fremder
überlassen weitergeben weitergabe bereitstellen zugänglich
weitergeben weitergabe übertragen übertragung verbreiten überlassen
weiterverkaufen verkaufen unterlizenzieren unterlizenzierung übertragung
fassung version ausgabe
herausgeben veröffentlichen erlassen verabschieden kraft
veröffentlichen herausgeben bekanntmachen freigeben
einhalten befolgen beachten erfüllen nachkommen einhaltung
missachten verletzen verstoßen verletzung zuwiderhandlung verstoß
pflicht verpflichtung verpflichtet obliegenheit
verpflichtet pflicht müssen
anspruch recht forderung
urheber rechtsinhaber autor verfasser
sicherheitskopie sicherungskopie backup datensicherung
schwimmen baden
sicherung backup datensicherung sicherungskopie
kopie vervielfältigung vervielfältigungsstück abschrift duplikat
kopieren vervielfältigen duplizieren
anlegen erstellen einrichten erzeugen
erstellen anlegen erzeugen herstellen
sperre schutzmaßnahme sperren blockieren zugangsbeschränkung
sperren blockieren verhindern
sprache fassung sprachlich
verstehen versteht bedeutung definition bezeichnet
heißen bedeuten bezeichnen
betreffen gelten anwendung
gelten anwendung gültig wirksam
gültig wirksam wirksamkeit gültigkeit kraft
ungültig unwirksam nichtig
gleich identisch dieselbe gleichwertig
unterschiedlich verschieden abweichend
abweichen unterschied verschieden
wichtig wesentlich bedeutend maßgeblich
maßgeblich entscheidend bestimmend
nutzen verwenden benutzen gebrauchen einsetzen anwenden
zeigen anzeigen darstellen anzeige
anzeigen darstellen zeigen ausgeben
schreiben verfassen erfassen
lesen auslesen einlesen
holen abrufen herunterladen beziehen
senden schicken übermitteln versenden übersenden
schicken senden übermitteln versenden einsenden
bekommen erhalten empfangen
fragen anfragen ersuchen
bitten ersuchen beantragen
sagen angeben mitteilen erklären
erklären erläutern beschreiben
entscheiden entscheidung beschließen beschluss
beschließen beschluss abstimmung entscheidung
wählen auswählen wahl auswahl
bestellen ernennen berufen bestellung ernennung
abberufen entlassen abberufung
stellvertreter vertreter vertretung
leiter leitung chef direktor vorsitzender
chef leiter vorgesetzter direktor
vorsitzender präsident leiter
mitglied angehöriger teilnehmer
verein verband vereinigung
sitzung versammlung tagung
stimme abstimmung stimmrecht
mehrheit stimmenmehrheit
bestehen existieren vorhanden
fehlen nicht vorhanden fehlend
verlieren verlust einbuße
finden suchen ermitteln auffinden
suchen suche finden recherchieren
ersetzen austauschen ablösen ersatz
austauschen ersetzen wechseln auswechseln
wechseln tauschen ändern
umbenennen umbenennung name
verschieben bewegen verlegen
verlegen verschieben umziehen
verkleinern verringern reduzieren
vergrößern erweitern ausdehnen
erweitern vergrößern ergänzen
ergänzen hinzufügen erweitern
hinzufügen ergänzen einfügen
entfernen löschen beseitigen
beseitigen entfernen beheben
beheben reparieren lösen beseitigen
lösen beheben lösung
lösung abhilfe behebung
schützen schutz sichern absichern
gefährlich gefahr risiko riskant
gefahr risiko gefährdung
sicher sicherheit geschützt
langsam verzögert
früh vorher vorzeitig
später nachträglich danach
rechtzeitig fristgerecht pünktlich
dauern dauer zeitraum
wie oft häufig häufigkeit turnus
regelmäßig turnusmäßig periodisch
stündlich stunde
nachträglich später rückwirkend
anfang beginn zunächst start
zunächst anfang zuerst anfänglich
ende schluss ablauf beendigung
aufhören enden beenden einstellen
einstellen beenden aussetzen
fortsetzen weiterführen fortführen
zusätzlich weitere ergänzend
weitere zusätzliche andere
vollständig komplett gesamt ganz
teil anteil abschnitt bestandteil
anteil prozent quote beteiligung
hälfte halb 50
doppelt zweifach zwei
einzig allein ausschließlich
ausschließlich allein exklusiv
nur ausschließlich lediglich
gemeinsam zusammen gemeinschaftlich
zusammen gemeinsam kombiniert
verbinden verbunden anschließen verbindung kombinieren
trennen getrennt abtrennen
rechner computer maschine gerät arbeitsplatzrechner
gerät maschine apparat anlage
anlage einrichtung system gerät
tragbar laptop notebook mobil
netzwerk netz internet
internet netz online
drucker druck drucken ausdruck
bildschirm monitor anzeige
tastatur taste tasten
maus zeiger
befehl kommando anweisung
dokument datei unterlage schriftstück
unterlagen dokumente nachweise papiere
verzeichnis ordner pfad
zeichen buchstabe
zeile reihe eintrag
spalte feld
ziffer zahl nummer
anzahl zahl menge
menge anzahl umfang
paket programmpaket
quelltext quellcode source code
übersetzen kompilieren übersetzung
aktualisieren update aktualisierung upgrade
neustart neustarten hochfahren reboot
hochfahren starten booten
herunterfahren ausschalten abschalten
konto benutzerkonto
zugang zugriff zutritt
zugriff zugang berechtigung
berechtigt befugt ermächtigt
befugnis recht berechtigung
verwalter administrator verwaltung
verwaltung administration verwalten
schule unterricht schüler bildung
lehrer lehrkraft lehrkräfte
schüler lernende
kind minderjähriger minderjährige
eltern erziehungsberechtigte
erwachsener volljährig
ehepartner ehegatte
tod verstorben sterben
geburt geboren
arbeit tätigkeit beschäftigung
beruf tätigkeit
firma unternehmen gesellschaft betrieb
laden geschäft filiale
filiale niederlassung zweigstelle
büro geschäftsstelle
haus gebäude
wohnung räume mietobjekt mietsache
räume räumlichkeiten mieträume
tür eingang
heizung wärme
strom elektrizität
abfall müll entsorgung
straße weg
hafen anleger kai
ware gut produkt
produkt erzeugnis ware
qualität güte beschaffenheit
muster vorlage beispiel
regel vorschrift bestimmung
bestimmung vorschrift regelung klausel
anhang anlage beilage
kapitel abschnitt
überschrift titel
hinweis vermerk anmerkung
vermerk hinweis eintrag
voraussetzung bedingung anforderung
ausnahme abweichung
einschränkung beschränkung begrenzung
beschränken begrenzen einschränken
grenze grenzwert obergrenze
folgen konsequenzen rechtsfolge
vorteil nutzen
nachteil schaden
streit streitigkeit auseinandersetzung
einigung vereinbarung
zustimmen zustimmung einwilligen einwilligung
ablehnen ablehnung verweigern zurückweisen
widerrufen widerruf zurücknehmen
kündbar kündigung
stornieren storno absagen
absagen ausfallen
verzinsen zinsen
steuer abgabe
spende zuwendung
zuschuss förderung beihilfe
haushalt etat budget
vermögen aktiva
anlegen investieren investition
wert betrag
schätzen schätzung bewerten
messen messung
prüfen testen kontrollieren
versuch test
ergebnis resultat
bericht meldung
melden anzeigen mitteilen
zeuge zeugin
beweis nachweis
polizei behörde
minister ministerium
land staat bundesland
ausland ausländisch
stadt gemeinde kommune
bürger einwohner
öffentlichkeit öffentlich
privat persönlich
persönlich selbst
namentlich name
adresse anschrift
telefon fernsprecher
brief schreiben
unterschreiben unterzeichnen unterschrift
unterschrift unterzeichnung
`;
