import { ASKS_TIME } from './asksTime';
import type { AnswerKind } from './types';

const YES_NO =
  /^(?:ist|sind|war|waren|darf|dürfen|kann|können|muss|müssen|soll|sollen|sollte|hat|haben|hatte|gibt|gab|gilt|gelten|wird|werden|wurde|wurden|braucht|kostet|besteht|gehört|benötigt|haftet|zahlt|trägt|übernimmt|enthält|verfällt|bekommt|erhält|reicht|genügt|endet)\s/iu;
const TIMES = String.raw`\p{L}*(?:tage|wochen|monate|jahre|stunden|minuten|sekunden)n?`;
const SOON = String.raw`repar|behob|behoben|antwort|reagier|meld|ersetz|ersatz|liefer|zahl|bearbeit|erledig|geprüft|da sein|vor ort|unterwegs|einsatz|bereit|kommen|kommt|entscheid|räum|beseitig|entfern|beheb|beginn`;
const SUM = String.raw`\p{L}*(?:strafe|bußgeld|gebühr|preis|summe|betrag|miete|pacht|rabatt|nachlass|skonto|lohn|gehalt|vergütung|entgelt|kaution|prämie|beitrag|umsatz|einnahme|erlös|gewinn|überschuss|verlust|zuschlag|abschlag|aufschlag|entschädigung|erstattung|selbstbehalt|ermäßigung|dividende|steuer|abgabe|aufwand|schulden)e?[ns]?`;
const SHARE = String.raw`(?:prozentsatz|\p{L}*(?:steuer|zins|beitrags)satz|\p{L}*anteil|(?<!\p{L})teil|bruchteil|\p{L}*quote|\p{L}*zins(?:en)?|\p{L}*rendite|\p{L}*marge|\p{L}*feuchte|\p{L}*feuchtigkeit|inflation)`;
const MEASURE = String.raw`\p{L}*(?:höhe|tiefe|weite|breite|länge|geschwindigkeit|temperatur|gewicht|stärke|größe|alter|druck|spannung|(?<!\p{L})(?:motor|nenn|pump)?leistung|(?<!\p{L})(?:höchst|trag|nutz)?last|drehzahl|kapazität|(?<!ober)fläche|menge)`;
const HIGH = String.raw`\p{L}*(?:mast|turm|wand|mauer|bord|brücke|gebäude|haus|raum|decke|zaun|wellen?|geschwindigkeit|temperatur|druck|drehzahl|(?<!\p{L})(?:motor|nenn|pump)?leistung|spannung|verbrauch|gewicht|(?<!\p{L})(?:höchst|trag|nutz)?last|auflage|zahl|wasserstand|tide|stapel|regal)`;
const BODY = String.raw`\p{L}*(?:firma|gesellschaft|behörde|partei|person|bank|sparkasse|werft|gericht|stelle|unternehmen|betrieb|agentur|versicherung|versicherer|reederei|verein|ministerium|kommission|ausschuss)`;

const HOLDER = String.raw`\p{L}*(?:kapitän|leiter|direktor|eigentümer|vermieter|mieter|pächter|verfasser|autor|vorsitzende|geschäftsführer|meister|inhaber|vertreter|beauftragter?|sprecher|wart|lieferant|hersteller|betreiber|prüfer|chef)(?:in|innen|n|en)?`;

/** Kinds of German questions by the way they are put, first match wins. */
export const GERMAN_KINDS: readonly (readonly [RegExp, AnswerKind])[] = [
  [/^(?:bitte )?(?:nennen? |zählen? .*\bauf\b|liste|führen? .*\ban\b|geben? .*\ban\b)/i, 'list'],
  [
    /^(?:was ist|worin besteht) (?:der|die|das) (?:zweck|aufgabe|bedeutung|funktion|rolle|sinn|ziel)\b|^wo(?:zu|für) (?:dient|dienen|ist|sind|wird|werden)\b/i,
    'definition',
  ],
  [new RegExp(String.raw`\bwie ?viele? prozent\b|\b(?:welche[rnms]?|wie (?:hoch|groß|niedrig) (?:ist|sind|war|waren|darf|dürfen|wird|werden)(?: \p{L}+){0,3}?) ${SHARE}(?!\p{L})`, 'iu'), 'percentage'], // prettier-ignore
  [/\bwie ?viel (?:zeit|urlaub|vorlauf)\b/i, 'duration'],
  [
    new RegExp(
      String.raw`\bwie viele[nr]? ${TIMES}(?!\p{L})|\bwie lang (?:ist|sind|war|waren) .*(?:pause|frist|zeit|dauer|fahrt|urlaub|schicht)(?:en)?(?!\p{L})|\bwie (?:lange|oft|häufig|früh|spät|zeitig|bald)(?!\p{L})|\bin welche[mn] (?:zeitlichen )?(?:zeitabständen|abständen|abstand|rhythmus|turnus|zeitraum)\b|\bwelche[rnms]? (?:zeit(?= (?:bleibt|ist|wird|hat|haben))|\p{L}*(?:frist|dauer|zeitraum|laufzeit|wartezeit|ruhezeit|arbeitszeit|probezeit))(?!\p{L})|\bwie (?:schnell|rasch|zügig) (?:ist|sind|muss|müssen|soll|sollte|sollten|wird|werden|hat|haben)\b.*(?:${SOON})`,
      'iu',
    ),
    'duration',
  ],
  [new RegExp(String.raw`\bwie hoch (?:ist|sind|war|waren|darf|dürfen|muss|müssen|soll|kann|können|liegt|steht)(?: \p{L}+){0,3}? ${HIGH}(?!\p{L})`, 'iu'), 'number'], // prettier-ignore
  [
    new RegExp(
      String.raw`\bwie ?viel(?!\p{L})|\bwie (?:hoch|teuer)(?!\p{L})|\bwas (?:koste(?:t|n|te|ten)|zahl(?:t|en|te|ten)|bezahl(?:t|en)|verdien(?:t|en|te)|schulde[nt]|erlöste)\b|\bwas ha(?:t|ben) .{2,60} gekostet\b|\bwas (?:ist|muss|müssen|wird|wurde|wurden|darf)\b.*\b(?:zahlen|bezahlen|entrichten|ausgegeben|bezahlt|gezahlt|eingenommen|verdient|investiert|berechnet|verlangt|erhoben|fällig|abgezogen|erstattet|vergütet)\b|\b(?<!mit )welche[rnms]? ${SUM}(?!\p{L})|\b(?:in|bis zu) welcher höhe .*(?:haft|ersetz|ersatz|versicher|erstatt|bürg|zahl|deck|leist)`,
      'iu',
    ),
    'amount',
  ],
  [
    new RegExp(
      String.raw`\bwie viele[nr]?(?!\p{L})|\bwie (?:groß|klein|schwer|leicht|tief|breit|weit|dick|dünn|alt|warm|kalt|heiß|schnell|stark|laut|lang|feucht|steil)(?!\p{L})|\bwelche[rmns]? (?:maximale |minimale |größte |kleinste |höchste )?${MEASURE}(?!\p{L})|\bwelche[rmns]? (?:an)?zahl\b`,
      'iu',
    ),
    'number',
  ],
  [ASKS_TIME, 'date'],
  [
    /^wann (?:darf|dürfen|kann|können|könnte\w*)(?!\p{L})|^wann (?:muss|müssen|ist|sind|wird|werden|soll|sollen) .*(?:eingestellt|einstellen|bleiben|unterbrochen|unterbrechen|gesperrt|nötig|notwendig|erforderlich|erlaubt|verboten|gemindert|gekürzt|entzogen|verweigert|befreit|haftbar|abgeschaltet|abschalten|anhalten|stillgelegt)(?: werden)?[\s?]*$|^wann (?:entfällt|verfällt|haftet|verliert|erhält|bekommt) /iu,
    'passage',
  ],
  [/\bwann(?!\p{L})|\b(?:in|an|zu|ab|bis|seit|vor) (?:zu )?welche[mrn] (?:\p{L}*tag|jahr|\p{L}*jahr|monate?n?|datum|zeitpunkt|termin)(?!\p{L})/iu, 'date'], // prettier-ignore
  [
    new RegExp(
      String.raw`\b(?:wer|wem|wen|wessen)(?!\p{L})|\bwelche[rnms]? ${BODY}(?!\p{L})|\bwie hei(?:ß|ss)(?:t|en) (?:der|die) (?:\p{L}+ )?${HOLDER}(?!\p{L})`,
      'iu',
    ),
    'party',
  ],
  [/^was (?:ist|sind|bedeutet|bedeuten|heißt|bezeichnet)\b(?!.*\bzu \p{Ll}+n\b)(?! (?:bei|vor|nach|mit|an|zu|im|in|am|auf)\b)|^was (?:versteht|meint) (?:man|\p{L}+ \p{L}+) (?:unter|mit)\b|^was wird (?:hier )?unter .{2,60} verstanden|^was (?:gilt|zählt) als\b/iu, 'definition'], // prettier-ignore
  [/^was (?:ist|sind|wird|werden|muss|müssen|darf|dürfen|soll|sollen|hat|haben) .*(?:verboten|untersagt|erlaubt|gestattet|zulässig|enthalten|inbegriffen|ausgeschlossen|ausgenommen|versichert|vorgeschrieben|erforderlich|mitzubringen|geprüft|untersucht|tun|beachten)(?!\p{L})/iu, 'list'], // prettier-ignore
  [/^(?:(?:in|an|auf|zu|aus|von|mit|für|unter|bei|gegen) )?welchen? (?:\p{L}+en )?\p{Lu}\p{L}+ (?:müssen|sind|waren|dürfen|können|sollen|werden|wurden|gelten|gehören|haben|fallen|zählen|brauchen|führen)(?!\p{L})/iu, 'list'], // prettier-ignore
  [YES_NO, 'yes-no'],
  [/\bwo(?:her|hin)?(?!\p{L})|\b(?:in|an|auf|aus) welche[rmn] (?:datei|ordner|verzeichnis|abschnitt|stadt|land|ort|kapitel|stelle|seite|raum|gebäude)\b/iu, 'place'], // prettier-ignore
];
