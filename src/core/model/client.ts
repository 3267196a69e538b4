import { createParser } from 'eventsource-parser';
import { problem, ProblemError } from '../problem';
import { ClaimLines } from './claimLines';
import { estimateTokens, promptOf } from './prompt';
import type { Endpoint, ModelEvent, ModelRequest } from './types';

export interface ClientOptions {
  readonly fetch: typeof fetch;
  readonly now: () => number;
  readonly signal?: AbortSignal | undefined;
}

/** Characters of an answer beyond which an endpoint is taken to be out of hand. */
const LONGEST_ANSWER = 400_000;
const MOST_TOKENS_OUT = 4000;

function addressOf(endpoint: Endpoint): string {
  const plain = endpoint.address.replace(/\/+$/, '');
  return plain.endsWith('/chat/completions') ? plain : `${plain}/chat/completions`;
}

function refusal(endpoint: Endpoint, status: number): ProblemError {
  const { name } = endpoint;
  if (status === 429) return new ProblemError(problem('model-busy', { reader: name }));
  if (status === 401 || status === 403) return new ProblemError(problem('model-key', { reader: name }));
  if (status === 404) return new ProblemError(problem('model-unknown', { reader: name, model: endpoint.model }));
  if (status === 400 || status === 413 || status === 422)
    return new ProblemError(problem('model-refused', { reader: name, status }));
  return new ProblemError(problem('model-failed', { reader: name, status }));
}

interface Chunk {
  readonly content: string;
  readonly finished: boolean;
  readonly usage: { readonly in: number; readonly out: number } | null;
}

/** What one data line of the stream holds; null when it is not JSON. */
function chunkOf(data: string): Chunk | null {
  try {
    const value = JSON.parse(data) as {
      choices?: { delta?: { content?: unknown }; message?: { content?: unknown }; finish_reason?: unknown }[];
      usage?: { prompt_tokens?: unknown; completion_tokens?: unknown } | null;
    };
    const [choice] = Array.isArray(value.choices) ? value.choices : [];
    const content = choice?.delta?.content ?? choice?.message?.content;
    const { prompt_tokens: tokensIn, completion_tokens: tokensOut } = value.usage ?? {};
    return {
      content: typeof content === 'string' ? content : '',
      finished: typeof choice?.finish_reason === 'string',
      usage: typeof tokensIn === 'number' && typeof tokensOut === 'number' ? { in: tokensIn, out: tokensOut } : null,
    };
  } catch {
    return null;
  }
}

/** The data lines of a server-sent event stream; the body of a plain JSON answer is one. */
async function* dataLines(response: Response): AsyncGenerator<string> {
  if (response.body === null) return;
  if (!(response.headers.get('content-type') ?? '').includes('event-stream')) {
    yield await response.text();
    return;
  }
  const waiting: string[] = [];
  const parser = createParser({ onEvent: (event) => waiting.push(event.data) });
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    parser.feed(value);
    yield* waiting.splice(0);
  }
}

/**
 * Asks a connected model and gives what it says as it arrives, ended by `done`. Throws ProblemError when the endpoint cannot be reached,
 * refuses, breaks off or says nothing that can be used; an aborted signal throws its reason.
 */
export async function* askModel(
  endpoint: Endpoint,
  request: ModelRequest,
  options: ClientOptions,
): AsyncGenerator<ModelEvent> {
  const began = options.now();
  const prompt = promptOf(request);
  const response = await send(endpoint, prompt.messages, options);
  if (!response.ok) throw refusal(endpoint, response.status);
  const lines = new ClaimLines();
  let [text, ended, usable, usage]: [string, boolean, boolean, Chunk['usage']] = ['', false, false, null];
  try {
    for await (const data of dataLines(response)) {
      if (data.trim() === '[DONE]') {
        ended = true;
        break;
      }
      const chunk = chunkOf(data);
      if (chunk === null) throw new ProblemError(problem('model-garbled', { reader: endpoint.name }));
      usable = true;
      text += chunk.content;
      usage = chunk.usage ?? usage;
      ended ||= chunk.finished;
      if (text.length > LONGEST_ANSWER) throw new ProblemError(problem('model-garbled', { reader: endpoint.name }));
      yield* lines.push(chunk.content);
    }
  } catch (caught) {
    options.signal?.throwIfAborted();
    if (caught instanceof ProblemError) throw caught;
    throw new ProblemError(problem('model-broken', { reader: endpoint.name }));
  }
  // An endpoint may end its stream quietly when it is hung up on.
  options.signal?.throwIfAborted();
  if (!usable) throw new ProblemError(problem('model-garbled', { reader: endpoint.name }));
  if (!ended) throw new ProblemError(problem('model-broken', { reader: endpoint.name }));
  yield* lines.finish();
  if (lines.understood === 0) throw new ProblemError(problem('model-garbled', { reader: endpoint.name }));
  yield {
    kind: 'done',
    sent: {
      endpoint: endpoint.name,
      model: endpoint.model,
      passages: prompt.passages,
      tokensIn: usage?.in ?? prompt.tokens,
      tokensOut: usage?.out ?? estimateTokens(text),
      estimated: usage === null,
      milliseconds: Math.round(options.now() - began),
    },
  };
}

async function send(endpoint: Endpoint, messages: unknown, options: ClientOptions): Promise<Response> {
  try {
    return await options.fetch(addressOf(endpoint), {
      method: 'POST',
      redirect: 'error',
      headers: {
        'content-type': 'application/json',
        accept: 'text/event-stream',
        ...(endpoint.key === null ? {} : { authorization: `Bearer ${endpoint.key}` }),
      },
      body: JSON.stringify({
        model: endpoint.model,
        messages,
        stream: true,
        stream_options: { include_usage: true },
        temperature: 0,
        max_tokens: MOST_TOKENS_OUT,
      }),
      ...(options.signal === undefined ? {} : { signal: options.signal }),
    });
  } catch {
    options.signal?.throwIfAborted();
    // The reason may hold the address: it is not passed on.
    throw new ProblemError(problem('model-unreachable', { reader: endpoint.name }));
  }
}
