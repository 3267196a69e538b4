import type { Evidence } from './evidence';
import type { Question } from './question';

/** Sentences behind the best, at most, that may say what it only speaks of; before it one may. */
const BEHIND = 2;

const POSSIBLE = String.raw`(?:accepted|allowed|available|permitted|possible|supported|valid)`;
const POSSIBLE_IN_GERMAN = String.raw`(?:einstellbar|erlaubt|gültig|möglich|verfügbar|wählbar|zulässig)`;

/**
 * What is asked of a setting or a choice that the sentence on it leaves to the one beside it, with what tells it there: “You can control the font size. Only 10pt, 11pt
 * and 12pt are possible.”
 */
const BESIDE: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  // What holds while nothing else is set.
  [
    /\bby default\b|\bdefault (?:setting|value)|\bunless\b.*\b(?:changed|otherwise|set|specified)\b|\bif nothing (?:else )?is\b|\b(?:standardmäßig|voreingestellt)(?!\p{L})/iu,
    /\bdefaults?\b|\bpreset\b|(?<!\p{L})(?:standardmäßig|standardwert|voreinstellung|voreingestellt)(?!\p{L})/iu,
  ],
  // Which there are to choose from: a sentence of several that says so.
  [
    new RegExp(
      String.raw`^(?:(?:at|for|in|on|to|with) )?(?:what|which) (?:[\w-]+ ){1,4}?(?:are|can|could|is|may)\b.*\b(?:chosen|offered|selected|set|there|used|${POSSIBLE})\s*\??$|^welche[nrs]? .*(?:ausgewählt|eingestellt|gewählt|unterstützt|${POSSIBLE_IN_GERMAN})(?!\p{L})`,
      'iu',
    ),
    new RegExp(
      String.raw`^(?!.*\b(?:not|nicht|keine?)\b)(?=.*(?:,|\b(?:and|or|und|oder)\b))(?:\W*(?:only )?${POSSIBLE}\b|.*\b(?:are|is)(?: only| also)? ${POSSIBLE}\b|.*\b(?:choices|options|values) are\b|\P{L}*${POSSIBLE_IN_GERMAN}(?!\p{L})|.*(?<!\p{L})(?:ist|sind)(?: nur)? .*${POSSIBLE_IN_GERMAN}(?!\p{L}))`,
      'isu',
    ),
  ],
];

/** The sentence beside the best that says which there are to choose from, or what holds by default, where that is asked and the best does not say it; null elsewhere. */
export function saidBeside(best: Evidence, evidence: readonly Evidence[], { text }: Question): Evidence | null {
  const told = BESIDE.find(([asked]) => asked.test(text.trim()))?.[1];
  if (told === undefined || best.row !== null || told.test(best.text)) return null;
  const beside = evidence.filter(
    ({ hit, index, row, unit }) =>
      hit === best.hit &&
      row === null &&
      unit.kind === 'sentence' &&
      unit.section === best.unit.section &&
      index >= best.index - 1 &&
      index <= best.index + BEHIND,
  );
  return beside.sort((a, b) => b.index - a.index).findLast((one) => told.test(one.text)) ?? null;
}
