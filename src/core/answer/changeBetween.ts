import { agree, quantityAt } from '../figure';
import { bareName, sectionOf, termSet, type QueryTerm } from '../search';
import type { Language } from '../text';
import { amendingIn } from './amending';
import { changeTold, countsAsked } from './change';
import { trustOf } from './decline';
import { gatherEvidence, type Evidence } from './evidence';
import { UNITS_OF_TIME } from './measuredNumbers';
import { asksChange, asksSizeOfMove } from './moves';
import type { Question } from './question';
import { wordsOver } from './rowEvidence';
import type { Sought } from './seek';
import { inTime, type Side } from './sides';
import { namesMoney } from './sumsTold';
import { ALIKE, isYear, ofOneThing, moveTold, shareAround, tellingsOf, type Telling } from './tellings';
import type { AnswerKind, AskedSource, Operand, ReaderAnswer } from './types';
import { shareOfShorter, wordsIn } from './wordsInCommon';
import { yearsAsked } from './years';

/** What the figures that moved may be, where the question does not say: "How did bar income change?" */
const LEVELS: readonly AnswerKind[] = ['amount', 'number', 'duration'];
/** Asks for the move of a share rather than in per cent. */
const OF_SHARES =
  /\bpoints?\b|\b(?:interest )?rate\b|\bmargin\b|\b(?:share|proportion)\b|prozentpunkt|zinssatz|anteil|quote(?!\p{L})|ポイント|率/iu;
/** Share of the shorter one's words that two sentences must have in common whose sums are set against each other. */
const ALIKE_OF_SUMS = 0.3;
/** Evidence that is looked through for figures, at most. */
const MOST_LOOKED_AT = 30;
/** Asks for the move from a year on. */
const SINCE = /\b(?:since|seit)\b(?! when\b)|以来|以降/i;

/** The year since which a question asks how something moved; null where it names none so. */
function yearSince(question: Question): number | null {
  const [only, ...others] = yearsAsked(question);
  return only !== undefined && others.length === 0 && SINCE.test(question.text) ? only : null;
}

/** The figure of a year and the last before it of the same thing, where nothing is told of the year right before. */
function pairBefore(tellings: readonly Telling[], to: number): [Telling, Telling] | null {
  const years = [...new Set(tellings.map(({ year }) => year))].filter((year) => year < to).sort((a, b) => b - a);
  if (years.includes(to - 1)) return null;
  for (const from of years) {
    const pair = pairOf(tellings, [from, to]);
    if (pair !== null) return pair;
  }
  return null;
}

/** The figures between which something moved since a year: that year's, or else the last before it, and the latest. */
function pairSince(tellings: readonly Telling[], since: number): [Telling, Telling] | null {
  const years = [...new Set(tellings.map(({ year }) => year))].sort((a, b) => b - a);
  for (const to of years)
    for (const from of years.filter((year) => year < to && year <= since)) {
      const pair = to >= since ? pairOf(tellings, [from, to]) : null;
      if (pair !== null) return pair;
    }
  return null;
}

/** The years that a question compares, the earlier first: those it names, or its year and the one before; null where it names none. */
function yearsCompared(question: Question): readonly [number, number] | null {
  const years = yearsAsked(question);
  const [only] = years;
  if (only === undefined) return null;
  return years.length > 1 ? [Math.min(...years), Math.max(...years)] : [only - 1, only];
}

/** The likeliest figure of the later year that has one of the same thing in the earlier; null where there is none. */
function pairOf(tellings: readonly Telling[], [from, to]: readonly [number, number]): [Telling, Telling] | null {
  const byScore = (one: Telling, two: Telling): number => two.one.score - one.one.score;
  const earlier = tellings.filter(({ year }) => year === from).sort(byScore);
  for (const later of tellings.filter(({ year }) => year === to).sort(byScore)) {
    // What the later document itself says of the year before is what it compares with.
    const same = earlier.filter((one) => ofOneThing(one, later));
    const best = same.find(({ one }) => one === later.one) ?? same[0];
    if (best !== undefined) return [best, later];
  }
  return null;
}

/**
 * The likeliest figure of which another document, of an earlier year, has one of the same thing, or its own sentence, that one first, where no year is named; null
 * where there is none.
 */
function latestPairOf(tellings: readonly Telling[]): [Telling, Telling] | null {
  const sorted = [...tellings].sort((a, b) => b.one.score - a.one.score);
  for (const likeliest of sorted) {
    const inBest = likeliest.one === sorted[0]?.one;
    const others = sorted.filter(({ one }) => one.source.id !== likeliest.one.source.id || (inBest && one === likeliest.one)); // prettier-ignore
    const same = others.filter((one) => one.year !== likeliest.year && ofOneThing(one, likeliest));
    const alike = (one: Telling): number => Math.round(10 * shareAround(one, likeliest));
    const byYear = [likeliest, ...same].sort((a, b) => b.year - a.year || alike(b) - alike(a) || b.one.score - a.one.score); // prettier-ignore
    const [later] = byYear;
    const before = byYear.filter(({ year }) => year !== later?.year);
    const [earlier] = before;
    if (later === undefined || earlier === undefined) continue;
    // What both tell alike did not move.
    return before.some(({ operand }) => agree(operand, later.operand)) ? null : [earlier, later];
  }
  return null;
}

/** What the figures that moved may be, the likeliest first. */
function levelKinds({ kind, text }: Question): ReadonlySet<AnswerKind> {
  // What money moved by is told by no times.
  const levels = namesMoney(text) ? LEVELS.filter((one) => one !== 'duration') : LEVELS;
  const own = LEVELS.includes(kind) ? [kind, ...levels] : levels;
  return new Set(OF_SHARES.test(text) ? (['percentage', ...own] as const) : own);
}

/** The questions for the figures that moved, by what these may be. */
export function levelsOf(question: Question): Question[] {
  return [...levelKinds(question)].map((kind) => levelOf(question, kind));
}

/** Words that only set one year against another, as search terms. */
const COMPARES = /^(?:more|few|fewer|less|mehr|wenig|weniger|vorjahr|vorjahres)$/;

const isOfLevel = ({ term }: Pick<QueryTerm, 'term'>): boolean => !isYear(term) && !COMPARES.test(term);

/** What is asked of each of the years: the question without them, for a figure of a kind. */
function levelOf(question: Question, kind: AnswerKind): Question {
  return {
    ...question,
    kind,
    text: question.text.replace(/\bby how (?=much|many)/i, 'how ').replace(/\bum wie (?=viel)/i, 'wie '),
    terms: question.terms.filter(isOfLevel),
    subject: question.subject.filter(isOfLevel),
    focus: question.focus.filter((term) => !isYear(term)),
    periods: [],
  };
}

/** True for a sentence, or a row with what stands over it, that holds a word of what is asked. */
function speaksOf({ text, row, source, unit }: Evidence, { subject }: Question): boolean {
  const over = row === null ? sectionOf(source, unit.section) : `${wordsOver(row)} ${row.table.caption ?? ''}`;
  const held = termSet(`${text} ${over}`, source.segment.language);
  return subject.some(({ term, equivalents = [] }) => [term, ...equivalents.map((one) => one.term)].some((one) => held.has(one))); // prettier-ignore
}

/** How near the best a sentence must come that tells a move itself. */
const NEARLY_BEST = 0.85;
/** Verbs that tell a move of the past. */
const PAST =
  /\b(?:rose|fell|grew|shrank|sank|went|was|were|has|have|had|(?:increas|decreas|dropp|declin|climb|improv|widen|lengthen)ed|stieg|fiel|wuchs|nahm(?:en)?|war(?:en)?|wurden?)\b/i;
/** How what was before is called beside the document that changes it. */
const BEFORE: Partial<Record<Language, string>> = { de: 'vorher', ja: '以前' };

/** The move that the likeliest sentence tells itself, "shortened from 30 to 14 days"; null where it tells none. */
function movedWithin(
  evidence: readonly Evidence[],
  level: Question,
  sources: readonly AskedSource[],
): ReaderAnswer | null {
  const [best] = evidence;
  for (const one of evidence.filter(({ score }) => score >= NEARLY_BEST * (best?.score ?? 0))) {
    // What moved in a year is told of that year.
    const move = speaksOf(one, level) && !PAST.test(one.text) ? moveTold(one, level) : null;
    if (move === null || trustOf(one, { evidence, able: evidence, leading: one }, level, sources) < 0) continue;
    const { language } = one.source.segment;
    const [from, to] = move;
    const told = changeTold(level, { from, to }, [BEFORE[language] ?? 'before', bareName(one.source)], language);
    if (told !== null && countsAsked(level, to)) return told;
  }
  return null;
}

/**
 * How a figure moved between two years that different sentences tell, or rows of different documents ("The club had 447 members", and 412 in the report of the year
 * before); of the two latest where the question names none; null when it asks for no move, or one of the figures is not found.
 */
export function changeBetween({ question, hits, sources }: Sought): ReaderAnswer | null {
  const years = yearsCompared(question);
  const since = yearSince(question);
  if (years === null ? !asksSizeOfMove(question.text) : !asksChange(question.text)) return null;
  for (const level of levelsOf(question)) {
    const evidence = gatherEvidence(sources, hits, level);
    const tellings = evidence
      .slice(0, MOST_LOOKED_AT)
      .filter((one) => speaksOf(one, level))
      .flatMap((one) => tellingsOf(one, level));
    const within = years === null ? movedWithin(evidence, level, sources) : null;
    if (within !== null) return within;
    const pair =
      since !== null
        ? pairSince(tellings, since)
        : years === null
          ? latestPairOf(tellings)
          : (pairOf(tellings, years) ?? pairBefore(tellings, years[1]));
    // What an amendment makes of a clause is no figure of a later year: `changeOfSides` tells it.
    if (years === null && pair?.some(({ one }) => amendingIn(one.source).length > 0) === true) return null;
    if (pair === null || trustOf(pair[1].one, { evidence, able: evidence, leading: pair[1].one }, level, sources) < 0)
      continue;
    const [from, to] = [pair[0].operand, pair[1].operand];
    if (namesMoney(question.text) && to.unit !== null && UNITS_OF_TIME.test(to.unit)) continue;
    const { language } = pair[1].one.source.segment;
    const told = countsAsked(question, to) ? changeTold(question, { from, to }, [`${pair[0].year}`, `${pair[1].year}`], language) : null; // prettier-ignore
    if (told !== null) return told;
  }
  return null;
}

/** How a figure moved from what one document says to what a later one, or one that amends it, makes of it; null where no move is asked for, or no figures are told. */
export function changeOfSides(sides: readonly Side[], question: Question): ReaderAnswer | null {
  const [now, before] = [sides[0], sides.at(-1)];
  if (now === undefined || before === undefined || now === before || !asksSizeOfMove(question.text)) return null;
  const alike = shareOfShorter(...([now, before].map(({ claim, source }) => wordsIn(claim.text, source.segment.language)) as [Set<string>, Set<string>])); // prettier-ignore
  // Which was first is not told by the order in which they are shown.
  if (!now.amends && inTime(now.source, before.source) <= 0) return null;
  // Of a year that is named, sides of other years say nothing.
  const enough = namesMoney(question.text) ? ALIKE_OF_SUMS : ALIKE;
  if (!now.amends && (alike < enough || yearsAsked(question).length > 0)) return null;
  const [from, to] = [before, now].map(({ said, source, claim }): Operand | null => {
    const quantity = quantityAt(said, 0, said.length, source.segment.language);
    const [citation] = claim.citations;
    return quantity === null || citation === undefined ? null : { ...quantity, citation };
  });
  // What both say alike did not move: they differ in something else.
  if (from == null || to == null || agree(from, to)) return null;
  // A price that rose is told by no time.
  if (namesMoney(question.text) && to.unit !== null && UNITS_OF_TIME.test(to.unit)) return null;
  return changeTold(
    question,
    { from, to },
    [bareName(before.source), bareName(now.source)],
    now.source.segment.language,
  );
}
