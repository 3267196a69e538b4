import { describe, expect, test } from '@jest/globals';
import { definingShare, freshMentions } from './kinds';
import { analyseQuestion, kindOf } from './question';
import { splitQuestions } from './splitQuestions';

describe('questions', () => {
  test.each([
    ['How much is the concession fee?', 'amount'],
    ['What was revenue in 2025?', 'amount'],
    ['What must the owner pay for a berth?', 'amount'],
    ['What percentage of shares does the trust hold?', 'percentage'],
    ['How long is the notice period?', 'duration'],
    ['Within how many days must it be paid?', 'duration'],
    ['How many crew are needed?', 'number'],
    ['When does the lease end?', 'date'],
    ['Who is the auditor?', 'party'],
    ['What is a virtual berth?', 'definition'],
    ['What does freeboard mean?', 'definition'],
    ['What is the purpose of the bond?', 'definition'],
    ['May the tenant sublet?', 'yes-no'],
    ['List the grounds for termination.', 'list'],
    ['Wie hoch ist die Gebühr?', 'amount'],
    ['Explain the fares.', 'passage'],
  ])('“%s” want: %s', (question, kind) => {
    expect(kindOf(question)).toBe(kind);
  });

  test('in one message are parted, list marks left out', () => {
    expect(splitQuestions('Who pays? When is it due?\n1. What is a Vessel?\n\n- Explain clause 4.2.')).toEqual([
      'Who pays?',
      'When is it due?',
      'What is a Vessel?',
      'Explain clause 4.2.',
    ]);
    expect(splitQuestions(' \n?! ')).toEqual([]);
  });

  test('weigh scaffolding less than subjects, and keep values and phrases apart', () => {
    const question = analyseQuestion('What is the number of "scheduled sailings" in 2025?', 'en');
    const weight = (word: string): number | undefined => question.terms.find((one) => one.term === word)?.weight;
    expect(weight('number')).toBeLessThan(weight('sail') ?? 0);
    expect(question.phrases).toEqual(['scheduled sailings']);
    expect(question.periods).toEqual(['#2025']);
  });

  test('of nothing but scaffolding are still searched for', () => {
    expect(analyseQuestion('What happens?', 'en').terms.length).toBeGreaterThan(0);
  });
});

describe('answers of a kind', () => {
  const texts = (text: string, asked: string): string[] =>
    freshMentions(text, analyseQuestion(asked, 'en'), 'en').map(({ start, end }) => text.slice(start, end));

  test('are found in a sentence, without what the question said itself', () => {
    expect(texts('In 2025 the fee was 480 crowns under clause 14.', 'How much was the fee in 2025?')).toEqual([
      '480 crowns',
    ]);
    expect(texts('It is valid for twelve months or 3 trips.', 'How long is it valid?')).toEqual(['twelve months']);
    expect(texts('The report by Orrin Tave names the Board.', 'Who wrote the Board report?')).toEqual(['Orrin Tave']);
  });

  test('are no clause or list numbers', () => {
    expect(texts('14.2 The sum is set by Note 9 and clause 3.', 'How much is the sum?')).toEqual([]);
  });

  test('define when the subject stands before the defining verb', () => {
    expect(definingShare('A virtual berth is one that exists on paper.', ['virtual', 'berth'])).toBe(1);
    expect(
      definingShare('The master, who knows the port and all its people very well, is a friend of the berth.', [
        'berth',
      ]),
    ).toBe(0);
    expect(definingShare('Berths were dug in May.', ['berth'])).toBe(0);
  });
});
