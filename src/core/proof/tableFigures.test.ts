import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { mended, mendingOf, proof, type ProofFigure } from '.';

const DUES = [
  'Report of the basin\n\nThe basin was busy all year long, and the crane stood still for a week.',
  'Dues of the basin (in thousands of crowns)\n\n              2025     2024\nPilotage     1,400    1,310\nTowage         620      655\nMooring        212      204\n',
].join('\f');
const library = libraryOfTexts({ 'Basin report.txt': DUES });

function figuresOf(text: string): ProofFigure[] {
  const { items } = proof(text, { shelf: { sources: library.sources(), quotes: library.quotes } });
  return items.filter((item) => item.kind === 'figure');
}

function table(...rows: string[]): string {
  return ['Dues of the basin, in thousands of crowns:', '', '| Dues | 2025 | 2024 | Change, % |', '|---|---|---|---|', ...rows].join('\n'); // prettier-ignore
}

const said = (text: string): string[] => figuresOf(text).map((one) => `${one.text} ${one.fault ?? one.verdict}`);

describe('figures in a table of a memo', () => {
  test('are quoted cell by cell, and changes worked out from their row', () => {
    expect(said(table('| Pilotage | 1,400 | 1,310 | 6.9 |', '| Towage | 620 | 655 | -5.3 |'))).toEqual([
      '1,400 quoted',
      '1,310 quoted',
      '6.9 computed',
      '620 quoted',
      '655 quoted',
      '-5.3 computed',
    ]);
  });

  test('of a total are worked out from what stands above it', () => {
    const text = table('| Pilotage | 1,400 | 1,310 | |', '| Towage | 620 | 655 | |', '| Total | 2,020 | 1,965 | |');
    expect(said(text).slice(-2)).toEqual(['2,020 computed', '1,965 computed']);
    expect(said(text.replace('2,020', '2,050')).at(-2)).toBe('2,050 arithmetic');
  });

  test.each([
    ['period', '| Pilotage | 1,310 | 1,310 | |', 0],
    ['row', '| Pilotage | 620 | 1,310 | |', 0],
    ['changed', '| Pilotage | 1,440 | 1,310 | |', 0],
    ['arithmetic', '| Pilotage | 1,400 | 1,310 | 9.6 |', 2],
  ])('are faulted as such: %s in %s', (fault, row, at) => {
    expect(figuresOf(table(row))[at]?.fault).toBe(fault);
  });

  test('take their scale from the line over the table', () => {
    const millions = table('| Pilotage | 1,400 | 1,310 | |').replace('thousands', 'millions');
    expect(figuresOf(millions).map((one) => one.fault)).toEqual(['scale', 'scale']);
    const given = table('| Pilotage | 1.4 | 1.31 | |').replace('thousands', 'millions');
    expect(figuresOf(given).map((one) => one.verdict)).toEqual(['quoted', 'quoted']);
  });

  test('are put right within their cell', () => {
    const text = table('| Pilotage | 1,440 | 1,310 | |');
    const mendings = figuresOf(text).flatMap((one) => mendingOf(one) ?? []);
    expect(mended(text, mendings)).toBe(text.replace('1,440', '1,400'));
  });

  test('stand where the text has them', () => {
    const text = `Intro with nothing.\n\n${table('| Towage | 620 | 655 | |')}\n\nTowage fell.`;
    for (const { start, end, text: own } of figuresOf(text)) expect(text.slice(start, end)).toBe(own);
  });
});

describe('the page a figure is said to stand on', () => {
  test('is held against where it stands', () => {
    const [right] = figuresOf('Towage brought in 620 thousand crowns in 2025 (Basin report, p. 2).');
    const [wrong] = figuresOf('Towage brought in 620 thousand crowns in 2025 (Basin report, p. 1).');
    expect([right?.placeFault, wrong?.placeFault, wrong?.rightPlace]).toEqual([null, 'page', '2']);
  });
});
