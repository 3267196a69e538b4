import { readFileSync } from 'node:fs';
import { balance, cash, equity, income, tables } from './figures';
import { draftOf, furtherDocuments } from './further';
import { concessionTables, regulationTables } from './portTables';
import type { DocumentPlan } from './typeset/compose';
import type { Paper } from './typeset/paper';

const text = (name: string): string => readFileSync(new URL(`texts/${name}.txt`, import.meta.url), 'utf8');

/** A title page: lines in the middle of the page, the first in large type. */
function cover(paper: Paper, title: readonly string[], below: readonly string[]): void {
  paper.newPage();
  const { size } = paper.design;
  paper.y = paper.doc.page.height * 0.3;
  for (const line of title) paper.text(`*${line}*`, { size: size * 2, leading: size * 2.6, align: 'center' });
  paper.y += size * 3;
  for (const line of below) paper.text(line, { align: 'center', leading: size * 1.8 });
}

const concession: DocumentPlan = {
  design: {
    title: 'Concession agreement for the Aldmere Crossing',
    author: 'Harbour Board of Aldmere',
    family: 'gelasio',
    page: { width: 595.28, height: 841.89 },
    margin: { top: 96, bottom: 118, left: 98, right: 98 },
    size: 12,
    leading: 19,
    head: ({ label, section }) => ({ left: 'Harbour Board of Aldmere', center: section, right: label }),
  },
  text: text('concession'),
  tables: concessionTables,
  statements: {},
  front: (paper) =>
    cover(
      paper,
      ['Concession Agreement', 'for the Aldmere Crossing'],
      ['between', '*the Harbour Board of Aldmere*', 'and', '*Merrowby Ferry Company plc*', 'dated 4 February 2019'],
    ),
  frontNumbering: { style: 'roman' },
  mainNumbering: (heading) => (heading.startsWith('Part A') ? { style: 'decimal' } : null),
  breakBeforeHeadings: false,
  contentsDepth: 2,
};

function filingFront(paper: Paper): void {
  cover(
    paper,
    ['Annual filing', '2025'],
    ['*Merrowby Ferry Company plc*', '4 Ropewalk, Aldmere', 'For the year to 31 December 2025'],
  );
  paper.section = 'The year at a glance';
  paper.newPage();
  paper.text('*The year at a glance*', { size: 16, leading: 26, align: 'left', after: 6 });
  for (const line of [
    'Revenue rose by 8.8 per cent to 31.2 million crowns.',
    'Profit for the year was 4.24 million crowns, against 2.85 million crowns in 2024.',
    'Passengers numbered 3.42 million, an increase of 7.5 per cent.',
    'Of scheduled sailings 97.1 per cent were performed, weather aside.',
    'The dividend proposed is 14 hundredths of a crown a share.',
    'The figures in this report are in crowns. In tables they are in thousands of crowns unless it is stated otherwise.',
  ]) {
    paper.text(line, { after: 7 });
  }
}

const years = ['2025', '2024'] as const;

const filing: DocumentPlan = {
  design: {
    title: 'Annual filing 2025',
    author: 'Merrowby Ferry Company plc',
    family: 'tinos',
    page: { width: 496, height: 680 },
    margin: { top: 84, bottom: 92, left: 72, right: 72 },
    size: 11.5,
    leading: 17.8,
    head: ({ label, section, even }) => ({
      left: even ? label : section,
      right: even ? 'Merrowby Ferry Company plc' : label,
    }),
  },
  text: text('filing'),
  tables,
  statements: {
    income: {
      caption: 'Income statement',
      unit: 'for the year to 31 December, in thousands of crowns',
      years,
      rows: income,
    },
    balance: { caption: 'Balance sheet', unit: 'at 31 December, in thousands of crowns', years, rows: balance },
    cash: {
      caption: 'Cash flow statement',
      unit: 'for the year to 31 December, in thousands of crowns',
      years,
      rows: cash,
    },
    equity: { caption: 'Changes in equity', unit: 'in thousands of crowns', years, rows: equity },
  },
  front: filingFront,
  frontNumbering: { style: 'roman' },
  mainNumbering: (heading) =>
    heading.startsWith('Chair')
      ? { style: 'decimal' }
      : heading === 'Financial statements'
        ? { style: 'decimal', prefix: 'F-' }
        : null,
  breakBeforeHeadings: true,
  contentsDepth: 2,
};

const regulation: DocumentPlan = {
  design: {
    title: 'Passenger vessel safety regulation',
    author: 'Maritime Office of the Free Port of Aldmere',
    family: 'gelasio',
    page: { width: 482, height: 680 },
    margin: { top: 78, bottom: 80, left: 62, right: 62 },
    size: 11,
    leading: 16,
    head: ({ label, section }) => ({ left: section, right: 'Free Port of Aldmere · Maritime Office', foot: label }),
  },
  text: text('regulation'),
  tables: regulationTables,
  statements: {},
  front: (paper) =>
    cover(
      paper,
      ['Passenger Vessel', 'Safety Regulation'],
      ['made by the Maritime Office under section 14', 'of the Navigation Ordinance', 'in force from 1 September 2021'],
    ),
  frontNumbering: { style: 'roman' },
  mainNumbering: (heading) => (heading.startsWith('Chapter I ') ? { style: 'decimal' } : null),
  breakBeforeHeadings: false,
  contentsDepth: 2,
};

/** The demo dossier's documents by their file names. */
export const documents: Readonly<Record<string, DocumentPlan>> = {
  'Concession agreement.pdf': concession,
  'Annual filing 2025.pdf': filing,
  'Passenger vessel safety regulation.pdf': regulation,
  'Draft concession agreement.pdf': draftOf(concession),
  ...furtherDocuments,
};
