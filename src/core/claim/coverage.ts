import { isStopword } from '../search';
import { fold, tokensOf, type Language } from '../text';
import { shareIn, subjectOf, type WordSense } from '../figure';

/** What a claim says that its quotes do not: `said` its own words, `stated` what the quotes have in their place, if anything. */
export interface Uncovered {
  readonly kind: 'subject' | 'negation' | 'modal' | 'name' | 'direction' | 'figure';
  readonly said: string;
  readonly stated: string;
}

const NEGATIONS = new Set(
  'not no never none neither nor without cannot unless except nicht kein keine keinen keiner nie niemals ohne'.split(
    ' ',
  ),
);
/** Words that deny without a "not": a claim may say "must not" for "it is forbidden". */
const DENIES =
  /^(?:forbid|forbade|prohibit|ban|bar|exclud|refus|den[iy]|fail|lack|absen|un(?:able|lawful|less)|void|exempt|free|waiv|cease|stop|prevent|avoid|declin|limit|exceed|only|zero|nil|verboten|untersagt)/;
/** How binding a modal verb is. */
const STRENGTHS: readonly (readonly [number, RegExp])[] = [
  [1, /^(?:may|might|can|could|darf|dürfen|kann|können|könnte|permitted|allowed|entitled|optional)$/],
  [2, /^(?:should|ought|soll|sollen|sollte|recommended|expected|expects|intends|plans|aims)$/],
  [3, /^(?:must|shall|muss|müssen|required|obliged|obligated|mandatory|requires)$/],
];
/** Words that turn a statement round when one stands for the other. */
const OPPOSITES: readonly (readonly [RegExp, RegExp])[] = [
  [
    /^(?:ris\w*|rose|grow\w*|grew|increas\w*|climb\w*|gain\w*|gestiegen|improv\w*)$/,
    /^(?:f[ae]ll\w*|drop\w*|decreas\w*|declin\w*|shr[aiu]nk\w*|reduc\w*|gesunken|worsen\w*|deteriorat\w*)$/,
  ],
  [
    /^(?:higher|more|greater|above|over|exceed\w*|maximum|most|highest|upper)$/,
    /^(?:lower|less|fewer|below|under|minimum|least|lowest|fell)$/,
  ],
  [/^(?:before|prior|earlier|precede\w*)$/, /^(?:after|following|later|subsequent\w*)$/],
  [/^(?:includ\w*|inclusive)$/, /^(?:exclud\w*|exclusive|excepting)$/],
  [/^(?:accept\w*|approv\w*|grant\w*)$/, /^(?:reject\w*|refus\w*|den(?:y|ied|ies))$/],
  [/^(?:better|best)$/, /^(?:worse|worst)$/],
  [/^(?:profit\w*|surplus\w*)$/, /^(?:loss|losses|deficit\w*)$/],
  [/^(?:open\w*|start\w*|begin\w*|began|commenc\w*)$/, /^(?:clos\w*|end\w*|terminat\w*|expir\w*)$/],
];
/** Share of a claim's words that its quotes and what stands over them hold, below which they do not speak of it. */
const LEAST_SUBJECT = 0.24;
/** Subject words a claim must have for its quotes to be said not to speak of it. */
const TELLING = 3;

const wordsOf = (text: string): string[] => tokensOf(text).map(({ word }) => word);

function negates(words: readonly string[]): boolean {
  return words.some((word) => NEGATIONS.has(word) || /n['’]t$/.test(word));
}

function strengthsOf(words: readonly string[]): { strength: number; word: string }[] {
  const denied = negates(words);
  return words.flatMap((word) => {
    const found = STRENGTHS.find(([, pattern]) => pattern.test(word));
    // What may not be done is forbidden.
    return found === undefined ? [] : [{ strength: found[0] === 1 && denied ? 3 : found[0], word }];
  });
}

function negationAdded(claim: readonly string[], quotes: readonly string[]): Uncovered | null {
  const said = claim.find((word) => NEGATIONS.has(word) || /n['’]t$/.test(word));
  const denied = negates(quotes) || quotes.some((word) => DENIES.test(word));
  return said === undefined || denied ? null : { kind: 'negation', said, stated: '' };
}

/** A "not" of the quote before words that the claim says without one. */
function negationDropped(claim: readonly string[], quote: readonly string[]): Uncovered | null {
  if (negates(claim) || claim.some((word) => DENIES.test(word))) return null;
  const at = quote.findIndex((word) => word === 'not' || word === 'no' || word === 'never' || word === 'nicht' || /^kein/.test(word)); // prettier-ignore
  if (at < 0) return null;
  const behind = quote.slice(at + 1, at + 6).filter((word) => !isStopword(word));
  const [next] = behind.filter((word) => word.length > 3 && word !== 'less' && word !== 'more' && word !== 'later');
  const said = next === undefined ? undefined : claim.find((word) => word.slice(0, 5) === next.slice(0, 5));
  return said === undefined ? null : { kind: 'negation', said, stated: quote.slice(at, at + 3).join(' ') };
}

function modalChanged(claim: readonly string[], quotes: readonly string[]): Uncovered | null {
  const [said, stated] = [strengthsOf(claim), strengthsOf(quotes)];
  if (said.length === 0 || stated.length === 0) return null;
  const most = said.reduce((one, two) => (two.strength > one.strength ? two : one));
  const held = stated.map((one) => one.strength);
  if (held.includes(most.strength)) return null;
  const turned = most.strength > Math.max(...held) || (most.strength === 1 && Math.min(...held) === 3);
  return turned ? { kind: 'modal', said: most.word, stated: stated[0]?.word ?? '' } : null;
}

function turnedRound(claim: readonly string[], quotes: readonly string[]): Uncovered | null {
  if (negates(claim) !== negates(quotes)) return null;
  for (const [one, two] of OPPOSITES) {
    for (const [mine, other] of [
      [one, two],
      [two, one],
    ] as const) {
      const said = claim.find((word) => mine.test(word));
      const stated = quotes.find((word) => other.test(word));
      if (said !== undefined && stated !== undefined && !quotes.some((word) => mine.test(word)) && !claim.some((word) => other.test(word))) return { kind: 'direction', said, stated }; // prettier-ignore
    }
  }
  return null;
}

function namesIn(text: string): string[] {
  return [...text.matchAll(/\p{Lu}[\p{L}\p{N}&-]+/gu)]
    .filter((match) => match.index > 0 && !/[.!?:;•]\s*$|["“‘'(]$/.test(text.slice(0, match.index)))
    .map((match) => match[0]);
}

/** A name in the claim that neither its quotes nor anything near them says, or that stands where the quotes name another. */
function nameChanged(claim: string, quotes: string, around: string): Uncovered | null {
  const has = (text: string, name: string): boolean => fold(text).text.includes(fold(name).text);
  const said = namesIn(claim).filter((name) => name.length > 2 && !has(quotes, name));
  const others = namesIn(quotes).filter((name) => name.length > 2 && !has(claim, name));
  const strange = said.find((name) => !has(around, name));
  if (strange !== undefined) return { kind: 'name', said: strange, stated: others[0] ?? '' };
  const [swapped] = said;
  return swapped !== undefined && others.length > 0 && said.length === 1 && others.length === 1
    ? { kind: 'name', said: swapped, stated: others[0] as string }
    : null;
}

export interface CoverageOf {
  readonly claim: string;
  /** The page's own words at the quotes, with labels and heads of table rows. */
  readonly quotes: readonly string[];
  /** What stands near: the cited pages, names of documents, sections. */
  readonly around: string;
  readonly language: Language;
  readonly sense: WordSense;
}

/**
 * What a claim says beyond its quotes, by words alone: it shares no subject with them, adds or drops a "not", binds more or less, names someone else, or turns
 * a direction round. It does not weigh meaning beyond that: a claim put in other words passes.
 */
export function uncoveredIn({ claim, quotes, around, language, sense }: CoverageOf): Uncovered[] {
  const all = quotes.join('\n');
  const [said, stated] = [wordsOf(claim), wordsOf(all)];
  const denied = negationAdded(said, stated) ?? (quotes.length === 1 ? negationDropped(said, stated) : null);
  // A "not" more or less turns the modal verb round too, which then says nothing more.
  const found = [
    denied ?? modalChanged(said, stated),
    turnedRound(said, stated),
    nameChanged(claim, all, around),
  ].filter((one) => one !== null);
  const subject = subjectOf(claim, language);
  const held = subjectOf(`${all}\n${around.slice(0, 400)}`, language);
  if (subject.size >= TELLING && shareIn(subject, held, sense) < LEAST_SUBJECT && found.length === 0)
    found.push({ kind: 'subject', said: claim, stated: '' });
  return found;
}
