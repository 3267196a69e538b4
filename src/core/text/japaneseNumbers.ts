import Big from 'big.js';
import type { NumberMention } from './numberMention';

const SCALES: Readonly<Record<string, number>> = { 千: 1e3, 万: 1e4, 百万: 1e6, 千万: 1e7, 億: 1e8, 兆: 1e12 };
const UNITS: Readonly<Record<string, string>> = {
  年間: 'year', 年: 'year', か月: 'month', ヶ月: 'month', カ月: 'month', 箇月: 'month', 週間: 'week', 日間: 'day', 日: 'day', 時間: 'hour', 分間: 'minute', 分: 'minute',
  秒: 'second', 円: 'yen', ドル: 'dollar', ユーロ: 'euro', クラウン: 'crown', '%': '%', '％': '%', パーセント: '%', 名: 'person', 人: 'person', 社: 'company',
  メートル: 'm', 海里: 'nautical mile', キロワット時: 'kwh', トン: 'tonne', 隻: 'vessel', 株: 'share', 件: 'case', 回: 'time', 歳: 'year',
}; // prettier-ignore
const WORDS = Object.keys(UNITS)
  .sort((a, b) => b.length - a.length)
  .join('|');
const DIGITS = String.raw`[\d０-９]+(?:[,，][\d０-９]{3})*(?:[.．][\d０-９]+)?`;
/** "3億2,000万円": what stands before the last scale is part of the number. */
const NUMBER = new RegExp(
  String.raw`(?<larger>(?:${DIGITS}\s?[万億兆]\s?(?=[\d０-９]))*)(?<digits>${DIGITS})\s?(?<scale>百万|千万|[千万億兆])?\s?(?<unit>${WORDS})?`,
  'gu',
);
const LARGER = new RegExp(String.raw`(${DIGITS})\s?([万億兆])`, 'gu');

function plainly(digits: string): string {
  return digits.normalize('NFKC').replace(/,/g, '');
}

/** What the parts before the last scale come to. */
function sumOf(larger: string): Big {
  return [...larger.matchAll(LARGER)].reduce(
    (sum, [, digits = '0', scale = '']) => sum.plus(new Big(plainly(digits)).times(SCALES[scale] ?? 1)),
    new Big(0),
  );
}

/** Numbers of a Japanese text with a scale or unit behind them ("940万クラウン", "8年間"); parts of dates are left out. */
export function findJapaneseNumbers(text: string): NumberMention[] {
  const found: NumberMention[] = [];
  for (const match of text.matchAll(NUMBER)) {
    const { larger = '', digits = '', scale, unit } = match.groups ?? {};
    if (larger === '' && scale === undefined && unit === undefined) continue;
    const plain = plainly(digits);
    const inDate =
      (unit === '年' && /^(?:19|20)\d{2}$/.test(plain)) || (unit === '日' && text[match.index - 1] === '月');
    if (inDate) continue;
    const factor = scale === undefined ? 1 : (SCALES[scale] ?? 1);
    found.push({
      start: match.index,
      end: match.index + match[0].length,
      value: new Big(plain).times(factor).plus(sumOf(larger)).toFixed(),
      unit: unit === undefined ? null : (UNITS[unit] ?? null),
      scale: factor,
    });
  }
  return found;
}
