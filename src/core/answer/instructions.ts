import { bareName, isDraft } from '../search';
import { findNumbers, sayDate, type Language } from '../text';
import { sayInScale } from '../figure';
import { documentsSpokenOf } from './scope';
import { dateOf } from './sides';
import { partAt } from './partAt';
import type { AskedSource, ReaderAnswer, Steered } from './types';

/** What standing instructions ask of the built-in reader, as far as it can do it. */
export interface Steering {
  /** Amounts are told in this scale (1, 1,000 or 1,000,000); null to tell them as printed. */
  readonly scale: number | null;
  /** Each answer tells the date of its documents. */
  readonly dated: boolean;
  /** No more than what answers. */
  readonly short: boolean;
  /** Which documents may be asked at all. */
  readonly sources: readonly AskedSource[];
  /** Each instruction, and whether it is honoured. */
  readonly told: readonly Steered[];
}

const DATED =
  /\b(?:dates? of (?:the|each|every|its) (?:source|document|filing|quote)s?|(?:source|document)(?:['’]?s)? dates?|date the (?:sources|documents))\b/i;
const SCALED: readonly (readonly [RegExp, number])[] = [
  [
    /\b(?:in|to|as) (?:full|whole|plain|units)\b|\bwritten out\b|\bnot (?:in|abbreviated)\b.*\b(?:thousand|million)s?\b/i,
    1,
  ],
  [/\bin thousands?\b/i, 1000],
  [/\bin millions?\b/i, 1_000_000],
];
const SHORT =
  /\b(?:short|brief|concise|terse)\b|\b(?:one|a single) (?:line|sentence|claim)\b|\bonly the (?:value|answer|headline|figure)s?\b/i;
const LATEST =
  /\b(?:latest|newest|most recent|current|last)\b.*\b(?:versions?|editions?|drafts?|revisions?|documents?)\b|\b(?:superseded|outdated|old(?:er)?) (?:versions?|editions?|drafts?|documents?)\b/i;
const LEAVE_OUT =
  /\b(?:ignore|leave out|exclude|skip|without|disregard|not? (?:use|ask|look in|quote)|do not (?:use|ask|quote)|never (?:use|ask|quote))\b/i;
const ONLY = /\bonly\b/i;
/** What the reader does for every answer, asked for or not. */
const ALWAYS =
  /\b(?:page(?: numbers?)?|cite|citations?|quotes?|verbatim|sources?|clause numbers?)\b|\b(?:never|do not|don['’]t) (?:guess|invent|make up|speculate|assume)\b|\bboth sides\b|\bconflicts?\b|\bsay so\b/i;

/** Numbers that a name gives versions by: "v2", "rev. 3", "version 1.4". */
const VERSION = /[\s_(-]*\b(?:v|ver\.?|version|rev\.?|revision|edition)[\s.]?(?<number>\d+(?:\.\d+)*)\b\)?/i;

/** The documents without drafts of what was agreed, and without earlier numbered versions of one name. */
function latestOf(sources: readonly AskedSource[]): AskedSource[] {
  const known = sources.map((source) => {
    const name = bareName(source);
    const stem = name.replace(VERSION, '').replace(/\b(?:draft|entwurf|final|signed)\b|草案/gi, '').replace(/[\s_-]+/g, ' ').trim().toLowerCase(); // prettier-ignore
    return { source, draft: isDraft(name), number: Number(VERSION.exec(name)?.groups?.['number'] ?? -1), stem };
  });
  const byStem = new Map<string, typeof known>();
  for (const one of known) byStem.set(one.stem, [...(byStem.get(one.stem) ?? []), one]);
  const outdone = ({ stem, draft, number }: (typeof known)[number]): boolean =>
    (byStem.get(stem) ?? []).some(
      (other) => (draft && !other.draft) || (other.draft === draft && other.number > number),
    );
  return known.filter((one) => !outdone(one)).map(({ source }) => source);
}

/** The sentences of standing instructions, one instruction each. */
export function instructionsIn(text: string): string[] {
  return text
    .split(/\n+|(?<=[.;!])\s+/)
    .map((one) =>
      one
        .replace(/^\s*(?:[-*•]|\d{1,2}[.)])\s+/, '')
        .replace(/[.;!\s]+$/, '')
        .trim(),
    )
    .filter((one) => /\p{L}/u.test(one));
}

/**
 * What standing instructions ask for: dates of documents, the scale of amounts, short answers, only the latest versions, only some documents or all but some. Each
 * is told as honoured or not; what the reader does anyway is told so, what it cannot do too.
 */
export function steeringOf(text: string, sources: readonly AskedSource[]): Steering {
  let steering: Omit<Steering, 'told'> = { scale: null, dated: false, short: false, sources };
  const told = instructionsIn(text).map((instruction): Steered => {
    const [next, how] = steer(instruction, steering, sources);
    if (next !== null) steering = next;
    return { instruction, honoured: next !== null, how };
  });
  return { ...steering, told };
}

type Steps = readonly [Omit<Steering, 'told'> | null, string];

function steer(instruction: string, now: Omit<Steering, 'told'>, all: readonly AskedSource[]): Steps {
  if (DATED.test(instruction)) return [{ ...now, dated: true }, 'the date of each document cited is told'];
  const scale = SCALED.find(([pattern]) => pattern.test(instruction))?.[1];
  if (scale !== undefined) return [{ ...now, scale }, 'amounts of the headline are told so; quotes stay as printed'];
  if (LATEST.test(instruction)) {
    const left = latestOf(now.sources);
    const out = now.sources.length - left.length;
    return [
      { ...now, sources: left },
      out === 0
        ? 'no document here is an earlier version of another'
        : `${out === 1 ? 'one document is' : `${out} documents are`} left out`,
    ];
  }
  if (LEAVE_OUT.test(instruction) || ONLY.test(instruction)) {
    const meant = documentsSpokenOf(instruction, all);
    const leaves = LEAVE_OUT.test(instruction);
    const left = now.sources.filter((source) => meant.includes(source) !== leaves);
    if (meant.length > 0 && left.length > 0)
      return [{ ...now, sources: left }, `${left.length} of ${all.length} documents are asked`];
  }
  if (SHORT.test(instruction)) return [{ ...now, short: true }, 'only what answers is told'];
  if (ALWAYS.test(instruction)) return [now, 'done for every answer'];
  return [null, 'the built-in reader quotes and computes only; a connected model is told it'];
}

/** A headline's amounts in another scale; percentages, times and plain counts stay as they are. */
function rescaled(text: string, scale: number, language: Language): string {
  let said = text;
  for (const found of findNumbers(text, language).reverse()) {
    const told = sayInScale(text.slice(found.start, found.end), found, scale);
    if (told !== null) said = said.slice(0, found.start) + told + said.slice(found.end);
  }
  return said;
}

/** Lines with the date of the document that each is of; dates of documents that no line names stand behind the only line, or in one of their own. */
function withDates(lines: readonly string[], sources: readonly AskedSource[]): string[] {
  const of = sources.map((source) => {
    const date = dateOf(source);
    return { name: bareName(source), date: date === null ? 'tells no date' : sayDate(date) };
  });
  const dated = lines.map((line) => {
    const named = of.find(({ name }) => line.includes(name));
    return named === undefined || line.includes(named.date) ? line : `${line} (${named.date})`;
  });
  const unnamed = of.filter(({ name }) => !lines.some((line) => line.includes(name)));
  const told = `(${unnamed.map(({ name, date }) => `${name}, ${date}`).join('; ')})`;
  if (unnamed.length === 0) return dated;
  return dated.length === 1 ? [`${dated[0]} ${told}`] : [...dated, told];
}

/** An answer as standing instructions want it. Its claims stay quotes, and both sides of a conflict stay told. */
export function steered(
  answer: ReaderAnswer,
  { scale, dated, short }: Steering,
  sources: readonly AskedSource[],
): ReaderAnswer {
  if (answer.headline === null) return answer;
  const byId = new Map(sources.map((source) => [source.id, source]));
  const cited = [
    ...new Set(answer.claims.flatMap(({ citations }) => citations.map((one) => one.sourceId ?? ''))),
  ].flatMap((id) => byId.get(id) ?? []);
  const language = cited[0]?.segment.language ?? 'en';
  const parted = answer.claims.every(({ part }) => part !== undefined);
  const shortened = short && (parted || answer.lines === undefined) && answer.conflicts.length === 0 && answer.calculations.length === 0; // prettier-ignore
  // One claim a question.
  const claims = shortened
    ? answer.claims.filter((_, at) => at === 0 || partAt(answer.claims, at) !== null)
    : answer.claims;
  const shown = claims.length === answer.claims.length || parted ? cited : cited.slice(0, 1);
  const lines = (answer.lines ?? [answer.headline]).map((line) =>
    scale === null ? line : rescaled(line, scale, language),
  );
  const all = dated ? withDates(lines, shown) : lines;
  return { ...answer, headline: all.join('; '), ...(all.length > 1 || dated ? { lines: all } : {}), claims };
}
