import type { Language } from '../text';
import type Big from 'big.js';
import { subjectOf } from './around';
import { worth, type Quantity } from './quantity';

/** A ratio that goes by a name: what is divided by what, each by the labels it goes by in accounts. */
interface NamedRatio {
  readonly called: RegExp;
  /** True where it is told as "3.2 times" rather than in per cent. */
  readonly times?: true;
  /** True where costs, printed as losses, count as what they come to. */
  readonly costs?: true;
  readonly part: readonly string[];
  readonly whole: readonly string[];
}

const REVENUE = ['revenue', 'turnover', 'sales', 'net sales', 'total revenue'];
const NET = ['profit for the year', 'net profit', 'net income', 'profit after tax', 'profit for the period'];
const NAMED: readonly NamedRatio[] = [
  { called: /\boperating (?:profit )?margin\b|\bebit margin\b/i, part: ['operating profit', 'operating income', 'ebit'], whole: REVENUE },
  { called: /\bgross (?:profit )?margin\b/i, part: ['gross profit'], whole: REVENUE },
  { called: /\b(?:net|profit) margin\b/i, part: NET, whole: REVENUE },
  { called: /\beffective (?:tax )?rate\b/i, part: ['tax', 'income tax', 'income taxes', 'taxation'], whole: ['profit before tax', 'income before tax', 'income before taxes'], costs: true },
  { called: /\bcurrent ratio\b/i, part: ['current assets', 'total current assets'], whole: ['current liabilities', 'total current liabilities'], times: true, costs: true },
  { called: /\bequity ratio\b/i, part: ['total equity', 'equity', 'net assets'], whole: ['total assets'] },
  { called: /\b(?:debt|liabilities) ratio\b|\bliabilities to (?:total )?assets\b/i, part: ['total liabilities'], whole: ['total assets'] },
  { called: /\binterest cover\b/i, part: ['operating profit', 'operating income', 'ebit'], whole: ['finance costs', 'interest expense', 'interest paid'], times: true, costs: true },
  { called: /\breturn on equity\b/i, part: NET, whole: ['total equity', 'equity', 'net assets'] },
]; // prettier-ignore

/** A ratio that words name: its name as they have it, and the terms of the labels of its two sides. */
export interface Ratio extends Pick<NamedRatio, 'times' | 'costs'> {
  readonly name: string;
  readonly part: readonly ReadonlySet<string>[];
  readonly whole: readonly ReadonlySet<string>[];
}

/** The ratio that words name; null where they name none. */
export function ratioNamed(text: string, language: Language): Ratio | null {
  const found = NAMED.find(({ called }) => called.test(text));
  if (found === undefined) return null;
  const terms = (labels: readonly string[]): ReadonlySet<string>[] => labels.map((label) => subjectOf(label, language));
  const { part, whole, called, ...more } = found;
  return { ...more, name: called.exec(text)?.[0] ?? '', part: terms(part), whole: terms(whole) };
}

/** A named ratio of two figures: its result, in per cent or times with one digit behind the point, and the calculation; null for nothing to divide by. */
export function workRatio(
  part: Quantity,
  whole: Quantity,
  { times, costs }: Pick<Ratio, 'times' | 'costs'>,
): { readonly result: string; readonly working: string } | null {
  const [above, below] = [part, whole].map((one) => (costs === true ? worth(one).abs() : worth(one))) as [Big, Big];
  if (below.eq(0) || part.unit !== whole.unit) return null;
  const result =
    times === true ? `${above.div(below).toFixed(1)} times` : `${above.div(below).times(100).toFixed(1)} %`;
  const [a, b] = [part, whole].map(({ text }) => (costs === true ? text.replace(/[()−-]/g, '') : text));
  return { result, working: `${a} ÷ ${b} = ${result}` };
}

/** All labels of the ratios that words name, to look their rows up by. */
export function labelsOfRatios(text: string): string[] {
  return NAMED.filter(({ called }) => called.test(text)).flatMap(({ part, whole }) => [...part, ...whole]);
}
