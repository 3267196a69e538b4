import type { Limits, Subject } from '@/core/answer';
import { problem, toProblem, type Problem } from '@/core/problem';
import type { Opinion, Shelved } from '@/store';
import type { SessionBase } from './base';
import type { Readers } from './readers';
import type { ReaderChoice } from './state';

/** Milliseconds between two drawings of an answer that is streaming in. */
const REDRAW = 120;

/** Where alone to look, and what a question is about. */
export interface AskHow {
  readonly limits?: Limits | undefined;
  readonly about?: Subject | undefined;
}

/** A question as a reader is given it. */
export interface Put extends AskHow {
  readonly id: string;
  /** Made whole, where it is a follow-up. */
  readonly completed: string;
  /** The slip it follows up. */
  readonly follows: string | null;
}

/** What readers answer: the built-in one at once, a connected model piece by piece. */
export class Opinions {
  private stopper: AbortController | null = null;

  constructor(
    private readonly base: SessionBase,
    private readonly readers: Readers,
  ) {}

  /** Stops the answer that is streaming in; what has arrived stays. */
  stop(): void {
    this.stopper?.abort();
  }

  /** One reader's answer; `onPart` gets a connected model's answer as it grows. Null when nothing came of it, which is told. */
  async of(
    asked: Put,
    documents: readonly Shelved[],
    reader: ReaderChoice,
    onPart: (soFar: Opinion) => void | Promise<void>,
  ): Promise<Opinion | null> {
    const { base } = this;
    for (const shelved of documents) await base.hold(shelved);
    const ids = documents.map((one) => one.source.id);
    const how = { limits: asked.limits, about: asked.about };
    if (reader.kind === 'built-in') {
      const result = await base.desk.ask(asked.completed, ids, how);
      if (result.ok) return { answer: result.value, model: null };
      base.tellProblem(result.problem);
      return null;
    }
    const by = { name: reader.name, version: reader.model };
    const begun = await base.desk.beginAnswer(asked.id, asked.completed, ids, by, how);
    if (!begun.ok) {
      base.tellProblem(begun.problem);
      return null;
    }
    this.stopper = new AbortController();
    const { signal } = this.stopper;
    const request = {
      question: asked.completed,
      history: this.historyOf(asked.follows),
      passages: begun.value,
      budget: base.now.budget,
      instructions: base.settings.instructions,
      about: asked.about?.text ?? '',
    };
    const part = async (
      events: Parameters<typeof base.desk.takeEvents>[1],
      ended: Problem | null,
    ): Promise<Opinion> => {
      const result = await base.desk.takeEvents(asked.id, events);
      if (!result.ok) throw new Error(result.problem.code);
      const { answer, asides, unknown, sent } = result.value;
      return { answer, model: { asides, unknown, sent, problem: ended } };
    };
    let ended: Problem | null = null;
    let drawn = 0;
    try {
      await onPart(await part([], null));
      for await (const event of this.readers.ask(reader.name, request, signal)) {
        if (event.kind === 'problem') {
          ended = event.problem;
          continue;
        }
        const soFar = await part([event], null);
        if (Date.now() - drawn < REDRAW) continue;
        drawn = Date.now();
        await onPart(soFar);
      }
    } catch (caught) {
      ended = signal.aborted ? problem('model-stopped', { reader: reader.name }) : toProblem(caught);
    }
    const whole = await part([], ended);
    void base.desk.endAnswer(asked.id);
    this.stopper = null;
    return whole;
  }

  /** Questions of the thread that leads to a slip, that slip's included, oldest first. */
  private historyOf(slipId: string | null): string[] {
    const slip = this.base.now.slips.find((one) => one.id === slipId);
    if (slip?.kind !== 'question') return [];
    return [...this.historyOf(slip.follows), slip.completed].slice(-20);
  }
}
