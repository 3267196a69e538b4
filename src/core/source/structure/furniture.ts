import type { DraftLine, DraftPage } from '../formats/pdf/pageText';
import type { LineRole } from '../types';

/** Share of the page height, at top and bottom, where running heads and page numbers stand. */
const MARGIN = 0.13;
/** How many lines from the top or bottom edge are looked at. */
const EDGE_LINES = 3;
/** Numbers in a line from which it is a row of a table, unless it recurs to the letter; two of them end it, where a head has a date and a folio. */
const ROW_NUMBERS = 3;
const ROW_END = /[\d)%–—-]\s+\(?[\d.,–—-]+[)%]?$/;
const FOLIO =
  /^(?:[-–—·|\s]*)(?:(?:page|seite|p\.|s\.)\s*)?(?:[A-Z]{1,2}-)?(?:\d{1,4}|[ivxlc]{1,7})(?:\s*(?:of|von|\/)\s*\d{1,4})?(?:[-–—·|\s]*)$/iu;

/** A number by itself, as pages bear it. */
const BARE = /^\d{1,4}$/;

interface EdgeLine {
  readonly line: DraftLine;
  /** Numbers that open or close the line: one of them may be the page's. */
  readonly numbers: readonly number[];
  /** True for a row of a table: several numbers, the last ones next to each other. */
  readonly row: boolean;
  readonly text: string;
  readonly key: string;
  readonly y: number;
  /** True for a bare number that ends the page's text, or opens it, further from the edge than such lines stand. */
  readonly inward: boolean;
}

function masked(text: string): string {
  return text
    .toLowerCase()
    .replace(/\b[ivxlc]{1,7}\b|\d+/g, '#')
    .replace(/\s+/g, ' ')
    .trim();
}

const edgesOf = new WeakMap<DraftPage, readonly EdgeLine[]>();

/** Lines near the top and bottom edge with their text masked, so that page and section numbers do not part them; each page is asked as a neighbour of several. */
function edgeLines(page: DraftPage): readonly EdgeLine[] {
  const known = edgesOf.get(page) ?? findEdgeLines(page);
  edgesOf.set(page, known);
  return known;
}

function findEdgeLines(page: DraftPage): EdgeLine[] {
  const byHeight = page.lines.filter((line) => !line.askew).sort((a, b) => a.box.y - b.box.y);
  const top = byHeight.slice(0, EDGE_LINES).filter((line) => line.box.y + line.box.h < MARGIN * page.height);
  const bottom = byHeight.slice(-EDGE_LINES).filter((line) => line.box.y > (1 - MARGIN) * page.height);
  const outermost = new Set([...top, ...bottom]);
  const inward = new Set(
    [byHeight.slice(0, 1), byHeight.slice(-1)]
      .flat()
      .filter((line) => !outermost.has(line) && BARE.test(page.text.slice(line.start, line.end))),
  );
  return [...outermost, ...inward].map((line) => {
    const text = page.text.slice(line.start, line.end);
    const outer = [/^(\d{1,4})(?=\s|$)/.exec(text)?.[1], /(?:^|\s)(\d{1,4})$/.exec(text)?.[1]];
    return {
      line,
      row: (text.match(/\d[\d.,]*/g)?.length ?? 0) >= ROW_NUMBERS && ROW_END.test(text),
      text,
      key: masked(text),
      y: line.box.y,
      inward: inward.has(line),
      numbers: outer.filter((number) => number !== undefined).map(Number),
    };
  });
}

export interface Neighbour {
  readonly page: DraftPage;
  /** Pages from the one looked at: -1 is the page before. */
  readonly distance: number;
}

/** Longest head that is known by its parts, in characters. */
const LONGEST_HEAD = 90;

/** Footnotes are numbered in step with pages too, but they are sentences; heads are not. */
function looksLikeHead(key: string): boolean {
  return key.length <= LONGEST_HEAD && !/(?:\S+\s+){4,}\S+[.;:]$/.test(key);
}

interface Neighbouring {
  readonly lines: readonly EdgeLine[];
  readonly distance: number;
}

function recurs(edge: EdgeLine, neighbours: readonly Neighbouring[]): boolean {
  let inStep = 0;
  for (const { lines, distance } of neighbours) {
    for (const other of lines) {
      if (Math.abs(other.y - edge.y) > 8) continue;
      if (edge.row && other.text !== edge.text) continue;
      if (other.key === edge.key && !edge.inward) return true;
      // A page number in step with the pages around gives a head away, whatever chapter it names.
      if (edge.numbers.some((number) => other.numbers.includes(number + distance))) inStep += 1;
      // Heads that name the chapter change with it, but their outer parts (folio, title) stay.
      const shorter = Math.min(other.key.length, edge.key.length);
      const outer = other.key.startsWith(edge.key.slice(0, 12)) || other.key.endsWith(edge.key.slice(-12));
      if (shorter >= 12 && outer && looksLikeHead(edge.key)) return true;
    }
  }
  return inStep >= 2 && looksLikeHead(edge.key);
}

/** Steps between lines, in type sizes, up to which one goes on with the other. */
const CLOSE_STEP = 1.9;
/** Pages around on which a head stands to the letter, where there are as many. */
const OFTEN = 3;

/** True for a line that the text goes on from: in type of the same size, as close as lines of a paragraph are. A running head keeps its distance. */
function goesOn(page: DraftPage, { line }: EdgeLine, apart: ReadonlySet<DraftLine>): boolean {
  const inward = line.box.y < page.height / 2 ? 1 : -1;
  return page.lines.some((other) => {
    const step = (other.box.y - line.box.y) * inward;
    const beside = other.box.x < line.box.x + line.box.w && line.box.x < other.box.x + other.box.w;
    const alike = Math.abs(other.size - line.size) < 0.03 * line.size;
    return step > 0.5 * line.size && step < CLOSE_STEP * line.size && alike && beside && !apart.has(other);
  });
}

/** Lines that recur on the pages around; from the text outwards, those that the text goes on from are left out, unless they recur to the letter and often. */
function heads(page: DraftPage, edges: readonly EdgeLine[], others: readonly Neighbouring[]): Set<DraftLine> {
  const found = edges.filter((edge) => recurs(edge, others));
  const apart = new Set(found.map((edge) => edge.line));
  const middle = page.height / 2;
  const outwards = [...found].sort((a, b) => Math.abs(a.y - middle) - Math.abs(b.y - middle));
  for (const edge of outwards) {
    const toTheLetter = others.filter(({ lines }) => lines.some((other) => other.text === edge.text)).length;
    if (toTheLetter < Math.min(OFTEN, others.length) && goesOn(page, edge, apart)) apart.delete(edge.line);
  }
  return apart;
}

/**
 * Roles of a page's lines as far as its neighbours tell: lines that recur at one place once digits are masked are running
 * heads, bare numbers at the edge are folios, text that does not run upright is set apart with them.
 */
export function furnitureRoles(page: DraftPage, neighbours: readonly Neighbour[]): Map<DraftLine, LineRole> {
  const roles = new Map<DraftLine, LineRole>();
  const others = neighbours.map(({ page: other, distance }) => ({ lines: edgeLines(other), distance }));
  const edges = edgeLines(page);
  const apart = heads(page, edges, others);
  for (const edge of edges) {
    const text = page.text.slice(edge.line.start, edge.line.end);
    if (FOLIO.test(text) && (!edge.inward || apart.has(edge.line))) roles.set(edge.line, 'folio');
    else if (apart.has(edge.line)) roles.set(edge.line, 'head');
  }
  for (const line of page.lines) if (line.askew) roles.set(line, 'head');
  return roles;
}

/** Footnotes: lines in smaller type at the foot of the page, from one that opens with a mark down to the last. */
export function markNotes(page: DraftPage, roles: Map<DraftLine, LineRole>, bodySize: number): void {
  const lines = page.lines.filter((line) => !roles.has(line));
  let at = lines.length;
  while (at > 0) {
    const line = lines[at - 1] as DraftLine;
    if (line.size > 0.92 * bodySize || line.box.y < 0.45 * page.height) break;
    at -= 1;
  }
  const first = lines[at];
  if (first === undefined || at === 0) return;
  // A year, or a line of figures, heads a table rather than a note.
  if (!/^(?:\d{1,2}(?!\d)|[*†‡§]|[a-z]\))\s?\S.*\p{L}/u.test(page.text.slice(first.start, first.end))) return;
  for (const line of lines.slice(at)) roles.set(line, 'note');
}

const LEADERS = /(?:\.\s?){4,}\s*(?:[A-Z]-)?[\divxlc]{1,5}$|…{2,}\s*\d{1,4}$/i;
const TRAILING_PAGE = /\S\s+(?:\d{1,4}|[ivxlc]{1,6})$/;

/** True for a page of contents, an index or a list of figures: most lines end in a page number. */
export function isContentsPage(page: DraftPage, roles: ReadonlyMap<DraftLine, LineRole>): boolean {
  const texts = page.lines.filter((line) => !roles.has(line)).map((line) => page.text.slice(line.start, line.end));
  if (texts.length < 6) return false;
  const led = texts.filter((text) => LEADERS.test(text)).length;
  if (led >= 5 && led >= 0.3 * texts.length) return true;
  const trailing = texts.filter((text) => TRAILING_PAGE.test(text) && !/\d[.,]\d|\d\s+\d/.test(text)).length;
  const indexed = texts.filter((text) => /,\s\d{1,4}(?:[-–]\d{1,4})?(?:,\s\d{1,4})*$/.test(text)).length;
  return trailing >= 0.7 * texts.length || indexed >= 0.6 * texts.length;
}
