import { describe, expect, test } from '@jest/globals';
import { addPage, makePdf, open, read, type Line } from '../../../../../tests/support/pdf';
import { boxesOf, sectionPath, type Page } from '../..';
import { PdfReading } from './readPdf';

const SENTENCE =
  'The owner shall keep the vessel in repair and shall tell the board of any change within ten days of it.';

function bodyLines(count: number, from: number, x = 72, text = SENTENCE.slice(0, 60)): Line[] {
  return Array.from({ length: count }, (_, at) => ({ text: `In case ${at} ${text}`, x, y: from + 14 * at }));
}

function roleOf(page: Page, part: string): string | undefined {
  return page.lines.find((line) => page.text.slice(line.start, line.end).includes(part))?.role;
}

describe('page text', () => {
  test('reads two columns one after the other, and what stands above them first', async () => {
    const left = Array.from({ length: 14 }, (_, at) => ({
      text: `left column speaks of ships line ${at}`,
      x: 72,
      y: 140 + 14 * at,
    }));
    const right = left.map((line, at) => ({ text: `right column speaks of ports line ${at}`, x: 310, y: line.y }));
    const lines = [
      { text: 'A heading over both of the columns', y: 100, size: 16 },
      ...left.flatMap((line, at) => [line, right[at] as Line]),
    ];
    const { pages } = await read(await makePdf((doc) => addPage(doc, lines)));
    const text = pages[0]?.text ?? '';
    expect(text.indexOf('A heading')).toBe(0);
    expect(text.indexOf('left column speaks of ships line 13')).toBeLessThan(
      text.indexOf('right column speaks of ports line 0'),
    );
  });

  test('keeps the rows of a table together', async () => {
    const rows = ['Revenue', 'Staff costs', 'Fuel', 'Repairs', 'Profit'].flatMap((label, at) => [
      { text: label, x: 72, y: 200 + 16 * at },
      { text: String(1000 + at), x: 320, y: 200 + 16 * at },
      { text: String(2000 + at), x: 430, y: 200 + 16 * at },
    ]);
    const { pages } = await read(await makePdf((doc) => addPage(doc, [...bodyLines(4, 100), ...rows])));
    expect(pages[0]?.text).toContain('Staff costs 1001 2001');
    const row = pages[0]?.lines.find((line) => pages[0]?.text.slice(line.start, line.end).startsWith('Staff'));
    expect(row?.cells).toHaveLength(3);
  });

  test('gives every run of characters its box', async () => {
    const { pages } = await read(
      await makePdf((doc) => addPage(doc, [{ text: 'exactly here', x: 100, y: 300, size: 12 }])),
    );
    const [page] = pages as [Page];
    const [box] = boxesOf(page, { start: 0, end: page.text.length });
    expect(box?.x).toBeCloseTo(100, 0);
    expect((box?.y ?? 0) + (box?.h ?? 0)).toBeGreaterThan(300);
    expect(box?.y).toBeLessThan(300);
    const [half] = boxesOf(page, { start: 8, end: 12 });
    expect(half?.x).toBeGreaterThan(130);
    expect((half?.x ?? 0) + (half?.w ?? 0)).toBeCloseTo((box?.x ?? 0) + (box?.w ?? 0), 0);
  });

  test('keeps superscripts in the line they belong to', async () => {
    const lines = [
      { text: 'the sum is due', x: 72, y: 200 },
      { text: '7', x: 138, y: 196, size: 6 },
      { text: 'at once', x: 145, y: 200 },
    ];
    const { pages } = await read(await makePdf((doc) => addPage(doc, [...bodyLines(3, 100), ...lines])));
    expect(pages[0]?.text.split('\n').some((line) => /^the sum is due\s?7 at once$/.test(line))).toBe(true);
  });
});

describe('the document around a page', () => {
  const pageOf = (number: number): Line[] => [
    { text: `Harbour Board · Concession ${number}`, y: 40, size: 8 },
    { text: `${number}.1 ${SENTENCE.slice(0, 70)}`, y: 110 },
    ...bodyLines(12, 130),
    { text: String(number), x: 300, y: 810, size: 8 },
  ];

  test('running heads and folios are known', async () => {
    const { pages } = await read(
      await makePdf((doc) => [1, 2, 3, 4].forEach((number) => addPage(doc, pageOf(number)))),
    );
    for (const page of pages) {
      expect(roleOf(page, 'Harbour Board')).toBe('head');
      expect(page.lines.at(-1)?.role).toBe('folio');
      expect(roleOf(page, SENTENCE.slice(0, 40))).toBe('body');
    }
  });

  const REASONS = ['Boats sink.', 'Quays wear out in time.', 'Wind blows.', 'Fog comes in from the sea.'];

  test('numbered footnotes in step with the pages are no running heads', async () => {
    const note = (number: number): Line => ({
      text: `${number} ${REASONS[number - 1]} The reasons are told here.`,
      y: 790,
      size: 7.5,
    });
    const bytes = await makePdf((doc) =>
      [1, 2, 3, 4].forEach((number) => addPage(doc, [...bodyLines(30, 100), note(number)])),
    );
    const { pages } = await read(bytes);
    expect(pages.map((page) => roleOf(page, 'The reasons are told'))).toEqual(['note', 'note', 'note', 'note']);
  });

  test('headings and clause numbers give each line its section', async () => {
    const bytes = await makePdf((doc) =>
      addPage(doc, [
        { text: 'Part A General', y: 80, size: 16, bold: true },
        { text: '1 Definitions', y: 110, size: 12, bold: true },
        { text: '1.1 The Board is the body that the ordinance made, and any body that takes its place.', y: 130 },
        { text: '(a) its members are named by the council of the town; and', y: 150, x: 90 },
        { text: '2 Grant', y: 190, size: 12, bold: true },
        { text: '2.1 The Board grants the sole right to carry passengers for', y: 210 },
        { text: '14 days over the crossing that the schedule shows to them.', y: 224 },
        ...bodyLines(8, 260),
      ]),
    );
    const { pages, sections } = await read(bytes);
    const [page] = pages as [Page];
    const path = (part: string): string => {
      const line = page.lines.find((one) => page.text.slice(one.start, one.end).includes(part));
      return sectionPath(sections, line?.section ?? -1);
    };
    expect(path('its members')).toBe('Part A General › 1 Definitions › 1.1 › (a)');
    expect(path('sole right')).toBe('Part A General › 2 Grant › 2.1');
    expect(path('14 days')).toBe('Part A General › 2 Grant › 2.1');
  });

  test('a title on two lines is one, and a title above the title of a table is not', async () => {
    const bytes = await makePdf((doc) =>
      addPage(doc, [
        { text: 'Tender for the supply of buoys and their moorings and chains:', y: 70, size: 15 },
        { text: 'answers to questions', y: 88, size: 15 },
        ...bodyLines(3, 130),
        { text: 'Technical data', y: 172, bold: true },
        { text: 'Main data of the boiler', y: 186, bold: true },
        ...bodyLines(3, 200),
      ]),
    );
    const { sections } = await read(bytes);
    expect(sections.map(({ title }) => title)).toEqual([
      'Tender for the supply of buoys and their moorings and chains: answers to questions',
      'Technical data',
    ]);
  });

  test('a title goes on where its lines hang behind its number, and ends at the next number', async () => {
    const large = (text: string, y: number, x = 72): Line => ({ text, x, y, size: 14 });
    const bytes = await makePdf((doc) =>
      addPage(doc, [
        ...bodyLines(3, 60),
        large('5.9 Removing and renaming vessels, and reintro-', 120),
        large('ducing those that were laid up in the winter', 138, 96),
        large('of a year before', 156, 96),
        ...bodyLines(3, 190),
        large('5.10 Removing a vessel from the register by law', 250),
        large('5.10.1 In writing', 268, 102),
        ...bodyLines(3, 300),
      ]),
    );
    const { sections } = await read(bytes);
    expect(sections.map(({ number, title }) => `${number} ${title}`)).toEqual([
      '5.9 Removing and renaming vessels, and reintroducing those that were laid up in the winter of a year before',
      '5.10 Removing a vessel from the register by law',
      '5.10.1 In writing',
    ]);
  });

  test('reading that goes on behind a page finds the same sections as reading in one go', async () => {
    const bytes = await makePdf((doc) => [1, 2, 3, 4, 5].forEach((number) => addPage(doc, pageOf(number))));
    const whole = await read(bytes);
    const known = whole.newSections.slice(0, 2).flat();
    const file = await open(bytes);
    const { reading } = await PdfReading.begin(file, known);
    const rest: (readonly unknown[])[] = [];
    for await (const one of reading.pages({ after: { page: 2, sections: known } })) {
      expect(one.page).toEqual(whole.pages[one.page.number - 1]);
      rest.push(one.newSections);
    }
    expect(rest).toEqual(whole.newSections.slice(2));
    await file.close();
  });

  test('so does reading that goes on within a heading in larger type', async () => {
    const chapter = [
      { text: 'Chapter 2 Basics', y: 60, size: 17 },
      { text: '2.1 Kinds', y: 90, size: 14 },
    ];
    const bytes = await makePdf((doc) => {
      addPage(doc, [...chapter, ...bodyLines(20, 120)]);
      addPage(doc, [{ text: 'Warning', y: 60, bold: true }, ...bodyLines(20, 80)]);
    });
    const { newSections } = await read(bytes);
    const file = await open(bytes);
    const { reading } = await PdfReading.begin(file, newSections[0]);
    for await (const one of reading.pages({ after: { page: 1, sections: newSections[0] ?? [] } }))
      expect(one.newSections).toEqual(newSections[1]);
    expect(newSections[1]).toEqual([expect.objectContaining({ title: 'Warning', level: 2, parent: 1 })]);
    await file.close();
  });

  test('labels and outline are taken from the file', async () => {
    const bytes = await makePdf((doc) => {
      addPage(doc, [{ text: 'Foreword', y: 80, size: 14 }, ...bodyLines(5, 110)]);
      doc.outline.addItem('Foreword');
      addPage(doc, [{ text: 'The chapter', y: 80 }, ...bodyLines(5, 110)]);
      doc.outline.addItem('The chapter');
      const root = (doc as unknown as { _root: { data: Record<string, unknown> } })._root.data;
      root.PageLabels = { Nums: [0, { S: 'r' }, 1, { S: 'D', P: new String('F-') }] };
    });
    const { pages, sections } = await read(bytes);
    expect(pages.map((page) => page.label)).toEqual(['i', 'F-1']);
    expect(sections.map((section) => section.title)).toEqual(['Foreword', 'The chapter']);
  });

  test('reading stops where it is asked to', async () => {
    const bytes = await makePdf((doc) => [1, 2, 3].forEach((number) => addPage(doc, pageOf(number))));
    const file = await open(bytes);
    const { reading } = await PdfReading.begin(file);
    const stop = new AbortController();
    const seen: number[] = [];
    const run = async (): Promise<void> => {
      for await (const { page } of reading.pages({ signal: stop.signal })) {
        seen.push(page.number);
        stop.abort(new Error('enough'));
      }
    };
    await expect(run()).rejects.toThrow('enough');
    expect(seen).toEqual([1]);
    await file.close();
  });

  test('a page that shows pictures only is a scan', async () => {
    const bytes = await makePdf((doc) => {
      doc.addPage().rect(100, 100, 300, 300).fill('#888');
    });
    const { pages } = await read(bytes);
    expect(pages[0]).toMatchObject({ scan: true, words: 0, text: '' });
  });
});

describe('files that cannot be read', () => {
  const problemOf = (bytes: Uint8Array, password?: string): Promise<unknown> =>
    open(bytes, 'given.pdf', password).then(
      () => null,
      (caught: { problem?: { code: string } }) => caught.problem?.code,
    );

  test('are told apart: empty, no PDF, damaged', async () => {
    expect(await problemOf(new Uint8Array())).toBe('file-empty');
    expect(await problemOf(new TextEncoder().encode('just a note'))).toBe('file-not-pdf');
    expect(await problemOf(new TextEncoder().encode('%PDF-1.7\nand then nothing of the kind'))).toBe('file-damaged');
  });

  test('ask for a password, and say when it is wrong', async () => {
    const bytes = await makePdf((doc) => addPage(doc, bodyLines(3, 100)), { userPassword: 'mooring' });
    expect(await problemOf(bytes)).toBe('file-password');
    expect(await problemOf(bytes, 'anchor')).toBe('file-password-wrong');
    expect(await problemOf(bytes, 'mooring')).toBeNull();
  });
});
