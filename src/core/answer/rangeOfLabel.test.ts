import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { termsInRange } from './rangeOfLabel';

describe('a row whose label is a range', () => {
  test.each([
    ['Child from six to fifteen', 'What does a ten-year-old pay?', true],
    ['Child from six to fifteen', 'What does a 16-year-old pay?', false],
    ['2,001 to 8,000 tonnes', 'What is due for a ship of 3,000 tonnes?', true],
    ['2,001 to 8,000 tonnes', 'What is due for a ship of 8,001 tonnes?', false],
    ['over 20 metres', 'What is due for 24 metres?', true],
    ['up to five metres', 'What is due for a car of 4.5 metres?', true],
    ['Groups of 12 or more', 'What does a group of 15 pay?', true],
  ])('%s: %s', (label, asked, inside) => {
    expect((termsInRange(label, asked, 'en')?.size ?? 0) > 0).toBe(inside);
  });

  test.each([
    ['Bicycle', 'What do 3 bicycles cost?'],
    ['over 20 metres', 'What was due in 2024?'],
  ])('is none where no range is named, or no number asked: %s, %s', (label, asked) => {
    expect(termsInRange(label, asked, 'en')).toBeNull();
  });

  test('holds no number of another unit', () => {
    expect(termsInRange('up to five metres', 'What do 3 children pay?', 'en')?.size).toBe(0);
  });

  test('answers for each number in it', () => {
    const tariff = [
      'Dues of the port',
      '',
      'Dues (in crowns)',
      '',
      'Length                 Summer    Winter',
      'up to 10 metres            40        25',
      '10.5 to 20 metres          75        50',
      'over 20 metres            130        90',
    ].join('\n');
    const library = libraryOfTexts({ 'Dues.txt': tariff });
    const said = (question: string) => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline; // prettier-ignore
    expect(said('What are the dues in summer for a boat of 14 metres?')).toBe('75 crowns');
    expect(said('What are the dues in winter for a boat of 31 metres?')).toBe('90 crowns');
  });
});
