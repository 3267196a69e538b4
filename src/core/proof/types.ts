import type { CellPlace, Difference, Mark, PlaceFound, WordsFound } from '../quote';
import type { Fault } from '../figure';
import type { Span } from '../source';
import type { Quotation } from './quotations';
import type { Reference } from './references';

/** Where something that was proofed stands in a document, so that it can be opened. */
export interface ProofPlace {
  readonly sourceId: string;
  readonly source: string;
  /** Physical page, from 1. */
  readonly page: number;
  readonly label: string | null;
  readonly section: string;
  readonly spans: readonly Span[];
  readonly cell: CellPlace | null;
}

/** What is wrong with where a text says that something stands. */
export type PlaceFault = 'document' | 'page' | 'section';

interface Item {
  /** `[start, end)` in UTF-16 code units of the text. */
  readonly start: number;
  readonly end: number;
  readonly text: string;
  /** Where the text says it is from, in its own words; empty when it does not say. */
  readonly saidFrom: string;
  readonly at: ProofPlace | null;
  /** All pages it stands on in that document, physical, from 1. */
  readonly pages: readonly number[];
  /** What is wrong with where it is said to stand, and the place's name that is right. */
  readonly placeFault: PlaceFault | null;
  readonly rightPlace: string | null;
  /** Where the page or section is named in the text, so that it can be put right. */
  readonly placeSaid: { readonly start: number; readonly end: number } | null;
}

export interface ProofQuote extends Item {
  readonly kind: 'quote';
  readonly way: Quotation['way'];
  readonly mark: Mark;
  readonly words: WordsFound;
  readonly place: PlaceFound;
  readonly differences: readonly Difference[];
  /** The page's own words. */
  readonly matched: string;
  readonly tooShort: boolean;
}

export interface ProofFigure extends Item {
  readonly kind: 'figure';
  readonly verdict: 'quoted' | 'computed' | 'unsupported';
  readonly fault: Fault | null;
  readonly value: string;
  readonly unit: string | null;
  readonly scale: number;
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

/** A reference with the words it is made in. */
export type Said = Pick<Reference, 'pages' | 'section'> & {
  readonly sourceIds: readonly string[];
  readonly named: boolean;
};
