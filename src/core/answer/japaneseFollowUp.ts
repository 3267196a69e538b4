import { unmarked, YEAR, yearOf, type Before } from './followUpShared';

const LEAD = /^(?:では|それでは|じゃあ|それなら|また|そして|ちなみに)、?/;
const YEAR_BEFORE = /(?:その)?(?:前の年|前年度?|一年前|1年前|昨年度?)/;
const YEAR_AFTER = /(?:その)?(?:次の年|翌年度?|一年後|1年後)/;
const ASKING = /何|いつ|どこ|だれ|誰|いくら|どの|どれ|どう|なぜ|どんな|いくつ|ますか|ですか|ませんか|るか$/;
const PRONOUN = /(?:それら?|これら?)(?=[はがをにのも])|^(?:その|この)/;

/** What a Japanese question is about: what stands before its first は or が. */
function topicOf(question: string): string | null {
  return (
    /^(?<topic>[^はがを、]{1,40}?)(?:には|では|は|が)/.exec(unmarked(question).replace(LEAD, ''))?.groups?.['topic'] ??
    null
  );
}

function inYear(question: string, year: number): string {
  const plain = unmarked(question);
  return plain.search(YEAR) >= 0 ? `${plain.replace(YEAR, String(year))}。` : `${year}年の${plain}。`;
}

/** A Japanese follow-up made whole: 「前年は？」「保証金は？」「それは誰が払いますか。」; one that stands by itself comes back as it is. */
export function completeJapanese(question: string, before: Before): string {
  const part = unmarked(question).replace(LEAD, '');
  const year = yearOf(before);
  const named = part.match(YEAR);
  const step = YEAR_BEFORE.test(part) ? -1 : YEAR_AFTER.test(part) ? 1 : 0;
  if (!ASKING.test(part)) {
    if (step !== 0 && year !== null) return inYear(before.question, year + step);
    if (named !== null && /^\d{4}年度?(?:の場合)?(?:は|では|には)?$/.test(part))
      return inYear(before.question, Number(named[0]));
  }
  const topic = topicOf(before.question);
  if (topic === null) return question.trim();
  // 「保証金は？」 asks the same of another thing.
  const other = /^(?<thing>.{1,40}?)(?:については|の場合は|には|は|も)$/.exec(part)?.groups?.['thing'];
  if (other !== undefined && !ASKING.test(part)) return `${unmarked(before.question).replace(topic, other)}。`;
  if (PRONOUN.test(part))
    return `${part.replace(PRONOUN, (said) => (/^[そこ]の/.test(said) ? `${topic}の` : topic))}。`;
  return topicOf(part) === null && part.length <= 20 ? `${topic}は${part}。` : question.trim();
}
