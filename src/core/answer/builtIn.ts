import { completed } from './completed';
import { sidesOf } from './conflict';
import { changeOfSides } from './changeBetween';
import { saySides } from './sides';
import { answersOnSubject, trustOf } from './decline';
import type { Evidence } from './evidence';
import { evidenceOf } from './gathered';
import { headlineOf, shorten } from './headline';
import { namesWhatIsAsked, tellingOf, tellsFigure } from './matterTold';
import { NUMBER_KINDS, VALUE_KINDS } from './kinds';
import { itemsAfter, listLead, wayAmong } from './listing';
import { asksSizeOfMove } from './moves';
import type { Question } from './question';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import { asksWhy, reasonAmong } from './reasons';
import { columnAsked } from './rowEvidence';
import { rowsListed } from './rowsListed';
import { saidBeside } from './saidBeside';
import { isOfFigures } from './otherThing';
import { isNear } from './speaksOfElse';
import { isNameOfDocument, isTitle } from './surroundings';
import type { Among } from './trust';
import { lacksTellingWords } from './tellingWords';
import { ofAnotherThing } from './thingMeasured';
import { cellPlace, isCaption, isHeadOfTable } from '../figure';
import type { Sought } from './seek';
import { RUN_IN, type UnitText } from '../search';
import type { AskedSource, DraftClaim, ReaderAnswer } from './types';

export const BUILT_IN = { name: 'built-in reader', version: '1' } as const;

const MOST_CLAIMS = 3;
/** A further claim must come this close to the best. */
const CLOSE = 0.86;

function claimOf(evidence: Evidence, question: Question): DraftClaim {
  const { row, source } = evidence;
  const column = row === null ? null : columnAsked(row, question, source.segment.language);
  const cell = row === null || column === null ? null : cellPlace(row, column);
  return quotedClaim(quoteOf(source, completed(evidence, question), cell));
}

/**
 * The built-in reader: quotes and computes only. Its claims are whole sentences or table rows of the passages, best first, few, and of nowhere but where it was
 * to look; it declines when the best evidence holds too little of the question. `onSubject` when the passages are those of the very clause asked about.
 */
export function answerFrom(sought: Sought, options: { readonly onSubject?: boolean } = {}): ReaderAnswer {
  const told = answerAs(sought, options);
  const { question } = sought;
  if (told.claims.length > 0 || question.kind !== 'percentage' || !asksSizeOfMove(question.text)) return told;
  // "By what percentage did the rent rise?" may be worked out from rents.
  const moved = answerAs({ ...sought, question: { ...question, kind: 'amount' } }, options);
  return moved.calculations.length > 0 ? moved : told;
}

/** The evidence of a search, best first; what of it is able to answer; and what leads, which announces a list or opens a way of doing something where one is asked for. */
interface Leading extends Among {
  readonly listed: Evidence | null;
  readonly way: ReturnType<typeof wayAmong>;
}

/** What leads among the evidence of a search, whether or not it is good enough, not by a way of doing something where `byWay` is false; null where nothing is able to answer. */
export function leadingOf(sought: Sought, byWay = true): Leading | null {
  const { question, sources, place } = sought;
  const evidence = evidenceOf(sought).filter(({ source, unit }) => place === null || place.holds(source, unit));
  const why = asksWhy(question.text);
  const valued = VALUE_KINDS.has(question.kind);
  // What agreements settle is told without the words that it is asked by.
  const passedOver =
    question.matter === null || question.matter.ofThing === true
      ? ofAnotherThing(question, sources[0]?.segment.language ?? 'en')
      : () => false;
  const able = evidence.filter(
    (one) =>
      canAnswer(one) &&
      !isOfFigures(one, question) &&
      (!why || isSaid(one)) &&
      !(valued && (isCaption(one.source.tables, one.unit.spans) || passedOver(one))),
  );
  const first = why
    ? reasonAmong(able, question)
    : (matterAmong(able, question) ?? valuedAmong(able, question) ?? tellingAmong(able, question));
  const listed = listLead(able, question);
  const way = listed === null && byWay ? wayAmong(able, question) : null;
  const leading = listed ?? way?.under ?? (first === undefined ? undefined : exactRow(first, able)) ?? first;
  return leading === undefined ? null : { evidence, able, leading, listed, way };
}

function answerAs(sought: Sought, { onSubject = false }: { readonly onSubject?: boolean }, byWay = true): ReaderAnswer {
  const { question, sources } = sought;
  const led = leadingOf(sought, byWay);
  if (led === null) return { ...EMPTY, missing: [question.text] };
  const { evidence, able, leading, way } = led;
  const valued = VALUE_KINDS.has(question.kind);
  const rows = rowsListed(leading, able, question);
  if (rows.length > 0) return { ...EMPTY, headline: shorten(rows.map(({ label }) => label).join('; ')), claims: quotedOf(leading.source, rows) }; // prettier-ignore
  const best = onSubject ? (answersOnSubject(leading, question) ? leading : null) : trusted(led, question, sources);
  // A heading that says the way is none where what it stands over is not trusted: a sentence may say it.
  if (best === null && way !== null) return answerAs(sought, { onSubject }, false);
  if (best === null) return { ...EMPTY, missing: [question.text] };
  if (way !== null) return { ...EMPTY, headline: shorten(best.text), claims: quotedOf(best.source, way.steps) };
  const items = valued && best.features.kind > 0 ? [] : itemsAfter(best);
  const lead = valueNextTo(best, evidence, question) ?? saidBeside(best, evidence, question);
  const further = able.filter(
    (one) => one !== best && one !== lead && one.score >= CLOSE * best.score && one.text !== best.text,
  );
  const saying = lead ?? best;
  const own = {
    source: saying.source,
    said: headlineOf(saying, question),
    claim: claimOf(saying, question),
    amends: false,
  };
  const sides = items.length > 0 ? [own] : sidesOf(own, saying, led, sources, question);
  if (sides.length > 1) {
    const moved = changeOfSides(sides, question);
    if (moved !== null) return moved;
    const lines = saySides(sides);
    return {
      ...EMPTY,
      headline: lines.join('; '),
      lines,
      claims: sides.map((side) => side.claim),
      conflicts: [sides.map((_, at) => at)],
    };
  }
  const [only = own] = sides;
  if (only !== own) return { ...EMPTY, headline: only.said, claims: [only.claim] };
  if (items.length > 0) return { ...EMPTY, headline: own.said, claims: [own.claim, ...quotedOf(best.source, items)] };
  const chosen = (lead === null ? [best, ...further] : [lead, best, ...further]).slice(0, MOST_CLAIMS);
  return { ...EMPTY, headline: own.said, claims: chosen.map((one) => claimOf(one, question)) };
}

function quotedOf(source: AskedSource, units: readonly UnitText[]): DraftClaim[] {
  return units.map((one) => quotedClaim(quoteOf(source, one)));
}

/** Words from which on a line is a sentence rather than a label. */
const SENTENCE_WORDS = 6;

/** The same in characters of a text that has no spaces between words. */
const SENTENCE_CHARACTERS = 12;

function isSaid({ row, text, source }: Evidence): boolean {
  if (row !== null) return false;
  return source.segment.language === 'ja'
    ? text.length >= SENTENCE_CHARACTERS
    : text.split(/\s+/).length >= SENTENCE_WORDS;
}

/** How near evidence with the value asked for must come to the best, which has none; and what it must hold of the question, with what is around it. */
const VALUED_SCORE = 0.75;
const VALUED_HOLDS = 0.5;
/** The same where nothing but a figure answers: the best without one is no rival. */
const FIGURE_SCORE = 0.5;

/** What the best with a value may hold of the question at most, by itself, with its heading and its lead, to give way to one that holds this much, and comes this near. */
const HOLDS_LITTLE = 0.25;
const HOLDS_MUCH = 0.45;
const NEARLY = 0.8;

/** The first that tells a value too, comes near the best and holds the question, where the best holds next to nothing of it; undefined elsewhere. */
function heldBetter(best: Evidence, able: readonly Evidence[]): Evidence | undefined {
  const held = ({ features }: Evidence): number => Math.max(features.led, features.headed, features.label);
  if (held(best) > HOLDS_LITTLE) return undefined;
  return able.find(
    (one) => one.features.kind >= best.features.kind && one.score >= NEARLY * best.score && held(one) >= HOLDS_MUCH,
  );
}

/** Where the best evidence lacks the value asked for, the first that has one and comes near; where it has one but holds little, the first that holds much; undefined where the best is to be told. */
function valuedAmong(able: readonly Evidence[], { kind }: Question): Evidence | undefined {
  const [best] = able;
  if (best === undefined || !VALUE_KINDS.has(kind)) return undefined;
  const tells = ({ features }: Evidence): boolean => (NUMBER_KINDS.has(kind) ? features.kind >= 1 : features.kind > 0);
  if (tells(best)) return heldBetter(best, able);
  if (NUMBER_KINDS.has(kind))
    return able.find(
      (one) => tells(one) && one.score >= FIGURE_SCORE * best.score && (one.row !== null || isNear(one)),
    );
  return able.find(
    (one) =>
      tells(one) &&
      one.score >= VALUED_SCORE * best.score &&
      Math.max(one.features.led, one.features.around) >= VALUED_HOLDS,
  );
}

/** How many of the first are looked at beside what leads. */
const LOOKED_AT = 9;

/** What may be told: what leads and the first others; by itself what announces a list, opens a way of doing something or tells the matter that is asked for. */
export function candidatesOf({ able, leading, listed, way }: Leading, question: Question): readonly Evidence[] {
  return listed !== null || way !== null || tellsMatter(leading, question)
    ? [leading]
    : [...new Set([leading, ...able.slice(0, LOOKED_AT)])];
}

/** By how much more others must be trusted than what leads, where that is trusted. */
const MORE_THAN_LEADING = 0.8;

/** What of the first evidence is trusted most; null where none is trusted enough. A reason is told where it, or what it is the reason of, is trusted. */
function trusted(led: Leading, question: Question, sources: readonly AskedSource[]): Evidence | null {
  const weighed = candidatesOf(led, question).map((one) => ({ one, trust: trustOf(one, led, question, sources) }));
  const rank = ({ one, trust }: (typeof weighed)[number]): number =>
    trust + (one === led.leading && trust >= 0 ? MORE_THAN_LEADING : 0);
  const best = weighed.reduce((most, next) => (rank(next) > rank(most) ? next : most));
  if (best.trust < 0) return null;
  return asksWhy(question.text) ? led.leading : best.one;
}

/** How near what tells the matter asked for must come to the best, which does not. */
const MATTER_SCORE = 0.6;

/** True where the matter that is asked for is told of what is asked about. */
function tellsMatter(one: Evidence, question: Question): boolean {
  return question.matter !== null && tellingOf(question.matter, one) === 'itself' && namesWhatIsAsked(question, one);
}

/** True where it is told with the sentence before: "… a recording thermometer. Its data are kept for 18 months." */
function tellsMatterAfter(one: Evidence, question: Question): boolean {
  return question.matter !== null && tellingOf(question.matter, one) === 'with the one before' && namesWhatIsAsked(question, one); // prettier-ignore
}

/** What opens a sentence that holds in some case only, and what asks for such a case. */
const OPENS_CONDITION =
  /^\s*(?:\(?[\w.]{1,5}[.)]?\s)?(?:If|Where|Should|When|In case|Wenn|Falls|Sofern|Kommt|Fällt|Ist|Wird|Hat|Verletzt|Gerät|Verstößt|Bei)\s/u;
const CONDITIONAL =
  /\b(?:if|in case|when|after|where|wenn|falls|bei|nach)\s(?!must\b|does\b|is\b|are\b|can\b|may\b)\p{L}/iu;

/** What tells the matter that is asked for, with the value where one is asked; undefined where nothing near the best does. */
function matterAmong(able: readonly Evidence[], question: Question): Evidence | undefined {
  const [best] = able;
  const { kind, matter } = question;
  if (best === undefined || matter === null) return undefined;
  const telling = able.filter((one) => one.score >= MATTER_SCORE * best.score && tellsMatter(one, question));
  // Who holds an office is told by a name.
  if (kind === 'party') return telling.find(({ features }) => features.kind > 1) ?? telling[0];
  if (!VALUE_KINDS.has(kind)) return telling[0];
  // What ends an agreement otherwise than at its end is asked for by a condition.
  const plain = CONDITIONAL.test(question.text) ? telling : telling.filter(({ text }) => !OPENS_CONDITION.test(text));
  const near = able.filter((one) => one.score >= MATTER_SCORE * best.score && tellsMatterAfter(one, question));
  return (
    plain.find(({ features }) => features.kind >= 1) ??
    telling.find(({ features }) => features.kind >= 1) ??
    near.find(({ features }) => features.kind >= 1) ??
    telling.find(({ features }) => features.kind > 0) ??
    telling.find((one) => tellsFigure(one, kind)) ??
    (kind === 'date' ? telling[0] : undefined)
  );
}

/** How near what only certain words tell must come to the best sentence, which has none of them. */
const TELLING_SCORE = 0.7;
const TELLING_HOLDS = 0.5;

/** The best, or where it lacks the words that alone tell what is asked, the first that has them and comes near; undefined where there is none at all. */
function tellingAmong(able: readonly Evidence[], { text }: Question): Evidence | undefined {
  const [best] = able;
  if (best === undefined || best.row !== null || !lacksTellingWords(text, best.text)) return best;
  const telling = able.find(
    (one) =>
      one.row === null &&
      one.score >= TELLING_SCORE * best.score &&
      one.features.led >= TELLING_HOLDS &&
      !lacksTellingWords(text, one.text),
  );
  return telling ?? best;
}

/** How far below the best a row may score whose label is just what is asked. */
const ROW_SCORE = 0.72;

/** A table's row whose label, with its heads, is just what is asked, of the period asked: it says the value better than a sentence that speaks of it too. */
function exactRow(best: Evidence, evidence: readonly Evidence[]): Evidence | undefined {
  if (best.row !== null) return undefined;
  return evidence.find(
    (one) =>
      one.row !== null && one.features.label > 0.95 && one.features.period > 0.9 && one.score >= ROW_SCORE * best.score,
  );
}

/** True for the heads of a table's columns by themselves; a sentence beside columns of text is none. */
function isHead({ source, unit, text }: Evidence): boolean {
  return !/[.;!?。]\s*$/.test(text) && isHeadOfTable(source.tables, unit.spans);
}

function canAnswer(one: Evidence): boolean {
  if (one.row === null && !/\p{L}{2}/u.test(one.text)) return false;
  if (one.row === null && (isTitle(one.source, one.text) || isHead(one))) return false;
  const [span] = one.unit.spans;
  if (one.row === null && span !== undefined && isNameOfDocument(one.source, one.text, span)) return false;
  return one.unit.kind !== 'contents' && one.unit.kind !== 'heading' && !RUN_IN.test(one.text);
}

/** The sentence next to the best that says the value which the best only speaks of ("… in July 2004. This was the final release."); null when the best says it itself. */
function valueNextTo(best: Evidence, evidence: readonly Evidence[], question: Question): Evidence | null {
  if (!VALUE_KINDS.has(question.kind) || best.features.kind > 0) return null;
  const next = evidence.filter(
    (one) => one.hit === best.hit && Math.abs(one.index - best.index) === 1 && one.features.kind > 0 && canAnswer(one),
  );
  return next.find((one) => one.index < best.index) ?? next[0] ?? null;
}
