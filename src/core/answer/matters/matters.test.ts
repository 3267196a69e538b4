import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../../tests/support/shelf';
import { askBuiltIn } from '..';
import { matterOf } from '.';

type Tongue = 'en' | 'de' | 'ja';

const answered = (text: string, question: string, language: Tongue = 'en'): string | null => {
  const library = libraryOfTexts({ 'one.txt': text }, language);
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline;
};

/** What stands around a clause in any agreement. */
const AROUND: Readonly<Record<Tongue, readonly [before: string, behind: string]>> = {
  en: [
    'Agreement on the slipway\n\n1. The parties meet twice a year.\n\n2. Books of account are open to either side for thirty days.',
    '4. The Owner gives the User two sets of keys.\n\n5. The User follows the rules of the harbour.',
  ],
  de: [
    'Vertrag über die Slipanlage\n\n(1) Die Parteien treffen sich zweimal im Jahr.\n\n(2) Die Bücher liegen dreißig Tage aus.',
    '(4) Die Eignerin übergibt zwei Schlüssel.\n\n(5) Die Nutzerin beachtet die Hafenordnung.',
  ],
  ja: [
    '斜路使用契約書\n\n1 当事者は、年に2回会合を開く。\n\n2 帳簿は、30日間閲覧に供する。',
    '4 甲は、鍵を2本渡す。\n\n5 乙は、港の規則を守る。',
  ],
};

const within = (clause: string, language: Tongue): string => {
  const [before, behind] = AROUND[language];
  return `${before}\n\n${clause}\n\n${behind}`;
};

describe('what agreements settle is told in whatever words', () => {
  test.each<[language: Tongue, question: string, clause: string, says: string]>([
    ['en', 'May the User let the slipway to someone else?', '3. The slipway may be sublet with consent.', 'sublet'],
    [
      'en',
      'What may the User take away when moving out?',
      '3. On leaving, the User removes its winch and makes good the holes.',
      'winch',
    ],
    ['en', 'What is not covered?', '3. Ordinary wear, war and theft are excluded.', 'wear'],
    ['de', 'Welche Arbeiten gehören nicht dazu?', '(3) Nicht geschuldet sind Anstricharbeiten.', 'Anstrich'],
    ['en', 'When does the agreement start?', '3. It runs from 1 March 2024 until 28 February 2031.', '1 March 2024'],
    ['en', 'What is the expiry date?', '3. The parties are bound up to and including 30 June 2029.', '30 June 2029'],
    [
      'en',
      'How long is the notice period?',
      '3. A party that wishes to leave must say so nine months ahead.',
      'nine months',
    ],
    ['en', 'When must invoices be paid?', '3. What is invoiced falls due after 21 days.', '21 days'],
    [
      'en',
      'What interest is charged on late payments?',
      '3. Whoever pays after the due date owes 6 per cent on top.',
      '6 per cent',
    ],
    ['en', 'How high is the deposit?', '3. The User has lodged 7,200 crowns as security.', '7,200 crowns'],
    ['en', 'When is the deposit returned?', '3. The Owner releases the bond 40 days after the end.', '40 days'],
    [
      'en',
      'How far does the owner’s liability go?',
      '3. The Owner is not answerable beyond 900,000 crowns.',
      '900,000 crowns',
    ],
    ['en', 'Can the contract be transferred?', '3. It is personal to the User.', 'No'],
    [
      'en',
      'How long does confidentiality last?',
      '3. Both keep silent about prices until four years after the end.',
      'four years',
    ],
    [
      'de',
      'Mit welcher Frist kann man kündigen?',
      '(3) Wer den Vertrag beenden will, erklärt dies neun Monate im Voraus.',
      'neun Monate',
    ],
    [
      'de',
      'Wann wird die Kaution zurückgezahlt?',
      '(3) Binnen 40 Tagen nach dem Auszug gibt die Eignerin die Sicherheit frei.',
      '40 Tagen',
    ],
    ['de', 'Welches Gericht ist zuständig?', '(3) Gerichtsstand ist Holm.', 'Holm'],
    ['ja', '契約はいつ終わりますか。', '3 期間は、2025年4月1日から2028年3月31日までとする。', '2028年3月31日'],
    ['ja', '敷金はいつ返ってきますか。', '3 甲は、明渡しから40日以内に保証金を返還する。', '40日'],
  ])('%s: “%s”', (language, question, clause, says) => {
    expect(answered(within(clause, language), question, language)).toContain(says);
  });

  test.each<[language: Tongue, question: string]>([
    ['en', 'How long is the notice period?'],
    ['en', 'When must invoices be paid?'],
    ['en', 'How long must records be kept?'],
    ['en', 'What is the governing law?'],
    ['de', 'Wie lang ist die Kündigungsfrist?'],
    ['de', 'Wie lange ist die Garantie?'],
    ['ja', '保証期間はどのくらいですか。'],
    ['ja', '解約の予告は何か月前ですか。'],
  ])('%s: “%s” is declined where no clause settles it, whatever times it tells', (language, question) => {
    expect(answered(AROUND[language].join('\n\n'), question, language)).toBeNull();
  });

  test('a clause that shares no word with the question is found among many passages', () => {
    const filler = Array.from(
      { length: 60 },
      (_, at) =>
        `${at + 1}. The quay master notes each ship of line ${at + 1} that calls at berth ${at + 40}, her draught, her cargo and her agent, and shows the list to whoever asks for it during the week.`,
    );
    const clause = '61. Each side is free to give the arrangement up nine months after having announced this.';
    expect(answered([...filler, clause].join('\n\n'), 'What is the period for cancellation?')).toBe('nine months');
  });

  test('a form is known where a line of the page ends within it', () => {
    const broken = within(
      '3. The Owner lets the slipway with its strip of shore from\n25 March 2024 until\n24 March 2034.',
      'en',
    );
    expect(answered(broken, 'When does the agreement start?')).toContain('25 March 2024');
    expect(answered(broken, 'When does the agreement end?')).toContain('24 March 2034');
  });

  test('a heading tells what a clause settles as well', () => {
    const text = `${AROUND.en[0]}\n\nLate payment\n\n3. The rate is 6 per cent a year.\n\n${AROUND.en[1]}`;
    expect(answered(text, 'What interest is charged on late payments?')).toContain('6 per cent');
  });
});

describe('what a question asks for', () => {
  test.each([
    ['How often must passwords be renewed?', null],
    ['How many ships were handed over to customers?', null],
    ['Who is insured?', null],
    ['What stands as security for the overdraft?', null],
    ['By what percentage did the cap on liability rise?', null],
    ['When are my logs erased after the contract ends?', null],
    ['When does the contract end?', 'end'],
    ['How much notice must the tenant give to end the lease?', 'notice'],
    ['How much notice must the landlord give before entering?', 'entry'],
    ['When does the tenant get the deposit back?', 'security returned'],
  ])('“%s”', (question, name) => {
    expect(matterOf(question, 'en')?.name ?? null).toBe(name);
  });
});
