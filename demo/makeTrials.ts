import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { SmallTable } from './figures';
import { inMoney, moneyOf, questionInMoney, type Asked } from './otherMoney';
import { compose } from './typeset/compose';
import { setNotice } from './typeset/notice';

/**
 * Sets the documents that `trials/written.jsonl` asks about as PDFs, from `trials/written/*.txt`: `npm run trial-documents -- FOLDER`. Their marks are those of the
 * demo's texts, with tables in place: `@table caption | unit` or `@words caption`, then rows of cells behind `|`. With `--other-money` their sums are in euros, dollars
 * or pounds instead of crowns, and the questions of all sets over them, put in the same money, are written beside them as `questions.jsonl`.
 */
const [, , folder = 'trials/written', ...options] = process.argv;
const SETS = ['written', 'further', 'simple', 'silent', 'lists', 'others', 'parts', 'several'];
const from = fileURLToPath(new URL('../trials/written/', import.meta.url));
const TABLE = /^@(table|words) (.+?)(?: \| (.+))?\n((?:\|.*(?:\n|$))+)/gm;

const cellOf = (text: string, numbers: boolean): string | number =>
  numbers && /^-?[\d,]+$/.test(text) ? Number(text.replace(/,/g, '')) : text;

/** A text with its tables taken out under names of their own. */
function parted(text: string): { readonly text: string; readonly tables: Record<string, SmallTable> } {
  const tables: Record<string, SmallTable> = {};
  const plain = text.replace(TABLE, (_, kind: string, caption: string, unit: string | undefined, lines: string) => {
    const [head = [], ...rows] = lines.trim().split('\n').map((line) => line.slice(1).split('|').map((cell) => cell.trim())); // prettier-ignore
    const name = `t${Object.keys(tables).length}`;
    const set = (row: readonly string[]) => row.map((cell, at) => cellOf(cell, kind === 'table' && at > 0));
    tables[name] = { caption, unit: unit ?? '', head, rows: rows.map(set), totals: 0 };
    return `@${kind} ${name}\n`;
  });
  return { text: plain, tables };
}

mkdirSync(folder, { recursive: true });
const titleOf = (doc: string): string => path.basename(doc, '.pdf');
const otherMoney = options.includes('--other-money');
const asked = SETS.flatMap((set) =>
  readFileSync(new URL(`../trials/${set}.jsonl`, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '')
    .map((line) => JSON.parse(line) as Asked)
    .filter(({ docs = [] }) => docs.every((doc) => existsSync(`${from}${titleOf(doc)}.txt`))),
);
const money = moneyOf(asked);
const read = (doc: string): string => readFileSync(`${from}${titleOf(doc)}.txt`, 'utf8').replace(/\s+/g, ' ');

/** False for a question whose place can no longer be told by the words that told it in crowns. */
function keepsItsPlace(before: Asked, after: Asked): boolean {
  return (after.right ?? []).every(({ doc, holds }, at) => {
    const [was, is] = [before.right?.[at]?.holds ?? '', holds].map((pattern) => new RegExp(pattern, 'i')) as [
      RegExp,
      RegExp,
    ];
    return !was.test(read(doc)) || is.test(inMoney(read(doc), money(titleOf(doc))));
  });
}

if (otherMoney)
  writeFileSync(
    path.join(folder, 'questions.jsonl'),
    asked
      .map((one) => ({ one, other: questionInMoney(one, money(titleOf(one.docs?.[0] ?? ''))) }))
      .flatMap(({ one, other }) => (keepsItsPlace(one, other) ? JSON.stringify(other) : []))
      .join('\n'),
  );
for (const file of readdirSync(from).filter((one) => one.endsWith('.txt'))) {
  const title = path.basename(file, '.txt');
  const written = readFileSync(from + file, 'utf8');
  const text = otherMoney ? inMoney(written, money(title)) : written;
  const set = /[\u3040-\u30ff]/.test(text)
    ? setNotice(text, { title, author: '', made: new Date(Date.UTC(2025, 0, 1)) })
    : compose({
        design: {
          title,
          author: '',
          family: title.length % 2 === 0 ? 'tinos' : 'gelasio',
          page: { width: 595.28, height: 841.89 },
          margin: { top: 92, bottom: 96, left: 86, right: 86 },
          size: 11,
          leading: 16.5,
          head: ({ label }) => ({ left: title, right: label }),
        },
        ...parted(text),
        statements: {},
        front: (paper) => {
          paper.newPage();
          paper.text(`*${title}*`, { size: 18, leading: 26, align: 'left', after: 6 });
        },
        frontNumbering: { style: 'decimal' },
        mainNumbering: () => null,
        breakBeforeHeadings: false,
        contentsDepth: 0,
      });
  writeFileSync(path.join(folder, `${title}.pdf`), await set);
}
