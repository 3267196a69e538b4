import { splitSentences, type Language } from '../text';
import { termsOf } from '../search';
import { figuresIn, type Figure } from './figures';
import { spanNamed, type PeriodSpan } from './period';

/** The period that words name: its years, its quarter or half, and how long it is; empty sets and null where they name none. */
export interface PeriodSaid {
  readonly years: ReadonlySet<string>;
  readonly parts: ReadonlySet<string>;
  readonly span: PeriodSpan | null;
}

/** A figure with the words that say what it is of. */
export interface FigureSaid {
  readonly figure: Figure;
  /** Search terms between the figures before and behind it. */
  readonly local: ReadonlySet<string>;
  /** Search terms of its whole sentence. */
  readonly sentence: ReadonlySet<string>;
  readonly period: PeriodSaid;
  /** Its sentence, and where that begins in the text. */
  readonly text: string;
  readonly at: number;
  readonly language: Language;
}

const YEARS = /(?<![\d.,])(?:19|20)\d\d(?!\d|[.,]\d)/g;
const FISCAL = /\bFY\s?'?(\d\d)\b/gi;
const ORDINALS: Readonly<Record<string, string>> = { first: '1', second: '2', third: '3', fourth: '4', '1st': '1', '2nd': '2', '3rd': '3', '4th': '4' }; // prettier-ignore
const PARTS = /\b(?:([qh])([1-4])|(first|second|third|fourth|1st|2nd|3rd|4th)[- ](quarter|half))\b/gi;
/** Words next to a figure that do not say what it is of. */
const SAYS_NOTHING =
  /^(?:against|compar|befor|earlier|prior|previous|preced|last|versus|now|also|both|same|rise|rose|fall|fell|grow|grew|up|down|increas|decreas|climb|drop|declin|amount|come|came|total|show|account|stand|stood|reach|figur|year|equal|put|valu|respect|near|about|roughli|approxim|januari|februari|march|april|may|june|juli|august|septemb|octob|novemb|decemb)$/;
/** Where the reach of a year or of words that say what a figure is of ends. */
const CLAUSE_END = /[;:]|,(?=\s)|\.\s|\(|\)|\bwhile\b|\bwhereas\b/g;
const YEAR_BEFORE =
  /\b(?:(?:the )?(?:year|period) (?:before|earlier)|(?:the )?(?:prior|previous|preceding|last)[- ]year|a year (?:earlier|before|ago)|vorjahr\w*)\b/i;

/** What a figure is held against, which is not what it is of: "41.9 % higher than the year before". */
const HELD_AGAINST =
  /\b(?:than|compared (?:with|to)|against|over|versus|vs\.?|on|up from|down from|gegenüber)\s+(?:(?:that|those) (?:of|in) |in |(?:the )?level of )?(?:(?:the )?(?:year|period) (?:before|earlier)|(?:the )?(?:prior|previous|preceding|last)[- ]year|a year (?:earlier|before|ago)|(?:19|20)\d\d|dem vorjahr)\b/gi;

/** A figure that another came from is of another period than the sentence's. */
const FROM = /\b(?:from|than|against|versus|vs\.?|compared (?:with|to))\s*$/i;

const NO_PERIOD: PeriodSaid = { years: new Set(), parts: new Set(), span: null };

export function periodOf(text: string): PeriodSaid {
  const years = new Set([
    ...[...text.matchAll(YEARS)].map((match) => match[0]),
    ...[...text.matchAll(FISCAL)].map((match) => `20${match[1] as string}`),
  ]);
  const parts = new Set(
    [...text.matchAll(PARTS)].map((match) => {
      const kind = (match[1] ?? (match[4] as string).charAt(0)).toLowerCase();
      return `${kind}${match[2] ?? ORDINALS[(match[3] as string).toLowerCase()] ?? ''}`;
    }),
  );
  return { years, parts, span: spanNamed(text.replace(YEAR_BEFORE, ' ')) };
}

/** The search terms of a row's label, without the unit it gives in brackets. */
export function labelTerms(label: string, language: Language): Set<string> {
  const plain = subjectOf(label.replace(/\([^()]*\)/g, ' '), language);
  return plain.size > 0 ? plain : subjectOf(label, language);
}

/** Japanese endings and particles, which stand around every figure. */
const PARTICLES = /^\p{Script=Hiragana}+$/u;

/** The search terms of a text without values, in order. */
export function wordsInOrder(text: string, language: Language): string[] {
  return termsOf(text, language).flatMap(({ term }) => (/\d/.test(term) || PARTICLES.test(term) ? [] : [term]));
}

/** The words of a text that say what is spoken of: its search terms without values. */
export function subjectOf(text: string, language: Language): Set<string> {
  return new Set(wordsInOrder(text, language));
}

function lastBreak(text: string): number {
  let at = 0;
  for (const match of text.matchAll(CLAUSE_END)) at = match.index + match[0].length;
  return at;
}

function firstBreak(text: string): number {
  CLAUSE_END.lastIndex = 0;
  return CLAUSE_END.exec(text)?.index ?? text.length;
}

/** The words right behind a figure, up to the next figure or the end of its clause, without what it is held against. */
function wordsBehind(sentence: string, end: number, to: number): string {
  const behind = sentence.slice(end, to);
  return behind.slice(0, firstBreak(behind)).replace(HELD_AGAINST, ' ');
}

function namesYear(text: string): boolean {
  return periodOf(text).years.size > 0 || YEAR_BEFORE.test(text);
}

/**
 * The period a figure is of: named right behind it, else before it, else by a year of its sentence that no other figure has behind it. `claimed` are
 * the stretches behind other figures that name a year.
 */
function periodAround(
  sentence: string,
  from: number,
  figure: Figure,
  to: number,
  claimed: readonly string[],
): PeriodSaid {
  const free = claimed.reduce((text, one) => text.replace(one, ' '), sentence).replace(HELD_AGAINST, ' ');
  const whole = periodOf(free);
  const behind = wordsBehind(sentence, figure.end, to);
  const lead = sentence.slice(from, figure.start);
  const before = claimed.reduce((text, one) => text.replace(one, ' '), lead).replace(HELD_AGAINST, ' ');
  const parts = [behind, before].map(periodOf).find((one) => one.parts.size > 0 || one.span !== null) ?? whole;
  if (FROM.test(lead) && !namesYear(behind)) return { years: new Set(), parts: new Set(), span: whole.span };
  const one = [behind, before].find(namesYear);
  const named = one === undefined ? whole.years : periodOf(one).years;
  if (one !== undefined && named.size === 0) {
    const latest = [...periodOf(sentence).years].map(Number).sort((a, b) => b - a)[0];
    return { years: new Set(latest === undefined ? [] : [String(latest - 1)]), parts: parts.parts, span: parts.span };
  }
  return { years: named, parts: parts.parts, span: parts.span };
}

/** The figures of one sentence with what they are of; a year beside other figures is the period of these, and no figure. */
function saidInSentence(sentence: string, language: Language, at: number): FigureSaid[] {
  const all = figuresIn(sentence, language);
  const isYear = (figure: Figure): boolean => figure.kind === 'date' && /^\d{4}$/.test(figure.value);
  const figures = all.some((figure) => !isYear(figure)) ? all.filter((figure) => !isYear(figure)) : all;
  const whole = subjectOf(sentence, language);
  const behind = figures.map((figure, index) => wordsBehind(sentence, figure.end, figures[index + 1]?.start ?? sentence.length)); // prettier-ignore
  return figures.map((figure, index) => {
    const claimed = behind.filter((text, other) => other !== index && namesYear(text));
    const from = figures[index - 1]?.end ?? 0;
    const to = figures[index + 1]?.start ?? sentence.length;
    const lead = sentence.slice(from, figure.start);
    const tail = sentence.slice(figure.end, to);
    const near = `${lead.slice(index === 0 ? 0 : Math.min(lastBreak(lead), lead.length))} ${tail.slice(0, firstBreak(tail))}`;
    const local = subjectOf(near, language);
    return {
      figure: { ...figure, start: at + figure.start, end: at + figure.end },
      local: [...local].some((term) => !SAYS_NOTHING.test(term)) ? local : whole,
      sentence: whole,
      // A date is of no period: it says one.
      period: figure.kind === 'date' ? NO_PERIOD : periodAround(sentence, from, figure, to, claimed),
      text: sentence,
      at,
      language,
    };
  });
}

/** All figures of a text, sentence by sentence, with what each is of. Offsets are UTF-16 code units of the text. */
export function figuresSaid(text: string, language: Language): FigureSaid[] {
  return splitSentences(text).flatMap(({ start, end }) => saidInSentence(text.slice(start, end), language, start));
}
