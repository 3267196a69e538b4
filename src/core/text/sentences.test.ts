import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { splitSentences } from './sentences';

const sentences = (text: string): string[] => splitSentences(text).map(({ start, end }) => text.slice(start, end));

describe('sentences', () => {
  test('end at full stops, question and exclamation marks', () => {
    expect(sentences('It ends. Does it? Yes! Good.')).toEqual(['It ends.', 'Does it?', 'Yes!', 'Good.']);
  });

  test.each([
    'See para. 3 of the Schedule.',
    'Mr. Hale and I. Marlow agreed.',
    'The sum of 1.25 million crowns is due.',
    'It applies, e.g. to boats, and so on.',
    'Version 4.2. of the file holds it.'.replace('4.2. of', '4.2 of'),
    'Vgl. Abs. 2 der Satzung.',
    'Die Fähre wurde für 4,1 Mio. EUR an eine Reederei verkauft.',
    'Mitglied kann werden, wer das 18. Lebensjahr vollendet hat.',
    'Section 2. The subscription is 48 crowns.',
  ])('do not end within “%s”', (text) => {
    expect(sentences(text)).toEqual([text]);
  });

  test('end behind a scale cut short where another begins', () => {
    expect(sentences('Der Umsatz betrug 4,1 Mio. Der Gewinn sank.')).toEqual([
      'Der Umsatz betrug 4,1 Mio.',
      'Der Gewinn sank.',
    ]);
  });

  test('keep closing quotation marks and parentheses', () => {
    expect(sentences('He said “never.” Then he left.')).toEqual(['He said “never.”', 'Then he left.']);
    expect(sentences('Er sagte: „Nie.“\n6. Dann ging er.')).toEqual(['Er sagte: „Nie.“', '6. Dann ging er.']);
  });

  test('end at ideographic full stops without a space', () => {
    expect(sentences('終わります。始まります。')).toEqual(['終わります。', '始まります。']);
    // What a party is called by ends with a full stop of its own.
    expect(sentences('港湾局（以下「甲」という。）は貸す。借りる。')).toEqual([
      '港湾局（以下「甲」という。）は貸す。',
      '借りる。',
    ]);
  });

  test('do not end at a list number that opens a line', () => {
    expect(sentences('1. The owner pays.')).toEqual(['1. The owner pays.']);
    expect(sentences('A2. The owner pays. It is B3.')).toEqual(['A2. The owner pays.', 'It is B3.']);
  });

  test('go on over German dates and abbreviations', () => {
    expect(sentences('Sie beginnt am 1. Juli 2021. Sie endet z. B. im Mai.')).toEqual([
      'Sie beginnt am 1. Juli 2021.',
      'Sie endet z. B. im Mai.',
    ]);
  });

  test('cover all that is not white space, in order, for any text', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 120 }), (text) => {
        const ranges = splitSentences(text);
        expect(
          ranges
            .map(({ start, end }) => text.slice(start, end))
            .join('')
            .replace(/\s/g, ''),
        ).toBe(text.replace(/\s/g, ''));
        for (let at = 1; at < ranges.length; at += 1) {
          expect(ranges[at]?.start).toBeGreaterThanOrEqual(ranges[at - 1]?.end ?? 0);
        }
      }),
    );
  });
});
