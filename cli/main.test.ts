import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { reviewFileOf } from '../src/core/exchange';
import { nextEvent, type EventKind, type EventPayloads, type LogEvent } from '../src/core/review';
import { addPage, makePdf } from '../tests/support/pdf';
import { run } from '../tests/support/terminal';

const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-cli-'));
const lease = path.join(folder, 'lease.pdf');
const memo = path.join(folder, 'memo.txt');
const broken = path.join(folder, 'broken.pdf');

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

  test('works out a change, tells each part of a question, and what is missing', () => {
    const accounts = path.join(folder, 'Accounts.txt');
    writeFileSync(
      accounts,
      [
        'Income statement (in thousands of crowns)',
        '',
        '                              2025      2024',
        'Revenue                     31,200    28,680',
        'Staff costs                 (9,894)   (9,343)',
        '',
        'The board met nine times in the year.',
      ].join('\n'),
    );
    const asked = 'By how much did revenue rise from 2024 to 2025?';
    const [line] = run('ask', '--sources', accounts, '--question', asked, '--json').lines;
    const [calculation] = line?.['calculations'] as Record<string, unknown>[];
    expect(calculation).toMatchObject({ operation: 'change', result: '2,520 thousand crowns, 8.8 %' });
    expect(calculation?.['operands']).toEqual([
      expect.objectContaining({
        text: '28,680',
        value: 28_680,
        unit: 'crown',
        scale: 1000,
        verdict: 'quoted',
        page: 1,
      }),
      expect.objectContaining({ text: '31,200', value: 31_200, source: 'Accounts.txt' }),
    ]);
    const told = run(
      'ask',
      '--sources',
      accounts,
      '--question',
      `${asked.slice(0, -1)} and who is the captain of the zeppelin?`,
    );
    expect(told.out).toMatch(/worked out: 31,200 − 28,680 = 2,520/);
    expect(told.out).toMatch(/not in these documents: Who is the captain of the zeppelin\?/);
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

describe('summary', () => {
  test('gives each document’s own sentences, each on its page', () => {
    const { code, lines } = run('summary', '--sources', lease, memo, '--sentences', '1', '--json');
    expect(code).toBe(0);
    expect(lines.map((line) => line.source)).toEqual(['lease.pdf', 'memo.txt']);
    const sentences = lines[0]?.sentences as { text: string; citations: { mark: string; source: string }[] }[];
    expect(sentences).toHaveLength(1);
    expect(sentences[0]?.citations[0]).toMatchObject({ mark: 'exact', source: 'lease.pdf' });
    expect(lines[0]?.by).toMatch(/^built-in reader/);
  });

  test('is of what is asked about, and of a sensible length only', () => {
    const { lines } = run('summary', '--sources', lease, '--about', 'notice', '--json');
    expect((lines[0]?.sentences as { text: string }[]).map((one) => one.text)).toEqual([
      'Either party may end the lease by ninety days of notice in writing.',
    ]);
    expect(run('summary', '--sources', lease, '--sentences', '0').code).toBe(2);
  });
});

describe('ask of other readers', () => {
  const question = 'How much is the rent of the berth?';

  test('the stand-in answers in the same form, with what was sent', () => {
    const { code, lines } = run('ask', '--sources', lease, '--question', question, '--reader', 'careful', '--json');
    expect(code).toBe(0);
    const [claim] = lines[0]?.claims as { standing: string; citations: { mark: string; page: number }[] }[];
    expect(claim).toMatchObject({ standing: 'carried', citations: [{ mark: 'exact', page: 1 }] });
    expect(lines[0]?.sent).toMatchObject({ endpoint: 'practice: careful', passages: expect.any(Number) });
  });

  test('a failing one is told for its question, the others are asked', () => {
    const { code, lines, told } = run(
      'ask',
      '--sources',
      lease,
      '--question',
      `${question}\nWho may sublet?`,
      '--reader',
      'failing-429',
      '--json',
    );
    expect(code).toBe(3);
    expect(lines.map((line) => (line.problem as { code: string }).code)).toEqual(['model-busy', 'model-busy']);
    expect(told).toMatch(/takes no more questions just now/);
  });

  test('an unknown one is bad usage, and those that are there are named', () => {
    const { code, told } = run('ask', '--sources', lease, '--question', question, '--reader', 'oracle');
    expect(code).toBe(2);
    expect(told).toMatch(/no reader “oracle” here: choose one of “built-in”, “practice: careful”/);
  });

  test('a follow-up is made whole from its history', () => {
    const file = path.join(folder, 'questions.jsonl');
    writeFileSync(file, JSON.stringify({ id: 'f', question: 'When is it due?', history: [question] }));
    const { lines } = run('ask', '--sources', lease, '--questions', file, '--json');
    expect(lines[0]).toMatchObject({
      question: 'When is it due?',
      completed: 'When is the rent of the berth due?',
      found: true,
    });
  });
});

describe('review', () => {
  function append<K extends EventKind>(log: LogEvent[], actor: string, kind: K, payload: EventPayloads[K]): LogEvent[] {
    return [...log, nextEvent(log, { actor, kind, target: 'f1', payload, now: 1000 })];
  }
  const kept = append([], 'ada', 'finding-kept', { text: 'The rent', note: '', citations: [], question: null });
  const save = (name: string, log: readonly LogEvent[]): string => {
    const file = path.join(folder, name);
    writeFileSync(file, JSON.stringify(reviewFileOf(log, 'Leases', [], 1000)));
    return file;
  };

  test('files make the same review in either order, and nothing more when given twice', () => {
    const one = save('one.json', append(kept, 'ada', 'finding-decided', { decision: 'confirmed', reason: '' }));
    const two = save('two.json', append(kept, 'bo', 'finding-decided', { decision: 'disputed', reason: 'old' }));
    const merged = path.join(folder, 'merged.json');
    const first = run('review', one, two, '--json', '--out', merged);
    expect(first.code).toBe(0);
    expect(first.lines).toEqual([expect.objectContaining({ text: 'The rent', state: 'disputed' })]);
    expect(run('review', two, one, two, '--json').out).toBe(first.out);
    expect(run('review', merged, '--json').out).toBe(first.out);
  });

  test('a file that was tampered with is refused whole', () => {
    const good = save('good.json', kept);
    const bad = path.join(folder, 'bad.json');
    writeFileSync(bad, JSON.stringify(reviewFileOf(kept, 'Leases', [], 1000)).replace('The rent', 'The loan'));
    const { code, told, out } = run('review', good, bad, '--json');
    expect([code, out]).toEqual([3, '']);
    expect(told).toMatch(/was not taken in: event ada:1/);
  });
});
