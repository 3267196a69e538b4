import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { placesLike } from './alike';

const OWN = 'The Operator shall pay two hundred crowns for each late departure of a ferry.';
const library = libraryOfTexts({
  'Agreement.txt': `${OWN}\n\nThe Board keeps the quay in repair.`,
  'Draft.txt': 'The Operator shall pay one hundred crowns for each late departure of a ferry from the quay.',
  'Minutes.txt': 'The clerk read the minutes of the last meeting and the harp was played.',
});

describe('places like a text', () => {
  test('are sentences elsewhere that share its words, never the text itself', () => {
    const places = placesLike(OWN, library.sources());
    expect(places.map(({ sourceId, page }) => [sourceId, page])).toEqual([['Draft.txt', 1]]);
    expect(places[0]?.quote).toContain('one hundred crowns');
  });

  test('are none where nothing says the like', () => {
    expect(placesLike('An elephant was seen on the beach at dawn.', library.sources())).toEqual([]);
  });
});
