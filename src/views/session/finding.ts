import type { FindWay } from '@/core/quote';
import type { SessionBase } from './base';

/** Looks for words in the documents chosen, or in one; what was found is kept until the next search. */
export class Finder {
  constructor(private readonly base: SessionBase) {}

  /** Finds words as they are written, or near each other; in the document `only`, else in all that are chosen. True when the search was made. */
  async find(wanted: string, way: FindWay, only: string | null): Promise<boolean> {
    const { base } = this;
    const among =
      only === null ? base.now.shelf.filter((one) => one.source.chosen).map((one) => one.source.id) : [only];
    const result = await base.desk.find(wanted, way, among);
    if (!result.ok) {
      base.tellProblem(result.problem);
      return false;
    }
    base.state.update({ found: { wanted, way, places: result.value } });
    return true;
  }

  /** Finds what the chosen documents say like a text. True when the search was made. */
  async findLike(text: string): Promise<boolean> {
    const { base } = this;
    const result = await base.desk.like(
      text,
      base.now.shelf.filter((one) => one.source.chosen).map((one) => one.source.id),
    );
    if (result.ok) base.state.update({ found: { wanted: text, way: 'like', places: result.value } });
    else base.tellProblem(result.problem);
    return result.ok;
  }
}

/** The key under which a found place is chosen. */
export function foundKey(at: number): string {
  return `found/${at}`;
}

/** True while a found place is what is looked at. */
export function isFoundKey(key: string | undefined): boolean {
  return key?.startsWith('found/') === true;
}
