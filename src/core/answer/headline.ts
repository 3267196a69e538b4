import type { TableCell } from '../source';
import { oneLine, tokensOf, type Language, type Range } from '../text';
import { termSet, termsOf } from '../search';
import type { Evidence } from './evidence';
import { freshMentions } from './kinds';
import { measuredBy, measures } from './measured';
import { asksSizeOfMove, movedFrom, movesBy } from './moves';
import { asksHolder, partyNamed, someoneNamed } from './partyNamed';
import { asksSize, quantityAsked, SIZE, toldIn, unitBehind } from './quantities';
import { wordingsOf, type Question } from './question';
import { columnAsked } from './rowEvidence';
import { saysFree } from './sumsTold';
import { sayCell } from '../figure';

const LONGEST = 160;

/** Words before a value that make it a limit or an interval, which is what is mostly asked for. */
const LIMITING =
  /\b(?:every|within|at least|at most|up to|not (?:more|less|fewer|later|earlier|exceeding) than|at intervals? of(?: not more than)?|not exceeding|for|after|of)\s*$/i;
/** Words that "years old" behind a value counts as: the age of a thing is seldom what is asked. */
const AGED = 8;
/** Words that a comma counts as, between a value and the words it may belong to. */
const CLAUSE_APART = 3;
const STANDS_IN = /^solche[rsnm]?$/i;
/** What the distance of each further word counts, up to the number of words behind which it counts no more. */
const FURTHER = 0.3;
const FAR = 12;

/** What makes the words behind a value those that it is told of: "226 crowns for each late departure and 4,530 crowns for each day". */
const FOR_EACH = /^\s*(?:for (?:each|every|an?)|per|each|je|pro|für jede[nrs]?)\s/i;

/** The value that the words behind it, up to the next one, are told of; null where no value is told for each of something there. */
function ownerOf(mentions: readonly Range[], text: string, at: number): Range | null {
  const before = mentions.filter(({ end }) => end <= at).sort((a, b) => b.end - a.end)[0];
  return before !== undefined && FOR_EACH.test(text.slice(before.end)) ? before : null;
}

/** What a time is counted from, where it is told in a few words: “within six weeks of the keys being given up”. */
const COUNTED_FROM = /^[^.,;:()]{3,48}(?=[.,;:]|$)/;

/** A value that ends in “of”, with what follows it, or without that word where that is long. */
function withItsEnd(said: string, behind: string): string {
  if (!/\sof$/.test(said)) return said;
  const from = COUNTED_FROM.exec(oneLine(behind))?.[0];
  return from === undefined ? said.replace(/\sof$/, '') : `${said} ${from}`;
}

/** The mention of the wanted kind that stands closest to the question's words. */
export function closestMention(evidence: Evidence, question: Question): string | null {
  const { language } = evidence.source.segment;
  const mentions = freshMentions(evidence.text, question, language);
  if (mentions.length === 0) return null;
  const tokens = tokensOf(evidence.text);
  const subject = question.subject
    .map((one) => one.term)
    .filter((term) => !question.periods.includes(term) && !/^(?:19|20)\d\d$/.test(term));
  const wanted = new Set(subject.length > 0 ? subject : question.terms.map((one) => one.term));
  const others = new Set(question.subject.flatMap(({ equivalents = [] }) => equivalents).flatMap((one) => (one.loose === true ? [] : one.term))); // prettier-ignore
  const among = (set: ReadonlySet<string>): number[] =>
    tokens.flatMap((token, at) => {
      // Japanese is asked by pairs of characters.
      const next = language === 'ja' && tokens[at + 1]?.start === token.end ? tokens[at + 1]?.word : undefined;
      const pair = next !== undefined && set.has(token.word + next);
      return pair || termsOf(token.word, language).some((one) => set.has(one.term)) ? [at] : [];
    });
  const named = among(wanted);
  // "Ein Zuschlag von 25 Prozent, sonntags ein solcher von 50": the word stands there for the one before it.
  const commaBetween = (one: number, at: number): boolean => evidence.text.slice(tokens[one]?.end, tokens[at]?.start).includes(','); // prettier-ignore
  const meant = new Map(
    tokens.flatMap(({ word }, at) => {
      const before = STANDS_IN.test(word) ? named.filter((one) => one < at && commaBetween(one, at)).at(-1) : undefined;
      return before === undefined ? [] : [[at, before] as const];
    }),
  );
  const own = [...named, ...meant.keys()];
  const termAt = (at: number): string => termsOf(tokens[meant.get(at) ?? at]?.word ?? '', language)[0]?.term ?? '';
  // Where none of the question's own words stands, those that stand for them show the place.
  const hits = own.length > 0 ? own : among(others);
  const owners = new Map(hits.map((hit) => [hit, ownerOf(mentions, evidence.text, tokens[hit]?.start ?? 0)]));
  const distance = ({ start }: Range): number => {
    const at = tokens.findIndex((token) => token.end > start);
    // A value behind a comma belongs to what stands before that comma less than to what stands behind it.
    const apart = (hit: number): number => {
      const [from, to] = [tokens[Math.min(hit, at)]?.end ?? 0, tokens[Math.max(hit, at)]?.start ?? 0];
      return CLAUSE_APART * (evidence.text.slice(from, to).match(/[,;:](?=\s)|[、；]/g)?.length ?? 0);
    };
    const hedge = LIMITING.test(evidence.text.slice(0, start).slice(-40)) ? -2 : 0;
    const near = hits.filter((hit) => (owners.get(hit)?.start ?? start) === start);
    const byTerm = new Map<string, number>();
    for (const hit of near) {
      const away = (hit < at ? at - hit : 1.3 * (hit - at)) + apart(hit);
      const term = termAt(hit);
      byTerm.set(term, Math.min(byTerm.get(term) ?? Infinity, away));
    }
    // A word that belongs to another value is as far from this one as can be.
    for (const hit of hits) if (near.length > 0 && !byTerm.has(termAt(hit))) byTerm.set(termAt(hit), FAR);
    const [nearest = 1000, ...further] = [...byTerm.values()].sort((a, b) => a - b);
    return hedge + nearest + FURTHER * further.reduce((sum, away) => sum + Math.min(away, FAR), 0);
  };
  const asked = new Set(question.values.map((value) => value.slice(1)));
  const fresh = mentions.filter((one) => !asked.has(evidence.text.slice(one.start, one.end).replace(/,/g, '')));
  const aged = (end: number): number => (/^\s*(?:old|of age)\b/i.test(evidence.text.slice(end)) ? AGED : 0);
  // "Two of fourteen extinguishers", "Of the fourteen, two": the part is the answer, the whole is not.
  const wholes = mentions.filter(
    ({ start }) =>
      mentions.some((one) => /^ of (?:the )?$/.test(evidence.text.slice(one.end, start))) ||
      (/(?:^|\s)(?:Of|Out of|Von)(?: the| all| these| den| allen)?\s$/.test(evidence.text.slice(0, start)) &&
        mentions.some((one) => one.start > start)),
  );
  // "Rose from 4.2 to 4.6 million": the latter is how much it is.
  const level = !asksSizeOfMove(question.text);
  const now = (one: Range): boolean => !movedFrom(evidence.text, one) && !(level && movesBy(evidence.text, one));
  const possible = (fresh.length > 0 ? fresh : mentions).filter((one) => !wholes.includes(one) && now(one));
  const asksFor = measuredBy(question, language);
  const sized = question.kind === 'number' && asksSize(question.text) && quantityAsked(question.text) === null;
  const fitting = possible.filter((one) =>
    sized ? toldIn(SIZE, evidence.text, [one]) : measures(asksFor, evidence.text, [one], language),
  );
  const { before, behind: after } = question.matter?.value ?? {};
  const placed = (fitting.length > 0 ? fitting : possible).filter(
    ({ start, end }) =>
      before?.test(evidence.text.slice(0, start)) === true || after?.test(evidence.text.slice(end)) === true,
  );
  const candidates = placed.length > 0 ? placed : fitting.length > 0 ? fitting : possible;
  const [best] = candidates.sort((a, b) => distance(a) + aged(a.end) - distance(b) - aged(b.end));
  if (best === undefined) return null;
  // Contracts say a sum in words and again in figures: "two hundred crowns (200)".
  const inFigures = /^\s*\(\s?\d[\d,.]*\s?\)/.exec(evidence.text.slice(best.end))?.[0] ?? '';
  const end = best.end + inFigures.length;
  const behind = unitBehind(evidence.text, end);
  const said = withItsEnd(
    oneLine(evidence.text.slice(best.start, end) + behind),
    evidence.text.slice(end + behind.length),
  );
  // A count that stands in brackets behind what is counted: "umbrellas (412)".
  return said.replace(/^\(([^()]+)\)$/, '$1');
}

/** Kinds of question that a figure in a table answers. */
const FIGURE_KINDS = new Set(['amount', 'number', 'percentage', 'passage', 'definition', 'duration']);

/** The cell of a table row that a question asks for; null for what is no row, or holds no such cell. */
function askedCell({ row, source }: Evidence, question: Question): TableCell | null {
  if (row === null || !FIGURE_KINDS.has(question.kind)) return null;
  const column = columnAsked(row, question, source.segment.language);
  return column === null ? null : (row.row.cells[column] ?? null);
}

/** What turns a sentence into a "no": each kind counts where the question does not use it itself ("Is it forbidden?"). */
const DENIES: readonly RegExp[] = [
  /\b(?:nobody|no one|niemand|not(?! (?:later|less|more|fewer|earlier|older|only|exceeding|to exceed)\b)|cannot|never|neither|nor)\b|^(?:\S+\s)?no \p{L}+|\b(?:in|under) no\b|\b(?:has|have|is|are) no \p{L}+|\bno (?:\p{L}+ ){1,2}(?:is|are|was|were|has|have|shall|may|will|can|need)\b|n['’]t\b|\b(?:nicht|kein\w*|nie|weder)\b|ない|ません|してはならない/iu,
  /\b(?:prohibit\w*|forbid\w*|forbidden|banned|verboten|untersagt)\b|禁止/i,
  /\b(?:exempt\w*|exclud\w*|excepted|ausgenommen|ausgeschlossen)\b/i,
  /\bpersonal to\b/i,
  /\b(?:invalid|void|unlawful|unwirksam|ungültig|unzulässig)\b/i,
  // What may not be hindered is free: "the licence may not restrict anyone from".
  /\b(?:not|never|cannot|nothing|nicht|kein\w*)\b.{0,40}\b(?:restrict|prevent|hinder|preclude|impede|verhinder|hinder|beschränk)\w*/i,
];
const CONDITION =
  /(?<!\p{L})(?:if|unless|without|upon|after|provided that|except|only|subject to|where|save|wenn|sofern|falls|nur|außer|es sei denn)(?!\p{L})[^.;]*/iu;
const LONGEST_CONDITION = 110;
const WORDS: Partial<Record<Language, readonly [yes: string, no: string, conditions: string]>> = {
  de: ['Ja', 'Nein', 'unter Bedingungen'],
  ja: ['はい', 'いいえ', '条件付き'],
};

const ASKS_TO_PAY =
  /^(?:do|does|must|is|are|have|has|will|would|should)\b(?!.*\b(?:free|without|nothing|no)\b).*\b(?:pay|paid|cost|costs|charge[ds]?|fees?)\b|^(?:muss|müssen|kostet|kosten|wird|werden|ist|sind)(?!\p{L})(?!.*(?:kostenlos|frei|unentgeltlich|nichts)).*(?:zahlen|gebühr|kost)/iu;

/** Yes or no, in the document's language, with the condition that decides it; what only the condition denies is no "no". */
function yesNo(text: string, asked: string, language: Language): string {
  const plain = shownPlain(text);
  const condition = CONDITION.exec(plain)?.[0];
  const opening = condition !== undefined && plain.startsWith(condition);
  const main = condition === undefined ? plain : opening ? plain.slice(plain.indexOf(',') + 1) : plain.replace(condition, ' '); // prettier-ignore
  // "Must one pay?" "You may use it without paying a fee."
  const free = ASKS_TO_PAY.test(asked) && saysFree(plain);
  if (free) return `${WORDS[language]?.[1] ?? 'No'}`;
  const denied = DENIES.filter((one) => one.test(main.trim()) && !one.test(asked)).length % 2 === 1;
  const [yes, no, conditions] = WORDS[language] ?? ['Yes', 'No', 'on conditions'];
  const word = denied ? no : yes;
  const told = opening ? condition?.split(',')[0] : condition;
  if (told === undefined || told.length > LONGEST_CONDITION) return word;
  // A condition that ends in a colon is a list: its items are told behind it.
  if (/:\s*$/.test(told)) return `${word}, ${conditions}`;
  const not = denied && /^without\b/i.test(told) ? 'not ' : '';
  return `${word}, ${not}${told.charAt(0).toLowerCase()}${told.slice(1).trim()}`;
}

/** A sentence as one line, without the number or mark it opens with. */
function shownPlain(text: string): string {
  return oneLine(text).replace(/^(?:\(?[a-z\d]{1,3}[.)]|\d+(?:\.\d+)+\.?|[•–-])\s+/, '');
}

/** The leading clause of a sentence, at most 160 characters, cut at a comma or word. */
export function shorten(text: string): string {
  const plain = shownPlain(text);
  if (plain.length <= LONGEST) return plain;
  const cut = plain.slice(0, LONGEST);
  const comma = Math.max(cut.lastIndexOf('; '), cut.lastIndexOf(', '));
  const at = comma > 70 ? comma : cut.lastIndexOf(' ');
  return `${cut.slice(0, at > 0 ? at : LONGEST).replace(/[,;:]$/, '')} …`;
}

/** Where a clause of a sentence ends. */
const CLAUSE_END = /[;,:]\s+/g;

/** What a headline shows of a sentence: all of it, or of a long one the clauses in a row, at most 160 characters, that hold most of what is asked; the first of equals. */
function told(text: string, question: Question, language: Language): string {
  const plain = shownPlain(text);
  if (plain.length <= LONGEST) return plain;
  const asked = wordingsOf(question);
  const starts = [0, ...[...plain.matchAll(CLAUSE_END)].map((match) => match.index + match[0].length)];
  const held = starts.map((start) => {
    const window = plain.slice(start, start + LONGEST);
    return [...termSet(window, language)].filter((term) => asked.has(term)).length;
  });
  const start = starts[held.indexOf(Math.max(...held))] ?? 0;
  return start === 0 ? shorten(plain) : `… ${shorten(plain.slice(start))}`;
}

/** Asks which of two it is, which neither yes nor no answers: "Is the fee higher for boats or for rafts?", "Does it rise or fall?" */
const EITHER = new RegExp(
  String.raw`^(?:is|are|was|were|do|does|did|has|have|can|may|must|should|will)\b.*\b(?:rise or fall|fall or rise|increase or decrease|decrease or increase|(?:more|less|fewer|higher|lower|larger|smaller|greater|longer|shorter|better|worse|cheaper|dearer|faster|slower|earlier|later|older|newer|heavier|lighter|wider|narrower|deeper|stronger|weaker|bigger|safer)\b(?!.*\bthan\b).*\bor\b)|` +
    String.raw`^(?:ist|sind|war|hat|wird|werden|muss|darf|steigt|sinkt|steigen|sinken)(?!\p{L}).*(?<!\p{L})(?:mehr|weniger|höher|niedriger|größer|kleiner|länger|kürzer|besser|schlechter|billiger|teurer|schneller|langsamer|früher|später|älter|neuer|schwerer|leichter|breiter|tiefer|stärker|schwächer)(?!\p{L})(?!.*(?<!\p{L})als(?!\p{L})).*(?<!\p{L})oder(?!\p{L})`,
  'iu',
);

/** Share of the question that a sentence must hold for a yes or no to be read off it; of less it is told as it stands. */
const SAYS_IT = 0.6;

/** The cells of a row that is printed on several lines, so that the words of one stand between those of another; none for other evidence. */
function wrappedCells({ row, source, unit }: Evidence): readonly TableCell[] {
  const [first, ...more] = unit.spans;
  const printed = first === undefined ? '' : (source.page(first.page)?.text.slice(first.start, first.end) ?? '');
  return row === null || more.length > 0 || !printed.includes('\n') ? [] : row.row.cells.flatMap((cell) => cell ?? []);
}

/** What the first of some cells with an answer says; null where none holds one. */
function cellTelling(cells: readonly TableCell[], question: Question, language: Language): string | null {
  const [said] = cells.flatMap(({ text }) => {
    const [told] = freshMentions(text, question, language);
    return told === undefined ? [] : text.slice(told.start, told.end);
  });
  return said ?? null;
}

/** The short answer: the value, date or name asked for, a yes or no with its condition, else the sentence's leading clause. */
export function headlineOf(best: Evidence, question: Question): string {
  const { language } = best.source.segment;
  const cell = askedCell(best, question);
  if (cell !== null) return sayCell(cell, language);
  const wrapped = wrappedCells(best);
  if (['amount', 'number', 'percentage', 'date', 'duration'].includes(question.kind)) {
    return (
      cellTelling(wrapped, question, language) ?? closestMention(best, question) ?? told(best.text, question, language)
    );
  }
  const party =
    partyNamed(best.text, question) ?? (asksHolder(question) ? someoneNamed(best.text, question.text) : null);
  if (party !== null) return party;
  // A sentence that only announces others decides nothing: "As to payment the following applies:".
  const says = best.unit.kind === 'sentence' && (!/:\s*$/.test(best.text) || CONDITION.test(best.text));
  if (question.kind === 'yes-no' && best.features.covered >= SAYS_IT && says && !EITHER.test(question.text))
    return yesNo(best.text, question.text, language);
  const label = best.row?.row.path.at(-1) ?? '';
  const text = wrapped.length === 0 ? best.text : `${label}: ${wrapped.map((one) => one.text).join('; ')}`;
  return told(text, question, language);
}
