import { Command, CommanderError, InvalidArgumentError } from 'commander';
import { ProblemError, toProblem, wordProblem } from '../src/core/problem';
import { askCommand, type AskOptions } from './commands/ask';
import { checkCommand } from './commands/check';
import { proofCommand } from './commands/proof';
import { readCommand } from './commands/read';
import { reviewCommand } from './commands/review';
import { DEFAULT_LENGTH, lengthIn, type SummaryLength } from '../src/core/summary';
import { summaryCommand } from './commands/summary';
import { EXIT, tell } from './terminal';

/** Faults of a file rather than of the command's words. */
const UNREADABLE = new Set([
  'file-unreadable',
  'no-files',
  'text-empty',
  'text-damaged',
  'text-kind',
  'text-too-long',
  'review-invalid',
  'review-version',
  'review-conflict',
  'review-broken',
  'settings-invalid',
]);

function program(done: (code: number) => void): Command {
  const command = new Command('marked-page')
    .description('Ask long documents, and hold quotes against their pages.')
    .exitOverride()
    .showHelpAfterError();
  command
    .command('read')
    .description('what was read: pages, labels, sections, warnings')
    .argument('<paths...>', 'PDF or text files, or folders')
    .option('--json', 'one JSON object a document', false)
    .action(async (paths: string[], options: { json: boolean }) => done(await readCommand(paths, options)));
  command
    .command('ask')
    .description('answer questions with quotes checked against the pages')
    .requiredOption('--sources <paths...>', 'documents or folders to ask')
    .option('--question <text>', 'one question, or several in one message')
    .option('--questions <file>', 'JSON lines of {"id","question","docs"?}')
    .option(
      '--reader <name>',
      'who composes the answer: built-in, a connected model of the configuration, or practice: careful, careless, slow, failing',
      'built-in',
    )
    .option('--settings <file>', 'how questions are read, as a dossier has it')
    .option('--pages <range>', 'ask only these pages: printed labels or numbers, "12" or "3-7"')
    .option('--section <name>', 'ask only this section: its number, or words of its title')
    .option('--json', 'one JSON object a question', false)
    .action(async (options: AskOptions) => {
      if ((options.question === undefined) === (options.questions === undefined)) {
        command.error('Give either --question with a text, or --questions with a file.', { exitCode: EXIT.usage });
      }
      done(await askCommand(options));
    });
  command
    .command('check')
    .description('hold quotes against the pages; exit code 1 when one does not stand')
    .requiredOption('--sources <paths...>', 'documents or folders to check against')
    .requiredOption('--quotes <file>', 'JSON lines, JSON or CSV of quotes')
    .option('--json', 'one JSON object a quote', false)
    .action(async (options: { sources: string[]; quotes: string; json: boolean }) => done(await checkCommand(options)));
  command
    .command('proof')
    .description("a text's quotations and figures held against the documents; exit code 1 when one does not stand")
    .argument('<file>', 'the text: Markdown, plain text, HTML, DOCX or PDF')
    .requiredOption('--sources <paths...>', 'documents or folders to hold it against')
    .option('--json', 'one JSON object a quotation or figure', false)
    .action(async (file: string, options: { sources: string[]; json: boolean }) =>
      done(await proofCommand(file, options)),
    );
  command
    .command('summary')
    .description('a summary of each document, made of its own sentences, each checked')
    .requiredOption('--sources <paths...>', 'documents or folders to sum up')
    .option('--sentences <count>', 'how many sentences, from 1 to 40', wholeNumber, DEFAULT_LENGTH.count)
    .option('--length <text>', 'how long instead: "half a page", "200 words", "three sentences"', lengthGiven)
    .option('--about <text>', 'only what bears on this', '')
    .option('--json', 'one JSON object a document', false)
    .action(
      async ({
        sentences,
        length = { count: sentences, unit: 'sentences' },
        ...options
      }: {
        sources: string[];
        sentences: number;
        length?: SummaryLength;
        about: string;
        json: boolean;
      }) => done(await summaryCommand({ ...options, length })),
    );
  command
    .command('review')
    .description('the review that review files make together; a file is taken whole or refused')
    .argument('<files...>', 'review files, in any order')
    .option('--sources <paths...>', 'documents to check its quotes against anew')
    .option('--out <file>', 'write the merged review there')
    .option('--json', 'one JSON object a finding', false)
    .action(async (files: string[], options: { sources?: string[]; out?: string; json: boolean }) =>
      done(await reviewCommand(files, options)),
    );
  return command;
}

function lengthGiven(given: string): SummaryLength {
  const found = lengthIn(given);
  if (found === null)
    throw new InvalidArgumentError('Give a number of sentences, words or pages, such as "half a page".');
  return found.length;
}

function wholeNumber(given: string): number {
  const number = Number(given);
  if (!Number.isInteger(number) || number < 1 || number > 40)
    throw new InvalidArgumentError('Give a whole number from 1 to 40.');
  return number;
}

async function run(): Promise<number> {
  let code: number = EXIT.done;
  try {
    await program((given) => (code = given)).parseAsync();
  } catch (caught) {
    if (caught instanceof CommanderError) return caught.exitCode === 0 ? EXIT.done : EXIT.usage;
    const given = toProblem(caught);
    tell(wordProblem(given));
    return caught instanceof ProblemError && UNREADABLE.has(given.code) ? EXIT.unreadable : EXIT.usage;
  }
  return code;
}

// A reader of our output that closes early ("| head") is no fault of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(EXIT.done);
  throw error;
});
process.exitCode = await run();
