import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { addPage, makePdf } from '../tests/support/pdf';

const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-cli-'));
const lease = path.join(folder, 'lease.pdf');
const memo = path.join(folder, 'memo.txt');
const broken = path.join(folder, 'broken.pdf');

interface Run {
  readonly code: number | null;
  readonly lines: readonly Record<string, unknown>[];
  readonly out: string;
  readonly told: string;
}

function run(...args: readonly string[]): Run {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['bin/marked-page.mjs', ...args], {
    encoding: 'utf8',
  });
  const lines = stdout.split('\n').filter((line) => line.startsWith('{'));
  return {
    code: status,
    lines: lines.map((line) => JSON.parse(line) as Record<string, unknown>),
    out: stdout,
    told: stderr,
  };
}

function quotes(records: readonly Record<string, unknown>[]): string {
  const file = path.join(folder, 'quotes.jsonl');
  writeFileSync(file, records.map((record) => JSON.stringify(record)).join('\n'));
  return file;
}

beforeAll(async () => {
  const lines = [
    '1 Rent',
    '1.1 The rent of the berth is 3,200 crowns a year and is due on 1 May.',
    '1.2 The tenant shall not sublet the berth to any other person.',
  ];
  const bytes = await makePdf((doc) => {
    addPage(
      doc,
      lines.map((text, at) => ({ text, y: 100 + 20 * at, bold: at === 0 })),
    );
    addPage(doc, [
      { text: '2 Ending', y: 100, bold: true },
      { text: '2.1 Either party may end the lease by ninety days of notice in writing.', y: 120 },
    ]);
  });
  writeFileSync(lease, bytes);
  writeFileSync(memo, 'The first page of the memo.\fThe second page tells of 14 boats.');
  writeFileSync(broken, '%PDF-1.4\nbroken');
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('read', () => {
  test('tells pages, labels, lines with their sections', () => {
    const { code, lines } = run('read', lease, memo, '--json');
    expect(code).toBe(0);
    expect(lines.map((line) => [line.source, line.kind, (line.pages as unknown[]).length])).toEqual([
      ['lease.pdf', 'pdf', 2],
      ['memo.txt', 'text', 2],
    ]);
    const [page] = (lines[0]?.pages ?? []) as { page: number; lines: { text: string; section: string }[] }[];
    expect(page?.lines.at(-1)).toEqual({
      text: '1.2 The tenant shall not sublet the berth to any other person.',
      section: '1 Rent › 1.2',
    });
  });

  test('names a broken file, reads the others, and ends with 3', () => {
    const { code, lines, told } = run('read', broken, memo, '--json');
    expect(code).toBe(3);
    expect(told).toMatch(/“broken\.pdf” is damaged/);
    expect(lines.map((line) => line.source)).toEqual(['memo.txt']);
  });

  test('prints a tally for people', () => {
    expect(run('read', lease).out).toMatch(/lease\.pdf: 2 pages, \d+ words/);
  });
});

describe('ask', () => {
  test('answers with checked citations and ten passages at most, one line a question', () => {
    const { code, lines } = run(
      'ask',
      '--sources',
      lease,
      memo,
      '--question',
      'How much is the rent of the berth? May the tenant sublet?',
      '--json',
    );
    expect(code).toBe(0);
    expect(lines).toHaveLength(2);
    expect(lines[0]).toMatchObject({ id: '1', found: true, answer: '3,200 crowns' });
    const [claim] = lines[0]?.claims as { standing: string; citations: Record<string, unknown>[] }[];
    expect(claim).toMatchObject({ standing: 'carried' });
    expect(claim?.citations[0]).toMatchObject({
      source: 'lease.pdf',
      page: 1,
      mark: 'exact',
      words: 'exact',
      place: 'cited',
    });
    expect(lines[1]?.answer).toMatch(/^No/);
  });

  test('asks only the documents a record names, in input order', () => {
    const file = path.join(folder, 'ask.jsonl');
    writeFileSync(
      file,
      '{"id":"b","question":"How many boats are there?","docs":["memo.txt"]}\n{"id":"a","question":"How many boats are there?","docs":["lease.pdf"]}',
    );
    const { lines } = run('ask', '--sources', lease, memo, '--questions', file, '--json');
    expect(lines.map((line) => [line.id, line.found])).toEqual([
      ['b', true],
      ['a', false],
    ]);
  });

  test('refuses wrong usage with 2 and a sentence', () => {
    expect(run('ask', '--sources', lease)).toMatchObject({ code: 2 });
    expect(run('ask', '--sources', lease, '--question', 'x', '--reader', 'crystal ball').told).toMatch(
      /no reader “crystal ball”/,
    );
    expect(run('sing')).toMatchObject({ code: 2 });
  });
});

describe('check', () => {
  test('marks each quote and ends with 1 when one does not stand', () => {
    const file = quotes([
      { id: 'good', source: 'lease.pdf', page: 1, quote: 'The tenant shall not sublet the berth' },
      { id: 'moved', source: 'lease.pdf', page: 1, quote: 'may end the lease by ninety days of notice' },
      { id: 'figure', source: 'lease.pdf', page: 1, quote: 'The rent of the berth is 3,500 crowns a year' },
      { id: 'none', source: 'memo.txt', quote: 'The lighthouse was painted green in the autumn of that year' },
    ]);
    const { code, lines } = run('check', '--sources', lease, memo, '--quotes', file, '--json');
    expect(code).toBe(1);
    expect(lines.map((line) => [line.id, line.mark, line.page])).toEqual([
      ['good', 'exact', 1],
      ['moved', 'elsewhere', 2],
      ['figure', 'altered', 1],
      ['none', 'absent', null],
    ]);
    expect(lines[2]?.differences).toEqual([{ kind: 'figure', expected: '3,200', found: '3,500', grave: true }]);
  });

  test('gives a claim its standing by its citations', () => {
    const citation = { source: 'lease.pdf', page: 1, quote: 'The tenant shall not sublet the berth' };
    const file = quotes([
      { id: 'c', claim: 'Subletting is forbidden.', citations: [citation] },
      {
        id: 'd',
        claim: 'Subletting is allowed.',
        citations: [citation, { ...citation, quote: 'The tenant shall sublet the berth to any other person' }],
      },
    ]);
    const { code, lines } = run('check', '--sources', lease, '--quotes', file, '--json');
    expect(code).toBe(1);
    expect(lines.map((line) => line.standing)).toEqual(['carried', 'not-carried']);
    expect((lines[1]?.citations as { mark: string }[]).map((one) => one.mark)).toEqual(['exact', 'altered']);
  });

  test('ends with 0 when all stand, and tells a document that is not there', () => {
    const { code, told } = run(
      'check',
      '--sources',
      lease,
      '--quotes',
      quotes([{ id: 'q', source: 'other.pdf', quote: 'The rent of the berth is 3,200 crowns' }]),
      '--json',
    );
    expect(told).toMatch(/names “other\.pdf”/);
    expect([0, 1]).toContain(code);
    expect(
      run('check', '--sources', lease, '--quotes', quotes([{ quote: 'The rent of the berth is 3,200 crowns' }])).code,
    ).toBe(0);
  });

  test('ends with 3 when sources cannot be found', () => {
    expect(run('check', '--sources', path.join(folder, 'gone'), '--quotes', quotes([{ quote: 'x' }])).code).toBe(3);
  });
});
