import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { docxOf } from '../src/core/exchange/texts';
import { addPage, makePdf } from '../tests/support/pdf';
import { run, type Run } from '../tests/support/terminal';

const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-proof-'));
const lease = path.join(folder, 'Town lease.pdf');
const GOOD = 'The Town lease says: “The rent of the berth is 3,200 crowns a year” (p. 1).';
const BAD = 'It goes on: “The tenant may not sublet the berth to any other person”. Notice is of sixty days.';

const proof = (file: string, ...more: readonly string[]): Run => run('proof', file, '--sources', lease, ...more);

function text(name: string, content: string | Uint8Array): string {
  const file = path.join(folder, name);
  writeFileSync(file, content);
  return file;
}

beforeAll(async () => {
  const lines = ['1 Rent', '1.1 The rent of the berth is 3,200 crowns a year and is due on 1 May.', '1.2 The tenant shall not sublet the berth to any other person.', '1.3 Either party may end the lease by notice of ninety days.']; // prettier-ignore
  writeFileSync(
    lease,
    await makePdf((doc) =>
      addPage(
        doc,
        lines.map((line, at) => ({ text: line, y: 100 + 20 * at, bold: at === 0 })),
      ),
    ),
  );
});
afterAll(() => rmSync(folder, { recursive: true }));

describe('proof', () => {
  test('of a text that stands ends well', () => {
    const { code, lines } = proof(text('good.md', GOOD), '--json');
    expect(code).toBe(0);
    expect(lines).toEqual([
      expect.objectContaining({ kind: 'quote', mark: 'exact', fault: null, offset: GOOD.indexOf('The rent'), source: 'Town lease.pdf', page: 1, pages: [1], differences: [] }), // prettier-ignore
    ]);
  });

  test('of a text with faults names each, in the order of the text, and ends with 1', () => {
    const { code, lines } = proof(text('bad.md', `${GOOD}\n\n${BAD}`), '--json');
    expect(code).toBe(1);
    expect(lines.map(({ kind, mark, verdict, fault }) => [kind, mark ?? verdict, fault])).toEqual([
      ['quote', 'exact', null],
      ['quote', 'altered', 'modal'],
      ['figure', 'unsupported', 'changed'],
    ]);
  });

  test('counts offsets in the file itself, byte-order mark and carriage returns too', () => {
    const raw = `\ufeffA memo.\r\n\r\n${GOOD}\r\n`;
    const { lines } = proof(text('windows.txt', raw), '--json');
    expect(lines.map((line) => line.offset)).toEqual([raw.indexOf('The rent')]);
  });

  test('tells people what is wrong in words', () => {
    const { out } = proof(text('bad.md', BAD));
    expect(out).toContain('grave, modal: page “shall”, text “may”');
    expect(out).toContain('0 of 1 quotation stands, 0 of 1 figure is supported.');
  });

  test('reads office files, web pages and PDFs', async () => {
    const docx = text('memo.docx', new Uint8Array(await (await docxOf(BAD, 'Memo')).arrayBuffer()));
    const html = text('memo.html', `<p>${BAD}</p>`);
    const pdf = text(
      'memo.pdf',
      await makePdf((doc) => addPage(doc, [{ text: BAD.split('. ')[0] as string, y: 100 }])),
    );
    for (const file of [docx, html, pdf]) expect(proof(file, '--json').lines[0]).toMatchObject({ mark: 'altered', fault: 'modal' }); // prettier-ignore
  });

  test('proofs a list of quotes', () => {
    const list = text('list.csv', 'quote,source,page\nThe tenant shall not sublet the berth,Town lease.pdf,1\n');
    expect(proof(list, '--json').lines).toEqual([expect.objectContaining({ mark: 'exact', page: 1 })]);
  });

  test.each([
    ['nowhere.md', null, /no such file/],
    ['empty.md', '  ', /holds no words to proof/],
    ['memo.xyz', 'words', /kind that cannot be proofed/],
    ['memo.docx', 'no zip', /could not be read as the kind of file/],
  ])('%s is told in a sentence', (name, content, sentence) => {
    const file = content === null ? path.join(folder, name) : text(name, content);
    const { code, told } = proof(file);
    expect(code).toBe(3);
    expect(told).toMatch(sentence);
  });
});
