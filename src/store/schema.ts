import type { DBSchema } from 'idb';
import type { Answer, AskSettings, Claim, Limits, Subject } from '../core/answer';
import type { EditionIndex } from '../core/library';
import type { Endpoint, Sent } from '../core/model';
import type { Problem } from '../core/problem';
import type { ProofedAgainst, ProofItem, ProofResult } from '../core/proof';
import type { Citation } from '../core/quote';
import type { LogEvent } from '../core/review';
import type { FactField } from '../core/facts';
import type { Fact, KeyFigure, SummaryLength } from '../core/summary';
import type { EditionFacts, Page, Section, Table } from '../core/source';
import type { Language } from '../core/text';

export const DATABASE = 'marked-page';
export const SCHEMA_VERSION = 7;
/** Names the code that read an edition; a better reader makes a new edition of the same bytes. */
export const READER = 'pdf/2';

export interface StoredDossier {
  readonly v: 1;
  readonly id: string;
  readonly name: string;
  readonly createdAt: number;
  /** When it was last worked in; the latest is opened first. */
  readonly openedAt: number;
  /** How its questions are read; the reader's defaults where nothing was set. */
  readonly settings?: AskSettings | undefined;
}

/** A document on a dossier's shelf. */
export interface StoredSource {
  readonly v: 1;
  readonly id: string;
  readonly dossierId: string;
  readonly name: string;
  readonly addedAt: number;
  /** The folders it was found in, parted by "/"; empty for a file brought in by itself. */
  readonly folder: string;
  /** True while it is among those asked. */
  readonly chosen: boolean;
  /** Editions, oldest first; the last is asked. */
  readonly editionIds: readonly string[];
  /** Facts that the analyst corrected or added; they stand before those that were read. */
  readonly facts: Readonly<Partial<Record<FactField, string>>>;
}

export type EditionState = 'waiting' | 'reading' | 'stopped' | 'ready' | 'failed';

/** One reading of one file, shared by all dossiers that hold the same bytes. */
export interface StoredEdition {
  readonly v: 1;
  /** `reader@sha256`. */
  readonly id: string;
  readonly sha256: string;
  readonly fileName: string;
  /** Bytes of the file. */
  readonly size: number;
  readonly state: EditionState;
  readonly facts: EditionFacts | null;
  readonly language: Language;
  readonly pagesRead: number;
  readonly words: number;
  readonly pagesWithoutText: number;
  readonly warnings: number;
  /** Tables found; null while they have not been looked for, which follows reading. */
  readonly tables: number | null;
  readonly problem: Problem | null;
  /** Kept so that pages can be drawn after a reload; deleted with the edition. */
  readonly password: string | null;
}

export interface StoredPage {
  readonly editionId: string;
  readonly number: number;
  readonly page: Page;
  /** Sections that begin on this page. */
  readonly sections: readonly Section[];
}

/** What a slip's answer was drawn from. */
export interface SlipScope {
  readonly sourceId: string;
  readonly name: string;
  readonly editionId: string;
  readonly pagesRead: number;
  readonly pageCount: number;
}

interface SlipBase {
  readonly v: 1;
  readonly id: string;
  readonly dossierId: string;
  readonly askedAt: number;
  /** The slip it follows up; null for a question of its own. */
  readonly follows: string | null;
  readonly scope: readonly SlipScope[];
  readonly folded: boolean;
  readonly pinned: boolean;
  /** Where it lies among the others, later ones first; as it was asked while it was never moved. */
  readonly laidAt?: number | undefined;
}

/** What only a connected model's answer has. */
export interface ModelPart {
  /** What it said without a citation: not from the documents. */
  readonly asides: readonly string[];
  /** True when it says that it does not know. */
  readonly unknown: boolean;
  /** What left the machine; null while it answers, and when it broke off. */
  readonly sent: Sent | null;
  /** Why it ended before it was done. */
  readonly problem: Problem | null;
}

/** What an answer was made with, beside the documents. */
export interface SlipSettings {
  /** Passages found and shown. */
  readonly passages: number;
  /** Tokens that could be sent; null for the built-in reader. */
  readonly budget: number | null;
  /** How the index was built. */
  readonly index: string;
  /** Fingerprint of how questions were read; none where nothing was set. */
  readonly reading?: string | undefined;
}

/** One reader's answer to a slip's question. */
export interface Opinion {
  readonly answer: Answer;
  readonly model: ModelPart | null;
}

export interface QuestionSlip extends SlipBase, Opinion {
  readonly kind: 'question';
  /** As it was typed. */
  readonly question: string;
  /** As it was asked: a follow-up made whole. */
  readonly completed: string;
  readonly settings: SlipSettings;
  /** Pages and sections that alone were asked. */
  readonly limits?: Limits | undefined;
  /** The claim or clause it is about, where it is one. */
  readonly about?: Subject | undefined;
  /** What another reader says to the same question. */
  readonly second: Opinion | null;
}

/** A summary of several documents; one of a single document is kept with that. */
export interface SummarySlip extends SlipBase {
  readonly kind: 'summary';
  readonly sentences: number;
  /** How long it was wanted, where not in sentences. */
  readonly length?: SummaryLength | undefined;
  readonly about: string;
  readonly claims: readonly Claim[];
  readonly by: Answer['reader'];
  readonly milliseconds: number;
}

/** A quote that someone pasted to be checked. */
export interface QuoteSlip extends SlipBase {
  readonly kind: 'quote';
  readonly quote: string;
  readonly citedSource: string | null;
  readonly citedPage: number | null;
  readonly citation: Citation;
  readonly tooShort: boolean;
  /** Other pages where the words stand too: source name and page. */
  readonly otherPlaces: readonly { readonly source: string; readonly page: number }[];
  readonly instead: string | null;
}

export type StoredSlip = QuestionSlip | QuoteSlip | SummarySlip;

/** What a document is and says in short, with who made it and when. */
export interface StoredBearings {
  readonly v: 1;
  readonly sourceId: string;
  readonly dossierId: string;
  /** The edition it was made from. */
  readonly editionId: string;
  readonly facts: readonly Fact[];
  /** Key figures and dates; bearings taken before these were told have none. */
  readonly figures?: readonly KeyFigure[] | undefined;
  readonly sentences: number;
  /** How long it was wanted, where not in sentences. */
  readonly length?: SummaryLength | undefined;
  readonly about: string;
  readonly claims: readonly Claim[];
  readonly by: Answer['reader'];
  readonly madeAt: number;
}

/** A text that was held against the shelf, as it was found the last time. */
export interface StoredProof extends ProofResult {
  readonly v: 1;
  readonly id: string;
  readonly dossierId: string;
  readonly name: string;
  readonly text: string;
  readonly madeAt: number;
  /** What the run before found, where the documents or the text changed since; null for a first run. */
  readonly before: {
    readonly madeAt: number;
    readonly items: readonly ProofItem[];
    readonly against: readonly ProofedAgainst[];
  } | null;
}

export interface StoredEvent {
  readonly dossierId: string;
  readonly id: string;
  readonly event: LogEvent;
  /** True when its text was erased here: it stays erased, whatever a colleague's review holds. */
  readonly erased?: true;
}

export interface Schema extends DBSchema {
  dossiers: { key: string; value: StoredDossier };
  sources: { key: string; value: StoredSource; indexes: { dossier: string } };
  editions: { key: string; value: StoredEdition };
  files: { key: string; value: { readonly sha256: string; readonly bytes: Blob } };
  pages: { key: [string, number]; value: StoredPage };
  indexes: { key: string; value: { readonly editionId: string; readonly index: EditionIndex } };
  tables: { key: string; value: { readonly editionId: string; readonly tables: readonly Table[] } };
  slips: { key: string; value: StoredSlip; indexes: { dossier: string } };
  events: { key: [string, string]; value: StoredEvent; indexes: { dossier: string } };
  settings: { key: string; value: string };
  bearings: { key: string; value: StoredBearings; indexes: { dossier: string } };
  endpoints: { key: string; value: Endpoint };
  proofs: { key: string; value: StoredProof; indexes: { dossier: string } };
}
