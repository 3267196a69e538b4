import { statedFacts } from '../facts';
import {
  bareName,
  placeKey,
  shareInCommon,
  termNumber,
  termSet,
  unitsInOrder,
  unitsOfPassage,
  type UnitText,
} from '../search';
import { findDates } from '../text';
import { readChanges, turnsClause, type Amending } from './changingSentences';
import type { AskedSource } from './types';

/** Words, as search terms, of which a sentence that changes a clause holds one. */
const AMENDING_TERMS =
  'amend vari replac substitut delet repeal revok restat insert omit chang becom ceas read extend extens shorten rais increas reduc lower ersetzt geandert andert gestrich aufgehob fassung gefasst entfallt erhoht gesenkt verlangert verkurzt beträgt betragt kunftig lautet 改め 改正 変更 削除'.split(
    ' ',
  );
/** Passages that are looked through for changes, at most: of a document that changes another, and to know whether it does. */
const MOST_PASSAGES = 600;
const MOST_OF_OTHERS = 60;
/** What each document changes; a document's pages do not change, so each is read once. */
const known = new WeakMap<AskedSource['segment'], readonly Amending[]>();

const CALLED_SO =
  /\bamend|addend|\bvariation|\bvarying|supplement|corrigend|endorsement|modif|\brevis(?:ion|es|ing)\b|\bchange (?:order|notice|agreement)|\bwhat changes\b|\bchanges? (?:of|to|in) (?:the|our|these|its)\b|\bchange in (?:these|the following)\b|side letter|nachtrag|änderung|ergänzung|変更|改正|改定|覚書/i;

/** Pages at the front of a document that say what it changes; the first may be a cover. */
const FRONT_PAGES = 3;
/** Characters at the front of a document that its title, and what it is made for, stand in. */
const FRONT = 600;

function frontPages(source: AskedSource): string {
  return [...Array(FRONT_PAGES).keys()].map((at) => source.page(at + 1)?.text ?? '').join('\n');
}

/** True for a document that says it changes or replaces another. */
function saysItAmends(source: AskedSource): boolean {
  return statedFacts(source).some(
    ({ field, value }) => field === 'amends' || (field === 'kind' && value === 'amendment'),
  );
}

/** Passages that hold a word by which clauses are changed, those with the rarest words first, with the ones behind them; in order. */
function passagesThatMay({ segment }: AskedSource, most: number): number[] {
  const { postingStarts, postingPassages, passageSections } = segment;
  const lists = AMENDING_TERMS.flatMap((word) => {
    const term = termNumber(segment, word);
    return term < 0 ? [] : [postingPassages.subarray(postingStarts[term], postingStarts[term + 1])];
  });
  const found = new Set<number>();
  for (const passages of lists.sort((a, b) => a.length - b.length))
    for (const passage of passages) if (found.size < most) found.add(passage).add(passage + 1);
  return [...found].filter((one) => one < passageSections.length).sort((a, b) => a - b);
}

/** The sentences and rows of passages, each once. */
function unitsIn(source: AskedSource, passages: readonly number[]): UnitText[] {
  const seen = new Map<string, UnitText>();
  for (const passage of passages)
    for (const one of unitsOfPassage(source, passage)) seen.set(placeKey(one.unit.spans), one);
  return [...seen.values()];
}

/** Passages of a document that is short enough to be a letter or notice. */
const MOST_OF_LETTERS = 16;

/** True for a document that is short enough to be a letter or notice. */
function isShort({ segment }: AskedSource): boolean {
  return segment.passageSections.length <= MOST_OF_LETTERS;
}
/** Sentences of a short document that turn clauses, at least, and their share of all its sentences, for it to be one that changes another: a letter says so nowhere else. */
const LEAST_TURNS = 2;
const TURNING_SHARE = 0.15;

/** True for a short document that tells of clauses what becomes of them, and of little else; `calledSo` where it is called one that changes another. */
function turnsClauses(source: AskedSource, calledSo: boolean): boolean {
  if (!isShort(source)) return false;
  const units = [...unitsInOrder(source)];
  const turning = units.filter((one) => turnsClause(one, calledSo));
  return turning.length >= Math.max(LEAST_TURNS, TURNING_SHARE * units.length);
}

/** What a document changes, looked for in a few passages first: most change nothing, and what they say of themselves takes longer to tell. */
function changesOf(source: AskedSource): readonly Amending[] {
  const few = readChanges(source, unitsIn(source, passagesThatMay(source, MOST_OF_OTHERS)), false);
  const titled = CALLED_SO.test(frontPages(source).slice(0, FRONT));
  // Words that go and come are what no contract has but one that changes another.
  const changes =
    CALLED_SO.test(source.name) ||
    few.some(({ unit, pairs }) => unit.kind === 'row' || pairs.some(({ either }) => either !== true)) ||
    (few.length > 0 && (titled || saysItAmends(source))) ||
    turnsClauses(source, titled);
  if (!changes) return [];
  const many = source.segment.passageSections.length > MOST_PASSAGES;
  return readChanges(source, many ? unitsIn(source, passagesThatMay(source, MOST_PASSAGES)) : [...unitsInOrder(source)], true); // prettier-ignore
}

/** The sentences of a document that change clauses of another, in their order; none of a document that only speaks of changes. */
export function amendingIn(source: AskedSource): readonly Amending[] {
  const changes = known.get(source.segment) ?? changesOf(source);
  known.set(source.segment, changes);
  return changes;
}

/** Share of the words of a document's name or title that one which changes it must hold. */
const NAMED_BY = 0.5;
/** Headings at the front of a document that may be its title. */
const FIRST_TITLES = 2;

/** The terms and dates of a document's front pages; its pages do not change, so each is looked through once. */
interface Front {
  readonly terms: ReadonlySet<string>;
  readonly dates: ReadonlySet<string>;
}
const fronts = new WeakMap<AskedSource['segment'], Front>();

function frontOf(source: AskedSource): Front {
  const before = fronts.get(source.segment);
  if (before !== undefined) return before;
  const text = frontPages(source);
  const front = {
    terms: termSet(text, source.segment.language),
    dates: new Set(findDates(text).map(({ value }) => value)),
  };
  fronts.set(source.segment, front);
  return front;
}

/** True where a document that changes others may mean this one: it names its date, or most words of its name or title. */
export function mayChange(changing: AskedSource, original: AskedSource): boolean {
  const { terms: held, dates } = frontOf(changing);
  const facts = statedFacts(original);
  const date = facts.find(({ field }) => field === 'date')?.value;
  if (date !== undefined && dates.has(date)) return true;
  const titles = [
    bareName(original),
    ...facts.flatMap(({ field, value }) => (field === 'title' ? value : [])),
    ...original.sections.slice(0, FIRST_TITLES).map(({ title }) => title),
  ];
  return titles.some((title) => {
    const words = [...termSet(title, original.segment.language)];
    return words.length > 0 && words.filter((word) => held.has(word)).length >= NAMED_BY * words.length;
  });
}

/** Share of the words of two names, years aside, from which on they are of one series: "Annual filing 2024" and 2025. */
const OF_SERIES = 0.6;

/** The words of a document's name, and the numbers in it that are no years: "Lease South Basin 8" is none of a series with 9. */
function wordsOfName(source: AskedSource): ReadonlySet<string> {
  const words = [...termSet(bareName(source), source.segment.language)];
  return new Set(words.filter((word) => !/^#?(?:19|20)\d{2}$/.test(word)));
}

/** True for two agreements that are not between the same: each is of its own. */
function betweenOthers(one: AskedSource, two: AskedSource): boolean {
  const [a, b] = [one, two].map(
    (source) => new Set(statedFacts(source).flatMap(({ field, value }) => (field === 'parties' ? value.replace(/\s\(.*$/, '') : []))), // prettier-ignore
  ) as [Set<string>, Set<string>];
  return a.size > 1 && b.size > 1 && [...a].some((party) => !b.has(party));
}

/** True for two documents of which one may speak of what the other settles: of one series, or one of them short and naming the other. */
export function areRelated(one: AskedSource, two: AskedSource): boolean {
  if (betweenOthers(one, two)) return false;
  if (shareInCommon(wordsOfName(one), wordsOfName(two)) >= OF_SERIES) return true;
  return (isShort(one) && mayChange(one, two)) || (isShort(two) && mayChange(two, one));
}
