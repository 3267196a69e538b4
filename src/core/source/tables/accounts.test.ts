import { describe, expect, test } from '@jest/globals';
import { addPage } from '../../../../tests/support/pdf';
import { figures, headsOf, right, rowsOf, tablesOf } from '../../../../tests/support/tables';

const measuresOf = (tables: Awaited<ReturnType<typeof tablesOf>>) => tables.map(({ unit, scale }) => [unit, scale]);

describe('accounts as they are printed', () => {
  test('a sign of currency in the first row and at the total is that of all rows but those that count', async () => {
    const [table] = await tablesOf((doc) => {
      addPage(doc, [{ text: '(In thousands)', y: 100 }]);
      doc.font('Helvetica').fontSize(10);
      figures(doc, 120, '', '2026', '2025');
      figures(doc, 135, 'Freight', '$ 48,210', '$ 44,905');
      figures(doc, 150, 'Fuel', '(18,306)', '(19,944)');
      figures(doc, 165, 'Vessels in service', '10', '9');
      figures(doc, 180, 'Result', '$ 29,904', '$ 24,961');
    });
    expect(table?.rows.map(({ cells }) => [cells[0]?.unit, cells[0]?.scale])).toEqual([['dollar', 1000], ['dollar', 1000], [null, 1], ['dollar', 1000]]); // prettier-ignore
  });

  test('a sign in one row of a table without a scale says nothing of the others', async () => {
    const [table] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(10);
      figures(doc, 100, '', 'North', 'South');
      figures(doc, 115, 'Fee', '$ 40', '$ 60');
      figures(doc, 130, 'Seats', '12', '18');
      figures(doc, 145, 'Lamps', '4', '6');
    });
    expect(table?.rows.map(({ cells }) => cells[0]?.unit)).toEqual(['dollar', null, null]);
  });

  test('the sentence before a table may end with how its amounts are given', async () => {
    const tables = await tablesOf((doc) => {
      addPage(doc, [{ text: 'Debt at 30 June 2026 was as follows (in thousands):', y: 100 }]);
      doc.font('Helvetica').fontSize(10);
      figures(doc, 120, '', 'Due', 'Drawn');
      figures(doc, 135, 'Term loan', '24,000', '168,000');
      figures(doc, 150, 'Mortgage', '1,000', '15,000');
    });
    expect(measuresOf(tables)).toEqual([[null, 1000]]);
  });

  test('a measure that comes again at the head of every page holds for the tables below it', async () => {
    const tables = await tablesOf((doc) => {
      ['Income', 'Position', 'Cash'].forEach((title, at) => {
        addPage(doc, [
          { text: '(in thousands of crowns)', y: 40 },
          { text: `${at + 1} ${title}`, y: 160, bold: true, size: 14 },
        ]);
        doc.font('Helvetica').fontSize(10);
        figures(doc, 190, '', '2026', '2025');
        figures(doc, 205, `${title} at sea`, '1,204', '1,087');
        figures(doc, 220, `${title} ashore`, '310', '280');
      });
    });
    expect(measuresOf(tables)).toEqual([['crown', 1000], ['crown', 1000], ['crown', 1000]]); // prettier-ignore
  });

  test('whole days head columns, and units below the heads are no row', async () => {
    const [days, units] = await tablesOf((doc) => {
      doc.addPage().font('Helvetica').fontSize(10);
      figures(doc, 100, 'in TEUR', '30.09.2025', '31.12.2024');
      figures(doc, 115, 'Ships', '118.450', '112.930');
      figures(doc, 130, 'Stocks', '3.915', '4.260');
      const row = (y: number, ...cells: string[]): void => {
        doc.rect(72, y - 4, 390, 20).stroke();
        [200, 330].forEach((x) => doc.moveTo(x, y - 4).lineTo(x, y + 16).stroke()); // prettier-ignore
        cells.forEach((cell, at) => doc.text(cell, [78, 206, 336][at] ?? 0, y, { lineBreak: false }));
      };
      row(200, '', 'Assets', 'Equity ratio');
      row(220, '', 'EUR', '%');
      row(240, 'June 2026', '18,240', '39.0');
      row(260, 'June 2025', '17,905', '37.9');
    });
    expect(headsOf(days)).toEqual(['30.09.2025', '31.12.2024']);
    expect(days?.rows).toHaveLength(2);
    expect(headsOf(units)).toEqual(['Assets EUR', 'Equity ratio %']);
    expect(units?.rows.map(({ path, cells }) => [path.join(), cells[0]?.unit, cells[1]?.unit])).toEqual([['June 2026', 'euro', '%'], ['June 2025', 'euro', '%']]); // prettier-ignore
  });
});

describe('a table in one of two columns of text', () => {
  const clause = (at: number): string => `the pilot boat lies at the quay for ${at} of the nights`;

  test('has no words of the other, and is called by what stands over it there', async () => {
    const tables = await tablesOf((doc) => {
      const left = Array.from({ length: 30 }, (_, at) => ({ text: clause(at + 2), x: 50, y: 100 + 14 * at }));
      const rightSide = Array.from({ length: 12 }, (_, at) => ({ text: clause(at + 40), x: 320, y: 240 + 14 * at }));
      addPage(doc, [
        ...left.map((line) => ({ ...line, size: 9 })),
        { text: '2 Torques', x: 320, y: 100, bold: true, size: 12 },
        ...rightSide.map((line) => ({ ...line, size: 9 })),
      ]);
      doc.font('Helvetica').fontSize(9);
      [
        ['Screw', 'Torque (Nm)'],
        ['Earth stud', '6'],
        ['Supply clamp', '2.5'],
        ['Bolts M16', '140'],
        ['Feet', '24'],
      ].forEach(([label = '', value = ''], at) => {
        doc.text(label, 320, 128 + 14 * at, { lineBreak: false });
        right(doc, value, 540, 128 + 14 * at);
      });
    });
    expect(tables.map(({ caption }) => caption)).toEqual(['2 Torques']);
    expect(headsOf(tables[0])).toEqual(['Torque (Nm)']);
    expect(rowsOf(tables[0])).toEqual([
      'Earth stud: 6=6',
      'Supply clamp: 2.5=2.5',
      'Bolts M16: 140=140',
      'Feet: 24=24',
    ]);
  });
});
