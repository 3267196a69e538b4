import { describe, expect, test } from '@jest/globals';
import { stemWord } from '../text';
import { separableVerbs } from './separableVerbs';

describe('a German verb that its clause parts', () => {
  test.each(['Womit räumt man das Lager auf?', 'Räumt man das Lager auf?'])('is joined in “%s”', (question) => {
    expect(separableVerbs(question).get(stemWord('räumt', 'de'))?.term).toBe(stemWord('aufräumt', 'de'));
  });

  test('is none where no prefix closes the question', () => {
    expect(separableVerbs('Wer räumt das Lager?').size).toBe(0);
  });

  test.each([
    ['aufzuräumen', 'aufräumen'],
    ['aufgeräumt', 'aufräumt'],
    ['abzugeben', 'abgeben'],
  ])('“%s” has the stem of “%s”', (parted, whole) => {
    expect(stemWord(parted, 'de')).toBe(stemWord(whole, 'de'));
  });

  test.each(['Umgebungen', 'angehen', 'eingehend'])('“%s” is left as it is', (word) => {
    expect(stemWord(word.toLowerCase(), 'de')).not.toBe(stemWord(word.toLowerCase().replace('ge', ''), 'de'));
  });
});
