import { describe, expect, test } from '@jest/globals';
import { languageOfPages } from './language';

const german =
  'Der Pächter hat die Anlage und den Zaun nicht auf eigene Kosten, sondern mit der Gemeinde zu erhalten. ';
const english =
  'The tenant is to keep the pier and the fence in repair, and this is for the owner to check by the hour. ';

describe('the language of pages', () => {
  test('is that of most of them, however long the others are', () => {
    expect(languageOfPages([german, german, english.repeat(20)])).toBe('de');
    expect(languageOfPages([german, english, english])).toBe('en');
  });

  test('minds no page that has too few words to tell', () => {
    expect(languageOfPages(['', 'Figure 7', '10.0.2.2', german])).toBe('de');
  });

  test('is told by all of them together where no page tells, or as many say the one as the other', () => {
    expect(languageOfPages([german, english.repeat(3)])).toBe('en');
    expect(languageOfPages(['the pier', 'and the fence', 'of the tenant', 'is by the', 'quay'])).toBe('en');
  });
});
