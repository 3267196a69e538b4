import { FigureShelf, traceFigures, type FiguredSource, type TracedFigure } from '../figure';
import { sectionAt, textOfSpans } from '../search';
import type { Language } from '../text';
import { standsAsCited, type Mark, type Place } from '../quote';
import { uncoveredIn, type Uncovered } from './coverage';

/** A claim's standing towards its own quotes. */
export type Standing = 'carried' | 'goes-further' | 'not-carried';

/** A checked quote that a claim rests on. */
export interface RestsOn {
  readonly mark: Mark;
  readonly quote: string;
  /** Where it stands; null where it stands nowhere. */
  readonly at: Place | null;
}

export interface WeighedClaim {
  readonly standing: Standing;
  readonly uncovered: readonly Uncovered[];
  readonly figures: readonly TracedFigure[];
}

/** What stands over and around a quote: its document, its section, its page. */
function aroundOf(sources: readonly FiguredSource[], { at }: RestsOn): string {
  const source = sources.find((one) => one.id === at?.sourceId);
  const [first] = at?.spans ?? [];
  if (source === undefined || at === null || first === undefined) return '';
  const over = `${source.name.replace(/[-_./]/g, ' ')} ${sectionAt(source, at.spans)}`;
  return `${over}\n${source.page(first.page)?.text ?? ''}`;
}

/** The language that a claim is held against: that of the document it rests on first, else of the first that is asked. */
function languageOf(sources: readonly FiguredSource[], quotes: readonly RestsOn[]): Language {
  const ids = quotes.flatMap(({ at }) => at?.sourceId ?? []);
  return (sources.find((one) => one.id === ids[0]) ?? sources[0])?.segment.language ?? 'und';
}

/** The page's own words at a quote, with the labels, heads and caption of the table rows it is from. */
function stated(sources: readonly FiguredSource[], shelf: FigureShelf, { at, quote }: RestsOn): string {
  const source = sources.find((one) => one.id === at?.sourceId);
  if (source === undefined || at === null) return quote;
  const cells = shelf.at([at]).flatMap(({ cell }) => (cell === null ? [] : [cell]));
  const labels = cells.flatMap(({ row, column }) => [
    ...row.row.path,
    ...(row.table.columns[column]?.path ?? []),
    row.table.caption ?? '',
  ]);
  return [textOfSpans(source, at.spans), ...new Set(labels)].join('\n');
}

/**
 * Weighs a claim against its quotes: not carried unless each stands where it is cited; going further when a figure of it is not quoted and does not come out of
 * quoted ones, or when its words say more than theirs. A claim that is a quote itself is carried.
 */
export function weighClaim(text: string, quotes: readonly RestsOn[], sources: readonly FiguredSource[]): WeighedClaim {
  const stand = quotes.every(standsAsCited);
  const language = languageOf(sources, quotes);
  const shelf = new FigureShelf(sources, language);
  const places = quotes.flatMap(({ at }) => (at === null ? [] : [at]));
  const support = shelf.at(places);
  const figures = traceFigures(text, { language, sense: shelf.sense, support, rivals: shelf.around(places) });
  if (quotes.length === 0 || !stand) return { standing: 'not-carried', uncovered: [], figures };
  if (quotes.some((one) => one.quote === text)) return { standing: 'carried', uncovered: [], figures };
  const uncovered: Uncovered[] = [
    ...figures
      .filter((one) => one.verdict === 'unsupported')
      .map((one): Uncovered => ({ kind: 'figure', said: one.figure.text, stated: one.stated?.quantity.text ?? '' })),
    ...uncoveredIn({
      claim: text,
      quotes: quotes.map((one) => stated(sources, shelf, one)),
      around: quotes.map((one) => aroundOf(sources, one)).join('\n'),
      language,
      sense: shelf.sense,
    }),
  ];
  return { standing: uncovered.length === 0 ? 'carried' : 'goes-further', uncovered, figures };
}
