import { statedFacts } from '../facts';
import { bareName, sectionOf, unitsInOrder, type UnitText } from '../search';
import { oneLine } from '../text';
import { shorten } from './headline';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import type { AskedSource, ReaderAnswer } from './types';

/** Documents that are told what they are for, and headings that tell what each covers. */
const FEW = 4;
const MOST_HEADINGS = 10;
/** Passages at a document's front that are looked through. */
const FRONT = 40;

const DOCUMENT =
  'document|file|paper|text|agreement|contract|concession|lease|licen[cs]e|regulation|directive|policy|standard|manual|guide|handbook|report|filing|survey|letter|notice|minutes|review|specification|schedule|vertrag|bericht|verordnung|dokument';
const ASKS: readonly RegExp[] = [
  new RegExp(
    String.raw`^what (?:is|are) (?:this|that|the|these)\b[^?]{0,60}\b(?:${DOCUMENT})s?\b[^?]{0,40}\b(?:about|for)\s*\??$`,
    'i',
  ),
  new RegExp(
    String.raw`^what (?:does|do) (?:this|that|the|these)\b[^?]{0,60}\b(?:${DOCUMENT})s?\b[^?]{0,40}\b(?:cover|deal with|regulate|contain|set out|treat|govern)\s*\??$`,
    'i',
  ),
  new RegExp(
    String.raw`^what is the (?:purpose|subject|scope|aim|subject matter) of (?:this|that|the)\b[^?]{0,40}\b(?:${DOCUMENT})\s*\??$`,
    'i',
  ),
  new RegExp(String.raw`^(?:wovon|worum|wofür)\b[^?]{0,60}\b(?:${DOCUMENT})\b`, 'i'),
];
/** Words between "the" and the kind of document: they must be its own. */
const QUALIFIED = new RegExp(String.raw`\bthe\s+(?<words>(?:[^\s?]+\s+){0,5}?)(?:${DOCUMENT})s?\b`, 'i');
const COVERS = /\b(?:cover|contain|deal|about|set out|treat|wovon|worum)\b/i;
/** What a sentence says that tells what its document is for, the plainest first. */
const TELLS: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?:the )?(?:purpose|aim|object|subject|scope) of (?:this|the) (?:${DOCUMENT})\b|\bzweck (?:dieser|dieses|der|des)\b`,
    'i',
  ),
  new RegExp(
    String.raw`\bthis (?:${DOCUMENT})\b.{0,40}?\b(?:sets? (?:out|forth|down)?|governs?|applies|lays down|describes?|explains?|covers?|regulates?|contains?|establishes|provides for|reports? on|is (?:about|made|intended|meant)|aims)\b|\b(?:diese|dieses|dieser) (?:${DOCUMENT})\b.{0,40}\b(?:regelt|beschreibt|gilt|enthält)\b`,
    'i',
  ),
  /\b(?:board|council|company|owner|landlord|lessor|seller|supplier|client|licensor|employer|party|office|society|state|city|town)\b.{0,30}\b(?:grants?|lets|leases|sells|supplies|engages|appoints|licenses|commissions)\b.{0,80}\b(?:to|the right|with)\b/i,
  /\b(?:was (?:made|carried out|asked|commissioned|surveyed|held)|at the request of|for the (?:financial |fiscal )?year)\b/i,
];
/** What opens a list of definitions tells nothing of the document. */
const MEANINGS = /\b(?:following (?:words|terms|expressions)|ha(?:s|ve) the meanings?)\b/i;
const LEADING =
  /\b(?:purpose|scope|introduction|grant|summary|overview|subject|preamble|recitals?|background|findings|about|zweck|geltungsbereich|einleitung)\b/i;

/** True for a question that asks what a document is for, or what it covers; "the debian/watch file" is no document that is asked. */
function asksPurpose(question: string, sources: readonly AskedSource[]): boolean {
  const plain = question.trim();
  if (!ASKS.some((pattern) => pattern.test(plain)) || /\b(?:not|nicht)\b/i.test(plain)) return false;
  const qualified = QUALIFIED.exec(plain)?.groups?.['words'] ?? '';
  const names = sources.map((source) =>
    `${bareName(source)} ${statedFacts(source)
      .map(({ value }) => value)
      .join(' ')}`.toLowerCase(),
  );
  return qualified.trim().toLowerCase().split(/\s+/).filter(Boolean).every((word) => names.some((name) => name.includes(word))); // prettier-ignore
}

/** The sentences at a document's front that tell best what it is for, at most two. */
function tellingOf(source: AskedSource): UnitText[] {
  const found: { readonly one: UnitText; readonly worth: number }[] = [];
  for (const one of unitsInOrder(source, 0, FRONT)) {
    const text = oneLine(one.text);
    const kind = TELLS.findIndex((pattern) => pattern.test(text));
    if (one.unit.kind !== 'sentence' || kind < 0 || text.length < 30 || MEANINGS.test(text)) continue;
    const headed = LEADING.test(sectionOf(source, one.unit.section)) ? 1 : 0;
    found.push({ one, worth: 4 - kind + headed - (text.length > 400 ? 1 : 0) });
  }
  return found
    .sort((a, b) => b.worth - a.worth)
    .slice(0, 2)
    .map(({ one }) => one);
}

/** The foremost headings of a document, as they are printed. */
function headingsOf(source: AskedSource): UnitText[] {
  const top = Math.min(...source.sections.filter(({ number }) => number !== null).map(({ level }) => level), 9);
  const wanted = new Set(
    source.sections.flatMap(({ level, number, title }, at) =>
      level === top && number !== null && title !== '' ? [at] : [],
    ),
  );
  const found: UnitText[] = [];
  for (const one of unitsInOrder(source)) {
    if (one.unit.kind === 'heading' && wanted.delete(one.unit.section)) found.push(one);
    if (found.length === MOST_HEADINGS) break;
  }
  return found;
}

/** What documents are for and what they cover: what they say of it themselves, and their foremost headings; null where too many are meant, or none says it. */
export function purposeAnswer(question: string, sources: readonly AskedSource[]): ReaderAnswer | null {
  if (sources.length === 0 || sources.length > FEW || !asksPurpose(question, sources)) return null;
  const told = sources.map((source) => ({
    source,
    telling: tellingOf(source),
    headings: COVERS.test(question) ? headingsOf(source) : [],
  }));
  const saying = told.filter(({ telling, headings }) => telling.length > 0 || headings.length > 1);
  if (saying.length === 0) return null;
  const alone = sources.length === 1;
  const lines = saying.flatMap(({ source, telling: [first], headings }) => [
    ...(first === undefined ? [] : [`${alone ? '' : `${bareName(source)}: `}${shorten(first.text)}`]),
    ...(headings.length > 1
      ? [`Covers ${headings.map(({ text }) => oneLine(text)).join('; ')}${alone ? '' : ` (${bareName(source)})`}`]
      : []),
  ]);
  return {
    ...EMPTY,
    headline: lines.join('; '),
    ...(lines.length > 1 ? { lines } : {}),
    claims: saying.flatMap(({ source, telling, headings }) =>
      [...telling, ...headings].map((one) => quotedClaim(quoteOf(source, one))),
    ),
  };
}
