import { describe, expect, test } from '@jest/globals';
import type { Language } from '../text';
import { freshMentions } from './kinds';
import { analyseQuestion } from './question';

/** What a text tells of the kind that a question asks for. */
function told(question: string, text: string, language: Language = 'en'): string[] {
  return freshMentions(text, analyseQuestion(question, language), language).map(({ start, end }) =>
    text.slice(start, end),
  );
}

describe('what a text tells of what is asked for', () => {
  test('is a month by name, and not the verb "may"', () => {
    expect(told('In which month are the exams?', 'They are held each November.')).toEqual(['November']);
    expect(told('In which month are the exams?', 'A candidate may sit again.')).toEqual([]);
    expect(told('In welchen Monaten ist geschlossen?', 'Im Januar und Februar.', 'de')).toEqual(['Januar', 'Februar']);
    expect(told('何月に検査がありますか。', '検査は11月に行う。', 'ja')).toEqual(['11月']);
  });

  test('is no number that tells a thing from others of its kind', () => {
    expect(told('How many piles are rotten?', 'The worst is pile 88, which is hollow.')).toEqual([]);
    expect(told('How many piles are rotten?', 'Rotten are 31 piles.')).toEqual(['31']);
  });

  test('is the day up to which something holds, of an era too', () => {
    expect(told('契約はいつまでですか。', '期間を令和10年3月31日まで延長する。', 'ja')).toEqual(['令和10年3月31日']);
  });

  test('is how long something must be, but not how high it is', () => {
    expect(told('How long must a bass be?', 'A bass under 42 centimetres is put back.')).toEqual(['42 centimetres']);
    expect(told('How long may the hall be?', 'The hall is 9 metres high.')).toEqual([]);
  });

  test('is an age, with or without its unit', () => {
    expect(told('At what age do pilots retire?', 'Pilots retire at 65.')).toEqual(['65']);
    expect(told('At what age do pilots retire?', 'They number over 65 persons.')).toEqual([]);
  });

  test('is the step where it is asked by how much', () => {
    expect(told('By how much did wages rise?', 'From 200 crowns they rose by 12 crowns.')).toEqual(['12 crowns']);
    expect(told('By how much are dues raised?', 'Dues are raised by a quarter.')).toEqual(['a quarter']);
    expect(told('Um wie viel stieg der Lohn?', 'Er stieg um 12 Kronen auf 200 Kronen.', 'de')).toEqual(['12 Kronen']);
  });

  test('is no distance from a point where it is asked how long something lasts', () => {
    expect(told('How long does the crossing take?', 'Be there thirty minutes before.')).toEqual([]);
    expect(told('How long does the crossing take?', 'It takes thirty minutes.')).toEqual(['thirty minutes']);
    expect(told('Wie lange dauert die Überfahrt?', 'Dreißig Minuten vor der Abfahrt.', 'de')).toEqual([]);
  });

  test('is no deadline where it is asked how long something lasts', () => {
    expect(told('How long does the contract last?', 'It hands them out within two weeks.')).toEqual([]);
    expect(told('How long does the contract last?', 'It runs for two years.')).toEqual(['two years']);
    expect(told('How soon are they handed out?', 'It hands them out within two weeks.')).toEqual(['two weeks']);
  });

  test('is how far from another day something is done at the latest', () => {
    const ropes = 'Die Seile werden spätestens nach vier Jahren ausgetauscht.';
    expect(told('Wann müssen die Seile spätestens ersetzt werden?', ropes, 'de')).toEqual(['nach vier Jahren']);
    expect(told('By when is it paid?', 'It is paid within nine days of the order.')).toEqual(['within nine days of']);
    expect(told('いつまでに申し込みますか。', '7日前までに申し込む。', 'ja')).toEqual(['7日前までに']);
  });

  test('is by how long something was put off', () => {
    expect(told('By how long was it delayed?', 'It was delayed by a week when a fault arose.')).toEqual(['a week']);
    expect(told('By how long was it delayed?', 'A week later it was told by a boat.')).toEqual([]);
  });

  test('is no year that a thing is named by', () => {
    expect(told('When do the rules begin?', 'The Rules of 2012 are revoked.')).toEqual([]);
    expect(told('When was it built?', 'It was built at the end of 2012.')).toEqual(['the end of 2012']);
  });

  test('is how often in German and Japanese', () => {
    expect(told('Wie oft wird geprüft?', 'Die Pumpe wird zweimal im Jahr geprüft.', 'de')).toEqual(['zweimal im Jahr']);
    expect(told('Wie oft wurde er geprüft?', 'Er wurde sieben Mal geprüft.', 'de')).toEqual(['sieben Mal']);
    expect(told('Wie oft wird geprüft?', 'Der Tank wird jeden Morgen geprüft.', 'de')).toEqual(['jeden Morgen']);
    expect(told('年に何回点検しますか。', '点検は毎月行う。', 'ja')).toEqual(['毎月']);
    expect(told('How often is it reported?', 'It is reported every half year.')).toEqual(['every half year']);
  });

  test('is a day of the week where something happens again and again, not where it begins', () => {
    expect(told('When does the market take place?', 'The market is held on Sundays.')).toEqual(['Sundays']);
    expect(told('When does the lease begin?', 'Rent is paid on Mondays.')).toEqual([]);
  });

  test('is no year where a number is asked for', () => {
    expect(told('How high may the waves be?', 'It replaces the rules of 2011.')).toEqual([]);
    expect(told('How many boats lie there?', 'It is home of 2011 boats.')).toEqual(['2011']);
  });

  test('is a share in tenths, whoever is called by an office, and what is free', () => {
    expect(told('割引は何割ですか。', '料金を2割引きとする。', 'ja')).toEqual(['2割']);
    expect(told('誰が監査しましたか。', '監査は港監査組合が行う。', 'ja')).toEqual(['港監査組合']);
    expect(told('Was kostet die Fahrt?', 'Für Kinder ist die Fahrt umsonst.', 'de')).toEqual(['umsonst']);
  });

  test('is no sum of money where things are counted', () => {
    expect(told('Wie viele Fahrgäste passen hinein?', 'Sie haftet bis 900 Kronen.', 'de')).toEqual([]);
  });
});

describe('a share of a sum', () => {
  test('answers what is paid, kept or owed, but interest does not', () => {
    const paid = 'How much is paid before the work begins?';
    expect(told(paid, '20 per cent is paid when the boat arrives.')).toEqual(['20 per cent']);
    expect(told(paid, 'Interest of 9 per cent a year is owed.')).toEqual([]);
    expect(told('How much of a bill is kept?', 'The Client holds back 5 per cent of each.')).toContain('5 per cent');
    expect(told('前払いはいくらか。', '代金の3割を前払金として支払う。', 'ja')).toContain('3割');
    expect(
      told('Was wird angezahlt, wie viel ist zu zahlen?', 'Zu zahlen sind 20 Prozent des Preises.', 'de'),
    ).toContain('20 Prozent');
  });

  test('is told of things only with them', () => {
    expect(told('How many ships pass the bridge?', 'Two per cent are added to the rate.')).toEqual([]);
    expect(told('How many ships pass at night?', 'At night come 12 per cent of the ships.')).toEqual(['12 per cent']);
  });
});

describe('how often something happens', () => {
  test('answers how many times a year there are', () => {
    expect(told('How many fire drills are there in a year?', 'A fire drill is held twice a year.')).toEqual([
      'twice a year',
    ]);
    expect(told('How many fire drills were held?', 'A fire drill is held twice a year.')).toEqual([]);
  });

  test('is told by no length of time, and by no condition', () => {
    expect(told('Wie oft fährt die Fähre?', 'Der Schiffsführer fährt nicht länger als neun Stunden.', 'de')).toEqual(
      [],
    );
    expect(told('How often are the data updated?', 'You may use the data as long as you keep to this.')).toEqual([]);
    expect(told('How often is the oil changed?', 'Oil is changed after 4,000 hours of running.')).toEqual([
      '4,000 hours',
    ]);
  });
});

describe('what a figure is no answer by', () => {
  test('the first day of a time, the number of a message and an age', () => {
    expect(told('How many soundings were taken?', 'Soundings were taken from 12 to 23 May 2025.')).toEqual([]);
    expect(told('How many soundings are stored?', 'E12 is shown when the memory fails.')).toEqual([]);
    expect(told('How much is the bonus?', 'From the age of 55 on it is paid.')).toEqual([]);
  });

  test('a length of another direction in Japanese', () => {
    expect(told('鋼矢板の厚さは何ミリか。', '鋼矢板の延長180メートルを補修する。', 'ja')).toEqual([]);
    expect(told('鋼矢板の延長は何メートルか。', '鋼矢板の延長180メートルを補修する。', 'ja')).toEqual(['180メートル']);
  });

  test('a time of notice in German, where it is asked how long something runs', () => {
    expect(told('Wie lange läuft der Vertrag?', 'Er ist mit einer Frist von einem Monat kündbar.', 'de')).toEqual([]);
  });
});

test('a day of each month is a day', () => {
  expect(told('On what day are wages paid?', 'Wages are paid on the 25th of the month.')).toEqual([
    'the 25th of the month',
  ]);
  expect(told('By when must a shipment be reported?', 'By the tenth of the following month.')).toEqual([
    'the tenth of the following month',
  ]);
});

test('months in a row name nobody', () => {
  expect(told('Which company dredges?', 'Dredging is forbidden between March and July.')).toEqual([]);
});

test('the hour up to which something is open is the last of a time', () => {
  expect(told('Bis wann ist die Halle geöffnet?', 'Die Halle ist von 7 bis 21 Uhr geöffnet.', 'de')).toEqual([
    '21 Uhr',
  ]);
  expect(told('When is the hall open?', 'The hall is open from 7 a.m. to 9 p.m.')).toEqual(['7 a.m. to 9 p.m.']);
});
