import { askBuiltIn, splitQuestions, type Answer } from '../../src/core/answer';
import { oneLine } from '../../src/core/text';
import { asCite, placeInWords } from '../cite';
import { readQuestions, type QuestionRecord } from '../records';
import { matchSource, openShelf } from '../shelf';
import { EXIT, print, tell } from '../terminal';

export interface AskOptions {
  readonly sources: readonly string[];
  readonly question?: string;
  readonly questions?: string;
  readonly json: boolean;
}

function asJson(id: string, question: string, answer: Answer): string {
  return JSON.stringify({
    id,
    question,
    found: answer.found,
    answer: answer.headline,
    claims: answer.claims.map((claim) => ({
      text: claim.text,
      standing: claim.standing,
      citations: claim.citations.map(asCite),
      figures: [],
    })),
    calculations: answer.calculations,
    conflicts: answer.conflicts,
    missing: answer.missing,
    passages: answer.passages.map(({ source, page, section, text, score }) => ({ source, page, section, text, score })),
    searches: answer.searches,
    ms: answer.milliseconds,
  });
}

function asText(question: string, answer: Answer): string {
  if (!answer.found) {
    const nearest = answer.passages
      .slice(0, 3)
      .map((one) => `    ${one.source}, p. ${one.label ?? one.page}: ${oneLine(one.text).slice(0, 140)}`);
    return [
      question,
      '  Not in these documents.',
      ...(nearest.length > 0 ? ['  Nearest:', ...nearest] : []),
      `  Searched: ${answer.searches.join('; ')}`,
      '',
    ].join('\n');
  }
  const claims = answer.claims.flatMap((claim) => [
    `  ${claim.text}`,
    ...claim.citations.map((citation) => `    ${placeInWords(citation)}`),
  ]);
  return [question, `  ${answer.headline}`, ...claims, ''].join('\n');
}

/** `ask`: each question's answer with its checked citations. Gives the exit code. */
export async function askCommand(options: AskOptions): Promise<number> {
  const records: readonly QuestionRecord[] =
    options.questions === undefined
      ? [{ id: '1', question: options.question ?? '' }]
      : readQuestions(options.questions);
  const { library, incomplete } = await openShelf(options.sources);
  for (const record of records) {
    const all = library.sources();
    const named = record.docs?.map(
      (name) =>
        matchSource(all, name)?.id ??
        tell(`Question “${record.id}” names “${name}”, which is not among the documents given.`),
    );
    const asked = named?.filter((id) => id !== undefined);
    const sources = asked === undefined || asked.length === 0 ? all : library.sources(asked);
    for (const question of splitQuestions(record.question)) {
      const answer = askBuiltIn(question, sources, library.quotes, { now: () => performance.now() });
      print(options.json ? asJson(record.id, question, answer) : asText(question, answer));
    }
  }
  return incomplete ? EXIT.unreadable : EXIT.done;
}
