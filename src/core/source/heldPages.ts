import { Recent } from '../recent';
import type { Line, LineRole, Note, PageText } from './types';

const ROLES: readonly LineRole[] = ['body', 'heading', 'head', 'folio', 'note', 'contents'];
/** Whole numbers and measures of one line: start, end, role, opens, section, size in tenths, count of cells; x, y, w, h. */
const NUMBERS = 7;
const MEASURES = 4;
/** Pages kept unpacked: more than one answer and its check look at. */
const UNPACKED = 256;

/** A page as it is held and stored: its text as it is, its lines in two arrays, their cells behind them. */
export interface PackedPage {
  readonly number: number;
  readonly label: string | null;
  readonly text: string;
  readonly width: number;
  readonly height: number;
  readonly numbers: Int32Array;
  readonly measures: Float32Array;
  readonly notes: readonly Note[];
}

export function packPage({ number, label, text, width, height, lines, notes }: PageText): PackedPage {
  const cells = lines.flatMap((line) => line.cells ?? []);
  const numbers = new Int32Array(lines.length * NUMBERS + cells.length);
  const measures = new Float32Array(lines.length * MEASURES);
  lines.forEach((line, at) => {
    const { start, end, role, opens, section, size, box } = line;
    const count = line.cells?.length ?? 0;
    numbers.set([start, end, ROLES.indexOf(role), Number(opens), section, Math.round(size * 10), count], at * NUMBERS);
    measures.set([box.x, box.y, box.w, box.h], at * MEASURES);
  });
  numbers.set(cells, lines.length * NUMBERS);
  return { number, label, text, width, height, numbers, measures, notes };
}

export function unpackPage({ number, label, text, width, height, numbers, measures, notes }: PackedPage): PageText {
  const count = measures.length / MEASURES;
  let cellsAt = count * NUMBERS;
  const lines: Line[] = [];
  for (let at = 0; at < count; at += 1) {
    const [start, end, role, opens, section, size, cells] = numbers.subarray(at * NUMBERS, (at + 1) * NUMBERS) as unknown as [number, number, number, number, number, number, number]; // prettier-ignore
    const [x, y, w, h] = measures.subarray(at * MEASURES, (at + 1) * MEASURES) as unknown as [number, number, number, number]; // prettier-ignore
    lines.push({
      start,
      end,
      box: { x, y, w, h },
      size: size / 10,
      role: ROLES[role] ?? 'body',
      opens: opens === 1,
      cells: cells === 0 ? null : [...numbers.subarray(cellsAt, cellsAt + cells)],
      section,
    });
    cellsAt += cells;
  }
  return { number, label, text, width, height, lines, notes };
}

/** The pages of one edition, packed: a page of 50 lines takes some 5 kB beside its text's own letters, unpacked four times as much. */
export class HeldPages {
  private readonly packed = new Map<number, PackedPage>();
  private readonly unpacked = new Recent<number, PageText>(UNPACKED);

  constructor(packed: readonly PackedPage[] = []) {
    for (const page of packed) this.packed.set(page.number, page);
  }

  get count(): number {
    return this.packed.size;
  }

  add(page: PageText): void {
    this.packed.set(page.number, packPage(page));
  }

  /** A page by its physical number; null while it is not held. */
  page(number: number): PageText | null {
    const packed = this.packed.get(number);
    return packed === undefined ? null : this.unpacked.get(number, () => unpackPage(packed));
  }

  /** All pages as they are stored. */
  all(): PackedPage[] {
    return [...this.packed.values()];
  }
}
