import {
  agree,
  cellQuantity,
  type PeriodSpan,
  type Quantity,
  quantityAt,
  sayQuantity,
  spanOfColumn,
  worth,
} from '../figure';
import { statedFacts } from '../facts';
import { sameTerms, sectionOf, termNumber, termSet, unitsOfPassage } from '../search';
import type { Heads, Table, TableRow } from '../source';
import { findDates, oneLine, type Language } from '../text';
import type { Evidence } from './evidence';
import { closestMention } from './headline';
import type { Question } from './question';
import { columnAsked } from './rowEvidence';
import { quotedClaim, quoteOf, quoteOfCell } from './quoted';
import { byForce, type Side } from './sides';
import type { AskedSource } from './types';

/** How near a sentence of another document must come to the best one, by score and by what it holds of the question. */
const NEAR_SCORE = 0.8;
const CORRECTED_SCORE = 0.55;
const NEAR_COVERED = 0.85;
/** What it must hold of the question at least: sentences that meet it by a word or two speak of other things. */
const LEAST_COVERED = 0.4;
const MOST_SIDES = 12;
const AMENDING =
  /\b(?:(?:is|are|shall be|be) (?:hereby )?(?:replaced|amended|deleted|substituted|restated|varied|changed|removed)|shall (?:now )?read|reads? as follows|in place of|wird (?:ersetzt|geändert|gestrichen)|erhält (?:die )?folgende fassung|werden (?:ersetzt|geändert))\b/i;
/** Words of a sentence that corrects a figure told before. */
const CORRECTED =
  /\b(?:restated|was (?:first |originally |previously )?reported|previously (?:stated|reported)|corrected|originally)\b/i;
const QUOTED = /[“"„]([^”"“]{2,200})[”"“]/g;
const YEAR = /^#(?:19|20)\d{2}$/;

/** What the row that answers says in other documents, where its value differs there; the same label, of the same period, in the same unit. */
function otherRows(best: Evidence, question: Question, sources: readonly AskedSource[]): Side[] {
  const { row, source } = best;
  const { language } = source.segment;
  const column = row === null ? null : columnAsked(row, question, language);
  const cell = row === null || column === null ? null : row.row.cells[column];
  const quantity = cell == null ? null : cellQuantity(cell);
  if (row === null || column === null || quantity === null) return [];
  const label = termSet(row.row.path.at(-1) ?? '', language);
  const heads = termSet((row.table.columns[column]?.path ?? []).join(' '), language);
  const period = question.periods.find((one) => heads.has(one)) ?? [...heads].find((term) => YEAR.test(term));
  if (period === undefined || label.size === 0) return [];
  const span = spanOfColumn(row.table, column);
  return sources.flatMap((other) => {
    if (other.id === source.id) return [];
    const found = rowsNamed(other, label, period, span).filter(({ value }) => value.unit === quantity.unit);
    const [first] = found;
    if (first === undefined || found.some(({ value }) => agree(value, quantity))) return [];
    return [sideOfRow(other, first)];
  });
}

interface NamedCell {
  readonly table: Table;
  readonly row: TableRow;
  readonly column: number;
  readonly value: Quantity;
}

/** Terms of labels and heads; tables are immutable, so each is taken apart once. */
const labels = new WeakMap<TableRow, ReadonlySet<string>>();
const heads = new WeakMap<Heads, ReadonlySet<string>>();

function labelTerms(row: TableRow, language: Language): ReadonlySet<string> {
  const terms = labels.get(row) ?? termSet(row.path.at(-1) ?? '', language);
  labels.set(row, terms);
  return terms;
}

function headTerms(column: Heads, language: Language): ReadonlySet<string> {
  const terms = heads.get(column) ?? termSet(column.path.join(' '), language);
  heads.set(column, terms);
  return terms;
}

/** Cells of rows with these words for a label and nothing more, in the column of a period. */
function rowsNamed(source: AskedSource, label: ReadonlySet<string>, period: string, span: PeriodSpan): NamedCell[] {
  const { language } = source.segment;
  return source.tables.flatMap((table) => {
    const column = table.columns.findIndex(
      (one, at) => headTerms(one, language).has(period) && spanOfColumn(table, at) === span,
    );
    if (column < 0) return [];
    return table.rows.flatMap((row) => {
      const own = labelTerms(row, language);
      const cell = row.cells[column];
      const value = cell == null ? null : cellQuantity(cell);
      return sameTerms(own, label) && value !== null ? [{ table, row, column, value }] : [];
    });
  });
}

function sideOfRow(source: AskedSource, { table, row, column, value }: NamedCell): Side {
  const claim = quotedClaim(quoteOfCell(source, { table, row }, column));
  return { source, said: sayQuantity(value), claim, amends: false };
}

/** A value as it is compared: what it measures, and how much; a date measures nothing but itself. */
function valueOf(text: string, evidence: Evidence): { readonly unit: string; readonly worth: string } | null {
  const date = findDates(text)[0]?.value;
  if (date !== undefined) return { unit: 'date', worth: date };
  const quantity = quantityAt(text, 0, text.length, evidence.source.segment.language);
  return quantity === null ? null : { unit: quantity.unit ?? '', worth: worth(quantity).toFixed() };
}

/** True for two sentences of one document of which one corrects what the other told. */
function corrects(one: Evidence, two: Evidence): boolean {
  return one.source.id === two.source.id && (CORRECTED.test(one.text) || CORRECTED.test(two.text));
}

/** True for a sentence or row that may say the same thing as the best one. */
function comesNear(one: Evidence, best: Evidence): boolean {
  // What a correction corrects need not come as near as what another document says.
  const corrected = corrects(one, best);
  return (
    one.unit.kind !== 'contents' &&
    one.unit.kind !== 'heading' &&
    one.score >= (corrected ? CORRECTED_SCORE : NEAR_SCORE) * best.score &&
    one.features.covered >= Math.max(LEAST_COVERED, NEAR_COVERED * best.features.covered)
  );
}

/** Share of the question's words that two sentences must both hold, in some wording, to speak of one thing. */
const SHARED = 0.34;

/** True for two sentences that hold the same of the question's words, equivalents counting as the word. */
function shareWords(one: Evidence, two: Evidence, { subject }: Question): boolean {
  const [a, b] = [one, two].map(({ text, source }) => termSet(text, source.segment.language)) as [
    Set<string>,
    Set<string>,
  ];
  const worded = subject.filter(({ term }) => !/^[#@=]/.test(term));
  const both = worded.filter(({ term, equivalents = [] }) => {
    const wordings = [term, ...equivalents.filter((other) => other.loose !== true).map((other) => other.term)];
    return wordings.some((wording) => a.has(wording)) && wordings.some((wording) => b.has(wording));
  });
  return both.length >= Math.max(1, SHARED * worded.length);
}

/** What other documents say in sentences that come as near to the question as the best one, where their value differs; a value of another unit is of something else. */
function otherSentences(best: Evidence, near: readonly Evidence[], question: Question): Side[] {
  const said = closestMention(best, question);
  const own = said === null ? null : valueOf(said, best);
  if (own === null || best.row !== null) return [];
  const sides = new Map<string, Side | null>();
  for (const one of near) {
    const { source } = one;
    if (one === best || one.row !== null || sides.has(source.id)) continue;
    if (source.id === best.source.id && !corrects(one, best)) continue;
    const other = closestMention(one, question);
    const value = other === null ? null : valueOf(other, one);
    if (other === null || value === null || value.unit !== own.unit || !shareWords(one, best, question)) continue;
    // What agrees settles it for that document.
    sides.set(
      source.id,
      value.worth === own.worth
        ? null
        : { source, said: other, claim: quotedClaim(quoteOf(one.source, one)), amends: false },
    );
  }
  return [...sides.values()].filter((side) => side !== null);
}

/** The numbers of the clauses that a sentence stands under, the deepest first: "14.2", "14". */
function clausesOf({ source, unit, text }: Evidence): string[] {
  // A clause may hang before its own text, without a heading.
  const path = `${sectionOf(source, unit.section)} ${/^\s*\d{1,3}(?:\.\d{1,3})+/.exec(text)?.[0] ?? ''}`;
  return [...path.matchAll(/(?<![\d.])\d{1,3}(?:\.\d{1,3})*(?![\d])/g)].map((match) => match[0]).reverse();
}

function squeezed(text: string): string {
  return oneLine(text)
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

/** The words that a sentence takes out of a document, and those it puts in their place; null when it quotes no two. */
function replacement(text: string): { readonly old: string; readonly now: string } | null {
  const quoted = [...text.matchAll(QUOTED)].map((match) => match[1] as string);
  const [old, now] = [quoted[0], quoted.at(-1)];
  return old === undefined || now === undefined || quoted.length < 2 ? null : { old, now };
}

/** Words, as search terms, that a document which changes another holds. */
const AMENDMENT_TERMS = ['amend', 'amendment', 'supersed', 'replac', 'vari', 'nachtrag', 'anderung'];

/** True for a document that says it changes or replaces another, or is called an amendment. */
function isAmending(source: AskedSource): boolean {
  if (!AMENDMENT_TERMS.some((term) => termNumber(source.segment, term) >= 0)) return false;
  return (
    /\bamend|addendum|variation|nachtrag|änderung/i.test(source.name) ||
    statedFacts(source).some(({ field, value }) => field === 'amends' || (field === 'kind' && value === 'amendment'))
  );
}

/** A sentence of another document that changes the clause of the best one: it names the clause, and words that it replaces stand there. */
function amendment(best: Evidence, sources: readonly AskedSource[], question: Question): Side | null {
  const words = squeezed(best.text);
  for (const number of clausesOf(best)) {
    const naming = new RegExp(
      String.raw`\b(?:clause|section|article|paragraph|ziffer|artikel|absatz|§)s?\s*${number.replace(/\./g, '\\.')}(?![\d.]*\d)`,
      'i',
    );
    for (const source of sources) {
      if (source.id === best.source.id) continue;
      const { segment } = source;
      const term = termNumber(segment, number);
      if (term < 0) continue;
      const from = segment.postingStarts[term] as number;
      const passages = segment.postingPassages.subarray(
        from,
        Math.min(segment.postingStarts[term + 1] as number, from + 30),
      );
      for (const passage of passages)
        for (const { unit, text } of unitsOfPassage(source, passage)) {
          if (!naming.test(text) || !AMENDING.test(text)) continue;
          const change = replacement(text);
          if (change === null ? !sharesSubject(text, question, source) : !words.includes(squeezed(change.old)))
            continue;
          const citation = quoteOf(source, { unit, text });
          return { source, said: change?.now ?? citation.quote, claim: quotedClaim(citation), amends: true };
        }
    }
  }
  return null;
}

function sharesSubject(text: string, question: Question, source: AskedSource): boolean {
  const own = termSet(text, source.segment.language);
  return question.subject.some(({ term }) => own.has(term));
}

const NAMED_CLAUSE = /\b(?:clause|section|article|paragraph|ziffer|artikel|absatz|§)s?\s*(\d{1,3}(?:\.\d{1,3})*)/gi;

/** Both sides of what an amending sentence changes, when it is the best evidence: it, and where the words it replaces stand; null when the best amends nothing. */
function amendedBy(own: Side, best: Evidence, evidence: readonly Evidence[], question: Question): Side[] | null {
  if (!AMENDING.test(best.text)) return null;
  const change = replacement(best.text);
  if (change === null) {
    // "Clause 4.5 of the Lease is varied so that …": what stood there is the other side.
    const numbers = new Set([...best.text.matchAll(NAMED_CLAUSE)].map((match) => match[1]));
    const before = evidence.find(
      (one) => one.source.id !== best.source.id && clausesOf(one).some((own) => numbers.has(own)),
    );
    if (before === undefined) return null;
    const told = closestMention(before, question) ?? oneLine(before.text);
    return [
      { ...own, amends: true },
      { source: before.source, said: told, claim: quotedClaim(quoteOf(before.source, before)), amends: false },
    ];
  }
  const words = squeezed(change.old);
  const original = evidence.find((one) => one.source.id !== best.source.id && squeezed(one.text).includes(words));
  if (original === undefined) return null;
  const claim = quotedClaim(quoteOf(original.source, original));
  return [
    { ...own, said: change.now, amends: true },
    { source: original.source, said: change.old, claim, amends: false },
  ];
}

/** Documents that say otherwise than the best evidence, those in force and later first; `own` is the best evidence's own side. */
export function sidesOf(
  own: Side,
  best: Evidence,
  evidence: readonly Evidence[],
  sources: readonly AskedSource[],
  question: Question,
): Side[] {
  if (sources.length < 2) return [own];
  const both = amendedBy(own, best, evidence, question);
  if (both !== null) return both;
  const near = evidence.filter((one) => one === best || comesNear(one, best));
  // What a document is takes longer to tell than whether it holds a clause's number at all.
  const numbers = new Set(near.flatMap(clausesOf));
  const amending = sources
    .filter((source) => [...numbers].some((one) => termNumber(source.segment, one) >= 0))
    .filter(isAmending);
  for (const one of amending.length === 0 ? [] : near) {
    const change = amendment(one, amending, question);
    if (change === null) continue;
    const original =
      one === best
        ? own
        : {
            source: one.source,
            said: closestMention(one, question) ?? oneLine(one.text),
            claim: quotedClaim(quoteOf(one.source, one)),
            amends: false,
          };
    const known = new Set([one.source.id, change.source.id]);
    const others = otherSentences(one, near, question).filter((side) => !known.has(side.source.id));
    return [change, original, ...others].sort(byForce).slice(0, MOST_SIDES);
  }
  const others = [...otherRows(best, question, sources), ...otherSentences(best, near, question)];
  const sides = [
    own,
    ...others.filter((side, at) => others.findIndex((one) => one.source.id === side.source.id) === at),
  ];
  return sides.sort(byForce).slice(0, MOST_SIDES);
}
