import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '.';

const answered = (text: string, question: string): string | null => {
  const library = libraryOfTexts({ 'one.txt': text });
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline;
};

describe('a measure or price is of the thing that is asked about', () => {
  const PRICES =
    'Study of the basin\n\nA curtain of air bubbles would keep out half of the silt. It would cost 1.9 million crowns to build.\n\nBy June the yard had built half of the hall. It had spent 4.1 million crowns on it.';

  test('“it” is what the sentence before names', () => {
    expect(answered(PRICES, 'How much does the curtain of bubbles cost?')).toContain('1.9 million');
    expect(answered(PRICES, 'How much did the study cost?')).toBeNull();
  });

  test('what was spent on something else is no answer', () => {
    expect(answered(PRICES, 'How much was spent on research?')).toBeNull();
  });
});
