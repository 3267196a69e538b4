import type { Section } from '../types';
import { titleKey } from './titles';

/** A line of text that may be a heading or open a numbered clause. */
export interface HeadingCandidate {
  readonly text: string;
  readonly page: number;
  readonly start: number;
  /** Where it begins, in points from the left of the page; null where that says nothing. */
  readonly left: number | null;
  /** Type size in points, and whether the type differs from that of running text. */
  readonly size: number;
  readonly distinct: boolean;
  /** True when a paragraph begins here, and when the line ends one. */
  readonly opens: boolean;
  readonly alone: boolean;
}

/** A section that the next line may stand in. */
export interface Open {
  readonly index: number;
  readonly rank: number;
  readonly number: string | null;
  readonly left: number | null;
  /** How its type stands out, in points; null for what is no heading, and where it is not known. */
  readonly weight: number | null;
}

/** A section found before, with the line it begins with where that is known: what stands below it is placed by its type. */
export interface KnownSection {
  readonly section: Section;
  readonly line: Pick<HeadingCandidate, 'text' | 'left' | 'size' | 'distinct'> | null;
}

/** Where a number stands, and whether it is that of a heading. */
export interface Place extends Pick<HeadingCandidate, 'left' | 'distinct'> {
  readonly heading: boolean;
}

export const UNPLACED: Place = { left: null, distinct: false, heading: false };

/** Points by which a heading stands out to the left of running text, and of what stands below it. */
export const OUTDENT = 8;
/** Points by which distinct type outweighs running type of its size. */
const DISTINCT = 0.5;
/** Sizes within this part of each other are one size. */
const SAME_SIZE = 0.02;

/** How the type of a heading stands out, in points. */
export function weightOf({ size, distinct }: Pick<HeadingCandidate, 'size' | 'distinct'>): number {
  return size + (distinct ? DISTINCT : 0);
}

export function outweighs(one: number | null, other: number | null): boolean {
  return one !== null && other !== null && one > (1 + SAME_SIZE) * other;
}

/** True for what begins to the right of a heading such as "2.3.2 Saving" whose type is as large at least: a boxed "Warning". */
export function isIndentedBelow(one: Pick<Open, 'left' | 'weight'>, heading: Omit<Open, 'index' | 'rank'>): boolean {
  const stepsIn = one.left !== null && heading.left !== null && one.left > heading.left + OUTDENT;
  return stepsIn && isDeepHeading(heading) && !outweighs(one.weight, heading.weight);
}

/** How a section known from before stands out, in points; null where its line says more than its number and title, or is not known. */
export function weightOfKnown({ section: { number, title }, line }: KnownSection): number | null {
  const isHeading = line !== null && titleKey(`${number ?? ''}${title}`).startsWith(titleKey(line.text));
  return isHeading ? weightOf(line) : null;
}

export function isPlain(number: string | null): number is string {
  return number !== null && /^\d+$/.test(number);
}

/** True for "2.3.2 Saving", below which plain numbers are those of a list. */
export function isDeepHeading({ number, weight }: Pick<Open, 'number' | 'weight'>): boolean {
  return weight !== null && number !== null && /^\d+(?:\.\d+)+$/.test(number);
}
