import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { withCompounds } from './compounds';
import { stemWord } from '../text';

const TEXT =
  'Kleinreparaturen trägt die Mieterin. Die Mietzeit endet im Mai. Alle Schlüsseln sind bezahlt. Die Versicherung ruht.';

function wider(word: string, language: 'de' | 'en' = 'de'): Map<string, number> {
  const sources = libraryOfTexts({ Vertrag: TEXT }, language).sources();
  const [term] = withCompounds([{ term: stemWord(word, 'de'), weight: 1 }], sources);
  return new Map(term?.equivalents?.map((one) => [one.term, one.share]));
}

describe('German words', () => {
  test('find the compounds that end in them before those that begin with them, and their own parts', () => {
    const head = wider('reparatur').get(stemWord('kleinreparaturen', 'de')) ?? 0;
    expect(head).toBeGreaterThan(0.5);
    expect(wider('versicherungssumme').get(stemWord('versicherung', 'de'))).toBeLessThan(head);
  });

  test('are parts of compounds from four letters on', () => {
    expect([...wider('zeit').keys()]).toEqual([stemWord('mietzeit', 'de')]);
  });

  test('find forms that the stemmer keeps apart', () => {
    expect([...wider('bezahlen').keys()]).toContain('bezahlt');
    expect([...wider('schlussel').keys()]).toContain('schlusseln');
  });

  test('are widened in German documents alone, and by words of some length', () => {
    expect(wider('reparatur', 'en').size).toBe(0);
    expect([...wider('mai').keys()]).toEqual([]);
  });
});
