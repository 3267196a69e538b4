import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import type { Answer } from './types';

const LEASE = [
  'Lease of the quay shop',
  '',
  'In this lease: (a) “Premises” means the ground floor; (b) “Quarter” means three months from January.',
  '',
  '3.1 The deposit of 900 crowns is repaid within thirty days after the end of the term.',
  '',
  '4.2 The Landlord may enter the Premises on two days’ notice.',
  '',
  '4.5 The Tenant shall not bake between 11 p.m. and 4 a.m.',
  '',
  'Ilse Harrow signed as secretary of the harbour. Halse Brothers LLP, auditors, saw the accounts.',
  '',
  'Mr Piers Holloway guarantees the rent.',
  '',
  'The Tenant shall not replace the Site Manager without consent.',
].join('\n');

const DEED =
  'Deed of variation\n\n1. Clause 4.5 of the Lease is varied so that the Tenant shall not bake between 1 a.m. and 3 a.m.\n';
const VERTRAG =
  'Mietvertrag\n\nDie Kaution beträgt 700 Euro. Die Miete beginnt am 1. Juli 2021 und läuft auf sieben Jahre fest.\n';

const lease = libraryOfTexts({ Lease: LEASE });

function ask(question: string, library = lease): Answer {
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

describe('a question in other words than the document’s', () => {
  test('finds what a verb with its particle says in one word', () => {
    const { headline, passages } = ask('When is the deposit given back?');
    expect(headline).toBe('within thirty days after');
    expect(passages[0]?.because).toContainEqual({ asked: 'given back', met: 'repaid', by: 'trade' });
  });

  test('finds a term that is defined within a row of definitions', () => {
    expect(ask('What counts as a quarter?').claims[0]?.text).toContain('three months');
  });

  test('asks for an office, and is answered by a name or not at all', () => {
    expect(ask('Who is the secretary of the harbour?').headline).toBe('Ilse Harrow');
    expect(ask('Who is the auditor?').headline).toBe('Halse Brothers LLP');
    expect(ask('Who is the guarantor?').headline).toBe('Mr Piers Holloway');
    expect(ask('Who is the Site Manager?').found).toBe(false);
  });

  test('asks for a figure, and is not answered by a sentence without one', () => {
    expect(ask('How much does a Site Manager cost?').found).toBe(false);
  });
});

describe('a sentence that goes on over a page', () => {
  test('with the day of a date is one sentence', () => {
    const paged = libraryOfTexts({
      Report: 'The ban on hoses was in force from 12 July to\f4 September 2023. Rain came later.',
    });
    const [claim] = ask('When was the ban on hoses in force?', paged).claims;
    expect(claim?.text).toBe('The ban on hoses was in force from 12 July to 4 September 2023.');
  });
});

describe('an amendment that names a clause', () => {
  test('is told with what stood there before', () => {
    const both = libraryOfTexts({ Lease: LEASE, Deed: DEED });
    const { lines, conflicts } = ask('Between what hours shall the Tenant not bake?', both);
    expect(conflicts).toEqual([[0, 1]]);
    expect(lines?.[0]).toMatch(/^1 a\.m\. and 3 a\.m\./);
    expect(lines?.[1]).toMatch(/^11 p\.m\. and 4 a\.m\./);
  });
});

describe('a question in one of several languages', () => {
  test('is read in its own, whichever document comes first', () => {
    const mixed = libraryOfTexts({ Lease: LEASE });
    const german = libraryOfTexts({ Vertrag: VERTRAG }, 'de');
    const sources = [...mixed.sources(), ...german.sources()];
    const asked = (question: string): string | null =>
      askBuiltIn(question, sources, german.quotes, { now: () => 0 }).headline;
    expect(asked('Wie hoch ist die Kaution?')).toBe('700 Euro');
    expect(asked('Wie lange läuft die Miete fest?')).toBe('sieben Jahre');
  });
});
