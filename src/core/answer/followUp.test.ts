import { describe, expect, test } from '@jest/globals';
import { completeQuestion, thingAsked } from './followUp';

const after = (question: string, said: string[] = []) => ({ question, said });

describe('a follow-up is made whole', () => {
  test.each([
    ['and the year before?', 'How much was the revenue in 2025?', 'How much was the revenue in 2024?'],
    ['And what about 2024?', 'What was the revenue in 2025?', 'What was the revenue in 2024?'],
    ['And in 2023?', 'How much was the revenue in 2025?', 'How much was the revenue in 2023?'],
    ['what about the year after?', 'What was the dividend for 2024?', 'What was the dividend for 2025?'],
    ['who pays that?', 'How much is the concession fee?', 'Who pays the concession fee?'],
    ['When is it due?', 'How much is the rent of berth nine?', 'When is the rent of berth nine due?'],
    [
      'does it apply to subtenants?',
      'What is the penalty for late departure?',
      'Does the penalty for late departure apply to subtenants?',
    ],
    ['and for lorries?', 'What is the fare for cars?', 'What is the fare for lorries?'],
    ['and the deposit?', 'How much is the rent of berth nine?', 'How much is the deposit of berth nine?'],
    ['what is its term?', 'When does the agreement end?', 'What is the agreement’s term?'],
    ['Why?', 'When does the agreement end?', 'Why: the agreement?'],
    [
      'was that more than the year before?',
      'How many passengers were carried in 2025?',
      'How many passengers were carried in 2025: was that more than the year before?',
    ],
    ['what must it pay?', 'What notice must the Board give to end it?', 'What must the Board pay?'],
    ['Und im Jahr davor?', 'Wie hoch war die Miete 2024?', 'Wie hoch war die Miete 2023?'],
    ['Und 2023?', 'Wie viele Telefone wurden 2024 gefunden?', 'Wie viele Telefone wurden 2023 gefunden?'],
    ['Und für Kinder?', 'Was kostet eine Fahrt für Erwachsene?', 'Was kostet eine Fahrt für Kinder?'],
    ['Und wie viel an Sonntagen?', 'Wie hoch ist der Zuschlag?', 'Wie hoch ist der Zuschlag an Sonntagen?'],
    ['Und die Kaution?', 'Wie hoch ist die Miete?', 'Wie hoch ist die Kaution?'],
    ['Wer zahlt das?', 'Wie hoch ist die Kaution?', 'Wer zahlt die Kaution?'],
    ['Darf er verlängert werden?', 'Wann endet der Vertrag?', 'Darf der Vertrag verlängert werden?'],
    ['Ist das Boot versichert?', 'Wann endet der Vertrag?', 'Ist das Boot versichert?'],
    ['前年は？', '2024年の売上高はいくらですか。', '2023年の売上高はいくらですか。'],
    ['保証金は？', '使用料は月いくらですか。', '保証金は月いくらですか。'],
    ['それは誰が払いますか。', '使用料は月いくらですか。', '使用料は誰が払いますか。'],
    ['いつまでに払いますか。', '使用料は月いくらですか。', '使用料はいつまでに払いますか。'],
    ['更新はどうなりますか。', '契約期間はどのくらいですか。', '更新はどうなりますか。'],
    ['until when is she fit?', 'How many lifejackets does Kittiwake carry?', 'Until when is Kittiwake fit?'],
  ])('%s after “%s”', (followUp, before, whole) => {
    expect(completeQuestion(followUp, after(before))).toBe(whole);
  });

  test('the year is taken from the answer when the question names none', () => {
    expect(completeQuestion('and the year before?', after('How much was the profit?', ['4,240 in 2025']))).toBe(
      'How much was the profit in 2024?',
    );
  });

  test('a question that stands by itself stays as it is', () => {
    const whole = 'Which documents must be on board each vessel?';
    expect(completeQuestion(whole, after('How much is the fee?'))).toBe(whole);
    expect(completeQuestion('Who signs that report of the surveyor?', after('How much is the fee?'))).toBe(
      'Who signs that report of the surveyor?',
    );
  });
});

describe('the thing a question is about', () => {
  test.each([
    ['How much was the revenue in 2025?', 'the revenue'],
    ['When does the concession agreement end?', 'the concession agreement'],
    ['Which insurance must be kept?', 'insurance'],
    ['How long is the certificate valid?', 'the certificate'],
    ['Tell me more', null],
  ])('%s', (question, thing) => {
    expect(thingAsked(question)).toBe(thing);
  });
});
