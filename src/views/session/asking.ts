import { completeQuestion, splitQuestions, type Steered, type Subject } from '@/core/answer';
import { DEFAULT_LENGTH, summaryAsked } from '@/core/summary';
import { segmentFingerprint } from '@/core/search';
import {
  deleteSlip,
  listShelf,
  storeSlip,
  updateSlip,
  type Opinion,
  type QuestionSlip,
  type QuoteSlip,
  type Shelved,
  type SlipScope,
  type StoredSlip,
} from '@/store';
import { v4 as uuid } from 'uuid';
import type { SessionBase } from './base';
import { storedLength } from './bearings';
import { Opinions, type AskHow, type Put } from './opinions';
import type { Readers } from './readers';
import { claimKey, withClaim } from './claims';
import { isAwaited, isPartial } from './scope';
import { BUILT_IN_READER, type Cited, type ReaderChoice } from './state';

/** Other places of a quote that a slip tells, beside the best. */
const OTHER_PLACES = 30;
const PLAIN = { v: 1, folded: false, pinned: false } as const;

interface Asked extends Put {
  readonly askedAt: number;
  /** As it was typed. */
  readonly question: string;
}

/** Where alone to look and what a question is about, as far as either is said. */
function kept({ limits, about }: AskHow): AskHow {
  return { ...(limits === undefined ? {} : { limits }), ...(about == null ? {} : { about }) };
}

/** Questions and quotes put to the chosen documents, and the slips they leave on the desk. */
export class Asking {
  private readonly opinions: Opinions;

  constructor(
    private readonly base: SessionBase,
    readers: Readers,
  ) {
    this.opinions = new Opinions(base, readers);
  }

  /**
   * Asks every question in the message over the chosen documents, a slip each; gives the slips' ids. `follows` is the slip it is asked on; `how` says where alone to
   * look, and what it is about.
   */
  async ask(message: string, follows: QuestionSlip | null = null, how: AskHow = {}): Promise<readonly string[]> {
    const ids: string[] = [];
    this.base.state.update({ asking: true });
    await this.base.guard(async () => {
      for (const question of splitQuestions(message)) {
        const sum = follows === null && how.about === undefined ? summaryAsked(question) : null;
        if (sum !== null) {
          const id = await this.sumUp(sum.length, sum.about, sum.said);
          if (id !== null) ids.push(id);
          continue;
        }
        const slip = await this.answer({ ...this.asked(question, follows), ...kept(how) }, this.base.now.reader);
        if (slip !== null) ids.push(slip.id);
      }
    });
    this.base.state.update({ asking: false });
    return ids;
  }

  private asked(question: string, before: QuestionSlip | null): Asked {
    const said =
      before === null ? [] : [before.answer.headline ?? '', ...before.answer.claims.map((claim) => claim.text)];
    const completed = before === null ? question : completeQuestion(question, { question: before.completed, said });
    return { id: uuid(), askedAt: Date.now(), question, completed, follows: before?.id ?? null };
  }

  /** Asks a slip's question again over what is chosen now, of the reader that answered it; the slip keeps its place. `completed` corrects how a follow-up was understood. */
  async askAgain(slip: QuestionSlip, completed = slip.completed, reader?: ReaderChoice): Promise<void> {
    const { id, askedAt, question, follows, limits, about } = slip;
    const name = slip.answer.reader.name;
    const same = this.base.now.readers.find((one) => one.name === name) ?? BUILT_IN_READER;
    this.base.state.update({ asking: true });
    await this.base.guard(async () => {
      await this.answer({ id, askedAt, question, completed, follows, ...kept({ limits, about }) }, reader ?? same);
    });
    this.base.state.update({ asking: false });
  }

  /** Asks another reader the same question and lays its answer beside the first. */
  async secondOpinion(slip: QuestionSlip, reader: ReaderChoice): Promise<void> {
    this.base.state.update({ asking: true });
    await this.base.guard(async () => {
      const scope = slip.scope.map((one) => one.sourceId);
      const asked = this.askable((one) => scope.includes(one.source.id));
      const second = await this.opinions.of(slip, asked, reader, (soFar) => this.draw({ ...slip, second: soFar }));
      this.base.state.update({ streaming: null });
      if (second !== null) await updateSlip<QuestionSlip>(slip.id, (stored) => ({ ...stored, second }));
    });
    this.base.state.update({ asking: false, streaming: null });
  }

  /** How the built-in reader understands standing instructions over the documents of the dossier. */
  async understand(instructions: string): Promise<readonly Steered[]> {
    const result = await this.base.desk.steer(instructions);
    if (result.ok) return result.value;
    this.base.tellProblem(result.problem);
    return [];
  }

  /** Lays a claim or clause by, that the next question is about; null takes it away. */
  about(subject: Subject | null): void {
    this.base.state.update({ about: subject });
  }

  /** Stops the answer that is streaming in; what has arrived stays. */
  stop(): void {
    this.opinions.stop();
  }

  /** "Not found so far" is asked again once its documents are read. */
  async askOpenOnesAgain(read: Shelved): Promise<void> {
    for (const slip of this.base.now.slips) {
      if (slip.kind !== 'question' || slip.answer.found || slip.model !== null) continue;
      const partial = slip.scope.some((one) => one.editionId === read.edition.id && isPartial(one));
      if (partial) await this.askAgain(slip);
    }
  }

  /** Puts a claim right by the documents and stores it in its slip. */
  async mend(slip: QuestionSlip, index: number, second = false): Promise<void> {
    await this.base.guard(async () => {
      const opinion = second ? slip.second : slip;
      const claim = opinion?.answer.claims[index];
      if (opinion === null || claim === undefined) return;
      const asked = this.base.now.shelf.map((one) => one.source.id);
      const result = await this.base.desk.mend(claim, asked);
      if (!result.ok) return this.base.tellProblem(result.problem);
      const mended = result.value;
      if (mended === null) return;
      await updateSlip<QuestionSlip>(slip.id, (stored) => withClaim(stored, index, mended, second));
      await this.base.loadSlips();
      const [first] = mended.citations;
      if (first !== undefined) this.base.choose(claimKey(slip.id, index, second), first);
    });
  }

  /** Sums the chosen documents up together, or those of them that `of` speaks of, as a slip. */
  async sumUp(length = DEFAULT_LENGTH, about = '', of = ''): Promise<string | null> {
    const { base } = this;
    let id: string | null = null;
    base.state.update({ asking: true });
    await base.guard(async () => {
      const chosen = this.askable((one) => one.source.chosen);
      for (const shelved of chosen) await base.hold(shelved);
      const spoken = await base.desk.spokenOf(
        of,
        chosen.map((one) => one.source.id),
      );
      if (!spoken.ok) return base.tellProblem(spoken.problem);
      const asked = chosen.filter((one) => spoken.value.includes(one.source.id));
      const result = await base.desk.summarise(
        asked.map((one) => one.source.id),
        length,
        about,
      );
      if (!result.ok) return base.tellProblem(result.problem);
      const { sentences: claims, by, milliseconds } = result.value;
      const made = {
        ...PLAIN,
        kind: 'summary' as const,
        id: uuid(),
        dossierId: base.dossierId,
        askedAt: Date.now(),
        follows: null,
      };
      await storeSlip({
        ...made,
        scope: await this.scopeOf(asked),
        ...storedLength(length, claims.length),
        about,
        claims,
        by,
        milliseconds,
      });
      await base.loadSlips();
      id = made.id;
    });
    base.state.update({ asking: false });
    return id;
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
      const slip: QuoteSlip = {
        ...PLAIN,
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
      };
      await storeSlip(slip);
      await base.loadSlips();
    });
  }

  deleteSlip(slip: StoredSlip): void {
    if (this.base.now.chosen?.key.startsWith(slip.id) === true) this.base.state.update({ chosen: null });
    void this.base.guard(() => deleteSlip(slip));
  }

  /** Folds a slip to its question, or unfolds it; pins it to the top, or lets it go; lays it elsewhere among the others. */
  lay(
    slip: StoredSlip,
    how: { readonly folded: boolean } | { readonly pinned: boolean } | { readonly laidAt: number },
  ): void {
    void this.base.guard(() => updateSlip(slip.id, (stored) => ({ ...stored, ...how })));
  }

  private askable(which: (shelved: Shelved) => boolean): Shelved[] {
    return this.base.now.shelf.filter((one) => one.edition.facts !== null && which(one));
  }

  private async answer(asked: Asked, reader: ReaderChoice): Promise<QuestionSlip | null> {
    const { base } = this;
    const documents = this.askable((one) => one.source.chosen);
    const awaited = base.now.shelf.filter(isAwaited);
    const { reading } = base;
    const budget = reader.kind === 'built-in' ? null : base.now.budget;
    const slipOf = async (opinion: Opinion): Promise<QuestionSlip> => ({
      ...PLAIN,
      ...asked,
      ...opinion,
      kind: 'question',
      dossierId: base.dossierId,
      pinned: base.now.slips.some((one) => one.id === asked.id && one.pinned),
      scope: await this.scopeOf([...documents, ...awaited]),
      settings: {
        passages: opinion.answer.passages.length,
        budget,
        index: segmentFingerprint(base.settings.passages),
        ...(reading === undefined ? {} : { reading }),
      },
      second: null,
    });
    const opinion = await this.opinions.of(asked, documents, reader, async (soFar) => this.draw(await slipOf(soFar)));
    if (opinion === null) {
      base.state.update({ streaming: null });
      return null;
    }
    const slip = await slipOf(opinion);
    await storeSlip(slip);
    await base.loadSlips();
    base.state.update({ streaming: null });
    return slip;
  }

  private draw(slip: QuestionSlip): void {
    this.base.state.update({ streaming: slip });
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
