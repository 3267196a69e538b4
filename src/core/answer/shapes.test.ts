import { describe, expect, test } from '@jest/globals';
import { freshMentions } from './kinds';
import { asksChange, moveWords } from './moves';
import { partyNamed } from './partyNamed';
import { kindOf } from './kindOf';
import { analyseQuestion } from './question';
import { searchesOf } from './seek';

describe('the kind of answer that is asked for', () => {
  test.each([
    ['How often is the hull surveyed?', 'duration'],
    ['At what intervals are drills held?', 'duration'],
    ['What deposit has the tenant paid?', 'amount'],
    ['What is the yearly lease payment?', 'amount'],
    ['By what date must the report be sent?', 'date'],
    ['How many seats are kept free?', 'number'],
    ['船価はいくらですか。', 'amount'],
    ['保証は何年間ですか。', 'duration'],
    ['引渡しはいつですか。', 'date'],
    ['定員は何名ですか。', 'number'],
    ['Wie oft wird geprüft?', 'duration'],
    ['How much notice must the owner give?', 'duration'],
    ['How fast must a fault be answered?', 'duration'],
    ['How fast may a vessel go?', 'number'],
    ['How large is the deposit?', 'amount'],
    ['What is payable for a late departure?', 'amount'],
    ['Wie viele Schlüssel gibt es?', 'number'],
    ['Between what hours is baking forbidden?', 'date'],
    ['店は何時から何時まで開いていますか。', 'date'],
    ['What must be paid by a tenant who stays on?', 'amount'],
    ['What becomes of the rent when a fire breaks out?', 'passage'],
    ['In the lease, when does the term end?', 'date'],
    ['What counts as an apiary?', 'definition'],
    ['When does a hive count as lost?', 'passage'],
    ['After what time does the permit lapse?', 'duration'],
    ['How early must the list be posted?', 'duration'],
    ['What does the wax come to?', 'amount'],
    ['What is refunded when the fair is rained off?', 'amount'],
    ['What discount do members get?', 'amount'],
    ['What is the most that a member has to pay?', 'amount'],
    ['What is the speed of the carousel?', 'number'],
    ['What is the retirement age?', 'number'],
    ['Was hat der Wagen gekostet?', 'amount'],
    ['Was tun, wenn der Wagen steht?', 'passage'],
    ['An welchem Wochentag ist Markt?', 'date'],
    ['Welche Last trägt die Brücke?', 'number'],
  ])('“%s”', (question, kind) => {
    expect(kindOf(question)).toBe(kind);
  });
});

describe('the property that is asked for', () => {
  const focus = (text: string): readonly string[] => analyseQuestion(text, 'en').focus;

  test.each([
    ['What is the telephone number of the warden?', ['telephon']],
    ['How deep is the water at the quay?', ['deep']],
    ['Who owns the boatyard?', ['own']],
    ['In which year was the harbour founded?', ['found']],
    ['Which bakery supplies the bread?', ['bakeri']],
    ['Tell me of the quay.', []],
  ])('in “%s”', (text, terms) => {
    expect(focus(text)).toEqual(terms);
  });
});

describe('words that only name a document', () => {
  test('count next to nothing, and are no subject', () => {
    const question = analyseQuestion('What is the rent of Lease North 5?', 'en', null, ['Lease North 5']);
    expect(question.subject.map((one) => one.term)).toEqual(['rent']);
    expect(question.terms.find((one) => one.term === 'north')?.weight).toBeLessThan(0.2);
  });

  test('are so in Japanese by their script: particles count least', () => {
    const { terms } = analyseQuestion('船価はいくらですか', 'ja');
    const weight = (term: string): number => terms.find((one) => one.term === term)?.weight ?? 0;
    expect(weight('船価')).toBe(1);
    expect(weight('価は')).toBeLessThan(weight('船価'));
    expect(weight('いく')).toBeLessThan(weight('価は'));
  });
});

describe('a question for a move', () => {
  test.each([
    'By how much did revenue rise?',
    'What was the change in staff costs from 2023 to 2024?',
    'Was profit lower than the year before?',
    'How has the margin developed?',
    'Um wie viel Prozent ist der Umsatz gestiegen?',
    'How many people were employed: was that more than in 2023?',
  ])('“%s”', (text) => {
    expect(asksChange(text)).toBe(true);
  });

  test.each(['What was revenue in 2025?', 'Who may change the timetable?', 'When does the lease end?'])(
    'is not “%s”',
    (text) => {
      expect(asksChange(text)).toBe(false);
    },
  );

  test('names what moved by the words that are left', () => {
    expect(moveWords('By how much did revenue rise?')).toEqual(expect.arrayContaining(['rise']));
    expect(moveWords('By how much did revenue rise?')).not.toContain('revenue');
  });
});

describe('who is called what is asked for', () => {
  const tenant = analyseQuestion('Who is the tenant of the berth?', 'en');

  test.each([
    ['between the Harbour Board of Aldmere (the Board) and Lantern Cruises (the Tenant).', 'Lantern Cruises'],
    ['Halse Brothers Ltd, a company of this port (“the Tenant”), agree', 'Halse Brothers Ltd'],
    ['The Tenant keeps the ladders in repair.', null],
    ['Lantern Cruises (the Owner) lies at the quay.', null],
  ])('in “%s”', (text, name) => {
    expect(partyNamed(text, tenant)).toBe(name);
  });

  test('is told by another word for it too, where nothing but a name is asked for', () => {
    const text = 'Ropewalk Estates Limited (the Lessor) grants this lease to Halse Brothers (the Lessee).';
    expect(partyNamed(text, analyseQuestion('Who is the landlord?', 'en'))).toBe('Ropewalk Estates Limited');
    expect(partyNamed(text, analyseQuestion('Who is the landlord of Ropewalk Estates Limited?', 'en'))).toBeNull();
    expect(partyNamed(text, analyseQuestion('Who may enter with the landlord’s leave?', 'en'))).toBeNull();
  });

  test('is told only where somebody is asked for', () => {
    const rent = analyseQuestion('What is the rent of the tenant?', 'en');
    expect(partyNamed('Lantern Cruises (the Tenant) pays.', rent)).toBeNull();
    const owns = analyseQuestion('Who owns the vessel?', 'en');
    expect(partyNamed('Owner: Teal Shipping plc. Charterer: Aldmere Survey Office.', owns)).toBe('Teal Shipping plc');
    expect(partyNamed('Aldmere Survey Office (the Charterer) pays.', owns)).toBeNull();
  });
});

describe('what could be the answer of a kind', () => {
  const mentions = (text: string, asked: string): string[] =>
    freshMentions(text, analyseQuestion(asked, 'en'), 'en').map(({ start, end }) => text.slice(start, end));

  test.each([
    ['The gate opens at nine o’clock and lets in 40 people.', 'How many are let in?', ['40 people']],
    ['The lease of 30 June 2020 costs 480 crowns.', 'How much does it cost?', ['480 crowns']],
    ['It is 7.5 per cent more, or 214 trips.', 'How many trips are there?', ['214']],
    ['It came to £1.2 million in 2 years, or 486 people.', 'How many people were there?', ['486 people']],
    ['Schools are free of charge.', 'How much do schools pay?', ['free of charge']],
    ['It may be opened from 9 a.m. to 11:30 p.m. daily.', 'At what times may it be opened?', ['9 a.m. to 11:30 p.m.']],
    ['Geschlossen ist zwischen 21 und 6 Uhr.', 'Zu welchen Zeiten ist geschlossen?', ['21 und 6 Uhr']],
    ['It is repaid within thirty days after the end.', 'When is it repaid?', ['within thirty days after']],
    ['The board meets twice a year.', 'How often does the board meet?', ['twice a year']],
    [
      'It is told not later than nine months before the end.',
      'By when is it told?',
      ['not later than nine months before'],
    ],
    ['It is told not later than nine months before the end.', 'When does it end?', []],
    ['It ends on 31 March 2027 and not later.', 'By when does it end?', ['31 March 2027']],
    ['Everyone is there from ten to three.', 'At what times must one be there?', ['ten to three']],
    [
      'It is open between half past six and half past nine.',
      'What hours are kept?',
      ['half past six and half past nine'],
    ],
    ['Under 3.2 hours are made good within six weeks.', 'At what time is it open?', []],
    ['Offen ist von elf bis zweiundzwanzig Uhr.', 'Zu welchen Zeiten ist offen?', ['elf bis zweiundzwanzig Uhr']],
    ['It is tried every Monday in May 2025.', 'On which day of the week is it tried?', ['Monday']],
    ['It was signed on 4 May 2025, a Sunday.', 'On which day was it signed?', ['4 May 2025']],
    ['The market is held on Saturdays.', 'On which day is the market?', ['Saturdays']],
    ['A tenth of the premium is credited.', 'What bonus is there?', ['A tenth']],
    ['It runs for 20 days at 4 per cent.', 'What discount is there?', ['4 per cent']],
    ['The loan of £3 million was half of the cost.', 'What is the loan payment?', ['£3 million']],
    ['It was built in 2009 with six cylinders.', 'How old is it?', ['2009']],
    ['It was seen at the overhaul of October 2023.', 'Who saw it?', []],
    ['It burns 9 per cent less.', 'How much would be saved?', ['9 per cent']],
  ])('in “%s” to “%s”', (text, asked, found) => {
    expect(mentions(text, asked)).toEqual(found);
  });
});

describe('what a question was searched by', () => {
  test('is told in whole words, in Japanese too', () => {
    expect(searchesOf(analyseQuestion('昇降機の定員は何人ですか。', 'ja'))).toEqual(['昇降機 定員']);
    expect(searchesOf(analyseQuestion('How deep is the outer basin?', 'en'))).toEqual(['deep outer basin']);
  });
});
