import { measureOf, MONEY } from './values';

const NAMED =
  /^(?:(?:table|tabelle|tableau|exhibit|chart|annex|schedule|appendix|note|表)\s*[\dA-Z]+(?:[.-]\d+)*\b|(?:table|tabelle|表)\s?[:：]\s?\S)/i;

/** True for a line that names a table: "Table 3. Dues by quay", "Table: dues by quay". */
export function namesTable(text: string): boolean {
  return NAMED.test(text) && text.length < 200;
}

/** A title that ends in its measure without brackets: "Cash flow in millions of crowns", "Zahlen in Tausend Kronen". */
const ENDS_IN_MEASURE = new RegExp(
  String.raw`^\p{Lu}[^.;:!?]{2,80}?,?\sin\s(?:(?:thousands?|millions?|billions?|tausend|millionen|milliarden|mio\.?|mrd\.?|tsd\.?)(?:\s(?:of\s)?(?:${MONEY}))?|${MONEY})$`,
  'iu',
);

/** A line that says nothing but how amounts are given, which is no title: "Amounts in crowns". */
const ONLY_MEASURE =
  /^(?:all )?(?:amounts|figures|values|sums|prices|beträge|angaben|werte)(?: (?:are|is|given|stated|expressed|sind))* in\b/iu;

/** A line that is a title with its measure behind it: "Rents received (in thousands of crowns)", "Cash flow in millions of crowns". */
export function titlesMeasure(text: string): boolean {
  const measure = /^[^.;]{3,90}\s[([]([^()[\]]{2,60})[)\]]$/u.exec(text.trim())?.[1];
  if (measure !== undefined && isMeasure(`(${measure})`)) return true;
  return ENDS_IN_MEASURE.test(text.trim()) && !ONLY_MEASURE.test(text.trim());
}

/** What a line says how its table was drawn up, before the measure: "for the year to 31 December, in thousands of crowns". */
const DRAWN_UP = /^[^.:;]{2,70}[,;(–—]\s*(?=in\s+[\p{L}$€£¥])/u;

/** True for a line that gives a unit and scale, and nothing else but the period: "(in thousands of crowns)", "at 31 March, in $ million". */
export function isMeasureLine(text: string): boolean {
  if (isMeasure(text) || titlesMeasure(text)) return true;
  const period = DRAWN_UP.exec(text)?.[0] ?? '';
  const { unit, scale } = measureOf(text.slice(period.length));
  return /\d|year|month|quarter|period|week/i.test(period) && (unit !== null || scale !== null);
}

function isMeasure(text: string): boolean {
  return (
    /^[([]?\s*(?:(?:all )?(?:amounts|figures|values)|in|expressed|stated|dollars|euros|crowns|pounds|yen|thousands|millions|[$€£¥])/i.test(
      text,
    ) &&
    (measureOf(text).scale !== null || /^[([]?in\s+[\p{L}$€£¥ ,]+[)\]]?$/iu.test(text)) &&
    text.length < 110
  );
}
