import { lineAt, type Section, type Span } from '../source';
import type { FiguredSource } from '../figure';
import type { Reference } from './references';

const plain = (number: string): string =>
  number
    .toLowerCase()
    .replace(/[\s.]+$/g, '')
    .replace(/\s/g, '');

const bare = (number: string): string => number.replace(/^[^\d(]*(?=\d|\()/, '');

/** The full numbers of a section and those it stands under, innermost first: "4.2(b)" for "(b)" under "4.2". */
function chainOf(sections: readonly Section[], index: number): string[] {
  const numbers: string[] = [];
  for (let at = index, depth = 0; at >= 0 && depth < 8; at = sections[at]?.parent ?? -1, depth += 1) {
    const number = sections[at]?.number;
    if (number != null && bare(plain(number)) !== '') numbers.unshift(bare(plain(number)));
  }
  const full: string[] = [];
  for (const number of numbers) full.unshift(number.startsWith('(') ? `${full[0] ?? ''}${number}` : number);
  return full;
}

/** True for a number that is another one or stands under it. */
function under(number: string, other: string): boolean {
  return number === other || (number.startsWith(other) && /[.(-]/.test(number[other.length] ?? ''));
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
  const said = bare(plain(section.number)) || plain(section.number);
  const own = chainOf(source.sections, sectionIndexAt(source, first));
  const [innermost] = own;
  if (innermost === undefined) return null;
  // What is named may lie deeper than what was made out of the document.
  if (own.some((number) => under(number, said)) || under(said, innermost)) return true;
  const there = source.sections.some((_, at) => chainOf(source.sections, at)[0] === said);
  return there ? false : null;
}

/** The number of the innermost numbered section over a place, or null. */
export function sectionNumberAt(source: FiguredSource, spans: readonly Span[]): string | null {
  const [first] = spans;
  if (first === undefined) return null;
  return chainOf(source.sections, sectionIndexAt(source, first)).find((one) => /^\d/.test(one)) ?? null;
}
