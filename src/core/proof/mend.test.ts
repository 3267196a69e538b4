import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { isGrave, isProblem, mended, mendingOf, proof, tallyOf, whatBecame, type ProofItem } from '.';

const HARBOUR = [
  'Harbour rules\n\nThe pilot shall board every vessel longer than 40 metres. The master may refuse a pilot only in writing. No vessel shall enter the basin at night.',
  'Dues\n\nDues of the basin (in thousands of crowns)\n\n              2025     2024\nPilotage     1,400    1,310\nTowage         620      655\n',
].join('\f');
const LATER = HARBOUR.replace('40 metres', '45 metres').replace('1,400', '1,450');

function itemsOf(text: string, document: string = HARBOUR): readonly ProofItem[] {
  const library = libraryOfTexts({ 'Harbour rules.txt': document });
  return proof(text, { shelf: { sources: library.sources(), quotes: library.quotes } }).items;
}

/** The text with everything put right that can be. */
function putRight(text: string): string {
  const mendings = itemsOf(text).flatMap((item) => (isProblem(item) ? (mendingOf(item) ?? []) : []));
  return mended(text, mendings);
}

describe('one action puts right', () => {
  test.each([
    ['the words of a quotation', 'The rules say “The pilot may board every vessel longer than 40 metres.” (p. 1)', 'The rules say “The pilot shall board every vessel longer than 40 metres.” (p. 1)'],
    ['its page', 'The rules say “The master may refuse a pilot only in writing” (Harbour rules, p. 2).', 'The rules say “The master may refuse a pilot only in writing” (Harbour rules, p. 1).'],
    ['a figure of another year', 'In 2025, pilotage brought in 1,310 thousand crowns.', 'In 2025, pilotage brought in 1,400 thousand crowns.'],
    ['a figure in the scale of the text', 'In 2025, towage brought in 0.655 million crowns.', 'In 2025, towage brought in 0.62 million crowns.'],
    ['a wrong result', 'Pilotage rose by 8.9 per cent in 2025.', 'Pilotage rose by 6.9 % in 2025.'],
  ])('%s', (_what, text, expected) => {
    expect(putRight(text)).toBe(expected);
  }); // prettier-ignore

  test('and what was put right stands when it is proofed again', () => {
    const text =
      'The rules say “The pilot may board every vessel longer than 41 metres.” (p. 2) In 2025, pilotage brought in 1,310 thousand crowns.';
    const once = putRight(text);
    const twice = putRight(once);
    expect(tallyOf(itemsOf(twice)).problems).toBe(0);
  });

  test('nothing where nothing is wrong, or nothing is known', () => {
    const [good] = itemsOf('The rules say “No vessel shall enter the basin at night.”');
    const [lost] = itemsOf('The rules say “whales are counted by the wardens at every second tide of the moon”.');
    expect([good, lost].map((item) => (item === undefined ? 'none' : mendingOf(item)))).toEqual([null, null]);
  });
});

describe('run again over another edition', () => {
  const TEXT =
    'The rules say “The pilot shall board every vessel longer than 40 metres.” (p. 1) Towage brought in 620 thousand crowns in 2025, and pilotage 1,400 thousand.';

  test('it is told what became different, and only that', () => {
    const became = whatBecame(itemsOf(TEXT, LATER), itemsOf(TEXT));
    expect(became.map(({ item, was }) => [item.text, was?.kind])).toEqual([
      ['The pilot shall board every vessel longer than 40 metres.', 'quote'],
      [expect.stringContaining('1,400'), 'figure'],
    ]);
    expect(became.every(({ item }) => isProblem(item) && isGrave(item))).toBe(true);
  });

  test('the same documents make nothing different', () => {
    expect(whatBecame(itemsOf(TEXT), itemsOf(TEXT))).toEqual([]);
  });
});

test('any stretch of a page that is quoted in a memo is exact, and a digit changed in it is grave', () => {
  const sentences = [
    'The pilot shall board every vessel longer than 40 metres.',
    'The master may refuse a pilot only in writing.',
    'No vessel shall enter the basin at night.',
  ];
  const library = libraryOfTexts({ 'Harbour rules.txt': HARBOUR });
  const shelf = { sources: library.sources(), quotes: library.quotes };
  fc.assert(
    fc.property(fc.constantFrom(...sentences), fc.nat(3), fc.nat(4), (sentence, from, less) => {
      const words = sentence.split(' ');
      const quote = words.slice(from, Math.max(from + 4, words.length - less)).join(' ');
      const [item] = proof(`As the rules have it, “${quote}” is what holds.`, { shelf }).items;
      expect(item?.kind === 'quote' ? item.citation.mark : item?.text).toBe('exact');
    }),
    { numRuns: 60 },
  );
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 99 }), (metres) => {
      fc.pre(metres !== 40);
      const text = `It says “The pilot shall board every vessel longer than ${metres} metres.” of that.`;
      const [item] = proof(text, { shelf }).items;
      expect(item !== undefined && isProblem(item) && isGrave(item)).toBe(true);
    }),
    { numRuns: 40 },
  );
});
