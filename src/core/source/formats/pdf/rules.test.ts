import { describe, expect, test } from '@jest/globals';
import { makePdf, open } from '../../../../../tests/support/pdf';
import type { Rule } from '../../tables';

async function rulesOf(draw: (doc: PDFKit.PDFDocument) => void): Promise<string[]> {
  const file = await open(
    await makePdf((doc) => {
      doc.addPage();
      draw(doc);
    }),
  );
  const round = ({ x0, y0, x1, y1 }: Rule): string => [x0, y0, x1, y1].map(Math.round).join(' ');
  return (await file.rules(1)).map(round);
}

describe('rules drawn on a page', () => {
  test('are told in points from the top left, level and upright', async () => {
    const rules = await rulesOf((doc) => doc.moveTo(72, 100).lineTo(300, 100).moveTo(72, 100).lineTo(72, 240).stroke());
    expect(rules).toEqual(['72 100 300 100', '72 100 72 240']);
  });

  test('are the sides of a stroked box, and the middle of a thin filled one', async () => {
    expect(await rulesOf((doc) => doc.rect(100, 200, 50, 30).stroke())).toEqual(
      expect.arrayContaining(['100 200 150 200', '150 200 150 230', '100 230 150 230', '100 200 100 230']),
    );
    expect(await rulesOf((doc) => doc.rect(100, 200, 200, 1).fill())).toEqual(['100 201 300 201']);
  });

  test('follow what moves and scales them', async () => {
    const rules = await rulesOf((doc) =>
      doc
        .save()
        .translate(20, 30)
        .scale(2)
        .moveTo(10, 10)
        .lineTo(60, 10)
        .stroke()
        .restore()
        .moveTo(10, 10)
        .lineTo(60, 10)
        .stroke(),
    );
    expect(rules).toEqual(['40 50 140 50', '10 10 60 10']);
  });

  test('are no curves, slanted or short strokes, or grounds behind text', async () => {
    const rules = await rulesOf((doc) => {
      doc.circle(200, 200, 40).stroke();
      doc.moveTo(72, 100).lineTo(300, 180).stroke();
      doc.moveTo(72, 100).lineTo(76, 100).stroke();
      doc.rect(72, 300, 200, 20).fill('#eeeeee');
    });
    expect(rules).toEqual([]);
  });
});
