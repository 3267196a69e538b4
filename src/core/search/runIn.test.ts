import { describe, expect, test } from '@jest/globals';
import { readingOf } from '../../../tests/support/pages';
import { PassageBuilder, type PassageDraft } from './passages';
import { RUN_IN } from './runIn';

describe('the head of a clause, run in with its text', () => {
  test.each([
    '3. Term.',
    '15. Verzug.',
    '(a) Payment of rent.',
    '§ 4 Fristlose Kündigung.',
    '5 遭難信号',
    '第3条 期間',
    '7. Duties of the board.',
    '8. Keeping the books.',
  ])('is known: %s', (head) => expect(RUN_IN.test(head)).toBe(true));

  test.each([
    '5.6 Pilots retire at 65.',
    '3.1 Der Außenbordmotor leistet 44 Kilowatt.',
    '(2) Zur Mietsache gehören fünf Schlüssel.',
    '4. The keeper opens early.',
    '2 Fees are due.',
    '4. Maren Holt chairs the board.',
    '1. Surveyor: Ilse Brandt.',
    '第3条 賃料は月額とする。',
  ])('is no sentence: %s', (sentence) => expect(RUN_IN.test(sentence)).toBe(false));

  test('begins the passage of its text, not the end of the one before', () => {
    const passages: PassageDraft[] = [];
    const lines = ['The board lets the berth to the tenant for the season that begins in May.', '', '15. Delay. Late rent bears interest at nine per cent a year from the day it was due.']; // prettier-ignore
    const builder = new PassageBuilder((passage) => passages.push(passage), { maxWords: 18, minWords: 5, overlap: 0 });
    const [page] = readingOf(lines.join('\n')).pages;
    if (page === undefined) throw new Error('A page was to be read.');
    builder.addPage(page);
    builder.finish();
    const texts = passages.map(({ units }) =>
      units.flatMap(({ spans }) => spans.map(({ start, end }) => page.text.slice(start, end))),
    );
    expect(texts[0]?.join(' ')).not.toContain('Delay');
    expect(texts[1]?.[0]).toMatch(/^15\. Delay\.$/);
  });
});

describe('a label on a line by itself', () => {
  const unitsOf = (text: string): string[] => {
    const units: string[] = [];
    const [page] = readingOf(text).pages;
    if (page === undefined) throw new Error('A page was to be read.');
    const builder = new PassageBuilder((passage) =>
      passage.units.forEach(({ spans }) =>
        units.push(spans.map((one) => page.text.slice(one.start, one.end)).join(' ')),
      ),
    );
    builder.addPage(page);
    builder.finish();
    return units;
  };

  test('is read with what stands below it', () => {
    expect(unitsOf('Default value:\n\nPort 8118 of the machine itself.\n\nIt can be changed.')).toContain(
      'Default value: Port 8118 of the machine itself.',
    );
  });

  test('but not with another label, nor with the items of a list that it announces', () => {
    expect(unitsOf('Notes:\n\nEffect:\n\nIt is shown in red.')[0]).toBe('Notes:');
    expect(unitsOf('The tenant pays:\n\n(a) the rent;\n(b) the dues.')[0]).toBe('The tenant pays:');
  });
});
