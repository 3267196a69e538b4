import { createHash } from 'node:crypto';

/** How a paper writes its sums: what stands before and behind a figure, and what the money is called in words, in English and in German. */
interface Money {
  readonly before: string;
  readonly behind: string;
  readonly names: readonly [one: string, many: string, german: string];
}

const MONEY: readonly Money[] = [
  { before: 'EUR ', behind: '', names: ['euro', 'euros', 'Euro'] },
  { before: '', behind: ' EUR', names: ['euro', 'euros', 'Euro'] },
  { before: '€', behind: '', names: ['euro', 'euros', 'Euro'] },
  { before: '', behind: ' €', names: ['euro', 'euros', 'Euro'] },
  { before: '$', behind: '', names: ['dollar', 'dollars', 'Dollar'] },
  { before: 'USD ', behind: '', names: ['dollar', 'dollars', 'Dollar'] },
  { before: '£', behind: '', names: ['pound', 'pounds', 'Pfund'] },
];

const SUM =
  /(\d[\d.,]*\d|\d)((?: (?:thousand|million|billion|Tausend|Millionen|Milliarden|Mio\.))?) (?:crowns?|Kronen?)(?!\p{L})/gu;

/** A text that speaks of crowns with its sums in other money; Japanese sums are in yen. */
export function inMoney(text: string, { before, behind, names: [one, many, german] }: Money): string {
  return text
    .replace(SUM, (_, figure: string, scale: string) => `${before}${figure}${scale}${behind}`)
    .replace(/\b(c|C)rowns\b/g, (_, c: string) => (c === 'C' ? many.charAt(0).toUpperCase() + many.slice(1) : many))
    .replace(/\bcrown\b/g, one)
    .replace(/\bKronen?\b/g, german)
    .replaceAll('クラウン', '円');
}

/** A pattern of words that told a sum in crowns, for the same in any money. */
function patternInMoney(pattern: string): string {
  const money = String.raw`(?:EUR\s+|USD\s+|[$£€]\s?)?`;
  return pattern
    .replace(
      /(\d(?:\\?[\d,.])*)((?:(?:\\s\+| )(?:thousand|million|Tausend|Millionen))?)(?:\\s\+| )(?:crowns?|Kronen?)/g,
      (_, figure: string, scale: string) => String.raw`${money}${figure}${scale}(?:\s?(?:€|EUR))?`,
    )
    .replace(/(?:\\s[+*?]| )?(?:crowns?|Kronen?)/g, '')
    .replaceAll('クラウン', '円');
}

/** A question of known answer, as far as money matters to it. */
export interface Asked {
  readonly question: string;
  readonly docs?: readonly string[];
  readonly right?: readonly { readonly doc: string; readonly holds: string }[];
  readonly says?: readonly string[];
}

/** A question of known answer over documents whose sums are in other money. */
export function questionInMoney<T extends Asked>(asked: T, money: Money): T {
  return {
    ...asked,
    question: inMoney(asked.question, { ...money, before: '', behind: ` ${money.names[1]}` }),
    ...(asked.right === undefined
      ? {}
      : { right: asked.right.map((one) => ({ ...one, holds: patternInMoney(one.holds) })) }),
    ...(asked.says === undefined ? {} : { says: asked.says.map((one) => patternInMoney(one) || '.') }),
  };
}

/** Which money each document is set in, by its name without an ending: those that one question is asked of are set alike. */
export function moneyOf(asked: readonly Asked[]): (title: string) => Money {
  const home = new Map<string, string>();
  const find = (title: string): string => {
    const next = home.get(title) ?? title;
    return next === title ? title : find(next);
  };
  const bare = (doc: string): string => doc.replace(/\.pdf$/, '');
  for (const { docs: [first, ...others] = [] } of asked)
    for (const other of others)
      if (find(bare(other)) !== find(bare(first as string))) home.set(find(bare(other)), find(bare(first as string)));
  return (title) => MONEY[(createHash('md5').update(find(title)).digest()[0] as number) % MONEY.length] as Money;
}
