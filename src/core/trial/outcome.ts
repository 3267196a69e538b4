import type { Answer, AskedSource } from '../answer';

/** A question whose answer is known, as `trials/*.jsonl` hold them: see docs/formats.md. */
export interface KnownQuestion {
  readonly id: string;
  readonly kind: string;
  readonly question: string;
  /** Earlier questions of the thread, oldest first. */
  readonly history?: readonly string[];
  /** Names of the documents asked; all when missing. */
  readonly docs?: readonly string[];
  /** Where the answer stands: pages of a document whose text, on one line, a pattern finds. Missing when nothing answers the question. */
  readonly right?: readonly { readonly doc: string; readonly holds: string }[];
  /** Patterns that headline and claims must all meet. */
  readonly says?: readonly string[];
  readonly calculated?: boolean;
  readonly conflict?: boolean;
  /** True for questions that are not looked at while the reader is tuned. */
  readonly aside?: boolean;
}

/** What came of a question; null where it was not asked for. */
export interface Outcome {
  readonly id: string;
  readonly kind: string;
  readonly answerable: boolean;
  readonly found: boolean;
  /** The right page among the first one, and the first five, passages. */
  readonly one: boolean | null;
  readonly five: boolean | null;
  /** The right page cited first. */
  readonly first: boolean | null;
  readonly value: boolean | null;
  readonly calculated: boolean | null;
  readonly conflict: boolean | null;
  /** Citations, and those that are not exact or same words. */
  readonly citations: number;
  readonly doubtful: number;
  readonly milliseconds: number;
}

/** Pages that hold a known answer, as `name page`. Throws when no page of a document that is there does: the question is wrong then. */
export function rightPages({ id, right = [] }: KnownQuestion, sources: readonly AskedSource[]): Set<string> {
  const pages = new Set<string>();
  for (const { doc, holds } of right) {
    const source = sources.find((one) => one.name === doc);
    if (source === undefined) continue;
    const pattern = new RegExp(holds, 'i');
    for (let number = 1; number <= source.pageCount; number += 1) {
      const text = source.page(number)?.text ?? '';
      const line = text.replace(/[-\u2010]\n/g, '').replace(/\s+/g, ' ');
      if (pattern.test(line)) pages.add(`${source.name} ${number}`);
    }
  }
  if (right.length > 0 && pages.size === 0) throw new Error(`No page holds the answer of question “${id}”.`);
  return pages;
}

/** Measures an answer against what is known. `pages` as `rightPages` gives them. */
export function outcomeOf(known: KnownQuestion, answer: Answer, pages: ReadonlySet<string>): Outcome {
  const answerable = known.right !== undefined;
  const on = (name: string, spans: readonly { readonly page: number }[]): boolean =>
    spans.some((span) => pages.has(`${name} ${span.page}`));
  const passages = answer.passages.map((passage) => on(passage.source, passage.spans));
  const cited = answer.claims[0]?.citations ?? [];
  const said = [answer.headline ?? '', ...answer.claims.map((claim) => claim.text)].join(' ');
  const citations = answer.claims.flatMap((claim) => claim.citations);
  return {
    id: known.id,
    kind: known.kind,
    answerable,
    found: answer.found,
    one: answerable ? passages[0] === true : null,
    five: answerable ? passages.slice(0, 5).includes(true) : null,
    first: answerable ? cited.some((one) => on(one.sourceName, one.spans)) : null,
    value: known.says === undefined ? null : known.says.every((pattern) => new RegExp(pattern, 'i').test(said)),
    calculated: known.calculated === true ? answer.calculations.length > 0 : null,
    conflict: known.conflict === true ? answer.conflicts.length > 0 : null,
    citations: citations.length,
    doubtful: citations.filter((one) => one.mark !== 'exact' && one.mark !== 'same-words').length,
    milliseconds: answer.milliseconds,
  };
}
