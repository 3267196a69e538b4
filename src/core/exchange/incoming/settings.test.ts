import { describe, expect, test } from '@jest/globals';
import { DEFAULT_SETTINGS } from '../../answer';
import { parseSettings } from './settings';

describe('a file of settings', () => {
  test('fills in what it leaves out', () => {
    expect(parseSettings('{}')).toEqual(DEFAULT_SETTINGS);
    expect(
      parseSettings('\ufeff{"v":1,"format":"marked-page settings","breadth":20,"passages":{"maxWords":80}}'),
    ).toEqual({
      ...DEFAULT_SETTINGS,
      breadth: 20,
      passages: { ...DEFAULT_SETTINGS.passages, maxWords: 80 },
    });
  });

  test.each([
    ['no JSON', 'breadth: 20', 'not JSON'],
    ['a breadth beyond its limits', '{"breadth":400}', 'breadth'],
    ['a group of one word', '{"equivalents":[["berth"]]}', 'equivalents'],
    ['a watch point that says nothing', '{"watchPoints":[{"name":"Renewal","says":[]}]}', 'says'],
    ['another version', '{"v":2}', 'v'],
    ['a word that is not known', '{"wordvectors":true}', 'wordvectors'],
  ])('is refused whole with a sentence for %s', (_, text, reason) => {
    expect(() => parseSettings(text)).toThrow(/These settings were not taken: .+Nothing was changed/);
    expect(() => parseSettings(text)).toThrow(reason);
  });
});
