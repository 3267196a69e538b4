import type { Language } from '../text';
import { figuresSaid, subjectOf, wordsInOrder, type FigureSaid } from './around';
import type { Figure } from './figures';
import { faultOf, neighbours, signsDiffer, type Fault } from './faults';
import { likeness, nearLikeness, periodsAgree, says, type WordSense } from './likeness';
import { workedOut, type Weighed } from './operands';
import { ratioNamed } from './ratios';
import { sameFigure, unitsMeet } from './same';
import type { StatedFigure } from './stated';
import { operationsSaid, type Worked } from './work';

/** What was found of a figure: what states it, or how it comes out of stated ones, or what is wrong with it. */
export interface TracedFigure {
  readonly figure: Figure;
  readonly verdict: 'quoted' | 'computed' | 'unsupported';
  /** Null for figures that are supported. */
  readonly fault: Fault | null;
  /** What states it; for a fault what the documents state instead, where something does. */
  readonly stated: StatedFigure | null;
  readonly worked: Worked | null;
}

export interface TraceOptions {
  readonly language: Language;
  readonly sense: WordSense;
  /** What a figure may rest on. */
  readonly support: readonly StatedFigure[];
  /** What else the documents state near by: it names faults, and is no support. */
  readonly rivals: readonly StatedFigure[];
  /** Those of a page that the text names: the likelier to be meant among rows of one name. */
  readonly cited?: ReadonlySet<StatedFigure>;
  /** Stated figures behind what was said before, which a calculation may rest on. */
  readonly before?: readonly StatedFigure[];
  /** Words that say what is spoken of where the text itself does not: the sentence before. */
  readonly lead?: string;
}

/** How much likelier another figure of the same table or sentence, and one from anywhere, must be to be what is meant. */
const NEIGHBOUR_MARGIN = 0.1;
const WORDED_MARGIN = 0.25;
const FAR_MARGIN = 0.34;
/** Below this likeness a figure of the same value is one by chance. */
const LEAST = 0.3;
/** From here on what is stated is plainly what is spoken of. */
const PLAIN = 0.62;
const PERIOD_BONUS = 0.12;
const CITED_BONUS = 0.08;
/** Words of a sentence that says little of what it speaks of. */
const FEW_WORDS = 2;

/** Stated figures that may be meant, likeliest first: those that share a word of their label with what is said, or state the same. */
function weigh(said: FigureSaid, figures: readonly StatedFigure[], { sense, cited }: TraceOptions): Weighed[] {
  const spoken = new Set([...said.sentence].flatMap((term) => [term, ...sense.equivalents(term)]));
  const sequence = wordsInOrder(said.text, said.language);
  const ratio = ratioNamed(said.text, said.language);
  for (const label of [...(ratio?.part ?? []), ...(ratio?.whole ?? [])]) for (const term of label) spoken.add(term);
  return figures
    .flatMap((stated): Weighed[] => {
      const same = isSame(said, stated);
      if (!same && ![...stated.label].some((term) => spoken.has(term))) return [];
      const own =
        likeness(said, stated, sense) +
        PERIOD_BONUS * periodsAgree(said.period, stated.period) +
        (cited?.has(stated) === true ? CITED_BONUS : 0);
      const named = stated.cell !== null && says(sequence, stated.label, sense);
      return [{ stated, likeness: own, named, same }];
    })
    .sort((a, b) => b.likeness - a.likeness);
}

function isSame({ figure }: FigureSaid, { kind, quantity, loose }: StatedFigure): boolean {
  if (figure.kind === 'date' || kind === 'date') return figure.kind === kind && datesMeet(figure.value, quantity.value);
  if (!loose) return sameFigure(figure, quantity, true);
  const unit = figure.unit === '%' ? null : figure.unit;
  return ANY_SCALE.some((scale) => sameFigure(figure, { ...quantity, unit, scale }, true));
}

/** True for a figure that is part of what a row is called: "due within one year". */
function isOfLabel(figure: Figure, { cell }: StatedFigure): boolean {
  return figure.weak || figure.kind === 'duration'
    ? (cell?.row.row.path.some((label) => label.toLowerCase().includes(figure.text.toLowerCase())) ?? false)
    : false;
}

const ANY_SCALE = [1, 1000, 1e6, 1e9] as const;

/** One date may be said with less of it than the other: "31 March", "March 2025", "2025". */
function datesMeet(one: string, two: string): boolean {
  const short = one.length < two.length ? one : two;
  const long = short === one ? two : one;
  return short.startsWith('--') ? long.endsWith(short.slice(1)) : long.startsWith(short);
}

function traceOne(said: FigureSaid, own: readonly StatedFigure[], options: TraceOptions): TracedFigure | null {
  const { sense } = options;
  const supports = new Set(options.support);
  const all = weigh(said, [...new Set([...options.support, ...options.rivals])], options);
  const { figure } = said;
  if (all.some(({ stated }) => isOfLabel(figure, stated))) return null;
  const of = (verdict: TracedFigure['verdict'], stated: StatedFigure | null, fault: Fault | null = null, worked: Worked | null = null): TracedFigure => ({ figure, verdict, fault, stated, worked }); // prettier-ignore
  const same = all.filter((one) => one.same && supports.has(one.stated));
  const good = same.find((one) => stands(said, one, all, sense));
  // A calculation rests on what the figure may rest on, never on what merely stands near.
  const worked = workedOut(
    said,
    own,
    all.filter((one) => supports.has(one.stated)),
  );
  // A result that its own sentence gives the operands of is held to them, whatever else in the documents is of its size.
  const homes = new Set(own.map((one) => one.home));
  const bound = worked !== null && worked.operands.every((one) => homes.has(one.home) || own.includes(one));
  const free = good !== undefined && (!bound || worked.verdict === 'right' || good.likeness >= PLAIN + PERIOD_BONUS || homes.has(good.stated.home)); // prettier-ignore
  if (good !== undefined && free) return of('quoted', good.stated);
  if (worked?.verdict === 'right') return of('computed', worked.operands[0] ?? null, null, worked);
  const turned = same.find((one) => one.likeness >= PLAIN && signsDiffer(said, one.stated));
  if (turned !== undefined) return of('unsupported', turned.stated, 'sign');
  if (worked !== null && (same.length === 0 || bound)) {
    const fault = worked.verdict === 'wrong' ? 'arithmetic' : worked.verdict;
    return figure.weak ? null : of('unsupported', worked.operands[0] ?? null, fault, worked);
  }
  const fault = faultOf(said, all);
  if (figure.weak && (fault.stated === null || (all[0]?.likeness ?? 0) < PLAIN)) return null;
  return of('unsupported', fault.stated, fault.fault);
}

/** Whether a stated figure of the same value is what is meant, rather than a neighbour of it or the same by chance. */
function stands(
  said: FigureSaid,
  { stated, likeness: own, named }: Weighed,
  all: readonly Weighed[],
  sense: WordSense,
): boolean {
  const isDay = said.figure.kind === 'date' && /\d-\d\d-\d\d$/.test(said.figure.value);
  // The day that dates a document stands by itself: few words are shared with it, and with no other day more.
  if (isDay && own < LEAST) return all.every((one) => one.same || one.stated.kind !== 'date' || one.likeness <= own);
  if (own < LEAST || signsDiffer(said, stated)) return false;
  const differs = periodsAgree(said.period, stated.period) < 0;
  const rivals = all.filter((one) => !one.same && one.stated.kind === stated.kind);
  if (differs) {
    const other = rivals.find(
      (one) => one.stated.home === stated.home && periodsAgree(said.period, one.stated.period) > 0,
    );
    if (other !== undefined || stated.cell !== null) return false;
  }
  // A row whose whole label is said, of the very period, says more than what is merely like it.
  const called = rivals.find(
    (one) => one.named && one.likeness > own && periodsAgree(said.period, one.stated.period) > 0,
  );
  if (!named && called !== undefined) return false;
  const near = rivals.filter((one) => neighbours(one.stated, stated) && unitsMeet(said.figure.unit, one.stated.quantity.unit)); // prettier-ignore
  if (stated.cell !== null && near.some((one) => one.likeness > own + NEIGHBOUR_MARGIN)) return false;
  const worded = nearLikeness(said, stated, sense);
  if (stated.cell === null && near.some((one) => nearLikeness(said, one.stated, sense) > worded + WORDED_MARGIN)) return false; // prettier-ignore
  // The same day is seldom named by chance.
  if (isDay) return true;
  return own >= PLAIN || rivals.every((one) => one.likeness <= own + FAR_MARGIN);
}

/**
 * Traces every figure of a claim: to a stated one that is of the same thing, period, unit and scale, or to a calculation from stated ones; else it is unsupported,
 * and what is wrong with it is named. Small numbers in words are passed over where nothing speaks against them.
 */
export function traceFigures(text: string, options: TraceOptions): TracedFigure[] {
  const { lead = '' } = options;
  const said = figuresSaid(text, options.language).map((one) => withLead(one, lead, options.language));
  const traced: (TracedFigure | null)[] = said.map(() => null);
  // What needs no calculation first: it is what the others are worked out from.
  const plainFirst = said
    .map((one, at) => ({ one, at, works: operationsSaid(one).length > 0 }))
    .sort((a, b) => Number(a.works) - Number(b.works) || a.at - b.at);
  const behind = new Map<number, StatedFigure>();
  for (const { one, at } of plainFirst) {
    const own = [...behind.entries()].sort(([a], [b]) => a - b).map(([, stated]) => stated);
    const found = traceOne(one, [...(own.length < 2 ? (options.before ?? []) : []), ...own], options);
    traced[at] = found;
    if (found?.verdict === 'quoted' && found.stated !== null) behind.set(at, found.stated);
  }
  return traced.filter((one) => one !== null);
}

/** A sentence that hardly says what it speaks of borrows the words of the one before it. */
function withLead(said: FigureSaid, lead: string, language: Language): FigureSaid {
  if (lead === '' || said.sentence.size > FEW_WORDS) return said;
  const words = new Set([...said.sentence, ...subjectOf(lead, language)]);
  return { ...said, sentence: words, local: said.local.size <= 1 ? words : said.local };
}
