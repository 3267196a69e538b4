import { expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '.';

/** The quotes that a question about a manual is answered with. */
function quotes(text: string, question: string): string[] {
  const library = libraryOfTexts({ 'Manual.txt': text });
  const answer = askBuiltIn(question, library.sources(), library.quotes, { now: () => 0, neighbours: null });
  return answer.claims.flatMap(({ citations }) => citations.map(({ quote }) => quote));
}

test('a sentence that says “it” of what the one before names is quoted with that one, and the quote stands there', () => {
  const library = libraryOfTexts({
    'Manual.txt':
      'The winch has a brake of cast iron. It holds a load of 40 tonnes on the ramp.\n\nThe lamp is of brass.',
  });
  const { claims } = askBuiltIn('What load does the winch hold on the ramp?', library.sources(), library.quotes, {
    now: () => 0,
    neighbours: null,
  });
  expect(claims[0]?.citations[0]?.quote).toBe(
    'The winch has a brake of cast iron. It holds a load of 40 tonnes on the ramp.',
  );
  expect(claims[0]?.citations[0]?.mark).toBe('exact');
});

test('an “it” that stands for nothing takes no other sentence along', () => {
  const [quote] = quotes(
    'The shed is of brick. It is forbidden to light a fire in the shed.',
    'Is it forbidden to light a fire in the shed?',
  );
  expect(quote).toBe('It is forbidden to light a fire in the shed.');
});

test('nor does a German “Sie” that speaks to the reader, or a sentence about both', () => {
  const manual = 'The winch is of steel. Both crews must grease the winch each day.';
  expect(quotes(manual, 'Who must grease the winch each day?')[0]).toBe('Both crews must grease the winch each day.');
  const german = libraryOfTexts({ Anleitung: 'Die Winde ist aus Stahl. Sie müssen die Winde täglich fetten.' }, 'de');
  const { claims } = askBuiltIn('Wie oft muss man die Winde fetten?', german.sources(), german.quotes, {
    now: () => 0,
  });
  expect(claims[0]?.citations[0]?.quote).toBe('Sie müssen die Winde täglich fetten.');
});

test('a question put in the open is told what follows from the sentence that answers it', () => {
  const [quote] = quotes(
    'The program has a limit for the length of messages in its log. If it is reached, they are cut off.\n\nThe clock is set each day.',
    'What is done with messages in the log that are too long?',
  );
  expect(quote).toContain('cut off');
});
