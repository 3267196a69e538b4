import { splitSentences } from '../text';
import { saidFrom } from './attach';
import { proofQuote, type ProofShelf } from './proofQuote';
import { findQuotations } from './quotations';
import { findReferences, namesToFind } from './references';
import { tablesSaid } from './tableFigures';
import { blanked, Tracer, wordsSaid, type Stretch } from './tracer';
import type { ProofFigure, ProofItem, ProofQuote, ProofResult } from './types';

const PARAGRAPH = /\n\s*\n|\n(?=\s*(?:[-*•–]\s|\(?\d{1,2}[.)]\s|#|>|\|))/g;

/** The sentences of a text, paragraph by paragraph; items of a list and rows of a table are paragraphs of their own. */
function stretches(text: string): Stretch[] {
  const found: Stretch[] = [];
  let from = 0;
  const take = (to: number): void => {
    for (const { start, end } of splitSentences(text.slice(from, to))) found.push({ start: from + start, end: from + end, paragraph: from }); // prettier-ignore
  };
  for (const match of text.matchAll(PARAGRAPH)) {
    take(match.index);
    from = match.index + match[0].length;
  }
  take(text.length);
  return found;
}

/** What a proof needs besides the text. */
export interface ProofOptions {
  readonly shelf: ProofShelf;
  /** Told after each quotation and sentence: how many of how many are done. */
  readonly onProgress?: (done: number, total: number) => void;
}

/** Works through a text step by step, so that whoever runs it can stop, or let others have their turn. */
export function* proofSteps(text: string, { shelf, onProgress }: ProofOptions): Generator<void, ProofResult> {
  const { sources } = shelf;
  const references = findReferences(text, namesToFind(sources));
  const quotations = findQuotations(text).filter(
    (one) => !references.some((ref) => ref.start <= one.start && one.end <= ref.end),
  );
  const tables = tablesSaid(text);
  const sentences = stretches(blanked(text, tables));
  const total = quotations.length + sentences.length + tables.length;
  let done = 0;
  const step = (): void => onProgress?.((done += 1), total);
  const quotes: ProofQuote[] = [];
  for (const [at, quotation] of quotations.entries()) {
    const said = saidFrom(text, quotation.start, quotation.end, references, quotations[at - 1]?.end ?? 0, quotations[at + 1]?.start ?? text.length); // prettier-ignore
    const proofed = proofQuote(shelf, quotation, said, wordsSaid(text, said, references));
    if (proofed !== null) quotes.push(proofed);
    step();
    yield;
  }
  const figures: ProofFigure[] = [];
  const tracer = new Tracer(text, shelf.sources, references, quotations, quotes);
  for (const sentence of sentences) {
    figures.push(...tracer.trace(sentence));
    step();
    yield;
  }
  for (const table of tables) {
    figures.push(...tracer.traceTable(table));
    step();
    yield;
  }
  const items: ProofItem[] = [...quotes, ...figures].sort((a, b) => a.start - b.start);
  return { items, against: sources.map(({ id, name, sha256 }) => ({ sourceId: id, name, sha256 })) };
}

/** Holds a text's quotations and figures against the shelf in one go; see `proofSteps`. */
export function proof(text: string, options: ProofOptions): ProofResult {
  const steps = proofSteps(text, options);
  for (;;) {
    const next = steps.next();
    if (next.done === true) return next.value;
  }
}
