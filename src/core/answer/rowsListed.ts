import { isCaption, tableRowAt } from '../figure';
import { placeKey, termSet, unitsInOrder, type UnitText } from '../search';
import type { Table } from '../source';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { asksBeyond } from './rowsBeyond';

/** Rows of a table that are told, and passages that it may go on over. */
const MOST_ROWS = 30;
const PASSAGES = 10;
/** What of its label a row may have in a question that asks for all rows, not for that one. */
const OF_ONE_ROW = 0.3;

/** A row with what it is called. */
export interface ListedRow extends UnitText {
  readonly label: string;
}

/** The table that evidence is of: its row, or its caption or head with rows beside it; null for anything else. */
function tableOf(best: Evidence, able: readonly Evidence[]): Table | null {
  if (best.row !== null) return best.features.label > OF_ONE_ROW ? null : best.row.table;
  if (best.unit.kind !== 'row' && !isCaption(best.source.tables, best.unit.spans)) return null;
  return able.find((one) => one.hit === best.hit && one.row !== null)?.row?.table ?? null;
}

/**
 * The rows of a table, in its order, where a question asks for all that it lists: "Which troubles are listed?" of one called or headed so; none for a question
 * that asks for something else of it. A head that is asked for must be its caption's, or the one over its labels.
 */
export function rowsListed(best: Evidence, able: readonly Evidence[], question: Question): ListedRow[] {
  // Those beyond a figure are not all that are listed.
  const table = question.kind === 'list' && !asksBeyond(question.text) ? tableOf(best, able) : null;
  if (table === null) return [];
  const { source, hit } = best;
  const { language } = source.segment;
  const units = [...unitsInOrder(source, hit.passage - 1, hit.passage + PASSAGES)].filter(
    ({ unit }) => unit.kind === 'row',
  );
  const rows = units.flatMap((one): ListedRow[] => {
    const found = tableRowAt(source.tables, one.unit.spans);
    return found?.table === table ? [{ ...one, label: found.row.path.at(-1) ?? '' }] : [];
  });
  const at = units.findIndex(({ unit }) => placeKey(unit.spans) === placeKey(rows[0]?.unit.spans ?? []));
  const called = termSet(`${table.caption ?? ''} ${units[at - 1]?.text.split(/\s{2,}|\n/)[0] ?? ''}`, language);
  const wanted = question.focus.length > 0 ? question.focus : question.subject.map(({ term }) => term);
  return wanted.some((term) => called.has(term)) && rows.length > 1 ? rows.slice(0, MOST_ROWS) : [];
}
