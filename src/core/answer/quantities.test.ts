import { describe, expect, test } from '@jest/globals';
import { numbersOf } from '../text';
import { measuredBy, measures } from './measured';
import { kindOf } from './kindOf';
import { analyseQuestion } from './question';
import { quantityAsked, toldIn } from './quantities';

/** True when a figure of the text is of the quantity that the question asks for. */
function fits(question: string, text: string, language: 'en' | 'de' | 'ja' = 'en'): boolean {
  const quantity = quantityAsked(question);
  if (quantity === null) throw new Error(`“${question}” asks for no quantity.`);
  return toldIn(quantity, text, numbersOf(text, language));
}

test('is none of the gain of a sale, but of an amplifier’s', () => {
  expect(quantityAsked('What gain was made on the sale of the tug?')).toBeNull();
  expect(fits('How much gain does the amplifier give?', 'It gives 14 dB of gain.')).toBe(true);
});

describe('a quantity asked for', () => {
  test.each([
    ['How warm must the hall be?', 'The hall is heated to 20 degrees.', 'It bears 31 per cent of the heating.'],
    ['How deep is the basin?', 'The basin has 4.2 metres of water.', 'The basin holds 85 vessels.'],
    ['How heavy is the crane?', 'The crane is of 120 tonnes.', 'The crane is let for 120 days.'],
    ['What is the floor area of the shop?', 'The shop has 90 square metres.', 'The shop is at 19 Quay Street.'],
    ['How much energy does the store hold?', 'It holds 2,800 kilowatt-hours.', 'The tank holds 85 litres.'],
    ['How fast may a boat go?', 'Boats go at 3 metres per second.', 'Boats go 30 metres beside the quay.'],
    ['How long would the footbridge be?', 'It would be 32 metres.', 'Wind of 14 metres per second closes it.'],
    ['How long is the workboat Petrel?', 'She is 14 metres long.', 'Work stopped on 2 days.'],
    ['How high is the ceiling?', 'It is at 3 metres.', 'Five places are let.'],
    ['What pull opens the coupling?', 'It opens at 6 kilonewtons.', 'It opens after 6 seconds.'],
    ['How many kilowatts does the motor have?', 'Power: 3.5 kW.', 'It draws 16 amperes.'],
    ['What torque do the bolts need?', 'Tighten them to 85 Nm.', 'The bolts are 85 millimetres long.'],
    ['What is the maximum pressure?', 'It works at up to 9 bar.', 'Two people lift it.'],
    ['What is the offset voltage?', 'It has an offset of 30 μV.', 'It has 30 parts.'],
    ['How much current can the source supply?', 'It drives up to 5 mA.', 'It has 5 sockets.'],
    ['Which resistor does the oscillator need?', 'It needs one of 22 kΩ.', 'It needs 22 parts.'],
    ['What is the frequency range of the generator?', 'It runs from 0.7 Hz to 90 kHz.', 'It is tested 90 times.'],
    ['What load can the outputs stand?', 'They are rated for 25 mA.', 'They are 25 in number.'],
    ['How much space does the build take?', 'It takes up to 15 GB.', 'It takes up to 15 minutes.'],
    ['How much room must be left?', 'Leave 1.5 metres between booths.', 'Leave 2 copies with the clerk.'],
    ['What voltage does it need?', 'Connect it to 230 volts.', 'Parts are kept for twelve years.'],
  ])('%s is told in its own units', (question, right, wrong) => {
    expect(fits(question, right)).toBe(true);
    expect(fits(question, wrong)).toBe(false);
  });

  test('is told in the unit that a Japanese question names, or a larger one', () => {
    expect(fits('画面の大きさは何センチですか。', '幅は12センチである。', 'ja')).toBe(true);
    expect(fits('画面の大きさは何センチですか。', '距離は12キロメートルである。', 'ja')).toBe(false);
    expect(fits('桟橋の長さは何メートルですか。', '体長15センチの魚', 'ja')).toBe(false);
    expect(fits('荷物は何キロまでですか。', '総トン数84トン', 'ja')).toBe(false);
  });

  test('is known in German and Japanese', () => {
    expect(fits('Wie warm muss der Saal sein?', 'Der Saal wird auf 20 Grad geheizt.', 'de')).toBe(true);
    expect(fits('Wie heiß darf der Ofen werden?', 'Der Ofen wird auf 300 Grad geheizt.', 'de')).toBe(true);
    expect(fits('Wie weit darf man fahren?', 'Sie fahren 20 Tage.', 'de')).toBe(false);
    expect(fits('気温は何度ですか', '気温が35度を超える日', 'ja')).toBe(true);
    expect(fits('重さは何キログラムですか', '3日以内に報告する', 'ja')).toBe(false);
  });

  test.each([
    ['何人まで乗れますか', '定員は96名とする', '船は3隻ある'],
    ['駐車場は何台分ありますか', '駐車場は12台分とする', '午前5時から使える'],
    ['船は何隻ありますか', '船は3隻ある', '定員は96名とする'],
    ['年に何回点検しますか', '年に2回点検する', '2名で点検する'],
    ['店は何か所ありますか', '店舗は14か所である', '店員は210名である'],
    ['何社が応じましたか', '4社が応じた', '4日に応じた'],
    ['建物は何階ですか', '建物は11階である', '建物は11年前に建てた'],
  ])('in Japanese is told with its counter: %s', (question, right, wrong) => {
    expect(fits(question, right, 'ja')).toBe(true);
    expect(fits(question, wrong, 'ja')).toBe(false);
  });

  test('may be told with the first figure of a range', () => {
    expect(fits('How wide is the gate?', 'The gate is 3 to 5 metres.')).toBe(true);
  });

  test('is none where counts and money are asked for by the same words', () => {
    expect(quantityAsked('How large is the order book?')).toBeNull();
    expect(quantityAsked('How high is the fine?')).toBeNull();
  });

  test('is asked for as a number', () => {
    expect(kindOf('At what temperature does it stop?')).toBe('number');
    expect(kindOf('Wie schwer ist der Kran?')).toBe('number');
    expect(kindOf('Ab welcher Wellenhöhe ist das Baden verboten?')).toBe('number');
  });
});

describe('what the figures of a sentence are to measure', () => {
  test.each([
    ['How heavy is the crane?', 'It has 4 hooks and is of 120 tonnes.', '120'],
    ['How much electric power does it draw?', 'It has 3 lamps and draws 40 watts.', '40'],
    ['How many hooks has the crane?', 'It has 4 hooks and is of 120 tonnes.', '4'],
    ['What does the hire cost?', 'For 6 days it is 90 crowns.', '90 crowns'],
  ])('“%s” in “%s”', (question, text, figure) => {
    const asked = measuredBy(analyseQuestion(question, 'en'), 'en');
    const fitting = numbersOf(text, 'en').filter((one) => measures(asked, text, [one], 'en'));
    expect(fitting.map(({ start, end }) => text.slice(start, end))).toEqual([expect.stringContaining(figure)]);
  });
});
