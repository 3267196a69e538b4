import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { Neighbours } from './neighbours';
import { withWrittenSynonyms } from './writtenSynonyms';
import { termSet, termsOf } from './terms';

const neighbours = new Neighbours('', { ja: '借り賃 家賃:80\n払 納付:60\n嵐 荒天:50 台風:40\n' });
const library = libraryOfTexts({
  契約: '家賃は毎月末日までに納付するものとする。荒天の日は作業を行わない。支払いの期限は別に定めるところによる。',
});

/** The equivalents by the terms of a question that were given some. */
function widened(question: string): Map<string, Map<string, number>> {
  const terms = [...termSet(question, 'ja')].map((term) => ({ term, weight: 1 }));
  const found = withWrittenSynonyms(terms, question, library.sources(), neighbours);
  return new Map(
    found
      .filter((one) => (one.equivalents ?? []).length > 0)
      .map((one) => [one.term, new Map((one.equivalents ?? []).map(({ term, share }) => [term, share]))]),
  );
}

describe('words of a Japanese question that a dictionary knows', () => {
  test('bring those that mean alike, by how much', () => {
    const found = widened('借り賃はいくらですか。');
    expect([...(found.get('借り')?.keys() ?? [])]).toEqual(['家賃']);
    expect(found.get('借り')?.get('家賃')).toBeCloseTo(0.56);
    expect(found.has('くら')).toBe(false);
  });

  test('bring nothing that the documents do not hold', () => {
    expect([...(widened('嵐のとき').get('嵐の')?.keys() ?? widened('嵐のとき').get('嵐')?.keys() ?? [])]).toEqual([
      '荒天',
    ]);
  });

  test('of one character count by themselves, not within a longer word', () => {
    expect(widened('いつ払うのですか').get('払')?.has('納付')).toBe(true);
    expect(widened('支払期限はいつですか').size).toBe(0);
  });
});

describe('terms of a Japanese text', () => {
  test('are its pairs of characters, and each of Chinese script by itself', () => {
    expect(termsOf('船を貸す', 'ja').map(({ term }) => term)).toEqual(['船を', '船', 'を貸', '貸す', '貸', 'す']);
  });
});
