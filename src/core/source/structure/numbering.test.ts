import { describe, expect, test } from '@jest/globals';
import { parseNumbering } from './numbering';

describe('numbering', () => {
  test('is none of a sum whose thousands are set apart by a point', () => {
    expect(parseNumbering('1.190 Kronen erhöht.')).toBeNull();
    expect(parseNumbering('1.19 Kronen')?.number).toBe('1.19');
  });

  test.each([
    ['Part A General', 'Part A', 'General', 0],
    ['Schedule 5 Concession Fee', 'Schedule 5', 'Concession Fee', 0],
    ['Chapter IV Operation', 'Chapter IV', 'Operation', 1],
    ['Article 12 Fire protection', 'Article 12', 'Fire protection', 2],
    ['Note 9 Service penalties', 'Note 9', 'Service penalties', 2],
    ['第3条 検査', '第3条', '検査', 2],
    ['§ 12 Haftung', '§ 12', 'Haftung', 2],
    ['14 Service failures', '14', 'Service failures', 3],
    ['14.2 Without prejudice', '14.2', 'Without prejudice', 4],
    ['(b) for each sailing', '(b)', 'for each sailing', 20],
    ['(iii) within reach', '(iii)', 'within reach', 20],
    ['ARTICLE IV Supply', 'ARTICLE IV', 'Supply', 2],
  ])('of “%s” is %s', (text, number, rest, rank) => {
    expect(parseNumbering(text)).toEqual({ number, rest, rank });
  });

  test('is null for lines without one', () => {
    expect(parseNumbering('The Operator shall pay')).toBeNull();
  });
});
