import { describe, expect, test } from '@jest/globals';
import { saidFrom } from './attach';
import { findReferences, namesToFind } from './references';
import { libraryOfTexts } from '../../../tests/support/shelf';

const library = libraryOfTexts({
  'Harbour rules.txt': 'Harbour rules\n\nThe pilot boards at the buoy.',
  'Basin lease.txt': 'Basin lease\n\nThe tenant keeps the wall.',
});

/** What the first quotation of a text is said to be from: documents, pages, section. */
function fromOf(text: string): readonly [string, string, string] {
  const [start, end] = [text.indexOf('“'), text.indexOf('”') + 1];
  const next = text.indexOf('“', end);
  const references = findReferences(text, namesToFind(library.sources()));
  const { sourceIds, pages, section } = saidFrom(text, start, end, references, 0, next < 0 ? text.length : next);
  return [sourceIds.join(), pages === null ? '' : `${pages.first}–${pages.last}`, section?.number ?? ''];
}

describe('a quotation is said to be from', () => {
  test('what stands in brackets behind it', () => {
    expect(fromOf('“The pilot boards” (Harbour rules, p. 4) and then “the wall” (Basin lease, p. 9).')).toEqual(['Harbour rules.txt', '4–4', '']); // prettier-ignore
  });
  test('what leads up to it in its sentence', () => {
    expect(fromOf('Page 7 of the Basin lease says “the tenant keeps the wall”.')).toEqual(['Basin lease.txt', '7–7', '']); // prettier-ignore
  });
  test('the document that its paragraph named before, with its own page', () => {
    expect(fromOf('The Basin lease is short. It says “the tenant keeps the wall” (p. 2).')).toEqual(['Basin lease.txt', '2–2', '']); // prettier-ignore
  });
  test('nothing that another paragraph said', () => {
    expect(fromOf('The Basin lease is short (p. 2).\n\nSomebody says “the tenant keeps the wall”.')).toEqual(['', '', '']); // prettier-ignore
  });
});
