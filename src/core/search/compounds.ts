import type { Equivalent } from './equivalents';
import type { QueryTerm } from './queryTerms';
import type { Segment } from './segment';
import { termNumber } from './segment';
import type { ShelfSource } from './shelf';

/** What another form of a word counts, which the stemmer leaves apart: "bezahlt" beside "bezahlen", "Schlüsseln" beside "Schlüssel". */
const FORM_SHARE = 0.9;
/** What a compound counts by its last part ("Kleinreparatur" for "Reparatur") and by its first ("Mietzeit" for "Miete"), and a part of a compound that was asked. */
const HEAD_SHARE = 0.65;
const MODIFIER_SHARE = 0.35;
const PART_SHARE = 0.45;
/** Letters that a part of a compound has at least, and that the other part has. */
const PART = 4;
const REST = 3;
const REST_BEHIND = 4;

/** Other stems of one German word: participles, and endings that the stemmer keeps. */
function formsOf(term: string): string[] {
  const bare = term.replace(/^ge(?=.{3,}t$)/, '').replace(/e?t$/, '');
  const forms = [
    `${term}t`,
    `${term}igt`,
    `${term}ig`,
    term.replace(/igt?$/, ''),
    `${term}n`,
    `${term}et`,
    `ge${term}t`,
    bare,
    `${bare}n`,
    term.replace(/n$/, ''),
  ];
  return [...new Set(forms)].filter((form) => form !== term && form.length >= 3);
}

/** What a word of a document counts as a compound with another, or as a part of it; 0 for words that have nothing to do with each other. */
function compoundShare(asked: string, word: string): number {
  const [longer, shorter] = word.length > asked.length ? [word, asked] : [asked, word];
  const rest = longer.length - shorter.length;
  if (shorter.length < PART || rest < REST) return 0;
  if (longer.endsWith(shorter)) return longer === word ? HEAD_SHARE : PART_SHARE;
  return rest >= REST_BEHIND && longer.startsWith(shorter) ? (longer === word ? MODIFIER_SHARE : PART_SHARE) : 0;
}

const MOST = 12;
/** What was found in a segment before; a question asks for the same terms more than once. */
const found = new WeakMap<Segment, Map<string, readonly Equivalent[]>>();

function compoundsIn(segment: Segment, asked: string): readonly Equivalent[] {
  const known = found.get(segment) ?? new Map<string, readonly Equivalent[]>();
  found.set(segment, known);
  let compounds = known.get(asked);
  if (compounds === undefined) {
    compounds = segment.vocabulary
      .flatMap((term) => {
        const share = compoundShare(asked, term);
        return share > 0 && /^\p{L}+$/u.test(term) ? [{ term, share }] : [];
      })
      .sort((a, b) => b.share - a.share || a.term.length - b.term.length)
      .slice(0, MOST);
    known.set(asked, compounds);
  }
  return compounds;
}

/** A question's terms widened, for German documents, by other forms of its words and by the compounds that these are parts of or made of, as far as the documents hold them. */
export function withCompounds(terms: readonly QueryTerm[], sources: readonly ShelfSource[]): readonly QueryTerm[] {
  const german = sources.filter(({ segment }) => segment.language === 'de');
  if (german.length === 0) return terms;
  return terms.map((one) => {
    if (!/^\p{L}{3,}$/u.test(one.term)) return one;
    const others = one.equivalents ?? [];
    const more = new Map<string, Equivalent>();
    const add = (term: string, share: number): void => {
      if (term !== one.term && share > (more.get(term)?.share ?? 0)) more.set(term, { term, share });
    };
    for (const { segment } of german) {
      for (const { term, share } of [{ term: one.term, share: 1 }, ...others])
        for (const form of formsOf(term)) if (termNumber(segment, form) >= 0) add(form, FORM_SHARE * share);
      for (const { term, share } of compoundsIn(segment, one.term)) add(term, share);
      for (const other of others)
        for (const { term, share } of compoundsIn(segment, other.term)) add(term, share * other.share);
    }
    for (const { term } of others) more.delete(term);
    return more.size === 0 ? one : { ...one, equivalents: [...others, ...more.values()] };
  });
}
