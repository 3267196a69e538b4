import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { readFiles, wholeFile, type FileRead } from '../cli/reading';
import { sectionPath } from '../src/core/source';
import { madeContract } from './madeContracts';
import { Random } from './random';

export interface SectionTrial {
  readonly clauses: number;
  readonly right: number;
  readonly misses: readonly string[];
}

/** As many outer sections as a path shows. */
const SHOWN = 4;
const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}§]/gu, '');

/** True when the parts of a path that was read bear the true labels, all of them in order and no more. */
function agrees(read: string, truth: readonly string[]): boolean {
  const parts = read.split(' › ');
  const wanted = truth.slice(-SHOWN);
  // Above the clauses a document may have a title.
  const own = parts.slice(-wanted.length);
  const rest = parts.length - own.length;
  if (own.length < wanted.length || rest > 1) return false;
  return wanted.every((label, at) => {
    const part = own[at] ?? '';
    const [first = ''] = part.split(/\s+(?=[\p{Lu}“])/u);
    return (
      plain(part) === plain(label) ||
      plain(first) === plain(label) ||
      (plain(part).startsWith(`${plain(label)}`) && !/^\d/.test(plain(part).slice(plain(label).length)))
    );
  });
}

function pathOf(read: FileRead, words: string): string | null {
  const sections = read.sections.flat();
  for (const page of read.pages)
    for (const line of page.lines)
      if (page.text.slice(line.start, line.end).includes(words)) return sectionPath(sections, line.section);
  return null;
}

/** Makes so many contracts, reads them as the command line does, and counts the clauses whose path of sections came out right. */
export async function runSectionTrials(count: number, seed: number): Promise<SectionTrial> {
  const folder = mkdtempSync(path.join(tmpdir(), 'sections-'));
  let [clauses, right] = [0, 0];
  const misses: string[] = [];
  for (let at = 0; at < count; at += 1) {
    const made = await madeContract(new Random(seed * 1000 + at));
    const file = path.join(folder, `contract ${at}.pdf`);
    writeFileSync(file, made.bytes);
    for await (const result of readFiles([{ path: file, name: 'contract.pdf' }], wholeFile)) {
      if ('problem' in result)
        throw new Error(`A contract made for the trial could not be read: ${result.problem.code}`);
      for (const clause of made.clauses) {
        const found = pathOf(result.read, clause.words);
        clauses += 1;
        if (found !== null && agrees(found, clause.path)) right += 1;
        else misses.push(`${at} ${made.style}: ${clause.path.join(' › ')} read as ${found ?? 'nothing'}`);
      }
    }
  }
  rmSync(folder, { recursive: true });
  return { clauses, right, misses };
}
