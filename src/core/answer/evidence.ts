import type { RowOfTable } from '../source';
import { statedFacts } from '../facts';
import { type Language, type Range } from '../text';
import { isDraft, placeKey, sectionOf, termSet, termsOf, unitsOfPassage, type Hit, type UnitText } from '../search';
import { termDefined } from './defined';
import { definingShare } from './defining';
import { tellsDistance } from './datesTold';
import { kindNearness } from './kinds';
import { likenessTo } from './meaning';
import { measuredBy, measures, type Measured } from './measured';
import { partyNamed, someoneNamed } from './partyNamed';
import { type PeriodSpan, spanAsked, spanNamed, spanOfColumn, tableRowAt } from '../figure';
import { asksSize, SIZE, toldIn } from './quantities';
import { asksLimit, tellsLimit } from './limits';
import { namesOtherSide } from './otherSide';
import type { Question } from './question';
import { termsInRange } from './rangeOfLabel';
import {
  columnAsked,
  answersIn,
  hasColumn,
  labelShare,
  rowMeasures,
  rowTerms,
  spanOfTable,
  wordsOver,
  type RowTerms,
} from './rowEvidence';
import { saidWithout, type SaidWithout } from './saidWithout';
import { formOf } from './formOfUnit';
import { formShare, pairShare, periodShare, type Form } from './shares';
import type { AskedSource } from './types';
import { announcedBy, headOver, leadOf, takenUp } from './surroundings';
import { TermWeights, theirWords } from './termWeights';
import { toldByForm, type FormTold } from './toldByForm';
import { weigh, type Features } from './weights';

/** A sentence or table row with what speaks for it. */
export interface Evidence {
  readonly source: AskedSource;
  readonly hit: Hit;
  /** Rank of its passage, from 0, and its place in that passage. */
  readonly rank: number;
  readonly index: number;
  readonly text: string;
  readonly unit: UnitText['unit'];
  /** The row of a table that it is, once tables are found. */
  readonly row: RowOfTable | null;
  readonly score: number;
  readonly features: Features;
}

function union(...sets: readonly ReadonlySet<string>[]): Set<string> {
  return new Set(sets.flatMap((set) => [...set]));
}

/** What someone named by title or kind of company counts where a party is asked for. */
export const BY_NAME = 1.3;
/** What figures count that measure something else than is asked for. */
const OTHER_MEASURE = 0.5;
/** What a length, area, volume or weight counts where it is asked how large something is, which a bare number may answer as well. */
const OF_SIZE = 1.6;

/** Kinds of answers that a list may be, as a whole. */
const READ_WITH_ITEMS: ReadonlySet<Question['kind']> = new Set(['list', 'party', 'definition']);

const ANNOUNCING = /\b(?:wie folgt|folgende[nmrs]?|as follows|the following)\b/i;

/** A sentence that opens with a term in quotation marks and says what it means. */
const DEFINES =
  /^[^\p{L}]{0,12}[“"„](?<term>[^”"“]{2,60})[”"“]\s+(?:means?|shall mean|bedeutet|ist|beträgt)(?!\p{L})/iu;
/** The number of a clause before its words, with what may open them. */
const OPENING_NUMBER = /^\s*(?:\(?(?:[\d.]+[a-z]?|[a-z])[.)]?\s+)?[“"„]?(?:[Tt]he )?/;
/** Share of its label from which on a row is that of the thing asked about, and how far it is then the one asked for. */
const WHOLLY_CALLED = 0.9;
const OF_ITS_ROW = 0.8;
/** What a label's share keeps whose range does not hold the number asked. */
const OTHER_RANGE = 0.4;
/** The same of a row on the other side of what is asked, profit before tax for profit after tax. */
const OTHER_SIDE = 0.4;
/** What a period's share keeps where the figure is of another length of period. */
const OTHER_SPAN = 0.4;
/** Share of a question from which on a heading that holds it names what the first sentence below it speaks of. */
const HEADS_MUCH = 0.5;

/** The periods a document says it is of. */
function periodsOf(source: AskedSource): string {
  const told = statedFacts(source).filter((fact) => fact.field === 'period');
  return told.map((fact) => fact.value).join(' ');
}

class Measure {
  private readonly weights: TermWeights;
  /** What counts for each word of the question, in order: the word, and the documents' own for one that they hold nowhere. */
  private readonly spellings: readonly (readonly string[])[];
  private readonly forms: readonly Form[];
  /** The length of period the question is about. */
  private readonly asked: PeriodSpan;
  /** Words of the term to be defined, where a definition is wanted. */
  private readonly defined: readonly string[];
  /** True where it is asked how large something is. */
  private readonly sized: boolean;
  /** True where a limit is asked for. */
  private readonly limited: boolean;
  private readonly measured: Measured;
  /** What a sentence says of the question by its form alone. */
  private readonly byForm: FormTold | null;
  private readonly said: SaidWithout;
  /** Terms of headings and names, which many units stand under. */
  private readonly known = new Map<string, ReadonlySet<string>>();

  constructor(
    private readonly question: Question,
    sources: readonly AskedSource[],
    private readonly topScore: number,
  ) {
    this.weights = new TermWeights(sources, question);
    const theirs = new Map(question.terms.map((one) => [one.term, theirWords(sources, one)]));
    this.spellings = question.terms
      .filter(({ term }) => !/^[#@=]/.test(term))
      .map(({ term }) => [term, ...(theirs.get(term) ?? [])]);
    this.forms = question.forms.map((word) => ({
      word,
      theirs: termsOf(word, sources[0]?.segment.language ?? 'en').flatMap(({ term }) => theirs.get(term) ?? []),
    }));
    this.asked = spanAsked(question.text);
    this.sized = question.kind === 'number' && asksSize(question.text);
    this.limited = asksLimit(question.text);
    this.measured = measuredBy(question, sources[0]?.segment.language ?? 'en');
    this.byForm = toldByForm(question, sources[0]?.segment.language ?? 'en');
    this.said = saidWithout(question, this.measured, this.byForm, sources[0]?.segment.language ?? 'en');
    this.defined = termDefined(question.text) ?? question.words;
  }

  passage(hit: Hit, rank: number): Evidence[] {
    const source = hit.source as AskedSource;
    const { language } = source.segment;
    const units = unitsOfPassage(source, hit.passage);
    const rows = units.map(({ unit }) => (unit.kind === 'row' ? tableRowAt(source.tables, unit.spans) : null));
    const figures = units.map(({ text }, index) => answersIn(text, rows[index] ?? null, this.question, language));
    const sets = units.map(({ text }, index) => this.termsIn(text, figures[index] as Range[], language));
    const heading = this.termsOnce(sectionOf(source, units.at(-1)?.unit.section ?? -1), language);
    const headings = units.map((_, index) => headOver(source, units, index));
    const heads = headings.map((heading) => this.termsOnce(heading, language));
    const surroundings = union(...sets, heading, this.termsOnce(`${source.name} ${periodsOf(source)}`, language));
    const whole = this.weights.share(...sets, heading);
    return units.map(({ unit, text }, index) => {
      const own = sets[index] as ReadonlySet<string>;
      const lead = this.leadIn(units, sets, index);
      const row = rows[index] ?? null;
      const over = row === null ? null : rowTerms(row, language);
      const ranged = row === null ? null : termsInRange(row.row.path.at(-1) ?? '', this.question.text, language);
      const headed = over === null ? own : union(own, over.path, over.caption, over.heads, ranged ?? own);
      const features: Features = {
        ...this.unit(text, figures[index] as Range[], unit.kind, source, row, this.takesUp(units, sets, index)),
        headed: this.weights.share(heads[index] ?? own),
        draft: isDraft(source.name) && !isDraft(this.question.text) ? 1 : 0,
        forms: formShare(row === null ? text : `${text} ${wordsOver(row)}`, this.forms, headed),
        covered: this.weights.share(own),
        led: this.weights.share(headed, lead),
        focus: this.weights.met(
          this.question.focus,
          headed,
          lead,
          heads[index] ?? own,
          this.measuredIn(sets[index - 1], text, figures[index] as Range[]) ?? own,
        ),
        around: this.weights.share(own, sets[index - 1] ?? own, sets[index + 1] ?? own, heading),
        whole,
        alike: this.weights.alike(headed, lead),
        label:
          over === null
            ? this.defines(text, figures[index] as Range[], language)
            : this.label(row as RowOfTable, over, headed, ranged) *
              (namesOtherSide(this.question.text, text) ? OTHER_SIDE : 1),
        period: periodShare(this.question.periods, headed, surroundings) * this.spanShare(row, text, language),
        passage: hit.score / this.topScore,
        rank: 1 / (1 + rank),
        meaning: likenessTo(
          this.question.meaning,
          { text, heading: headings[index] ?? '', before: units[index - 1]?.text ?? '' },
          language,
        ),
      };
      return { source, hit, rank, index, text, unit, row, score: weigh(features), features };
    });
  }

  /** The terms of what a unit is read with: of an item what announces it, of what announces a list its items, where several things may be asked for; of others the sentence that they take up. */
  private leadIn(units: readonly UnitText[], sets: readonly ReadonlySet<string>[], index: number): ReadonlySet<string> {
    const own = sets[index] as ReadonlySet<string>;
    const items = READ_WITH_ITEMS.has(this.question.kind) ? announcedBy(units, index) : [];
    if (items.length > 1) return union(own, ...items.map((at) => sets[at] as ReadonlySet<string>));
    return sets[leadOf(units, index)] ?? sets[takenUp(units, index)] ?? own;
  }

  /** True for a sentence that opens by taking up what the one before speaks of, where that is asked about: “It costs 95 crowns”; and for the first below a heading that holds much of the question. */
  private takesUp(units: readonly UnitText[], sets: readonly ReadonlySet<string>[], index: number): boolean {
    const over = sets[index - 1];
    if (over !== undefined && units[index - 1]?.unit.kind === 'heading') return this.weights.share(over) >= HEADS_MUCH;
    const before = sets[takenUp(units, index)];
    return before !== undefined && [...before].some((term) => this.weights.has(term));
  }

  /** The terms of a unit, with those of the question that its form or its figures say in their own way. */
  private termsIn(text: string, figures: readonly Range[], language: Language): ReadonlySet<string> {
    const said = this.said(text, figures, language);
    const own = this.ownTerms(text, language);
    return said.length === 0 ? own : union(own, ...said);
  }

  /** The terms of a text but for those that only announce what stands behind: "as follows" tells of no consequence. */
  private ownTerms(text: string, language: Language): ReadonlySet<string> {
    const own = termSet(text, language);
    return ANNOUNCING.test(text) ? new Set([...own].filter((term) => !/^(?:folg|follow)/.test(term))) : own;
  }

  /** The terms of the sentence before a figure in units of the quantity asked for, which may name what is measured: "Oil is changed each year. The tank holds 85 litres." */
  private measuredIn(
    before: ReadonlySet<string> | undefined,
    text: string,
    figures: readonly Range[],
  ): ReadonlySet<string> | undefined {
    const { quantity } = this.measured;
    return quantity !== null && toldIn(quantity, text, figures) ? before : undefined;
  }

  private termsOnce(text: string, language: Language): ReadonlySet<string> {
    const key = `${language} ${text}`;
    const terms = this.known.get(key) ?? termSet(text, language);
    this.known.set(key, terms);
    return terms;
  }

  /** How far a row is the one asked for: by the share of its label that is asked, or whether its range holds the number asked, and of the question that it and its heads hold. */
  private label(
    { table }: RowOfTable,
    over: RowTerms,
    headed: ReadonlySet<string>,
    ranged: ReadonlySet<string> | null,
  ): number {
    const called = labelShare(over.label, this.weights.asked);
    const own = ranged === null ? called : ranged.size > 0 ? 1 : OTHER_RANGE * called;
    const share = own * this.weights.share(headed);
    // The row of a thing, in a table with a column for what is asked of it, is meant whatever verb the question uses.
    return called > WHOLLY_CALLED && hasColumn(table, over.heads, this.question, this.measured)
      ? Math.max(share, OF_ITS_ROW)
      : share;
  }

  /** How far a sentence defines, with a figure, just what a value is asked of, “Commitment” means 24,000,000 crowns, or opens with what by its form says what is asked. */
  private defines(text: string, figures: readonly Range[], language: Language): number {
    if (figures.length === 0) return 0;
    if (this.byForm !== null && text.replace(OPENING_NUMBER, '').search(this.byForm.form) === 0)
      return this.weights.share(this.termsIn(text, figures, language));
    const term = DEFINES.exec(text)?.groups?.['term'];
    if (term === undefined) return 0;
    const terms = termSet(term, language);
    return this.weights.share(terms) * labelShare(terms, this.weights.asked);
  }

  /** Less than 1 for a figure of another length of period than is asked for: a quarter's for the year's. */
  private spanShare(row: RowOfTable | null, text: string, language: Language): number {
    const { asked } = this;
    if (row !== null) {
      const column = columnAsked(row, this.question, language);
      if (column === null || spanOfColumn(row.table, column) === spanOfTable(row.table, this.question, language))
        return 1;
      return OTHER_SPAN;
    }
    const named = this.question.periods.length > 0 || asked !== 'year' ? spanNamed(text) : null;
    return named === null || named === asked ? 1 : OTHER_SPAN;
  }

  /** True where a day is asked for and only distances from another are told. */
  private isRelative(text: string, mentions: readonly Range[], row: RowOfTable | null): boolean {
    return this.question.kind === 'date' && row === null && tellsDistance(text, mentions);
  }

  /** False where a sum of money, or a number of things, is asked for and the figures measure or count something else. */
  private measures(text: string, mentions: readonly Range[], row: RowOfTable | null, source: AskedSource): boolean {
    if (this.isRelative(text, mentions, row)) return false;
    if (row === null) return measures(this.measured, text, mentions, source.segment.language);
    return rowMeasures(this.measured, row, source);
  }

  /** How far the figures of a unit measure what is asked for. */
  private measureOf(text: string, mentions: readonly Range[], row: RowOfTable | null, source: AskedSource): number {
    if (!this.measures(text, mentions, row, source)) return OTHER_MEASURE;
    return this.sized && toldIn(SIZE, text, mentions) ? OF_SIZE : 1;
  }

  /** What the unit's own text says. */
  private unit(
    text: string,
    mentions: readonly Range[],
    kind: UnitText['unit']['kind'],
    source: AskedSource,
    row: RowOfTable | null,
    takesUp: boolean,
  ) {
    const { question } = this;
    const { language } = source.segment;
    const named = partyNamed(text, question) !== null;
    const someone = question.kind === 'party' && someoneNamed(text, question.text) !== null;
    return {
      pairs: pairShare(text, this.spellings, language),
      kind: named ? 1.6 : mentions.length === 0 ? 0 : someone ? BY_NAME : this.measureOf(text, mentions, row, source),
      near: named ? 1.4 : kindNearness(text, mentions, this.weights.has, language, takesUp),
      definition: question.kind === 'definition' ? definingShare(text, this.defined, language) : 0,
      ...formOf(text, kind, question),
      tiny: text.length < 25 && mentions.length === 0 ? 1 : 0,
      limit: this.limited && mentions.length > 0 && tellsLimit(text) ? 1 : 0,
    };
  }
}

/** Units of the hits scored against the question, best first. Deterministic: ties fall to the earlier passage and unit. */
export function gatherEvidence(sources: readonly AskedSource[], hits: readonly Hit[], question: Question): Evidence[] {
  const measure = new Measure(question, sources, hits[0]?.score ?? 1);
  const sorted = hits
    .flatMap((hit, rank) => measure.passage(hit, rank))
    .sort((a, b) => b.score - a.score || a.rank - b.rank || a.index - b.index);
  // A sentence that two passages share, since they overlap, is evidence once.
  const seen = new Set<string>();
  return sorted.filter(({ source, unit }) => {
    const key = `${source.id} ${placeKey(unit.spans)}`;
    return !seen.has(key) && seen.add(key);
  });
}
