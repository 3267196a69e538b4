import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { asksWhy } from './reasons';

const REPORT = [
  'Report on the sluice',
  '',
  'The gate stopped because the lower hinge had seized. The grease line to it had been blocked by paint.',
  '',
  'Since the alarm had been switched off, nobody came before midnight.',
  '',
  'Bonfires are forbidden in August as the sheds have roofs of reed. The fire brigade is called by telephone.',
  '',
  'The crane was hired. It is dearer than a tug.',
  '',
  'A gauge was read each day. The gauge was lost in a storm, so that there are no readings of it after May.',
].join('\n');

const library = libraryOfTexts({ 'Report.txt': REPORT });
const why = (question: string): string =>
  askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline ?? '';

describe('a reason', () => {
  test.each([
    ['Why did the gate stop?', 'the lower hinge had seized'],
    ['Why did nobody come before midnight?', 'the alarm had been switched off'],
    ['Why are bonfires forbidden in August?', 'roofs of reed'],
    ['Why are there no readings of the gauge after May?', 'lost in a storm'],
  ])('“%s” is told by the sentence that gives it', (question, reason) => {
    expect(why(question)).toContain(reason);
  });

  test('of what a sentence gives as the reason of something else stands behind it', () => {
    expect(why('What caused the hinge to seize?')).toContain('blocked by paint');
  });

  test.each([
    ['Why was it closed?', true],
    ['What caused the fire?', true],
    ['Warum ist das Tor zu?', true],
    ['なぜ閉まったのですか。', true],
    ['What is closed?', false],
    ['When was it closed?', false],
  ])('“%s” asks for one: %s', (question, asked) => {
    expect(asksWhy(question)).toBe(asked);
  });
});
