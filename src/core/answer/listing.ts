import { sectionsUnder, titledSection } from '../source';
import {
  announces,
  announcesBefore,
  JAPANESE_ITEM,
  placeKey,
  unitsInOrder,
  unitsOfPassage,
  type UnitText,
} from '../search';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { leadOf } from './surroundings';

/** Items of a list that are told, and passages it may go on over. */
const MOST_ITEMS = 30;
const PASSAGES = 10;
/** How near a sentence that announces a list must come to the best evidence, and what it must hold of the question, with its heading. */
const LEAD_SCORE = 0.62;
const LEAD_SCORE_HOW = 0.9;
const LEAD_HOLDS = 0.5;
/** What it must hold against a sentence that is the best evidence and lists all by itself. */
const AS_MUCH = 0.85;
/** How much of a question the heading of a section must hold for all of it to be how something is done. */
const HEADED = 0.5;
const MOST_STEPS = 12;
/** How near a sentence under such a heading must come to the best evidence. */
const WAY_SCORE = 0.6;
/** What of the question a lead holds by what stands around it: "It does not apply to:" behind a sentence that says what "it" is. */
const LED_AROUND = 0.6;

const MARK = new RegExp(
  String.raw`^\s*(?:[•◦▪–—*-]\s|\(?(?:[a-z]{1,2}|[ivx]{1,5}|\d{1,3})[.)]\s|\d{1,2}(?:\.\d{1,3})+\s|${JAPANESE_ITEM})`,
  'iu',
);
/** A lead whose items say when something happens, not how it is done. */
const UNDER_CONDITION = /\b(?:if|when|where|unless|wenn|falls|sofern)\s*:?\s*$/i;
/** A lead whose items show how something is done or looks, and are none of several things. */
const SHOWS_HOW =
  /\b(?:in (?:the following|this) (?:form|manner|way)|like (?:so|this)|(?:following|for) example|e\.g\.)\s*:?\s*$/i;
const DECIMAL = /^\s*\d{1,3}(?:\.\d{1,3})+\s/;
const HOW =
  /^(?:how (?:do|does|did|can|could|may|must|shall|should|is|are|to)\b|(?:what|which) steps\b|what is the procedure\b|wie (?:wird|werden|kann|können|muss|beantrag\w*)\b)/i;
/** Other things that "how" asks for than a way of doing something. */
const NO_WAY = /^how (?:is|are) .{1,60} (?:defined|called|named|composed|made up)\b/i;

/** True for a question that asks for the way something is done. */
export function asksHow(text: string): boolean {
  return HOW.test(text.trim()) && !NO_WAY.test(text.trim());
}

/** What stands behind a unit, in the order of the document, over a few passages. */
function* behind({ source, hit, unit }: Evidence): Generator<UnitText, undefined> {
  let met = false;
  for (const one of unitsInOrder(source, hit.passage, hit.passage + PASSAGES)) {
    if (met) yield one;
    met ||= placeKey(one.unit.spans) === placeKey(unit.spans);
  }
  return undefined;
}

/** The items behind a sentence that announces them, in the order of the source; none where it announces nothing. */
export function itemsAfter(lead: Evidence): UnitText[] {
  if (!announcesBefore(lead.text, behind(lead).next().value?.text)) return [];
  const under = lead.unit.section < 0 ? null : sectionsUnder(lead.source.sections, [lead.unit.section]);
  const items: UnitText[] = [];
  let open = true;
  for (const one of behind(lead)) {
    const below = under === null || under.has(one.unit.section);
    if (one.unit.kind === 'heading' || !below || items.length === MOST_ITEMS) break;
    // The next clause of the same depth is no item of this one.
    if (DECIMAL.test(lead.text) && DECIMAL.test(one.text)) break;
    if (one.unit.kind === 'note') continue;
    if (!open && !MARK.test(one.text)) break;
    items.push(one);
    open = /(?:[;,]|[;,]?\s(?:and|or|und|oder))\s*$/i.test(one.text) || !/[.;!?。]\s*$/.test(one.text);
  }
  return items;
}

/** True for a sentence of several things: "the name, the address and the site". */
function enumerates(text: string): boolean {
  return (text.match(/,\s|\s(?:and|or|und|oder|sowie)\s/gi) ?? []).length > 1;
}

/** The sentence that announces the list a question asks for; null where none comes near enough. */
export function listLead(evidence: readonly Evidence[], question: Question): Evidence | null {
  const [best] = evidence;
  if (best === undefined || (question.kind !== 'list' && !asksHow(question.text))) return null;
  const least = question.kind === 'list' ? LEAD_SCORE : LEAD_SCORE_HOW;
  const holds = ({ features }: Evidence): number =>
    Math.max(features.led, features.headed, LED_AROUND * features.around);
  const wanted = enumerates(best.text) ? Math.max(LEAD_HOLDS, AS_MUCH * best.features.led) : LEAD_HOLDS;
  const near = evidence.filter(({ score }) => score >= least * best.score);
  const fits = ({ text }: Evidence): boolean =>
    question.kind === 'list' ? !SHOWS_HOW.test(text) : announces(text) && !UNDER_CONDITION.test(text);
  const leads = near.filter((one) => holds(one) >= wanted && fits(one) && itemsAfter(one).length > 1);
  const own = leadOf(unitsOfPassage(best.source, best.hit.passage), best.index);
  return leads.find((one) => one.hit === best.hit && one.index === own) ?? leads[0] ?? null;
}

/** All that stands in the titled section of a sentence, in the order of the document; none where that is long, or has no title. */
function stepsOf({ source, unit }: Evidence): UnitText[] {
  const top = titledSection(source.sections, unit.section);
  if (!/\p{L}{3}/u.test(source.sections[top]?.title ?? '')) return [];
  const under = sectionsUnder(source.sections, [top]);
  const first = source.segment.passageSections.findIndex((section) => under.has(section));
  const steps = [...unitsInOrder(source, first - 1, first + PASSAGES)].filter(
    (one) => one.unit.kind === 'sentence' && under.has(one.unit.section),
  );
  return steps.length > MOST_STEPS ? [] : steps;
}

/** A way of doing something: the steps of the section whose heading says it, and the best of them. */
export interface Way {
  readonly under: Evidence;
  readonly steps: readonly UnitText[];
}

/** The way that a question asks how to do something: of the sections near the best evidence the one whose heading and sentences hold most of the question; null where no heading does. */
export function wayAmong(able: readonly Evidence[], question: Question): Way | null {
  const [best] = able;
  if (best === undefined || !asksHow(question.text)) return null;
  const worth = ({ score, features }: Evidence): number => features.headed + score / best.score;
  const headed = able
    .filter(({ row, score, features }) => row === null && features.headed >= HEADED && score >= WAY_SCORE * best.score)
    .sort((a, b) => worth(b) - worth(a));
  for (const under of headed) {
    const steps = stepsOf(under);
    if (steps.length > 1) return { under, steps };
  }
  return null;
}
