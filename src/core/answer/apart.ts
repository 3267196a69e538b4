import { bareName, isDraft } from '../search';
import { changeOf, quantityAt, worth, type Quantity } from '../figure';
import { asksChange } from './moves';
import type { AskedSource, Calculation, Operand, ReaderAnswer } from './types';

/** What one of several documents answered. */
export interface OwnAnswer {
  readonly source: AskedSource;
  readonly drafted: ReaderAnswer;
}

const MOST_SAID = 24;
const MOST = /\b(?:highest|most|largest|biggest|greatest|longest|latest|dearest|maximum|more|higher|longer|larger)\b/i;
const LEAST = /\b(?:lowest|least|smallest|shortest|earliest|cheapest|minimum|less|fewer|lower|shorter|smaller)\b/i;

/** "Compare the deposits of the leases": what is compared. */
const COMPARED =
  /^(?:please )?(?:compare|contrast)\s+(?:the |their )?(?<thing>.+?)\s+(?:of|in|between|under|across|for)\s.+$/i;
const FOREMOST =
  /^(?:which|in which|for which|under which) .{2,60}?\b(?:the )?(?:highest|largest|biggest|greatest|longest|latest|lowest|least|smallest|shortest|earliest|cheapest) (?<thing>.+)$/i;

/** What each document is asked when a question wants the foremost: "What is the rent?" of "Which of the leases has the highest rent?" */
export function eachAsked(question: string): string {
  const compared = COMPARED.exec(question.trim())?.groups?.['thing'];
  if (compared !== undefined) return `What is the ${compared.replace(/(?<=[^s])s$/, '')}?`;
  const thing = FOREMOST.exec(question.trim())?.groups?.['thing'];
  return thing === undefined ? question : `What is the ${thing.replace(/[?\s]+$/, '')}?`;
}

function quantityOf({ source, drafted }: OwnAnswer): Quantity | null {
  const { headline } = drafted;
  return headline === null ? null : quantityAt(headline, 0, headline.length, source.segment.language);
}

/** The document with the most or the least, when that is what is asked and all figures are in one unit; null otherwise. */
function foremost(question: string, said: readonly OwnAnswer[]): OwnAnswer | null {
  const way = MOST.test(question) ? 1 : LEAST.test(question) ? -1 : 0;
  const measured = said.flatMap((one) => {
    const quantity = quantityOf(one);
    return quantity === null ? [] : [{ one, quantity }];
  });
  if (way === 0 || measured.length < 2 || new Set(measured.map(({ quantity }) => quantity.unit)).size > 1) return null;
  const sorted = [...measured].sort((a, b) => way * worth(b.quantity).cmp(worth(a.quantity)));
  return sorted[0]?.one ?? null;
}

/** The difference between what two documents say, worked out; null when it is not asked for, or their figures cannot be compared. */
function difference(question: string, said: readonly OwnAnswer[]): Calculation | null {
  if (said.length !== 2 || !asksChange(question)) return null;
  const operands = said.flatMap((one): Operand[] => {
    const quantity = quantityOf(one);
    const citation = one.drafted.claims[0]?.citations[0];
    return quantity === null || citation === undefined ? [] : [{ ...quantity, citation }];
  });
  const [first, second] = operands;
  const change = first === undefined || second === undefined ? null : changeOf(first, second);
  if (change === null) return null;
  return { operation: 'difference', operands, result: change.difference, working: change.working };
}

/** True when a draft says otherwise than what was signed; of other documents each may say its own. */
function disagree(said: readonly OwnAnswer[]): boolean {
  const [one, two] = said;
  return (
    said.length === 2 &&
    said.some(({ source }) => isDraft(source.name)) &&
    one?.drafted.headline !== two?.drafted.headline
  );
}

/** The answers of several documents to one question, told apart: one claim a document, the foremost named first when that is asked. */
export function toldApart(question: string, answers: readonly OwnAnswer[]): ReaderAnswer {
  const said = answers.filter(({ drafted }) => drafted.headline !== null).slice(0, MOST_SAID);
  const silent = answers.filter(({ drafted }) => drafted.headline === null);
  const first = foremost(question, said);
  const calculation = difference(question, said);
  const lead =
    calculation !== null
      ? [`Difference ${calculation.result}`]
      : first !== null
        ? [`${bareName(first.source)}, ${first.drafted.headline}`]
        : [];
  const lines = [...lead, ...said.map((one) => `${bareName(one.source)}: ${one.drafted.headline}`)];
  return {
    headline: said.length === 0 ? null : lines.join('; '),
    lines,
    claims: said.flatMap(({ drafted }) => drafted.claims.slice(0, 1)),
    calculations: calculation === null ? [] : [calculation],
    conflicts: disagree(said) ? [said.map((_, at) => at)] : [],
    missing: said.length === 0 ? [question] : silent.map(({ source }) => `${question} (${bareName(source)})`),
  };
}
