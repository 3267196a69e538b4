import { describe, expect, test } from '@jest/globals';
import { isAutospace, setsAutospace, withoutAutospace } from './autospace';

describe('the space that is set between Japanese characters and figures by itself', () => {
  test.each([
    ['第 1 条 この規程は 3 年とする', '第1条 この規程は3年とする'],
    ['2024 年 9 月 1 日施行', '2024年9月1日施行'],
    ['毎秒 12 メートルを超え、1,200 円', '毎秒12メートルを超え、1,200円'],
    ['岸壁から 5 海里以内', '岸壁から5海里以内'],
    ['緊急のときは第 16 チャンネルに', '緊急のときは第16チャンネルに'],
  ])('is no part of “%s”', (set, written) => {
    expect(withoutAutospace('', set)).toBe(written);
  });

  test.each(['1 総則', '3 第三者への貸与', '表1 運賃', 'Debian の導入', 'AB 450 形'])('is kept where it means something: “%s”', (text) => {
    expect(withoutAutospace('', text)).toBe(text);
  }); // prettier-ignore

  test('is told with what stands before a part of a line', () => {
    expect(isAutospace('責任者証の有効期間は', '3 年とする')).toBe(true);
    expect(withoutAutospace('責任者証の有効期間は', '3 年とする')).toBe('3年とする');
    expect(withoutAutospace('', '3 年とする')).toBe('3 年とする');
  });

  test('is set on a page where most figures stand apart', () => {
    expect(setsAutospace(['期間は 3 年', '毎月 1 回', '昭和57年'])).toBe(true);
    expect(setsAutospace(['第8条 6か月間', '年次報告書 2023年度', '10日', '期間は3年、料金は5円'])).toBe(false);
    expect(setsAutospace(['The year 2024 ended'])).toBe(false);
  });
});
