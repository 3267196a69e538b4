import { isDigit, isIdeographic } from '../../../text';

/**
 * What counts or follows a number in Japanese, by its first character: a particle or a unit in kana, 年, 月, 日, 条, 人, 円, 以上. A number before another
 * word in kanji may be that of a heading or a table, whose space means something.
 */
const FOLLOWS_NUMBER =
  /^[\p{sc=Hiragana}\p{sc=Katakana}年月日時分秒週泊晩箇条項号章節編目円千百万億兆人名隻個回枚本台倍度歳才件割代階点歩室棟戸社杯艘艇便両頭匹通冊部口株番位坪畳海以未超又及、。」）％]/u;
/** A number in the middle of a line, but for that of a table, figure or form, whose title follows it; or a year at its head. */
const COUNTED = /(?:(?:[^\d,.\s表図式注則]|[.,](?!\d))\d[\d,.]*|(?:^|\s)\d{4})$/;

const BESIDE_NUMBER = /(?:\p{sc=Han}|\p{sc=Hiragana}|\p{sc=Katakana})( ?)\d/gu;

/** True for a page on which more figures stand apart from the Japanese character before them than beside it. */
export function setsAutospace(texts: readonly string[]): boolean {
  let [apart, beside] = [0, 0];
  for (const text of texts)
    for (const [, space] of text.matchAll(BESIDE_NUMBER)) {
      if (space === '') beside += 1;
      else apart += 1;
    }
  return apart > beside;
}

/**
 * True when a space between two parts of a Japanese line, on a page that is set so, is only the quarter of an em that writing programs put between
 * Japanese characters and figures (JIS X 4051, 4.7): it was never written, and no word ends there. `before` is the line up to the space, `after` what
 * follows it.
 */
export function isAutospace(before: string, after: string): boolean {
  const [last, next] = [before.at(-1), after[0]];
  if (isIdeographic(last) && isDigit(next)) return true;
  return isDigit(last) && isIdeographic(next) && FOLLOWS_NUMBER.test(after) && COUNTED.test(before);
}

/** A piece of a line without the spaces that were set in it by themselves; `before` is the line up to the piece. */
export function withoutAutospace(before: string, piece: string): string {
  if (!piece.includes(' ')) return piece;
  let kept = '';
  for (let at = 0; at < piece.length; at += 1)
    if (piece[at] !== ' ' || !isAutospace(before + kept, piece.slice(at + 1))) kept += piece[at] as string;
  return kept;
}
