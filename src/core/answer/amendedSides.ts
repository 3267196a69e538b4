import { placeKey, termSet, unitsOfPassage, type UnitText } from '../search';
import { splitSentences, type Language } from '../text';
import { amendedText, sentenceParts } from './amendedText';
import { amendingIn, mayChange } from './amending';
import type { Amending } from './changingSentences';
import { addressOf, labelled, type Address } from './clauseAddress';
import type { Evidence } from './evidence';
import { headlineOf, shorten } from './headline';
import { freshMentions } from './kinds';
import { measuredNumbers } from './measuredNumbers';
import { firmWordingsOf, wordingsOf, type Question } from './question';
import { quotedClaim, quoteOf } from './quoted';
import { dateOf, type Side } from './sides';
import type { AskedSource } from './types';

/** Words by which a clause goes, wholly or for some cases, without another in its place. */
const GOES =
  /\b(?:deleted|omit|omitted|removed|repealed|revoked|abolished|withdrawn|struck|loses|dropped|surrendered|given up|waived|cancelled|cease\w* to|lapses|falls? away|(?:is|are) gone|no longer appl\w+|(?:shall|does|do) not apply|gestrichen|aufgehoben|entf(?:ällt|allen))\b|削除|削る|廃止|撤廃/i;

function sharesSubject(text: string, { subject }: Question, source: AskedSource): boolean {
  const own = termSet(text, source.segment.language);
  return subject.flatMap(firmWordingsOf).some((term) => own.has(term));
}

/** A clause that goes for some cases only: "ceases to apply on charter voyages". */
const GOES_FOR_SOME =
  /\b(?:cease\w* to (?:apply|have effect)|no longer appl\w+|(?:shall|does|do) not apply|repealed|deleted|gestrichen|aufgehoben)\s+(?:for(?! the (?:remainder|rest|remaining))|on|to|in|where|if|as regards|für|bei|soweit)\b/i;

/** True where a change of this very clause tells a value of the kind asked for: "The period in clause 5.2 is extended to seven months." */
function tellsValue({ text, places, source }: Amending, at: Address, question: Question): boolean {
  const same = places.some((place) => place.join() === at.join());
  return same && freshMentions(text, question, source.segment.language).length > 0;
}

/** True for a change that is told by words or a value put in, by the clause as it now reads, by its going, by a value, or in words of what is asked. */
function changesAsked(change: Amending, after: string, at: Address, question: Question): boolean {
  const { pairs, whole, text, source } = change;
  if (pairs.length > 0 || after !== text || whole !== null || (GOES.test(text) && !GOES_FOR_SOME.test(text)))
    return true;
  return sharesSubject(text, question, source) || tellsValue(change, at, question);
}

/** True where a change is of another part of a sentence than the one that is asked for: "25 per cent at night, and 50 on Sundays". */
function sameWhereAsked(text: string, after: string, question: Question, language: Language): boolean {
  const [before, now] = [sentenceParts(text), sentenceParts(after)];
  if (before.length !== now.length || before.length < 2) return false;
  const asked = wordingsOf(question);
  const held = before.map(({ words }) => [...termSet(words, language)].filter((term) => asked.has(term)).length);
  // Some part of what is asked reads as before, with a value of its own, and none of it stands in what changes.
  return (
    before.every(({ words }, at) => words === now[at]?.words || held[at] === 0) &&
    before.some(({ words }, at) => words === now[at]?.words && (held[at] ?? 0) > 0 && measuredNumbers(words, language).length > 0) // prettier-ignore
  );
}

/** Where a paragraph of a clause's new wording begins: "1. No more than six fish a day may be taken. 2. Sea bass". */
const PARAGRAPH =
  /(?<=[.:;“„"」]\s?|\p{L}\s)(?=(?:\(?\d{1,2}[.)]|[（(]\d{1,2}[)）])\s+[\p{Lu}\p{Script=Han}])|(?<=[.:;“„"」]\s?)(?=\d{1,2}\.\d+\s+\p{Lu})/u;

/** The sentence of a clause's new wording that holds most of what is asked, the first of equals. */
function sentenceAsked(whole: string, question: Question, language: Language): string {
  const asked = wordingsOf(question);
  const parts = whole.split(PARAGRAPH).flatMap((part) => splitSentences(part).map(({ start, end }) => part.slice(start, end).trim())); // prettier-ignore
  const held = parts.map((part) => [...termSet(part, language)].filter((term) => asked.has(term)).length);
  return parts[held.indexOf(Math.max(...held))] ?? whole;
}

/** What a clause's sentence says of the question once a change is made. */
function saidAfter(one: Evidence, text: string, change: Amending, question: Question): string {
  // A clause that goes is told by the sentence that ends it.
  if (text === change.text && GOES.test(text)) return shorten(text);
  const reads = text === change.whole ? sentenceAsked(text, question, one.source.segment.language) : text;
  return headlineOf({ ...one, text: reads, row: null }, question);
}

/** A line that is nothing but the number and heading of a Japanese clause: 「第2条（期間）」. */
const HEADS = /^第[\d〇一二三四五六七八九十百]+[条章節](?:の[\d〇一二三四五六七八九十]+)?\s*[（(][^）)]*[）)]$/u;

/** Where a sentence stands, and which of its clause it is, from 1, as far as its passage tells: one without a number is of the clause that the numbered one before it opens. */
function placeOf(one: Evidence): { readonly at: Address; readonly nth: number } {
  const { source, hit, index, unit } = one;
  const units = unitsOfPassage(source, hit.passage);
  const ofClause = (other: UnitText | undefined): boolean => other?.unit.section === unit.section && other.unit.kind === 'sentence'; // prettier-ignore
  let first = index;
  while (first > 0 && !labelled(units[first]?.text ?? '') && ofClause(units[first - 1])) first -= 1;
  const lead = units[first];
  return { at: addressOf(source, lead !== undefined && labelled(lead.text) ? lead : one), nth: index - first + 1 };
}

/** What a sentence changes in a clause that it names; undefined for one that changes none. */
function changeAt({ source, unit }: Pick<Evidence, 'source' | 'unit'>): Amending | undefined {
  const place = placeKey(unit.spans);
  return amendingIn(source).find((change) => [change.unit, ...change.behind].some(({ spans }) => placeKey(spans) === place)); // prettier-ignore
}

/** True for a sentence that changes a clause it names. */
export function changesClause(one: Pick<Evidence, 'source' | 'unit'>): boolean {
  return changeAt(one) !== undefined;
}

/** The documents that change clauses of others, the earliest first. */
export function changingAmong(sources: readonly AskedSource[]): readonly AskedSource[] {
  return sources
    .filter((source) => amendingIn(source).length > 0)
    .sort((a, b) => (dateOf(a) ?? '').localeCompare(dateOf(b) ?? ''));
}

/**
 * What a clause's sentence says and what documents that change it make of it, the latest first; null where none changes what is asked. `own` is what the sentence
 * says, where that is known.
 */
export function sidesChanged(
  one: Evidence,
  own: Side | null,
  changing: readonly AskedSource[],
  question: Question,
): Side[] | null {
  const { source } = one;
  const { language } = source.segment;
  if (one.row !== null || changing.length === 0) return null;
  const { at, nth } = placeOf(one);
  const defined = /^[^\p{L}]*[“"‘„]/u.test(one.text);
  if (at.length === 0 && !defined) return null;
  const first = own ?? {
    source,
    said: headlineOf(one, question),
    claim: quotedClaim(quoteOf(source, one)),
    amends: false,
  };
  const sides: Side[] = [first];
  let text = one.text;
  for (const other of changing) {
    if (other.id === source.id) continue;
    for (const change of amendingIn(other)) {
      const after = amendedText(at, text, change, language, nth);
      if (after === null || !changesAsked(change, after, at, question)) continue;
      const certain = change.pairs.some(({ either }) => either !== true);
      if (!certain && !mayChange(other, source)) continue;
      const said = saidAfter(one, after, change, question);
      if (said === sides[0]?.said || (after !== change.text && sameWhereAsked(text, after, question, language)))
        continue;
      if (after !== change.text) text = after;
      sides.unshift({ source: other, said, claim: quotedClaim(quoteOf(other, change)), amends: true });
    }
  }
  return sides.length > 1 ? sides : null;
}

/** Both sides of what an amending sentence changes, when it is the best evidence: it, and the clause before; null when the best amends nothing that was found. */
export function changedSides(
  best: Evidence,
  evidence: readonly Evidence[],
  changing: readonly AskedSource[],
  question: Question,
): Side[] | null {
  const change = changeAt(best);
  if (change === undefined) return null;
  const told = quotedClaim(quoteOf(best.source, change)).text;
  for (const one of evidence) {
    if (one.source.id === best.source.id || HEADS.test(one.text)) continue;
    const sides = sidesChanged(one, null, changing, question);
    if (sides?.some(({ source, claim }) => source.id === best.source.id && claim.text === told) === true) return sides;
  }
  return null;
}
