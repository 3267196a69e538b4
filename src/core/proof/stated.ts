import { cellPlace, type FiguredSource, type StatedFigure } from '../figure';
import { citationOf, standsAt, type Citation } from '../quote';
import { textOfSpans } from '../search';
import { oneLine } from '../text';

/** The words or the cell that state a figure, as a citation of what is printed there. */
export function citationOfStated(stated: StatedFigure, sources: readonly FiguredSource[]): Citation | null {
  const source = sources.find((one) => one.id === stated.sourceId);
  if (source === undefined) return null;
  const printed = oneLine(textOfSpans(source, stated.spans));
  const citation = citationOf(printed, standsAt({ sourceId: source.id, spans: stated.spans }, printed), source, null);
  const cell = stated.cell === null ? null : cellPlace(stated.cell.row, stated.cell.column);
  return cell === null ? citation : { ...citation, cell };
}
