import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openShelf, type Shelf } from '../cli/shelf';
import type { AskedSource } from '../src/core/answer';
import { oneLine } from '../src/core/text';
import { makeAgreement, type ClauseQuestion, type ClauseSet } from './madeAgreements';
import { Random } from './random';

/** Makes so many agreements of a set and reads them as the command line does; `ask` is given each with its questions, and what it gives back is gathered. */
export async function withMade<Found>(
  set: ClauseSet,
  count: number,
  seed: number,
  ask: (source: AskedSource, questions: readonly ClauseQuestion[], library: Shelf['library']) => readonly Found[],
): Promise<Found[]> {
  const folder = mkdtempSync(path.join(tmpdir(), 'made-'));
  const random = new Random(seed);
  const made = new Map<string, readonly ClauseQuestion[]>();
  try {
    for (let at = 0; at < count; at += 1) {
      const { text, questions } = makeAgreement(set, random);
      made.set(`${at}.txt`, questions);
      writeFileSync(path.join(folder, `${at}.txt`), text);
    }
    const { library } = await openShelf([folder]);
    return library.sources().flatMap((source) => [...ask(source, made.get(path.basename(source.name)) ?? [], library)]);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** True where a quote is of a clause, or holds it. */
export function isOfClause(quote: string, clause: string): boolean {
  const plain = oneLine(quote);
  return clause.includes(plain) || plain.includes(clause);
}
