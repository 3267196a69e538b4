import { describe, expect, test } from '@jest/globals';
import { countsThings } from './counted';
import { termDefined } from './defined';
import { definingShare } from './defining';
import { freshMentions } from './kinds';
import { measuredBy, measures } from './measured';
import { kindOf } from './kindOf';
import { analyseQuestion } from './question';
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
    ['How long may a package name be?', 'number'],
    ['How long may the vessel be laid up?', 'duration'],
    ['What is the warranty period of the engine?', 'duration'],
    ['What is the name of the master of the ferry?', 'party'],
    ['When does the lease end?', 'date'],
    ['Who is the auditor?', 'party'],
    ['What is a virtual berth?', 'definition'],
    ['What does freeboard mean?', 'definition'],
    ['What does it mean to moor a boat?', 'definition'],
    ['Was versteht man unter Liegezeit?', 'definition'],
    ['Was passiert bei Verzug?', 'passage'],
    ['Was the fee paid on time?', 'yes-no'],
    ['Gilt das auch für Untermieter?', 'yes-no'],
    ['Was kostet ein Liegeplatz?', 'amount'],
    ['An welchem Tag wurde der Kai eröffnet?', 'date'],
    ['Until when must the log be kept?', 'date'],
    ['What is the purpose of the bond?', 'definition'],
    ['May the tenant sublet?', 'yes-no'],
    ['List the grounds for termination.', 'list'],
    ['Wie hoch ist die Gebühr?', 'amount'],
    ['Explain the fares.', 'passage'],
    ['What is the interest rate on late payments?', 'percentage'],
    ['パッケージ名は最低何文字必要ですか。', 'number'],
    ['例として使われるプログラムは何ですか。', 'passage'],
    ['転貸はできますか。', 'yes-no'],
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

describe('the year of a thing', () => {
  test.each([
    ['What is the limit for an engine of 2005?', []],
    ['What was the limit for engines in 2005?', ['#2005']],
    ['By how much did row A shrink from 2019 to 2025?', ['#2019', '#2025']],
  ])('is no period that is asked for: “%s”', (asked, periods) => {
    expect(analyseQuestion(asked, 'en').periods).toEqual(periods);
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
    expect(texts('Under clauses 22.1, 22.3 or 22.2 no sum is due.', 'How large is the sum?')).toEqual([]);
  });

  test('are no number of a clause that is quoted, nor part of a name', () => {
    expect(texts('The following is added: “2.5 The dredger is fitted with a recorder.”', 'How many recorders are there?')).toEqual([]); // prettier-ignore
    expect(texts('The winch MW-40 takes oil.', 'How many litres of oil does the winch take?')).toEqual([]);
  });

  test('are sums where a sum and a number are told and it is asked how much', () => {
    expect(texts('Grants were made in seven cases and came to 18,400 crowns.', 'How much more was given in grants?')).toEqual(['18,400 crowns']); // prettier-ignore
  });

  test('are shares that are counted out or told as a fraction', () => {
    expect(texts('Seven sailings in every hundred were late.', 'What share of sailings was late?')).toEqual(['Seven sailings in every hundred']); // prettier-ignore
    expect(texts('The tenant bears two thirds of the premium.', 'What share of the premium does the tenant bear?')).toEqual(['two thirds']); // prettier-ignore
    expect(texts('Bills fall due in 30 days.', 'What share of bills was late?')).toEqual([]);
  });

  test('are how long after something it happens', () => {
    expect(texts('Papers are burnt after six months.', 'When are papers burnt?')).toEqual(['after six months']);
    expect(texts('Papers are burnt after the day.', 'When are papers burnt?')).toEqual([]);
  });

  test('are times of several units', () => {
    expect(texts('It takes two hours and thirty minutes.', 'How long does it take?')).toEqual(['two hours and thirty minutes']); // prettier-ignore
    expect(texts('After ten years three months are added.', 'How long is it?')).toEqual(['ten years', 'three months']);
    expect(texts('It takes two hours. Ten minutes are added.', 'How long does it take?')).toEqual(['two hours', 'Ten minutes']); // prettier-ignore
  });

  test('are no measure that a price is for, nor the votes that are needed of those who hold something', () => {
    const question = analyseQuestion('保管料は月いくらですか。', 'ja');
    const text = '保管料は1平方メートル当たり月額900円とする。';
    expect(freshMentions(text, question, 'ja').map(({ start, end }) => text.slice(start, end))).toEqual(['900円']);
    expect(texts('It is dissolved by three quarters of the members.', 'How many members are there?')).toEqual([]);
    expect(texts('Three quarters of the votes decide.', 'How many votes are needed?')).toEqual(['Three quarters']);
  });

  test('are no number of a house', () => {
    expect(texts('Notices go to 8 Exchange Square.', 'How much of the loan was drawn?')).toEqual([]);
  });

  test('are numbers of the things themselves, not of those they are told by', () => {
    const asksFor = (asked: string) => measuredBy(analyseQuestion(asked, 'en'), 'en');
    const counts = (text: string, asked: string): boolean =>
      measures(asksFor(asked), text, freshMentions(text, analyseQuestion(asked, 'en'), 'en'), 'en');
    expect(counts('It hires out 41 oars.', 'How many oars are hired out?')).toBe(true);
    expect(counts('It hires out 41 boats.', 'How many oars are hired out?')).toBe(false);
    expect(counts('It is for staff over eighteen and persons on leave.', 'How many people sit there?')).toBe(false);
  });

  test('are no times of the quarter where it is asked how long something takes', () => {
    expect(texts('It is charged every quarter.', 'How long does charging take?')).toEqual([]);
  });

  test('are a length of a thing that may be so long, as well as a time', () => {
    expect(texts('It may not be longer than 7 metres.', 'How long may the suction pipe be?')).toEqual(['7 metres']);
  });

  test('are numbers of what a Japanese counter counts', () => {
    const text = '清掃員を1日4名以上配置し、午前5時に始める。';
    const question = analyseQuestion('毎日何人の清掃員が必要ですか。', 'ja');
    expect(freshMentions(text, question, 'ja').map(({ start, end }) => text.slice(start, end))).toEqual(['4名']);
  });

  test('are how often something was done, and at what age', () => {
    expect(texts('The board, of three members, sat five times.', 'How often did the board meet?')).toEqual(['five times']); // prettier-ignore
    expect(texts('It is examined once in every two years by a diver.', 'How often is it examined?')).toEqual(['every two years']); // prettier-ignore
    expect(texts('Children under six go free.', 'Up to what age do children pay nothing?')).toEqual(['six']);
  });

  test('are of the quantity asked for, whatever else is told beside it', () => {
    const closest = (text: string, asked: string): boolean[] => {
      const question = analyseQuestion(asked, 'en');
      const asksFor = measuredBy(question, 'en');
      return freshMentions(text, question, 'en').map((one) => measures(asksFor, text, [one], 'en'));
    };
    expect(closest('It carries boats of 12 tonnes and 4.3 metres.', 'How wide a boat can be lifted?')).toEqual([false, true]); // prettier-ignore
  });

  test('are days, months and money where these are asked for', () => {
    expect(texts('It is decided in 3 months or 20 days.', 'How many days does it take?')).toEqual(['20 days']);
    expect(texts('The yearly rent is due in advance.', 'For how many years is it let?')).toEqual([]);
    expect(texts('The fund meets every November.', 'When does the fund meet?')).toEqual(['November']);
    expect(texts('The price is due in 30 days.', 'By how much did the price rise?')).toEqual([]);
    expect(texts('The time for payment is 30 days.', 'By how much was the time for payment cut?')).toEqual(['30 days']); // prettier-ignore
  });

  test('measure in the direction asked for', () => {
    const berth = 'The berth is 28 metres long and lies in 4 metres of water.';
    expect(texts(berth, 'How deep is the berth?')).toEqual(['4 metres']);
    expect(texts(berth, 'How long is the berth?')).toContain('28 metres');
    const channel = 'It has a depth of 6.2 metres over a width of not less than 70 metres.';
    expect(texts(channel, 'How wide must the channel be?')).toEqual(['70 metres']);
    const tug = 'She is 24 metres long and was at sea for two days.';
    expect(texts(tug, 'How long is the tug?')).toEqual(['24 metres']);
    expect(texts(tug, 'How long was the tug at sea?')).toEqual(['two days']);
  });

  test.each([
    ['What does Larger Work mean?', 'larger work'],
    ['What does the licence mean by a covered work?', 'covered work'],
    ['What is meant by “force majeure”?', 'force majeure'],
    ['What is an Invariant Section in this contract?', 'invariant section'],
    ['How is a Service Day defined?', 'service day'],
  ])('“%s” asks to define: %s', (asked, words) => {
    expect(termDefined(asked)?.join(' ')).toBe(words);
  });

  test.each([
    ['1.7. “Larger Work” means a work that combines others.', ['larger', 'work'], 1],
    ['A "User Product" is either a thing of the house or of the office.', ['user', 'product'], 1],
    ['“Key Data” for a User Product means what is needed to install it.', ['user', 'product'], 0],
    ['The Board lets the quay (the “Berth”) to the Tenant.', ['berth'], 0.8],
    ['The larger work of the two is done.', ['user'], 0],
  ])('%s', (text, words, share) => {
    expect(definingShare(text, words, 'en')).toBe(share);
  });

  test('define when the subject stands before the defining verb', () => {
    expect(definingShare('A virtual berth is one that exists on paper.', ['virtual', 'berth'], 'en')).toBe(1);
    expect(
      definingShare(
        'The master, who knows the port and all its people very well, is a friend of the berth.',
        ['berth'],
        'en',
      ),
    ).toBe(0);
    expect(definingShare('Berths were dug in May.', ['berth'], 'en')).toBe(0);
  });
});

describe('what tells a measure', () => {
  const mentions = (text: string, question: string) => freshMentions(text, analyseQuestion(question, 'en'), 'en');

  test('a share counts what it is a share of, and no other share counts anything', () => {
    const counts = (text: string): boolean =>
      countsThings(text, mentions(text, 'How many places are free?'), (term) => term === 'place', 'en');
    expect(counts('At least 40 per cent of the places stay free.')).toBe(true);
    expect(counts('The tax on free places is 40 per cent.')).toBe(false);
  });

  test('how long something lasts is told by what it lasts with', () => {
    const text = 'The log is kept for as long as the boat is afloat.';
    expect(mentions(text, 'Until when is the log kept?')).toHaveLength(1);
    expect(mentions(text, 'How long is the log kept?')).toHaveLength(1);
    expect(mentions('The log is kept in the cabin.', 'How long is the log kept?')).toHaveLength(0);
  });

  test('a term before a colon is defined there', () => {
    expect(definingShare('Fouling: Hitting the oar of another crew.', ['fouling'], 'en')).toBe(1);
    expect(definingShare('Rules on fouling: Hitting the oar of another crew.', ['fouling'], 'en')).toBeLessThan(1);
  });
});
