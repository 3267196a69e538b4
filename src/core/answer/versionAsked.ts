import { documentFrequency, termSet } from '../search';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { saidAbout } from './readTogether';
import type { AskedSource } from './types';

/** The number of the version a question is about: "When was version 2.7 released?", "In which year did the 2.4 series begin?" */
const VERSION =
  /(?:\b(?:version|release|edition|ausgabe|series)s? |バージョン\s*)(?<behind>\d+(?:\.\d+)+)|\b(?<before>\d+(?:\.\d+)+)[ -](?:series|release|version)\b/iu;

/** The number of the version asked about as it is written, "2.7"; null where none is named. */
export function versionAsked(text: string): string | null {
  const { behind, before } = VERSION.exec(text)?.groups ?? {};
  return behind ?? before ?? null;
}

/** True for evidence about another version than the one asked about: its number stands nowhere, or, where it is asked when something came, not beside what is told. */
export function isOfOtherVersion(one: Evidence, { text, kind }: Question, sources: readonly AskedSource[]): boolean {
  const version = versionAsked(text);
  if (version === null) return false;
  if (documentFrequency(sources, version) === 0) return true;
  return kind === 'date' && !termSet(saidAbout(one), one.source.segment.language).has(version);
}
