import type { Subject } from '@/core/answer';
import type { Problem } from '@/core/problem';
import type { Citation, FindWay } from '@/core/quote';
import { DEFAULT_BUDGET } from '@/core/model';
import type { Finding, Review } from '@/core/review';
import type { Fate } from './arrivals';
import type { QuestionSlip, Shelved, StoredBearings, StoredDossier, StoredProof, StoredSlip } from '@/store';

/** Something told to the analyst until it is dismissed. */
export interface Notice {
  readonly id: string;
  readonly text: string;
  readonly tone: 'plain' | 'fault';
}

/** What must be decided before work on one file goes on. */
export type Decision =
  | { readonly kind: 'same-name'; readonly file: File; readonly sha256: string; readonly existing: Shelved }
  | { readonly kind: 'password'; readonly shelved: Shelved; readonly problem: Problem }
  | { readonly kind: 'remove'; readonly shelved: Shelved; readonly findings: number }
  | { readonly kind: 'rename'; readonly shelved: Shelved }
  | { readonly kind: 'arrived'; readonly fates: readonly Fate[] };

/** Where a quote is said to stand; the page is physical, from 1. */
export interface Cited {
  readonly sourceId: string | null;
  readonly page: number | null;
}

/** A page that lies open. */
export interface OpenPage {
  readonly sourceId: string;
  readonly page: number;
}

/** The citation that is looked at: bracketed on the page, joined to its strip. */
export interface ChosenQuote {
  /** `slip id/claim index/citation index`, or a finding's id. */
  readonly key: string;
  readonly citation: Citation;
}

/** Someone who can be asked. */
export interface ReaderChoice {
  readonly name: string;
  readonly model: string;
  readonly kind: 'built-in' | 'configured' | 'added' | 'practice';
}

export const BUILT_IN_READER: ReaderChoice = { name: 'built-in reader', model: '', kind: 'built-in' };

export interface SessionState {
  readonly phase: 'opening' | 'ready' | 'failed';
  readonly problem: Problem | null;
  readonly dossier: StoredDossier | null;
  readonly shelf: readonly Shelved[];
  readonly slips: readonly StoredSlip[];
  readonly findings: readonly Finding[];
  readonly open: OpenPage | null;
  /** A page laid on the left leaf, to be read beside the open one. */
  readonly beside: OpenPage | null;
  readonly chosen: ChosenQuote | null;
  readonly notices: readonly Notice[];
  /** What was looked for last, and where it stands. */
  readonly found: {
    readonly wanted: string;
    readonly way: FindWay | 'like';
    readonly places: readonly Citation[];
  } | null;
  /** The claim or clause that the next question is about; null when it is about none. */
  readonly about: Subject | null;
  /** Decisions wait in line; the first is shown. */
  readonly decisions: readonly Decision[];
  /** Files whose hash is being taken. */
  readonly arriving: readonly string[];
  /** How many of the files brought in together have been looked at; null when none are being brought in, or few. */
  readonly bringing: { readonly done: number; readonly total: number } | null;
  readonly asking: boolean;
  readonly proofs: readonly StoredProof[];
  /** The proof that lies open in its view. */
  readonly proofId: string | null;
  /** The proof that is being made: how many of its quotations and sentences are done; `total` is 0 before that is known. */
  readonly proofing: {
    readonly id: string;
    readonly name: string;
    readonly done: number;
    readonly total: number;
  } | null;
  /** A slip whose answer is streaming in, as far as it has come. */
  readonly streaming: QuestionSlip | null;
  readonly bearings: readonly StoredBearings[];
  readonly readers: readonly ReaderChoice[];
  /** Who answers the next question. */
  readonly reader: ReaderChoice;
  readonly mayAddReaders: boolean;
  /** Tokens that a connected model is sent at most. */
  readonly budget: number;
  readonly review: Review;
  /** This browser's id in logs; null before it has written anything. */
  readonly actor: string | null;
  /** The reviewer's name; null before it was given. */
  readonly reviewer: string | null;
  /** Whether the browser promised to keep what is stored; null before it was asked. */
  readonly persisted: boolean | null;
}

export const INITIAL: SessionState = {
  phase: 'opening',
  problem: null,
  dossier: null,
  shelf: [],
  slips: [],
  findings: [],
  open: null,
  beside: null,
  chosen: null,
  notices: [],
  decisions: [],
  arriving: [],
  bringing: null,
  found: null,
  about: null,
  asking: false,
  proofs: [],
  proofId: null,
  proofing: null,
  streaming: null,
  bearings: [],
  readers: [BUILT_IN_READER],
  reader: BUILT_IN_READER,
  mayAddReaders: false,
  budget: DEFAULT_BUDGET,
  review: { findings: [], withdrawn: [], names: new Map() },
  actor: null,
  reviewer: null,
  persisted: null,
};
