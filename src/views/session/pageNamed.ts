import { problem, type Problem } from '@/core/problem';
import { pageOfLabel, type Shelved } from '@/store';

/** The physical page that someone means by "27", "p. xiv" or "F-12": the printed label where labels exist, else the number; null when there is none. */
export async function pageNamed({ edition }: Shelved, given: string): Promise<number | null> {
  const text = given.trim().replace(/^(?:pp?\.?|page)\s*(?=[\divxlc])/i, '');
  const labelled = edition.facts?.hasLabels === true ? await pageOfLabel(edition.id, text) : null;
  const number = labelled ?? (/^\d+$/.test(text) ? Number(text) : null);
  return number !== null && number >= 1 && number <= (edition.facts?.pageCount ?? 0) ? number : null;
}

/** What to say of a page that a document does not have. */
export function pageProblem({ source, edition }: Shelved, given: string): Problem {
  return problem('page-unknown', { file: source.name, page: given.trim(), pages: edition.facts?.pageCount ?? 0 });
}
