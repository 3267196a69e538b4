import { statedFacts } from '../facts';
import { bareName, placeKey, termNumber, termSet, unitsOfPassage, type UnitText } from '../search';
import { findDates, oneLine } from '../text';
import { firstPlace, placesNamed, type Address } from './clauseAddress';
import type { AskedSource } from './types';

/** Words that go, and those that take their place; `either` where the sentence does not tell which is which, and the clause does. */
export interface WordsPut {
  readonly old: string;
  readonly now: string;
  readonly either?: true;
}

/** A sentence that changes a clause of another document. */
export interface Amending {
  readonly source: AskedSource;
  /** The sentence, with the new wording where that follows it. */
  readonly unit: UnitText['unit'];
  readonly text: string;
  readonly places: readonly Address[];
  readonly pairs: readonly WordsPut[];
  /** What the clause reads from then on; null where only words of it change, or it goes. */
  readonly whole: string | null;
}

/** Words, as search terms, of which a sentence that changes a clause holds one. */
const AMENDING_TERMS =
  'amend vari replac substitut delet repeal revok restat insert omit chang becom ceas read extend extens shorten rais increas reduc lower ersetzt geandert andert gestrich aufgehob fassung gefasst entfallt erhoht gesenkt verlangert verkurzt beträgt betragt kunftig lautet 改め 改正 変更 削除'.split(
    ' ',
  );
const AMENDS =
  /\b(?:(?:is|are|shall be|be) (?:hereby )?(?:replaced|amended|deleted|substituted|restated|varied|changed|removed|repealed|revoked|raised|lowered|increased|reduced|extended|shortened|prolonged)|shall (?:now )?read|(?:to|now) reads?|reads? as follows|in place of|cease(?:s|d)? to (?:apply|have effect|be in force)|lapses?|falls? away|no longer appl(?:y|ies))\b|\bfor (?:the (?:words?|figures?|sums?|number) )?“”,? (?:read|substitute)\b|(?<!\p{L})(?:wird|werden|ist|sind)(?!\p{L}).{0,160}(?<!\p{L})(?:ersetzt|geändert|gestrichen|aufgehoben|gefasst|erhöht|angehoben|gesenkt|herabgesetzt|festgesetzt|verlängert|verkürzt)(?!\p{L})|\b(?:erhält|erhalten) (?:die )?folgende fassung\b|\b(?:lautet|lauten|beträgt|betragen) (?:nun|nunmehr|künftig|fortan|wie folgt)|\bentf(?:ällt|allen)(?!\p{L})|an die stelle|“” (?:becomes?|shall be(?:come)?|wird zu)\s|改め|改正|置き換え|に変更|とあるの[はを]|削除|削る/iu;
const QUOTED = /[“"„]([^”"“„]{1,600})[”"“]|「([^「」]{1,400})」/g;
/** A sentence whose new wording comes behind it. */
const TO_FOLLOW = /[:：]\s*$|次の(?:とおり|ように)|以下のとおり|\bas follows\b|\bfolgende fassung\b|\bwie folgt\b/i;
const MOST_FOLLOWING = 6;
/** Passages that are looked through for changes, at most: of a document that changes another, and to know whether it does. */
const MOST_PASSAGES = 600;
const MOST_OF_OTHERS = 60;
/** What joins words that go with those that come: "“A” is replaced by “B”", "„A“ durch „B“", 「A」を「B」に. */
const TAKEN_OVER = /^[\s,]*(?:(?:is|are|shall be|be)\b.*\b(?:by|with|to)|(?:there )?(?:is|shall be|be)? ?substituted?|(?:shall )?(?:now )?reads?|(?:shall )?becomes?|wird zu|(?:is|are|shall be)\s(?:hereby\s)?(?:deleted|struck out|omitted|removed),?\sand|by|with|durch|tritt|treten|を|とあるの[はを]、?)[\s,]*(?:(?:the )?(?:words?|figures?|das Wort|die (?:Wörter|Worte|Angabe|Zahl))\s*)?$/i; // prettier-ignore

function quotedIn(text: string): { readonly words: string; readonly start: number; readonly end: number }[] {
  return [...text.matchAll(QUOTED)].map((match) => ({
    words: (match[1] ?? match[2] ?? '').trim(),
    start: match.index,
    end: match.index + match[0].length,
  }));
}

/** "“B” is substituted for “A”": what comes stands first. */
const COMES_FIRST =
  /^\s*(?:is|are|shall be)\s+(?:inserted|substituted|put)\s+(?:for|in place of)\s*(?:the (?:words?|figures?)\s*)?$/i;
/** "an die Stelle der Angabe „A“ die Angabe „B“": nothing but a noun stands between. */
const IN_STEAD = /^\s*(?:die|das|der)\s+(?:angabe|wort|wörter|worte|zahl|betrag)\s*$/i;

/** Words of a sentence that go and those in their place, in their order. */
function pairsOf(text: string): WordsPut[] {
  const quoted = quotedIn(text);
  const stead = /\ban die stelle\b/i.test(text);
  const told = quoted.flatMap((one, at) => {
    const next = quoted[at + 1];
    if (next === undefined) return [];
    const between = text.slice(one.end, next.start);
    if (COMES_FIRST.test(between)) return [{ old: next.words, now: one.words }];
    return TAKEN_OVER.test(between) || (stead && IN_STEAD.test(between)) ? [{ old: one.words, now: next.words }] : [];
  });
  const [one, two, ...more] = quoted;
  if (told.length > 0 || one === undefined || two === undefined || more.length > 0) return told;
  return [{ old: one.words, now: two.words, either: true }];
}

/** Verbs that a sentence which changes a clause says it by, behind the place of the clause. */
const SAYS =
  /\b(?:is|are|shall|will|may|must|has|becomes?|reads?|ceases?|lapses?|falls?|rises?|gives?|goes|takes?|moves?|comes?|changes?|increases?|decreases?|drops?|doubles?|stands?|ends?|runs?|means?)\b|(?<!\p{L})(?:wird|werden|ist|sind|beträgt|betragen|lautet|lauten|gilt|gelten|erhöht|erhöhen|verlängert|verkürzt|ermäßigt|vermindert|verringert|steigt|sinkt|entf(?:ällt|allen)|erhält|erhalten|fällt|heißt|heißen|tritt|treten|wächst|endet|läuft)(?!\p{L})|は|中|を/iu;
/** A sentence that leaves a clause as it is, or puts another behind it. */
const LEAVES =
  /\b(?:inserted|added|appended|remains?|unaffected|unchanged|unaltered|continues? (?:to apply|in force)|after (?:clause|section|article|paragraph|rule|item)s? \S+|bleib(?:t|en)|unberührt|unverändert|(?:ein|an)gefügt)\b|の次に|加える|従前|なお効力/i;

/** True for a sentence, in a document that changes others, which says something of a clause that it names first. */
function saysOfClause(plain: string): boolean {
  const place = firstPlace(plain);
  const verb = plain.search(SAYS);
  return place >= 0 && verb > place && !LEAVES.test(plain);
}

/**
 * A sentence that changes a clause, read; null for any other. `following` are the units behind it, of which the new wording is taken. Where the document is known to
 * change others, `changes`, it need not say so in words known for it.
 */
function readAmending(
  source: AskedSource,
  first: UnitText,
  following: readonly UnitText[],
  changes: boolean,
): Amending | null {
  const plain = oneLine(first.text).replace(QUOTED, '“”');
  const places = AMENDS.test(plain) || (changes && saysOfClause(plain)) ? placesNamed(plain) : [];
  if (places.length === 0) return null;
  let text = first.text;
  for (const { text: next } of TO_FOLLOW.test(text) ? following : []) {
    if (quotedIn(text).length > 0) break;
    text += `${source.segment.language === 'ja' ? '' : ' '}${next}`;
  }
  if (TO_FOLLOW.test(first.text) && quotedIn(text).length === 0) text = first.text;
  text = oneLine(text);
  const pairs = pairsOf(text);
  const whole = pairs.length > 0 ? null : (quotedIn(text).at(-1)?.words ?? null);
  return { source, unit: first.unit, text, places, pairs, whole };
}

/** What each document changes; a document's pages do not change, so each is read once. */
const known = new WeakMap<AskedSource['segment'], readonly Amending[]>();

const CALLED_SO =
  /\bamend|addend|\bvariation|\bvarying|supplement|corrigend|endorsement|modif|\bchange (?:order|notice|agreement)|side letter|nachtrag|änderung|ergänzung|変更|改正|改定|覚書/i;

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

function readPassages(source: AskedSource, passages: readonly number[], changes: boolean): Amending[] {
  const seen = new Map<string, UnitText>();
  for (const passage of passages)
    for (const one of unitsOfPassage(source, passage)) seen.set(placeKey(one.unit.spans), one);
  const units = [...seen.values()];
  return units.flatMap(
    (one, at) => readAmending(source, one, units.slice(at + 1, at + 1 + MOST_FOLLOWING), changes) ?? [],
  );
}

/** What a document changes, looked for in a few passages first: most change nothing, and what they say of themselves takes longer to tell. */
function changesOf(source: AskedSource): readonly Amending[] {
  const few = readPassages(source, passagesThatMay(source, MOST_OF_OTHERS), false);
  // Words that go and come are what no contract has but one that changes another.
  const changes =
    CALLED_SO.test(source.name) ||
    few.some(({ pairs }) => pairs.some(({ either }) => either !== true)) ||
    (few.length > 0 && (CALLED_SO.test(frontPages(source).slice(0, FRONT)) || saysItAmends(source)));
  if (!changes) return [];
  const { length } = source.segment.passageSections;
  const all = length <= MOST_PASSAGES ? [...Array(length).keys()] : passagesThatMay(source, MOST_PASSAGES);
  return readPassages(source, all, true);
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

/** True where a document that changes others may mean this one: it names its date, or most words of its name or title. */
export function mayChange(changing: AskedSource, original: AskedSource): boolean {
  const text = frontPages(changing);
  const facts = statedFacts(original);
  const date = facts.find(({ field }) => field === 'date')?.value;
  if (date !== undefined && findDates(text).some(({ value }) => value === date)) return true;
  const held = termSet(text, changing.segment.language);
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
