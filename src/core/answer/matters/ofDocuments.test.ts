import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../../tests/support/shelf';
import { askBuiltIn } from '..';

/** What stands around a sentence in rules, a report, a handbook and a survey. */
const AROUND = {
  rules:
    'Order on the moorings\n\n1. Moorings are numbered.\n\n2. {}\n\n3. The office keeps a list.\n\n4. Lost property is held for 90 days.',
  report:
    'Annual report of the ferry company 2024\n\n1. The winter was mild.\n\n2. {}\n\n3. Electricity cost 112,000 crowns.\n\n4. A storm closed the quay for 4 days.',
  handbook:
    'Handbook of the deck pump\n\n1. Read this before you start.\n\n2. {}\n\n3. The cable is 3 metres long.\n\n4. The display goes dark after 10 minutes.',
  survey:
    'Survey of the tug Lom\n\n1. The weather was calm.\n\n2. {}\n\n3. The tank holds 900 litres.\n\n4. The crew of 5 was helpful.',
} as const;

const answered = (kind: keyof typeof AROUND, sentence: string, question: string): string | null => {
  const library = libraryOfTexts({ 'one.txt': AROUND[kind].replace('{}', sentence) });
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline;
};

/** A sentence, a question in other words, and what must be said; without the sentence nothing answers. */
const TOLD: readonly (readonly [keyof typeof AROUND, string, string, string])[] = [
  ['rules', 'Whoever breaks this order pays up to 800 crowns.', 'What is the maximum fine?', '800'],
  ['rules', 'The Inspectorate grants permits.', 'Who issues permits?', 'Inspectorate'],
  ['rules', 'Permits lapse after two years.', 'How long is a permit valid?', 'two years'],
  ['rules', 'Applicants hear of it within six weeks.', 'How soon is an application decided?', 'six weeks'],
  ['rules', 'Boats of the police are exempt.', 'To whom do the rules not apply?', 'police'],
  ['rules', 'Nobody under 16 may steer.', 'What is the minimum age for steering?', '16'],
  ['report', 'We took 4.8 million crowns in the year.', 'What was turnover in 2024?', '4.8 million'],
  ['report', 'At the end of the year 86 people worked for us.', 'How many employees does the company have?', '86'],
  ['report', 'Maren Holt chairs the board.', 'Who is the chair?', 'Maren Holt'],
  ['report', 'The accounts were audited by Lomax & Teal.', 'Who audited the accounts?', 'Lomax & Teal'],
  ['report', 'It was set up in 1922.', 'When was the company founded?', '1922'],
  ['handbook', 'Never let the gauge climb past 9 bar.', 'What is the maximum pressure?', '9 bar'],
  ['handbook', 'Weight, empty: 47 kg.', 'How heavy is the pump?', '47'],
  ['handbook', 'The base bolts are drawn tight with 85 newton metres.', 'What torque applies to the bolts?', '85'],
  ['handbook', 'Change the oil every 250 hours.', 'When does the pump need new oil?', '250 hours'],
  ['survey', 'She draws 2.4 metres.', 'What is the draught of the tug?', '2.4'],
  ['survey', 'Surveyor: Ilse Brandt.', 'Who carried out the survey?', 'Ilse Brandt'],
  ['survey', 'Year of building: 1988.', 'How old is the tug?', '1988'],
];

describe('what rules, reports, handbooks and surveys tell', () => {
  test.each(TOLD)('%s: “%s” answers “%s”', (kind, sentence, question, says) => {
    expect(answered(kind, sentence, question)).toContain(says);
    expect(answered(kind, 'Signs are painted white.', question)).toBeNull();
  });

  test('a fine for one thing is none for another', () => {
    const fine = 'Whoever brings a dog pays a fine of 40 crowns.';
    expect(answered('rules', fine, 'What is the fine for bringing a dog?')).toContain('40');
    expect(answered('rules', fine, 'What is the fine for littering?')).toBeNull();
  });

  test('the name of a document is no answer', () => {
    expect(answered('rules', 'Signs are painted white.', 'When does the order come into force?')).toBeNull();
  });
});
