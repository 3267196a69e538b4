import type { StoredSlip } from '@/store';

/** Questions that are remembered. */
const MOST = 100;

/** The questions asked in a dossier, the newest first, each once. */
export function questionsAsked(slips: readonly StoredSlip[]): string[] {
  const asked = [...slips]
    .sort((a, b) => b.askedAt - a.askedAt)
    .flatMap((slip) => (slip.kind === 'question' ? [slip.question] : []));
  return [...new Set(asked)].slice(0, MOST);
}

/** What the field shows after a step back (1) or forth (-1) among the questions asked; null where there is nothing further. Forth from the newest one is the empty field. */
export function stepAmong(asked: readonly string[], shown: string, by: 1 | -1): string | null {
  const at = shown === '' ? -1 : asked.indexOf(shown);
  // What was typed and not asked is not overwritten.
  if (shown !== '' && at < 0) return null;
  const next = at + by;
  if (next === -1) return '';
  return asked[next] ?? null;
}
