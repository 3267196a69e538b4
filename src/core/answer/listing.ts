import { sectionsUnder, titledSection } from '../source';
import { announces, JAPANESE_ITEM, placeKey, unitsInOrder, unitsOfPassage, type UnitText } from '../search';
import { leadOf, type Evidence } from './evidence';
import type { Question } from './question';

/** Items of a list that are told, and passages it may go on over. */
const MOST_ITEMS = 30;
const PASSAGES = 10;
/** How near a sentence that announces a list must come to the best evidence, and what it must hold of the question, with its heading. */
const LEAD_SCORE = 0.62;
const LEAD_SCORE_HOW = 0.9;
const LEAD_HOLDS = 0.5;
/** How much of a question the heading of a section must hold for all of it to be how something is done. */
const HEADED = 0.5;
const MOST_STEPS = 8;
/** What of the question a lead holds by what stands around it: "It does not apply to:" behind a sentence that says what "it" is. */
const LED_AROUND = 0.6;

const MARK = new RegExp(
  String.raw`^\s*(?:[•◦▪–—*-]\s|\(?(?:[a-z]{1,2}|[ivx]{1,5}|\d{1,3})[.)]\s|\d{1,2}(?:\.\d{1,3})+\s|${JAPANESE_ITEM})`,
  'iu',
);
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
function* behind({ source, hit, unit }: Evidence): Generator<UnitText> {
  let met = false;
  for (const one of unitsInOrder(source, hit.passage, hit.passage + PASSAGES)) {
    if (met) yield one;
    met ||= placeKey(one.unit.spans) === placeKey(unit.spans);
  }
}

/** The items behind a sentence that announces them with a colon, in the order of the source; none where it announces nothing. */
export function itemsAfter(lead: Evidence): UnitText[] {
  if (!announces(lead.text)) return [];
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

/** The sentence that announces the list a question asks for; null where none comes near enough. */
export function listLead(evidence: readonly Evidence[], question: Question): Evidence | null {
  const [best] = evidence;
  if (best === undefined || (question.kind !== 'list' && !asksHow(question.text))) return null;
  const least = question.kind === 'list' ? LEAD_SCORE : LEAD_SCORE_HOW;
  const near = evidence.filter(({ score }) => score >= least * best.score);
  const leads = near.filter(
    (one) =>
      Math.max(one.features.led, one.features.headed, LED_AROUND * one.features.around) >= LEAD_HOLDS &&
      announces(one.text) &&
      itemsAfter(one).length > 1,
  );
  const own = leadOf(unitsOfPassage(best.source, best.hit.passage), best.index);
  return leads.find((one) => one.hit === best.hit && one.index === own) ?? leads[0] ?? null;
}

/** All that stands in the section whose heading says what a question asks how to do; none where no heading does. */
export function stepsAround(best: Evidence, question: Question): UnitText[] {
  if (!asksHow(question.text) || best.features.headed < HEADED) return [];
  const { source, unit } = best;
  const top = titledSection(source.sections, unit.section);
  if (!/\p{L}{3}/u.test(source.sections[top]?.title ?? '')) return [];
  const under = sectionsUnder(source.sections, [top]);
  const first = source.segment.passageSections.findIndex((section) => under.has(section));
  const steps = [...unitsInOrder(source, first - 1, first + PASSAGES)].filter(
    (one) => one.unit.kind === 'sentence' && under.has(one.unit.section),
  );
  return steps.length > MOST_STEPS ? [] : steps;
}
