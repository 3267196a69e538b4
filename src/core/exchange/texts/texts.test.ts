import { describe, expect, test } from '@jest/globals';
import { docxOf, fitText, textOfFile, textOfPages } from '.';
import { pagesOf } from '../../../../tests/support/pages';
import { findingsToAnnotations } from '..';
import type { Finding } from '../../review';
import { parseQuoteList } from './quoteList';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

describe('the text of a file', () => {
  test('of HTML keeps headings, items, block quotes and quotation marks, and nothing that is not shown', async () => {
    const html =
      '<html><head><title>no</title><style>p{}</style></head><body><h2>Rents</h2><p>It says <q>due\n now</q>.</p><ul><li>one</li><li>two</li></ul><blockquote><p>The rent is due.</p></blockquote><script>alert(1)</script></body></html>';
    expect(await textOfFile(bytes(html), 'memo.html')).toBe(
      '## Rents\n\nIt says “due now”.\n\n- one\n\n- two\n\n> The rent is due.\n',
    );
  });

  test('of HTML keeps tables as lines with bars, and the words of tables that only set the page', async () => {
    const html =
      '<table><caption>Dues</caption><thead><tr><th>Dues</th><th>2025</th></tr></thead><tbody><tr><td><p>Pilotage | tugs</p></td><td>1,400</td></tr></tbody></table><table><tr><td><p>All <b>alone</b></p></td></tr></table>';
    expect(await textOfFile(bytes(html), 'memo.html')).toBe(
      'Dues\n\n| Dues | 2025 |\n| --- | --- |\n| Pilotage \\| tugs | 1,400 |\n\nAll alone\n',
    );
  });

  test('of an office file keeps a table', async () => {
    const text = 'Dues\n\n| Dues | 2025 |\n| --- | --- |\n| Pilotage | 1,400 |\n\nThat is all.\n';
    const docx = new Uint8Array(await (await docxOf(text, 'Dues')).arrayBuffer());
    expect(await textOfFile(docx, 'memo.docx')).toBe(text);
  });

  test('of plain text keeps its very characters, so that offsets are those of the file', async () => {
    expect(await textOfFile(bytes('One\n\n“two”  three'), 'memo.md')).toBe('One\n\n“two”  three');
  });

  test('of an office file comes back as it was saved', async () => {
    const text = '# Rents\n\nThe rent is *due* now.\n\n> It is due.\n\n- one\n\n- two\n';
    const docx = new Uint8Array(await (await docxOf(text, 'Rents')).arrayBuffer());
    expect(await textOfFile(docx, 'memo.docx')).toBe(
      '# Rents\n\nThe rent is due now.\n\n> It is due.\n\n- one\n\n- two\n',
    );
  });

  test('of pages leaves out running heads, and parts paragraphs', () => {
    expect(textOfPages(pagesOf('The rent is due.\n\nIt is paid.', 'It is late.'))).toBe(
      'The rent is due.\n\nIt is paid.\n\nIt is late.',
    );
  });

  test.each([
    ['memo.docx', bytes('no zip'), /could not be read as the kind of file/],
    ['memo.md', bytes(' \n '), /holds no words to proof/],
    ['memo.xyz', bytes('words'), /of a kind that cannot be proofed/],
    ['memo.txt', bytes('a\u0000b'), /could not be read as the kind of file/],
    ['quotes.jsonl', bytes('{"quote":"a"}\n{"page":3}'), /Line 2 of “quotes.jsonl” cannot be used/],
    ['quotes.json', bytes('[{"quote"'), /it is not JSON/],
  ])('%s is refused in one sentence', async (name, content, sentence) => {
    await expect(textOfFile(content, name)).rejects.toThrow(sentence);
  });

  test('that is too long is refused', () => {
    expect(() => fitText('word '.repeat(300_000), 'memo.md')).toThrow(
      /more than 1,000,000 characters: proof it in parts/,
    );
  });
});

describe('a list of quotes', () => {
  test.each([
    ['q.csv', 'quote,source,page\n"The rent, due",Lease.pdf,3\n'],
    ['q.jsonl', '{"quote":"The rent, due","source":"Lease.pdf","page":3}\n'],
    ['q.json', '[{"quote":"The rent, due","doc":"Lease.pdf","label":"3"}]'],
    ['q.jsonld', '{"items":[{"type":"Annotation","target":{"source":"urn:x:Lease.pdf","selector":[{"type":"TextQuoteSelector","exact":"The rent, due"},{"type":"FragmentSelector","value":"page=3"}]}}]}'], // prettier-ignore
  ])('is read from %s', (name, text) => {
    expect(parseQuoteList(text, name)).toEqual([{ quote: 'The rent, due', source: 'Lease.pdf', page: '3' }]);
  });

  test('is read from the annotations that findings are handed on as', () => {
    const citation = { sourceName: 'Lease.pdf', sha256: 'a'.repeat(64), quote: 'The rent, due', matched: '', before: '', after: '', mark: 'exact', spans: [{ page: 3, start: 0, end: 4 }] }; // prettier-ignore
    const finding = {
      id: 'f1',
      keptAt: 0,
      note: '',
      content: { text: 'x', citations: [citation] },
    } as unknown as Finding;
    expect(parseQuoteList(findingsToAnnotations([finding]), 'findings.jsonld')).toEqual([
      { quote: 'The rent, due', source: 'Lease.pdf', page: '3' },
    ]);
  });

  test('becomes a text of block quotes with where each is from', async () => {
    expect(await textOfFile(bytes('quote,source,page\n"The rent\nis due",Lease.pdf,3\nAll,,\n'), 'q.csv')).toBe(
      '> The rent\n> is due\n> — Lease.pdf, p. 3\n\n> All',
    );
  });
});
