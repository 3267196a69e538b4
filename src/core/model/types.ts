import type { Problem } from '../problem';

/** Where a connected model is asked: an address that speaks the chat-completions request. */
export interface Endpoint {
  readonly name: string;
  /** The whole address of the request, or the part before `/chat/completions`. */
  readonly address: string;
  readonly model: string;
  /** Sent as a bearer token; never shown, logged or exported. */
  readonly key: string | null;
}

/** A passage as it is sent. */
export interface SentPassage {
  readonly source: string;
  /** Physical page, from 1. */
  readonly page: number;
  readonly label: string | null;
  readonly section: string;
  readonly text: string;
}

/** Tokens sent at most, unless the analyst sets another budget. */
export const DEFAULT_BUDGET = 6000;

export interface ModelRequest {
  readonly question: string;
  /** Earlier questions of the thread, oldest first. */
  readonly history: readonly string[];
  readonly passages: readonly SentPassage[];
  /** Standing instructions of the dossier; none when left out. */
  readonly instructions?: string | undefined;
  /** Words of the claim or clause that the question is about. */
  readonly about?: string | undefined;
  /** Tokens that may be sent at most; passages beyond it are left out, the last first. */
  readonly budget: number;
}

/** What left the machine for an answer, and what it took. */
export interface Sent {
  readonly endpoint: string;
  readonly model: string;
  readonly passages: number;
  readonly tokensIn: number;
  readonly tokensOut: number;
  /** True when the endpoint did not count tokens and these are our own estimate. */
  readonly estimated: boolean;
  readonly milliseconds: number;
}

export interface ModelCitation {
  readonly source: string;
  /** A physical page or a printed label, as the model gave it. */
  readonly page: number | string | null;
  readonly quote: string;
}

/** What a model said, a piece at a time, as it arrives. */
export type ModelEvent =
  | { readonly kind: 'headline'; readonly text: string }
  | { readonly kind: 'claim'; readonly text: string; readonly citations: readonly ModelCitation[] }
  | { readonly kind: 'missing'; readonly text: string }
  /** It says that it does not know. */
  | { readonly kind: 'unknown' }
  /** Words without a citation: not from the documents. */
  | { readonly kind: 'aside'; readonly text: string }
  | { readonly kind: 'done'; readonly sent: Sent }
  | { readonly kind: 'problem'; readonly problem: Problem };
