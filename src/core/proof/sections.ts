import { lineAt, type Section, type Span } from '../source';
import type { FiguredSource } from '../figure';
import type { Reference } from './references';

const plain = (number: string): string =>
  number
    .toLowerCase()
    .replace(/[\s.]+$/g, '')
    .replace(/\s/g, '');

/** What a section may be called: its number, and its number behind those it stands under ("4.2(b)"). */
function calls(sections: readonly Section[], index: number): string[] {
  const numbers: string[] = [];
  for (let at = index, depth = 0; at >= 0 && depth < 8; at = sections[at]?.parent ?? -1, depth += 1) {
    const number = sections[at]?.number;
    if (number != null) numbers.unshift(plain(number));
  }
  const found = new Set(numbers.map((number) => number.replace(/^[^\d(]*(?=\d|\()/, '')));
  for (let from = 0; from < numbers.length; from += 1) {
    const tail = numbers.slice(from);
    found.add(tail.join(''));
    found.add(tail.map((one) => one.replace(/^[^\d(]*(?=\d|\()/, '')).join(''));
  }
  return [...found].filter((one) => one !== '');
}

function meet(called: string, said: string): boolean {
  if (called === said) return true;
  const [short, long] = called.length < said.length ? [called, said] : [said, called];
  return long.startsWith(short) && /[.(-]/.test(long[short.length] ?? '');
}

/** Section of the line at a span; -1 before the first. */
function sectionIndexAt(source: FiguredSource, span: Span): number {
  const page = source.page(span.page);
  return page === null ? -1 : (lineAt(page, span.start)?.section ?? -1);
}

/**
 * Whether a place lies in the clause, note or table that a text names: null where that cannot be told, since the document has none of that number or the
 * place no numbered heading over it.
 */
export function liesIn(
  source: FiguredSource,
  spans: readonly Span[],
  { section }: Pick<Reference, 'section'>,
): boolean | null {
  const [first] = spans;
  if (section === null || first === undefined || !/\d|^[ivxlc]+$/i.test(section.number)) return null;
  if (/^tab/.test(section.word)) return null;
  const said = plain(section.number);
  const own = calls(source.sections, sectionIndexAt(source, first));
  if (own.length === 0) return null;
  if (own.some((called) => meet(called, said))) return true;
  const there = source.sections.some((_, at) => calls(source.sections, at).includes(said));
  return there ? false : null;
}

/** The number of the innermost numbered section over a place, or null. */
export function sectionNumberAt(source: FiguredSource, spans: readonly Span[]): string | null {
  const [first] = spans;
  if (first === undefined) return null;
  const own = calls(source.sections, sectionIndexAt(source, first)).filter((one) => /^\d/.test(one));
  return own.sort((a, b) => b.length - a.length)[0] ?? null;
}
