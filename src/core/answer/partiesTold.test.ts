import { describe, expect, test } from '@jest/globals';
import type { Language } from '../text';
import { partiesTold } from './partiesTold';
import { namesNoHolder, partyNamed } from './partyNamed';
import { analyseQuestion } from './question';

const named = (text: string, language: Language): string[] =>
  partiesTold(text, language).map(({ start, end }) => text.slice(start, end));

describe('whom a text names', () => {
  test('is whoever has a name, and no month', () => {
    expect(named('The survey was made by Karin Lindqvist in March.', 'en')).toEqual(['Karin Lindqvist']);
  });

  test('is no currency', () => {
    expect(named('The cost of management was EUR 24,500.', 'en')).toEqual([]);
  });

  test('is whoever does what a sentence in the passive tells', () => {
    expect(named('it is checked by the release manager', 'en')).toContain('the release manager');
    expect(named('Das Boot wird von der Wache geprüft.', 'de')).toContain('der Wache');
    expect(named('Treibstoff und Schmiermittel stellt die Mieterin.', 'de')).toEqual(['die Mieterin']);
    expect(named('Hochwasser ist durch die Lagerhalterin versichert.', 'de')).toContain('die Lagerhalterin');
    expect(named('Schulden bestehen bei der Sparkasse Nordersiel.', 'de')).toContain('der Sparkasse Nordersiel');
  });

  test('is a company, an office or whoever is called by what they do in Japanese', () => {
    expect(named('製造者は北浜通信工業株式会社である。費用は会社が負担する。', 'ja')).toContain('会社');
    expect(named('当直航海士が管理する。', 'ja')).toEqual(['当直航海士']);
    expect(named('賃料は月額とする。', 'ja')).toEqual([]);
  });
});

describe('who holds an office in German', () => {
  test.each([
    ['Wer ist die Vorsitzende?', 'Der Vorstand wird gewählt. Vorsitzende ist Frauke Petersen.', 'Frauke Petersen'],
    ['Wer ist der Schatzmeister?', 'Die Kasse führt Schatzmeister Enno Brandt.', 'Enno Brandt'],
    ['Wer ist der Schatzmeister?', 'Der Schatzmeister führt die Kasse.', null],
  ])('%s “%s”', (asked, text, name) => {
    expect(partyNamed(text, analyseQuestion(asked, 'de'))).toBe(name);
  });

  test('in Japanese, by an office that does the same', () => {
    expect(namesNoHolder('受注者は、現場代理人として大町健二を置く。', '現場の責任者は誰か。')).toBe(false);
    expect(namesNoHolder('施設の管理者は、組合の施設課長、浜口誠とする。', '施設の管理者は誰か。')).toBe(false);
    expect(namesNoHolder('責任者1名を定める。', '責任者は誰か。')).toBe(true);
  });
});
