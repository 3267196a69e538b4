import Joi from 'joi';
import { problem, ProblemError } from '../../problem';
import { actorOf, counterOf, DECISIONS, firstBroken, LOG_VERSION, type LogEvent } from '../../review';
import { REVIEW_FORMAT, REVIEW_VERSION, type ReviewFile } from '../reviewFile';

/** Characters of a review file, and events in it, at most. */
const MOST_CHARACTERS = 40_000_000;
const MOST_EVENTS = 100_000;
/** How far ahead of ours a colleague's clock may be, in milliseconds. */
const CLOCK_AHEAD = 24 * 3600 * 1000;

const sha256 = Joi.string().pattern(/^[0-9a-f]{64}$/);
const text = (most: number): Joi.StringSchema => Joi.string().allow('').max(most);
const page = Joi.number().integer().min(1).max(1_000_000);
const id = Joi.string()
  .max(120)
  .pattern(/^[\w-]+$/);

const spans = Joi.array()
  .items(
    Joi.object({
      page: page.required(),
      start: Joi.number().integer().min(0).required(),
      end: Joi.number().integer().min(0).required(),
    }),
  )
  .max(500);

/** Where a cell stands, as files hold it. */
export const cellSchema = Joi.object({
  value: spans.required(),
  row: spans.required(),
  column: spans.required(),
});

/** A citation as files hold it. */
export const citationSchema = Joi.object({
  sourceId: text(120).required(),
  sourceName: text(400).required(),
  sha256: sha256.allow('').required(),
  page: page.allow(null).required(),
  label: text(60).allow(null).required(),
  section: text(2000).required(),
  quote: text(20_000).required(),
  before: text(200).required(),
  after: text(200).required(),
  spans: spans.required(),
  mark: Joi.valid('exact', 'same-words', 'elsewhere', 'altered', 'absent').required(),
  words: Joi.valid('exact', 'same', 'altered', 'absent').required(),
  place: Joi.valid('cited', 'elsewhere', 'uncited', 'none').required(),
  differences: Joi.array()
    .items(
      Joi.object({
        kind: Joi.valid('figure', 'date', 'negation', 'modal', 'name', 'word', 'dropped', 'added', 'form').required(),
        expected: text(4000).required(),
        found: text(4000).required(),
        grave: Joi.boolean().required(),
      }),
    )
    .max(500)
    .required(),
  matched: text(20_000).required(),
  cell: cellSchema,
  cited: Joi.object({ source: text(400).required(), page: page.allow(null).required() }),
});

const PAYLOADS: Readonly<Record<LogEvent['kind'], Joi.Schema>> = {
  'finding-kept': Joi.object({
    text: text(20_000).required(),
    note: text(4000).required(),
    citations: Joi.array().items(citationSchema).max(60).required(),
    question: text(20_000).allow(null).required(),
  }),
  'finding-noted': Joi.object({ note: text(4000).required() }),
  'finding-withdrawn': Joi.object({}),
  'finding-restored': Joi.object({}),
  'finding-decided': Joi.object({ decision: Joi.valid(...DECISIONS).required(), reason: text(4000).required() }),
  'finding-commented': Joi.object({ text: text(8000).required() }),
  'comment-withdrawn': Joi.object({ comment: Joi.string().max(160).required() }),
  'reviewer-named': Joi.object({ name: Joi.string().trim().min(1).max(120).required() }),
};

const event = Joi.object({
  v: Joi.valid(LOG_VERSION).required(),
  id: Joi.string()
    .max(140)
    .pattern(/^[\w-]+:[1-9]\d{0,8}$/)
    .required(),
  at: Joi.object({
    ms: Joi.number().integer().min(0).max(Number.MAX_SAFE_INTEGER).required(),
    n: Joi.number().integer().min(0).max(1_000_000).required(),
  }).required(),
  previous: sha256.allow(null).required(),
  kind: Joi.valid(...Object.keys(PAYLOADS)).required(),
  target: id.required(),
  digest: sha256.required(),
  payload: Joi.when('kind', {
    switch: Object.entries(PAYLOADS).map(([kind, schema]) => ({ is: kind, then: schema.allow(null).required() })),
  }),
});

const FILE = Joi.object<ReviewFile>({
  format: Joi.valid(REVIEW_FORMAT).required(),
  v: Joi.valid(REVIEW_VERSION).required(),
  dossier: text(200).required(),
  savedAt: Joi.string().isoDate().required(),
  documents: Joi.array()
    .items(Joi.object({ sha256: sha256.required(), name: text(400).required() }))
    .max(2000)
    .required(),
  events: Joi.array().items(event).max(MOST_EVENTS).required(),
});

function invalid(reason: string): ProblemError {
  return new ProblemError(problem('review-invalid', { reason }));
}

/** Actors' events must be numbered from 1 without a gap: one whose predecessor is missing cannot be placed. */
function firstGap(events: readonly LogEvent[]): string | null {
  const counters = new Map<string, number>();
  for (const one of [...events].sort((a, b) => counterOf(a) - counterOf(b))) {
    const expected = (counters.get(actorOf(one)) ?? 0) + 1;
    if (counterOf(one) !== expected) return one.id;
    counters.set(actorOf(one), expected);
  }
  return null;
}

/** The review in a file's text. Throws ProblemError when any part of it is not what it should be: a file is taken whole or not at all. */
export function parseReview(given: string, now: number): ReviewFile {
  if (given.length > MOST_CHARACTERS) throw invalid('it is too large to be a review');
  let value: unknown;
  try {
    value = JSON.parse(given);
  } catch {
    throw invalid('it is not JSON, or was cut off');
  }
  const { format, v } = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  if (format !== REVIEW_FORMAT) throw invalid('it is no review of this application');
  if (v !== REVIEW_VERSION) throw new ProblemError(problem('review-version', { version: String(v).slice(0, 20) }));
  const checked = FILE.validate(value, { errors: { wrap: { label: false } }, convert: false });
  if (checked.error !== undefined)
    throw invalid(`${checked.error.details[0]?.path.join('.') ?? 'a part'} is not as described`);
  const { events } = checked.value;
  const gap = firstGap(events);
  if (gap !== null) throw invalid(`event ${gap} follows none before it`);
  const broken = firstBroken(events);
  if (broken !== null) throw invalid(`event ${broken} does not fit its digest or the one before it`);
  const early = events.find((one) => one.at.ms > now + CLOCK_AHEAD);
  if (early !== undefined) throw invalid(`event ${early.id} is dated in the future`);
  const kept = events.filter((one) => one.kind === 'finding-kept').map((one) => one.target);
  if (new Set(kept).size !== kept.length) throw invalid('one finding is kept twice');
  if (events.some((one) => one.kind === 'reviewer-named' && one.target !== actorOf(one)))
    throw invalid('someone is named by another');
  return checked.value;
}
