import type { Section } from '../types';
import {
  BRACKETS,
  follows,
  isRoman,
  LETTER_BELOW,
  LETTER_RANK,
  opensNext,
  parseNumbering,
  ROMAN_RANK,
  succeeds,
  type Numbering,
} from './numbering';
import {
  isDeepHeading,
  isIndentedBelow,
  isPlain,
  OUTDENT,
  outweighs,
  UNPLACED,
  weightOf,
  weightOfKnown,
  type HeadingCandidate,
  type KnownSection,
  type Open,
  type Place,
} from './openSections';
import {
  CAPTION,
  FIGURES,
  isByline,
  isLabel,
  isSentence,
  isSetting,
  looksLikeTitle,
  runInTitle,
  SPEAKS,
  titleKey,
  titleOf,
} from './titles';

const SECTION = /^(?:section|sec\.|abschnitt|item|subpart)(?=\s)/i;
/** Rank of the title of a whole document, which nothing stands under. */
const TITLE = 90;

/** The outline knows best: its entries rank above all that is guessed from type and numbers. */
const OUTLINE_DEPTH = 100;

/** Rank of a list of plain numbers within a clause that bears one; lists within it rank one more each. */
const LIST_RANK = 10;
/** Added to the depth of a numbered heading by what stands within it without a number. */
const WITHIN = 0.05;
/** Lines that begin within so many points of each other are of one list. */
const FLUSH = 6;

/**
 * Builds the tree of headings and numbered clauses line by line, in reading order. A wrapped number in mid-sentence does not
 * become a clause: a number must open a paragraph and go on from the one before it or from its parent.
 */
export class SectionBuilder {
  readonly sections: Section[] = [];
  private stack: Open[] = [];
  /** A number that stood on a line by itself just now, -1 without one. */
  private untitled = -1;
  /** True below a label on a line by itself. */
  private labelled = false;
  private readonly outlineByPage = new Map<number, { key: string; level: number }[]>();

  constructor(
    private readonly bodySize: number,
    outline: readonly { readonly title: string; readonly level: number; readonly page: number }[] = [],
    known: readonly KnownSection[] = [],
    /** Where running text begins its lines, in points from the left; null where that is nowhere in common. */
    private readonly bodyLeft: number | null = null,
  ) {
    for (const entry of outline) {
      const list = this.outlineByPage.get(entry.page) ?? [];
      list.push({ key: titleKey(entry.title), level: entry.level });
      this.outlineByPage.set(entry.page, list);
    }
    for (const one of known) this.adopt(one);
  }

  /** Index of the section a line stands in once it has been offered, and whether the line is itself a heading. */
  offer(line: HeadingCandidate): { section: number; heading: boolean } {
    const text = line.text.trim();
    const [untitled, labelled] = [this.untitled, this.labelled];
    this.untitled = -1;
    this.labelled = isLabel(text);
    const outlined = this.inOutline(text, line.page);
    if (outlined !== null) {
      const numbering = parseNumbering(text);
      this.push(line, outlined - OUTLINE_DEPTH, numbering?.number ?? null, numbering?.rest ?? text, true);
      return { section: this.current, heading: true };
    }
    if ((!line.opens && !line.distinct) || CAPTION.test(text)) return { section: this.current, heading: false };
    const numbering = parseNumbering(text);
    if (numbering !== null && this.acceptsNumber(numbering, line)) return this.number(numbering, line);
    if (numbering === null && untitled >= 0 && this.titles(untitled, text, line))
      return { section: untitled, heading: true };
    if (numbering === null && !(labelled && line.size <= this.bodySize) && this.isTypographic(text, line)) {
      const first = this.sections.length === 0 && line.page === 1;
      this.push(line, first ? TITLE : this.typeRank(line), null, text, true);
      return { section: this.current, heading: true };
    }
    return { section: this.current, heading: false };
  }

  private number(numbering: Numbering, line: HeadingCandidate): { section: number; heading: boolean } {
    const { rank, number, rest } = numbering;
    const heading = rank < BRACKETS && (this.isTitled(rest, line) || (rest === '' && rank < 3));
    const runIn = rank < 3 && !heading ? runInTitle(rest) : null;
    if (!heading) this.resumeList(number);
    this.closeBefore(number);
    this.push(line, this.depthOf(number, rank, { ...line, heading }), number, heading ? rest : (runIn ?? ''), heading);
    // "5. (1) Ferries pay nothing." opens a clause and the first of its paragraphs.
    const inner = heading || rank >= BRACKETS ? null : parseNumbering(rest);
    if (inner !== null && inner.rank >= BRACKETS)
      this.push(line, this.bracketRank(inner.number), inner.number, '', false);
    // "ARTICLE II" by itself is titled by the line below it.
    if (heading && rest === '') this.untitled = this.current;
    return { section: this.current, heading };
  }

  private opensNextPart(number: string): boolean {
    return this.stack.some((open) => open.number !== null && opensNext(open.number, number));
  }

  /** Closes what the first number of the next part cannot stand in: 1, when 2.1 comes after 1.6. */
  private closeBefore(number: string): void {
    if (!this.opensNextPart(number)) return;
    const over = this.stack.findIndex((open) => open.number !== null && /^\d/.test(open.number) && !number.startsWith(`${open.number}.`)); // prettier-ignore
    this.stack.length = over;
  }

  /** Depth of a number whose kind alone does not tell it. */
  private depthOf(number: string, rank: number, line: Place): number {
    if (isPlain(number)) return this.plainRank(number, line);
    if (rank >= BRACKETS) return this.bracketRank(number);
    if (SECTION.test(number)) return this.sectionRank();
    return /^[A-Z]$/.test(number) ? this.letterRank(number) : rank;
  }

  /** Depth of a plain number: beside the one it follows, of several that which begins where it does; a 1 below another plain number begins a list. */
  private plainRank(number: string, { left, distinct, heading }: Place): number {
    const open = this.stack.filter((one) => isPlain(one.number));
    const before = open.filter((one) => follows(one.number as string, number));
    const flush = before.findLast((one) => left !== null && one.left !== null && Math.abs(one.left - left) <= FLUSH);
    const beside = flush ?? (distinct ? before[0] : before.at(-1));
    if (beside !== undefined) return beside.rank;
    const within = !heading && this.stack.some(isDeepHeading);
    if (!within && (number !== '1' || distinct || open.length === 0)) return 3;
    return Math.max(LIST_RANK, (this.stack.at(-1) as Open).rank + 1);
  }

  /** Goes back to where a list stands that a heading such as "Note" came into: 5 stands beside 4. */
  private resumeList(number: string): void {
    const last = this.sections.findLastIndex((section) => section.number !== null);
    const before = this.sections[last];
    if (before === undefined || !isPlain(number) || !isPlain(before.number) || !follows(before.number, number)) return;
    if (this.stack.some(({ index }) => index === last)) return;
    const within = this.stack.findIndex((open) => open.index === before.parent && isDeepHeading(open));
    if (within >= 0) this.stack.length = within + 1;
  }

  /** Depth of a capital by itself: beside the one it follows; a roman numeral where it can be one; else over figures, or under the figure that is open. */
  private letterRank(letter: string): number {
    const before = this.stack.findLast(
      (open) =>
        open.number !== null && /^[A-Z]$/.test(open.number) && letter.charCodeAt(0) - open.number.charCodeAt(0) === 1,
    );
    if (before !== undefined) return before.rank;
    if (isRoman(letter)) return ROMAN_RANK;
    return this.stack.some((open) => open.rank === 3 && isPlain(open.number)) && letter === 'A'
      ? LETTER_BELOW
      : LETTER_RANK;
  }

  /** True for a letter or roman numeral that begins a row of them, or follows one that is open. */
  private goesOn(number: string): boolean {
    if (number === 'I' || number === 'A') return true;
    return this.stack.some((open) => open.number !== null && succeeds(open.number.toLowerCase(), number.toLowerCase()));
  }

  /** Depth of a "Section": contracts have them in articles, regulations articles in them. The last one tells, else whether an article is open. */
  private sectionRank(): number {
    const open = this.stack.findLast((one) => one.number !== null && SECTION.test(one.number));
    return open?.rank ?? (this.stack.some((one) => one.rank === 2 && one.number !== null) ? 2.5 : 1.5);
  }

  /** True when a line is the title of the number that stood alone above it, which then bears it. */
  private titles(index: number, text: string, line: HeadingCandidate): boolean {
    const section = this.sections[index];
    if (section === undefined || line.page > section.page + 1 || !(line.distinct || line.size > this.bodySize))
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
    if (!line.alone || !looksLikeTitle(rest)) return false;
    // “1. Das Haus hat 18 Betten.” is a short sentence.
    const tellsFigure = /\d[^.]*\.$/.test(rest);
    return line.distinct || line.size > 1.05 * this.bodySize || (rest.length < 70 && !isSentence(rest) && !tellsFigure);
  }

  private isTypographic(text: string, line: HeadingCandidate): boolean {
    if (!line.alone || !looksLikeTitle(text) || text.length > 90 || /^[\d\s.,%()-]+$/.test(text)) return false;
    if (isSetting(text) || FIGURES.test(text) || isByline(text)) return false;
    if (line.size > 1.12 * this.bodySize) return true;
    return (
      (line.distinct || (this.isOutdented(line) && !SPEAKS.test(text) && !text.endsWith(':'))) &&
      line.opens &&
      line.size >= 0.97 * this.bodySize &&
      /^[\p{Lu}\d]/u.test(text) &&
      text.split(' ').length <= 10
    );
  }

  private isOutdented({ left }: HeadingCandidate): boolean {
    return left !== null && this.bodyLeft !== null && left < this.bodyLeft - OUTDENT;
  }

  private acceptsNumber(numbering: Numbering, line: HeadingCandidate): boolean {
    const { number, rank, rest } = numbering;
    // "A name for the archive" begins with an article, "Section 3.1.3, “Import”" in mid-sentence.
    if ((/^A$/.test(number) && /^\p{Ll}/u.test(rest)) || rest.startsWith(',')) return false;
    if (/^(?:[A-Z]|[IVX]{2,5})$/.test(number))
      return this.isTitled(rest, line) && (line.distinct || (line.opens && this.goesOn(number)));
    if (rank < 3) {
      // "article 12 of the ordinance" at the head of a line is spoken of, not opened.
      if (/^\p{Ll}/u.test(number) || (!line.distinct && /^\p{Ll}/u.test(rest) && rest.includes(' '))) return false;
      if (this.isTitled(rest, line) || (line.distinct && rest.length < 110) || (rest === '' && line.opens)) return true;
      // "Section 2.01 Orders. The Supplier shall …" opens a clause whose text runs on behind its title.
      return (
        rank >= 2 && line.opens && /^[\p{Lu}“"]/u.test(rest) && (runInTitle(rest) !== null || /[.:—–]$/.test(number))
      );
    }
    if (rank >= BRACKETS) return line.opens && this.stack.length > 0;
    const stands = line.distinct && line.alone && looksLikeTitle(rest) && line.size >= this.bodySize;
    // "8.5.17. external-filter": what a manual is about may be written small.
    if (stands && /^\d+(?:\.\d+)+$/.test(number)) return true;
    if (!/^[\p{Lu}“"‘'([\d]/u.test(rest)) return false;
    if (stands) return true;
    const before = this.sections.findLast(({ number: own }) => own !== null && /^[\dA-Z.]+$/.test(own));
    if (/^[1A](?:\.1)*$/.test(number) || before === undefined) return /^\d+$/.test(number) ? number === '1' : true;
    if ([...this.stack, before].some((open) => open.number !== null && follows(open.number, number))) return true;
    const parent = number.includes('.') ? number.slice(0, number.lastIndexOf('.')) : null;
    if (this.opensNextPart(number)) return true;
    if (parent !== null)
      return this.stack.some((open) => open.number === parent || open.number?.split(/\s/).at(-1) === parent);
    return before.number !== null && follows(before.number.split('.')[0] as string, number);
  }

  private inOutline(text: string, page: number): number | null {
    const entries = this.outlineByPage.get(page);
    if (entries === undefined) return null;
    const key = titleKey(text);
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

  /** Depth of a heading without a number: by its type, and within a numbered one that is open and of larger type or further left. */
  private typeRank(line: HeadingCandidate): number {
    const rank = line.size > 1.3 * this.bodySize ? 1 : 2;
    const own = { left: line.left, weight: weightOf(line) };
    const over = this.stack.findLast(
      (open) => (open.number !== null && outweighs(open.weight, own.weight)) || isIndentedBelow(own, open),
    );
    return over === undefined ? rank : Math.max(rank, over.rank + WITHIN);
  }

  private push(line: HeadingCandidate, rank: number, number: string | null, title: string, heading: boolean): void {
    const weight = heading ? weightOf(line) : null;
    // A heading closes what smaller type opened, such as "Contents", and a "Warning" set further in.
    const own = { number, left: line.left, weight };
    const lesser = this.stack.findIndex(
      (open) =>
        open.number === null && open.rank >= 0 && (outweighs(weight, open.weight) || isIndentedBelow(open, own)),
    );
    if (lesser >= 0) this.stack.length = lesser;
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
    this.stack.push({ index, rank, ...own });
  }

  private adopt(known: KnownSection): void {
    const { section, line } = known;
    while (this.stack.length > section.level) this.stack.pop();
    const parsed = parseNumbering(`${section.number ?? ''}. X`) ?? parseNumbering(`${section.number ?? ''} X`);
    const held = section.number === null || parsed === null ? 2 : this.depthOf(section.number, parsed.rank, UNPLACED);
    // It stands below what it is known to stand in, whatever its number.
    const rank = Math.max(held, (this.stack.at(-1)?.rank ?? -Infinity) + 0.1);
    this.stack.push({
      index: this.sections.length,
      rank,
      number: section.number,
      left: line?.left ?? null,
      weight: weightOfKnown(known),
    });
    this.sections.push(section);
  }
}
