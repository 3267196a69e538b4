import type { Line, Span } from '../types';
import { spansOf, type Grid, type GridCell } from './grid';
import { bandsOf, NO_CUTS, type Band } from './atoms';
import { hasFigures } from './columns';
import { SPEAKS } from '../structure/titles';
import { isMeasureLine, namesTable, titlesMeasure } from './linesAbove';
import { measureOf, type Measure } from './values';

export interface Caption {
  readonly text: string | null;
  readonly spans: readonly Span[];
  /** Unit and scale said above the table, each by the nearest line that says one. */
  readonly measure: Measure;
}

/** Lines above a table in which its caption and measure are looked for. */
const REACH = 8;
/** Characters of a line that says how amounts are given, at most. */
const MEASURE_LINE = 110;
/** How far above a table the line that names it may stand, in line heights. */
const NEAR = 3;

function textOf(band: Band): string {
  return band.atoms.map((one) => one.text).join(' ');
}

function isHeading(lines: readonly Line[]): boolean {
  return lines.some((line) => line.role === 'heading');
}

const TITLE = /^\p{Lu}\S*\s.{1,70}[^.:;,。]$/u;

/** Points that a title may be set in from the left edge of its table. */
const SET_IN = 24;

/**
 * True for the line right above a table that titles it: under a heading, or a paragraph by itself that is no sentence: "Maintenance plan". What stands
 * over a later column is the first line of its head.
 */
function isTitle(band: Band, above: Band | undefined, left: number): boolean {
  const text = textOf(band);
  if (Math.min(...band.atoms.map(({ x0 }) => x0)) > left + SET_IN) return false;
  if (!TITLE.test(text) || SPEAKS.test(text) || isMeasureLine(text) || band.lines.some(({ cells }) => cells !== null))
    return false;
  return isHeading(above?.lines ?? []) || band.lines.every(({ opens }) => opens);
}

/** A sentence before a table that ends with how its amounts are given: "… was as follows (in thousands):". */
const ANNOUNCED = /\((?:(?:all )?(?:amounts|figures|values)(?: are| stated)? )?in\s[^()]{3,60}\)\s?:$/i;

/** A line that says how amounts are given, not a sentence with figures of its own. */
function saysMeasure(text: string, named: boolean): boolean {
  if (isMeasureLine(text)) return true;
  if (named) return true;
  if (ANNOUNCED.test(text)) return true;
  return text.length <= MEASURE_LINE && /\b(?:amounts|figures|values|tables?|stated|expressed)\b.*\bin\b/i.test(text);
}

/** The measure that words of the grid itself give, when they say nothing else. */
const PERIODS = /^(?:years?|months?|days?|hours?|jahre?|monate?|tage?)$/i;

function ownMeasure(text: string): Measure {
  // "Year" over the labels heads them and measures nothing.
  if (PERIODS.test(text)) return measureOf('');
  const bare = text.replace(/^[(（]|[)）]$/g, '').replace(/^単位\s?[:：]?\s?/, '');
  const whole = measureOf(`(${bare})`);
  return isMeasureLine(text) || /^(?:in\s+)?[\p{L}%€$£¥²³ ]{1,16}$/u.test(bare) ? whole : measureOf('');
}

/**
 * What stands above a grid: its caption, the nearest heading or line named "Table 3", and its unit and scale.
 * `said` are words of the grid itself that may give the latter, `label` a caption that stands in its first row.
 */
export function captionOf(grid: Grid, said: readonly string[], label: GridCell | null): Caption {
  const all = bandsOf(grid.page, grid.turn, false, NO_CUTS, true).filter(
    (band) => !band.side || isMeasureLine(textOf(band)),
  );
  const first = grid.bands[0];
  const top = first?.y0 ?? 0;
  const left = Math.min(...grid.bands.flatMap(({ atoms }) => atoms.map(({ x0 }) => x0)));
  const height = first === undefined ? 12 : first.y1 - first.y0;
  const above = all
    .filter((band) => band.y1 <= top + 2)
    .slice(-REACH)
    .reverse();
  let measure = said.map(ownMeasure).reduce(nearest);
  let named: Band | null = null;
  let heading: Band | null = null;
  let lowest = top;
  // What stands above a row of another table is said of that one.
  const rows = above.findIndex((band) => hasFigures(band) && !ANNOUNCED.test(textOf(band)));
  above.slice(0, rows < 0 ? REACH : rows).forEach((band, at) => {
    const text = textOf(band);
    const near = lowest - band.y1 < NEAR * height && at < 4;
    if (near) lowest = band.y0;
    const titled = at === 0 && isTitle(band, above[1], left);
    if (named === null && heading === null && near && (titled || namesTable(text) || titlesMeasure(text))) named = band;
    if (heading === null && isHeading(band.lines)) heading = band;
    if (named !== null && named !== band) return;
    if (heading !== null && at > 3 && measure.scale !== null) return;
    if (saysMeasure(text, named === band || (heading === band && near)))
      measure = nearest(measure, measureOf(ANNOUNCED.exec(text)?.[0] ?? text));
  });
  const below = all.find((band) => band.y0 >= (grid.bands.at(-1)?.y1 ?? 0) - 2);
  const under = below !== undefined && /^(?:table|tabelle|表)\s*[\dA-Z]/i.test(textOf(below)) ? below : null;
  if (label !== null && named === null) return { text: label.text, spans: spansOf(grid.page, label.atoms), measure };
  const chosen = named ?? under ?? heading;
  if (chosen === null) return { text: null, spans: [], measure };
  if (chosen === under) measure = nearest(measure, measureOf(textOf(chosen)));
  return { text: textOf(chosen), spans: spansOf(grid.page, chosen.atoms), measure };
}

function nearest(near: Measure, far: Measure): Measure {
  return {
    unit: near.unit ?? far.unit,
    scale: near.scale ?? far.scale,
    exempt: near.exempt ?? far.exempt,
    stated: near.stated || far.stated,
  };
}
