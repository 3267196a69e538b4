import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import type { Answer } from '../answer';
import type { Citation } from '../quote';
import type { Finding } from '../review';
import { answerToText, findingsToAnnotations, findingsToCsv } from '.';

const CITATION: Citation = {
  sourceId: 'a',
  sourceName: 'Concession, draft "B"',
  sha256: 'c'.repeat(64),
  page: 12,
  label: '9',
  section: 'Part D › 14',
  quote: '=SUM(A1:A9) crowns',
  before: 'sum of ',
  after: ' is due',
  spans: [
    { page: 12, start: 700, end: 718 },
    { page: 13, start: 0, end: 4 },
  ],
  mark: 'exact',
  words: 'exact',
  place: 'cited',
  differences: [],
  matched: '',
};

const FINDING: Finding = {
  id: '8d2f6a8e-0000-4000-8000-000000000001',
  keptAt: Date.UTC(2026, 10, 24, 9, 41),
  keptBy: 'one',
  note: '@risk',
  decisions: [{ by: 'two', decision: 'disputed', reason: '=cheap', at: 5 }],
  comments: [{ id: 'two:2', by: 'two', text: 'see page 9', at: 6 }],
  history: [],
  withdrawn: false,
  content: {
    text: '+1,450 crowns',
    note: '',
    citations: [CITATION, { ...CITATION, mark: 'altered', matched: 'what the page says' }],
    question: 'What, then?',
  },
};

describe('findings as CSV', () => {
  const rows = Papa.parse<Record<string, string>>(findingsToCsv([FINDING], new Map([['two', 'Ada Holm']])), {
    header: true,
    skipEmptyLines: true,
  }).data;

  test('have a row a citation, with document, page, label, mark and fingerprint', () => {
    expect(rows).toHaveLength(2);
    expect(rows[0]).toMatchObject({
      document: 'Concession, draft "B"',
      page: '12',
      label: '9',
      mark: 'exact',
      'file sha-256': 'c'.repeat(64),
      'kept at': '2026-11-24T09:41:00.000Z',
      review: 'disputed',
      'decided by': 'Ada Holm: disputed (=cheap)',
      comments: 'Ada Holm: see page 9',
    });
  });

  test('hold no formulas', () => {
    for (const row of rows) for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=+\-@]/);
    expect(rows[0]?.finding).toContain('1,450 crowns');
  });

  test('of nothing have a head only', () => {
    expect(findingsToCsv([]).trim().split('\r\n')).toHaveLength(1);
  });
});

describe('findings as Web Annotations', () => {
  interface Item {
    readonly id: string;
    readonly body: { purpose: string; value: string }[];
    readonly target: {
      source: string;
      selector: {
        type: string;
        exact?: string;
        prefix?: string;
        value?: string;
        refinedBy?: { start: number; end: number };
      }[];
    }[];
  }
  const collection = JSON.parse(findingsToAnnotations([FINDING, { ...FINDING, content: null }])) as {
    total: number;
    first: { items: Item[] };
  };
  const [item] = collection.first.items;

  test('select quote, page and position', () => {
    const [quote, first, second] = item?.target[0]?.selector ?? [];
    expect(quote).toMatchObject({
      type: 'TextQuoteSelector',
      exact: '=SUM(A1:A9) crowns',
      prefix: 'sum of ',
      suffix: ' is due',
    });
    expect(first).toMatchObject({ type: 'FragmentSelector', value: 'page=12', refinedBy: { start: 700, end: 718 } });
    expect(second?.value).toBe('page=13');
    expect(item?.target[0]?.source).toBe(`urn:sha256:${'c'.repeat(64)}`);
  });

  test('select the page’s own words where the quote differs from them', () => {
    expect(item?.target[1]?.selector[0]?.exact).toBe('what the page says');
  });

  test('carry note and marks, and leave erased findings out', () => {
    expect(item?.body.map((one) => one.value)).toEqual(['+1,450 crowns', '@risk', 'exact', 'altered']);
    expect(collection.total).toBe(1);
  });
});

test('an answer is copied with its citations and marks', () => {
  const answer = {
    headline: '1,450 crowns',
    claims: [{ text: 'The sum is due.', standing: 'carried', citations: [CITATION] }],
    found: true,
    calculations: [],
    missing: [],
  } as unknown as Answer;
  expect(answerToText('What is due?', answer)).toBe(
    'What is due?\n1,450 crowns\n\n“The sum is due.”\n    Concession, draft "B", p. 9 (page 12 of the file), Part D › 14 [exact]',
  );
  const worked = {
    ...answer,
    lines: ['Up by 50 crowns', 'Down by 2 days'],
    calculations: [{ working: '1,450 − 1,400 = 50' }],
    missing: ['Who pays?'],
  } as unknown as Answer;
  expect(answerToText('What is due?', worked).split('\n').slice(1, 5)).toEqual([
    'Up by 50 crowns',
    'Down by 2 days',
    'Worked out: 1,450 − 1,400 = 50',
    'Not in these documents: Who pays?',
  ]);
});
