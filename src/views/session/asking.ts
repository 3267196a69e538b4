import { splitQuestions } from '@/core/answer';
import { wordProblem } from '@/core/problem';
import {
  deleteSlip,
  listShelf,
  storeSlip,
  type QuestionSlip,
  type Shelved,
  type SlipScope,
  type StoredSlip,
} from '@/store';
import { v4 as uuid } from 'uuid';
import type { SessionBase } from './base';
import type { Cited } from './state';

/** Other places of a quote that a slip tells, beside the best. */
const OTHER_PLACES = 30;

/** Questions and quotes put to the chosen documents, and the slips they leave on the desk. */
export class Asking {
  constructor(private readonly base: SessionBase) {}

  /** Asks every question in the message over the chosen documents, a slip each; gives the slips' ids. */
  async ask(message: string): Promise<readonly string[]> {
    const ids: string[] = [];
    this.base.state.update({ asking: true });
    await this.base.guard(async () => {
      for (const question of splitQuestions(message)) {
        const slip = await this.answer(question, uuid(), Date.now());
        if (slip !== null) ids.push(slip.id);
      }
    });
    this.base.state.update({ asking: false });
    return ids;
  }

  /** Asks a slip's question again over what is chosen now; the slip keeps its place. */
  async askAgain(slip: QuestionSlip): Promise<void> {
    await this.base.guard(async () => {
      await this.answer(slip.question, slip.id, slip.askedAt);
    });
  }

  /** "Not found so far" is asked again once its documents are read. */
  async askOpenOnesAgain(read: Shelved): Promise<void> {
    for (const slip of this.base.now.slips) {
      if (slip.kind !== 'question' || slip.answer.found) continue;
      const partial = slip.scope.some((one) => one.editionId === read.edition.id && one.pagesRead < one.pageCount);
      if (partial) await this.askAgain(slip);
    }
  }

  /** Holds a pasted quote against the chosen documents and leaves the result as a slip. */
  async checkQuote(quote: string, cited: Cited): Promise<void> {
    const { base } = this;
    await base.guard(async () => {
      const among = this.askable((one) => one.source.chosen || one.source.id === cited.sourceId);
      for (const shelved of among) await base.hold(shelved);
      const ids = among.map((one) => one.source.id);
      const checked = await base.check(quote, cited, ids);
      if (checked === null) return;
      const { check, citation } = checked;
      const nameOf = (sourceId: string): string => base.shelved(sourceId)?.source.name ?? '';
      await storeSlip({
        v: 1,
        kind: 'quote',
        id: uuid(),
        dossierId: base.dossierId,
        askedAt: Date.now(),
        follows: null,
        scope: await this.scopeOf(among),
        quote,
        citedSource: cited.sourceId === null ? null : nameOf(cited.sourceId),
        citedPage: cited.page,
        citation,
        tooShort: check.tooShort,
        otherPlaces: check.places
          .slice(1, OTHER_PLACES)
          .map((place) => ({ source: nameOf(place.sourceId), page: place.spans[0]?.page ?? 0 })),
        instead: check.instead?.matched ?? null,
      });
      await base.loadSlips();
    });
  }

  deleteSlip(slip: StoredSlip): void {
    if (this.base.now.chosen?.key.startsWith(slip.id) === true) this.base.state.update({ chosen: null });
    void this.base.guard(() => deleteSlip(slip));
  }

  private askable(which: (shelved: Shelved) => boolean): Shelved[] {
    return this.base.now.shelf.filter((one) => one.edition.facts !== null && which(one));
  }

  private async answer(question: string, id: string, askedAt: number): Promise<QuestionSlip | null> {
    const { base } = this;
    const asked = this.askable((one) => one.source.chosen);
    for (const shelved of asked) await base.hold(shelved);
    const ids = asked.map((one) => one.source.id);
    const result = await base.desk.ask(question, ids);
    if (!result.ok) {
      base.tell(wordProblem(result.problem), 'fault');
      return null;
    }
    const slip: QuestionSlip = {
      v: 1,
      kind: 'question',
      id,
      dossierId: base.dossierId,
      askedAt,
      follows: null,
      scope: await this.scopeOf(asked),
      question,
      answer: result.value,
    };
    await storeSlip(slip);
    await base.loadSlips();
    return slip;
  }

  private async scopeOf(asked: readonly Shelved[]): Promise<SlipScope[]> {
    const current = await listShelf(this.base.dossierId);
    return asked.map(({ source, edition }) => {
      const latest = current.find((one) => one.source.id === source.id)?.edition ?? edition;
      return {
        sourceId: source.id,
        name: source.name,
        editionId: edition.id,
        pagesRead: latest.pagesRead,
        pageCount: latest.facts?.pageCount ?? 0,
      };
    });
  }
}
