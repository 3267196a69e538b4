import { searchPassages, termsOf, unitsOfPassage } from '../search';
import { shorten } from './headline';
import { passagesOf, type Place } from './places';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import type { AskSettings, WatchPoint } from './settings';
import type { AskedSource, DraftClaim, ReaderAnswer } from './types';

/** The list that a contract is gone through by, unless the dossier has its own. */
export const WATCH_POINTS: readonly WatchPoint[] = [
  { name: 'Renewal', words: 'renew renewal extend extension term', says: ['renew', 'renews', 'renewed', 'renewal', 'extend', 'extends', 'extended', 'extension', 'verlänger*'], why: 'a term that renews or ends by itself binds, or stops, without a decision', usual: 'a notice before it renews, and a right to end it' },
  { name: 'Termination', words: 'terminate termination end notice breach', says: ['terminat*', 'may end this', 'may end the', 'shall end this', 'shall end the', 'can end this', 'can end the', 'end this agreement', 'end this lease', 'end this contract', 'end the agreement', 'end the lease', 'end the contract', 'kündig*'], why: 'who may end it, when and at what price decides how firm it is', usual: 'rights for both sides, time to put a breach right, and no price for ending for cause' },
  { name: 'Cap on liability', words: 'liability limited cap exceed maximum', says: ['liability … limited', 'liability … exceed', 'liability … cap', 'liabilities … limited', 'limited … liabilit*', 'exceed … liabilit*', 'cap … liabilit*', 'haftung … begrenzt', 'haftung … beschränkt', 'total … not exceed', 'aggregate … not exceed'], why: 'without a cap a loss can be larger than the contract is worth', usual: 'a cap for both sides, with none for wilful default' },
  { name: 'Indemnities', words: 'indemnify indemnity hold harmless claim', says: ['indemnif*', 'indemnit*', 'hold harmless', 'freistell*'], why: 'an indemnity moves another’s loss to whoever gives it', usual: 'limits by cause and amount, and notice of claims' },
  { name: 'Exclusivity', words: 'exclusive sole right exclusivity', says: ['exclusiv*', 'sole right', 'sole and', 'no other person', 'ausschließlich*'], why: 'it closes the market to others, or to oneself', usual: 'a limit in time, place and kind' },
  { name: 'Assignment', words: 'assign assignment transfer sublet subcontract control', says: ['assign', 'assigns', 'assigned', 'assignment', 'sublet', 'sub-let', 'subcontract*', 'sub-contract*', 'change of control', 'control of … passes', 'control of … changes', 'abtret*'], why: 'the other side may turn out to be somebody else', usual: 'consent that is not unreasonably withheld, and a say in a change of control' },
  { name: 'Governing law', words: 'law governs governed jurisdiction', says: ['governed by', 'law of … governs', 'governing law', 'geltendes recht', 'recht der'], why: 'it decides what the words mean', usual: 'a law both sides know' },
  { name: 'Dispute resolution', words: 'dispute arbitration arbitrator court expert', says: ['dispute', 'disputes', 'arbitrat*', 'mediat*', 'court of', 'courts of', 'gerichtsstand', 'streitigkeit*'], why: 'how and where a quarrel is settled costs time and money', usual: 'talks first, then one place and one way' },
  { name: 'Penalties', words: 'penalty pay sum late failure default interest damages', says: ['penalty', 'penalties', 'liquidated', 'for each … not', 'for each … late', 'for each … missed', 'for each … fail*', 'for each … delay*', 'for each day', 'interest runs', 'default interest', 'vertragsstrafe', 'shall pay … for each'], why: 'sums that fall due by themselves add up', usual: 'a cap, relief for what one could not prevent, and notice' },
  { name: 'Unilateral change', words: 'change vary amend unilaterally increase discretion', says: ['may vary', 'may change', 'may amend', 'may increase', 'may require', 'may alter', 'may at any time vary', 'may at any time change', 'may at any time amend', 'may at any time increase', 'may at any time require', 'may at any time alter', 'sole discretion', 'from time to time', 'no change to this', 'einseitig*'], why: 'what one side may change alone was not agreed', usual: 'changes in writing and signed by both, with a right to leave' },
]; // prettier-ignore

/** The list that settings want: their own, or the one that comes with the reader. */
export function watchPointsOf({ watchPoints }: Pick<AskSettings, 'watchPoints'>): readonly WatchPoint[] {
  return watchPoints ?? WATCH_POINTS;
}

/** Characters that "…" may stand for. */
const BETWEEN = 90;

/** What a watch point's sentence says, as a pattern over one line of text. */
function saysPattern({ says }: WatchPoint): RegExp {
  const spelt = says
    .map((phrase) => phrase.trim())
    .filter((phrase) => phrase !== '')
    .map((phrase) =>
      phrase
        .replace(/[.+?^${}()|[\]\\]/g, '\\$&')
        .replace(/\s*(?:…|\\\.\\\.\\\.)\s*/g, `\\b.{0,${BETWEEN}}?\\b`)
        .replace(/\*/g, '[\\p{L}\\p{N}]*')
        .replace(/\s+/g, '\\s+'),
    );
  return spelt.length === 0 ? /(?!)/ : new RegExp(`(?<![\\p{L}\\p{N}])(?:${spelt.join('|')})(?![\\p{L}\\p{N}])`, 'iu');
}

const ASKS =
  /\b(?:what (?:needs|requires|deserves|calls for) (?:care|attention|caution)|watch points?|what (?:should|must) (?:i|we|one) (?:look|watch) out for|what to (?:look|watch) out for|red flags|pitfalls|points? to watch|worauf (?:muss|sollte|ist) .{0,40}(?:acht|zu achten))/i;
/** Passages that are looked through for a point, and letters of its sentence that are shown. */
const LOOKED_AT = 6;

/** True for a question that asks what needs care in a contract. */
export function asksWatchPoints(question: string): boolean {
  return ASKS.test(question);
}

function claimFor(point: WatchPoint, sources: readonly AskedSource[], place: Place | null): DraftClaim | null {
  const says = saysPattern(point);
  const language = sources[0]?.segment.language ?? 'en';
  const terms = termsOf(point.words, language).map(({ term }) => ({ term, weight: 1 }));
  const within = place === null ? undefined : passagesOf(place);
  for (const hit of searchPassages(sources, terms, LOOKED_AT, { within }))
    for (const { unit, text } of unitsOfPassage(hit.source, hit.passage)) {
      const citation = quoteOf(hit.source as AskedSource, { unit, text });
      const { quote } = citation;
      if ((unit.kind !== 'sentence' && unit.kind !== 'note') || !says.test(quote) || quote.length < 30) continue;
      return quotedClaim(citation);
    }
  return null;
}

/** Goes through a contract by the list of watch points: each is quoted, or said to be missing with why it matters and what is usually asked for. */
export function watchPointsAnswer(
  sources: readonly AskedSource[],
  points: readonly WatchPoint[],
  place: Place | null,
): ReaderAnswer {
  const looked = points.map((point) => ({ point, claim: claimFor(point, sources, place) }));
  const found = looked.flatMap(({ point, claim }) => (claim === null ? [] : [{ point, claim }]));
  const missing = looked.flatMap(({ point, claim }) =>
    claim === null ? [`${point.name}: ${point.why}; usually asked for: ${point.usual}`] : [],
  );
  if (found.length === 0) return { ...EMPTY, missing };
  const lines = [
    `${found.length} of ${points.length} points are spoken of`,
    ...found.map(({ point, claim }) => `${point.name}: ${shorten(claim.text)} (${point.why})`),
  ];
  return {
    ...EMPTY,
    headline: lines.join('; '),
    lines,
    claims: found.map(({ claim }) => claim),
    missing,
  };
}
