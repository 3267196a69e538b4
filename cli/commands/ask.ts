import { partAt, splitQuestions, wholeHistory, wholeQuestion } from '../../src/core/answer';
import { toProblem } from '../../src/core/problem';
import { oneLine } from '../../src/core/text';
import { loadNeighbours } from '../neighbours';
import { asCalculation, asCite, asFigure, placeInWords } from '../cite';
import { readQuestions, readSettings, type QuestionRecord } from '../records';
import { matchSource, openShelf } from '../shelf';
import { readerNamed, type ReaderSays } from '../readers';
import { EXIT, print, tell, tellProblem } from '../terminal';

export interface AskOptions {
  readonly sources: readonly string[];
  readonly question?: string;
  readonly questions?: string;
  readonly reader: string;
  readonly json: boolean;
  /** A file of settings, as a dossier has them. */
  readonly settings?: string;
  readonly pages?: string;
  readonly section?: string;
}

function asJson(id: string, question: string, completed: string, said: ReaderSays): string {
  const { answer } = said;
  return JSON.stringify({
    id,
    question,
    ...(completed === question ? {} : { completed }),
    found: answer.found,
    answer: answer.headline,
    claims: answer.claims.map((claim) => ({
      text: claim.text,
      ...(claim.part === undefined ? {} : { part: claim.part }),
      standing: claim.standing,
      citations: claim.citations.map(asCite),
      figures: (claim.figures ?? []).map(asFigure),
    })),
    calculations: answer.calculations.map(asCalculation),
    conflicts: answer.conflicts,
    missing: answer.missing,
    passages: answer.passages.map(({ source, page, section, text, score, because = [] }) => ({
      source,
      page,
      section,
      text,
      score,
      because,
    })),
    searches: answer.searches,
    ...(answer.readings === undefined
      ? {}
      : { readings: answer.readings.map(({ sourceId: source, ...reading }) => ({ ...reading, source })) }),
    ...(answer.steered === undefined ? {} : { steered: answer.steered }),
    ...(said.sent === undefined
      ? {}
      : { reader: answer.reader, asides: said.asides, unknown: said.unknown, sent: said.sent }),
    ms: answer.milliseconds,
  });
}

function asText(question: string, said: ReaderSays): string {
  const { answer } = said;
  if (!answer.found) {
    const nearest = answer.passages
      .slice(0, 3)
      .map((one) => `    ${one.source}, p. ${one.label ?? one.page}: ${oneLine(one.text).slice(0, 140)}`);
    return [
      question,
      '  Not in these documents.',
      ...(answer.readings ?? []).map(({ words, told }) => `  ${words}: ${told}`),
      ...(nearest.length > 0 ? ['  Nearest:', ...nearest] : []),
      `  Searched: ${answer.searches.join('; ')}`,
      '',
    ].join('\n');
  }
  const claims = answer.claims.flatMap((claim, at) => [
    ...[partAt(answer.claims, at)].flatMap((part) => (part === null ? [] : `  ${part}`)),
    `  ${claim.text}`,
    ...claim.citations.map((citation) => `    ${placeInWords(citation)}`),
    ...(claim.figures ?? [])
      .filter((figure) => figure.verdict !== 'quoted')
      .map((figure) => `    ${figure.text}: ${figure.verdict}, ${figure.how}`),
  ]);
  const asides = (said.asides ?? []).map((aside) => `  (not from the documents) ${aside}`);
  const headline = answer.headline ?? 'Nothing of this answer is carried by the documents.';
  const lines = (answer.lines ?? [headline]).map((line) => `  ${line}`);
  const workings = answer.calculations.map(({ working }) => `  worked out: ${working}`);
  const missing = answer.missing.map((part) => `  not in these documents: ${part}`);
  const readings = (answer.readings ?? []).map(({ words, told }) => `  ${words}: ${told}`);
  const unsteered = (answer.steered ?? []).filter((one) => !one.honoured);
  const standing = unsteered.map(({ instruction, how }) => `  instruction not honoured: ${instruction} (${how})`);
  return [question, ...lines, ...readings, ...workings, ...claims, ...missing, ...standing, ...asides, ''].join('\n');
}

/** `ask`: each question's answer with its checked citations. Gives the exit code. */
export async function askCommand(options: AskOptions): Promise<number> {
  const records: readonly QuestionRecord[] =
    options.questions === undefined
      ? [{ id: '1', question: options.question ?? '' }]
      : readQuestions(options.questions);
  const reader = readerNamed(options.reader);
  const settings = options.settings === undefined ? undefined : readSettings(options.settings);
  const { library, incomplete } = await openShelf(options.sources, settings);
  library.neighbours = loadNeighbours();
  const limits = { pages: options.pages, section: options.section };
  const ask = reader(library);
  let failed = false;
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
      try {
        const history = wholeHistory(record.history ?? []);
        const completed = wholeQuestion(question, history, sources, library.quotes, {
          now: () => performance.now(),
          limits,
          ...library.asking(),
        });
        const said = await ask(completed, history, sources, limits);
        print(options.json ? asJson(record.id, question, completed, said) : asText(completed, said));
      } catch (caught) {
        // A reader that fails once may answer the next question.
        const found = toProblem(caught);
        failed = true;
        if (options.json) print(JSON.stringify({ id: record.id, question, found: false, problem: found }));
        tellProblem(found);
      }
    }
  }
  return incomplete || failed ? EXIT.unreadable : EXIT.done;
}
