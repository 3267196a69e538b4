import { expect, test } from '@jest/globals';
import type { StoredSlip } from '@/store';
import { questionsAsked, stepAmong } from './recalled';

const slip = (question: string, askedAt: number, kind = 'question'): StoredSlip =>
  ({ kind, question, askedAt }) as unknown as StoredSlip;

test('questions asked are recalled newest first, each once, and nothing else of the slips', () => {
  const slips = [slip('one?', 1), slip('two?', 2), slip('one?', 3), slip('a quote', 4, 'quote')];
  expect(questionsAsked(slips)).toEqual(['one?', 'two?']);
});

test('a step goes back, forth, and to the empty field again', () => {
  const asked = ['newest?', 'older?'];
  expect(stepAmong(asked, '', 1)).toBe('newest?');
  expect(stepAmong(asked, 'newest?', 1)).toBe('older?');
  expect(stepAmong(asked, 'older?', 1)).toBeNull();
  expect(stepAmong(asked, 'older?', -1)).toBe('newest?');
  expect(stepAmong(asked, 'newest?', -1)).toBe('');
  expect(stepAmong(asked, '', -1)).toBeNull();
});

test('what was typed and not asked is left alone', () => {
  expect(stepAmong(['newest?'], 'half a thou', 1)).toBeNull();
});
