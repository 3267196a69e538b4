import { within, type Matter } from './matter';

const DAY = String.raw`\d{1,2}\.\s?(?:Januar|Februar|März|April|Mai|Juni|Juli|August|September|Oktober|November|Dezember|\d{1,2}\.)`;
const SPAN = String.raw`(?:Stunden?|Tage?n?|Wochen?|Monate?n?|Jahre?n?|Quartale?)(?!\p{L})`;
/** What a contract, or rules like one, may be called. */
const AGREEMENT = String.raw`(?:\p{L}*vertr[aä]g\p{L}*|\p{L}*vereinbarung|\p{L}*verhältnis|\p{L}*lizenz|konzession|\p{L}*pacht|\p{L}*miete|laufzeit|\p{L}*ordnung|\p{L}*satzung|\p{L}*regelung\p{L}*|\p{L}*bedingungen|vorschrift\p{L}*|gesetz|erlaubnis|genehmigung|er|sie|es)`;
const WORD_END = String.raw`(?!\p{L})`;
const SECURITY = 'kaution|sicherheit|bürgschaft|pfand|mietsicherheit|sicherheitsleistung|hinterlegt';
const FEE = String.raw`\p{L}*entgelt|preis|\p{L}*miete|\p{L}*pacht|\p{L}*gebühr|vergütung|beitrag|zins`;
const MOVES = String.raw`an(?:ge)?pass|erhöh|überprüf|index|gesteigert|steig|neu fest|geändert|ändert`;

/** What contracts settle: how it is asked in German, and how their clauses tell it. */
export const GERMAN_MATTERS: readonly Matter[] = [
  {
    name: 'begin',
    asked: new RegExp(
      String.raw`^(?:wann|ab wann|seit wann|von wann an|an welchem tag|zu welchem zeitpunkt)(?!.*\bnicht\b).*(?<!\p{L})${AGREEMENT}${WORD_END}.*(?:beginn|fängt|in kraft|gilt|wirksam|startet)`,
      'iu',
    ),
    told: new RegExp(
      String.raw`in Kraft|(?:beginn\p{L}*|gilt|gültig|wirksam|läuft|besteht|gelten)(?!\p{L}).{0,30}(?:ab|am|vom|seit|mit)(?: dem)? ${DAY}|(?:ab|seit)(?: dem)? ${DAY}|vom ${DAY}.{0,10}bis`,
      'iu',
    ),
    value: { before: /(?<!\p{L})(?:ab|vom|am|seit)(?: dem)?\s*$/iu, behind: /^\s*bis(?!\p{L})/iu },
    words: 'kraft beginnt laufzeit gilt gültig ab beginn wirksam besteht vertrag vereinbarung',
  },
  {
    name: 'end',
    asked: new RegExp(
      String.raw`^(?:wann|bis wann|bis zu welchem (?:tag|zeitpunkt|datum)|an welchem tag)(?!.*\bnicht\b).*(?<!\p{L})${AGREEMENT}${WORD_END}.*(?:ende[tn]?|aus|abläuft|ab|vorbei|erlischt|befristet)\s*\?*$|^bis wann (?:läuft|gilt|dauert|besteht) (?:de[rs]|die) ${AGREEMENT}\s*\?*$`,
      'iu',
    ),
    told: new RegExp(
      String.raw`(?:endet(?: am)?|bis(?: zum)?|ablauf des|läuft .{0,20}aus(?: am)?|erlischt|befristet).{0,12}${DAY}|vom ${DAY}.{0,10}bis`,
      'iu',
    ),
    value: { before: /(?<!\p{L})(?:bis(?: zum)?|des|endet am)\s*$/iu },
    words: 'endet läuft ablauf befristet erlischt bis laufzeit vertrag vereinbarung aus ende',
  },
  {
    name: 'extension',
    asked: new RegExp(String.raw`verlänger(?!.*(?<!\p{L})(?:ausweis|karte|kabel|frist))`, 'iu'),
    told: /verlänger|weitere[nrs]? \p{L}+ (?:jahre|monate)|schließt sich .*\ban\b|option/iu,
    words: 'verlängert verlängerung verlängern weitere zeitraum option stillschweigend',
  },
  {
    name: 'termination at once',
    asked: within([
      'kündig|beend|aufgelöst|widerruf',
      String.raw`fristlos|sofort|ohne frist|welche[mn] (?:grund|gründen)|unverzüglich`,
    ]),
    told: within([
      'kündig|beend|auflös|widerruf|rücktritt|zurücktret',
      'fristlos|sofort|ohne frist|wichtige[mnr] grund|rückstand|verzug',
    ]),
    words: 'fristlos kündigen kündigung sofort sofortigen sofortige rückstand grund',
  },
  {
    name: 'notice',
    asked: within(
      [String.raw`kündig|(?:vertrag|vereinbarung).*beend`, String.raw`frist|wie lange|wie viele|vorher|voraus|wann`],
      String.raw`fristlos|sofort\p{L}*`,
    ),
    told: within([String.raw`kündig|beend|aufheb`, SPAN], 'fristlos|sofort\\p{L}*'),
    words: 'kündigungsfrist kündigung kündigen gekündigt frist beenden vorher voraus lang lange',
  },
  {
    name: 'payment',
    asked: within(
      [
        String.raw`rechnung|zahlungsfrist|(?<!ab|ein|aus)ge?zahlt|(?<!ab)bezahlt`,
        String.raw`wann|wie lange|frist|wie viel zeit|bis wann|wie schnell`,
      ],
      String.raw`spät|verspätet|verzug|zurück\p{L}*|kaution|sicherheit|miete`,
    ),
    told: within(
      [
        String.raw`rechnung|zahlung|zahlbar|zahlt|überweis|beglichen|begleichen`,
        String.raw`fällig|zahl|begleichen|beglichen|überweis|zahlungsfrist|frist`,
        String.raw`${SPAN}|werktag|erhalt|zugang`,
      ],
      'kaution|sicherheit|zurück\\p{L}*|zinsen|kündig\\p{L}*',
    ),
    words:
      'rechnungen rechnung rechnungsbetrag zahlungsfrist begleichen bezahlen bezahlt gezahlt fällig zahlen frist zeit',
  },
  {
    name: 'late payment',
    asked: within(
      [
        String.raw`verzugszins|zinsen|zins(?!\p{L})|zu spät|verspätet|rückst[aä]nd|verzug`,
        String.raw`wie hoch|welche|was (?:passiert|geschieht|kostet)|wie viel`,
        String.raw`zins|zahl`,
      ],
      'kredit|darlehen|anleihe',
    ),
    told: within([
      String.raw`zins|prozent|zuschlag|mahn|verzinsen`,
      String.raw`verzug|verspätet|spät|rückst|überfällig|nicht rechtzeitig`,
    ]),
    words:
      'verzugszinsen zinsen verzug verspäteter verspätet rückstände rückstand spät gezahlt zahlung verzinsen mahnung fallen',
  },
  {
    name: 'security returned',
    asked: within([SECURITY, String.raw`zurück|erstatt|wieder|frei`]),
    told: within([SECURITY, String.raw`zurück|erstatt|frei(?!\p{L})|auszahl|rückgabe|rückzahl`]),
    words: 'kaution sicherheit zurückgezahlt zurück erstattet rückzahlung frei bürgschaft bekommt',
  },
  {
    name: 'security',
    asked: within([SECURITY, String.raw`wie hoch|wie viel|welche|betrag`]),
    told: within(
      [SECURITY, String.raw`\d|monatsmiete|(?:zwei|drei|ein)\p{L}* \p{L}*miete`],
      'zurück\\p{L}*|erstatt\\p{L}*',
    ),
    words: 'kaution sicherheit sicherheitsleistung bürgschaft hinterlegt hinterlegen hoch leisten',
  },
  {
    name: 'review',
    asked: within([String.raw`wie oft|wann|in welchen abständen`, FEE, MOVES]),
    told: within([FEE, `${MOVES}|folgt`]),
    words: 'angepasst erhöht überprüft preisindex index entgelt preis jahre anpassung',
  },
  {
    name: 'insurance',
    asked: within(
      [String.raw`versicher`, String.raw`welche|wie hoch|braucht|muss|abschließ|betrag`],
      'kostet|wer|prämie',
    ),
    told: /versicher|deckungssumme/iu,
    words: 'versicherung haftpflichtversicherung versichern versichert ansprüche dritter abschließen deckungssumme',
  },
  {
    name: 'cap',
    asked: within(
      [
        String.raw`(?<!\p{L})haft|schadens?ersatz`,
        String.raw`höchst|begrenz|beschränk|bis zu|maximal|grenze|obergrenze`,
      ],
      'versicher\\p{L}*',
    ),
    told: within(
      [
        String.raw`(?<!\p{L})haft|schadens?ersatz|ersatzpflicht`,
        String.raw`höchst|begrenz|beschränk|bis (?:zu )?(?:einem |\d)|maximal|nicht über`,
      ],
      'versicher\\p{L}*',
    ),
    words: 'haftung haftet haften schadenersatz beschränkt begrenzt höchstens betrag',
  },
  {
    name: 'exclusions',
    asked:
      /(?:nicht|nichts?) (?:dazu|enthalten|inbegriffen|geschuldet|erfasst|versichert|abgedeckt|eingeschlossen|umfasst)|(?:gehört|gehören|zählt|zählen) (?:\p{L}+ )?nicht (?:dazu|zu)|ausgeschlossen|ausgenommen/iu,
    told: /nicht (?:enthalten|inbegriffen|geschuldet|erfasst|versichert|abgedeckt|eingeschlossen|umfasst|zu den|gedeckt)|ausgeschlossen|ausgenommen|gesondert|außer|ohne|keine anwendung/iu,
    words: 'nicht enthalten inbegriffen geschuldet ausgeschlossen ausgenommen gesondert versichert',
  },
  {
    name: 'assignment',
    asked: within([
      String.raw`\p{L}*vertrag|rechte|lizenz|vereinbarung|genehmigung|erlaubnis|konzession|mitgliedschaft|ausweis|karte`,
      String.raw`übertrag|abtret|abgetreten|weiterge(?:ben|geben)|überlassen|verkauf|veräußer|verschenk|vererb`,
      String.raw`kann|darf|dürfen|können|ist|bedarf`,
    ]),
    told: /übertrag|abtret|abgetreten|weiterge(?:ben|geben)|an dritte|dritten überl/iu,
    words: 'übertragung übertragen abtreten abtretbar abgetreten weitergeben dritte zustimmung rechte vertrag',
  },
  {
    name: 'subcontracting',
    asked: within([String.raw`subunternehm|nachunternehm|andere(?:n)? (?:firmen|unternehmen)|unterauftr`]),
    told: /subunternehm|nachunternehm|unterauftr|unterverg|eigene[mn] personal|an dritte|durch dritte|andere(?:n)? (?:firmen|unternehmen)/iu,
    words:
      'subunternehmer nachunternehmer unteraufträge personal dritte firmen beauftragt eingesetzt einsetzen dürfen andere',
  },
  {
    name: 'law',
    asked: within([String.raw`welche[sm] recht|geltendes recht|anwendbares recht`]),
    told: /(?:das|dem) recht (?:von|der|des)|\p{L}+(?:es|em) recht (?:findet|gilt|anwend)|recht(?:e)? .{0,30}(?:anwendung|anzuwenden)|unterliegt/iu,
    words: 'recht gilt anwendung unterliegt rechts',
  },
  {
    name: 'disputes',
    asked: within([String.raw`gerichtsstand|streit|welches gericht|wo .*klag|schiedsgericht`]),
    told: /gericht(?!lich)|schied|streit|schlicht/iu,
    words: 'gerichtsstand gericht gerichte schiedsgericht streitigkeiten streitfälle zuständig entscheiden entschieden',
  },
  {
    name: 'confidence',
    asked: within([String.raw`geheim|vertraulich|verschwieg|schweigen`]),
    told: /geheim|vertraulich|verschwieg|stillschweigen bewahr/iu,
    words: 'geheimhaltung verschwiegenheit vertraulich vertrauliche geheim angaben pflicht bleiben',
  },
  {
    name: 'entry',
    asked: within([
      String.raw`betret|besichtig|zutritt|hereinkomm`,
      String.raw`vorher|wann|angekündig|anmeld|darf|frist`,
    ]),
    told: /betret|besichtig|zutritt/iu,
    words: 'betreten besichtigung besichtigungen zutritt anmeldung anzukündigen angekündigt vorher räume',
  },
  {
    name: 'delay',
    asked: within(
      [String.raw`vertragsstrafe|verspätung|verzögerung`, String.raw`kostet|wie hoch|wie viel|zahlt`],
      String.raw`zinsen|fahrg\p{L}+|zurück`,
    ),
    told: within([String.raw`vertragsstrafe|verspätung|verzögerung|verzug`, String.raw`\d`], 'zinsen'),
    words: 'vertragsstrafe verspätung verzögerung verzug tag jeder',
  },
  {
    name: 'hours',
    asked:
      /öffnungszeit|geschäftszeit|^(?:wann|zu welchen zeiten|von wann bis wann)(?!.*(?:erstmals|wieder|erreicht)).*(?:büro|geöffnet|erreichbar|besetzt|auf(?=\s*\?*$))/iu,
    told: /\d{1,2}(?:[.:]\d{2})?(?: uhr)? (?:bis|und) \d{1,2}(?:[.:]\d{2})? uhr|rund um die uhr/iu,
    words: 'uhr besetzt geöffnet öffnungszeiten erreichbar erreichen werktags büro zeiten',
  },
  {
    name: 'records',
    asked: within([
      String.raw`unterlagen|belege|akten|bücher|aufzeichnungen|dokumente|nachweise|protokolle`,
      String.raw`auf(?:be|ge)?wahr|aufzubewahr|aufzuheben|aufgehoben|gespeichert|vernicht`,
    ]),
    told: within([
      String.raw`unterlagen|belege|akten|bücher|aufzeichnungen|dokumente|nachweise|protokolle`,
      String.raw`bewahr|aufzuheben|hebt|aufgehoben|gespeichert|vernicht`,
    ]),
    words: 'unterlagen belege akten aufbewahrt aufbewahren aufzubewahren aufzuheben aufgehoben hebt',
  },
  {
    name: 'amendment',
    asked: within(
      [
        String.raw`änder`,
        String.raw`vertrag|vereinbarung|mündlich|schriftlich|gültig`,
        String.raw`kann|sind|wie|darf|muss|müssen`,
      ],
      'preis|entgelt|miete',
    ),
    told: within([String.raw`schriftlich|schriftform|textform|mündlich`, String.raw`änder|nebenabrede|ergänz`]),
    words: 'änderungen geändert ändern schriftform schriftlich mündliche gültig vertrag',
  },
  {
    name: 'defects',
    asked: within([
      String.raw`mängel|mangel|fehler|reklam|beanstand`,
      String.raw`gemeldet|angezeigt|gerügt|reklam|beanstand|melden|anzeigen`,
      String.raw`wann|wie (?:schnell|lange)|frist`,
    ]),
    told: within([
      String.raw`mängel|mangel|fehler|beanstand|rüge|schäden`,
      String.raw`anzu?zeig|angezeigt|zeigt(?!\p{L})|melde|gemeldet|erhoben|rüg|beanstand|mitzuteil`,
      SPAN,
    ]),
    words: 'mängel mangel beanstandungen anzuzeigen angezeigt gemeldet melden reklamieren schnell erhoben lieferung',
  },
  {
    name: 'warranty',
    asked: within([
      String.raw`garantie|gewährleistung|kostenlos behoben|kostenlos repariert`,
      String.raw`wie lange|frist|wann|welche`,
    ]),
    told: within([String.raw`garantie|gewährleist|behebt|behoben|nachbesser|kostenlos`, SPAN], 'kaution|sicherheit'),
    words: 'garantie gewährleistung behebt behoben mängel kostenlos lange',
  },
];
