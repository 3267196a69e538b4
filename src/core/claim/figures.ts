import { FigureShelf, sayTraced, type Fault, type FigureKind, type FiguredSource, type TracedFigure } from '../figure';
import type { Place } from '../quote';

/** A figure of a claim as it is kept with it: what it says and how it was traced. */
export interface ClaimFigure {
  /** As the claim writes it. */
  readonly text: string;
  readonly kind: FigureKind;
  /** A number as printed, without its scale; a date in the form of ISO 8601. */
  readonly value: string;
  readonly unit: string | null;
  readonly scale: number;
  readonly verdict: TracedFigure['verdict'];
  readonly fault: Fault | null;
  /** What states it, its calculation, or what is wrong with it, in a sentence. */
  readonly how: string;
  /** Where it is stated, or what is stated instead: document and physical page from 1; null where nothing is. */
  readonly sourceId: string | null;
  readonly page: number | null;
}

/** A traced figure in the form that is kept. */
export function claimFigure(traced: TracedFigure): ClaimFigure {
  const { figure, verdict, fault, stated } = traced;
  const { text, kind, value, unit, scale } = figure;
  const how = sayTraced(traced);
  return { text, kind, value, unit, scale, verdict, fault, how, sourceId: stated?.sourceId ?? null, page: stated?.page ?? null }; // prettier-ignore
}

/** The figures of words that are a quote themselves: what the page states there, cells with the unit and scale of their table. */
export function figuresOfQuotes(places: readonly Place[], sources: readonly FiguredSource[]): ClaimFigure[] {
  const shelf = new FigureShelf(sources, sources[0]?.segment.language ?? 'und');
  return shelf.at(places).map(({ quantity, kind, how, sourceId, page }) => {
    const { text, value, unit, scale } = quantity;
    return { text, kind, value, unit, scale, verdict: 'quoted', fault: null, how, sourceId, page };
  });
}
