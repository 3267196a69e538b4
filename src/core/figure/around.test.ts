import { describe, expect, test } from '@jest/globals';
import { figuresSaid, labelTerms, periodOf, subjectOf } from './around';

/** Each figure of a text with the years it is of. */
function years(text: string): string[] {
  return figuresSaid(text, 'en').map(({ figure, period }) => `${figure.text}: ${[...period.years].join(' ')}`.trim());
}

describe('the period of a figure', () => {
  test.each([
    ['Revenue was 31 crowns in 2025 and 28 crowns in 2024.', ['31 crowns: 2025', '28 crowns: 2024']],
    ['In 2025 revenue was 31 crowns (2024: 28 crowns).', ['31 crowns: 2025', '28 crowns: 2024']],
    ['Revenue rose from 28 crowns in 2024 to 31 crowns in 2025.', ['28 crowns: 2024', '31 crowns: 2025']],
    ['Profit was 4 crowns, against 2 crowns in 2023.', ['4 crowns:', '2 crowns: 2023']],
    ['In 2025 it was 31 crowns, against 28 crowns the year before.', ['31 crowns: 2025', '28 crowns: 2024']],
    ['In 2025 profit was 41 % higher than the year before.', ['41 %: 2025']],
    ['In 2025 revenue rose by 9 % from 28 crowns.', ['9 %: 2025', '28 crowns:']],
    ['The lease ends on 31 March 2027.', ['31 March 2027:']],
  ])('is the one that is named for it: %s', (text, expected) => {
    expect(years(text)).toEqual(expected);
  });

  test('has parts and a length', () => {
    const { parts, years: named } = periodOf('the third quarter of 2025');
    expect([[...parts], [...named]]).toEqual([['q3'], ['2025']]);
    expect(periodOf('H1 2025').parts).toEqual(new Set(['h1']));
    expect(periodOf('for the full year 2025').span).toBe('year');
    expect(periodOf('FY25').years).toEqual(new Set(['2025']));
  });
});

describe('what a figure is said to be of', () => {
  test('are the words next to it, apart from those of its neighbours', () => {
    const [staff, fuel] = figuresSaid('Staff costs were 9,420 crowns and fuel costs 4,310 crowns.', 'en');
    expect(staff?.local.has('staff')).toBe(true);
    expect(fuel?.local.has('fuel')).toBe(true);
    expect(fuel?.local.has('staff')).toBe(false);
  });

  test('is its whole sentence where the words next to it say nothing', () => {
    const [, before] = figuresSaid('Fares came to 27 crowns, against 25 crowns the year before.', 'en');
    expect(before?.local.has('fare')).toBe(true);
  });

  test('leaves values, and units in brackets behind a label, out', () => {
    expect(subjectOf('Fares of 1,250 crowns in 2025', 'en')).toEqual(new Set(['fare', 'crown']));
    expect(labelTerms('Passengers (thousands)', 'en')).toEqual(new Set(['passeng']));
    expect(labelTerms('(thousands)', 'en').size).toBe(1);
  });
});

test('a year beside other figures is their period, and a figure where it stands alone', () => {
  expect(years('Revenue was 31 crowns in 2025.')).toEqual(['31 crowns: 2025']);
  expect(figuresSaid('The dock was built in 1987.', 'en').map(({ figure }) => [figure.text, figure.weak])).toEqual([
    ['1987', true],
  ]);
});
