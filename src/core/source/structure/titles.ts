/** A title without the dots and the page number that a table of contents leads to. */
export function titleOf(rest: string): string {
  return rest
    .replace(/\s+/g, ' ')
    .replace(/\s*(?:[.…]\s?){2,}\d*$/, '')
    .replace(/[\s.…]+$/, '')
    .trim();
}

/** What names a table or a figure stands over that alone, not over what follows it. */
export const CAPTION = /^(?:table|figure|fig\.|chart|tabelle|abbildung|abb\.|図|表)\s*[\dA-Z]+(?:[.-]\d+)*\s*[:.–—-]/i;

/** Words of a sentence, which a title does without. */
export const SPEAKS =
  /\b(?:shall|must|may|means?|includes?|applies|apply|is|are|was|were|will|has|have|had|does|can|should|would|could|ist|sind|wird|muss|kann)\b/i;

/** A line that ends in two figures is a row of a table. */
export const FIGURES = /\s\(?[-−–]?\d[\d,.]*%?\)?\s+\(?[-−–]?\d[\d,.]*%?\)?$/;

/** Words that lean on the next one: a line of running type that ends in one goes on below. */
const LEANING =
  /\b(?:an?|that|which|each|any|every|its|their|than|from|under|if|when|be|not|exceeds?|der|die|das|des|dem|den|und|oder|mit|von|vom|zur?|zum|eine[mnrs]?|für|dass)$/i;

/** True when the words of a line begin with capitals, as those of many English titles do. */
function isCapitalised(text: string): boolean {
  const long = text.match(/\p{L}{4,}/gu) ?? [];
  return long.filter((word) => /^\p{Lu}/u.test(word)).length >= 0.7 * long.length;
}

/** How a step of a manual begins, however short it is: "Press TRANSMIT." */
const IMPERATIVE =
  /^(?:Press|Push|Pull|Open|Close|Turn|Set|Wait|Check|Remove|Insert|Fit|Switch|Select|Enter|Start|Stop|Lift|Lower|Raise|Clean|Wipe|Drain|Fill|Tighten|Loosen|Connect|Disconnect|Replace|Put|Take|Read|Click|Type|Choose|Make|Keep|Hold|Release|Repeat|Install|Save|Move|Mark|Cut|Send|Call|Tell)\s/;
/** How one ends in German. */
const INFINITIVE = /\s\p{Ll}{7,}en\.$/u;

/** A label with what it is filled in with: "Surveyor: Ilse Brandt.", "Anchor: 180 kg." */
const FILLED_IN = /^\p{Lu}[^:.]{1,50}: [^:]+\.$/u;

/** Someone who does something, in few words: "The Inspectorate grants permits." */
const ACTS =
  /^(?:The|An?|Each|Every|No) (?!.*\b(?:of|for|to|in|on|by|and|or|with|from|between|under|at)\b)\p{L}+ \p{Ll}+(?:s|ed) \p{L}[^.]*\.$/u;

/** True for a numbered line in running type that says something or goes on, as no title does, unless it asks. */
export function isSentence(rest: string): boolean {
  if (FILLED_IN.test(rest) || ACTS.test(rest)) return true;
  // "Pilots retire at 65.", "Press TRANSMIT.", „Die Absaugung einschalten.“
  if (rest.endsWith('.') && (IMPERATIVE.test(rest) || INFINITIVE.test(rest))) return true;
  // "The gas should be at 180 degrees. A higher"
  if (rest.length > 30 && /\p{Ll}{3}[.;] \p{Lu}\p{Ll}* ?(?!.*[.:]$)/u.test(rest) && !isCapitalised(rest)) return true;
  const stops = rest.endsWith('.') && !isCapitalised(rest);
  if (stops && (rest.split(' ').length > 4 || /\p{Ll} \d+\.$/u.test(rest))) return true;
  return LEANING.test(rest) || (rest.length > 30 && SPEAKS.test(rest) && !rest.endsWith('?'));
}

/** A title with text behind it on its line: "Nebenkosten. Wasser und Müllabfuhr trägt". */
const TITLE_AND_TEXT = /^\p{Lu}[^.]{2,70}\p{Ll}\.\s+(?=.*\s\p{Ll}{4,}\s)\S+(?:\s+\S+){3}/u;

/** True for a line that may be a title: short, with letters, ending neither in a stop nor in a word that leans on the next. */
export function looksLikeTitle(text: string): boolean {
  if (TITLE_AND_TEXT.test(text)) return false;
  if (text.length < 2 || text.length > 110 || !/\p{L}/u.test(text)) return false;
  if (/[.;,:。]$/.test(text)) return /^[^.;,]{2,60}[.:]$/.test(text) && text.length < 60 && !SPEAKS.test(text);
  return !/\b(?:the|of|and|to|a|in|or|by|with|for)$/i.test(text);
}

/** The title with which a clause begins whose text runs on behind it: "Orders" of "Orders. The Supplier shall …"; null without one. */
export function runInTitle(rest: string): string | null {
  const title = /^([\p{Lu}“"][^.:;]{1,70}?)(?:\.|:|\s?[—–])\s+\S/u.exec(rest)?.[1];
  return title !== undefined && title.split(' ').length <= 10 && !SPEAKS.test(title) ? title : null;
}

/** Letters and figures of a text alone, by which titles are compared. */
export function titleKey(text: string): string {
  return text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
}

/** True for "LIMIT=5", a setting or a formula; a rule of "====" below a title is none, nor what stands in brackets. */
export function isSetting(text: string): boolean {
  return /(?<!=)=(?!=)/.test(text.replace(/\([^)]*\)/g, ''));
}

const LABEL = /^\s*\p{Lu}[^\s.:;!?,]*(?:\s[^\s.:;!?,]+){0,3}:\s*$/u;

/** True for a label on a line by itself that says nothing without what stands below it: "Default value:" over "127.0.0.1". */
export function isLabel(text: string): boolean {
  return LABEL.test(text) && !SPEAKS.test(text);
}

/** Who something is from, which titles nothing: "Reported by Jonathan Marlow". */
const BYLINE =
  /^(?:(?:Reported|Written|Contributed|Prepared|Compiled|Edited|Drawn up|Supplied|Submitted|Presented|Drafted|Translated|Designed|Checked|Approved) (?:and \p{Ll}+ )?by|Courtesy of|Author:)\s\p{L}/u;

/** True for a line that says who something is from. */
export function isByline(text: string): boolean {
  return BYLINE.test(text);
}
