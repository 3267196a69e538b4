import type { Section } from '../types';

/** What a numbering says of the line it opens: its kind, which fixes its depth, and its number. */
interface Numbering {
  readonly number: string;
  readonly rank: number;
  /** Text behind the number. */
  readonly rest: string;
}

const NAMED: readonly (readonly [RegExp, number])[] = [
  [/^(?:part|teil|book|title|band)\s+(?:[IVXLC]+|[A-Z]|\d+|one|two|three|four|five)\b\.?/i, 0],
  [/^(?:schedule|annex|appendix|exhibit|anhang|anlage|attachment)\s+(?:[IVXLC]+|[A-Z]|\d+)\b\.?/i, 0],
  [/^(?:chapter|kapitel)\s+(?:[IVXLC]+|\d+|[A-Z])\b\.?/i, 1],
  [/^第\s?[\d一二三四五六七八九十]+\s?[章部編]/, 1],
  [/^(?:section|abschnitt|item|subpart)\s+\d+[A-Z]?(?:\.\d+)*\b\.?/i, 2.5],
  [/^(?:article|artikel)\s?(?:\d+[A-Za-z]?(?:\.\d+)*|[IVXLC]+)\b\.?/i, 2],
  [/^(?:regulation|rule|note|§|clause)\s?\d+[A-Za-z]?(?:\.\d+)*\b\.?/i, 2],
  [/^第\s?[\d一二三四五六七八九十]+\s?[条節]/, 2],
];
const DOTTED = /^(\d{1,3}(?:\.\d{1,3}){0,4})\.?(?=\s)/;
const LETTERED = /^([A-Z](?:\.\d{1,3}){1,4}|[A-Z])\.?(?=\s)/;
const BRACKETED = /^\(?([a-z]{1,2}|[ivx]{1,5}|\d{1,2}|[A-Z])\)(?=\s)/;

/** Ranks: 0 parts and schedules, 1 chapters, 2 articles, 2.5 sections, 3 and on dotted numbers by depth, 20 for (a), (i), (1), whose depth the tree tells. */
export function parseNumbering(text: string): Numbering | null {
  for (const [pattern, rank] of NAMED) {
    const match = pattern.exec(text);
    if (match !== null) {
      const rest = text.slice(match[0].length).replace(/^[\s:.–—-]+/, '');
      return { number: match[0].replace(/[.:]$/, '').trim(), rank, rest };
    }
  }
  for (const pattern of [DOTTED, LETTERED]) {
    const match = pattern.exec(text);
    if (match !== null) {
      const number = match[1] as string;
      return { number, rank: 3 + number.split('.').length - 1, rest: text.slice(match[0].length).trim() };
    }
  }
  const bracketed = BRACKETED.exec(text);
  if (bracketed !== null) {
    return { number: `(${bracketed[1] as string})`, rank: BRACKETS, rest: text.slice(bracketed[0].length).trim() };
  }
  return null;
}

const SECTION = /^(?:section|abschnitt|item|subpart)\b/i;
/** Rank from which a number is one in brackets; the tree adds its depth. */
const BRACKETS = 20;
/** Rank of the title of a whole document, which nothing stands under. */
const TITLE = 90;

/** The outline knows best: its entries rank above all that is guessed from type and numbers. */
const OUTLINE_DEPTH = 100;

export interface HeadingCandidate {
  readonly text: string;
  readonly page: number;
  readonly start: number;
  /** Type size in points, and whether the type differs from that of running text. */
  readonly size: number;
  readonly distinct: boolean;
  /** True when a paragraph begins here, and when the line ends one. */
  readonly opens: boolean;
  readonly alone: boolean;
}

interface Open {
  readonly index: number;
  readonly rank: number;
  readonly number: string | null;
}

function titleOf(rest: string): string {
  return rest
    .replace(/\s+/g, ' ')
    .replace(/[\s.…]+\d*$/, '')
    .trim();
}

/** What names a table or a figure stands over that alone, not over what follows it. */
const CAPTION = /^(?:table|figure|fig\.|chart|tabelle|abbildung|abb\.|図|表)\s*[\dA-Z]+(?:[.-]\d+)*\s*[:.–—-]/i;

/** Words of a sentence, which a title does without. */
const SPEAKS =
  /\b(?:shall|must|may|means?|includes?|applies|apply|is|are|was|were|will|has|have|had|does|can|ist|sind|wird|muss|kann)\b/i;

function looksLikeTitle(text: string): boolean {
  if (text.length < 2 || text.length > 110 || !/\p{L}/u.test(text)) return false;
  if (/[.;,:。]$/.test(text)) return /^[^.;,]{2,60}[.:]$/.test(text) && text.length < 60 && !SPEAKS.test(text);
  return !/\b(?:the|of|and|to|a|in|or|by|with|for)$/i.test(text);
}

/** The title with which a clause begins whose text runs on behind it: "Orders" of "Orders. The Supplier shall …"; null without one. */
function runInTitle(rest: string): string | null {
  const title = /^([\p{Lu}“"][^.:;]{1,70}?)(?:\.|:|\s?[—–])\s+\S/u.exec(rest)?.[1];
  return title !== undefined && title.split(' ').length <= 10 && !SPEAKS.test(title) ? title : null;
}

const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii', 'xiii', 'xiv', 'xv'];

/** True when a number in brackets comes next after another of the same style: "(b)" after "(a)", "(iv)" after "(iii)", "(2)" after "(1)". */
function succeeds(before: string, next: string): boolean {
  const [a, b] = [before, next].map((one) => one.replace(/[()]/g, '')) as [string, string];
  if (/^\d+$/.test(a) && /^\d+$/.test(b)) return Number(b) - Number(a) >= 1 && Number(b) - Number(a) <= 2;
  if (ROMAN.includes(a) && ROMAN.includes(b) && ROMAN.indexOf(b) === ROMAN.indexOf(a) + 1) return true;
  const step = a.length === 1 && b.length === 1 ? b.charCodeAt(0) - a.charCodeAt(0) : 0;
  return step >= 1 && step <= 2 && !(b === 'i' && a !== 'h');
}

function follows(previous: string, next: string): boolean {
  const [a, b] = [previous.split('.').map(Number), next.split('.').map(Number)];
  const last = b.length - 1;
  if (a.length === b.length)
    return (
      a.slice(0, last).every((part, at) => part === b[at]) &&
      (b[last] ?? 0) - (a[last] ?? 0) >= 1 &&
      (b[last] ?? 0) - (a[last] ?? 0) <= 2
    );
  return false;
}

/**
 * Builds the tree of headings and numbered clauses line by line, in reading order. A wrapped number in mid-sentence does not
 * become a clause: a number must open a paragraph and go on from the one before it or from its parent.
 */
export class SectionBuilder {
  readonly sections: Section[] = [];
  private stack: Open[] = [];
  /** A number that stood on a line by itself just now, -1 without one. */
  private untitled = -1;
  private readonly outlineByPage = new Map<number, { key: string; level: number }[]>();

  constructor(
    private readonly bodySize: number,
    outline: readonly { readonly title: string; readonly level: number; readonly page: number }[] = [],
    known: readonly Section[] = [],
  ) {
    for (const entry of outline) {
      const list = this.outlineByPage.get(entry.page) ?? [];
      list.push({ key: normal(entry.title), level: entry.level });
      this.outlineByPage.set(entry.page, list);
    }
    for (const section of known) this.adopt(section);
  }

  /** Index of the section a line stands in once it has been offered, and whether the line is itself a heading. */
  offer(line: HeadingCandidate): { section: number; heading: boolean } {
    const text = line.text.trim();
    const untitled = this.untitled;
    this.untitled = -1;
    const outlined = this.inOutline(text, line.page);
    if (outlined !== null) {
      const numbering = parseNumbering(text);
      this.push(line, outlined - OUTLINE_DEPTH, numbering?.number ?? null, numbering?.rest ?? text);
      return { section: this.current, heading: true };
    }
    if ((!line.opens && !line.distinct) || CAPTION.test(text)) return { section: this.current, heading: false };
    const numbering = parseNumbering(text);
    if (numbering !== null && this.acceptsNumber(numbering, line)) return this.number(numbering, line);
    if (numbering === null && untitled >= 0 && this.titles(untitled, text, line))
      return { section: untitled, heading: true };
    if (numbering === null && this.isTypographic(text, line)) {
      const first = this.sections.length === 0 && line.page === 1;
      this.push(line, first ? TITLE : line.size > 1.3 * this.bodySize ? 1 : 2, null, text);
      return { section: this.current, heading: true };
    }
    return { section: this.current, heading: false };
  }

  private number(numbering: Numbering, line: HeadingCandidate): { section: number; heading: boolean } {
    const { rank, number, rest } = numbering;
    const heading = rank < BRACKETS && (this.isTitled(rest, line) || (rest === '' && rank < 3));
    const runIn = rank < 3 && !heading ? runInTitle(rest) : null;
    const depth = rank >= BRACKETS ? this.bracketRank(number) : SECTION.test(number) ? this.sectionRank() : rank;
    this.push(line, depth, number, heading ? rest : (runIn ?? ''));
    // "ARTICLE II" by itself is titled by the line below it.
    if (heading && rest === '') this.untitled = this.current;
    return { section: this.current, heading };
  }

  /** Depth of a "Section": contracts have them in articles, regulations articles in them. The last one tells, else whether an article is open. */
  private sectionRank(): number {
    const open = this.stack.findLast((one) => one.number !== null && SECTION.test(one.number));
    return open?.rank ?? (this.stack.some((one) => one.rank === 2 && one.number !== null) ? 2.5 : 1.5);
  }

  /** True when a line is the title of the number that stood alone above it, which then bears it. */
  private titles(index: number, text: string, line: HeadingCandidate): boolean {
    const section = this.sections[index];
    if (section === undefined || section.page !== line.page || !(line.distinct || line.size > this.bodySize))
      return false;
    if (!looksLikeTitle(text) || text.length > 90 || !line.alone) return false;
    this.sections[index] = { ...section, title: titleOf(text) };
    return true;
  }

  /**
   * Depth of a number in brackets: beside the last of its own style that it follows, else below what stands there. "(i)" is a letter only
   * behind "(h)".
   */
  private bracketRank(number: string): number {
    const brackets = this.stack.filter((open) => open.rank >= BRACKETS && open.rank < TITLE);
    const before = brackets.findLast((open) => open.number !== null && succeeds(open.number, number));
    if (before !== undefined) return before.rank;
    return brackets.length === 0 ? BRACKETS : (brackets.at(-1) as Open).rank + 1;
  }

  private get current(): number {
    return this.stack.at(-1)?.index ?? -1;
  }

  private isTitled(rest: string, line: HeadingCandidate): boolean {
    if (rest === '') return line.alone;
    return (
      line.alone && looksLikeTitle(rest) && (line.distinct || line.size > 1.05 * this.bodySize || rest.length < 70)
    );
  }

  private isTypographic(text: string, line: HeadingCandidate): boolean {
    if (!line.alone || !looksLikeTitle(text) || text.length > 90 || /^[\d\s.,%()-]+$/.test(text)) return false;
    if (line.size > 1.12 * this.bodySize) return true;
    return (
      line.distinct &&
      line.opens &&
      line.size >= 0.97 * this.bodySize &&
      /^[\p{Lu}\d]/u.test(text) &&
      text.split(' ').length <= 10
    );
  }

  private acceptsNumber(numbering: Numbering, line: HeadingCandidate): boolean {
    const { number, rank, rest } = numbering;
    if (rank < 3) {
      if (this.isTitled(rest, line) || (line.distinct && rest.length < 110) || (rest === '' && line.opens)) return true;
      // "Section 2.01 Orders. The Supplier shall …" opens a clause whose text runs on behind its title.
      return (
        rank >= 2 && line.opens && /^[\p{Lu}“"]/u.test(rest) && (runInTitle(rest) !== null || /[.:—–]$/.test(number))
      );
    }
    if (rank >= BRACKETS) return line.opens && this.stack.length > 0;
    if (!/^[\p{Lu}“"‘'([\d]/u.test(rest)) return false;
    if (/^[A-Z]$/.test(number)) return line.distinct && this.isTitled(rest, line);
    if (line.distinct && line.alone && looksLikeTitle(rest) && line.size >= this.bodySize) return true;
    const before = [...this.sections]
      .reverse()
      .find((section) => section.number !== null && /^[\dA-Z.]+$/.test(section.number));
    if (/^[1A](?:\.1)*$/.test(number) || before === undefined) return /^\d+$/.test(number) ? number === '1' : true;
    const siblings = this.stack.find((open) => open.rank === rank && open.number !== null);
    if (siblings?.number != null && follows(siblings.number, number)) return true;
    const parent = number.includes('.') ? number.slice(0, number.lastIndexOf('.')) : null;
    if (parent !== null)
      return this.stack.some((open) => open.number === parent || open.number?.split(/\s/).at(-1) === parent);
    return before.number !== null && follows(before.number.split('.')[0] as string, number);
  }

  private inOutline(text: string, page: number): number | null {
    const entries = this.outlineByPage.get(page);
    if (entries === undefined) return null;
    const key = normal(text);
    if (key.length < 2) return null;
    const at = entries.findIndex(
      (one) =>
        one.key === key ||
        (key.length > 12 && one.key.startsWith(key)) ||
        (one.key.length > 4 && key.endsWith(one.key) && key.length - one.key.length < 12) ||
        (key.length > 4 && one.key.endsWith(key) && one.key.length - key.length < 12),
    );
    if (at < 0) return null;
    const [entry] = entries.splice(at, 1);
    return entry?.level ?? null;
  }

  private push(line: HeadingCandidate, rank: number, number: string | null, title: string): void {
    while (this.stack.length > 0 && (this.stack.at(-1) as Open).rank >= rank) this.stack.pop();
    const parent = this.current;
    const index = this.sections.length;
    this.sections.push({
      number,
      title: titleOf(title),
      level: this.stack.length,
      parent,
      page: line.page,
      start: line.start,
    });
    this.stack.push({ index, rank, number });
  }

  private adopt(section: Section): void {
    while (this.stack.length > section.level) this.stack.pop();
    const parsed = section.number === null ? 2 : (parseNumbering(`${section.number} X`)?.rank ?? 2);
    const rank = parsed < BRACKETS ? parsed : this.bracketRank(section.number ?? '');
    this.stack.push({ index: this.sections.length, rank, number: section.number });
    this.sections.push(section);
  }
}

function normal(text: string): string {
  return text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
}
