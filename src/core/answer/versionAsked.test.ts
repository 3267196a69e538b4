import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { versionAsked } from './versionAsked';

const GUIDE = [
  'Guide to the tide recorder',
  '',
  'Version 2.4 was released in May 2021. The earlier recorder was first released in 2001.',
  '',
  'The cable is 2.7 metres long. Version 2.6 has a new display.',
].join('\n');

const library = libraryOfTexts({ Guide: GUIDE });

function found(question: string): boolean {
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).found;
}

test.each([
  ['When was version 2.7 released?', '2.7'],
  ['In which year did the 2.4 series begin?', '2.4'],
  ['Wann erschien Ausgabe 1.0.3?', '1.0.3'],
  ['How long is the cable of 2.7 metres?', null],
  ['第2.3条はいつ改正されましたか。', null],
])('“%s” asks about version %s', (question, version) => {
  expect(versionAsked(question)).toBe(version);
});

describe('a version', () => {
  test('is dated by what is said of it', () => {
    expect(found('When was version 2.4 released?')).toBe(true);
  });

  test('of which nothing is said is not dated by another, nor by a figure like its number', () => {
    expect(found('When was version 2.7 released?')).toBe(false);
    expect(found('When was version 3.1 released?')).toBe(false);
  });

  test('that stands nowhere has no features', () => {
    expect(found('What does version 3.1 have?')).toBe(false);
    expect(found('What does version 2.6 have?')).toBe(true);
  });
});
