import { describe, expect, test } from '@jest/globals';
import type { Language } from '../text';
import { figuresIn } from './figures';

/** Figures in short: words, kind, printed value, unit, scale. */
function short(text: string, language: Language = 'en'): string[] {
  return figuresIn(text, language).map(({ text: words, kind, value, unit, scale }) =>
    [words, kind, value, unit ?? '-', scale].join('|'),
  );
}

describe('the figures of a text', () => {
  test.each([
    ['Revenue was 31.2 million crowns.', ['31.2 million crowns|amount|31.2|crown|1000000']],
    ['a cap of €40bn and a fee of £120k', ['€40bn|amount|40|euro|1000000000', '£120k|amount|120|pound|1000']],
    ['EUR 1.25m is due', ['EUR 1.25m|amount|1.25|euro|1000000']],
    ['within ninety (90) days', ['ninety (90) days|duration|90|day|1']],
    ['a rise of 3 percentage points', ['3 percentage points|points|3|percentage point|1']],
    ['it ends on 1 April 2027', ['1 April 2027|date|2027-04-01|-|1']],
    [
      'from 28,910 to 28,680 thousand crowns',
      ['28,910|amount|28910|crown|1000', '28,680 thousand crowns|amount|28680|crown|1000'],
    ],
    ['a loss of (1,915)', ['(1,915)|number|-1915|-|1']],
    ['2.5-3.5 mm thick', ['2.5|amount|2.5|mm|1', '3.5 mm|amount|3.5|mm|1']],
    ['over 1900 printer models', ['1900|number|1900|-|1']],
  ])('are read from “%s”', (text, expected) => {
    expect(short(text)).toEqual(expected);
  });

  test.each([
    'see p. 14, clause 4.2(b), Notes 3 and 4, Table 3-1 and pp. 12–15',
    'ISO 9001, Q3, FY2025, RFC 6838',
    'the boat leaves at 08:30',
    '1. the first item',
    'files.new)16 is removed',
    'For the year ended 31 March 2025',
    'one of them',
    '通知の1ページと第3条による',
  ])('are none in “%s”', (text) => {
    expect(short(text)).toEqual([]);
  });

  test('are read in German and Japanese', () => {
    expect(short('Der Umsatz stieg auf 31,2 Millionen Euro (28.680 TEUR).', 'de')).toEqual([
      '31,2 Millionen Euro|amount|31.2|euro|1000000',
      '28.680 TEUR|amount|28680|euro|1000',
    ]);
    expect(short('契約期間は8年間で、940万クラウンです。', 'ja')).toEqual([
      '8年間|duration|8|year|1',
      '940万クラウン|amount|940|crown|10000',
    ]);
  });

  test('say whether they are hedged, and whether they are worth a word', () => {
    const [about, two] = figuresIn('About 30 million crowns in two parts', 'en');
    expect([about?.hedged, about?.weak, two?.hedged, two?.weak]).toEqual([true, false, false, true]);
  });
});
