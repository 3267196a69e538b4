import { readFileSync } from 'node:fs';
import { leases, type Lease } from './leases';
import { priorIncome, priorTables } from './priorYear';
import type { DocumentPlan } from './typeset/compose';
import type { Design } from './typeset/paper';

const text = (name: string): string => readFileSync(new URL(`texts/${name}.txt`, import.meta.url), 'utf8');
const THOUSANDS = 'in thousands of crowns';

/** A document without cover and contents: it begins with its title. */
function short(
  design: Omit<Design, 'head'>,
  below: string,
  body: string,
  more: Partial<DocumentPlan> = {},
): DocumentPlan {
  const { title, author, size } = design;
  return {
    design: { ...design, head: ({ label }) => ({ left: author, right: label }) },
    text: body,
    tables: {},
    statements: {},
    front: (paper) => {
      paper.newPage();
      paper.text(`*${title}*`, { size: size * 1.6, leading: size * 2.2, align: 'left', after: 2 });
      if (below !== '') paper.text(`_${below}_`, { align: 'left', after: 12 });
    },
    frontNumbering: { style: 'decimal' },
    mainNumbering: () => null,
    breakBeforeHeadings: false,
    contentsDepth: 0,
    ...more,
  };
}

const A4 = { width: 595.28, height: 841.89 };
const MARGIN = { top: 92, bottom: 96, left: 86, right: 86 };

const filing2024 = short(
  { title: 'Annual filing 2024', author: 'Merrowby Ferry Company plc', family: 'tinos', page: { width: 496, height: 680 }, margin: { top: 84, bottom: 92, left: 72, right: 72 }, size: 11.5, leading: 17.8 },
  'For the year to 31 December 2024',
  text('filing2024'),
  {
    tables: priorTables,
    statements: {
      income: { caption: 'Income statement', unit: `for the year to 31 December, ${THOUSANDS}`, years: ['2024', '2023'], rows: priorIncome },
    },
  },
); // prettier-ignore

const halfYear = short(
  { title: 'Half-year report 2025', author: 'Merrowby Ferry Company plc', family: 'tinos', page: { width: 496, height: 680 }, margin: { top: 84, bottom: 92, left: 72, right: 72 }, size: 11.5, leading: 17.8 },
  'For the six months to 30 June 2025, issued on 29 August 2025',
  text('halfyear'),
  {
    tables: {
      halves: {
        caption: 'Results for the half year',
        unit: THOUSANDS,
        head: ['', 'Quarter 2', 'Half 2025', 'Half 2024'],
        totals: 0,
        rows: [
          ['Revenue', 8_640, 13_620, 12_450],
          ['Operating costs', -6_388, -12_490, -12_070],
          ['Operating profit', 2_252, 1_130, 380],
          ['Finance costs', -142, -286, -268],
          ['Profit before tax', 2_110, 844, 112],
          ['Passengers (thousands)', 934, 1_432, 1_331],
        ],
      },
    },
  },
); // prettier-ignore

const survey = short(
  { title: 'Hull and engine survey of Kittiwake', author: 'Dellacott Marine Surveyors', family: 'tinos', page: A4, margin: MARGIN, size: 10.5, leading: 15.5 },
  'Report 25/031 to Merrowby Ferry Company plc, 21 March 2025',
  text('survey'),
  {
    tables: {
      plating: {
        caption: 'Table 2-1 Thickness of the shell plating',
        unit: 'in millimetres',
        head: ['Frame', 'As built', 'Port', 'Stbd', 'Port loss', 'Stbd loss'],
        totals: 0,
        rows: [
          ['8', '8.0', '7.4', '7.5', '8%', '6%'],
          ['10', '8.0', '7.3', '7.4', '9%', '8%'],
          ['12', '8.0', '7.0', '7.2', '13%', '10%'],
          ['14', '8.0', '6.0', '7.1', '25%', '11%'],
          ['15', '8.0', '5.9', '7.1', '26%', '11%'],
          ['16', '8.0', '5.8', '6.9', '27%', '14%'],
          ['17', '8.0', '6.0', '7.0', '25%', '13%'],
          ['20', '8.0', '7.2', '7.3', '10%', '9%'],
          ['24', '10.0', '9.2', '9.3', '8%', '7%'],
        ],
      },
      engines: {
        caption: 'Table 3-1 Main engines',
        unit: '',
        head: ['', 'Port', 'Starboard', 'Maker’s limit'],
        totals: 0,
        rows: [
          ['Running hours', 41_260, 39_870, '–'],
          ['Compression (bar)', '27.1', '30.4', '26.0'],
          ['Oil used a day (litres)', '1.9', '0.8', '1.5'],
          ['Clearance of main bearings (mm)', '0.14', '0.12', '0.20'],
          ['Temperature of exhaust (°C)', 412, 388, 430],
        ],
      },
      oil: {
        caption: 'Table 3-2 Oil samples of 5 March 2025',
        unit: 'in parts per million',
        head: ['Engine', 'Iron', 'Copper', 'Lead', 'Chromium', 'Silicon', 'Sodium', 'Water %'],
        totals: 0,
        rows: [
          ['Port main engine', 96, 21, 8, 14, 11, 4, '0.05'],
          ['Starboard main engine', 31, 17, 6, 3, 9, 3, '0.04'],
          ['Port generator', 22, 9, 4, 2, 8, 2, '0.03'],
          ['Starboard generator', 25, 11, 5, 2, 7, 41, '0.21'],
          ['Gearbox, port', 44, 63, 12, 1, 6, 3, '0.02'],
          ['Gearbox, starboard', 39, 58, 10, 1, 6, 2, '0.02'],
        ],
      },
    },
  },
); // prettier-ignore

const amendment = short(
  { title: 'Letter of amendment', author: 'Harbour Board of Aldmere', family: 'gelasio', page: A4, margin: { top: 96, bottom: 118, left: 98, right: 98 }, size: 11.5, leading: 17.5 },
  '',
  text('amendment'),
); // prettier-ignore

function leasePlan(lease: Lease): DocumentPlan {
  const body = text('lease').replace(/\{(\w+)\}/g, (_, field: keyof Lease) => lease[field]);
  return short(
    { title: `Lease of berth ${lease.berth}`, author: 'Harbour Board of Aldmere', family: 'gelasio', page: A4, margin: { top: 96, bottom: 118, left: 98, right: 98 }, size: 12, leading: 19 },
    `between the Harbour Board of Aldmere and ${lease.tenant}`,
    body,
  ); // prettier-ignore
}

/** What the draft of the concession said otherwise: words of the agreement, and those of the draft; an empty string where it said nothing. */
export const DRAFTED: readonly (readonly [string, string])[] = [
  ['continues for eight years, ending on 31 March 2027', 'continues for ten years, ending on 31 March 2029'],
  ['if:\n(a) it gives notice of the extension not later than nine months', 'if:\n(a) it gives notice of the extension not later than six months'],
  ['departure later than ten minutes', 'departure later than five minutes'],
  ['one thousand four hundred and fifty crowns (1,450)', 'one thousand two hundred crowns (1,200)'],
  ['the Operator shall pay, within sixty days of the end of each financial year, 6 per cent', 'the Operator shall pay, within sixty days of the end of each financial year, 4 per cent'],
  ['The fee for the first year is 1,120,000 crowns.', 'The fee for the first year is 980,000 crowns.'],
  ['14.4 The total of the sums due under clause 14.2 in any financial year shall not exceed 2,400,000 crowns, except where the failures are the result of wilful default.\n14.5', '14.4'],
  ['in the sum of 900,000 crowns', 'in the sum of 750,000 crowns'],
  ['not later than twelve months before the end of the Term', 'not later than eighteen months before the end of the Term'],
]; // prettier-ignore

/** The draft of the concession, from the agreement it became. */
export function draftOf(concession: DocumentPlan): DocumentPlan {
  let body = concession.text;
  for (const [agreed, drafted] of DRAFTED) {
    if (!body.includes(agreed)) throw new RangeError(`The concession does not say “${agreed}”.`);
    body = body.replace(agreed, drafted);
  }
  const { design } = concession;
  return {
    ...concession,
    design: { ...design, title: 'Draft concession agreement', head: (page) => ({ ...design.head(page), left: 'Draft of 12 October 2018' }) },
    text: body,
    front: (paper) => {
      concession.front(paper);
      paper.y += 40;
      paper.text('_Draft of 12 October 2018, not agreed_', { align: 'center' });
    },
  }; // prettier-ignore
}

/** The further documents of the whole demo dossier, by their file names; they stand in folders beside the first three. */
export const furtherDocuments: Readonly<Record<string, DocumentPlan>> = {
  'Annual filing 2024.pdf': filing2024,
  'Half-year report 2025.pdf': halfYear,
  'Letter of amendment 2023.pdf': amendment,
  'Survey of Kittiwake 2025.pdf': survey,
  ...Object.fromEntries(leases.map((lease) => [`Lease ${lease.berth}.pdf`, leasePlan(lease)])),
};
