import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import type { Language } from '../text';
import { amendedText } from './amendedText';
import { amendingIn } from './amending';
import { askBuiltIn } from './ask';
import { saysAmended } from './sides';

/** What a clause’s sentence reads after the one change of an amendment; undefined where that changes nothing. */
function after(at: string, clause: string, change: string, language: Language = 'en'): string | null | undefined {
  const head = { en: 'Change order', de: 'Ergänzung', ja: '変更覚書' }[language as 'en' | 'de' | 'ja'];
  const [source] = libraryOfTexts({ [`${head}.txt`]: `${head}\n\n${change}` }, language).sources();
  const [first] = source === undefined ? [] : amendingIn(source);
  return first === undefined ? undefined : amendedText(at.split('.'), clause, first, language);
}

const DEEP = 'The channel is kept at a depth of 6.2 metres over a width of 70 metres.';
const NIGHT =
  'Für Nachtarbeit wird ein Zuschlag von 25 Prozent, für Arbeit an Sonntagen ein solcher von 50 Prozent gewährt.';

describe('a clause after a change that quotes nothing', () => {
  test.each([
    [
      '2.1',
      DEEP,
      '2. The depth stated in clause 2.1 is increased from 6.2 metres to 6.8 metres.',
      '6.8 metres over a width of 70',
    ],
    [
      '2.1',
      DEEP,
      '3. Clause 2.1 is varied by substituting 6.8 metres for 6.2 metres.',
      '6.8 metres over a width of 70',
    ],
    [
      '4.2',
      'It is paid by a lump sum of 64,000 crowns.',
      '4. The sum payable under clause 4.2 shall henceforth be 71,500 crowns.',
      '71,500 crowns.',
    ],
    [
      '8.2',
      'It may end it upon 60 days’ notice.',
      '8. The notice mentioned in clause 8.2 is shortened by 30 days to 30 days.',
      'upon 30 days',
    ],
  ])('has the new value in it: %s %s', (at, clause, change, holds) => {
    expect(after(at, clause, change)).toContain(holds);
  });

  test.each([
    [
      '2. Der Zuschlag für Nachtarbeit nach § 3 Abs. 1 wird auf 30 Prozent angehoben.',
      '3.1',
      NIGHT,
      'Zuschlag von 30 Prozent, für Arbeit an Sonntagen ein solcher von 50',
    ],
    [
      '4. Die Zahl der Freischichten in § 5 erhöht sich um zwei auf acht.',
      '5',
      'Jedem stehen sechs Freischichten zu.',
      'acht Freischichten',
    ],
    [
      '6. Die Frist in § 6 verlängert sich auf vierzehn Tage.',
      '6',
      'Die Kommission entscheidet binnen zehn Tagen.',
      'binnen vierzehn Tagen',
    ],
  ])('in German: %s', (change, at, clause, holds) => {
    expect(after(at, clause, change, 'de')).toContain(holds);
  });

  test('in Japanese', () => {
    expect(after('6', '弁償金として30,000円を支払う。', '4 第6条の弁償金は、35,000円とする。', 'ja')).toContain(
      '35,000円を支払う',
    );
  });

  test('is left alone where a bare number is told of something else, or is the day of a date', () => {
    const shifts = '4. Die Zahl der Freischichten in § 5 erhöht sich um zwei auf acht.';
    expect(after('5', 'Nicht genommene Freischichten verfallen am 31. März.', shifts, 'de')).not.toContain(
      'acht. März',
    );
    expect(after('5', 'Der Ausschuss hat drei Mitglieder.', shifts, 'de')).toBeNull();
  });
});

describe('a sentence that tells several changes of a clause', () => {
  test('puts each value in its place', () => {
    const clause = 'The price is 14.80 crowns for every metre cleaned and 22.50 crowns for every metre painted.';
    const change =
      'A. Article 2.1: instead of 14.80 crowns the price for cleaning shall be 16.20 crowns; the price for painting rises to 24.00 crowns.';
    expect(after('2.1', clause, change)).toBe(clause.replace('14.80', '16.20').replace('22.50', '24.00'));
  });

  test('in Japanese', () => {
    const change = '二 第3条第1項の料金を、大会議室1時間5,000円、小会議室1時間2,000円に引き上げる。';
    expect(after('3.1', '大会議室が1時間4,500円、小会議室が1時間1,800円とする。', change, 'ja')).toBe(
      '大会議室が1時間5,000円、小会議室が1時間2,000円とする。',
    );
  });

  test('leaves a sentence of the same clause that tells of something else', () => {
    const change =
      'E. The guarantee period of Article 3.2 is lengthened by six months, so that it comes to twenty-four months.';
    expect(after('3.2', 'The guarantee period is eighteen months.', change)).toContain('twenty-four months');
    expect(after('3.2', 'Flaws are made good within three weeks.', change)).toBeNull();
  });
});

describe('words that go and come', () => {
  test('are told apart by the clause where the sentence does not say which is which', () => {
    const change = '6. Clause 5.2 shall be read as though for “force 7” there were written “force 6”.';
    expect(after('5.2', 'No fine is due if the wind exceeds force 7.', change)).toContain('force 6.');
  });

  test.each([
    ['7. The following is added after clause 2.4: “2.5 A recorder shall be fitted.”'],
    ['8. A new clause 2.4 is inserted: “A recorder shall be fitted.”'],
    ['9. Clause 2.4 remains unaltered.'],
  ])('are none where a clause is left as it is: %s', (change) => {
    expect(after('2.4', 'A clerk is on duty.', change)).toBeUndefined();
  });
});

describe('a document that changes another', () => {
  const lease =
    'Lease of shed 2\n\nMade on 11 January 2020.\n\n3. The rent is 960 crowns.\n\n9. The tenant may end the lease after five years.';
  const lines = (deed: string, question: string): readonly string[] => {
    const library = libraryOfTexts({ 'Lease.txt': lease, 'Deed.txt': deed });
    return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).lines ?? [];
  };
  const deed = (title: string): string =>
    `${title}\n\nThe lease of shed 2 of 11 January 2020 is altered thus:\n\n(1) the rent reserved by clause 3 is raised to 1,080 crowns;\n\n(2) the right given by clause 9 is surrendered.`;

  test('is known by its title, whatever its file is called', () => {
    expect(lines(deed('Supplemental deed'), 'How much is the rent?').map((one) => one.slice(0, 5))).toEqual(['1,080', '960 c']); // prettier-ignore
    expect(lines(deed('Deed'), 'How much is the rent?').some((one) => one.includes('amended'))).toBe(false);
  });

  test('is no disagreement, as two documents are that tell otherwise', () => {
    expect(saysAmended(lines(deed('Supplemental deed'), 'How much is the rent?'))).toBe(true);
    expect(saysAmended(lines(deed('Deed'), 'How much is the rent?'))).toBe(false);
    const amended = ['1,600 crowns (amended, Letter)', '1,450 crowns (Agreement)'];
    expect(saysAmended([...amended, '1,200 crowns (Draft agreement)'])).toBe(true);
    expect(saysAmended([...amended, '1,642 crowns (later, Annual filing)'])).toBe(false);
  });

  test('may end a right', () => {
    expect(lines(deed('Supplemental deed'), 'May the tenant end the lease after five years?')[0]).toMatch(/clause 9 is surrendered/); // prettier-ignore
  });
});

describe('a question', () => {
  const texts = {
    'Shift agreement.txt': `Betriebsvereinbarung\n\n§ 3 Zuschläge\n\n(1) ${NIGHT}\n\n§ 4 Sitze\n\n(1) Der Rat kann einen weiteren Sitz verlangen.`,
    'Ergänzung.txt':
      'Ergänzung der Betriebsvereinbarung\n\n1. Der Zuschlag für Nachtarbeit nach § 3 Abs. 1 wird auf 30 Prozent angehoben.\n\n2. § 4 entfällt.',
  };
  const lines = (question: string): readonly string[] => {
    const library = libraryOfTexts(texts, 'de');
    const { lines: told, headline } = askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
    return told ?? [headline ?? ''];
  };

  test('of what was changed is told both', () => {
    expect(lines('Wie hoch ist der Zuschlag für Nachtarbeit?').map((one) => one.slice(0, 10))).toEqual(['30 Prozent', '25 Prozent']); // prettier-ignore
  });

  test('of the part of a sentence that stays is told one', () => {
    expect(lines('Wie hoch ist der Zuschlag für Arbeit an Sonntagen?')).toEqual(['50 Prozent']);
  });
});
