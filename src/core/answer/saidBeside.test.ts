import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';

const MANUAL = [
  'Manual of the label printer',
  '',
  'Article 1 Fonts',
  '',
  'You can control the font size with the variable SIZE. Only the values 10pt, 11pt and 12pt are possible.',
  '',
  'Article 2 Output',
  '',
  'The upper one is the default. If you would like to use another tray, set TRAY to its number.',
  '',
  'Article 3 Paper',
  '',
  'To set the paper format, give PAPER its name. Some formats are not available in the trade and are cut by hand.',
].join('\n');

const library = libraryOfTexts({ Manual: MANUAL });

function told(question: string): string {
  const { headline, claims } = askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
  return [headline, ...claims.map(({ text }) => text)].join(' | ');
}

describe('the sentence beside', () => {
  test('says which there are to choose from', () => {
    expect(told('Which font sizes may be chosen?')).toContain('10pt, 11pt and 12pt');
  });

  test('says what holds by default', () => {
    expect(told('Which tray is used unless another is set?')).toContain('The upper one');
  });

  test('says nothing of it where it tells what there is not', () => {
    expect(told('Which paper formats are possible?')).toMatch(/^To set the paper format/);
  });
});
