import type { Span, Table } from '../source';
import type { ClaimFigure, Standing, Uncovered } from '../claim';
import type { Quantity } from '../figure';
import type { CellPlace, Citation } from '../quote';
import type { ShelfSource } from '../search';

/** What kind of answer a question wants; it decides what counts as evidence. */
export type AnswerKind =
  | 'amount'
  | 'number'
  | 'percentage'
  | 'date'
  | 'duration'
  | 'party'
  | 'place'
  | 'yes-no'
  | 'definition'
  | 'list'
  | 'passage';

/** A word of a question that a passage came up by. */
export interface Because {
  /** As it was asked. */
  readonly asked: string;
  /** As the passage has it. */
  readonly met: string;
  /** The word itself, one of the trade that stands for it, or one that is merely used like it. */
  readonly by: 'itself' | 'trade' | 'like';
}

/** A passage as a reader is given it and as a slip shows it. */
export interface FoundPassage {
  readonly sourceId: string;
  readonly source: string;
  /** Physical page it begins on, from 1. */
  readonly page: number;
  readonly label: string | null;
  readonly section: string;
  readonly text: string;
  readonly spans: readonly Span[];
  readonly score: number;
  /** The words of the question that it came up by; passages kept before this was told have none. */
  readonly because?: readonly Because[] | undefined;
}

/** A citation as a reader gives it, before the check. */
export interface DraftCitation {
  readonly sourceId: string | null;
  readonly page: number | null;
  readonly quote: string;
  /** The cell that is meant, when the quote is a row of a table. */
  readonly cell?: CellPlace | undefined;
}

export interface DraftClaim {
  readonly text: string;
  /** The question that it answers, of several asked in one; claims of a single question have none. */
  readonly part?: string | undefined;
  readonly citations: readonly DraftCitation[];
}

/** A figure that a calculation rests on, and where it stands. */
export interface Operand extends Quantity {
  readonly citation: DraftCitation;
}

/** A figure worked out from quoted ones. */
export interface Calculation {
  readonly operation: 'change' | 'difference' | 'sum' | 'ratio';
  /** In the order of the calculation: what it went from first. */
  readonly operands: readonly Operand[];
  readonly result: string;
  /** The calculation, written out. */
  readonly working: string;
}

/** What a reader returns. It never marks its own work. */
export interface ReaderAnswer {
  /** Null when nothing answers the question. */
  readonly headline: string | null;
  /** The headline in lines, where it says several things: the sides of a conflict, the parts of a question, one document after another. */
  readonly lines?: readonly string[];
  readonly claims: readonly DraftClaim[];
  readonly calculations: readonly Calculation[];
  /** Groups of claims, by index, that contradict each other. */
  readonly conflicts: readonly (readonly number[])[];
  /** Parts of the question that nothing answers. */
  readonly missing: readonly string[];
}

export interface ReaderRequest {
  readonly question: string;
  /** Earlier questions of the thread, oldest first. */
  readonly history: readonly string[];
  readonly instructions: string;
  readonly passages: readonly FoundPassage[];
}

/** Composes answers. The built-in reader and connected models both are readers. */
export interface Reader {
  readonly name: string;
  readonly version: string;
  read(request: ReaderRequest, signal?: AbortSignal): Promise<ReaderAnswer>;
}

export interface Claim {
  readonly text: string;
  /** The question that it answers, of several asked in one; claims of a single question have none. */
  readonly part?: string | undefined;
  readonly standing: Standing;
  readonly citations: readonly Citation[];
  /** Its figures, each traced; claims kept before figures were traced have none. */
  readonly figures?: readonly ClaimFigure[] | undefined;
  /** What it says beyond its quotes. */
  readonly uncovered?: readonly Uncovered[] | undefined;
  /** What it said before it was put right by the documents. */
  readonly mendedFrom?: string | undefined;
}

/** Something in a question that can be meant in several ways ("the new vessel", when there are two), told by the documents. */
export interface Reading {
  /** Words of the question. */
  readonly words: string;
  /** What the documents have. */
  readonly told: string;
  /** The document that it is told from, where it is one. */
  readonly sourceId?: string | undefined;
}

/** A standing instruction, and what became of it. */
export interface Steered {
  readonly instruction: string;
  readonly honoured: boolean;
  /** What was done, or why it could not be. */
  readonly how: string;
}

/** An answer whose every citation has been held against the pages. */
export interface Answer {
  readonly found: boolean;
  readonly headline: string | null;
  readonly lines?: readonly string[];
  readonly claims: readonly Claim[];
  readonly calculations: readonly Calculation[];
  readonly conflicts: readonly (readonly number[])[];
  readonly missing: readonly string[];
  /** The ten best passages, in order. */
  readonly passages: readonly FoundPassage[];
  /** What was searched for. */
  readonly searches: readonly string[];
  /** Standing instructions, each with what became of it; answers given without any have none. */
  readonly steered?: readonly Steered[] | undefined;
  /** How else the question can be read, or what it takes for granted that the documents do not say. */
  readonly readings?: readonly Reading[] | undefined;
  readonly reader: { readonly name: string; readonly version: string };
  readonly milliseconds: number;
}

/** A document that is asked: searched, quoted, cited. Its tables are found after its text; until then there are none. */
export type AskedSource = ShelfSource & { readonly sha256: string; readonly tables: readonly Table[] };
