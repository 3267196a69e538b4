/**
 * Forms of German verbs, which the stemmer leaves apart: "gereinigt" and "reinigen", "gestrichen" and "streicht". Verbs of contracts, rules and handbooks, as
 * infinitives; strong ones with the forms that their stem takes. A group a verb, like those of `derivations.ts`.
 */

/** Verbs that take "-t" and "ge-…-t", without prefixes that stay: those follow in `FIRM`. */
const WEAK = `
achten ändern ankern antworten arbeiten atmen äußern bauen baden bohren brauchen buchen bürgen campen dauern decken dienen drehen drosseln drücken düngen
ehren einigen enden fassen fehlen feiern filtern fischen fluten folgen fordern fördern fragen führen füllen füttern gründen grillen haften handeln heizen
hindern holen hören impfen kaufen kehren kennzeichnen klagen kleben klären klettern knüpfen koppeln kochen kosten kreuzen kühlen kuppeln kümmern kürzen
kündigen lagern landen legen lehnen leisten leiten lernen liefern loben lockern löschen lösen lüften machen mahnen mähen malen melden mieten mildern mindern
mischen mustern nutzen nützen öffnen ölen opfern ordnen pachten packen parken pflanzen pflegen prüfen pumpen putzen rauchen räumen rechnen regeln regnen reichen reinigen reisen reparieren retten richten
rühren rüsten sägen sammeln schaden schalten schätzen schenken schicken schlichten schmieren schmücken schrauben schulden schulen schützen schweißen segeln sichern siegeln sorgen sparen speichern sperren spielen spritzen spülen stapeln starten stecken stellen steuern stören streuen stützen
suchen tanken tauchen tauschen teilen testen tilgen trocknen üben wachen wählen wandern warnen warten wechseln wecken weigern werten wickeln widmen wiederholen wohnen zahlen zählen zeichnen zeigen zögern zünden
`;

/** The same of verbs whose prefix stays: they take no "ge-". */
const FIRM = `
bearbeiten beantragen beantworten beauftragen bedecken bedienen beenden befestigen befördern befüllen begleiten begründen begrenzen behandeln beheizen beherbergen belasten belegen beleuchten belüften benachrichtigen benötigen benutzen bepflanzen berechnen
berechtigen bereinigen berichten berichtigen berücksichtigen beschädigen beschäftigen beschleunigen beschränken beschriften beseitigen besetzen besichtigen bestätigen bestellen bestimmen beteiligen betonen betreuen bewachen bewahren bewegen bewerten bewilligen bewirtschaften bezahlen bezeichnen
entfernen entleeren entlüften entrichten entschädigen entsenden entsorgen entwickeln entwässern ergänzen erhitzen erhöhen erinnern erklären erlauben erledigen erlegen erleichtern ermächtigen ermäßigen ermitteln ermöglichen erneuern eröffnen erproben
errechnen erreichen errichten ersetzen erstatten erstellen erteilen erwarten erweitern erzeugen erzielen genehmigen gefährden gestatten gewähren gewährleisten überprüfen überholen überwachen übermitteln übersenden überqueren
untersagen untersuchen unterrichten unterstützen unterzeichnen verändern veranlassen verankern veranstalten verarbeiten veräußern verbessern verbrauchen verdienen verdoppeln vereinbaren verfügen vergrößern vergüten verhindern verhängen verkaufen verkleinern verkürzen verlagern
verlangen verlängern verletzen vermieten vermindern vermitteln vernichten verpachten verpacken verpflichten verringern verrechnen verriegeln versagen versäumen verschmutzen verschulden versenken versichern versorgen verspäten verstärken verteilen vertäuen verteuern
verunreinigen verursachen verwahren verwalten verwenden verwerten verzinsen verzögern vollenden zerstören
`;

/** Prefixes that part from their verb. */
const PARTING =
  'ab an auf aus ein fest mit nach vor zu zurück weiter um durch hin her los statt bereit frei heraus hinzu fern nieder';
const STAYING = 'be ent er ver zer über unter durch um wider miss';

/** Strong verbs: the infinitive without "-en", what it is in the present, in the past, and in the participle without "ge-" and "-en". */
const STRONG = `
bieg biegt bog bog
biet bietet bot bot
bind bindet band bund
bitt bittet bat bet
bleib bleibt blieb blieb
brech bricht brach broch
dring dringt drang drung
fahr fährt fuhr fahr
fall fällt fiel fall
fang fängt fing fang
find findet fand fund
flieg fliegt flog flog
fließ fließt floss floss
frier friert fror fror
geb gibt gab geb
gieß gießt goss goss
greif greift griff griff
halt hält hielt halt
gleich gleicht glich glich
häng hängt hing hang
heb hebt hob hob
lad lädt lud lad
lass lässt ließ lass
lauf läuft lief lauf
leih leiht lieh lieh
les liest las les
lieg liegt lag leg
mess misst maß mess
meid meidet mied mied
nehm nimmt nahm nomm
rat rät riet rat
ruf ruft rief ruf
schieb schiebt schob schob
schlag schlägt schlug schlag
schließ schließt schloss schloss
schleif schleift schliff schliff
schneid schneidet schnitt schnitt
schreib schreibt schrieb schrieb
schreit schreitet schritt schritt
schwimm schwimmt schwamm schwomm
seh sieht sah seh
sink sinkt sank sunk
sitz sitzt saß sess
sprech spricht sprach sproch
spring springt sprang sprung
stech sticht stach stoch
steig steigt stieg stieg
streich streicht strich strich
streit streitet stritt stritt
trag trägt trug trag
treff trifft traf troff
treib treibt trieb trieb
tret tritt trat tret
trink trinkt trank trunk
wasch wäscht wusch wasch
weich weicht wich wich
weis weist wies wies
werb wirbt warb worb
werf wirft warf worf
wieg wiegt wog wog
zieh zieht zog zog
`;
/** Verbs of their own way, all their forms. */
const OWN = `
gehen geht ging gegangen
stehen steht stand gestanden
bestehen besteht bestand bestanden
entstehen entsteht entstand entstanden
bringen bringt brachte gebracht
anbringen anbringt angebracht
einbringen einbringt eingebracht
verbringen verbringt verbracht
tun tut tat getan
senden sendet sandte gesandt gesendet
wenden wendet wandte gewandt gewendet
anwenden anwendet angewandt angewendet
kennen kennt kannte gekannt
nennen nennt nannte genannt
benennen benennt benannte benannt
brennen brennt brannte gebrannt
verbrennen verbrennt verbrannte verbrannt
verlieren verliert verlor verloren
essen isst gegessen
backen backt gebacken
schaffen schafft geschaffen geschafft
anlegen anlegt angelegt
ablegen ablegt abgelegt
auslegen auslegt ausgelegt
vorlegen vorlegt vorgelegt vorzulegen
hinterlegen hinterlegt
festlegen festlegt festgelegt
einstellen einstellt eingestellt einzustellen
abstellen abstellt abgestellt abzustellen
aufstellen aufstellt aufgestellt aufzustellen
anstellen anstellt angestellt
bereitstellen bereitstellt bereitgestellt bereitzustellen
herstellen herstellt hergestellt herzustellen
feststellen feststellt festgestellt
ausstellen ausstellt ausgestellt
vorstellen vorstellt vorgestellt
zustellen zustellt zugestellt zuzustellen
einzahlen einzahlt eingezahlt
auszahlen auszahlt ausgezahlt auszuzahlen
zurückzahlen zurückzahlt zurückgezahlt zurückzuzahlen
anzahlen anzahlt angezahlt
abrechnen abrechnet abgerechnet
anmelden anmeldet angemeldet anzumelden
abmelden abmeldet abgemeldet
ausführen ausführt ausgeführt auszuführen
durchführen durchführt durchgeführt durchzuführen
abführen abführt abgeführt
einführen einführt eingeführt
mitführen mitführt mitgeführt mitzuführen
einreichen einreicht eingereicht einzureichen
ausreichen ausreicht
abdecken abdeckt abgedeckt
aufräumen aufräumt aufgeräumt
einräumen einräumt eingeräumt
aufbewahren aufbewahrt aufzubewahren
ausrüsten ausrüstet ausgerüstet
einschalten einschaltet eingeschaltet einzuschalten
abschalten abschaltet abgeschaltet abzuschalten
ausschalten ausschaltet ausgeschaltet
austauschen austauscht ausgetauscht auszutauschen
auswechseln auswechselt ausgewechselt auszuwechseln
nachweisen nachweist nachgewiesen nachzuweisen
abholen abholt abgeholt abzuholen
einholen einholt eingeholt einzuholen
nachholen nachholt nachgeholt
kürzen kürzt gekürzt
anpassen anpasst angepasst anzupassen
aufstocken aufstockt aufgestockt
absenken absenkt abgesenkt
anheben anhebt angehoben
zustimmen zustimmt zugestimmt
ablehnen ablehnt abgelehnt abzulehnen
abstimmen abstimmt abgestimmt
mitteilen mitteilt mitgeteilt mitzuteilen
zuteilen zuteilt zugeteilt
ankündigen ankündigt angekündigt anzukündigen
anzeigen anzeigt angezeigt anzuzeigen
ausüben ausübt ausgeübt
`;

const words = (list: string): string[] => list.trim().split(/\s+/);
const lines = (list: string): string[][] => list.trim().split('\n').map(words);

/** What a weak verb is without its ending: "änder" of "ändern", "reinig" of "reinigen". */
function bare(infinitive: string): string {
  return infinitive.replace(/(?<=e[lr])n$|en$/, '');
}

/** "Antwortet", "rechnet", "zeichnet"; others take "t" alone. */
function withT(stem: string): string {
  return /[dt]$|(?:[bcdfgkpt]|ch|ff|gn|chn|dn|tm)[mn]$/.test(stem) ? `${stem}et` : `${stem}t`;
}

function weak(infinitive: string): string[] {
  const stem = bare(infinitive);
  return [infinitive, stem, withT(stem), `ge${withT(stem)}`, `${stem}ung`];
}

function firm(infinitive: string): string[] {
  const stem = bare(infinitive);
  return [infinitive, stem, withT(stem), `${stem}ung`];
}

function strong([stem = '', present = '', past = '', participle = '']: readonly string[]): string[][] {
  const own = [`${stem}en`, present, past, `ge${participle}en`];
  const parting = words(PARTING).map((prefix) => [
    `${prefix}${stem}en`,
    `${prefix}${present}`,
    `${prefix}ge${participle}en`,
    `${prefix}zu${stem}en`,
  ]);
  const staying = words(STAYING).map((prefix) => [
    `${prefix}${stem}en`,
    `${prefix}${present}`,
    `${prefix}${past}`,
    `${prefix}${participle}en`,
  ]);
  return [own, ...parting, ...staying];
}

/** The forms of each verb, a line a verb; made when German is first asked, not when the page opens. */
export function germanVerbs(): string {
  const verbs = [...words(WEAK).map(weak), ...words(FIRM).map(firm), ...lines(STRONG).flatMap(strong), ...lines(OWN)];
  return verbs.map((forms) => forms.join(' ')).join('\n');
}
