import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { liesIn, sectionNumberAt } from './sections';

const TEXT = ['1 Term', '', '1.1 The lease begins in May.', '', '1.2 The lease ends in June.', '', '2 Rent', '', '2.1 The rent is due:', '', '(a) in May;', '', '(b) in June.'].join('\n'); // prettier-ignore
const [source] = libraryOfTexts({ 'lease.txt': TEXT }).sources();

function spansOf(words: string): { page: number; start: number; end: number }[] {
  const start = source?.page(1)?.text.indexOf(words) ?? -1;
  if (start < 0) throw new Error(`“${words}” is not on the page.`);
  return [{ page: 1, start, end: start + words.length }];
}

function lies(words: string, word: string, number: string): boolean | null {
  if (source === undefined) throw new Error('There is no document.');
  return liesIn(source, spansOf(words), { section: { word, number, start: 0, end: 1 } });
}

describe('a place lies in the clause that is named', () => {
  test.each([
    ['The lease begins', 'clause', '1.1', true],
    ['The lease begins', 'section', '1', true],
    ['The lease begins', 'clause', '1.2', false],
    ['The lease begins', 'clause', '2.1', false],
    ['The lease begins', 'clause', '9.9', null],
    ['The lease begins', 'table', '2', null],
  ])('%s: %s %s is %s', (words, word, number, expected) => {
    expect(lies(words, word, number)).toBe(expected);
  });

  test('and says which it is', () => {
    if (source === undefined) throw new Error('There is no document.');
    expect(sectionNumberAt(source, spansOf('The lease ends'))).toBe('1.2');
    expect(sectionNumberAt(source, [])).toBeNull();
  });
});
