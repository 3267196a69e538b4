import Joi from 'joi';
import Papa from 'papaparse';
import { problem, ProblemError } from '../../problem';

/** A quote of a list, with where it is said to be from. */
export interface ListedQuote {
  readonly quote: string;
  readonly source: string;
  readonly page: string;
}

const MOST = 5000;
const words = Joi.alternatives(Joi.string().allow('').max(400), Joi.number(), Joi.valid(null));
const RECORD = Joi.object({
  quote: Joi.string().max(20_000).required(),
  source: words,
  doc: words,
  document: words,
  page: words,
  label: words,
  claimedPage: words,
}).unknown(true);

/** The parts of a W3C Web Annotation's target that are a quote and its place. */
const TARGET = Joi.object({
  source: Joi.alternatives(Joi.string().max(2000), Joi.object({ id: Joi.string().max(2000) }).unknown(true)),
  'schema:name': Joi.string().max(400),
  selector: Joi.alternatives(
    Joi.array().items(Joi.object().unknown(true)).max(500),
    Joi.object().unknown(true),
  ).required(),
}).unknown(true);

interface Selector {
  readonly exact?: string;
  readonly value?: string;
  readonly refinedBy?: Selector;
}

interface Target {
  readonly source?: string | { readonly id?: string };
  readonly 'schema:name'?: string;
  readonly selector: Selector | readonly Selector[];
}

const listed = <T>(given: T | readonly T[]): readonly T[] =>
  Array.isArray(given) ? (given as readonly T[]) : [given as T];

function selectors(given: Selector | readonly Selector[]): Selector[] {
  return listed(given).flatMap((one) => [one, ...(one.refinedBy === undefined ? [] : selectors(one.refinedBy))]);
}

/** The name of a document that an address ends with; nothing of one that is a fingerprint. */
function nameIn(address: string): string {
  return /^urn:sha/i.test(address)
    ? ''
    : decodeURIComponent(address.replace(/^urn:[^:]*:|^.*\//, '').replace(/[?#].*$/, ''));
}

function ofTarget(target: Target): ListedQuote[] {
  const all = selectors(target.selector);
  const exact = all.find((one) => typeof one.exact === 'string')?.exact;
  if (exact === undefined) return [];
  const page = all.map((one) => /page=(\d+)/.exec(one.value ?? '')?.[1]).find((one) => one !== undefined);
  const address = typeof target.source === 'string' ? target.source : (target.source?.id ?? '');
  return [{ quote: exact, source: target['schema:name'] ?? nameIn(address), page: page ?? '' }];
}

/** The quotes of a Web Annotation; none of what is no annotation. */
function ofAnnotation(value: unknown): ListedQuote[] {
  const target = (value as { target?: unknown } | null)?.target;
  if (target === undefined) return [];
  return listed(target).flatMap((one) => (TARGET.validate(one).error === undefined ? ofTarget(one as Target) : []));
}

function ofRecord(value: unknown, file: string, line: number): ListedQuote[] {
  const annotated = ofAnnotation(value);
  if (annotated.length > 0) return annotated;
  const { error } = RECORD.validate(value, { errors: { wrap: { label: '“”' } } });
  if (error !== undefined) throw new ProblemError(problem('record-invalid', { file, line, reason: error.message }));
  const record = value as Record<string, string | number | null | undefined>;
  const said = (...names: readonly string[]): string => names.map((name) => record[name]).find((one) => one != null && one !== '')?.toString() ?? ''; // prettier-ignore
  return [
    { quote: said('quote'), source: said('source', 'doc', 'document'), page: said('label', 'page', 'claimedPage') },
  ];
}

function parsed(text: string, file: string, line: number): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw new ProblemError(problem('record-invalid', { file, line, reason: 'it is not JSON' }));
  }
}

/** The quotes of a list: CSV with a head, JSON, JSON lines, or W3C Web Annotations. Throws a ProblemError that names the first bad line. */
export function parseQuoteList(text: string, file: string): ListedQuote[] {
  const values: readonly unknown[] = /\.csv$/i.test(file)
    ? Papa.parse<Record<string, string>>(text, {
        header: true,
        skipEmptyLines: true,
        transformHeader: (name) => name.trim().toLowerCase(),
      }).data
    : jsonValues(text, file);
  if (values.length > MOST) throw new ProblemError(problem('text-too-long', { file, limit: MOST, what: 'quotes' }));
  return values.flatMap((value, at) => ofRecord(value, file, at + (/\.csv$/i.test(file) ? 2 : 1)));
}

interface Collection {
  readonly items?: readonly unknown[];
  readonly '@graph'?: readonly unknown[];
  readonly first?: { readonly items?: readonly unknown[] };
}

/** What a collection holds; a record of its own stays. */
function unpacked(value: unknown): readonly unknown[] {
  if (typeof value !== 'object' || value === null) return [value];
  const { items, '@graph': graph, first } = value as Collection;
  return items ?? graph ?? first?.items ?? [value];
}

function jsonValues(text: string, file: string): readonly unknown[] {
  const trimmed = text.trim();
  if (trimmed.startsWith('[')) return parsed(trimmed, file, 1) as unknown[];
  const lines = trimmed.split('\n');
  // One object over several lines is a collection of annotations; else each line is one.
  const perLine = lines.every((line) => line.trim() === '' || /^\{.*\}$/.test(line.trim()));
  if (!perLine && trimmed.startsWith('{')) return unpacked(parsed(trimmed, file, 1));
  return lines.flatMap((line, at) => (line.trim() === '' ? [] : unpacked(parsed(line, file, at + 1))));
}

/** A list of quotes as a text that can be proofed: each a block quote with where it is from. */
export function textOfQuotes(quotes: readonly ListedQuote[]): string {
  return quotes
    .map(({ quote, source, page }) => {
      const from = [source, page === '' ? '' : `p. ${page}`].filter((part) => part !== '').join(', ');
      const lines = quote.trim().split(/\s*\n\s*/).map((line) => `> ${line}`); // prettier-ignore
      return [...lines, ...(from === '' ? [] : [`> — ${from}`])].join('\n');
    })
    .join('\n\n');
}
