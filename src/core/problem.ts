/**
 * What can go wrong with someone's input, as a record that crosses worker and process boundaries. Its wording for people stands
 * here and nowhere else, one sentence or two: what is wrong, what to do.
 */
export interface Problem {
  readonly code: ProblemCode;
  readonly data: Readonly<Record<string, string | number>>;
}

const WORDING = {
  'file-empty': '“{file}” is empty (0 bytes): export or download it again, then bring it in anew.',
  'file-not-pdf': '“{file}” is not a PDF, whatever its name says: bring in a PDF, or print the file to one first.',
  'file-damaged': '“{file}” is damaged and could not be opened as a PDF: get a fresh copy and bring that in.',
  'file-no-text':
    '“{file}” holds no text on any of its {pages} pages; it looks scanned: run text recognition over it, then bring that copy in.',
  'file-password': '“{file}” is locked with a password: give the password to read it.',
  'file-password-wrong': 'That password does not open “{file}”: check it and try again.',
  'file-stuck':
    'Reading “{file}” made no progress for {seconds} seconds and was stopped: try again, or bring in a repaired copy.',
  'file-kind': '“{file}” is of a kind that is not read here: bring in a PDF.',
  'file-unreadable': '“{file}” could not be read from disk ({reason}): check the path and your rights to it.',
  'file-too-large': '“{file}” is larger than {limit} MB: split it, then bring in the parts.',
  'no-files': 'No readable document was found in “{path}”: name a PDF, a text file, or a folder that holds some.',
  'record-invalid': 'Line {line} of “{file}” cannot be used: {reason}. Correct that line and run it again.',
  'source-unknown':
    'Record “{id}” names “{source}”, which is not among the documents given: its quote was looked for in all of them.',
  'page-unknown': '“{file}” has no page “{page}”: give a printed label, or a number from 1 to {pages}.',
  'text-empty': '“{file}” holds no words to proof: open a text that does, or paste one.',
  'text-damaged': '“{file}” could not be read as the kind of file its name says: save it anew, or paste its text.',
  'text-kind':
    '“{file}” is of a kind that cannot be proofed: open Markdown, plain text, HTML, DOCX, PDF, or a list of quotes (CSV, JSON lines, annotations).',
  'text-too-long': '“{file}” has more than {limit} {what}: proof it in parts.',
  'storage-full':
    'This browser has no room left to keep “{what}”: remove documents you no longer need, or free disk space, then try again.',
  'storage-short':
    'This browser has {free} MB of room left, and “{file}” may need more: save what matters as a file, remove documents you no longer need, or free disk space.',
  'storage-blocked': 'Another tab holds an older version of this application open: close it, then reload this one.',
  'storage-unavailable':
    'This browser does not let the page keep data ({reason}): leave private browsing or allow storage for this site.',
  'log-invalid':
    'The review log in this browser is damaged at event {id}: nothing was changed; export what you can and restore a copy.',
  'review-invalid': 'This review file was not taken in: {reason}. Nothing was changed; have it saved and sent anew.',
  'review-version':
    'This review file is of version {version}, which this application does not know: nothing was changed; use a newer one.',
  'review-conflict':
    'This review file tells event {id} otherwise than the one here: nothing was changed; have its sender save it anew.',
  'review-broken': 'With this review file the log would be broken at event {id}: nothing was changed.',
  'review-own': 'This review file holds events in your own name that were not made here: nothing was changed.',
  'pack-invalid':
    '“{file}” could not be unpacked: {reason}. Nothing of it was brought in; unpack it yourself, then bring its files in.',
  'settings-invalid': 'These settings were not taken: {reason}. Nothing was changed; correct them and try again.',
  'archive-invalid': 'This archive was not opened: {reason}. Nothing was changed; save it anew where it came from.',
  'archive-version':
    'This archive is of version {version}, which this application does not know: nothing was changed; use a newer one.',
  'archive-present': 'This dossier is here already, as “{name}”: open that one, or delete it first.',
  'model-busy':
    '“{reader}” takes no more questions just now (429): wait a little and ask again, or take the built-in answer.',
  'model-key': '“{reader}” does not accept its key: correct the key in the settings of the readers.',
  'model-unknown': '“{reader}” knows no model “{model}” at its address: correct the model’s name or the address.',
  'model-refused': '“{reader}” refused the request ({status}): ask with a smaller budget, or take the built-in answer.',
  'model-failed': '“{reader}” failed ({status}): ask again, or take the built-in answer.',
  'model-broken':
    '“{reader}” broke off in mid-answer: what had arrived was checked and stands; ask again, or take the built-in answer.',
  'model-garbled': '“{reader}” gave an answer in a form that cannot be read: ask again, or take the built-in answer.',
  'model-unreachable': '“{reader}” cannot be reached: check its address and that it is running.',
  'model-slow':
    '“{reader}” said nothing for {seconds} seconds and was given up: ask again, or take the built-in answer.',
  'model-stopped': 'Stopped before “{reader}” was done: what had arrived was checked and stands.',
  'reader-unknown': 'There is no reader “{reader}” here: choose one of {known}.',
  'request-invalid': 'The request cannot be used: {reason}.',
  'request-too-large': 'The request is larger than {limit} kB: send fewer passages.',
  'request-origin': 'Requests from other sites are refused: use the application’s own pages.',
  'endpoints-fixed':
    'This server is open to other machines and asks only the endpoints in its own configuration: have this one added there.',
  'endpoints-invalid': 'The configuration of endpoints cannot be used: {reason}. Correct it and start again.',
  unexpected:
    'Something went wrong that this application did not foresee ({reason}): try again, and reload the page if it stays.',
} as const;

export type ProblemCode = keyof typeof WORDING;

export function problem(code: ProblemCode, data: Problem['data'] = {}): Problem {
  return { code, data };
}

/** The sentence that tells a person what is wrong and what to do. */
export function wordProblem(given: Problem): string {
  return WORDING[given.code].replace(/\{(\w+)\}/g, (_, name: string) => String(given.data[name] ?? '?'));
}

/** Carries a problem up a call stack; turned back into its record at the nearest boundary. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(wordProblem(problem));
    this.name = 'ProblemError';
  }
}

/** The problem that a caught value stands for; an unforeseen one keeps its message as the reason. */
export function toProblem(caught: unknown): Problem {
  if (caught instanceof ProblemError) return caught.problem;
  return problem('unexpected', { reason: caught instanceof Error ? caught.message : String(caught) });
}
