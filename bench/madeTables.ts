import PDFDocument from 'pdfkit';
import type { Random } from './random';

/** A cell as it was set, and what it says: null where nothing is printed. */
export interface TrueCell {
  readonly text: string;
  readonly value: number | null;
  readonly scale: number;
}

export interface TrueTable {
  readonly style: string;
  readonly columns: readonly (readonly string[])[];
  readonly rows: readonly { readonly path: readonly string[]; readonly cells: readonly (TrueCell | null)[] }[];
}

interface Plan {
  readonly rules: 'none' | 'booktabs' | 'rows' | 'grid' | 'head' | 'totals';
  readonly heads: 'years' | 'spanning' | 'words' | 'wrapped';
  readonly groups: 'none' | 'flat' | 'indented';
  readonly measure: (typeof MEASURES)[number];
  readonly corner: boolean;
  readonly currency: boolean;
  readonly marks: boolean;
  readonly longLabels: boolean;
  readonly words: boolean;
  readonly byColumn: boolean;
  readonly pages: 1 | 2;
  readonly font: 'Helvetica' | 'Times-Roman';
  readonly size: number;
}

const MEASURES = [
  { text: '(in thousands of crowns)', scale: 1000 },
  { text: '(crowns million)', scale: 1_000_000 },
  { text: 'In millions, except per share amounts', scale: 1_000_000 },
  { text: '(€ 000)', scale: 1000 },
  { text: 'Amounts in crowns', scale: 1 },
  { text: '', scale: 1 },
] as const;
const LABELS =
  'Mooring dues|Pilotage|Crane hire|Cold storage|Towage|Rents of quays|Fuel sold|Water and power|Waste received|Repairs|Wages|Insurance|Interest paid|Grants|Dredging|Consultants|Vehicles hired|Other items'.split(
    '|',
  );
const LONG =
  'Contributions to the pension fund of former harbour pilots and their dependants|Receipts from the letting of sheds and open ground behind the north quay|Costs of keeping the channel at its charted depth, net of grants'.split(
    '|',
  );
const GROUPS = 'Income from vessels|Income from land|Running costs|Costs of capital'.split('|');
const WORD_HEADS = 'Budget|Outturn|Difference|North quay|South quay|Summer|Winter|Weekly|Yearly'.split('|');
const WRAPPED_HEADS = ['Calls by|cargo vessels', 'Calls by|ferries', 'Total|tonnage', 'Share of|all calls'];
const SENTENCE =
  'The harbour office keeps a record of what is paid at each quay and gives it to the board every month.';

function planOf(random: Random): Plan {
  return {
    rules: random.pick(['none', 'booktabs', 'rows', 'grid', 'head', 'totals']),
    heads: random.pick(['years', 'spanning', 'words', 'wrapped']),
    groups: random.pick(['none', 'none', 'flat', 'indented']),
    measure: random.pick(MEASURES),
    corner: random.below(4) === 0,
    currency: random.below(4) === 0,
    marks: random.below(5) === 0,
    longLabels: random.below(3) === 0,
    words: random.below(4) === 0,
    byColumn: random.below(5) === 0,
    pages: random.below(5) === 0 ? 2 : 1,
    font: random.pick(['Helvetica', 'Times-Roman']),
    size: random.pick([8, 9, 10]),
  };
}

function grouped(value: number, decimals: number): string {
  return value.toFixed(decimals).replace(/\B(?=(\d{3})+(?!\d))/g, ',');
}

function makeCell(random: Random, scale: number, decimals: number): TrueCell | null {
  const kind = random.below(14);
  if (kind === 0) return null;
  if (kind === 1) return { text: '–', value: 0, scale };
  const value = Number((random.next() * 10 ** (1 + random.below(5))).toFixed(decimals));
  return kind < 4 && value > 0
    ? { text: `(${grouped(value, decimals)})`, value: -value, scale }
    : { text: grouped(value, decimals), value, scale };
}

interface Made {
  readonly plan: Plan;
  /** Rows of heads, each of cells over so many columns; a `|` breaks a line. */
  readonly heads: readonly (readonly { readonly text: string; readonly over: number }[])[];
  readonly lines: readonly {
    readonly label: string;
    readonly depth: number;
    readonly cells: readonly (TrueCell | null)[] | null;
    readonly total: boolean;
  }[];
  readonly truth: TrueTable;
}

function makeTable(random: Random): Made {
  const plan = planOf(random);
  const { scale } = plan.measure;
  const heads: { text: string; over: number }[][] = [];
  let columns: string[][];
  if (plan.heads === 'years') {
    columns = [['2025'], ['2024'], ['2023']].slice(0, 2 + random.below(2));
    heads.push(columns.map(([text]) => ({ text: text as string, over: 1 })));
  } else if (plan.heads === 'spanning') {
    const tops =
      random.below(2) === 0 ? ['Year ended 31 December', 'Six months ended 30 June'] : ['North quay', 'South quay'];
    columns = tops.flatMap((top) => [
      [top, '2025'],
      [top, '2024'],
    ]);
    heads.push(
      tops.map((text) => ({ text, over: 2 })),
      columns.map((path) => ({ text: path[1] as string, over: 1 })),
    );
  } else if (plan.heads === 'words') {
    const start = random.below(WORD_HEADS.length - 4);
    columns = WORD_HEADS.slice(start, start + 3 + random.below(2)).map((text) => [text]);
    heads.push(columns.map(([text]) => ({ text: text as string, over: 1 })));
  } else {
    columns = WRAPPED_HEADS.slice(0, 3 + random.below(2)).map((text) => [text.replace('|', ' ')]);
    heads.push(columns.map((_, at) => ({ text: WRAPPED_HEADS[at] as string, over: 1 })));
  }
  const decimals = random.pick([0, 0, 1]);
  const lines: Made['lines'][number][] = [];
  const rows: TrueTable['rows'][number][] = [];
  const groups = plan.groups === 'none' ? [null] : GROUPS.slice(0, 2);
  const perGroup = plan.pages === 2 ? 34 / groups.length : 3 + random.below(4);
  let next = 0;
  for (const group of groups) {
    if (group !== null) lines.push({ label: group, depth: 0, cells: null, total: false });
    for (let at = 0; at < perGroup; at += 1) {
      const plain = LABELS[next % LABELS.length] as string;
      const label =
        plan.longLabels && at === 1
          ? (LONG[next % LONG.length] as string)
          : next < LABELS.length
            ? plain
            : `${plain}, part ${1 + Math.floor(next / LABELS.length)}`;
      next += 1;
      let cells: (TrueCell | null)[] = columns.map(() => makeCell(random, scale, decimals));
      if (cells.every((cell) => cell === null)) cells = columns.map(() => ({ text: '7', value: 7, scale }));
      if (plan.words)
        cells[cells.length - 1] = { text: random.pick(['monthly', 'in advance', 'on demand']), value: null, scale };
      if (plan.marks && at === 0 && cells[0] !== null && cells[0]?.value !== null)
        cells[0] = { ...(cells[0] as TrueCell), text: `${cells[0]?.text ?? ''} (1)` };
      lines.push({ label, depth: plan.groups === 'indented' ? 1 : 0, cells, total: false });
      rows.push({ path: group === null ? [label] : [group, label], cells });
    }
  }
  if (plan.groups === 'none') {
    const cells = columns.map((_, at): TrueCell =>
      plan.words && at === columns.length - 1
        ? { text: 'monthly', value: null, scale }
        : { text: '9,999', value: 9999, scale },
    );
    lines.push({ label: 'Total', depth: 0, cells, total: true });
    rows.push({ path: ['Total'], cells });
  }
  if (plan.measure.text.includes('per share')) {
    const cells = columns.map((_, at): TrueCell =>
      plan.words && at === columns.length - 1
        ? { text: 'yearly', value: null, scale }
        : { text: '1.25', value: 1.25, scale: 1 },
    );
    lines.push({ label: 'Earnings per share', depth: 0, cells, total: false });
    rows.push({
      path: plan.groups === 'flat' ? [GROUPS[1] as string, 'Earnings per share'] : ['Earnings per share'],
      cells,
    });
  }
  const style = Object.entries(plan)
    .map(
      ([key, value]: [string, Plan[keyof Plan]]) => `${key}=${typeof value === 'object' ? value.text : String(value)}`,
    )
    .join(' ');
  return { plan, heads, lines, truth: { style, columns, rows } };
}

/** Sets one table on pages of its own between running text. */
function draw(doc: PDFKit.PDFDocument, { plan, heads, lines, truth }: Made, number: number): void {
  const { size, font } = plan;
  const bold = font === 'Helvetica' ? 'Helvetica-Bold' : 'Times-Bold';
  const [left, right] = [72, 523];
  const labelWidth = 190;
  const count = truth.columns.length;
  const width = (right - left - labelWidth) / count;
  const edge = (column: number): number => left + labelWidth + width * (column + 1);
  const put = (text: string, x: number, y: number, align: 'left' | 'right' | 'center', face: string = font): void => {
    doc.font(face).fontSize(size);
    const own = doc.widthOfString(text);
    doc.text(text, align === 'left' ? x : align === 'right' ? x - own : x - own / 2, y, { lineBreak: false });
  };
  const rule = (x0: number, y0: number, x1: number, y1: number): void => {
    doc.lineWidth(0.5).moveTo(x0, y0).lineTo(x1, y1).stroke();
  };
  let top = 0;
  const step = size * 1.5;
  let y = 0;
  const edges: number[] = [];
  const upright = (): void => {
    if (plan.rules !== 'grid') return;
    for (const x of [left - 4, ...Array.from({ length: count }, (_, at) => edge(at) - width + 2), right + 4])
      rule(x, top - 3, x, y - 3);
    for (const at of [...edges, top]) rule(left - 4, at - 3, right + 4, at - 3);
    rule(left - 4, y - 3, right + 4, y - 3);
    edges.length = 0;
  };
  const setHeads = (): void => {
    top = y;
    if (plan.rules === 'booktabs' || plan.rules === 'rows') rule(left, y - 3, right, y - 3);
    heads.forEach((row, at) => {
      const tall = row.some((head) => head.text.includes('|')) ? 2 : 1;
      let column = 0;
      for (const head of row) {
        const [from, to] = [edge(column) - width, edge(column + head.over - 1)];
        head.text
          .split('|')
          .forEach((line, index) =>
            head.over > 1
              ? put(line, (from + to) / 2, y + index * size * 1.15, 'center', bold)
              : put(line, to - 4, y + index * size * 1.15, 'right', bold),
          );
        if (head.over > 1 && plan.rules === 'booktabs') rule(from + 6, y + step - 4, to - 4, y + step - 4);
        column += head.over;
      }
      if (plan.corner && at === heads.length - 1 && plan.measure.text !== '') put(plan.measure.text, left, y, 'left');
      y += step + (tall - 1) * size * 1.15;
      if (at < heads.length - 1) edges.push(y);
    });
    if (plan.rules !== 'none' && plan.rules !== 'grid') rule(left, y - 3, right, y - 3);
    edges.push(y);
  };
  doc.addPage();
  doc.font(font).fontSize(11).text(`${number} Accounts of the quays`, left, 72, { lineBreak: false });
  doc.fontSize(10).text(`${SENTENCE} ${SENTENCE}`, left, 92, { width: right - left });
  y = doc.y + 14;
  put(`Table ${number}. Accounts by item`, left, y, 'left', bold);
  y += step;
  if (!plan.corner && plan.measure.text !== '') {
    put(plan.measure.text, left, y, 'left');
    y += step;
  }
  setHeads();
  const later: (() => void)[] = [];
  lines.forEach((line, at) => {
    if (plan.pages === 2 && at === Math.floor(lines.length / 2)) {
      upright();
      doc.addPage();
      y = 72 + 7 * (number % 9);
      setHeads();
    }
    if (line.total && (plan.rules === 'totals' || plan.rules === 'booktabs'))
      rule(left + labelWidth, y - 3, right, y - 3);
    doc.font(font).fontSize(size);
    const own = line.label.split(' ');
    const wrapped: string[] = [''];
    for (const word of own) {
      const tried = `${wrapped.at(-1) as string} ${word}`.trim();
      if (doc.widthOfString(tried) < labelWidth - 20) wrapped[wrapped.length - 1] = tried;
      else wrapped.push(word);
    }
    wrapped.forEach((text, index) =>
      put(text, left + 12 * line.depth, y + index * size * 1.15, 'left', line.cells === null ? bold : font),
    );
    const rowY = y;
    line.cells?.forEach((cell, column) => {
      if (cell === null) return;
      const set = (): void => {
        const shift = cell.text.endsWith(')') || plan.words ? 0 : 3;
        put(cell.text, edge(column) - 4 - shift, rowY, 'right');
        if (plan.currency && cell.value !== null && (at === 0 || line.total))
          put('€', edge(column) - width + 12, rowY, 'left');
      };
      if (plan.byColumn && plan.pages === 1) later.push(set);
      else set();
    });
    y += step + (wrapped.length - 1) * size * 1.15;
    edges.push(y);
    if (plan.rules === 'rows') rule(left, y - 3, right, y - 3);
  });
  for (const set of later) set();
  if (plan.rules === 'booktabs') rule(left, y - 3, right, y - 3);
  upright();
  if (plan.marks) put('(1) As restated.', left, y + 4, 'left');
  doc
    .font(font)
    .fontSize(10)
    .text(`${SENTENCE} ${SENTENCE}`, left, y + 30, { width: right - left });
}

/** A PDF with so many tables of many styles, one below running text each, and what each cell says; the same for the same seed. */
export function madeTables(
  count: number,
  random: Random,
): Promise<{ readonly bytes: Uint8Array; readonly tables: readonly TrueTable[] }> {
  const doc = new PDFDocument({ size: 'A4', margin: 72, autoFirstPage: false });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const tables: TrueTable[] = [];
  for (let at = 0; at < count; at += 1) {
    const made = makeTable(random);
    tables.push(made.truth);
    draw(doc, made, at + 1);
  }
  return new Promise((resolve) => {
    doc.on('end', () => resolve({ bytes: new Uint8Array(Buffer.concat(chunks)), tables }));
    doc.end();
  });
}
