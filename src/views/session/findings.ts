import { problem, wordProblem } from '@/core/problem';
import { firstBroken, foldFindings, type FindingPayload } from '@/core/review';
import { oneLine } from '@/core/text';
import { appendEvent, listEvents } from '@/store';
import { v4 as uuid } from 'uuid';
import type { SessionBase } from './base';

/** What is kept: every change is an event of the dossier's log. */
export class Findings {
  constructor(private readonly base: SessionBase) {}

  /** Keeps a claim, or a passage of a page, as a finding. */
  async keep(payload: FindingPayload): Promise<void> {
    const { base } = this;
    await base.guard(() =>
      appendEvent(base.dossierId, { kind: 'finding-kept', target: uuid(), payload, now: Date.now() }, uuid()),
    );
  }

  /** Keeps a passage selected on a page, checked like any quote. */
  async keepPassage(quote: string, sourceId: string, page: number): Promise<void> {
    await this.base.guard(async () => {
      const checked = await this.base.check(quote, { sourceId, page }, [sourceId]);
      if (checked === null) return;
      const text = oneLine(quote);
      await this.keep({ text, note: '', citations: [checked.citation], question: null });
      this.base.tell('The passage was kept as a finding.');
    });
  }

  note(findingId: string, note: string): void {
    void this.base.guard(() =>
      appendEvent(
        this.base.dossierId,
        { kind: 'finding-noted', target: findingId, payload: { note }, now: Date.now() },
        uuid(),
      ),
    );
  }

  withdraw(findingId: string): void {
    void this.base.guard(() =>
      appendEvent(
        this.base.dossierId,
        { kind: 'finding-withdrawn', target: findingId, payload: {}, now: Date.now() },
        uuid(),
      ),
    );
  }

  async load(): Promise<void> {
    const log = await listEvents(this.base.dossierId);
    const broken = firstBroken(log);
    if (broken !== null) this.base.tell(wordProblem(problem('log-invalid', { id: broken })), 'fault');
    this.base.state.update({ findings: foldFindings(log) });
  }
}
