import { countWords, isIdeographic, oneLine, splitSentences } from '../text';

/** Words that a text gives as somebody else's; `[start, end)` are the words without their marks, in UTF-16 code units. */
export interface Quotation {
  readonly start: number;
  readonly end: number;
  /** The words to look for: line breaks and the marks of a block quote taken out. */
  readonly text: string;
  /** Set in quotation marks, as a block, or behind "states that", where they may be a paraphrase. */
  readonly way: 'marks' | 'block' | 'states';
}

/** Opening marks with what closes them; a straight mark closes itself. */
const PAIRS: Readonly<Record<string, string>> = { '“': '”"', '„': '“”"', '«': '»', '»': '«', '‘': '’', '‚': '‘’', '「': '」', '『': '』', '"': '"”', "'": "'" }; // prettier-ignore
/** A quotation over this many characters is none: a mark was not closed. */
const LONGEST = 6000;
const STATES =
  /\b(?:states?|stated|says?|said|provides?|provided|reads?|stipulates?|specifies|specified|sets out|notes?|noted|reports?|reported|requires?|concludes?|concluded|confirms?|confirmed|besagt|lautet|bestimmt)(?:\s+(?:expressly|explicitly|clearly|further|also|in full))?(?:\s+(?:that|as follows|dass))?\s*[:,]?\s+/giu;

function opensHere(text: string, at: number): boolean {
  const char = text[at] as string;
  const before = text[at - 1];
  const free = before === undefined || /[\s([{—–\-:,>*_]/.test(before) || isIdeographic(before);
  if (char === '"' || char === "'") return free && /\S/.test(text[at + 1] ?? ' ');
  // An apostrophe at the head of a word ('tis) and a closing mark behind one are none.
  if (char === '‘' || char === '»') return free;
  return true;
}

function closesAt(text: string, from: number, open: string): number {
  const closing = PAIRS[open] ?? '';
  let depth = 0;
  for (let at = from; at < Math.min(text.length, from + LONGEST); at += 1) {
    const char = text[at] as string;
    if (text.startsWith('\n\n', at) && !'“„«'.includes(open)) return -1;
    if (open !== char && char === '“' && open === '“') depth += 1;
    if (!closing.includes(char)) continue;
    if ((char === "'" || char === '’') && /\p{L}/u.test(text[at - 1] ?? '') && /\p{L}/u.test(text[at + 1] ?? ''))
      continue;
    if (char === '"' && /[\s(]/.test(text[at - 1] ?? ' ')) continue;
    if (depth === 0) return at;
    depth -= 1;
  }
  return -1;
}

/** The words of a quotation on one line, without the marks of a block quote. */
function flat(text: string): string {
  return oneLine(text.replace(/\n[ \t]*>/g, '\n'));
}

/** Words in quotation marks, the outermost of nested ones. */
function inMarks(text: string): Quotation[] {
  const found: Quotation[] = [];
  let at = 0;
  while (at < text.length) {
    const char = text[at] as string;
    if (PAIRS[char] === undefined || !opensHere(text, at)) {
      at += 1;
      continue;
    }
    const close = closesAt(text, at + 1, char);
    const words = close < 0 ? '' : flat(text.slice(at + 1, close));
    if (words === '' || ((char === "'" || char === '‘') && countWords(words) < 3)) {
      at += 1;
      continue;
    }
    found.push({ start: at + 1, end: close, text: words, way: 'marks' });
    at = close + 1;
  }
  return found;
}

/** Runs of lines that begin with ">", and paragraphs that are indented by four spaces behind a colon. */
function inBlocks(text: string): Quotation[] {
  const found: Quotation[] = [];
  for (const match of text.matchAll(/(?:^|\n)((?:[ \t]*>[^\n]*(?:\n|$))+)/g)) {
    const begin = match.index + match[0].length - (match[1] as string).length;
    for (const paragraph of (match[1] as string).matchAll(/(?:[ \t]*>[ \t]*\S[^\n]*(?:\n|$))+/g)) {
      const lead = /^[ \t]*>[ \t]*/.exec(paragraph[0])?.[0].length ?? 0;
      const raw = paragraph[0].slice(lead).replace(/\s+$/, '');
      const start = begin + paragraph.index + lead;
      // A last line that says where it is from is no part of the quotation.
      const from = /\n?[ \t]*>?[ \t]*(?:[—–-]{1,2}\s|\()[^\n]*$/.exec(raw);
      const named = from !== null && (from.index > 0 || /^[—–(]/.test(raw)) && /\b(?:pp?\.|pages?|clause|section|article|note|S\.)\s*(?:\d|[ivx]|[A-Z]{1,2}-\d)/i.test(from[0]); // prettier-ignore
      const own = named ? raw.slice(0, from.index) : raw;
      if (/[\p{L}\p{N}]/u.test(own)) found.push({ start, end: start + own.length, text: flat(own), way: 'block' });
    }
  }
  return found;
}

/** What follows "states that" or "reads:" up to the end of its sentence or line. */
function stated(text: string): Quotation[] {
  return [...text.matchAll(STATES)].flatMap((match): Quotation[] => {
    const plain = /that|dass|[:,]\s*$|as follows/i.test(match[0]);
    const start = match.index + match[0].length;
    const line = text.slice(start).split(/\n\s*\n/)[0] ?? '';
    const [first] = splitSentences(line);
    if (!plain || first === undefined || PAIRS[line.trimStart()[0] ?? ''] !== undefined) return [];
    const own = line.slice(first.start, first.end).replace(/\s*\([^()]*\)?\s*[.;]?\s*$/, '');
    const from = start + first.start;
    return countWords(own) < 6 ? [] : [{ start: from, end: from + own.length, text: flat(own), way: 'states' }];
  });
}

/** All quotations of a text in order; none lies in another. */
export function findQuotations(text: string): Quotation[] {
  const blocks = inBlocks(text);
  const within = (one: Quotation, others: readonly Quotation[]): boolean =>
    others.some((other) => other.start < one.end && one.start < other.end);
  const marked = inMarks(text).filter((one) => !within(one, blocks));
  const rest = stated(text).filter((one) => !within(one, blocks) && !within(one, marked));
  return [...blocks.map(unmarked), ...marked, ...rest].sort((a, b) => a.start - b.start);
}

/** A block quote may be set in quotation marks too. */
function unmarked(block: Quotation): Quotation {
  const words = block.text.replace(/^["“„«]\s*|\s*["”“»]$/gu, '');
  return words === block.text ? block : { ...block, text: words };
}
