import { describe, expect, test } from '@jest/globals';
import { sectionPath } from '../types';
import { SectionBuilder } from './headings';
import type { HeadingCandidate } from './openSections';

const line = (text: string, more: Partial<HeadingCandidate> = {}): HeadingCandidate => ({
  text,
  page: 1,
  start: 0,
  left: null,
  size: 10,
  distinct: false,
  opens: true,
  alone: true,
  ...more,
});

/** Offers lines in order and gives the section path each stands under. */
function paths(...lines: readonly HeadingCandidate[]): string[] {
  const builder = new SectionBuilder(10);
  return lines.map((one) => sectionPath(builder.sections, builder.offer(one).section));
}

describe('a numbered line in running type', () => {
  test.each([
    '5.3 The Operator shall keep ten per cent of the seats of each',
    '1.3 If a Schedule and a clause differ, the clause prevails, save that',
    '2 A Class A vessel shall not sail when the mean wind speed exceeds',
  ])('“%s” is a clause, not its title', (text) => {
    const builder = new SectionBuilder(10);
    for (const parent of ['1 Purpose', '1.1 Terms', '1.2 Words', '5 Seats', '5.1 Sale', '5.2 Price']) {
      if (parent < text) builder.offer(line(parent, { distinct: true }));
    }
    expect(builder.offer(line(text)).heading).toBe(false);
    expect(builder.sections.at(-1)?.title).toBe('');
  });

  test('is a sentence where it tells a figure and ends in a full stop', () => {
    const builder = new SectionBuilder(10);
    expect(builder.offer(line('1. Das Haus hat 18 Betten.')).heading).toBe(false);
  });

  test('is its title when short, or a question', () => {
    const builder = new SectionBuilder(10);
    expect(builder.offer(line('1 Who may apply')).heading).toBe(true);
    expect(builder.offer(line('2 Can I install several versions of a package beside one another?')).heading).toBe(true);
  });
});

describe('the first clause of a part whose title was not read', () => {
  test('opens beside the part before it', () => {
    const clauses = [
      '1 Purpose',
      '1.1 The Lender lends the sum of',
      '1.6 The sum is paid by',
      '2.1 The Borrower shall pay interest at',
    ];
    expect(paths(...clauses.map((one) => line(one))).at(-1)).toBe('2.1');
  });

  test('is none where it skips parts, or is not the first', () => {
    const opened = ['1 Purpose', '1.6 The sum is paid by'].map((one) => line(one));
    expect(paths(...opened, line('7.1 The Borrower pays interest at')).at(-1)).toBe('1 Purpose › 1.6');
    expect(paths(...opened, line('2.4 The Borrower pays interest at')).at(-1)).toBe('1 Purpose › 1.6');
  });
});

describe('a list of plain numbers within a clause', () => {
  const list = (text: string): HeadingCandidate => line(text, { left: 90, alone: false });
  const clause = (text: string): HeadingCandidate => line(text, { left: 60 });

  test('stands in it, and the next clause beside it', () => {
    expect(
      paths(
        clause('1. The Members'),
        clause('1.1. Powers'),
        list('1. They may appoint a chair of their own choosing.'),
        list('2. They may recall the chair at any time.'),
        clause('1.2. Procedure'),
        list('1. Votes are taken by the secretary of the society.'),
        clause('2. The Chair'),
      ),
    ).toEqual([
      '1 The Members',
      '1 The Members › 1.1 Powers',
      '1 The Members › 1.1 Powers › 1',
      '1 The Members › 1.1 Powers › 2',
      '1 The Members › 1.2 Procedure',
      '1 The Members › 1.2 Procedure › 1',
      '2 The Chair',
    ]);
  });

  test('with text behind it on its line is no heading', () => {
    const builder = new SectionBuilder(10);
    builder.offer(line('3. Miete. Sie beträgt 90 Kronen im Monat und', { alone: false }));
    const clause = line('4. Nebenkosten. Wasser und Müllabfuhr trägt die Pächterin; die', { distinct: true });
    expect(builder.offer(clause).heading).toBe(false);
    expect(builder.offer(line('5. Allgemeine Pflichten', { distinct: true })).heading).toBe(true);
  });

  test('a short sentence in it is no title, unless its words begin with capitals', () => {
    const builder = new SectionBuilder(10);
    builder.offer(clause('1. Term'));
    expect(builder.offer(line('1. The chair serves for one year from election.', { left: 90 })).heading).toBe(false);
    expect(builder.offer(clause('2. Acceptance Not Required for Having Copies.')).heading).toBe(true);
  });
});

describe('the tree of sections', () => {
  test('nests clauses three levels deep', () => {
    expect(
      paths(
        line('Part C Money', { size: 16, distinct: true }),
        line('14 Service failures', { distinct: true }),
        line('14.1 The Operator shall run every sailing.', { alone: false }),
        line('14.2 The Operator shall pay:', { alone: false }),
        line('(a) for each departure reported late, two hundred crowns;', { alone: false }),
        line('(b) for each sailing not performed, the sum stated; and', { alone: false }),
        line('15 Inspection', { distinct: true }),
      ),
    ).toEqual([
      'Part C Money',
      'Part C Money › 14 Service failures',
      'Part C Money › 14 Service failures › 14.1',
      'Part C Money › 14 Service failures › 14.2',
      'Part C Money › 14 Service failures › 14.2 › (a)',
      'Part C Money › 14 Service failures › 14.2 › (b)',
      'Part C Money › 15 Inspection',
    ]);
  });

  test('takes in titles that begin small, set apart and numbered in parts', () => {
    const found = paths(
      line('8.5.16. keep-lights', { distinct: true }),
      line('Leaves the lights on.', { alone: false }),
      line('8.5.17. hostname', { distinct: true }),
      line('8.6. more of it'),
    );
    expect(found.slice(2)).toEqual(['8.5.17 hostname', '8.5.17 hostname']);
  });

  test('is not opened by what stands below a label, nor by whom something is from', () => {
    const found = paths(
      line('Settings', { size: 14 }),
      line('Default value:'),
      line('Unset', { distinct: true }),
      line('Reported by Ilse Brandt', { distinct: true }),
    );
    expect(new Set(found)).toEqual(new Set(['Settings']));
  });

  test('does not take a wrapped number in mid-sentence for a clause', () => {
    const found = paths(
      line('3 Term', { distinct: true }),
      line('3.1 This Agreement continues for', { alone: false }),
      line('14 Days of notice are given to the other party', { opens: false, alone: false }),
    );
    expect(found[2]).toBe('3 Term › 3.1');
  });

  test('does not take a number that follows nothing for a clause', () => {
    const found = paths(
      line('1 Scope', { distinct: true }),
      line('47 Boats lay in the harbour on that day.', { alone: false }),
    );
    expect(found[1]).toBe('1 Scope');
  });

  test('trusts the outline before type and numbers', () => {
    const builder = new SectionBuilder(10, [
      { title: 'Two plain words', level: 0, page: 1 },
      { title: 'Below them', level: 1, page: 1 },
    ]);
    builder.offer(line('Two plain words', { opens: false }));
    const { section, heading } = builder.offer(line('Below them', { opens: false }));
    expect(heading).toBe(true);
    expect(sectionPath(builder.sections, section)).toBe('Two plain words › Below them');
  });

  test('takes large or bold lines of their own for headings, and sentences not', () => {
    const builder = new SectionBuilder(10);
    expect(builder.offer(line('Directors and governance', { size: 15, distinct: true })).heading).toBe(true);
    expect(
      builder.offer(line('The board has seven members, of whom two are executive directors.', { distinct: true }))
        .heading,
    ).toBe(false);
  });

  const bold = { distinct: true } as const;

  test('titles a number that stands alone by the line below it', () => {
    expect(
      paths(
        line('ARTICLE I', bold),
        line('DEFINITIONS', bold),
        line('Section 1.01 Terms. The Buyer shall pay.'),
        line('ARTICLE II', bold),
      ),
    ).toEqual(['ARTICLE I', 'ARTICLE I DEFINITIONS', 'ARTICLE I DEFINITIONS › Section 1.01 Terms', 'ARTICLE II']);
  });

  test('nests brackets by what they follow: (i) is a letter only behind (h)', () => {
    const found = paths(
      line('1 Scope', bold),
      ...['(a) one', '(b) two', '(i) roman', '(ii) roman', '(1) digit', '(iii) roman', '(c) three'].map((text) =>
        line(text),
      ),
    );
    expect(found.slice(1)).toEqual(
      ['(a)', '(b)', '(b) › (i)', '(b) › (ii)', '(b) › (ii) › (1)', '(b) › (iii)', '(c)'].map(
        (path) => `1 Scope › ${path}`,
      ),
    );
    expect(paths(line('1 Scope', bold), line('(g) x'), line('(h) x'), line('(i) x')).at(-1)).toBe('1 Scope › (i)');
  });

  test('has articles in sections, and sections in articles, as the document has them', () => {
    const regulation = ['CHAPTER I', 'Section 1', 'Article 1', 'Article 2', 'Section 2', 'Article 3'].map((text) =>
      line(text, bold),
    );
    expect(paths(...regulation).at(-1)).toBe('CHAPTER I › Section 2 › Article 3');
    const contract = ['ARTICLE I', 'Section 1.01 Terms. All terms.', 'Section 1.02 Use. All use.'].map((text) =>
      line(text, bold),
    );
    expect(paths(...contract).at(-1)).toBe('ARTICLE I › Section 1.02 Use');
  });

  test('puts roman numerals over letters over figures, and letters under figures where those came first', () => {
    const report = [
      'I. FINDINGS',
      'A. Hull',
      '1. The plating is sound.',
      'B. Engines',
      '1. One is worn.',
      'II. ADVICE',
    ];
    expect(paths(...report.map((text) => line(text)))).toEqual([
      'I FINDINGS',
      'I FINDINGS › A Hull',
      'I FINDINGS › A Hull › 1',
      'I FINDINGS › B Engines',
      'I FINDINGS › B Engines › 1',
      'II ADVICE',
    ]);
    expect(paths(line('1 Scope', bold), line('A. Hull', bold), line('B. Engines', bold), line('2 Cost', bold))).toEqual(
      ['1 Scope', '1 Scope › A Hull', '1 Scope › B Engines', '2 Cost'],
    );
  });

  test('has a letter I behind H, and a numeral elsewhere', () => {
    expect(paths(line('H. Hull', bold), line('I. Ice', bold), line('J. Jetties', bold))).toEqual([
      'H Hull',
      'I Ice',
      'J Jetties',
    ]);
    expect(paths(line('I. Ice', bold), line('A. Thickness', bold)).at(-1)).toBe('I Ice › A Thickness');
  });

  test('knows short forms, and words that only speak of an article', () => {
    expect(paths(line('Art. 4. Dues. Each berth pays.'))).toEqual(['Art. 4 Dues']);
    expect(paths(line('Sec. 5. Fines. None is due.'))).toEqual(['Sec. 5 Fines']);
    expect(paths(line('Article 3 Dues', bold), line('article 12 of the ordinance.')).at(-1)).toBe('Article 3 Dues');
  });

  test('puts nothing under the title of the whole, nor under a table’s caption', () => {
    const found = paths(
      line('SUPPLY AGREEMENT', { size: 18, distinct: true }),
      line('1 Scope', bold),
      line('Table 3: Dues', bold),
      line('1.1 The Buyer shall pay.'),
    );
    expect(found).toEqual(['SUPPLY AGREEMENT', '1 Scope', '1 Scope', '1 Scope › 1.1']);
  });

  test('has what smaller type opens within a numbered heading, until the next of its own size', () => {
    const found = paths(
      line('Chapter 2 Basics', { size: 16, distinct: true }),
      line('Table of Contents', bold),
      line('2.1 Accounts'),
      line('2.1 Accounts', { size: 14, distinct: true }),
      line('2.1.1 Kinds', { size: 12, distinct: true }),
      line('Warning', bold),
      line('2.1.2 Sums', { size: 12, distinct: true }),
    );
    expect(found.slice(2)).toEqual([
      'Chapter 2 Basics › Table of Contents › 2.1 Accounts',
      'Chapter 2 Basics › 2.1 Accounts',
      'Chapter 2 Basics › 2.1 Accounts › 2.1.1 Kinds',
      'Chapter 2 Basics › 2.1 Accounts › 2.1.1 Kinds › Warning',
      'Chapter 2 Basics › 2.1 Accounts › 2.1.2 Sums',
    ]);
  });

  test('has a heading of the same type, set further in, within a heading deep in the numbers', () => {
    const left = 72;
    const found = paths(
      line('4 Use', { ...bold, left }),
      line('4.1 Saving', { ...bold, left }),
      line('Warning', { ...bold, left: 96 }),
      line('4.2 Opening', { ...bold, left }),
      line('Appendix', { ...bold, left }),
    );
    expect(found.slice(2)).toEqual(['4 Use › 4.1 Saving › Warning', '4 Use › 4.2 Opening', 'Appendix']);
  });

  test('has numbered clauses stay below a heading in bolder type than theirs', () => {
    const found = paths(
      line('3 Crew', bold),
      line('3.1 A mate must be aboard, and a cook.'),
      line('LIFE-SAVING', bold),
      line('3.2 A raft must be carried, and a boat with oars.'),
    );
    expect(found.at(-1)).toBe('LIFE-SAVING › 3.2');
  });

  test('has a list within a heading deep in the numbers, and takes it up behind a note', () => {
    const deep = { size: 12, distinct: true };
    const found = paths(
      line('2 Use', { size: 14, distinct: true }),
      line('2.1 Saving', deep),
      line('1. Choose a name for the ledger, which may be long.'),
      line('Note', bold),
      line('2. Choose a folder for it, which may be any one.'),
      line('2.2 Opening', deep),
    );
    expect(found.slice(2)).toEqual([
      '2 Use › 2.1 Saving › 1',
      '2 Use › 2.1 Saving › Note',
      '2 Use › 2.1 Saving › 2',
      '2 Use › 2.2 Opening',
    ]);
  });

  test('is no row that ends in two figures, no setting, no article and no section that is only spoken of', () => {
    const row = 'Energy and chemicals (14,880) (10,910)';
    for (const text of [row, 'LEDGER_LIMIT=5', 'A name for the ledger', 'Section 1.3, “Ports”.'])
      expect(paths(line('1 Scope', bold), line(text, bold)).at(-1)).toBe('1 Scope');
  });
});
