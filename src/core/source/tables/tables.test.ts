import { describe, expect, test } from '@jest/globals';
import { addPage, makePdf, open, type Line } from '../../../../tests/support/pdf';
import { figures, headsOf, right, rowsOf, tablesOf } from '../../../../tests/support/tables';
import { PdfReading, readText, TableFinder, type Table } from '..';

describe('a table set out by white space', () => {
  test('gives each figure with its row, column, unit and scale', async () => {
    const [table, ...more] = await tablesOf((doc) => {
      addPage(doc, [
        { text: 'Table 4. Dues', y: 100, bold: true },
        { text: '(in thousands of crowns, except per share amounts)', y: 114 },
      ]);
      doc.font('Helvetica').fontSize(10);
      figures(doc, 130, '', '2025', '2024');
      figures(doc, 145, 'Mooring dues', '1,204 (1)', '(1,087)');
      figures(doc, 160, 'Share of all dues', '12.5%', '–');
      figures(doc, 175, 'Earnings per share', '0.14', '0.11');
    });
    expect(more).toEqual([]);
    expect([table?.caption, table?.unit, table?.scale]).toEqual(['Table 4. Dues', 'crown', 1000]);
    expect(headsOf(table)).toEqual(['2025', '2024']);
    expect(rowsOf(table)).toEqual([
      'Mooring dues: 1,204 (1)=1204 | (1,087)=-1087',
      'Share of all dues: 12.5%=12.5 | –=0',
      'Earnings per share: 0.14=0.14 | 0.11=0.11',
    ]);
    expect(table?.rows.map((row) => row.cells[0]?.scale)).toEqual([1000, 1, 1]);
  });

  test('knows heads over several columns, groups by how far they are set in, and wrapped labels', async () => {
    const [table] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(10);
      doc.text('North quay', 325, 100, { lineBreak: false }).text('South quay', 465, 100, { lineBreak: false });
      for (const [at, year] of ['2025', '2024', '2025', '2024'].entries()) right(doc, year, 345 + 60 * at, 115);
      doc.text('Income', 72, 130, { lineBreak: false });
      const row = (y: number, label: string, values: string[]): void => {
        doc.text(label, 84, y, { lineBreak: false });
        values.forEach((value, at) => right(doc, value, 345 + 60 * at, y));
      };
      row(145, 'Mooring dues', ['1,204', '1,087', '990', '870']);
      row(160, 'Receipts from the letting of', ['310', '280', '120', '110']);
      doc.text('sheds behind the quay', 84, 171, { lineBreak: false });
      row(186, 'Pilotage', ['44', '41', '39', '37']);
    });
    expect(headsOf(table)).toEqual([
      'North quay > 2025',
      'North quay > 2024',
      'South quay > 2025',
      'South quay > 2024',
    ]);
    expect(table?.rows.map((row) => row.path)).toEqual([
      ['Income', 'Mooring dues'],
      ['Income', 'Receipts from the letting of sheds behind the quay'],
      ['Income', 'Pilotage'],
    ]);
  });

  test('is one over two pages, its heads told once', async () => {
    const page = (doc: PDFKit.PDFDocument, from: number): void => {
      doc.addPage().font('Helvetica').fontSize(10);
      figures(doc, 80, '', 'Weekdays', 'Sundays');
      for (let at = 0; at < 6; at += 1)
        figures(doc, 95 + 15 * at, `Sailing ${'ABCDEFGHIJKL'.charAt(from + at)}`, String(10 + from + at), '2');
    };
    const tables = await tablesOf((doc) => {
      page(doc, 0);
      page(doc, 6);
    });
    expect(tables).toHaveLength(1);
    expect(tables[0]?.rows.map((row) => row.path[0])).toEqual([...'ABCDEFGHIJKL'].map((letter) => `Sailing ${letter}`));
    expect(tables[0]?.places.map((place) => place.page)).toEqual([1, 2]);
  });

  test('is not seen in running text, numbered clauses or two columns of text', async () => {
    const clause = 'The owner shall pay 1,204 crowns for each of the 12 vessels and tell the board within 30 days.';
    const lines = (x: number, width: number, count: number): Line[] =>
      Array.from({ length: count }, (_, at) => ({ text: `${at + 3} ${clause}`.slice(0, width), x, y: 100 + 14 * at }));
    expect(await tablesOf((doc) => addPage(doc, lines(72, 90, 12)))).toEqual([]);
    expect(await tablesOf((doc) => addPage(doc, [...lines(72, 42, 20), ...lines(320, 42, 20)]))).toEqual([]);
    const clauses = Array.from({ length: 8 }, (_, at): Line[] => [
      { text: `${at + 1}.1`, y: 100 + 20 * at },
      { text: clause, x: 110, y: 100 + 20 * at },
    ]).flat();
    expect(await tablesOf((doc) => addPage(doc, clauses))).toEqual([]);
  });

  test('is read from plain text by its places', () => {
    const reading = readText(
      [
        'Crew (persons)',
        '',
        '                 Class A    Class B',
        '13 to 50               3          2',
        '51 to 100              4          3',
        'more than 100         12         10',
      ].join('\n'),
      'x',
    );
    const finder = new TableFinder('en');
    const [table] = [...finder.addPage(reading.pages[0] as (typeof reading.pages)[number], []), ...finder.finish()];
    expect(headsOf(table)).toEqual(['Class A', 'Class B']);
    expect(rowsOf(table)).toEqual(['13 to 50: 3=3 | 2=2', '51 to 100: 4=4 | 3=3', 'more than 100: 12=12 | 10=10']);
  });
});

describe('a table with drawn rules', () => {
  const box = (doc: PDFKit.PDFDocument, xs: readonly number[], ys: readonly number[]): void => {
    for (const x of xs) doc.moveTo(x, ys[0] as number).lineTo(x, ys.at(-1) as number);
    for (const y of ys) doc.moveTo(xs[0] as number, y).lineTo(xs.at(-1) as number, y);
    doc.stroke();
  };

  test('keeps the lines of a wrapped cell together', async () => {
    const [table] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(9);
      box(doc, [70, 180, 380, 520], [96, 114, 150, 186]);
      const put = (text: string, x: number, y: number, width: number): unknown => doc.text(text, x, y, { width });
      put('Breach', 74, 100, 100);
      put('What is done', 184, 100, 190);
      put('Fine (crowns)', 384, 100, 130);
      put('Certificate not displayed', 74, 118, 100);
      put('The master is told in writing and shall display it before the next voyage begins', 184, 118, 180);
      put('300', 384, 118, 130);
      put('Too many passengers', 74, 154, 100);
      put('The vessel is held until the number on board is that of the certificate', 184, 154, 180);
      put('1,450', 384, 154, 130);
    });
    expect(headsOf(table)).toEqual(['What is done', 'Fine (crowns)']);
    expect(table?.rows.map((row) => [row.path, row.cells[0]?.text, row.cells[1]?.value, row.cells[1]?.unit])).toEqual([
      [
        ['Certificate not displayed'],
        'The master is told in writing and shall display it before the next voyage begins',
        300,
        'crown',
      ],
      [
        ['Too many passengers'],
        'The vessel is held until the number on board is that of the certificate',
        1450,
        'crown',
      ],
    ]);
  });

  test('gives a label that reaches over several rows to each of them', async () => {
    const [table] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(9);
      const xs = [70, 180, 300, 400];
      for (const x of xs) doc.moveTo(x, 96).lineTo(x, 186);
      for (const y of [96, 114, 150, 186]) doc.moveTo(70, y).lineTo(400, y);
      for (const y of [132, 168]) doc.moveTo(180, y).lineTo(400, y);
      doc.stroke();
      const row = (y: number, ...cells: string[]): void =>
        cells.forEach((cell, at) => doc.text(cell, (xs[at] as number) + 4, y, { lineBreak: false }));
      row(100, 'Route', 'Season', 'Sailings');
      row(127, 'Skerrow');
      row(118, '', 'summer', '26');
      row(136, '', 'winter', '18');
      row(163, 'Great Holm');
      row(154, '', 'summer', '12');
      row(172, '', 'winter', '7');
    });
    expect(headsOf(table)).toEqual(['Sailings']);
    expect(rowsOf(table)).toEqual([
      'Skerrow > summer: 26=26',
      'Skerrow > winter: 18=18',
      'Great Holm > summer: 12=12',
      'Great Holm > winter: 7=7',
    ]);
  });

  test('points at the words of its cells on the page', async () => {
    const file = await open(
      await makePdf((doc) => {
        doc.addPage().font('Helvetica').fontSize(10);
        figures(doc, 100, '', '2025', '2024');
        figures(doc, 115, 'Towage', '96', '88');
        figures(doc, 130, 'Dredging', '31', '29');
      }),
    );
    const { reading } = await PdfReading.begin(file);
    const finder = new TableFinder('en');
    for await (const { page } of reading.pages()) {
      finder.addPage(page, []);
      const [table] = finder.finish();
      const words = (spans: Table['captionSpans'] | undefined): string =>
        (spans ?? []).map((span) => page.text.slice(span.start, span.end)).join('|');
      expect(words(table?.rows[1]?.cells[0]?.spans)).toBe('31');
      expect(words(table?.rows[1]?.spans[0])).toBe('Dredging');
      expect(words(table?.columns[0]?.spans[0])).toBe('2025');
    }
  });
});

describe('tables as web pages print them', () => {
  /** Rows of cells at 72, 220 and 360, each with a rule beneath it from edge to edge. */
  const ruledRows = (doc: PDFKit.PDFDocument, top: number, rows: readonly (readonly string[])[]): void =>
    rows.forEach((cells, row) => {
      const y = top + 20 * row;
      cells.forEach((cell, at) => doc.text(cell, [72, 220, 360][at] ?? 360, y, { lineBreak: false }));
      doc
        .moveTo(72, y + 15)
        .lineTo(500, y + 15)
        .stroke();
    });

  test('a rule under each row parts no head from its rows, and headings part two tables of one width', async () => {
    const tables = await tablesOf((doc) => {
      addPage(doc, [
        { text: '1 Berths', y: 72, bold: true, size: 14 },
        { text: '2 Staff', y: 205, bold: true, size: 14 },
      ] as Line[]);
      doc.font('Helvetica').fontSize(10);
      ruledRows(doc, 100, [
        ['Berth', 'Length (m)', 'Built'],
        ['North quay', '120', '1968'],
        ['Coal pier', '140', '1931'],
        ['Fish dock', '45', '1987'],
      ]);
      ruledRows(doc, 232, [
        ['Department', 'People', 'Cost (thousand crowns)'],
        ['Pilots', '9', '612'],
        ['Office', '6', '288'],
      ]);
    });
    expect(tables.map(({ corner }) => corner)).toEqual(['Berth', 'Department']);
    expect(tables.map(headsOf)).toEqual([
      ['Length (m)', 'Built'],
      ['People', 'Cost (thousand crowns)'],
    ]);
    expect(rowsOf(tables[0])).toEqual(['North quay: 120=120 | 1968=1968', 'Coal pier: 140=140 | 1931=1931', 'Fish dock: 45=45 | 1987=1987']); // prettier-ignore
    expect(tables[1]?.rows.map(({ cells }) => cells.map((cell) => cell?.scale))).toEqual([[1, 1000], [1, 1000]]); // prettier-ignore
  });

  test('a measure above one table is none of the next', async () => {
    const tables = await tablesOf((doc) => {
      addPage(doc, [
        { text: 'Table 1. Passengers, in thousands', y: 100 },
        { text: '3 Staff', y: 186, bold: true, size: 14 },
      ] as Line[]);
      doc.font('Helvetica').fontSize(10);
      figures(doc, 118, '', '2025', '2024');
      figures(doc, 133, 'Skerrow', '231', '212');
      figures(doc, 148, 'Great Holm', '149', '158');
      figures(doc, 210, 'Department', 'Women', 'Men');
      figures(doc, 225, 'Pilots', '2', '7');
      figures(doc, 240, 'Office', '4', '2');
    });
    expect(tables.map(({ caption, scale }) => [caption, scale])).toEqual([['Table 1. Passengers, in thousands', 1000], ['3 Staff', 1]]); // prettier-ignore
  });

  test.each([
    ['Boats and their crews', 'Boats and their crews'],
    ['All of them are at sea.', '3 Vessels'],
    ['Amounts in crowns', '3 Vessels'],
    ['Table: lengths of boats', 'Table: lengths of boats'],
  ])('the line between a heading and a table titles it unless it is a sentence: “%s”', async (line, caption) => {
    const [table] = await tablesOf((doc) => {
      addPage(doc, [
        { text: '3 Vessels', y: 100, bold: true, size: 14 },
        { text: line, y: 124 },
      ] as Line[]);
      doc.font('Helvetica').fontSize(10);
      figures(doc, 142, 'Vessel', 'Length', 'Crew');
      figures(doc, 157, 'Turnstone', '36', '7');
      figures(doc, 172, 'Merganser', '28', '5');
    });
    expect(table?.caption).toBe(caption);
  });

  test('a paragraph of one line that is no sentence titles the table below it, and gives its scale', async () => {
    const [table] = await tablesOf((doc) => {
      addPage(doc, [
        { text: 'The restaurant at the summit was closed for repairs in the spring.', y: 100 },
        { text: 'Passengers by season (thousand)', y: 130, bold: true },
      ] as Line[]);
      doc.font('Helvetica').fontSize(10);
      figures(doc, 148, 'Season', '2025', '2024');
      figures(doc, 163, 'Winter', '61', '66');
      figures(doc, 178, 'Spring', '72', '118');
    });
    expect([table?.caption, table?.scale]).toEqual(['Passengers by season (thousand)', 1000]);
  });

  test('the first of rows with a label and its value is no head', async () => {
    const [table] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(10);
      const rows = [['Length over all', '36.4 m'], ['Breadth', '11.2 m'], ['Charging time', '40 minutes']]; // prettier-ignore
      rows.forEach(([label = '', value = ''], at) => {
        const y = 100 + 20 * at;
        doc.rect(72, y - 4, 200, 20).rect(272, y - 4, 120, 20).stroke(); // prettier-ignore
        doc.text(label, 78, y, { lineBreak: false }).text(value, 278, y, { lineBreak: false });
      });
    });
    expect(table?.rows.map(({ path, cells }) => [path.join(), cells[0]?.value, cells[0]?.unit])).toEqual([['Length over all', 36.4, 'm'], ['Breadth', 11.2, 'm'], ['Charging time', 40, 'minute']]); // prettier-ignore
  });

  test('a label of two lines goes with the figures set half-way between them', async () => {
    const [table] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(10);
      figures(doc, 100, 'Bidder', 'Price', 'Points');
      figures(doc, 120, 'Greenplate', '5.40', '88');
      figures(doc, 140, 'Harbour');
      figures(doc, 147, '', '4.60', '74');
      figures(doc, 154, 'Catering');
    });
    expect(rowsOf(table)).toEqual(['Greenplate: 5.40=5.4 | 88=88', 'Harbour Catering: 4.60=4.6 | 74=74']);
  });
});
