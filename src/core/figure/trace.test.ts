import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { FigureShelf, sayTraced, traceFigures, type TracedFigure } from '.';

const TEXT = [
  'Accounts of the quay',
  '',
  'The quay was busy. Dues rose by 8.8 per cent to 31.2 million crowns. Repairs of the crane cost 186 thousand crowns, and the crane stood still for five weeks.',
  'The lease began on 1 April 2019 and ends on 31 March 2027.',
  '',
  'Income statement (in thousands of crowns)',
  '',
  '                              Note      2025      2024',
  'Dues                             3    31,200    28,680',
  'Charter                                  916     1,133',
  'Operating costs                      (25,266)  (24,499)',
  'Result for the year                    5,934    (1,915)',
  '',
  'Shares of calls, per cent',
  '',
  '                                        2025      2024',
  'Calls on time                           97.1      96.2',
].join('\n');
const library = libraryOfTexts({ 'quay.txt': TEXT });
const shelf = new FigureShelf(library.sources(), 'en');

function trace(text: string): TracedFigure[] {
  return traceFigures(text, { language: 'en', sense: shelf.sense, support: shelf.about(text), rivals: [] });
}

/** Verdict, or what is wrong, of each figure. */
function verdicts(text: string): string[] {
  return trace(text).map((one) => one.fault ?? one.verdict);
}

test('a day on a line of its own is the date of the document', () => {
  const letters = libraryOfTexts({ 'letter.txt': 'Harbour office\n\n18 November 2025\n\nThe crane is repaired.' });
  const held = new FigureShelf(letters.sources(), 'en');
  const verdict = (text: string): string | undefined =>
    traceFigures(text, { language: 'en', sense: held.sense, support: held.about(text), rivals: [] })[0]?.verdict;
  expect(verdict('The letter is dated 18 November 2025.')).toBe('quoted');
  expect(verdict('The letter is dated 19 November 2025.')).toBe('unsupported');
});

describe('a figure is supported', () => {
  test.each([
    ['Dues were 31,200 thousand crowns in 2025.', ['quoted']],
    ['In 2025, dues came to 31.2 million crowns.', ['quoted']],
    ['Dues amounted to 31,200,000 crowns in 2025.', ['quoted']],
    ['Dues were about 30 million crowns in 2025.', ['quoted']],
    ['Operating costs were 25,266 thousand crowns in 2025.', ['quoted']],
    ['The result for the year 2024 was a loss of 1,915 thousand crowns.', ['quoted']],
    ['Dues were 31.2 million crowns, against 28,680 thousand crowns the year before.', ['quoted', 'quoted']],
    ['The crane’s repair cost 186 thousand crowns.', ['quoted']],
    ['The lease ends on 31 March 2027.', ['quoted']],
  ])('when it is stated: %s', (text, expected) => {
    expect(verdicts(text)).toEqual(expected);
  });

  test.each([
    ['Charter fell by 19.2 per cent in 2025.', '916 − 1,133 = −217; −217 ÷ 1,133 = −19.2 %'],
    ['Between 2024 and 2025 operating costs increased by 767 thousand crowns.', '25,266 − 24,499 = 767'],
    ['Dues and charter together came to 32,116 thousand crowns in 2025.', '31,200 + 916 = 32,116'],
    ['Calls on time rose by 0.9 percentage points in 2025.', '97.1 − 96.2 = 0.9'],
    ['Charter was equal to 2.9 per cent of dues in 2025.', '916 ÷ 31,200 = 2.9 %'],
  ])('when it is worked out: %s', (text, working) => {
    expect(trace(text).map((one) => [one.verdict, sayTraced(one)])).toEqual([['computed', working]]);
  });
});

describe('a figure that is wrong is called', () => {
  test.each([
    ['scale', 'Dues were 31,200 million crowns in 2025.'],
    ['period', 'Dues were 28,680 thousand crowns in 2025.'],
    ['row', 'Charter was 31,200 thousand crowns in 2025.'],
    ['sign', 'The result for the year 2024 was 1,915 thousand crowns.'],
    ['sign', 'The result for the year 2025 was a loss of 5,934 thousand crowns.'],
    ['sign', 'Charter rose by 19.2 per cent in 2025.'],
    ['arithmetic', 'Charter fell by 23.4 per cent in 2025.'],
    ['points', 'Charter fell by 19.2 percentage points in 2025.'],
    ['changed', 'Dues were 31,300 thousand crowns in 2025.'],
    ['changed', 'The crane’s repair cost 168 thousand crowns.'],
    ['changed', 'The lease ends on 31 March 2029.'],
    ['nowhere', 'The pilots’ pension fund holds 44 million crowns.'],
  ])('%s: %s', (fault, text) => {
    expect(verdicts(text)).toEqual([fault]);
  });

  test('what it is, with what is stated instead', () => {
    const [wrong] = trace('Dues were 28,680 thousand crowns in 2025.');
    expect(wrong === undefined ? '' : sayTraced(wrong)).toBe(
      'of another period: stated is 31,200 thousand crowns (Dues › 2025: 31,200)',
    );
  });
});

test('small numbers in words are passed over where nothing speaks against them', () => {
  expect(verdicts('Two colleagues and three visitors came.')).toEqual([]);
});

test('what a row is called is no figure', () => {
  const own = libraryOfTexts({
    'b.txt':
      'Debts (in crowns)\n\n                          2025     2024\nDue within one year      1,600    1,500\nDue after one year       8,800    9,900\n',
  });
  const debts = new FigureShelf(own.sources(), 'en');
  const text = 'Debts due within one year were 1,600 crowns in 2025.';
  const traced = traceFigures(text, { language: 'en', sense: debts.sense, support: debts.about(text), rivals: [] });
  expect(traced.map((one) => [one.figure.text, one.verdict])).toEqual([['1,600 crowns', 'quoted']]);
});

test('figures of a Japanese text are traced by what they are of', () => {
  const notice = libraryOfTexts({ 'notice.txt': 'カリック造船所 2025年11月18日\n\nこの見積りは2026年6月30日まで有効です。\n\n蓄電池は引渡しの日から8年間、船体は2年間保証いたします。\n\n船価は940万クラウンです。' }, 'ja'); // prettier-ignore
  const held = new FigureShelf(notice.sources(), 'ja');
  const found = (text: string): string[] =>
    traceFigures(text, { language: 'ja', sense: held.sense, support: held.about(text), rivals: [] }).map((one) => one.fault ?? one.verdict); // prettier-ignore
  expect(found('通知の日付は2025年11月18日である。')).toEqual(['quoted']);
  expect(found('見積りは2026年6月30日まで有効である。')).toEqual(['quoted']);
  expect(found('船価は940万クラウンである。')).toEqual(['quoted']);
  expect(found('船価は960万クラウンである。')).toEqual(['changed']);
});
