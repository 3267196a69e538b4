import { problem, type Problem } from '@/core/problem';
import { updateEdition, type Shelved } from '@/store';
import { hireReader, type Hired } from '@/workers/clients';
import type { ReadingApi } from '@/workers/reading.worker';

/** Files read at once; a worker each. */
const AT_ONCE = 2;
/** Seconds without a page after which a file is given up. */
const STUCK_SECONDS = 60;

interface Running {
  readonly reader: Hired<ReadingApi>;
  readonly stop: (reason: 'stopped' | 'stuck') => void;
  lastSign: number;
}

export interface ReadingEvents {
  readonly onDone: (shelved: Shelved) => void;
  readonly onProblem: (shelved: Shelved, problem: Problem) => void;
  readonly onChange: () => void;
}

/** The files waiting to be read and being read, two at a time, each by one tab only. */
export class Readings {
  private readonly waiting: { shelved: Shelved; password: string | null }[] = [];
  private readonly running = new Map<string, Running>();

  constructor(private readonly events: ReadingEvents) {}

  isBusy(editionId: string): boolean {
    return this.running.has(editionId) || this.waiting.some((one) => one.shelved.edition.id === editionId);
  }

  start(shelved: Shelved, password: string | null = null): void {
    if (this.isBusy(shelved.edition.id)) return;
    this.waiting.push({ shelved, password });
    this.next();
  }

  /** A page of this edition was stored: it is not stuck. */
  sign(editionId: string): void {
    const running = this.running.get(editionId);
    if (running !== undefined) running.lastSign = Date.now();
  }

  /** Stops reading; what was read stays. */
  async stop(editionId: string): Promise<void> {
    const at = this.waiting.findIndex((one) => one.shelved.edition.id === editionId);
    if (at >= 0) this.waiting.splice(at, 1);
    this.running.get(editionId)?.stop('stopped');
    await updateEdition(editionId, (edition) =>
      edition.state === 'ready' ? edition : { ...edition, state: 'stopped' },
    );
    this.events.onChange();
  }

  private next(): void {
    while (this.running.size < AT_ONCE) {
      const one = this.waiting.shift();
      if (one === undefined) return;
      void this.read(one.shelved, one.password);
    }
  }

  private async read(shelved: Shelved, password: string | null): Promise<void> {
    const { id, fileName } = shelved.edition;
    const work = async (): Promise<void> => {
      const reader = hireReader();
      const ended = new Promise<'stopped' | 'stuck'>((resolve) => {
        this.running.set(id, { reader, lastSign: Date.now(), stop: resolve });
      });
      const watch = setInterval(() => {
        const running = this.running.get(id);
        if (running !== undefined && Date.now() - running.lastSign > STUCK_SECONDS * 1000) running.stop('stuck');
      }, 2000);
      const result = await Promise.race([reader.api.read(id, password), ended]);
      clearInterval(watch);
      reader.end();
      this.running.delete(id);
      if (result === 'stuck')
        this.events.onProblem(shelved, problem('file-stuck', { file: fileName, seconds: STUCK_SECONDS }));
      else if (result !== 'stopped' && !result.ok) this.events.onProblem(shelved, result.problem);
      else if (result !== 'stopped') this.events.onDone(shelved);
    };
    // Held while the file is read, so that another tab of the same browser does not read it too.
    if (navigator.locks === undefined) await work();
    else
      await navigator.locks.request(`reading ${id}`, { ifAvailable: true }, (lock) =>
        lock === null ? Promise.resolve() : work(),
      );
    this.next();
  }
}
