import type { Endpoint, ModelEvent, ModelRequest } from '@/core/model';
import { problem, toProblem, type Problem } from '@/core/problem';
import { deleteEndpoint, getSetting, listEndpoints, storeEndpoint, storeSetting } from '@/store';
import type { SessionBase } from './base';
import { BUILT_IN_READER, type ReaderChoice } from './state';

interface Offered {
  readonly readers: readonly {
    readonly name: string;
    readonly model: string;
    readonly kind: 'practice' | 'configured';
  }[];
  readonly mayAdd: boolean;
  readonly problem?: Problem;
}

/** A passage and a question that any model can answer, to try an endpoint on. */
const TRIAL = {
  question: 'What colour is the door?',
  history: [],
  passages: [
    {
      source: 'Try-out',
      page: 1,
      label: null,
      section: '',
      text: 'The door of the harbour office has been painted blue.',
    },
  ],
  budget: 2000,
} as const;

/** Who can be asked: the built-in reader, the server's connected models, those added here, the stand-in. */
export class Readers {
  private loaded = false;

  constructor(private readonly base: SessionBase) {}

  /** Asks the server whom it knows; the built-in reader is there in any case. */
  async load(): Promise<void> {
    const added = await listEndpoints();
    const offered = await this.offered();
    if (offered.problem !== undefined) this.base.tellProblem(offered.problem);
    const readers: ReaderChoice[] = [
      BUILT_IN_READER,
      ...offered.readers.filter((one) => one.kind === 'configured'),
      ...added.map(({ name, model }) => ({ name, model, kind: 'added' as const })),
      ...offered.readers.filter((one) => one.kind === 'practice'),
    ];
    // Each tab keeps the reader that was chosen in it.
    const wanted = this.loaded ? this.base.now.reader.name : await getSetting('reader');
    this.loaded = true;
    const budget = Number(await getSetting('budget')) || this.base.now.budget;
    this.base.state.update({
      readers,
      mayAddReaders: offered.mayAdd,
      reader: readers.find((one) => one.name === wanted) ?? BUILT_IN_READER,
      budget,
    });
  }

  private async offered(): Promise<Offered> {
    try {
      const response = await fetch('/api/readers');
      if (response.ok) return (await response.json()) as Offered;
    } catch {
      // Without the server the built-in reader answers as ever.
    }
    return { readers: [], mayAdd: false };
  }

  choose(name: string): void {
    const reader = this.base.now.readers.find((one) => one.name === name) ?? BUILT_IN_READER;
    this.base.state.update({ reader });
    void this.base.guard(() => storeSetting('reader', reader.name));
  }

  setBudget(budget: number): void {
    this.base.state.update({ budget });
    void this.base.guard(() => storeSetting('budget', String(budget)));
  }

  async add(endpoint: Endpoint): Promise<void> {
    await this.base.guard(async () => {
      await storeEndpoint(endpoint);
      await this.load();
      this.choose(endpoint.name);
    });
  }

  async remove(name: string): Promise<void> {
    await this.base.guard(async () => {
      await deleteEndpoint(name);
      await this.load();
    });
  }

  /** Asks an endpoint one small question; null when it answered as it should. */
  async tryOut(endpoint: Endpoint): Promise<Problem | null> {
    let claims = 0;
    try {
      for await (const event of this.ask(endpoint, TRIAL)) {
        if (event.kind === 'problem') return event.problem;
        if (event.kind === 'claim') claims += 1;
      }
    } catch (caught) {
      return toProblem(caught);
    }
    return claims > 0 ? null : problem('model-garbled', { reader: endpoint.name });
  }

  /** Asks a connected model through the server; gives what it says as it arrives. Throws what `fetch` throws when aborted. */
  async *ask(reader: string | Endpoint, request: ModelRequest, signal?: AbortSignal): AsyncGenerator<ModelEvent> {
    const name = typeof reader === 'string' ? reader : reader.name;
    const asked =
      typeof reader === 'string' ? ((await listEndpoints()).find((one) => one.name === reader) ?? reader) : reader;
    const response = await fetch('/api/answer', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ reader: asked, ...request }),
      signal: signal ?? null,
    }).catch((caught: unknown) => {
      signal?.throwIfAborted();
      throw caught;
    });
    if (!response.ok || response.body === null) {
      const told = (await response.json().catch(() => ({}))) as { problem?: Problem };
      yield {
        kind: 'problem',
        problem: told.problem ?? problem('model-failed', { reader: name, status: response.status }),
      };
      return;
    }
    yield* linesOf(response.body);
  }
}

/** JSON values, one a line, as they arrive. */
async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<ModelEvent> {
  const reader = body.pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    const lines = (rest + value).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) yield JSON.parse(line) as ModelEvent;
  }
}
