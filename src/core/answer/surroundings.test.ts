import { describe, expect, test } from '@jest/globals';
import type { UnitText } from '../search';
import { announcedBy, leadOf, takenUp } from './surroundings';

const unitsOf = (...texts: readonly string[]): UnitText[] =>
  texts.map((text) => ({ text, unit: { kind: 'sentence' } as UnitText['unit'] }));

describe('a list', () => {
  const units = unitsOf('1. It pays:', '(a) one;', '(b) two.', '2. The end.');

  test('has a lead, which its items are read with', () => {
    expect([0, 1, 2, 3].map((at) => leadOf(units, at))).toEqual([-1, 0, 0, 0]);
    expect(leadOf(unitsOf('It pays.', 'Nobody else does.'), 1)).toBe(-1);
  });

  test('is announced by no heading', () => {
    const [head, item] = unitsOf('Article 8 Hull', '1. The hull shall be sound.') as [UnitText, UnitText];
    expect(leadOf([head, item], 1)).toBe(0);
    expect(leadOf([{ ...head, unit: { ...head.unit, kind: 'heading' } }, item], 1)).toBe(-1);
  });

  test('is read with its items, as far as they are marked alike', () => {
    expect(announcedBy(units, 0)).toEqual([1, 2]);
    expect(announcedBy(units, 1)).toEqual([]);
    expect(announcedBy(unitsOf('The warden:', '– keeps the list;', '– reads the meters.', 'Nobody else does.'), 0)).toEqual([1, 2]); // prettier-ignore
    expect(announcedBy(unitsOf('次に掲げる行為をしてはならない。', '(1) 建物を建てること', '(2) 家畜を飼うこと', '第6条'), 0)).toEqual([1, 2]); // prettier-ignore
  });
});

test('a sentence that goes on about what the one before names takes it up', () => {
  expect(takenUp(unitsOf('The gate is old.', 'It must be painted.'), 1)).toBe(0);
  expect(takenUp(unitsOf('The gate is old.', 'Paint is dear.'), 1)).toBe(-1);
});
