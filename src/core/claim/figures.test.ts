import { expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { checkClaim, askBuiltIn } from '../answer';

const library = libraryOfTexts({
  'dues.txt':
    'Dues of the north quay\n\nDues (in thousands of crowns)\n\n              Note     2025     2024\nPilotage          4    1,400    1,310\nTowage            5      620      655\n',
});
const ROW = 'Pilotage 4 1,400 1,310';
const claim = (text: string) =>
  checkClaim({ text, citations: [{ sourceId: 'dues.txt', page: 1, quote: ROW }] }, library.sources(), library.quotes);

test('a claim that is a quote has the figures of its place, with unit and scale, without the number of the note', () => {
  const figures = claim(ROW).figures ?? [];
  expect(figures.map(({ text, scale, verdict, how }) => [text, scale, verdict, how])).toEqual([
    ['1,400', 1000, 'quoted', 'Pilotage › 2025: 1,400'],
    ['1,310', 1000, 'quoted', 'Pilotage › 2024: 1,310'],
  ]);
});

test('figures of a claim in other words are traced to its quotes, worked out, or faulted', () => {
  const right = claim('Pilotage rose by 6.9 per cent to 1.4 million crowns in 2025.');
  expect(right.figures?.map((one) => one.verdict)).toEqual(['computed', 'quoted']);
  expect(right.figures?.map((one) => [one.sourceId, one.page])).toEqual([
    ['dues.txt', 1],
    ['dues.txt', 1],
  ]);
  const wrong = claim('Pilotage came to 1,310 thousand crowns in 2025.');
  expect(wrong.standing).toBe('goes-further');
  expect(wrong.figures?.map((one) => [one.verdict, one.fault])).toEqual([['unsupported', 'period']]);
});

test('an answer’s claims carry their figures', () => {
  const { claims } = askBuiltIn('What did pilotage bring in 2025?', library.sources(), library.quotes, {
    now: () => 0,
  });
  expect(claims[0]?.figures?.map((one) => one.text)).toContain('1,400');
});
