import { lineAt } from '../source';
import { bareName, sectionOf, unitsInOrder, type UnitText } from '../search';
import { shorten } from './headline';
import { analyseQuestion } from './question';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import type { Place } from './places';
import type { AskedSource, ReaderAnswer } from './types';

/** Documents whose place is told, and sentences of each, at most. */
const MOST_SOURCES = 6;
const MOST_SENTENCES = 6;

/** True when nothing is asked of a place but what stands there; `naming` are words that only say which documents are meant. */
export function asksOnlyPlace(rest: string, sources: readonly AskedSource[], naming: readonly string[]): boolean {
  const { words } = analyseQuestion(rest, sources[0]?.segment.language ?? 'en', null, naming);
  return words.every((word) =>
    /^(?:say|says|said|stand|stands|written|content|contents|text|provide|provides|cover|covers|deal|deals|read|reads|regulate|regulates|inhalt|steht|printed|show|shows|shown|summarise|summarize)$/.test(
      word,
    ),
  );
}

/** What stands at a place of a document, in order: whole sentences and rows, no headings. */
function standing(source: AskedSource, place: Place): UnitText[] {
  return [...unitsInOrder(source)].filter(
    ({ unit }) => unit.kind !== 'heading' && unit.kind !== 'contents' && place.holds(source, unit),
  );
}

/** The first sentence of each section where there are more than can be told, else all of them. */
function foremost(units: readonly UnitText[], most: number): readonly UnitText[] {
  if (units.length <= most) return units;
  const firsts = units.filter((one, at) => at === 0 || one.unit.section !== units[at - 1]?.unit.section);
  return (firsts.length > 1 ? firsts : units).slice(0, most);
}

/** What stands at a place that is asked for by itself: "What does clause 7.2 say?" Null when nothing does. */
export function placeAnswer(place: Place): ReaderAnswer | null {
  const told = place.sources.slice(0, MOST_SOURCES).flatMap((source) => {
    const units = standing(source, place);
    return units.length === 0 ? [] : [{ source, units }];
  });
  const [only] = told;
  if (only === undefined) return null;
  const alone = told.length === 1;
  const chosen = told.map(({ source, units }) => ({
    source,
    units: foremost(units, alone ? MOST_SENTENCES : 2),
    all: units.length,
  }));
  const lines = chosen.map(({ source, units }) => {
    const [first] = units as [UnitText, ...UnitText[]];
    const section = sectionOf(source, first.unit.section).split(' › ').at(-1) ?? '';
    const headed =
      section !== '' &&
      !first.text.startsWith(section) &&
      /\p{L}{3}/u.test(section) &&
      first.text.length > section.length;
    return `${alone ? '' : `${bareName(source)}: `}${headed && section.length < 60 ? `${section}: ` : ''}${shorten(first.text)}`;
  });
  const left = chosen.reduce((sum, { units, all }) => sum + all - units.length, 0);
  return {
    ...EMPTY,
    headline: lines.join('; '),
    ...(alone ? {} : { lines }),
    claims: chosen.flatMap(({ source, units }) => units.map((one) => quotedClaim(quoteOf(source, one)))),
    missing:
      left === 0
        ? []
        : [
            `${left === 1 ? 'one more sentence stands' : `${left} more sentences stand`} there: open the page to read on`,
          ],
  };
}

/** The section of a place in a document, -1 before the first. */
export function sectionAtPlace(source: AskedSource, page: number, start: number): number {
  const text = source.page(page);
  return text === null ? -1 : (lineAt(text, start)?.section ?? -1);
}
