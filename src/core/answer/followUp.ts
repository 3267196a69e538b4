import { likeliestLanguage } from '../text';
import { capital, unmarked, YEAR, yearOf, type Before } from './followUpShared';
import { completeGerman } from './germanFollowUp';
import { completeJapanese } from './japaneseFollowUp';

export type { Before } from './followUpShared';

const LEAD = /^(?:(?:and|but|und)\b[\s,]*(?:(?:what|how) about\b[\s,]*)?|(?:what|how) about\b[\s,]*)/i;
const PRONOUN = /\b(?:it|that|this|they|them|those|these|its|their|he|she|his|her|him)\b/i;
const DETERMINED =
  /\b(?:that|this|those|these)\s+(?!(?:is|are|was|were|be|been|has|have|had|do|does|did|shall|will|may|must|can|apply|applies|and|or|in|on|at|to|for|of|by|from|with|end|ends|begin|begins|mean|means|cost|costs|change|changes)\b)\p{L}/iu;
const POSSESSIVE = /\b(?:its|their|his|her)\b/i;
const YEAR_BEFORE =
  /\b(?:the |in the )?(?:(?:year|one) before(?: that)?|previous year|prior year|preceding year)\b|\blast year\b/i;
const YEAR_AFTER = /\b(?:the |in the )?(?:year after(?: that)?|(?:next|following) year)\b/i;

/** "Was that more than the year before?": a comparison needs all that was asked before it. */
const COMPARES =
  /^how (?:does|did|do) (?:it|that|this|they|these|those) compare\b|^(?:is|are|was|were|did|has|have)\s+(?:it|that|this|they|these|those)\b.*\b(?:more|less|fewer|higher|lower|greater|smaller|larger|better|worse|up|down|ris\w+|fall\w*|grow\w*|grew|increas\w+|decreas\w+|chang\w+)\b/i;

/** What the verb says of the thing stands behind it: "How long is the certificate valid". */
const DESCRIBED =
  /(?<=^(?:the|an?|its|each|every|any)\s\S.*)\s(?:valid|open|closed|available|free|due|payable|liable|ready|effective|covered|allowed|[\p{L}]{3,}ed|kept|held|paid|made|given|taken|sent|sold|built)$/iu;

/** Question shapes whose rest is the thing asked about. */
const SUBJECTS: readonly RegExp[] = [
  /^(?:how (?:much|many|long|high|large|often|big|wide|deep|heavy|old|tall|fast|far|thick|small|loud)|what|when|where|who|which|why|how)\s+(?:is|are|was|were|will be)\s+(?<thing>(?:the|an?|its|each|every|any)\s.+?)$/i,
  /^(?:is|are|was|were)\s+(?<thing>(?:the|an?)\s.+?)\s+(?:allowed|permitted|required|obliged|liable|due|payable|subject|included|[\p{L}]+ed)\b.*$/iu,
  /^(?:how (?:much|long|often)|when|where|why|how|what)\s+(?:does|do|did|can|may|must|shall|should|will)\s+(?<thing>(?:the|an?|each|every)\s.+?)\s+(?:pay|owe|end|begin|start|expire|hold|have|cost|apply|receive|give|keep|do|make|provide|carry|take|last|run|terminate|commence|amount|report|say|state|fall|mature|become|renew|lapse|stand|bear|change|vary|reach|rise|grow|return|open|close|sign|weigh|measure|require|need|belong|remain|stay|come|go|take|get|leave|move|serve|work|operate|employ|own|use|sell|buy|charge|protect|cover)\b.*$/i,
  /^(?:what|which|how many|how much)\s+[\p{L}][\p{L} -]{1,40}?\s+(?:must|shall|may|does|do|did|can|will|should)\s+(?<thing>(?:the|an?|each|every)\s[\p{L}’'-]+(?:\s[\p{L}’'-]+)??)\s+\p{L}+\b.*$/iu,
  /^(?:does|do|did|can|may|must|shall|should|will)\s+(?<thing>(?:the|an?|each|every)\s[\p{L}\p{N}’' -]{2,40}?)\s+(?:pay|owe|end|begin|start|have|apply|cover|include|allow|need|provide|[\p{L}]+)\b.*$/iu,
  /^(?:what|which|how many|how much)\s+(?<thing>[\p{L}][\p{L}\p{N}’' -]{2,60}?)\s+(?:is|are|was|were|does|do|did|has|have|had|can|may|must|shall|should|will)\b.*$/iu,
];

/** The thing a question is about, as a noun phrase with its article; null when its shape is not known. */
export function thingAsked(question: string): string | null {
  const plain = question
    .trim()
    .replace(/[?.!\s]+$/, '')
    .replace(LEAD, '');
  for (const shape of SUBJECTS) {
    const thing = shape.exec(plain)?.groups?.['thing'];
    if (thing === undefined) continue;
    return thing
      .replace(DESCRIBED, '')
      .replace(/\s+(?:in|for|at|during)\s+(?:the (?:year|quarter|first|second|third|fourth).*|(?:19|20)\d\d.*)$/i, '')
      .trim();
  }
  return null;
}

/** The question of another year: its years replaced, or the year added at its end. */
function inYear(question: string, year: number): string {
  const plain = unmarked(question);
  return plain.search(YEAR) >= 0 ? `${plain.replace(YEAR, String(year))}?` : `${plain} in ${year}?`;
}

/** "and for the harbour?" after "How much is the fee for the crossing?": the same question with another part. */
function withPart(before: string, part: string): string {
  const plain = unmarked(before);
  const preposition = /^(?<word>for|of|in|by|at|from|to|under|on|with|during|between)\s/i.exec(part)?.groups?.['word'];
  if (preposition !== undefined) {
    const at = plain.toLowerCase().lastIndexOf(` ${preposition.toLowerCase()} `);
    return `${at > 0 ? plain.slice(0, at) : plain} ${part}?`;
  }
  const thing = thingAsked(plain);
  if (thing !== null && /^(?:the|an?|each|every|its)\s|^\p{Lu}/u.test(part) && plain.includes(thing)) {
    // "the rent of berth nine" with "the deposit": what follows "of" stays.
    const rest = / (?:of|for|under) .+$/.exec(thing)?.[0] ?? '';
    const replaced = / (?:of|for|under) /.test(part) ? part : `${part}${rest}`;
    return `${plain.replace(thing, replaced)}?`;
  }
  return `${plain}: ${part}?`;
}

/**
 * A follow-up made whole from the slip it is asked on: "and the year before?", "who pays that?". A question that stands by itself comes back
 * as it is. Deterministic, by the shapes of questions; what it made is shown and can be edited.
 */
export function completeQuestion(question: string, before: Before): string {
  const language = likeliestLanguage(before.question, ['en', 'de', 'ja']);
  if (language === 'de') return completeGerman(question, before);
  if (language === 'ja') return completeJapanese(question, before);
  const given = question.trim();
  const plain = given.replace(/[?\s]+$/, '');
  const part = plain.replace(LEAD, '').trim();
  if (COMPARES.test(part)) return `${unmarked(before.question)}: ${part.charAt(0).toLowerCase()}${part.slice(1)}?`;
  const year = yearOf(before);
  for (const [pattern, step] of [
    [YEAR_BEFORE, -1],
    [YEAR_AFTER, 1],
  ] as const) {
    if (!pattern.test(plain)) continue;
    const rest = part
      .replace(pattern, '')
      .replace(/^(?:in|for|of)\b|\b(?:in|for|of)$/i, '')
      .trim();
    if (year === null)
      return rest === ''
        ? `${unmarked(before.question)} in ${step < 0 ? 'the year before' : 'the year after'}?`
        : given;
    return rest.split(/\s+/).filter(Boolean).length > 2
      ? inYear(rest, year + step)
      : inYear(before.question, year + step);
  }
  const leads = LEAD.test(plain);
  const years = part.match(YEAR);
  if (
    leads &&
    years !== null &&
    part
      .replace(YEAR, '')
      .replace(/\b(?:in|for|of|the|year|fiscal|financial)\b/gi, '')
      .trim() === ''
  )
    return inYear(before.question, Number(years[0]));
  // A person or a vessel is meant by name, where one is named.
  const named = /\b(?:she|he|her|his|him)\b/i.test(part)
    ? /(?<!^)\b\p{Lu}\p{L}{2,}(?:\s\p{Lu}\p{L}+)*/u.exec(before.question)?.[0]
    : undefined;
  const thing = named ?? thingAsked(before.question);
  if (PRONOUN.test(part) && !DETERMINED.test(part)) {
    const stands = thing ?? unmarked(before.question);
    if (thing === null) return `${capital(part)} (${stands})?`;
    return `${capital(POSSESSIVE.test(part) ? part.replace(POSSESSIVE, `${stands}’s`) : part.replace(PRONOUN, stands))}?`;
  }
  if (
    leads &&
    !/^(?:who|what|when|where|why|how|which|is|are|does|do|did|can|may|must|shall|will|was|were)\b/i.test(part)
  )
    return withPart(before.question, part);
  // "why?", "since when?", "who says so?": too little to search for.
  if (part.split(/\s+/).length <= 2) return `${capital(part)}: ${thing ?? unmarked(before.question)}?`;
  return leads ? `${capital(part)}?` : given;
}
