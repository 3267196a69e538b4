import { beforeAll, describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { read, type Whole } from '../tests/support/pdf';
import { sectionPath } from '../src/core/source';
import { amount, balance, cash, equity, income, tables, type StatementRow } from './figures';
import { leases } from './leases';
import { priorIncome } from './priorYear';
import { breakLines, parseWords } from './typeset/lines';
import { parse } from './typeset/compose';

const value = (rows: readonly StatementRow[], label: string): readonly [number, number] => {
  const row = rows.find((one) => one.label === label);
  if (row === undefined) throw new Error(`No row “${label}”.`);
  return row.values;
};

describe('the accounts of the demo', () => {
  test('agree between the statements', () => {
    expect(value(cash, 'Cash at the end of the year')).toEqual(value(balance, 'Cash'));
    expect(value(equity, 'Equity at the end of the year')).toEqual(value(balance, 'Total equity'));
    expect(value(equity, 'Equity at the beginning of the year')[0]).toBe(value(balance, 'Total equity')[1]);
    expect(value(balance, 'Net assets')).toEqual(value(balance, 'Total equity'));
    expect(value(cash, 'Operating profit')).toEqual(value(income, 'Operating profit'));
    expect(value(cash, 'Cash at the beginning of the year')[0]).toBe(value(cash, 'Cash at the end of the year')[1]);
  });

  test('add up within the income statement', () => {
    for (const year of [0, 1] as const) {
      const costs = income.slice(1, 7).reduce((sum, row) => sum + row.values[year], 0);
      expect(value(income, 'Revenue')[year] + costs).toBe(value(income, 'Operating profit')[year]);
    }
  });

  test('agree with the tables of the notes', () => {
    const totalOf = (name: string): unknown[] => [...(tables[name]?.rows.at(-1) ?? [])].slice(1);
    expect(totalOf('revenue')).toEqual([...value(income, 'Revenue')]);
    expect(totalOf('staff')).toEqual(value(income, 'Staff costs').map((one) => -one));
    expect(totalOf('tax')).toEqual(value(income, 'Tax').map((one) => -one));
    expect(totalOf('depreciation')).toEqual(value(income, 'Depreciation and amortisation').map((one) => -one));
  });

  test('have quarters that make the year', () => {
    for (const row of tables.quarters?.rows ?? []) {
      const [first, second, third, fourth, year] = row.slice(1) as number[];
      expect((first ?? 0) + (second ?? 0) + (third ?? 0) + (fourth ?? 0)).toBe(year);
    }
  });

  test('are printed by the custom of accounts', () => {
    expect([amount(1230), amount(-1230), amount(0)]).toEqual(['1,230', '(1,230)', '–']);
  });
});

describe('the further documents', () => {
  const readOne = (name: string): Promise<Whole> => read(new Uint8Array(readFileSync(`public/demo/${name}.pdf`)));
  const row = (rows: readonly StatementRow[], label: string): number => value(rows, label)[0];

  test('disagree on purpose: the filing for 2024 has the charter income that was restated, with the same profit', () => {
    expect(row(priorIncome, 'Profit for the year')).toBe(value(income, 'Profit for the year')[1]);
    expect(row(priorIncome, 'Operating profit')).toBe(value(income, 'Operating profit')[1]);
    expect(row(priorIncome, 'Revenue') - value(income, 'Revenue')[1]).toBe(230);
  });

  test('have a draft that differs from the agreement where it is meant to', async () => {
    const { pages } = await readOne('Draft concession agreement');
    const text = pages.map((page) => page.text.replace(/\s+/g, ' ')).join(' ');
    expect(text).toContain('one thousand two hundred crowns (1,200)');
    expect(text).toContain('31 March 2029');
    expect(text).not.toContain('2,400,000');
  });

  test('have footnotes joined to their marks, a turned table, and Japanese', async () => {
    const survey = await readOne('Survey of Kittiwake 2025');
    const notes = survey.pages.flatMap((page) => page.notes);
    expect(notes.map((note) => note.mark)).toEqual(['1', '2']);
    expect(notes.every((note) => note.at !== null)).toBe(true);
    expect(survey.pages.some((page) => page.width > page.height)).toBe(true);
    expect((await readOne('Shipyard notice 2025')).pages[0]?.text).toContain('蓄電池は引渡しの日から8年間');
  });

  test('have twelve leases in one form with terms of their own', () => {
    expect(leases).toHaveLength(12);
    for (const field of ['berth', 'rent'] as const) expect(new Set(leases.map((one) => one[field])).size).toBe(12);
  });
});

describe('typesetting', () => {
  const measure = (text: string): number => text.length;

  test('fills lines no wider than they may be, and hyphenates long words', () => {
    const lines = breakLines(
      parseWords('the responsibilities of administrators considerably outweigh everything'),
      20,
      measure,
    );
    for (const line of lines) expect(line.words.map((word) => word.text).join(' ').length).toBeLessThanOrEqual(20);
    expect(lines.some((line) => line.words.at(-1)?.text.endsWith('-'))).toBe(true);
    expect(lines.at(-1)?.last).toBe(true);
    const joined = lines
      .map((line) => line.words.map((word) => word.text).join(' '))
      .join('\n')
      .replace(/-\n/g, '')
      .replace(/\n/g, ' ');
    expect(joined).toBe('the responsibilities of administrators considerably outweigh everything');
  });

  test('knows bold and italic runs', () => {
    expect(parseWords('a *bold run* and _italic_').map((word) => word.face)).toEqual([
      'regular',
      'bold',
      'bold',
      'regular',
      'italic',
    ]);
  });

  test('parses the marks of its texts', () => {
    const kinds = parse('# Part\n## 1 Head\n1.1 Clause\n(a) item\n(ii) sub\n= Term | meaning\n@table x\nPlain.').map(
      (block) => block.kind,
    );
    expect(kinds).toEqual(['part', 'heading', 'clause', 'item', 'subitem', 'definition', 'table', 'paragraph']);
  });
});

describe('the demo documents', () => {
  const whole = new Map<string, Whole>();

  beforeAll(async () => {
    for (const name of ['Concession agreement.pdf', 'Annual filing 2025.pdf', 'Passenger vessel safety regulation.pdf'])
      whole.set(name, await read(new Uint8Array(readFileSync(`public/demo/${name}`))));
  }, 60_000);

  test.each([
    ['Concession agreement.pdf', 30],
    ['Annual filing 2025.pdf', 40],
    ['Passenger vessel safety regulation.pdf', 20],
  ])('%s has %i pages or more, all with text and labels', (name, least) => {
    const pages = whole.get(name)?.pages ?? [];
    expect(pages.length).toBeGreaterThanOrEqual(least);
    expect(pages.every((page) => page.words > 0 && page.label !== null)).toBe(true);
    expect(pages[1]?.label).toMatch(/^[ivx]+$/);
  });

  test('the concession is read with its clauses three levels deep', () => {
    const { pages, sections } = whole.get('Concession agreement.pdf') as Whole;
    const paths = pages.flatMap((page) =>
      page.lines
        .filter((line) => page.text.slice(line.start, line.end).includes('for each Scheduled Sailing not performed'))
        .map((line) => sectionPath(sections, line.section)),
    );
    expect(paths).toEqual(['Part D Performance › 14 Service failures › 14.2 › (b)']);
  });

  test('the filing is read column by column, with its statements row by row', () => {
    const { pages } = whole.get('Annual filing 2025.pdf') as Whole;
    const letter = pages.find((page) => page.text.includes('Dear shareholder'))?.text ?? '';
    expect(letter.indexOf('Weather was less kind')).toBeLessThan(letter.indexOf('Service penalties paid'));
    const statement =
      pages.find((page) => page.text.includes('Income statement') && page.text.includes('Finance costs'))?.text ?? '';
    expect(statement).toContain('Tax 11 (1,125) (799)');
    expect(pages.some((page) => page.width > page.height)).toBe(true);
  });

  test('running heads and folios stay out of the sentences', () => {
    for (const { pages } of whole.values()) {
      const heads = pages
        .slice(4)
        .filter((page) => page.lines.some((line) => line.role === 'head' || line.role === 'folio'));
      expect(heads.length).toBeGreaterThan(0.9 * (pages.length - 4));
    }
  });
});
