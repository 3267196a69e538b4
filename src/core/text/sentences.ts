import { isDigit } from './characters';

export interface Range {
  readonly start: number;
  readonly end: number;
}

/** A full stop behind one of these does not end a sentence. */
const ABBREVIATIONS = new Set(
  (
    'mr mrs ms dr prof st no nos art arts sec secs para paras cl fig figs vol vols pp p ch al etc eg ie cf vs viz approx inc ltd co corp ' +
    'plc jr sr dept est ed eds rev ref refs jan feb mar apr jun jul aug sep sept oct nov dec bzw usw vgl abs nr ca evtl ggf inkl sog str tel d.h z.b u.a i.e e.g u.s u.k'
  ).split(' '),
);

/** The number of a clause at a line's head, with the word for it: "Section 2". */
const LABELLED = /(?:^|\n)\s*(?:(?:section|article|clause|rule|regulation|artikel|ziffer)\s)?[A-Z]?\d{1,3}$/i;
/** German words for a scale, cut short, which the money or the thing counted stands behind; a sentence that begins there does so with a small word. */
const SHORT_SCALE = /^(?:mio|mrd|tsd)$/;
const OPENS_SENTENCE =
  /^(?:Der|Die|Das|Den|Dem|Des|Ein|Eine[nmrs]?|Im|In|Ins|Am|An|Auf|Aus|Bei|Beim|Mit|Nach|Für|Von|Vom|Zu|Zum|Zur|Seit|Es|Er|Sie|Wir|Ihr|Ich|Dies\p{L}*|Dabei|Damit|Davon|Dazu|Daher|Auch|Hinzu|Hier\p{L}*|Dort|Somit|Zudem|Jedoch|Wenn|Weil|Da|Als|Ob)(?!\p{L})/u;
const GERMAN_MONTH = /^(?:jan|feb|mär|mar|apr|mai|jun|jul|aug|sep|okt|nov|dez)\p{L}*/iu;

function endsSentence(text: string, index: number): boolean {
  const char = text[index];
  // Japanese contracts end what a party is called by within its brackets: 「（以下「甲」という。）」.
  if (char === '。') return !/^\s*[）)]/.test(text.slice(index + 1, index + 4));
  if (char === '！' || char === '？') return true;
  if (char === '!' || char === '?') return /[\s"'”’)\]]/.test(text[index + 1] ?? ' ');
  if (char !== '.') return false;
  let next = index + 1;
  while (/["'”“’»)\]]/.test(text[next] ?? '')) next += 1;
  if (next < text.length && !/\s/.test(text[next] as string)) return false;
  while (/\s/.test(text[next] ?? '')) next += 1;
  const after = text[next];
  if (after === undefined) return true;
  const word = /[\p{L}\p{N}.]*$/u.exec(text.slice(Math.max(0, index - 24), index))?.[0].toLowerCase() ?? '';
  if (ABBREVIATIONS.has(word)) return false;
  if (SHORT_SCALE.test(word)) return OPENS_SENTENCE.test(text.slice(next, next + 16));
  // A single letter is an initial ("I. Marlow"), unless it ends a line of its own kind ("Annex B.").
  if (/^\p{L}$/u.test(word) && /\p{Lu}/u.test(text[index - 1] ?? '')) return false;
  // "z. B.", "d. h.", and the day of a German date, "am 1. Juli".
  if (/^\p{L}$/u.test(word) && /^\p{L}\./u.test(text.slice(next, next + 2))) return false;
  if (/^\d{1,2}$/.test(word) && GERMAN_MONTH.test(text.slice(next, next + 10))) return false;
  // An ordinal: "das 18. Lebensjahr".
  if (/^\d{1,3}$/.test(word) && /(?<!\p{L})(?:das|der|die|den|dem|des|zum|zur|am|im|vom|beim|jede[nrs]?)\s\d{1,3}$/iu.test(text.slice(Math.max(0, index - 12), index)) && /\p{Lu}/u.test(after)) return false; // prettier-ignore
  // The label that a clause hangs from: "12.", "A2."
  if (/^[a-z]?\d{1,3}$/.test(word) && (index < 4 || LABELLED.test(text.slice(Math.max(0, index - 24), index))))
    return false;
  return !/\p{Ll}/u.test(after) && !(isDigit(after) && ABBREVIATIONS.has(word));
}

/**
 * Sentences of a text as ranges without outer white space. Abbreviations, initials, decimal points and list numbers
 * do not end a sentence; a closing quotation mark or parenthesis belongs to the sentence before it.
 */
export function splitSentences(text: string): Range[] {
  const ranges: Range[] = [];
  let start = 0;
  const push = (end: number): void => {
    let from = start;
    let to = end;
    while (from < to && /\s/.test(text[from] as string)) from += 1;
    while (to > from && /\s/.test(text[to - 1] as string)) to -= 1;
    if (to > from) ranges.push({ start: from, end: to });
    start = end;
  };
  for (let index = 0; index < text.length; index += 1) {
    if (!endsSentence(text, index)) continue;
    let end = index + 1;
    while (/["'”“’»)\]」』]/.test(text[end] ?? '')) end += 1;
    push(end);
    index = end - 1;
  }
  push(text.length);
  return ranges;
}
