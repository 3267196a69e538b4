import { readFileSync } from 'node:fs';
import Joi from 'joi';
import Papa from 'papaparse';
import type { AskSettings } from '../src/core/answer';
import { parseSettings } from '../src/core/exchange/incoming';
import { problem, ProblemError } from '../src/core/problem';

/** One line of a `--questions` file. */
export interface QuestionRecord {
  readonly id: string;
  readonly question: string;
  readonly docs?: readonly string[];
  readonly history?: readonly string[];
}

/** A quote that a claim rests on. */
export interface CitedQuote {
  readonly source: string | null;
  readonly page: number | null;
  readonly quote: string;
}

/** One record of a `--quotes` file: a quote, or a claim with its citations. `page` is physical, `label` printed. */
export interface QuoteRecord {
  readonly id: string;
  /** Null for a claim, whose quotes are its citations. */
  readonly quote: string | null;
  readonly claim: string | null;
  readonly citations: readonly CitedQuote[];
  readonly source: string | null;
  readonly page: number | null;
  readonly label: string | null;
}

const id = Joi.alternatives(Joi.string(), Joi.number()).custom((value: string | number) => String(value));
const QUESTION = Joi.object<QuestionRecord>({
  id: id.required(),
  question: Joi.string().trim().max(20_000).required(),
  docs: Joi.array().items(Joi.string()),
  history: Joi.array().items(Joi.string()),
}).unknown(true);

const absent = Joi.valid(null, '');
const QUOTE = Joi.object({
  id: id,
  quote: Joi.string().max(100_000),
  claim: Joi.string().max(100_000),
  citations: Joi.array()
    .max(100)
    .items(
      Joi.object({
        source: Joi.alternatives(Joi.string(), absent),
        page: Joi.alternatives(Joi.number().integer().min(1), absent),
        quote: Joi.string().max(100_000).required(),
      }).unknown(true),
    ),
  source: Joi.alternatives(Joi.string(), absent),
  doc: Joi.alternatives(Joi.string(), absent),
  page: Joi.alternatives(Joi.number().integer().min(1), absent),
  claimedPage: Joi.alternatives(Joi.number().integer().min(1), absent),
  label: Joi.alternatives(Joi.string(), Joi.number(), absent),
})
  .xor('quote', 'claim')
  .with('claim', 'citations')
  .unknown(true);

/** Settings of a dossier out of a file. Throws ProblemError where it cannot be read or used. */
export function readSettings(file: string): AskSettings {
  return parseSettings(readLines(file));
}

function readLines(file: string): string {
  try {
    return readFileSync(file, 'utf8').replace(/^\ufeff/, '');
  } catch (caught) {
    const reason =
      (caught as NodeJS.ErrnoException).code === 'ENOENT' ? 'no such file' : String((caught as Error).message);
    throw new ProblemError(problem('file-unreadable', { file, reason }));
  }
}

function parseJson(text: string, file: string, line: number): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw new ProblemError(problem('record-invalid', { file, line, reason: 'it is not JSON' }));
  }
}

function records(file: string): { record: unknown; line: number }[] {
  const text = readLines(file);
  if (/\.csv$/i.test(file)) {
    const parsed = Papa.parse<Record<string, string>>(text, {
      header: true,
      skipEmptyLines: true,
      transformHeader: (name) => name.trim(),
    });
    return parsed.data.map((record, at) => ({ record, line: at + 2 }));
  }
  if (text.trimStart().startsWith('[')) {
    return (parseJson(text, file, 1) as unknown[]).map((record, at) => ({ record, line: at + 1 }));
  }
  return text
    .split('\n')
    .flatMap((line, at) => (line.trim() === '' ? [] : [{ record: parseJson(line, file, at + 1), line: at + 1 }]));
}

function validated<T>(schema: Joi.ObjectSchema<T>, file: string): { value: T; line: number }[] {
  return records(file).map(({ record, line }) => {
    const result = schema.validate(record, { errors: { wrap: { label: '“”' } } });
    if (result.error !== undefined) {
      throw new ProblemError(problem('record-invalid', { file, line, reason: result.error.message }));
    }
    return { value: result.value, line };
  });
}

/** Questions of a JSON lines file. Throws a ProblemError that names the first bad line. */
export function readQuestions(file: string): QuestionRecord[] {
  return validated(QUESTION, file).map(({ value }) => value);
}

interface RawQuote {
  id?: string;
  quote?: string;
  claim?: string;
  citations?: readonly { source?: string | null; page?: number | string | null; quote: string }[];
  source?: string | null;
  doc?: string | null;
  page?: number | string | null;
  claimedPage?: number | string | null;
  label?: string | number | null;
}

/** Quotes of a JSON lines, JSON or CSV file. Throws a ProblemError that names the first bad line. */
export function readQuotes(file: string): QuoteRecord[] {
  return validated(QUOTE as Joi.ObjectSchema<RawQuote>, file).map(({ value, line }) => {
    const page = value.page || value.claimedPage;
    return {
      id: value.id ?? String(line),
      quote: value.quote ?? null,
      claim: value.claim ?? null,
      citations: (value.citations ?? []).map((one) => ({
        source: one.source || null,
        page: one.page ? Number(one.page) : null,
        quote: one.quote,
      })),
      source: value.source || value.doc || null,
      page: page ? Number(page) : null,
      label: value.label == null || value.label === '' ? null : String(value.label),
    };
  });
}
