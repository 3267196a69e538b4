import { expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { Neighbours } from '../search';
import { askBuiltIn, sayBecause } from '.';

const library = libraryOfTexts({
  'lease.txt': 'Lease\n\nThe lessee shall pay 300 crowns to the Board in 2025. Notice of the end is given by letter.',
});
const because = (question: string) =>
  askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).passages[0]?.because ?? [];

test('a passage says which words it came up by, and which stand for others', () => {
  const found = because('What must the tenant pay in 2025?');
  expect(found).toContainEqual({ asked: 'pay', met: 'pay', by: 'itself' });
  expect(found).toContainEqual({ asked: 'tenant', met: 'lessee', by: 'trade' });
  expect(found).toContainEqual({ asked: '2025', met: '2025', by: 'itself' });
  expect(found.findIndex((one) => one.by === 'trade')).toBe(found.length - 1);
});

test('a word that is merely used like one asked is told as such, also where that one stands elsewhere', () => {
  const boats = libraryOfTexts({
    'quay.txt': 'The goose is moored at the north quay.',
    'yard.txt': 'A swan is mended in May.',
  });
  const { passages } = askBuiltIn('Where is the swan moored?', boats.sources(), boats.quotes, {
    now: () => 0,
    neighbours: new Neighbours('swan goos:80'),
  });
  const told = passages.find(({ source }) => source === 'quay.txt')?.because;
  expect(told).toEqual([
    { asked: 'moored', met: 'moored', by: 'itself' },
    { asked: 'swan', met: 'goose', by: 'like' },
  ]);
});

test('words that are not there are not told', () => {
  expect(because('What must the tenant pay for whales?').map((one) => one.asked)).not.toContain('whales');
});

test('it is said in a line', () => {
  expect(sayBecause([{ asked: 'pay', met: 'pay', by: 'itself' }, { asked: 'tenant', met: 'lessee', by: 'trade' }])).toBe('pay; lessee (for “tenant”)'); // prettier-ignore
  expect(sayBecause([])).toBe('');
});
