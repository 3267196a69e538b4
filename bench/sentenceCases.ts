import type { AskedSource } from '../src/core/answer';
import { splitSentences } from '../src/core/text';
import { otherDigit } from './figureWords';
import type { Random } from './random';

/** A claim with the quotes that it is weighed against. */
export interface MadeClaim {
  readonly claim: string;
  readonly citations: readonly { readonly source: string; readonly page: number; readonly quote: string }[];
}

/** A claim that is a sentence of a document, with its figure as it stands there or with another; null where the page drawn has none that will do. */
export function sentenceCase(random: Random, source: AskedSource, right: boolean): MadeClaim | null {
  const page = 1 + random.below(source.pageCount);
  const held = source.page(page);
  if (held === null) return null;
  const lines = held.lines.filter((line) => line.role === 'body').map((line) => held.text.slice(line.start, line.end)).join('\n'); // prettier-ignore
  const usable = splitSentences(lines)
    .map(({ start, end }) => lines.slice(start, end).replace(/[-\u2010]\n(?=\p{Ll})/gu, '').replace(/\s+/g, ' '))
    .filter((one) => (one.match(/\d+/g)?.length ?? 0) < 5 &&
        one.length > 50 && one.length < 260 && /[^\d.,(](?<![-/.\w])\d{2,}[\d,.]*(?: [\p{Ll}%]|%)/u.test(one) && !/\b(?:clause|section|page|note|table|schedule|annex|article|version|see|p|lines?|types?|levels?|iso|rfc)\.? \d/i.test(one) && /^\p{Lu}/u.test(one)); // prettier-ignore
  if (usable.length === 0) return null;
  const quote = random.pick(usable);
  const figure = /(?<![-/.\w])\d{2,}(?:,\d{3})*(?:\.\d+)?(?= [\p{Ll}%]|%)/u.exec(quote);
  if (figure === null || /^(?:19|20)\d\d$/.test(figure[0])) return null;
  const value = right ? figure[0] : otherDigit(random, figure[0]);
  const words = quote.slice(0, figure.index) + value + quote.slice(figure.index + figure[0].length);
  return { claim: words.replace(/^(?:The|A|An|Each) /, (article) => random.pick([article, `According to the document, ${article.toLowerCase()}`])), citations: [{ source: source.name, page, quote }] }; // prettier-ignore
}
