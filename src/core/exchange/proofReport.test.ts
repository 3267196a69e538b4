import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { proof } from '../proof';
import { proofToCsv, proofToHtml, type ReportedProof } from '.';

const library = libraryOfTexts({
  'Lease.txt': 'The Tenant shall pay a rent of 11,600 crowns in each year.\n\n=SUM(A1) is a cell.',
});
const TEXT =
  '“The Tenant shall pay a rent of 12,600 crowns in each year” (Lease, p. 1). The rent is 11,600 crowns. “=SUM(A1) is a cell” <b>x</b>';
const REPORT: ReportedProof = {
  ...proof(TEXT, { shelf: { sources: library.sources(), quotes: library.quotes } }),
  name: 'Memo <1>',
  text: TEXT,
  madeAt: Date.UTC(2026, 0, 2),
};

describe('the report of a proof', () => {
  test('as CSV has a row an item, formulas neutralised', () => {
    const rows = proofToCsv(REPORT).trim().split('\r\n');
    expect(rows).toHaveLength(1 + REPORT.items.length);
    expect(rows[1]).toContain('altered,yes,Lease.txt,1');
    expect(rows[1]).toContain('page: “11,600”, text: “12,600”');
    expect(rows.some((row) => row.includes("'=SUM(A1)"))).toBe(true);
  });

  test('as a web page says against what, what was found, and shows text as text', () => {
    const html = proofToHtml(REPORT);
    expect(html).toContain(
      '1 of 2 quotations stand where they are said to, 1 of 1 figures are supported; 1 to look at.',
    );
    expect(html).toContain(library.sources()[0]?.sha256);
    expect(html).toContain('<mark>The Tenant shall pay a rent of 12,600 crowns in each year</mark>');
    expect(html).toContain('Memo &lt;1&gt;');
    expect(html).not.toContain('<b>x</b>');
  });
});
