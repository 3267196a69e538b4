import { describe, expect, test } from '@jest/globals';
import { findQuotations } from './quotations';
import { findReferences } from './references';

const words = (text: string): string[] => findQuotations(text).map((one) => one.text);

describe('quotations', () => {
  test.each([
    ['It says “the rent is due” and "the berth is let".', ['the rent is due', 'the berth is let']],
    ['Er sagt: „Die Miete ist fällig“ und «la caution».', ['Die Miete ist fällig', 'la caution']],
    ['契約は「八年間とする」と定める。', ['八年間とする']],
    ["It's the tenant's berth, he said: 'the rent is due today'.", ['the rent is due today']],
    ['“He said ‘no’ twice”, it reads.', ['He said ‘no’ twice']],
    ['an open “quotation that never ends', []],
  ])('are found in %s', (text, expected) => {
    expect(words(text)).toEqual(expected);
  });

  test('set as a block lose their marks and the line that says where they are from', () => {
    const text = 'It says:\n\n> The rent is due\n> on the first day.\n> — Lease, p. 4\n\nSo it is.';
    const [quotation] = findQuotations(text);
    expect(quotation).toMatchObject({ text: 'The rent is due on the first day.', way: 'block' });
    expect(text.slice(quotation?.start, quotation?.end)).toBe('The rent is due\n> on the first day.');
  });

  test('behind “states that” go to the end of the sentence', () => {
    const text = 'Clause 4 states that the Tenant shall keep the berth clean at all times. It does.';
    expect(words(text)).toEqual(['the Tenant shall keep the berth clean at all times.']);
  });

  test('over a line break are one, its hyphen joined', () => {
    expect(words('“the conces-\nsion ends\nin March”')).toEqual(['the concession ends in March']);
  });
});

describe('references', () => {
  const names = [{ id: 'lease.pdf', pattern: /Berth lease/gi }];
  const found = (text: string): unknown[] =>
    findReferences(text, names).map(({ sourceIds, pages, section }) => [sourceIds[0] ?? '', pages === null ? '' : `${pages.first}-${pages.last}`, section?.number ?? '']); // prettier-ignore

  test.each([
    ['(Berth lease, p. 12)', [['lease.pdf', '12-12', '']]],
    ['pp. 12–15 of the Berth lease', [['lease.pdf', '12-15', '']]],
    ['clause 4.2(b) on page F-2', [['', 'F-2-F-2', '4.2(b)']]],
    [
      'Note 12 and Table 3-1',
      [
        ['', '', '12'],
        ['', '', '3-1'],
      ],
    ],
    ['12ページ', [['', '12-12', '']]],
    ['in two equal parts', []],
  ])('are read from %s', (text, expected) => {
    expect(found(text)).toEqual(expected);
  });

  test('say where their numbers stand', () => {
    const text = 'see pp. 12–15';
    const [pages] = findReferences(text, []).map((one) => one.pages);
    expect(text.slice(pages?.start, pages?.end)).toBe('12–15');
  });
});
