import type { FactField } from '@/core/facts';
import { DEFAULT_LENGTH, type SummaryLength } from '@/core/summary';
import { listBearings, storeBearings, updateSource, type Shelved } from '@/store';
import type { SessionBase } from './base';

/** How long a stored summary was wanted. */
export function lengthOf({
  sentences,
  length,
}: {
  readonly sentences: number;
  readonly length?: SummaryLength | undefined;
}): SummaryLength {
  return length ?? { count: sentences, unit: 'sentences' };
}

/** A length as it is stored: summaries were counted in sentences before. */
export function storedLength(
  length: SummaryLength,
  made: number,
): { readonly sentences: number; readonly length?: SummaryLength } {
  return length.unit === 'sentences' ? { sentences: length.count } : { sentences: made, length };
}

/** What each document is and says in short: made on arrival, kept with it, made anew when asked for. */
export class Bearings {
  private readonly busy = new Set<string>();

  constructor(private readonly base: SessionBase) {}

  async load(): Promise<void> {
    const id = this.base.dossierId;
    const bearings = await listBearings(id);
    if (id === this.base.dossierId) this.base.state.update({ bearings });
  }

  /** Makes what is missing: for documents read to their ends that have none of their newest edition. */
  async makeMissing(): Promise<void> {
    for (const shelved of this.base.now.shelf) {
      const { source, edition } = shelved;
      const held = this.base.now.bearings.find((one) => one.sourceId === source.id);
      // Its figures stand in tables, which are looked for once it is read.
      if (
        edition.state === 'ready' &&
        edition.tables !== null &&
        held?.editionId !== edition.id &&
        !this.busy.has(edition.id)
      )
        await this.make(shelved, held === undefined ? DEFAULT_LENGTH : lengthOf(held), held?.about ?? '');
    }
  }

  /** Sums a document up anew, so long, of what bears on `about`; empty for the whole. */
  async make(shelved: Shelved, length: SummaryLength, about: string): Promise<void> {
    const { source, edition } = shelved;
    this.busy.add(edition.id);
    await this.base.guard(async () => {
      await this.base.hold(shelved);
      const result = await this.base.desk.bearings(source.id, length, about);
      if (!result.ok) return this.base.tellProblem(result.problem);
      const { facts, figures, summary } = result.value;
      await storeBearings({
        v: 1,
        sourceId: source.id,
        dossierId: source.dossierId,
        editionId: edition.id,
        facts,
        figures,
        ...storedLength(length, summary.sentences.length),
        about,
        claims: summary.sentences,
        by: summary.by,
        madeAt: Date.now(),
      });
    });
    this.busy.delete(edition.id);
  }

  /** Corrects a fact, or adds one; an empty value lets what was read stand again. */
  setFact(shelved: Shelved, field: FactField, value: string): void {
    void this.base.guard(() =>
      updateSource(shelved.source.id, (source) => {
        const others = Object.fromEntries(Object.entries(source.facts).filter(([name]) => name !== field));
        return { ...source, facts: value.trim() === '' ? others : { ...others, [field]: value.trim() } };
      }),
    );
  }
}
