import Joi from 'joi';
import { askModel, type Endpoint, type ModelEvent, type ModelRequest } from '../core/model';
import { problem, ProblemError, toProblem } from '../core/problem';
import { configuredEndpoints, onLoopback } from './config';
import { endpointSchema, offersOf, practiceEndpoint } from './endpoints';
import { bodyOf, refuse } from './guard';
import { log } from './log';
import { practiceFetch } from './standIn/respond';

interface AnswerRequest extends ModelRequest {
  /** The name of an endpoint this server knows, or one the analyst added in the interface. */
  readonly reader: string | Endpoint;
}

const schema = Joi.object<AnswerRequest>({
  reader: Joi.alternatives(Joi.string().max(80), endpointSchema).required(),
  question: Joi.string().min(1).max(20_000).required(),
  history: Joi.array().items(Joi.string().max(20_000)).max(30).default([]),
  passages: Joi.array()
    .items(
      Joi.object({
        source: Joi.string().max(400).required(),
        page: Joi.number().integer().min(1).required(),
        label: Joi.string().max(60).allow(null, '').required(),
        section: Joi.string().max(2000).allow('').required(),
        text: Joi.string().max(20_000).allow('').required(),
      }),
    )
    .max(60)
    .required(),
  instructions: Joi.string().max(8000).allow(''),
  about: Joi.string().max(20_000).allow(''),
  budget: Joi.number().integer().min(200).max(200_000).required(),
});

/** Answers asked for at once; more are told to wait. */
const AT_ONCE = 8;
/** Seconds without a word after which an endpoint is given up. */
const SILENCE_SECONDS = 60;
let running = 0;

type Chosen = { readonly endpoint: Endpoint; readonly kind: 'practice' | 'configured' | 'added' };

/** The endpoint that a request names; a response when it may not be asked. */
function choose(reader: string | Endpoint): Chosen | Response {
  if (typeof reader !== 'string') {
    if (!onLoopback()) return refuse(403, problem('endpoints-fixed'));
    return { endpoint: { ...reader, key: reader.key === '' ? null : reader.key }, kind: 'added' };
  }
  const practice = practiceEndpoint(reader);
  if (practice !== null) return { endpoint: practice, kind: 'practice' };
  const configured = configuredEndpoints();
  const endpoint = configured.find((one) => one.name === reader);
  if (endpoint !== undefined) return { endpoint, kind: 'configured' };
  const known = offersOf(configured).map((one) => `“${one.name}”`);
  return refuse(404, problem('reader-unknown', { reader, known: known.join(', ') }));
}

/** Aborts what `signal` aborts, and what says nothing for too long. */
function watched(signal: AbortSignal): {
  readonly controller: AbortController;
  readonly alive: () => void;
  readonly end: () => void;
} {
  const controller = new AbortController();
  const stop = (): void => controller.abort(signal.reason);
  signal.addEventListener('abort', stop);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const alive = (): void => {
    clearTimeout(timer);
    timer = setTimeout(
      () => controller.abort(new ProblemError(problem('model-slow', { seconds: SILENCE_SECONDS }))),
      SILENCE_SECONDS * 1000,
    );
  };
  alive();
  return {
    controller,
    alive,
    end: () => {
      clearTimeout(timer);
      signal.removeEventListener('abort', stop);
    },
  };
}

async function* eventsOf(chosen: Chosen, request: ModelRequest, signal: AbortSignal): AsyncGenerator<ModelEvent> {
  const began = performance.now();
  const watch = watched(signal);
  let outcome = 'stopped';
  try {
    const options = {
      fetch: chosen.kind === 'practice' ? practiceFetch : fetch,
      now: () => performance.now(),
      signal: watch.controller.signal,
    };
    for await (const event of askModel(chosen.endpoint, request, options)) {
      watch.alive();
      yield event;
    }
    outcome = 'done';
  } catch (caught) {
    if (signal.aborted) return;
    const found = toProblem(caught);
    outcome = found.code;
    yield { kind: 'problem', problem: { ...found, data: { ...found.data, reader: chosen.endpoint.name } } };
  } finally {
    watch.end();
    running -= 1;
    log.info({ reader: chosen.kind, outcome, ms: Math.round(performance.now() - began) }, 'answer');
  }
}

/** `POST /api/answer`: asks a connected model and streams what it says, one JSON event a line. The server keeps nothing of it. */
export async function answerRoute(request: Request): Promise<Response> {
  const body = await bodyOf(request, schema);
  if ('refusal' in body) return body.refusal;
  try {
    const chosen = choose(body.value.reader);
    if (chosen instanceof Response) return chosen;
    if (running >= AT_ONCE) return refuse(429, problem('model-busy', { reader: chosen.endpoint.name }));
    running += 1;
    const stopped = new AbortController();
    request.signal.addEventListener('abort', () => stopped.abort());
    const events = eventsOf(chosen, body.value, stopped.signal);
    const encoder = new TextEncoder();
    const stream = new ReadableStream<Uint8Array>({
      async pull(controller) {
        const next = await events.next();
        if (next.done === true) controller.close();
        else controller.enqueue(encoder.encode(`${JSON.stringify(next.value)}\n`));
      },
      async cancel() {
        stopped.abort();
        await events.return(undefined);
      },
    });
    return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
  } catch (caught) {
    return refuse(500, toProblem(caught));
  }
}

/** `GET /api/readers`: the connected models that can be named, and whether more can be added in the interface. */
export function readersRoute(): Response {
  try {
    return Response.json({ readers: offersOf(configuredEndpoints()), mayAdd: onLoopback() });
  } catch (caught) {
    return Response.json({ readers: offersOf([]), mayAdd: onLoopback(), problem: toProblem(caught) });
  }
}
