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

  test('the price of a thing is a sum of money, told of “it” or not', () => {
    const card =
      'Rules for divers\n\nRule 2. A card is issued to whoever has turned eighteen. It costs 95 crowns and runs for five years.';
    expect(answered(card, 'How much is a card?')).toBe('95 crowns');
  });

  test('places for something else are not counted', () => {
    const places = 'Rules\n\nOne place for a wheelchair is provided for every 75 passengers.';
    expect(answered(places, 'How many parking places are provided?')).toBeNull();
    expect(answered(`${places} There are 40 places for parking.`, 'How many parking places are there?')).toBe('40');
  });

  test('metres of a silo are no silos', () => {
    const silos = 'Safety\n\nHot work within 30 metres of a silo needs a permit signed by the safety officer.';
    expect(answered(silos, 'How many silos are there?')).toBeNull();
    expect(answered(`${silos} The terminal has 12 silos.`, 'How many silos are there?')).toBe('12');
  });

  test('the next sum is told where the best is none of what is asked', () => {
    const results =
      'Results\n\nThe operating profit for the year 2025 was 3,310 crowns. The board proposes a dividend of 45 crowns a share for 2025.';
    expect(answered(results, 'What is the dividend for 2025?')).toContain('45 crowns');
  });
});
