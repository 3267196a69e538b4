import Joi from 'joi';
import type { AskSettings } from '../../core/answer';
import { cellSchema, citationSchema, settingsSchema } from '../../core/exchange/incoming';
import { FACT_FIELDS, type FactField } from '../../core/facts';
import type { StoredBearings, StoredProof, StoredSlip } from '../schema';
import { count, id, sha256, text, tracing } from './parts';
import { proofSchema } from './proofSchema';

export const ARCHIVE_FORMAT = 'marked-page dossier';
export const ARCHIVE_VERSION = 1;

/** What `dossier.json` of an archive says. See docs/formats.md. */
export interface ArchiveManifest {
  readonly format: typeof ARCHIVE_FORMAT;
  readonly v: typeof ARCHIVE_VERSION;
  /** ISO 8601. */
  readonly savedAt: string;
  readonly dossier: {
    readonly id: string;
    readonly name: string;
    readonly createdAt: number;
    /** Left out where nothing was set. */
    readonly settings?: AskSettings;
  };
  readonly sources: readonly {
    readonly id: string;
    readonly name: string;
    readonly addedAt: number;
    readonly folder?: string;
    readonly chosen: boolean;
    readonly facts: Readonly<Partial<Record<FactField, string>>>;
    /** SHA-256 of its files, oldest first. */
    readonly files: readonly string[];
  }[];
  readonly files: readonly { readonly sha256: string; readonly name: string; readonly size: number }[];
  readonly slips: readonly StoredSlip[];
  readonly bearings: readonly StoredBearings[];
  /** Left out where there are none. */
  readonly proofs?: readonly StoredProof[];
}

const reader = Joi.object({ name: text(120).required(), version: text(200).required() });
const problem = Joi.object({
  code: Joi.string().max(60).required(),
  data: Joi.object()
    .pattern(Joi.string().max(40), Joi.alternatives(text(2000), Joi.number()))
    .required(),
});

const claim = Joi.object({
  text: text(20_000).required(),
  standing: Joi.valid('carried', 'goes-further', 'not-carried').required(),
  citations: Joi.array().items(citationSchema).max(60).required(),
  uncovered: Joi.array()
    .items(
      Joi.object({
        kind: Joi.valid('subject', 'negation', 'modal', 'name', 'direction', 'figure').required(),
        said: text(20_000).required(),
        stated: text(2000).required(),
      }),
    )
    .max(100),
  figures: Joi.array()
    .items(
      Joi.object({
        ...tracing,
        text: text(400).required(),
        kind: Joi.valid('date', 'percentage', 'points', 'duration', 'amount', 'number').required(),
        sourceId: text(200).allow(null).required(),
        page: count.allow(null).required(),
      }),
    )
    .max(2000),
  mendedFrom: text(20_000),
  part: text(2000),
});
const claims = Joi.array().items(claim).max(200);
const span = Joi.object({ page: count.required(), start: count.required(), end: count.required() });
const scoped = Joi.object({
  sourceId: id.required(),
  name: text(400).required(),
  editionId: text(200).required(),
  pagesRead: count.required(),
  pageCount: count.required(),
});

const operand = Joi.object({
  text: text(400).required(),
  value: Joi.string()
    .pattern(/^-?\d+(?:\.\d+)?$/)
    .max(60)
    .required(),
  unit: text(60).allow(null).required(),
  scale: Joi.number().positive().required(),
  citation: Joi.object({
    sourceId: id.allow(null).required(),
    page: count.allow(null).required(),
    quote: text(20_000).required(),
    cell: cellSchema,
  }).required(),
});
const calculation = Joi.object({
  operation: Joi.valid('change', 'difference', 'sum', 'ratio').required(),
  operands: Joi.array().items(operand).max(60).required(),
  result: text(400).required(),
  working: text(2000).required(),
});

const answer = Joi.object({
  found: Joi.boolean().required(),
  headline: text(20_000).allow(null).required(),
  claims: claims.required(),
  lines: Joi.array().items(text(20_000)).max(200),
  calculations: Joi.array().items(calculation).max(60).required(),
  conflicts: Joi.array().items(Joi.array().items(count).max(50)).max(50).required(),
  missing: Joi.array().items(text(20_000)).max(200).required(),
  passages: Joi.array()
    .items(
      Joi.object({
        sourceId: id.required(),
        source: text(400).required(),
        page: count.required(),
        label: text(60).allow(null).required(),
        section: text(2000).required(),
        text: text(40_000).required(),
        spans: Joi.array().items(span).max(500).required(),
        score: Joi.number().required(),
        because: Joi.array()
          .items(
            Joi.object({
              asked: text(400).required(),
              met: text(400).required(),
              by: Joi.valid('itself', 'trade', 'like').required(),
            }),
          )
          .max(60),
      }),
    )
    .max(100)
    .required(),
  searches: Joi.array().items(text(20_000)).max(60).required(),
  steered: Joi.array()
    .items(
      Joi.object({ instruction: text(8000).required(), honoured: Joi.boolean().required(), how: text(400).required() }),
    )
    .max(200),
  readings: Joi.array()
    .items(Joi.object({ words: text(400).required(), told: text(2000).required(), sourceId: id }))
    .max(60),
  reader: reader.required(),
  milliseconds: Joi.number().min(0).required(),
});

const model = Joi.object({
  asides: Joi.array().items(text(8000)).max(500).required(),
  unknown: Joi.boolean().required(),
  sent: Joi.object({
    endpoint: text(120).required(),
    model: text(200).required(),
    passages: count.required(),
    tokensIn: count.required(),
    tokensOut: count.required(),
    estimated: Joi.boolean().required(),
    milliseconds: Joi.number().min(0).required(),
  })
    .allow(null)
    .required(),
  problem: problem.allow(null).required(),
}).allow(null);

const laid = {
  v: Joi.valid(1).required(),
  id: id.required(),
  dossierId: id.required(),
  askedAt: count.required(),
  follows: id.allow(null).required(),
  scope: Joi.array().items(scoped).max(2000).required(),
  folded: Joi.boolean().required(),
  pinned: Joi.boolean().required(),
  laidAt: Joi.number(),
};

const summaryLength = Joi.object({
  count: Joi.number().positive().max(2000).required(),
  unit: Joi.valid('sentences', 'words', 'pages').required(),
});

const slip = Joi.alternatives(
  Joi.object({
    ...laid,
    kind: Joi.valid('question').required(),
    question: text(20_000).required(),
    completed: text(20_000).required(),
    settings: Joi.object({
      passages: count.required(),
      budget: count.allow(null).required(),
      index: text(200).required(),
      reading: text(200),
    }).required(),
    limits: Joi.object({ pages: text(60), section: text(200) }),
    about: Joi.object({
      sourceId: id.required(),
      page: count.required(),
      start: count.required(),
      text: text(20_000).required(),
    }),
    answer: answer.required(),
    model: model.required(),
    second: Joi.object({ answer: answer.required(), model: model.required() }).allow(null).required(),
  }),
  Joi.object({
    ...laid,
    kind: Joi.valid('quote').required(),
    quote: text(20_000).required(),
    citedSource: text(400).allow(null).required(),
    citedPage: count.allow(null).required(),
    citation: citationSchema.required(),
    tooShort: Joi.boolean().required(),
    otherPlaces: Joi.array()
      .items(Joi.object({ source: text(400).required(), page: count.required() }))
      .max(100)
      .required(),
    instead: text(20_000).allow(null).required(),
  }),
  Joi.object({
    ...laid,
    kind: Joi.valid('summary').required(),
    sentences: count.required(),
    length: summaryLength,
    about: text(2000).required(),
    claims: claims.required(),
    by: reader.required(),
    milliseconds: Joi.number().min(0).required(),
  }),
);

const bearings = Joi.object({
  v: Joi.valid(1).required(),
  sourceId: id.required(),
  dossierId: id.required(),
  editionId: text(200).required(),
  facts: Joi.array()
    .items(
      Joi.object({
        field: Joi.valid(...FACT_FIELDS).required(),
        value: text(4000).required(),
        citation: citationSchema.required(),
      }),
    )
    .max(100)
    .required(),
  figures: Joi.array()
    .items(
      Joi.object({
        label: text(400).required(),
        head: text(400).required(),
        value: text(400).required(),
        measure: text(400).required(),
        citation: citationSchema.required(),
      }),
    )
    .max(200),
  sentences: count.required(),
  length: summaryLength,
  about: text(2000).required(),
  claims: claims.required(),
  by: reader.required(),
  madeAt: count.required(),
});

export const manifestSchema = Joi.object<ArchiveManifest>({
  format: Joi.valid(ARCHIVE_FORMAT).required(),
  v: Joi.valid(ARCHIVE_VERSION).required(),
  savedAt: Joi.string().isoDate().required(),
  dossier: Joi.object({
    id: id.required(),
    name: text(200).required(),
    createdAt: count.required(),
    settings: settingsSchema,
  }).required(),
  sources: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        name: text(400).required(),
        addedAt: count.required(),
        folder: text(2000),
        chosen: Joi.boolean().required(),
        facts: Joi.object(Object.fromEntries(FACT_FIELDS.map((field) => [field, text(4000)]))).required(),
        files: Joi.array().items(sha256).min(1).max(50).required(),
      }),
    )
    .max(2000)
    .unique('id')
    .required(),
  files: Joi.array()
    .items(Joi.object({ sha256: sha256.required(), name: text(400).required(), size: count.required() }))
    .max(4000)
    .unique('sha256')
    .required(),
  slips: Joi.array().items(slip).max(20_000).required(),
  bearings: Joi.array().items(bearings).max(2000).required(),
  proofs: Joi.array().items(proofSchema).max(2000),
});
