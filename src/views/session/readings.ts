import { problem, type Problem } from '@/core/problem';
import { updateEdition, type Shelved } from '@/store';
import { hireReader, type Hired } from '@/workers/clients';
import type { ReadingApi } from '@/workers/reading.worker';

/** Files read at once; a worker each. */
const AT_ONCE = 2;
/** Bytes of a file up to which its worker reads the next one too. */
const SMALL = 2_000_000;
/** Seconds that a worker waits for the next file. */
const IDLE_SECONDS = 4;
/** Seconds without a page after which a file is given up. */
const STUCK_SECONDS = 60;

const nothing = (): void => undefined;

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
  /** Editions whose turn has come, from before their lock is asked for until all is over; those with a worker among them. */
  private readonly begun = new Set<string>();
  private readonly running = new Map<string, Running>();
  /** Workers that wait for the next file. */
  private readonly idle: { readonly reader: Hired<ReadingApi>; readonly rest: ReturnType<typeof setTimeout> }[] = [];

  constructor(private readonly events: ReadingEvents) {}

  isBusy(editionId: string): boolean {
    return this.begun.has(editionId) || this.waiting.some((one) => one.shelved.edition.id === editionId);
  }

  /** Files that wait or are being read. */
  get left(): number {
    return this.waiting.length + this.begun.size;
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
    while (this.begun.size < AT_ONCE) {
      const one = this.waiting.shift();
      if (one === undefined) return;
      const { id } = one.shelved.edition;
      this.begun.add(id);
      void this.read(one.shelved, one.password).then((tell) => {
        this.begun.delete(id);
        tell();
        this.next();
      });
    }
  }

  /** Starting a worker costs as much as reading several pages: it waits a little for another file. */
  private keepIdle(reader: Hired<ReadingApi>): void {
    const rest = setTimeout(() => {
      this.idle.splice(
        this.idle.findIndex((one) => one.reader === reader),
        1,
      );
      reader.end();
    }, IDLE_SECONDS * 1000);
    this.idle.push({ reader, rest });
  }

  private takeIdle(): Hired<ReadingApi> | null {
    const rested = this.idle.pop();
    if (rested === undefined) return null;
    clearTimeout(rested.rest);
    return rested.reader;
  }

  /** Reads a file, unless another tab does; gives what is to be told of it once its turn is over. */
  private async read(shelved: Shelved, password: string | null): Promise<() => void> {
    const { id, fileName } = shelved.edition;
    const work = async (): Promise<() => void> => {
      const reader = this.takeIdle() ?? hireReader();
      const ended = new Promise<'stopped' | 'stuck'>((resolve) => {
        this.running.set(id, { reader, lastSign: Date.now(), stop: resolve });
      });
      const watch = setInterval(() => {
        const running = this.running.get(id);
        if (running !== undefined && Date.now() - running.lastSign > STUCK_SECONDS * 1000) running.stop('stuck');
      }, 2000);
      const result = await Promise.race([reader.api.read(id, password), ended]);
      clearInterval(watch);
      this.running.delete(id);
      // A worker that is done well reads the next file; one that is stuck, or holds the memory of a long one, is ended.
      if (typeof result === 'object' && result.ok && shelved.edition.size < SMALL) this.keepIdle(reader);
      else reader.end();
      if (result === 'stuck')
        return () => this.events.onProblem(shelved, problem('file-stuck', { file: fileName, seconds: STUCK_SECONDS }));
      if (result === 'stopped') return nothing;
      return () => (result.ok ? this.events.onDone(shelved) : this.events.onProblem(shelved, result.problem));
    };
    // Held while the file is read, so that another tab of the same browser does not read it too.
    if (navigator.locks === undefined) return work();
    return navigator.locks.request(`reading ${id}`, { ifAvailable: true }, (lock) =>
      lock === null ? Promise.resolve(nothing) : work(),
    );
  }
}
