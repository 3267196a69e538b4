import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { statedFacts } from './statedFacts';

function dateOf(...paragraphs: string[]): string | undefined {
  const [source] = libraryOfTexts({ 'Paper.txt': paragraphs.join('\n\n') }).sources();
  return source === undefined ? undefined : statedFacts(source).find(({ field }) => field === 'date')?.value;
}

describe('the date of a document', () => {
  test.each([
    ['is told in the manner of deeds', ['Promotion', 'Aldmere Harbour Trust, the 15th day of February 2024', 'Dear Ms Fenn,'], '2024-02-15'], // prettier-ignore
    ['stands behind who writes', ['Letter', 'Holm Ice Works Ltd, 5 November 2024', 'Dear members,'], '2024-11-05'],
    ['behind who made it', ['Survey of the piles', 'Prepared by Saltmarsh College, October 2019.', 'Piles.'], '2019-10'], // prettier-ignore
    ['in its title', ['Wage settlement of 8 May 2024', 'The parties have settled the following.'], '2024-05-08'],
    ['as that of an edition', ['Rules for travel, edition of March 2025', 'These rules take the place of the edition of January 2022.'], '2025-03'], // prettier-ignore
    ['and not where it is signed later on', ['Letter', 'Aldmere, 14 September 2023', 'We confirm the terms.', 'Agreed on 29 September 2023: Sunniva Broch'], '2023-09-14'], // prettier-ignore
    ['and not as that of what it changes', ['Nachtrag zum Mietvertrag vom 2. Februar 2021', 'Lindeholm, den 15. November 2024', 'Die Parteien vereinbaren:'], '2024-11-15'], // prettier-ignore
  ])('%s', (_, text, date) => {
    expect(dateOf(...text)).toBe(date);
  });
});
