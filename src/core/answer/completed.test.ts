import { expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import type { Language } from '../text';
import { askBuiltIn } from '.';

/** What a question about a manual is answered with first: its quote, and the mark of that. */
function told(text: string, question: string, language: Language = 'en') {
  const library = libraryOfTexts({ Manual: text }, language);
  const answer = askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
  return answer.claims[0]?.citations[0];
}

test('a sentence that says “it” of what the one before names is quoted with that one, and the quote stands there', () => {
  const manual =
    'The winch has a brake of cast iron. It holds a load of 40 tonnes on the ramp.\n\nThe lamp is of brass.';
  const citation = told(manual, 'What load does the winch hold on the ramp?');
  expect(citation?.quote).toBe('The winch has a brake of cast iron. It holds a load of 40 tonnes on the ramp.');
  expect(citation?.mark).toBe('exact');
});

test('an “it” that stands for nothing takes no other sentence along', () => {
  const manual = 'The shed is of brick. It is forbidden to light a fire in the shed.';
  expect(told(manual, 'Is it forbidden to light a fire in the shed?')?.quote).toBe(
    'It is forbidden to light a fire in the shed.',
  );
});

test('nor does a German “Sie” that speaks to the reader, or a sentence about both', () => {
  const manual = 'The winch is of steel. Both crews must grease the winch each day.';
  expect(told(manual, 'Who must grease the winch each day?')?.quote).toBe('Both crews must grease the winch each day.');
  const german = 'Die Winde ist aus Stahl. Sie müssen die Winde täglich fetten.';
  expect(told(german, 'Wie oft muss man die Winde fetten?', 'de')?.quote).toBe('Sie müssen die Winde täglich fetten.');
});

test('a question put in the open is told what follows from the sentence that answers it', () => {
  const manual =
    'The program has a limit for the length of messages in its log. If it is reached, they are cut off.\n\nThe clock is set each day.';
  expect(told(manual, 'What is done with messages in the log that are too long?')?.quote).toContain('cut off');
});

test('“this list” is told with what the sentence before calls so, where it is asked which list it is', () => {
  const manual = 'Questions go to tide-novices@harbour.example. This list is for beginners.\n\nThe lamp is of brass.';
  expect(told(manual, 'Which list is for beginners?')?.quote).toBe(
    'Questions go to tide-novices@harbour.example. This list is for beginners.',
  );
  expect(told(manual, 'Is this list for beginners?')?.quote).toBe('This list is for beginners.');
});

test('what an item goes on with in one line is told with its head', () => {
  const manual =
    'The following programs are at hand:\n\n• gpc - the Pascal compiler. You need one for old programs.\n\n• tar - the archiver.';
  expect(told(manual, 'What is needed for old programs?')?.quote).toContain('the Pascal compiler');
});
