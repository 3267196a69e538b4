import type { Citation } from '../quote';
import type { Fault } from '../figure';
import type { Quotation } from './quotations';
import type { Reference } from './references';

/** What is wrong with where a text says that something stands. */
export type PlaceFault = 'document' | 'page' | 'section';

interface Item {
  /** `[start, end)` in UTF-16 code units of the text. */
  readonly start: number;
  readonly end: number;
  readonly text: string;
  /** Where the text says it is from, in its own words; empty when it does not say. */
  readonly saidFrom: string;
  /** All pages it stands on in that document, physical, from 1. */
  readonly pages: readonly number[];
  /** What is wrong with where it is said to stand, and the name of the place that is right. */
  readonly placeFault: PlaceFault | null;
  readonly rightPlace: string | null;
  /** Where the page or section is named in the text, so that it can be put right. */
  readonly placeSaid: { readonly start: number; readonly end: number } | null;
}

/** A quotation, with the check's own word on it. */
export interface ProofQuote extends Item {
  readonly kind: 'quote';
  readonly way: Quotation['way'];
  readonly citation: Citation;
  readonly tooShort: boolean;
}

/** A figure, with how it was traced. */
export interface ProofFigure extends Item {
  readonly kind: 'figure';
  readonly verdict: 'quoted' | 'computed' | 'unsupported';
  readonly fault: Fault | null;
  readonly value: string;
  readonly unit: string | null;
  readonly scale: number;
  /** What states it, or what is stated instead; null where the documents state nothing like it. */
  readonly citation: Citation | null;
  /** How it was traced, in a sentence. */
  readonly how: string;
  /** The figure as it should be said here; null where that is not known. */
  readonly right: string | null;
}

export type ProofItem = ProofQuote | ProofFigure;

/** A document that a text was proofed against. */
export interface ProofedAgainst {
  readonly sourceId: string;
  readonly name: string;
  readonly sha256: string;
}

/** A text held against the shelf: its quotations and figures in order, each with what was found. */
export interface ProofResult {
  readonly items: readonly ProofItem[];
  readonly against: readonly ProofedAgainst[];
}

/** Where something is said to be from: documents, page, section. */
export type Said = Pick<Reference, 'pages' | 'section'> & {
  readonly sourceIds: readonly string[];
  readonly named: boolean;
};
