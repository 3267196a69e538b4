import { unitsInOrder, type UnitText } from '../search';
import { oneLine, stemWord, tokenize } from '../text';
import type { Place } from './places';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import { announcedBy } from './surroundings';
import type { AskedSource, ReaderAnswer } from './types';

/** Documents whose duties are gone through, and duties that are told. */
const FEW = 2;
const MOST = 30;

const WHOSE: readonly RegExp[] = [
  /\b(?:obligations|duties|responsibilities|undertakings|covenants)\s+(?:of|on|upon)\s+(?:the\s+|an?\s+)?(?<who>[\p{L}’' -]{3,40}?)(?:\s+(?:under|in|by|according to)\s.*)?[?\s]*$/iu,
  /\b(?<who>[\p{L}-]{3,40}(?:\s[\p{L}-]{3,20})?)['’]s?\s+(?:main |chief |key )?(?:obligations|duties|responsibilities|undertakings|covenants)\b/iu,
  /^what (?:must|shall|does|is) (?:the\s+|an?\s+)?(?<who>[\p{L} -]{3,40}?) (?:do|have to do|obliged to do|required to do)(?:\s+(?:under|in|by|according to)\s.*)?[?\s]*$/iu,
];

/** Whose obligations a question asks for, in words; null when it asks for none. */
function dutiesAsked(question: string): string | null {
  for (const shape of WHOSE) {
    const who = shape.exec(question.trim())?.groups?.['who'];
    if (who !== undefined) return who.replace(/^(?:the|an?|all|what|which|are)\s+/i, '').trim();
  }
  return null;
}

function pattern(who: string, language: AskedSource['segment']['language']): RegExp {
  const last = tokenize(who).at(-1)?.word ?? who;
  const stem = stemWord(last, language).replace(/[^\p{L}]/gu, '');
  return new RegExp(
    String.raw`^\s*(?:\(?[a-z\d]{1,3}[.)]\s+|\d+(?:\.\d+)+\s+)?(?:[\p{L}]+\.\s+)?(?:the|each|every|an?|der|die|das)\s+(?:[\p{L}-]+\s+){0,2}?${stem}\p{L}*\s+(?:(?:also|then|further|in addition)\s+)?(?:shall|must|undertakes?|agrees to|covenants?|is (?:obliged|required|responsible|bound)|are (?:obliged|required)|has to|muss|hat)\b`,
    'iu',
  );
}

/** The obligations of someone, each as the sentence that lays it on them, with the items it announces, in the order of the document, at a place alone if there is one; null where too few are found, or too many documents are meant. */
export function dutiesAnswer(
  question: string,
  sources: readonly AskedSource[],
  place: Place | null,
): ReaderAnswer | null {
  const who = dutiesAsked(question);
  if (who === null || sources.length === 0 || sources.length > FEW) return null;
  const found = sources.flatMap((source) => {
    const says = pattern(who, source.segment.language);
    const units = [...unitsInOrder(source)];
    const laid = units.flatMap(({ unit, text }, at) =>
      unit.kind === 'sentence' && says.test(oneLine(text)) ? [at, ...announcedBy(units, at)] : [],
    );
    return laid
      .map((at) => units[at] as UnitText)
      .filter(({ unit }) => place === null || place.holds(source, unit))
      .map((one) => quotedClaim(quoteOf(source, one)));
  });
  if (found.length < 2) return null;
  const left = found.length - MOST;
  return {
    ...EMPTY,
    headline: `${found.length} obligations of the ${who}`,
    claims: found.slice(0, MOST),
    missing: left > 0 ? [`${left} more are not shown: name a part of the document, or a subject`] : [],
  };
}
