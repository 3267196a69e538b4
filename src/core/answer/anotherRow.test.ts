import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '.';

const library = libraryOfTexts({
  'Supply.txt': [
    'Rules on the supply of current at berths',
    '',
    'Table 1: Values of supply',
    '',
    'Vessel                 Voltage (kV)    Capacity (MVA)',
    'Container ships                 6.6               7.5',
    'Cruise ships                   11.0              16.0',
    'Passenger ships                11.0               6.5',
    'Tugs                            0.4               0.3',
  ].join('\n'),
});
const ask = (question: string) => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline;

describe('a row of another thing', () => {
  test.each([
    ['What voltage is supplied to cruise ships?', /^11\.0/],
    ['What voltage is supplied to tugs?', /^0\.4/],
    ['What capacity do container ships need?', /^7\.5/],
  ])('“%s” is told by its own', (question, told) => {
    expect(ask(question)).toMatch(told);
  });

  test.each(['What voltage is supplied to fishing ships?', 'What capacity do fishing vessels need?'])(
    '“%s” is told by none that shares only the name of a wider kind',
    (question) => {
      expect(ask(question)).toBeNull();
    },
  );
});
