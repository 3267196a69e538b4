/** Numbers and addresses at which somebody is reached, by what asks for them, each with what such a one looks like. */
const REACHED_AT: readonly (readonly [asked: RegExp, like: RegExp])[] = [
  [
    /\b(?:tele)?(?:phone|fax) numbers?\b|\btelefonnummer|\bfaxnummer|電話番号|内線番号/i,
    /(?<![\d.])(?!\d{1,3}(?:\.\d{1,3}){3})\+?\d(?:[\s()/.-]*\d){5,}|(?:\bext(?:ension)?\.?|内線)\s?\d+/gi,
  ],
  [/\be-?mail[- ]address|\be-?mail-adresse|メールアドレス/i, /\b[\w.+-]+@[\w-]+(?:\.[\w-]+)+/gi],
  [
    /\b(?:what|which|welche\w*)\b.*\b(?:web ?site|web ?page|web address|url|internetadresse|webseite)/i,
    /\b(?:https?:\/\/|www\.)[^\s)>\]]+/gi,
  ],
];

/** Words that say in which way somebody is to be reached; such a number or address need not be called so where it stands. */
export const WAYS_TO_REACH: ReadonlySet<string> = new Set(
  'telephone phone fax number numbers e mail email e-mail address website web site page url telefonnummer faxnummer adresse internetadresse webseite'.split(
    ' ',
  ),
);

/** What the number or address that a question asks for looks like, which nothing else answers; null for other questions. The pattern is global. */
export function reachedAt(asked: string): RegExp | null {
  return REACHED_AT.find(([shape]) => shape.test(asked))?.[1] ?? null;
}
