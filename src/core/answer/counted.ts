import { tokenize, tokensOf, type Language, type Range } from '../text';
import { termsOf } from '../search';

/** What is counted: "grievances" of "how many grievances were filed". */
const COUNTED =
  /\b(?:how many|what number of|what (?:is|was|are|were) the (?:total |maximum |minimum |greatest |largest |smallest |highest |permitted )?number of|wie viele)\s+(?:(?:more|fewer|less|additional|mehr|weniger)\s+)?(?:of (?:the |its |their )?)?(?<things>(?:[\p{L}’'-]+\s+){0,2}?[\p{L}-]+)(?=\s+(?:is|are|was|were|do|does|did|has|have|had|may|must|can|could|shall|should|will|would|came|come|went|sit|sits|sat|serve|serves|live|lives|work|works|worked|belong|attended|joined|left|took|kept|led|made|got|held|lost|won|broke|fell|ran|gave|stood|sank|hit|caught|visit|use|pass|lie|cross|enter|leave|call|stay|stand|need|want|buy|bathe|swim|moor|[a-z]{3,}ed|of|in|on|at|for|per|to|by|from|with|under|werden|wurden|sind|waren|hat|haben|darf|dürfen|muss|müssen|kann|können|gibt)\b|\s*\?|$)/iu;
/** The same of a German question, whose nouns are known by their capitals: "Lehrlinge" of "wie viele neue Lehrlinge gibt es". */
const GERMAN_COUNTED = /\b[Ww]ie viele[nr]?\s+(?:\p{Ll}+e[nrsm]?\s+){0,2}(?<things>\p{Lu}[\p{L}-]+)/u;
/** Words behind a number, at most, among which what it counts stands; and before one, in "the number of employees was 486". */
const BEHIND = 4;
const BEFORE = 6;
/** Words behind which something else than what a number counts is spoken of: "84 gardens to its members", but "eleven protocols or modes". */
const COUNTED_UNTIL =
  /\s(?:to|at|in|on|for|by|with|from|per|and|or(?!\s\p{L}{3,}s(?!\p{L}))|und|oder|which|that|who|whose|are|were|has|have|had|an|auf|für|mit|bei|von|zu|die|der|sind|waren|hat|haben)\s(?=\S)/u;
/** People are counted by many names: crew, passengers, members. */
const PEOPLE = /^(?:people|persons?|individuals?|personen|leute|menschen)$/i;
const PERSONS =
  'people persons individuals employees workers workforce headcount members staff crew passengers travellers visitors guests men women adults children apprentices developers users students pupils inhabitants residents participants attendees delegates volunteers contributors spectators customers candidates shareholders directors officers personen leute menschen mitarbeiter beschäftigte mitglieder fahrgäste gäste besucher teilnehmer einwohner'.split(
    ' ',
  );

function countedIn(asked: string): string[] {
  const found = GERMAN_COUNTED.exec(asked) ?? COUNTED.exec(asked);
  const things = tokenize(found?.groups?.['things'] ?? '').map((token) => token.word);
  // Points of a percentage measure a share: they are no things.
  return things.some((word) => /^(?:percentage|prozent)/.test(word)) ? [] : things;
}

/** Those of them that any number of people may be, who belong to something or are there. */
const BELONGING = 'members participants travellers visitors guests gäste besucher mitglieder teilnehmer'.split(' ');
const ANYBODY = ['people', 'persons', 'individuals', 'personen', 'leute', 'menschen'];

/** A body of an organisation and the number of those who sit on it. */
const OF_A_BODY =
  /(?<!\p{L})(?:committee|board|council|commission|jury|panel|vorstand|ausschuss|kommission|beirat)(?!\p{L})/iu;

/** True where the members of something are counted, and a text counts those of a body of it: “Der Vorstand besteht aus fünf Personen”. */
export function countsOfABody(asked: string, text: string): boolean {
  return /\bhow many members\b|\bwie viele mitglieder\b/i.test(asked) && !OF_A_BODY.test(asked) && OF_A_BODY.test(text);
}

/** The words of a question for people who are counted, which a number of any people says as well: "members", of seven persons; none for other questions. */
export function peopleCounted(asked: string): string[] {
  return countedIn(asked).filter((word) => PEOPLE.test(word) || BELONGING.includes(word));
}

/** The words of what a question asks to count; none for other questions. */
export function thingsCounted(asked: string): string[] {
  const things = countedIn(asked);
  if (things.some((word) => PEOPLE.test(word))) return [...PERSONS];
  return things.some((word) => BELONGING.includes(word)) ? [...things, ...ANYBODY] : things;
}

/** What a number measures: it counts nothing then that stands behind, “within 30 metres of a silo”. */
const MEASURED_IN =
  /^(?:metres?|meters?|kilomet(?:re|er)s?|centimet(?:re|er)s?|millimet(?:re|er)s?|miles?|knots?|seconds?|minutes?|hours?|days?|weeks?|months?|years?|crowns?|euros?|eur|pounds?|dollars?|tonnes?|tons?|kilograms?|kg|litres?|liters?|degrees?|meter[ns]?|sekunden?|minuten?|stunden?|tage[ns]?|wochen?|monate[ns]?|jahre[ns]?|kronen?|tonnen?|liter)$/i;

/** What stands behind a number that leaves out what it counts, which the sentence has named: "of the piles examined, 31 have", "the branches were shut; eleven remain". */
const COUNTS_NAMED =
  /^\s(?:(?:of (?:them|these|those|which))\b|(?:have|has|had|are|were|is|was|remain(?:ed|s)?|survive[ds]?|failed|passed|need(?:ed)?|showed|did|do|could|can|sind|waren|wurden|haben|hatten|bleiben|blieben|fehlen|fehlten|davon)(?!\p{L}))/iu;

/** True when one of the numbers stands right before what is counted, or behind "the number of" it or "of" and "was": "a crew of three". */
export function countsThings(
  text: string,
  mentions: readonly Range[],
  isCounted: (term: string) => boolean,
  language: Language,
): boolean {
  const tokens = tokensOf(text);
  const among = (words: readonly { readonly word: string }[]): boolean =>
    words.some(({ word }) => termsOf(word, language).some(({ term }) => isCounted(term)));
  const numbered = /\bnumbers? of\b|\bnumbered\b|\b(?:an)?zahl der\b/i;
  return mentions.some(({ start, end }) => {
    const counted = COUNTED_UNTIL.exec(text.slice(end))?.index ?? Infinity;
    const bracketed = /\(\s?\d/.test(text.slice(Math.max(0, start - 1), end));
    const closed = bracketed && /\)/.test(text.slice(end - 1, end + 1));
    const behind = closed ? [] : tokens.filter((token) => token.start >= end && token.start < end + counted).slice(0, BEHIND); // prettier-ignore
    // A share counts what it is a share of.
    if (/%|per ?cent|prozent/i.test(text.slice(start, end)) && !/^\s*(?:of|der|des|von)\b/i.test(text.slice(end)))
      return false;
    const unit = [
      ...tokens.filter((token) => token.start >= start && token.start < end).slice(-1),
      ...behind.slice(0, 1),
    ].find(({ word }) => MEASURED_IN.test(word));
    if (unit !== undefined && !among([unit])) return false;
    // The number may have taken in what it counts as its unit: "3.42 million passengers".
    if (among(tokens.filter((token) => token.start >= start && token.start < end)) || among(behind)) return true;
    const before = tokens.filter((token) => token.end <= start).slice(-BEFORE);
    // "Umbrellas (412)", "umbrellas found (412)".
    const close = before.slice(-2).filter((token) => !/[,;(]\s/.test(text.slice(token.end, start)));
    if (bracketed && among(close)) return true;
    // "A crew of three", "the workforce was 96".
    const said = /\b(of|was|were|is|numbered|totalled|betrug|beträgt) $/i.exec(text.slice(0, start))?.[1];
    if (said !== undefined && among(before.slice(said === 'of' ? -2 : -3))) return true;
    const bare = !/^(?:one|ein\w*)$/i.test(text.slice(start, end));
    // "Buses at year end: 76".
    if (/:\s$/.test(text.slice(0, start)) && among(before)) return true;
    if (bare && COUNTS_NAMED.test(text.slice(end)) && among(tokens.filter((token) => token.end <= start))) return true;
    return numbered.test(text.slice(before[0]?.start ?? 0, start)) && among(before);
  });
}

/** Things that are called by what they are for: "parking places". */
const FOR_A_USE =
  /\bhow many (?!(?:remaining|existing|outstanding|pending|missing|working|paying|standing)\b)(?<use>[a-z]{2,}?)ing (?:places?|spaces?|points?|days|rooms?|stations?|boats?|vessels?|posts?|stages?|licen[cs]es?)\b/i;

/** True for a text that counts things of another use than is asked: “one place for a wheelchair”, of parking places. */
export function countsOfAnotherUse(asked: string, text: string): boolean {
  const use = FOR_A_USE.exec(asked)?.groups?.['use'];
  return use !== undefined && !text.toLowerCase().includes(use.toLowerCase());
}

/** Asks how many of a thing there are at all. */
const HOW_MANY_THERE_ARE =
  /^how many (?:[\w-]+ )?(?<thing>[\w-]+) (?:(?:(?:are|were) (?:there|employed)|live|serve|work)\b[^?]*)\?*$/i;

/** True for an English text that speaks of some of a thing only in passing, "before two pilots", where it is asked how many there are. */
export function countsInPassing(asked: string, text: string): boolean {
  const thing = HOW_MANY_THERE_ARE.exec(asked.trim())?.groups?.['thing'];
  if (thing === undefined) return false;
  const counted = String.raw`(?:\d[\d,]*|[a-z]+) (?:[\w-]+ )?${thing}\b`;
  const inPassing = new RegExp(
    String.raw`\b(?:before|by|between|among|against|after|without|from|behind) ${counted}`,
    'i',
  );
  return inPassing.test(text) && text.match(new RegExp(counted, 'gi'))?.length === 1;
}
