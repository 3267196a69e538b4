import { DEFAULT_SENTENCES, summarise, type Summary } from '../../src/core/summary';
import { openShelf } from '../shelf';
import { EXIT, print } from '../terminal';
import { asCite, placeInWords } from '../cite';

export interface SummaryCommandOptions {
  readonly sources: readonly string[];
  readonly sentences: number;
  readonly about: string;
  readonly json: boolean;
}

function asJson(source: string, summary: Summary): string {
  return JSON.stringify({
    source,
    sentences: summary.sentences.map(({ text, citations }) => ({ text, citations: citations.map(asCite) })),
    by: `${summary.by.name} ${summary.by.version}`,
    ms: summary.milliseconds,
  });
}

function asText(source: string, { sentences }: Summary): string {
  if (sentences.length === 0) return `${source}\n  No sentence of it can stand in a summary.\n`;
  const lines = sentences.flatMap(({ text, citations }) => [
    `  ${text}`,
    ...citations.map((one) => `    ${placeInWords(one)}`),
  ]);
  return [source, ...lines, ''].join('\n');
}

export { DEFAULT_SENTENCES };

/** `summary`: each document's summary, its sentences checked. Gives the exit code. */
export async function summaryCommand(options: SummaryCommandOptions): Promise<number> {
  const { library, incomplete } = await openShelf(options.sources);
  const { sentences, about } = options;
  for (const source of library.sources()) {
    const summary = summarise([source], library.quotes, { sentences, about, now: () => performance.now() });
    print(options.json ? asJson(source.name, summary) : asText(source.name, summary));
  }
  return incomplete ? EXIT.unreadable : EXIT.done;
}
