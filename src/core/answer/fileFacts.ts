import { statedFacts, type FactField } from '../facts';
import { bareName, isStopword } from '../search';
import { sayDate, tokenize } from '../text';
import { EMPTY, quotedClaim } from './quoted';
import type { AskedSource, ReaderAnswer } from './types';

/** Documents up to which a question about "the document" is one about each of them. */
const FEW = 3;
const DOCUMENT = String.raw`(?:this|the|that|each|every|it|they)\b.{0,60}`;
const PAGES = new RegExp(
  String.raw`\bhow many pages\b|\bhow long is ${DOCUMENT}\b(?:document|file|report|filing)\b|wie viele seiten|何ページ`,
  'i',
);
/** What a document says of itself, by the questions that ask for it. */
const FIELDS: readonly (readonly [FactField, RegExp])[] = [
  ['date', new RegExp(String.raw`\b(?:what (?:is|was) the date of|(?:what|which) date (?:is|was|does|bears?)|when (?:is|was|were)) ${DOCUMENT}\b(?<!\b(?:last|first|final|day|end|start|term|notice|expiry)\b.*)(?:dated|document|file|agreement|contract|letter|lease|filing|report|notice|regulation)\b(?!.{0,40}\b(?:end|begin|start|expire|due|paid|sent|due)\b)`, 'i')],
  ['parties', /\bwho are the (?:contracting )?parties\b|\bbetween whom\b|\bwer sind die (?:vertrags)?parteien\b/i],
  ['period', /\b(?:what|which) period (?:does|do|is|are) .{0,40}\bcover/i],
  ['kind', /\bwhat (?:kind|sort|type) of (?:document|file|paper)\b/i],
  ['title', /\bwhat is the title of\b/i],
  ['amends', /\b(?:what|which) (?:\w+ )?(?:does|is) .{0,60}\b(?:amend|replace|supersede)(?:s|d)?\b/i],
]; // prettier-ignore

/** Words that ask for the pages of a document and name no other: "the full reference manual" is something else than the file asked. */
const OF_A_FILE =
  /^(?:many|pages?|long|document|file|report|filing|agreement|contract|lease|letter|notice|regulation|manual|guide|handbook|licen[cs]e|paper|pdf|text|altogether|total|viele?|seiten|dokument|datei|bericht|vertrag|handbuch|lizenz|umfasst|enthält|contains?|run|there|everything|whole)$/;

function asksPages(question: string, sources: readonly AskedSource[]): boolean {
  if (!PAGES.test(question)) return false;
  const names = new Set(sources.flatMap((one) => tokenize(bareName(one)).map((token) => token.word)));
  return tokenize(question).every(
    ({ word }) =>
      isStopword(word) || OF_A_FILE.test(word) || names.has(word) || /[\u3040-\u30ff\u4e00-\u9fff]/.test(word),
  );
}

/** The answer to a question about the documents themselves: how many pages, of what date, between whom; null when it is not one, or too many documents are meant. */
export function fileFactsAnswer(question: string, sources: readonly AskedSource[]): ReaderAnswer | null {
  if (sources.length === 0 || sources.length > FEW) return null;
  const alone = sources.length === 1;
  const said = (source: AskedSource, value: string): string => (alone ? value : `${value} (${bareName(source)})`);
  if (asksPages(question, sources)) {
    const lines = sources.map((source) =>
      said(source, source.pageCount === 1 ? 'one page' : `${source.pageCount} pages`),
    );
    return { ...EMPTY, headline: lines.join('; '), ...(alone ? {} : { lines }) };
  }
  const field = FIELDS.find(([, pattern]) => pattern.test(question))?.[0];
  if (field === undefined) return null;
  const found = sources.flatMap((source) =>
    statedFacts(source)
      .filter((fact) => fact.field === field)
      .map((fact) => ({ source, fact })),
  );
  if (found.length === 0) return null;
  const lines = found.map(({ source, fact }) => said(source, field === 'date' ? sayDate(fact.value) : fact.value));
  return {
    ...EMPTY,
    headline: lines.join('; '),
    ...(lines.length > 1 ? { lines } : {}),
    claims: found.map(({ source, fact }) => quotedClaim({ sourceId: source.id, page: fact.page, quote: fact.quote })),
  };
}
