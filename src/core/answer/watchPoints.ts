import { searchPassages, termsOf, unitsOfPassage } from '../search';
import { shorten } from './headline';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import type { AskedSource, DraftClaim, ReaderAnswer } from './types';

/** Something that needs care in a contract: how it is found, why it matters, and what is usually asked for. */
export interface WatchPoint {
  readonly name: string;
  /** Words that lead to it. */
  readonly words: string;
  /** What a sentence about it says. */
  readonly says: RegExp;
  readonly why: string;
  readonly usual: string;
}

/** The list that a contract is gone through by. */
export const WATCH_POINTS: readonly WatchPoint[] = [
  { name: 'Renewal', words: 'renew renewal extend extension term', says: /\b(?:renew(?:s|ed|al)?|exten(?:d|ds|ded|sion)|verlänger\w*)\b/i, why: 'a term that renews or ends by itself binds, or stops, without a decision', usual: 'a notice before it renews, and a right to end it' },
  { name: 'Termination', words: 'terminate termination end notice breach', says: /\b(?:terminat\w+|(?:may|shall|can) end (?:this|the)\b|end (?:this|the) (?:agreement|lease|contract)|kündig\w*)\b/i, why: 'who may end it, when and at what price decides how firm it is', usual: 'rights for both sides, time to put a breach right, and no price for ending for cause' },
  { name: 'Cap on liability', words: 'liability limited cap exceed maximum', says: /\b(?:liabilit(?:y|ies)\b.{0,80}\b(?:limited|exceed|cap)|(?:limited|exceed|cap)\b.{0,60}\bliabilit|haftung.{0,60}(?:begrenzt|beschränkt)|(?:total|aggregate)\b.{0,90}\b(?:shall|will|may|must) not exceed)/i, why: 'without a cap a loss can be larger than the contract is worth', usual: 'a cap for both sides, with none for wilful default' },
  { name: 'Indemnities', words: 'indemnify indemnity hold harmless claim', says: /\b(?:indemnif\w+|indemnit\w+|hold harmless|freistell\w*)\b/i, why: 'an indemnity moves another’s loss to whoever gives it', usual: 'limits by cause and amount, and notice of claims' },
  { name: 'Exclusivity', words: 'exclusive sole right exclusivity', says: /\b(?:exclusiv\w+|sole right|sole and|no other person|ausschließlich\w*)\b/i, why: 'it closes the market to others, or to oneself', usual: 'a limit in time, place and kind' },
  { name: 'Assignment', words: 'assign assignment transfer sublet subcontract control', says: /\b(?:assign(?:s|ed|ment)?|sub-?let|sub-?contract\w*|change of control|control of .{1,40}? (?:passes|changes)|abtret\w*)\b/i, why: 'the other side may turn out to be somebody else', usual: 'consent that is not unreasonably withheld, and a say in a change of control' },
  { name: 'Governing law', words: 'law governs governed jurisdiction', says: /\b(?:governed by|law of .{2,40} governs|governing law|geltendes recht|recht der)\b/i, why: 'it decides what the words mean', usual: 'a law both sides know' },
  { name: 'Dispute resolution', words: 'dispute arbitration arbitrator court expert', says: /\b(?:disputes?\b|arbitrat\w+|mediat\w+|courts? of|gerichtsstand|streitigkeit\w*)\b/i, why: 'how and where a quarrel is settled costs time and money', usual: 'talks first, then one place and one way' },
  { name: 'Penalties', words: 'penalty pay sum late failure default interest damages', says: /\b(?:penalt(?:y|ies)|liquidated|for each .{0,30}\b(?:not|late|missed|fail\w*|delay\w*)\b|for each day|interest runs|default interest|vertragsstrafe|shall pay .{0,60}\bfor each\b)/i, why: 'sums that fall due by themselves add up', usual: 'a cap, relief for what one could not prevent, and notice' },
  { name: 'Unilateral change', words: 'change vary amend unilaterally increase discretion', says: /\b(?:may (?:at any time )?(?:vary|change|amend|increase|require|alter)\b|sole discretion|from time to time|no change to this|einseitig\w*)/i, why: 'what one side may change alone was not agreed', usual: 'changes in writing and signed by both, with a right to leave' },
]; // prettier-ignore

const ASKS =
  /\b(?:what (?:needs|requires|deserves|calls for) (?:care|attention|caution)|watch points?|what (?:should|must) (?:i|we|one) (?:look|watch) out for|what to (?:look|watch) out for|red flags|pitfalls|points? to watch|worauf (?:muss|sollte|ist) .{0,40}(?:acht|zu achten))/i;
/** Passages that are looked through for a point, and letters of its sentence that are shown. */
const LOOKED_AT = 6;

/** True for a question that asks what needs care in a contract. */
export function asksWatchPoints(question: string): boolean {
  return ASKS.test(question);
}

function claimFor(point: WatchPoint, sources: readonly AskedSource[]): DraftClaim | null {
  const language = sources[0]?.segment.language ?? 'en';
  const terms = termsOf(point.words, language).map(({ term }) => ({ term, weight: 1 }));
  for (const hit of searchPassages(sources, terms, LOOKED_AT))
    for (const { unit, text } of unitsOfPassage(hit.source, hit.passage)) {
      const citation = quoteOf(hit.source as AskedSource, { unit, text });
      const { quote } = citation;
      if ((unit.kind !== 'sentence' && unit.kind !== 'note') || !point.says.test(quote) || quote.length < 30) continue;
      return quotedClaim(citation);
    }
  return null;
}

/** Goes through a contract by the list of watch points: each is quoted, or said to be missing with why it matters and what is usually asked for. */
export function watchPointsAnswer(sources: readonly AskedSource[], points = WATCH_POINTS): ReaderAnswer {
  const looked = points.map((point) => ({ point, claim: claimFor(point, sources) }));
  const found = looked.flatMap(({ point, claim }) => (claim === null ? [] : [{ point, claim }]));
  const lines = [
    `${found.length} of ${points.length} points are spoken of`,
    ...found.map(({ point, claim }) => `${point.name}: ${shorten(claim.text)} (${point.why})`),
  ];
  return {
    ...EMPTY,
    headline: found.length === 0 ? null : lines.join('; '),
    lines,
    claims: found.map(({ claim }) => claim),
    missing: looked.flatMap(({ point, claim }) =>
      claim === null ? [`${point.name}: ${point.why}; usually asked for: ${point.usual}`] : [],
    ),
  };
}
