import { keyFiguresOf, summarise, type KeyFigure, type Summary, type SummaryLength } from '../../src/core/summary';
import { openShelf } from '../shelf';
import { EXIT, print } from '../terminal';
import { asCite, placeInWords } from '../cite';

export interface SummaryCommandOptions {
  readonly sources: readonly string[];
  readonly length: SummaryLength;
  readonly about: string;
  readonly json: boolean;
}

function asJson(source: string, summary: Summary, figures: readonly KeyFigure[]): string {
  return JSON.stringify({
    source,
    sentences: summary.sentences.map(({ text, citations }) => ({ text, citations: citations.map(asCite) })),
    figures: figures.map((figure) => ({ ...figure, citation: asCite(figure.citation) })),
    by: `${summary.by.name} ${summary.by.version}`,
    ms: summary.milliseconds,
  });
}

function asText(source: string, { sentences }: Summary, figures: readonly KeyFigure[]): string {
  const told = figures.map(({ label, head, value, measure, citation }) => `  ${[label, head].filter((part) => part !== '').join(', ')}: ${`${value} ${measure}`.trim()}  ${placeInWords(citation)}`); // prettier-ignore
  if (sentences.length === 0) return [source, '  No sentence of it can stand in a summary.', ...told, ''].join('\n');
  const lines = sentences.flatMap(({ text, citations }) => [
    `  ${text}`,
    ...citations.map((one) => `    ${placeInWords(one)}`),
  ]);
  return [source, ...lines, ...told, ''].join('\n');
}

/** `summary`: each document's summary, its sentences checked. Gives the exit code. */
export async function summaryCommand(options: SummaryCommandOptions): Promise<number> {
  const { library, incomplete } = await openShelf(options.sources);
  const { length, about } = options;
  for (const source of library.sources()) {
    const summary = summarise([source], library.quotes, { length, about, now: () => performance.now() });
    const figures = keyFiguresOf(source, library.quotes);
    print(options.json ? asJson(source.name, summary, figures) : asText(source.name, summary, figures));
  }
  return incomplete ? EXIT.unreadable : EXIT.done;
}
