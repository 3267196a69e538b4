import type { Language } from '../text';
import { subjectOf } from './around';

/** A ratio that goes by a name: what is divided by what, each by the labels it goes by in accounts. */
interface NamedRatio {
  readonly called: RegExp;
  readonly part: readonly string[];
  readonly whole: readonly string[];
}

const REVENUE = ['revenue', 'turnover', 'sales', 'net sales', 'total revenue'];
const NET = ['profit for the year', 'net profit', 'net income', 'profit after tax', 'profit for the period'];
const NAMED: readonly NamedRatio[] = [
  { called: /\boperating (?:profit )?margin\b|\bebit margin\b/i, part: ['operating profit', 'operating income', 'ebit'], whole: REVENUE },
  { called: /\bgross (?:profit )?margin\b/i, part: ['gross profit'], whole: REVENUE },
  { called: /\b(?:net|profit) margin\b/i, part: NET, whole: REVENUE },
  { called: /\beffective (?:tax )?rate\b/i, part: ['tax', 'income tax', 'income taxes', 'taxation'], whole: ['profit before tax', 'income before tax', 'income before taxes'] },
  { called: /\bcurrent ratio\b/i, part: ['current assets', 'total current assets'], whole: ['current liabilities', 'total current liabilities'] },
  { called: /\bequity ratio\b/i, part: ['total equity', 'equity', 'net assets'], whole: ['total assets'] },
  { called: /\b(?:debt|liabilities) ratio\b|\bliabilities to (?:total )?assets\b/i, part: ['total liabilities'], whole: ['total assets'] },
  { called: /\binterest cover\b/i, part: ['operating profit', 'operating income', 'ebit'], whole: ['finance costs', 'interest expense', 'interest paid'] },
  { called: /\breturn on equity\b/i, part: NET, whole: ['total equity', 'equity', 'net assets'] },
]; // prettier-ignore

/** The ratio that words name, as the terms of the labels of its two sides; null where they name none. */
export function ratioNamed(
  text: string,
  language: Language,
): { readonly part: readonly ReadonlySet<string>[]; readonly whole: readonly ReadonlySet<string>[] } | null {
  // prettier-ignore
  const found = NAMED.find(({ called }) => called.test(text));
  if (found === undefined) return null;
  const terms = (labels: readonly string[]): ReadonlySet<string>[] => labels.map((label) => subjectOf(label, language));
  return { part: terms(found.part), whole: terms(found.whole) };
}

/** All labels of the ratios that words name, to look their rows up by. */
export function labelsOfRatios(text: string): string[] {
  return NAMED.filter(({ called }) => called.test(text)).flatMap(({ part, whole }) => [...part, ...whole]);
}
