import { termSet } from '../search';
import type { Evidence } from './evidence';
import { pickedBy } from './extremes';
import { partiesTold } from './partiesTold';
import { firmWordingsOf, type Question } from './question';
import { speaksOfEnd } from './properties';
import { readWith, saidUnder } from './readTogether';
import { wordsOver } from './rowEvidence';
import { nameOfDocument } from './surroundings';

/** Asks what happens, is done or is the reason, which no figure of a table tells. */
const ASKS_NO_FIGURE =
  /^(?:what (?:happens|happened|will happen|is to happen|becomes|became|will become)\b(?!.* to (?:the )?(?:rent|price|fee|amount|figure|rate|number)s?\b)|why\b|how come\b|was (?:passiert|geschieht)(?!\p{L})|warum\b|weshalb\b)/iu;

/** True for a row of figures where it is asked what happens or why. */
export function isOfFigures({ row }: Evidence, { text, kind }: Question): boolean {
  if (row === null || kind !== 'passage' || !ASKS_NO_FIGURE.test(text.trim())) return false;
  const told = row.row.cells.filter((cell) => cell !== null);
  return told.length > 0 && told.every((cell) => /^[\d\s.,()%–-]+$/.test(cell.text));
}

/** True for a sentence, or a row with its heads, that says nothing of what picks the one asked for: "The port has five berths", of which is the deepest. */
export function saysNoEnd({ text, row, source }: Evidence, question: Question): boolean {
  const end = pickedBy(question.text);
  const said = row === null ? text : `${text} ${row.table.caption ?? ''} ${wordsOver(row)}`;
  if (end === undefined || speaksOfEnd(question.text, said)) return false;
  const [asked, own] = [termSet(end, source.segment.language), termSet(said, source.segment.language)];
  const firm = question.subject.filter(({ term }) => asked.has(term)).flatMap(firmWordingsOf);
  return !firm.some((word) => own.has(word));
}

/** Asks who or what needs something, and what says that it is not needed. */
const ASKS_NEED =
  /^(?:what|which|who)\b(?!.*\b(?:not|no|never|without|exempt)\b).*\b(?:needs?|must|requires?|have to|has to|required)\b/i;
const NEEDS_NONE = /\b(?:needs? (?:no|not|neither)|(?:is|are) (?:exempt|not (?:required|obliged|needed))|(?:do|does) not (?:need|require|have to))\b/i; // prettier-ignore

/** Asks which of its kind a thing is, that is told by its word or by a name. */
const ASKS_WHICH =
  /^(?:(?:by|from|to|with|on) )?(?:which|what|what (?:kind|type|sort) of) (?<thing>ship|vessel|boat|ferry|tug|company|firm|bank|yard|airline|newspaper|university|island|town|city|country)s?\b|^(?:von |mit |auf |in )?welche[rsmn]? (?<ding>schiff|boot|fähre|firma|werft|stadt|insel|zeitung|schlepper)(?!\p{L})/iu;

/** True where it is asked which ship or company, and a text neither speaks of one nor names anything. */
export function namesNone(best: Evidence, { text: asked, terms }: Question): boolean {
  const { thing, ding } = ASKS_WHICH.exec(asked.trim())?.groups ?? {};
  const { language } = best.source.segment;
  const word = thing ?? ding;
  if (word === undefined) return false;
  const wanted = termSet(word, language);
  const firm = terms.filter(({ term }) => wanted.has(term)).flatMap(firmWordingsOf);
  const near = termSet(saidUnder(best), language);
  if (firm.some((one) => near.has(one))) return false;
  return language === 'de' ? !/[„“"]|GmbH|AG(?!\p{L})/u.test(best.text) : partiesTold(best.text, 'en').length === 0;
}

/** Things of one kind that are told apart by their numbers: "berth 4", "silos 3 to 6". */
const NUMBERED =
  /\b(?<thing>berth|unit|shed|warehouse|pier|pump|engine|tank|silo|lot|plot|room|gate|dock|quay|line|route|building|crane|zone|block|station|sample|pile|borehole|turbine|mooring|basin|lock|hall|floor|house|jetty|slip|pontoon|buoy|boat|tug|lift|section of track)s? (?:no\.? ?|number )?(?<number>\d{1,3}[a-z]?)\b(?! (?:to|and|per)\b)/i;

/** True where a thing is asked about that goes by a number, and the sentence, what it is read with and the name of its document speak of no such number of it. */
export function isOfAnother(best: Evidence, { text }: Question): boolean {
  const { thing, number } = NUMBERED.exec(text)?.groups ?? {};
  if (thing === undefined || number === undefined) return false;
  const near = `${readWith(best)} ${nameOfDocument(best.source)}`;
  return !new RegExp(String.raw`\b${thing}s?\b[^.;:]{0,40}\b${number}\b|\b${thing}s? \d+ (?:to|–|-) \d+`, 'i').test(
    near,
  );
}

/** True where it is asked who or what needs something, and a sentence says who does not. */
export function needsNone({ text }: Evidence, { text: asked }: Question): boolean {
  return ASKS_NEED.test(asked) && NEEDS_NONE.test(text);
}
