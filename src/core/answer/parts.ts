import { bareName, inverseFrequency, termSet, type Neighbours } from '../search';
import { amendingIn, mayChange } from './amending';
import { eachAsked, toldApart } from './apart';
import { answerFrom } from './builtIn';
import { changeAnswer } from './change';
import { changeBetween, levelsOf } from './changeBetween';
import { changeOverRows } from './changeDown';
import { gatherEvidence } from './evidence';
import { evidenceOf } from './gathered';
import { asksExtreme, extremeAnswer } from './extremes';
import { cellAnswer } from './cellAsked';
import { asksTotal, totalAnswer } from './rowOfTotal';
import { asksBeyond, beyondAnswer } from './rowsBeyond';
import { asksMoved, movedAnswer } from './rowsMoved';
import { dutiesAnswer } from './duties';
import { fileFactsAnswer } from './fileFacts';
import { asksHow } from './listing';
import { asksChange, asksSizeOfMove, moveWords } from './moves';
import { asksOnlyPlace, placeAnswer, sectionAtPlace } from './placeAnswer';
import { narrowed, placeAround, placeAsked, placeNowhere, type Place } from './places';
import { kindOf } from './kindOf';
import { EMPTY } from './quoted';
import { purposeAnswer } from './purpose';
import { ratioAnswer, saysRatio } from './ratioAnswer';
import { anyOf, eachReading, othersMeant } from './readings';
import { scopeOf, type Scope } from './scope';
import { seek, searchesOf, type SeekOptions, type Sought } from './seek';
import type { AskSettings } from './settings';
import { asksWatchPoints, watchPointsAnswer, watchPointsOf } from './watchPoints';
import type { AskedSource, ReaderAnswer, Reading } from './types';
import { yearsAsked } from './years';

/** A claim or clause that a question is about: where it stands, and its words. */
export interface Subject {
  readonly sourceId: string;
  /** From 1. */
  readonly page: number;
  /** Offset on that page at which it begins. */
  readonly start: number;
  readonly text: string;
}

/** What a question is answered by, beside its own words. */
export interface Asking {
  readonly neighbours: Neighbours | null;
  readonly settings: AskSettings;
  /** Where alone to look; null for everywhere. */
  readonly limits: Place | null;
  readonly subject: Subject | null;
}

/** One question put to the documents it means, before its claims are checked. */
export interface Part {
  readonly question: string;
  readonly drafted: ReaderAnswer;
  readonly sought: Sought;
  /** The documents it means; the parts behind it mean them too. */
  readonly scope: Scope;
  /** True when these held no answer and all documents were asked. */
  readonly widened?: boolean;
  /** How else it can be read. */
  readonly reading?: Reading;
}

function options({ neighbours, settings, limits }: Asking, place: Place | null = limits): SeekOptions {
  return { neighbours, settings, place };
}

/** The difference between what two documents say of a thing, where nothing else says how it moved; null where they do not differ. */
function movedSides(sought: Sought): ReaderAnswer | null {
  if (!asksSizeOfMove(sought.question.text)) return null;
  const asked = sought.question;
  for (const question of yearsAsked(asked).length > 0 ? [asked] : levelsOf(asked)) {
    const told = answerFrom({ ...sought, question });
    if (told.calculations.length > 0) return told;
  }
  return null;
}

/** The named documents with those that are called alike but for a year: a report names what it compares with no further. */
function withOtherYears(scope: Scope, all: readonly AskedSource[]): Scope {
  if (scope.named.length === 0) return scope;
  const yearless = (source: AskedSource): string => bareName(source).replace(/(?:19|20)\d{2}/g, '#');
  const called = new Set(scope.sources.map(yearless).filter((name) => name.includes('#')));
  return { ...scope, sources: all.filter((one) => scope.sources.includes(one) || called.has(yearless(one))) };
}

/** How a figure moved, searched for without the words that ask for the move; null when the question asks for none, or none is found. */
function changeOver(question: string, own: Scope, all: readonly AskedSource[], asking: Asking): Part | null {
  if (!asksChange(question) || own.apart) return null;
  const scope = withOtherYears(own, all);
  const { sources, words } = scope;
  const sought = seek(question, sources, options(asking), [...words, ...moveWords(question)]);
  const evidence = gatherEvidence(sources, sought.hits, sought.question);
  const drafted =
    changeAnswer(evidence, sought.question) ??
    changeOverRows(evidence, sought.question) ??
    changeBetween(sought) ??
    movedSides(sought);
  return drafted === null ? null : { question, drafted, sought, scope };
}

/** What each of several documents answers by itself. */
function askEach(question: string, { sources, words }: Scope, asking: Asking): ReaderAnswer {
  const naming = [...words, ...(asksChange(question) ? moveWords(question) : [])];
  const asked = eachAsked(question);
  const answers = sources.map((source) => ({
    source,
    drafted: answerFrom(seek(asked, [source], options(asking), naming)),
  }));
  return toldApart(question, answers);
}

/** A question that asks only what stands at a place which none of the documents has; null for any other. */
function placeLacking(question: string, scope: Scope, asking: Asking): Part | null {
  const lacking = placeNowhere(question, scope.sources);
  if (lacking === null || !asksOnlyPlace(lacking.rest, scope.sources, scope.words)) return null;
  const sought = seek(question, scope.sources, options(asking), scope.words);
  const { reading } = lacking;
  return { question, drafted: { ...EMPTY, missing: [question] }, sought, scope, reading };
}

/** What is asked of a place that the question names, sought there alone; null when it names none, or nothing there answers it. */
function askPlace(question: string, scope: Scope, asking: Asking): Part | null {
  const asked = placeAsked(question, scope.sources);
  if (asked === null) return placeLacking(question, scope, asking);
  const place = narrowed(asked.place, asking.limits);
  const within: Scope = { ...scope, sources: place.sources, named: [...scope.named, place.told], apart: false };
  const sought = seek(asked.rest, place.sources, options(asking, place), scope.words);
  const only = asksOnlyPlace(asked.rest, place.sources, scope.words) ? placeAnswer(place) : null;
  if (only !== null) return { question, drafted: only, sought, scope: within };
  const drafted = dutiesAnswer(asked.rest, place.sources, place) ?? answerFrom(sought);
  return drafted.headline === null ? null : { question, drafted, sought, scope: within };
}

/** What answers a question of a shape of its own: what needs care, facts of the file, what a document is for, someone's duties; null for any other. */
function ownShape(question: string, { sources }: Scope, { settings, limits }: Asking): ReaderAnswer | null {
  if (asksWatchPoints(question)) return watchPointsAnswer(sources, watchPointsOf(settings), limits);
  const whole = limits === null ? (fileFactsAnswer(question, sources) ?? purposeAnswer(question, sources)) : null;
  return whole ?? dutiesAnswer(question, sources, limits);
}

/** Share of a subject's words that an answer from outside its section must hold, with its heading. */
const OF_SUBJECT = 0.3;

/** How much an answer has to do with the words a question is about, by their weight: 0 for nothing. */
function bearing({ claims }: ReaderAnswer, text: string, sources: readonly AskedSource[]): number {
  const language = sources[0]?.segment.language ?? 'en';
  const said = termSet(claims.map((claim) => claim.text).join(' '), language);
  let [met, total] = [0, 0];
  for (const term of termSet(text, language)) {
    const worth = inverseFrequency(sources, term);
    total += worth;
    if (said.has(term)) met += worth;
  }
  return total === 0 ? 0 : met / total;
}

/** What is asked about a claim or clause: of its own section first, then of its document or those the question names, where its words must come up again. */
function askAbout(question: string, sources: readonly AskedSource[], named: Scope, asking: Asking): Part | null {
  const { subject } = asking;
  const source = sources.find(({ id }) => id === subject?.sourceId);
  if (subject === null || source === undefined) return null;
  const context = subject.text;
  const own: Scope = { sources: [source], named: [bareName(source)], words: [], strict: false, apart: false };
  const elsewhere = named.named.length > 0 && !named.sources.includes(source);
  const around = narrowed(
    placeAround(source, sectionAtPlace(source, subject.page, subject.start), 'its section'),
    asking.limits,
  );
  const near = seek(question, [source], { ...options(asking, around), context });
  const here = elsewhere ? null : answerFrom(near, { onSubject: true });
  if (here !== null && here.headline !== null) return { question, drafted: here, sought: near, scope: own };
  const scope = elsewhere ? named : own;
  const sought = seek(question, scope.sources, { ...options(asking), context }, scope.words);
  const drafted = answerFrom(sought);
  const bears = bearing(drafted, context, scope.sources) >= OF_SUBJECT;
  return { question, drafted: bears ? drafted : { ...EMPTY, missing: [question] }, sought, scope };
}

/** Words that send the reader to another place of the document, and how much of that place is told. */
const SENDS =
  /\b(?:set out|set forth|shown|stated|listed|given|described|specified|worked out|calculated|determined|laid down|provided|contained|defined|in accordance)\s+(?:in|under|by|at|with)\s+(?<place>.{4,60})$/i;
const MOST_SENT = 4;

/** An answer that only sends one to another clause or schedule, with what stands there; any other as it is. */
function withPlaceNamed(drafted: ReaderAnswer, question: string, sources: readonly AskedSource[]): ReaderAnswer {
  const [first] = drafted.claims;
  const source = sources.find(({ id }) => id === first?.citations[0]?.sourceId);
  const sent = SENDS.exec(first?.text.replace(/[.;,\s]+$/, '') ?? '')?.groups?.['place'];
  if (first === undefined || source === undefined || sent === undefined || drafted.lines !== undefined) return drafted;
  if (!asksHow(question) && kindOf(question) !== 'list') return drafted;
  const asked = placeAsked(sent, [source]);
  const there = asked === null ? null : placeAnswer(asked.place);
  if (there === null || there.headline === null) return drafted;
  const lines = [drafted.headline ?? '', there.headline];
  return { ...drafted, headline: lines.join('; '), lines, claims: [first, ...there.claims.slice(0, MOST_SENT)] };
}

/** True where a document changes clauses of another that it may mean. */
function changes(one: AskedSource, other: AskedSource): boolean {
  return amendingIn(one).length > 0 && mayChange(one, other);
}

/** Documents of a kind that are asked besides the first, at most. */
const MOST_OTHERS = 11;

/** A part whose question speaks of a document as if there were one of its kind: what the others say is told too, where it differs. */
function askOthers(part: Part, asking: Asking): Part {
  const { question, drafted, scope } = part;
  const first = scope.sources.find(({ id }) => id === drafted.claims[0]?.citations[0]?.sourceId);
  if (scope.named.length > 0 || first === undefined) return part;
  // What changes a document is no other of its kind.
  const others = othersMeant(question, scope.sources, first).filter(
    (one) => !changes(one, first) && !changes(first, one),
  );
  if (others.length === 0) return part;
  if (others.length > MOST_OTHERS) return { ...part, reading: anyOf(question, others.length + 1) };
  const answers = others.map((source) => ({ source, drafted: answerFrom(seek(question, [source], options(asking))) }));
  const own = { source: first, drafted: answerFrom(seek(question, [first], options(asking))) };
  const each = eachReading(part.sought.question, [own, ...answers]);
  return each === null ? part : { ...part, drafted: each.drafted, reading: each.reading };
}

/** What a table tells by its rows set against one another: which has most or least, which lie beyond a figure, which rose or fell, where that is asked. */
function comparedOf(sought: Sought): ReaderAnswer | null {
  const { question, sources } = sought;
  const { text } = question;
  if (![asksExtreme, asksBeyond, asksMoved].some((asks) => asks(text))) return null;
  const evidence = evidenceOf(sought);
  return (
    (asksMoved(text) ? movedAnswer(evidence, question) : null) ??
    (asksExtreme(text) ? extremeAnswer(evidence, sources, question) : null) ??
    (asksBeyond(text) ? beyondAnswer(evidence, question) : null)
  );
}

/** What a table tells where its sentences and rows by themselves tell nothing: the total, where all of something together is asked for, or the cell that a question names by row and column. */
function cellOf(sought: Sought): ReaderAnswer | null {
  const { question, sources } = sought;
  if (sources.every(({ tables }) => tables.length === 0)) return null;
  const evidence = evidenceOf(sought);
  return (asksTotal(question.text) ? totalAnswer(evidence, question) : null) ?? cellAnswer(evidence, question);
}

/** What answers a question, or a ratio that goes by a name and is told nowhere. */
function answeredOrRatio(sought: Sought, question: string): ReaderAnswer {
  const answered = withPlaceNamed(answerFrom(sought), question, sought.sources);
  const ratio = saysRatio(answered, sought.question) ? null : ratioAnswer(sought.question, sought.sources);
  return ratio ?? answered;
}

/** Answers one part; `before` is the scope of the part before it, which holds as long as the part names none of its own. */
export function askPart(question: string, sources: readonly AskedSource[], asking: Asking, before: Scope | null): Part {
  const own = scopeOf(question, sources);
  const scope = own.named.length === 0 && before !== null ? { ...before, apart: false } : own;
  const special =
    askAbout(question, sources, own, asking) ??
    askPlace(question, scope, asking) ??
    changeOver(question, scope, sources, asking);
  if (special !== null) return special;
  const sought = seek(question, scope.sources, options(asking), scope.words);
  const plain = ownShape(question, scope, asking);
  if (plain !== null) return { question, drafted: plain, sought, scope };
  if (scope.apart) return { question, drafted: askEach(question, scope, asking), sought, scope };
  const read = comparedOf(sought) ?? answeredOrRatio(sought, question);
  // A whole row says less than the cell that is asked for.
  const unread = read.headline === null || read.headline === read.claims[0]?.text;
  const drafted = unread ? (cellOf(sought) ?? read) : read;
  // A name may stand in one document and the answer in another; a document that was named is asked alone.
  if (drafted.headline !== null || scope.strict || scope.sources.length === sources.length)
    return askOthers({ question, drafted, sought, scope }, asking);
  const wide = seek(question, sources, options(asking));
  return { question, drafted: answerFrom(wide), sought: wide, scope, widened: true };
}

/** What was searched for, and in which documents or at which place, when not in all. */
export function searchesIn({ sought, scope, widened = false }: Part): string[] {
  const where = widened || scope.named.length === 0 ? [] : [`in ${scope.named.slice(0, 3).join(', ')}`];
  return [...searchesOf(sought.question), ...where];
}
