import { findDates, findNumbers } from '../text';
import type { Step } from './align';
import { isFigure, isModal, isMonth, isNegation } from './lexicon';
import type { Difference, DifferenceKind } from './types';

/** A word on either side as the comparison sees it: folded, as printed, and whether it opens a sentence. */
export interface ComparedWord {
  readonly word: string;
  readonly printed: string;
  readonly opensSentence: boolean;
}

const GRAVE: ReadonlySet<DifferenceKind> = new Set(['figure', 'date', 'negation', 'modal', 'name']);

function looksLikeName(word: ComparedWord | undefined): boolean {
  return word !== undefined && !word.opensSentence && /^\p{Lu}/u.test(word.printed) && !/\d/.test(word.word);
}

interface Run {
  readonly expected: ComparedWord[];
  readonly found: ComparedWord[];
  /** The page's words around, as printed: a changed figure in a date is a changed date. */
  readonly around: string;
}

/** Words before and behind a difference that may belong to one date with it. */
const AROUND = 3;

/** Runs of steps that do not pair equal words. */
function runsOf(steps: readonly Step[], quote: readonly ComparedWord[], page: readonly ComparedWord[]): Run[] {
  const runs: Run[] = [];
  let open: Run | null = null;
  for (const [at, step] of steps.entries()) {
    const [found, expected] = [quote[step.quote], page[step.page]];
    if (found !== undefined && expected !== undefined && found.word === expected.word) {
      open = null;
      continue;
    }
    if (open === null) {
      const here = step.page >= 0 ? step.page : Math.max(0, ...steps.slice(0, at).map((one) => one.page));
      open = { expected: [], found: [], around: printed(page.slice(Math.max(0, here - AROUND), here + AROUND + 1)) };
      runs.push(open);
    }
    if (expected !== undefined) open.expected.push(expected);
    if (found !== undefined) open.found.push(found);
  }
  return runs;
}

function sameLetters(run: Run): boolean {
  const join = (words: readonly ComparedWord[]): string => words.map((one) => one.word).join('');
  return join(run.expected) === join(run.found);
}

/** Endings that negate a Japanese verb; its signs are words of their own each. */
const NEGATES = /せん|ない|なかっ|ずに/;

function negates(words: readonly ComparedWord[]): boolean {
  return NEGATES.test(words.map((one) => one.word).join(''));
}

function kindOf(run: Run): DifferenceKind {
  const both = [...run.expected, ...run.found];
  const only = (test: (word: string) => boolean): boolean => {
    const inExpected = run.expected
      .filter((one) => test(one.word))
      .map((one) => one.word)
      .join(' ');
    const inFound = run.found
      .filter((one) => test(one.word))
      .map((one) => one.word)
      .join(' ');
    return inExpected !== inFound;
  };
  const figures = only(isFigure);
  if (both.some((one) => isMonth(one.word) && looksLikeName(one)) && only((word) => isMonth(word) || isFigure(word)))
    return 'date';
  if (figures) return isDate(run) ? 'date' : 'figure';
  if (only(isNegation) || negates(run.expected) !== negates(run.found)) return 'negation';
  if (only(isModal)) return 'modal';
  if (both.some(looksLikeName)) {
    const names = (words: readonly ComparedWord[]): string =>
      words
        .filter(looksLikeName)
        .map((one) => one.word)
        .join(' ');
    if (names(run.expected) !== names(run.found)) return 'name';
  }
  if (run.found.length === 0) return 'dropped';
  return run.expected.length === 0 ? 'added' : 'word';
}

function printed(words: readonly ComparedWord[]): string {
  return words.map((one) => one.printed).join(' ');
}

function isDate(run: Run): boolean {
  if (findDates(printed(run.expected)).length > 0 && findDates(printed(run.found)).length > 0) return true;
  const [figure] = run.expected.filter((one) => isFigure(one.word));
  if (figure === undefined || run.expected.length > 1) return false;
  return findDates(run.around).some(({ start, end }) =>
    run.around.slice(start, end).split(/\W+/).includes(figure.printed),
  );
}

/** "1.25 million" for "1,250,000": another form of the same value. */
function sameValue(run: Run): boolean {
  const values = (words: readonly ComparedWord[]): string =>
    findNumbers(printed(words))
      .map((one) => one.value)
      .join(' ');
  const expected = values(run.expected);
  return expected !== '' && expected === values(run.found) && unitsAgree(run);
}

function unitsAgree(run: Run): boolean {
  const rest = (words: readonly ComparedWord[]): string =>
    words
      .filter((one) => !isFigure(one.word))
      .map((one) => one.word)
      .join(' ');
  return rest(run.expected) === rest(run.found);
}

/** Parts a run of paired words where the kind of difference changes, so that a figure among reworded words is still named. */
function split(run: Run): Run[] {
  if (run.expected.length !== run.found.length || run.expected.length < 2) return [run];
  const pieces = run.expected.map((expected, at): Run => ({
    ...run,
    expected: [expected],
    found: [run.found[at] as ComparedWord],
  }));
  const merged: Run[] = [];
  for (const piece of pieces) {
    const last = merged.at(-1);
    if (last !== undefined && kindOf(last) === kindOf(piece)) {
      last.expected.push(...piece.expected);
      last.found.push(...piece.found);
    } else merged.push(piece);
  }
  return merged;
}

/**
 * What differs between a quote and the page along an alignment, in order, grave differences first. Words that only differ in hyphens or spaces
 * do not count.
 */
export function describeDifferences(
  steps: readonly Step[],
  quote: readonly ComparedWord[],
  page: readonly ComparedWord[],
): Difference[] {
  const differences: Difference[] = [];
  for (const whole of runsOf(steps, quote, page)) {
    if (sameLetters(whole)) continue;
    for (const run of sameValue(whole) ? [whole] : split(whole)) {
      const kind = sameValue(run) ? 'form' : kindOf(run);
      differences.push({ kind, expected: printed(run.expected), found: printed(run.found), grave: GRAVE.has(kind) });
    }
  }
  return differences.sort((a, b) => Number(b.grave) - Number(a.grave));
}
