import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '.';

const answered = (text: string, question: string, language: 'en' | 'de' | 'ja' = 'en'): string | null => {
  const library = libraryOfTexts({ 'one.txt': text }, language);
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline;
};

describe('what is told by its form', () => {
  const LEASE =
    'Lease of the shed\n\n1. The term is eight years from 1 May 2020.\n\n2. The Tenant may break the lease at the end of the fifth year by giving nine months’ notice.\n\n3. Interest on late rent runs at 5 per cent.';

  test.each(['How long does the lease last?', 'For how long does the lease run?'])(
    '“%s” is told by its term, not by a time of notice',
    (question) => expect(answered(LEASE, question)).toBe('eight years'),
  );

  test('how something is called is told by its name', () => {
    const text =
      'Kontenplan\n\n1. Ein Aktienkonto wird einem Depot zugeordnet.\n\n2. Der Name dieses Aktienkontos ist normalerweise das Börsenkürzel.\n\n3. Gebühren werden monatlich gebucht.';
    expect(answered(text, 'Wie wird ein Aktienkonto üblicherweise genannt?', 'de')).toContain('Börsenkürzel');
  });

  test('who signed is told by the names below', () => {
    const deed =
      'Agreement\n\nThe Customer and the Provider agree as follows. Notices are sent by post.\n\nCOLDWATER COOPERATIVE By: /s/ Marta Quill Name: Marta Quill Title: Manager\n\nPELLAN TERMINALS LLC By: /s/ Owen Tarr Name: Owen Tarr Title: President';
    expect(answered(deed, 'Who signed for the cooperative?')).toContain('Marta Quill');
  });

  test('how much money is held is told by cash, whatever is sold for some', () => {
    const accounts =
      'Accounts\n\nTable 1: Position, in thousands of crowns\n\n                          2025        2024\nCash and cash equivalents     310         280\nStocks                         61          72\n\nThe company sold the ferry Linnet for 2.6 million crowns in cash.';
    expect(answered(accounts, 'How much cash did the company hold?')).toMatch(/^310/);
  });

  test('how long a German contract runs is told by its Laufzeit', () => {
    const text =
      'Pachtvertrag\n\n§ 1 Die Pacht beträgt 300 Kronen.\n\n§ 2 Die Laufzeit beträgt zwölf Jahre.\n\n§ 3 Die Kündigungsfrist beträgt sechs Monate.';
    expect(answered(text, 'Wie lange läuft der Vertrag?', 'de')).toBe('zwölf Jahre');
  });

  test('what a thing is made of is told by a material', () => {
    const pump =
      'Pump\n\nFill the casing with water before the start.\n\nThe casing is bronze, the shaft stainless steel.\n\nDrain the casing if frost is likely.';
    expect(answered(pump, 'What is the casing made of?')).toContain('bronze');
    expect(answered('Pump\n\nFill the casing with water before the start.', 'What is the casing made of?')).toBeNull();
  });
});

describe('who did it', () => {
  test.each([
    [
      'Who pays for the uniforms?',
      'Crew\n\nUniform is supplied by the Company. The Company pays a daily rate of 90 crowns.',
      'Company',
    ],
    [
      'Who wrote the report?',
      'Report on the gate\n\nThis report, made for the council by Ostler Engineers, says why the gate failed.',
      'Ostler Engineers',
    ],
    [
      'Who became chair?',
      'The board\n\nMarit Fossgard succeeded Edwin Hale as chair on 1 February 2026.',
      'Marit Fossgard',
    ],
  ])('“%s” is told by the form', (question, text, name) => {
    expect(answered(text, question)).toContain(name);
  });

  test('is not told of what stands nowhere', () => {
    const lease = 'Mietvertrag\n\nDie Vermieterin kann aus wichtigem Grund kündigen. Die Miete zahlt die Mieterin.';
    expect(answered(lease, 'Wer zahlt die Grundsteuer?', 'de')).toBeNull();
    expect(answered(lease, 'Wer zahlt die Miete?', 'de')).not.toBeNull();
    const contract = '駐車場使用契約\n\n第1条 甲は、駐車場二十区画を乙に使用させる。';
    expect(answered(contract, '駐車場の屋根は誰が直しますか。', 'ja')).toBeNull();
  });
});

test('a fine for a second offence is that for what happens again', () => {
  const rules =
    'Rules on noise\n\nThe fine is paid within four weeks.\n\nWhoever exceeds a limit is fined 80 crowns, and 240 crowns if it happens again.';
  expect(answered(rules, 'What is the fine for a second offence?')).toContain('crowns');
});

test('how many there are is told by no sentence that speaks of some in passing', () => {
  expect(
    answered(
      'Pilots\n\nThe examination is held before two pilots and the Harbour Master.',
      'How many pilots are there?',
    ),
  ).toBeNull();
  expect(answered('Pilots\n\nThe port has two pilots.', 'How many pilots are there?')).toContain('two');
});

describe('times told by days', () => {
  const BERTHS =
    'Berths\n\nBerths are let for one season, from 1 April to 31 October. The charge is due within 30 days.';

  test('how long a season is, by its first day and its last', () => {
    expect(answered(BERTHS, 'How long is the season?')).toBe('from 1 April to 31 October');
  });

  test('a Japanese day of each month', () => {
    const text =
      '賃貸借契約\n\n第1条 賃料は月額2,300クラウンとし、乙は毎月5日までに支払う。\n\n第2条 甲は、明渡しの後30日以内に敷金を返還する。';
    expect(answered(text, 'いつまでに賃料を払いますか。', 'ja')).toContain('毎月5日');
  });

  test('German working days', () => {
    expect(answered('Tarifvertrag\n\nDer Urlaub beträgt 27 Arbeitstage.', 'Wie viel Urlaub gibt es?', 'de')).toBe(
      '27 Arbeitstage',
    );
  });

  test('months of which others are told too', () => {
    const text = 'Beach\n\nDogs are welcome from October to April; in the other months they stay on the strip.';
    expect(answered(text, 'In which months are dogs welcome?')).toContain('October');
  });
});

test('of two rows that “before” and “after” tell apart, the one asked for is told', () => {
  const accounts =
    'Accounts\n\nTable 1: Profit and loss in crowns\n\n                         2025       2024\nProfit before tax       4,980      2,000\nTax                     1,080        400\nProfit after tax        3,900      1,600';
  expect(answered(accounts, 'What was profit after tax in 2025?')).toContain('3,900');
  expect(answered(accounts, 'What was profit before tax in 2025?')).toContain('4,980');
});

test('a word and the same word with a hyphen find each other', () => {
  const text = 'Lease\n\nSub-letting of up to one third of the area is permitted. The rent is 300 crowns.';
  expect(answered(text, 'May the area be sublet?')).toBe('Yes');
  expect(answered(text.replace('Sub-letting', 'Subletting'), 'May the area be sub-let?')).toMatch(/Yes|permitted/);
});

describe('what is told without the words that ask for it', () => {
  const TERMS =
    'Terms\n\nDues paid in error are refunded if they are claimed within two years.\n\nDues are payable within 28 days.\n\nClaims become barred four years after the loss. A loss is reported within three days.\n\nThe rules hold for everyone other than apprentices. Everyone signs the rules within a week.';

  test.each([
    ['When must dues be paid?', 'within 28 days'],
    ['After what time can no claim be brought any more?', 'four years'],
    ['For whom do the rules not hold?', 'apprentices'],
  ])('“%s”', (question, said) => expect(answered(TERMS, question)).toContain(said));

  test('German and Japanese times to pay', () => {
    const store =
      'Lagervertrag\n\n(1) Die Ware wird von sieben bis siebzehn Uhr ausgegeben.\n\n(2) Rechnungen sind innerhalb von 14 Tagen zu begleichen.';
    expect(answered(store, 'Bis wann muss bezahlt werden?', 'de')).toContain('14 Tagen');
    const room =
      '貸会議室利用約款\n\n第1条 部屋の利用は2時間を単位とする。\n\n第2条 部屋を閉鎖したときは、お金は返還する。';
    expect(answered(room, '閉鎖されたらお金は戻りますか。', 'ja')).not.toBeNull();
  });

  test.each([
    ['How many people does the company employ?', 'We ended the year with 96 staff, of whom 31 work at sea.', '96'],
    ['When was the wall built?', 'The wall, which dates from 1931, is 240 metres long.', '1931'],
    ['Who heads the board today?', 'Marit Fossgard succeeded Edwin Hale as chair on 1 May.', 'Marit Fossgard'],
    ['How large is the bank guarantee?', 'The Handler lodges a bank guarantee of 125,000 crowns.', '125,000'],
    ['How much is the deposit?', 'Deposit: one half-year’s rent.', 'half-year'],
    ['How often must the shop be painted?', 'The Tenant paints the shop in the fourth and the eighth year.', 'fourth'],
    ['Who is the landlord?', 'Landlord: the Trustees of the Seamen’s Widows.', /Widows$/],
    ['Who is the consignor?', 'In these rules “consignor” means the person who hands the goods over.', 'person'],
    ['May the work be passed on to other firms?', 'No part of the work may be subcontracted.', 'No'],
    ['What is the limit for the cost of towing?', 'Towing is paid in addition, up to 750,000 crowns.', '750,000'],
  ])('“%s”', (question, sentence, said) => {
    const text = `Paper\n\n${sentence}\n\nNotices are sent by post. The keys are kept by the porter.`;
    expect(answered(text, question)).toMatch(said);
  });

  test('what matures is told by its Maturity Date', () => {
    const loan =
      'Loan\n\n1. “Maturity Date” means 30 September 2026.\n\n2. It is a default if interest on the loan is not paid within five days after it falls due.';
    expect(answered(loan, 'When does the loan mature?')).toContain('30 September 2026');
  });
});

describe('a measure or a price is of the thing asked', () => {
  const SURVEY =
    'Survey\n\nChains lost 2.1 millimetres a year. The longest crack ran for 2.6 metres.\n\nRent is 300 crowns a year, exclusive of rates. Repair work brought in 410 crowns.';

  test.each(['How long is the workboat Petrel?', 'What does a buoy cost?', 'How high are the rates?'])(
    '“%s” is not told of another',
    (question) => expect(answered(SURVEY, question)).toBeNull(),
  );

  test('a sum for each of something is no total in thousands', () => {
    const accounts =
      'Accounts\n\nTable 1: Penalties in thousands of crowns\n\n                         2025       2024\nLate departures          402        518\nSailings not made        110        220';
    const contract = 'Contract\n\nFor each departure that is late the Operator pays two hundred crowns.';
    const library = libraryOfTexts({ 'accounts.txt': accounts, 'contract.txt': contract });
    const asked = askBuiltIn('What is paid for each departure that is late?', library.sources(), library.quotes, {
      now: () => 0,
    });
    expect(asked.headline).toContain('two hundred crowns');
  });

  test('a sentence that names it is told, though another comes nearer', () => {
    const accounts = 'Accounts\n\nWages came to 15,610 crowns. Repair work brought in 410 crowns in the year.';
    expect(answered(accounts, 'How much was earned with repairs?')).toContain('410');
  });
});
