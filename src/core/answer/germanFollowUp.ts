import { capital, unmarked, YEAR, yearOf, type Before } from './followUpShared';

const LEAD =
  /^(?:(?:und|aber|oder)\b[\s,]*(?:(?:wie|was) (?:ist|sind|war|waren|steht) (?:es |das )?(?:mit|bei)\b[\s,]*)?|was (?:ist|sind) mit\b)[\s,]*/iu;
const YEAR_BEFORE =
  /(?:im )?(?:jahr (?:davor|zuvor|vorher)|vorjahr|vorigen jahr|vorangegangenen jahr|ein jahr (?:davor|zuvor|früher))(?!\p{L})/iu;
const YEAR_AFTER = /(?:im )?(?:jahr (?:danach|darauf)|folgejahr|nächsten jahr|ein jahr (?:danach|später))(?!\p{L})/iu;
const PRONOUN = /(?<!\p{L})(?:[Dd]as|[Dd]ies(?:e[rsmn]?)?|es|er|sie|ihn)(?=$|[\s,]+(?!\p{Lu}))/u;
/** "Does that apply to tenants too?": all that was asked is meant. */
const WHOLE = /^(?:gilt|gelten|stimmt|trifft) (?:das|dies)(?!\p{L})/iu;
/** "Who is liable for it?": what is meant stands behind the question. */
const ADVERB = /(?<!\p{L})(?:davon|dafür|darüber|damit|dazu|daraus|dabei|daran|dagegen|deren|dessen)(?!\p{L})/iu;
const PREPOSITION =
  /^(?:für|von|vom|in|im|bei|beim|an|am|aus|nach|mit|ohne|unter|zu|zum|zur|auf|gegen|zwischen)(?!\p{L})/iu;
const ELLIPTIC =
  /^wie ?(?:viele?|lange?|hoch|oft)\s+(?<where>(?:für|von|vom|in|im|bei|beim|an|am|nach|mit|ohne|zum|zur|auf)\s(?:\S+\s?){1,4})$/iu;
const ASKING =
  /^(?:wer|wem|wen|wessen|was|wann|wo\p{Ll}*|wie|warum|weshalb|wieso|welche[rsmn]?|bis wann|seit wann|ab wann|ist|sind|war|waren|gilt|gelten|darf|dürfen|kann|können|muss|müssen|soll|hat|haben|gibt|wird|werden)(?!\p{L})/iu;
const NOUNS = String.raw`(?:(?:der|die|das|den|dem|des|ein|eine[rmns]?|jede[rmns]?)\s)?(?:\p{Ll}+e[rmns]?\s)*\p{Lu}[\p{L}-]+(?:\s(?:des|der|von|vom|und)\s(?:\p{Ll}+e[rmns]?\s)?\p{Lu}[\p{L}-]+)*`;
/** Question shapes whose noun is the thing asked about, by what stands before it. */
const THING = new RegExp(
  String.raw`^(?:(?:bis|seit|ab|in|an|zu|für|von)\s)?(?:wie\s\p{L}+|wer|wen|wem|was|wann|wo\p{Ll}*|warum|welche[rsmn]?)\s(?:(?:\p{Ll}+)\s){0,2}?(?<thing>${NOUNS})|^\p{Ll}+\s(?<subject>${NOUNS})`,
  'u',
);

/** The thing that a German question is about, with its article; null when its shape is not known. */
function thingAsked(question: string): string | null {
  const plain = unmarked(question).replace(LEAD, '');
  const groups = THING.exec(plain.charAt(0).toLowerCase() + plain.slice(1))?.groups;
  return groups?.['thing'] ?? groups?.['subject'] ?? null;
}

/** The question of another year: its year replaced, or the year added at its end. */
function inYear(question: string, year: number): string {
  const plain = unmarked(question);
  return plain.search(YEAR) >= 0 ? `${plain.replace(YEAR, String(year))}?` : `${plain} im Jahr ${year}?`;
}

/** "und für Sonderreinigungen?" after "Wie hoch ist die Vergütung?": the same question with another part. */
function withPart(before: string, part: string): string {
  const plain = unmarked(before);
  const preposition = PREPOSITION.exec(part)?.[0];
  if (preposition !== undefined) {
    const at = plain.toLowerCase().lastIndexOf(` ${preposition.toLowerCase()} `);
    return `${at > 0 ? plain.slice(0, at) : plain} ${part}?`;
  }
  const thing = thingAsked(plain);
  return thing !== null && new RegExp(`^${NOUNS}`, 'u').test(part)
    ? `${plain.replace(thing, part)}?`
    : `${plain}: ${part}?`;
}

/** A German follow-up made whole: "Und im Jahr davor?", "Wer zahlt das?", "Und für Kinder?"; one that stands by itself comes back as it is. */
export function completeGerman(question: string, before: Before): string {
  const plain = unmarked(question);
  const part = plain.replace(LEAD, '').trim();
  const year = yearOf(before);
  for (const [pattern, step] of [
    [YEAR_BEFORE, -1],
    [YEAR_AFTER, 1],
  ] as const) {
    if (!pattern.test(part)) continue;
    const rest = part.replace(pattern, '').trim();
    if (year === null) return rest === '' ? `${unmarked(before.question)} ${part}?` : question.trim();
    return inYear(rest.split(/\s+/).filter(Boolean).length > 2 ? rest : before.question, year + step);
  }
  const leads = LEAD.test(plain);
  const named = part.match(YEAR);
  if (
    named !== null &&
    part
      .replace(YEAR, '')
      .replace(/(?<!\p{L})(?:im|in|jahr|für|das|ende|geschäftsjahr)(?!\p{L})/giu, '')
      .trim() === ''
  )
    return inYear(before.question, Number(named[0]));
  const thing = thingAsked(before.question);
  const stands = thing ?? unmarked(before.question);
  if (ADVERB.test(part) && part.split(/\s+/).length <= 6) return `${capital(part)} (${stands})?`;
  if (WHOLE.test(part)) return `${capital(part)} (${unmarked(before.question)})?`;
  if (PRONOUN.test(part))
    return thing === null ? `${capital(part)} (${stands})?` : `${capital(part.replace(PRONOUN, thing))}?`;
  // "Und wie viel an Sonntagen?" asks for the same quantity.
  const elsewhere = ELLIPTIC.exec(part)?.groups?.['where'];
  if (leads && elsewhere !== undefined) return withPart(before.question, elsewhere);
  if (leads && !ASKING.test(part)) return withPart(before.question, part);
  if (part.split(/\s+/).length <= 2) return `${capital(part)}: ${stands}?`;
  return leads ? `${capital(part)}?` : question.trim();
}
