import { describe, expect, test } from '@jest/globals';
import { planQuestions } from './plan';

describe('a question of several parts', () => {
  test.each([
    [
      'Who is the tenant, when does the lease begin and how much is the deposit?',
      ['Who is the tenant?', 'When does the lease begin?', 'How much is the deposit?'],
    ],
    [
      'What is the rent, the deposit and the term of the lease of North Basin 4?',
      [
        'What is the rent of the lease of North Basin 4?',
        'What is the deposit of the lease of North Basin 4?',
        'What is the term of the lease of North Basin 4?',
      ],
    ],
    [
      'What was the revenue, how many were carried and what was the dividend in 2025?',
      ['What was the revenue in 2025?', 'How many were carried in 2025?', 'What was the dividend in 2025?'],
    ],
    ['What is the fee and when is it due?', ['What is the fee?', 'When is the fee due?']],
    [
      'How many piles were examined in 2019 and in how many piles was worm found?',
      ['How many piles were examined in 2019?', 'In how many piles was worm found in 2019?'],
    ],
    [
      'What did fares bring in the first quarter of 2025, how large was the loss and how many cars were carried?',
      [
        'What did fares bring in the first quarter of 2025?',
        'How large was the loss in the first quarter of 2025?',
        'How many cars were carried in the first quarter of 2025?',
      ],
    ],
    [
      'When are rates adapted, who decides and is lost profit compensated?',
      ['When are rates adapted?', 'Who decides?', 'Is lost profit compensated?'],
    ],
    [
      'How high is the slipway, which boats are launched free and in which months is it open?',
      ['How high is the slipway?', 'Which boats are launched free?', 'In which months is the slipway open?'],
    ],
    ['Who signs and is liable?', ['Who signs and is liable?']],
    [
      'How often is it checked, how long is the warranty and at what temperature should it be stored?',
      ['How often is it checked?', 'How long is the warranty?', 'At what temperature should it be stored?'],
    ],
    [
      'From when does the contract run, for how long and who may end the contract?',
      ['From when does the contract run?', 'For how long does the contract run?', 'Who may end the contract?'],
    ],
    [
      'Wann beginnt die Schicht und mit welcher Frist kann gekündigt werden?',
      ['Wann beginnt die Schicht?', 'Mit welcher Frist kann gekündigt werden?'],
    ],
    [
      'What were turnover, operating profit and the number of employees in 2024?',
      ['What was turnover in 2024?', 'What was operating profit in 2024?', 'What was the number of employees in 2024?'],
    ],
    [
      'When do the bonds fall due, what interest do they bear and how much of the loan was drawn?',
      ['When do the bonds fall due?', 'What interest do the bonds bear?', 'How much of the loan was drawn?'],
    ],
    [
      'In the lease of berth 5, what is the rent and when does it end?',
      ['In the lease of berth 5, what is the rent?', 'In the lease of berth 5, when does it end?'],
    ],
    [
      'How many passengers were carried in 2025, and was that more than the year before?',
      [
        'How many passengers were carried in 2025?',
        'How many passengers were carried in 2025: was that more than the year before?',
      ],
    ],
    [
      'How many people were employed in 2025 and how much was paid to them?',
      ['How many people were employed in 2025?', expect.stringContaining('How much was paid')],
    ],
    [
      'How long is the certificate valid, what does it state and where must it be displayed?',
      [
        'How long is the certificate valid?',
        'What does the certificate state?',
        'Where must the certificate be displayed?',
      ],
    ],
    [
      'How fast may I go, may I fill up there and to whom do I report oil?',
      ['How fast may I go?', 'May I fill up there?', 'To whom do I report oil?'],
    ],
    [
      'Who was there, how many divers were there and how deep could they go?',
      ['Who was there?', 'How many divers were there?', 'How deep could divers go?'],
    ],
    [
      '契約期間は何年で、何区画を使え、保証金はいくらですか。',
      ['契約期間は何年で。', '何区画を使え。', '保証金はいくらですか。'],
    ],
    [
      'Wie hoch waren 2024 Umsatz und Dividende und wie viele Mitarbeiter gab es?',
      ['Wie hoch waren 2024 Umsatz?', 'Wie hoch waren 2024 Dividende?', 'Wie viele Mitarbeiter gab es 2024?'],
    ],
    [
      'In how many parts is it paid, when does the insurer pay and which court hears claims?',
      ['In how many parts is it paid?', 'When does the insurer pay?', 'Which court hears claims?'],
    ],
    [
      'Bis zu welchem Betrag haftet die Gemeinde, darf man am Strand grillen und sind Hunde erlaubt?',
      ['Bis zu welchem Betrag haftet die Gemeinde?', 'Darf man am Strand grillen?', 'Sind Hunde erlaubt?'],
    ],
    [
      'Gelten mündliche Zusagen, wie oft wird gemessen und bekommt man das Geld zurück?',
      ['Gelten mündliche Zusagen?', 'Wie oft wird gemessen?', 'Bekommt man das Geld zurück?'],
    ],
    [
      'How long must samples be kept, is sales tax added to the bill and after how long may a party leave?',
      ['How long must samples be kept?', 'Is sales tax added to the bill?', 'After how long may a party leave?'],
    ],
    [
      'Who answers first, how soon must money that was misused be given back and who gives the money?',
      ['Who answers first?', 'How soon must money that was misused be given back?', 'Who gives the money?'],
    ],
    [
      'What is the highest fine, how long may a trailer stand there and what does it cost to launch a boat?',
      ['What is the highest fine?', 'How long may a trailer stand there?', 'What does it cost to launch a boat?'],
    ],
    [
      '油が漏れているのを見つけたら、どうすべきですか、罰金は最高いくらですか。',
      ['油が漏れているのを見つけたら、どうすべきですか。', '罰金は最高いくらですか。'],
    ],
    [
      'Who is the tenant, when does the lease begin and how long does it run?',
      ['Who is the tenant?', 'When does the lease begin?', 'How long does the lease run?'],
    ],
    ['Wer ist der Mieter, wann beginnt der Vertrag?', ['Wer ist der Mieter?', 'Wann beginnt der Vertrag?']],
  ])('“%s” is taken apart', (text, parts) => {
    expect(planQuestions(text)).toEqual(parts);
  });

  test.each([
    'What are the terms and conditions of carriage?',
    'Who signs and is liable for damage?',
    'What does Force of Weather mean?',
    'Which vessels, if any, may sail at night?',
    'The rent and the deposit',
    'Wer haftet und ist Eigentümer der Halle?',
    'Which boats are moored there and are inspected each year?',
    'Did spending rise in 2025, and by how much?',
    '乙が車両を洗い、物を捨てたときはどうなりますか。',
  ])('“%s” stays one', (text) => {
    expect(planQuestions(text)).toEqual([text]);
  });
});

describe('what "it" stands for', () => {
  test.each([
    [
      'What is the working pressure and how much water does it hold?',
      ['What is the working pressure?', 'How much water does it hold?'],
    ],
    ['What voltage does it need and how is it switched on?', ['What voltage does it need?', 'How is it switched on?']],
    [
      'When was the vessel built, how big is her crew and how fast is she?',
      ['When was the vessel built?', 'How big is the vessel’s crew?', 'How fast is the vessel?'],
    ],
  ])('%s', (asked, parts) => {
    expect(planQuestions(asked)).toEqual(parts);
  });
});
