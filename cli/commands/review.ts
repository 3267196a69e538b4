import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { reviewFileOf, type ReviewDocument, type ReviewFile } from '../../src/core/exchange';
import { parseReview } from '../../src/core/exchange/incoming';
import type { Library } from '../../src/core/library';
import { problem, ProblemError } from '../../src/core/problem';
import type { Citation } from '../../src/core/quote';
import { foldReview, mergeLogs, reviewState, type Finding, type LogEvent } from '../../src/core/review';
import { asCite, placeInWords } from '../cite';
import { openShelf } from '../shelf';
import { EXIT, print } from '../terminal';

export interface ReviewOptions {
  readonly sources?: readonly string[];
  readonly out?: string;
  readonly json: boolean;
}

function readReview(file: string): ReviewFile {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (caught) {
    const reason = caught instanceof Error ? ((caught as NodeJS.ErrnoException).code ?? caught.message) : 'unknown';
    throw new ProblemError(problem('file-unreadable', { file: path.basename(file), reason }));
  }
  return parseReview(text, Date.now());
}

/** A citation with what the check says of it in one's own copies; "here" is null when the document is not among them. */
function citeWith(library: Library | null, citation: Citation): Record<string, unknown> {
  if (library === null) return asCite(citation);
  const source = library.sources().find((one) => one.sha256 === citation.sha256);
  const check =
    source === undefined
      ? null
      : library.quotes.check({ quote: citation.quote, sourceId: source.id, page: citation.page });
  return { ...asCite(citation), here: check?.mark ?? null };
}

function asJson(finding: Finding, names: ReadonlyMap<string, string>, library: Library | null): string {
  const named = (by: string): string => names.get(by) ?? by;
  return JSON.stringify({
    finding: finding.id,
    text: finding.content?.text ?? null,
    question: finding.content?.question ?? null,
    note: finding.note,
    state: reviewState(finding),
    withdrawn: finding.withdrawn,
    decisions: finding.decisions.map(({ by, decision, reason, at }) => ({ by: named(by), decision, reason, at })),
    comments: finding.comments.map(({ by, text, at }) => ({ by: named(by), text, at })),
    citations: (finding.content?.citations ?? []).map((citation) => citeWith(library, citation)),
  });
}

function asText(finding: Finding, names: ReadonlyMap<string, string>): string {
  const decided = finding.decisions.map(
    ({ by, decision, reason }) => `    ${names.get(by) ?? by}: ${decision}${reason === '' ? '' : ` (${reason})`}`,
  );
  const places = (finding.content?.citations ?? []).map((citation) => `    ${placeInWords(citation)}`);
  return [`${reviewState(finding)}: ${finding.content?.text ?? '(erased)'}`, ...places, ...decided].join('\n');
}

/** `review`: the review that files make together, whatever their order. Gives the exit code. */
export async function reviewCommand(files: readonly string[], options: ReviewOptions): Promise<number> {
  const reviews = files.map(readReview);
  const log = reviews.reduce<readonly LogEvent[]>((merged, review) => mergeLogs(merged, review.events), []);
  const { findings, withdrawn, names } = foldReview(log);
  const shelf = options.sources === undefined ? null : await openShelf(options.sources);
  for (const finding of [...findings, ...withdrawn])
    print(options.json ? asJson(finding, names, shelf?.library ?? null) : asText(finding, names));
  if (options.out !== undefined) {
    const documents = new Map<string, ReviewDocument>();
    for (const one of reviews.flatMap((review) => review.documents))
      if (!documents.has(one.sha256)) documents.set(one.sha256, one);
    const merged = reviewFileOf(log, reviews[0]?.dossier ?? '', [...documents.values()], Date.now());
    writeFileSync(options.out, JSON.stringify(merged, null, 1));
  }
  return shelf?.incomplete === true ? EXIT.unreadable : EXIT.done;
}
