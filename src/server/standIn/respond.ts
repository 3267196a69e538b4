import { sha256Hex } from '../../core/hash';
import { estimateTokens } from '../../core/model';
import { isStopword, termsOf } from '../../core/search';
import { FAULTS, honest, sentencesOf, type Pick, type Said } from './faults';

/** How the stand-in behaves; a failing one fails in one of four ways, by the question or as named. */
export const TEMPERS = ['careful', 'careless', 'slow', 'failing'] as const;
const FAILURES = ['429', '500', 'broken', 'garbled'] as const;
type Failure = (typeof FAILURES)[number];

const MOST_CLAIMS = 3;
/** Characters of one piece of the stream, and milliseconds between pieces of a slow one. */
const PIECE = 48;
const SLOW_PAUSE = 350;

interface Message {
  readonly role: string;
  readonly content: string;
}

export interface ChatRequest {
  readonly model: string;
  readonly messages: readonly Message[];
}

/** A number that depends on a text alone. */
function seedOf(text: string): number {
  return parseInt(sha256Hex(text).slice(0, 8), 16);
}

function questionOf(content: string): string {
  return content.slice(content.lastIndexOf('\nQuestion: ') + '\nQuestion: '.length).trim();
}

/** The sentences of the passages in a request, those with most of the question's words first. */
function picksOf(content: string): Pick[] {
  const wanted = new Set(
    termsOf(questionOf(content), 'en')
      .map((one) => one.term)
      .filter((term) => !isStopword(term)),
  );
  const picks = content.split('\n').flatMap((line) => {
    if (!line.startsWith('{')) return [];
    const { source, page, text } = JSON.parse(line) as { source: string; page: number; text: string };
    return sentencesOf(text).map((sentence) => ({ source, page, text: sentence }));
  });
  const worth = (pick: Pick): number => {
    const terms = new Set(termsOf(pick.text, 'en').map((one) => one.term));
    return [...wanted].filter((term) => terms.has(term)).length / Math.sqrt(8 + terms.size);
  };
  return picks
    .map((pick, at) => ({ pick, at, worth: worth(pick) }))
    .sort((a, b) => b.worth - a.worth || a.at - b.at)
    .map((one) => one.pick);
}

function carefulLines(picks: readonly Pick[]): unknown[] {
  const said = picks.slice(0, MOST_CLAIMS).map(honest);
  return said.length === 0 ? [{ unknown: true }] : [{ headline: said[0]?.claim }, ...said];
}

/** Two faults and a good claim; sometimes words without a citation, sometimes "I do not know" after all. */
function carelessLines(picks: readonly Pick[], seed: number): unknown[] {
  const names = Object.keys(FAULTS);
  const said: Said[] = [];
  picks.slice(0, MOST_CLAIMS).forEach((pick, at) => {
    if (at === 1) return said.push(honest(pick));
    // The first fault from the seeded one on that this sentence allows.
    for (let step = 0; step < names.length; step += 1) {
      const fault = FAULTS[names[(seed + 3 * at + step) % names.length] as string];
      const faulty = fault?.(pick, picks, seed) ?? null;
      if (faulty !== null) return said.push(faulty);
    }
    return said.push(honest(pick));
  });
  const lines: unknown[] = said.length === 0 ? [] : [{ headline: said[0]?.claim }, ...said];
  if (seed % 3 === 0) lines.push('As is commonly known, practice in the trade differs from this.');
  if (seed % 4 === 1 || lines.length === 0) lines.push({ unknown: true });
  return lines;
}

function failureOf(model: string, seed: number): Failure {
  return FAILURES.find((one) => model.endsWith(`-${one}`)) ?? (FAILURES[seed % FAILURES.length] as Failure);
}

function sse(value: unknown): string {
  return `data: ${typeof value === 'string' ? value : JSON.stringify(value)}\n\n`;
}

function chunk(model: string, content: string, finished: boolean): unknown {
  return {
    id: 'practice',
    object: 'chat.completion.chunk',
    model,
    choices: [{ index: 0, delta: { content }, finish_reason: finished ? 'stop' : null }],
  };
}

/**
 * The stand-in: a model for practice, demonstration and tests that speaks the chat-completions protocol and only copies, or spoils,
 * sentences of the passages it is sent. Deterministic: the same request gets the same answer. `model` names its temper.
 */
export function standIn(request: ChatRequest, signal?: AbortSignal): Response {
  const content = request.messages.findLast((message) => message.role === 'user')?.content ?? '';
  const temper = TEMPERS.find((one) => request.model === one || request.model.startsWith(`${one}-`));
  if (temper === undefined) return Response.json({ error: { message: 'no such model' } }, { status: 404 });
  const seed = seedOf(questionOf(content));
  const failure = temper === 'failing' ? failureOf(request.model, seed) : null;
  if (failure === '429' || failure === '500')
    return Response.json({ error: { message: 'practice failure' } }, { status: Number(failure) });
  if (failure === 'garbled')
    return new Response(sse('<p>It works!</p>'), { headers: { 'content-type': 'text/event-stream' } });
  const picks = picksOf(content);
  const lines = temper === 'careless' ? carelessLines(picks, seed) : carefulLines(picks);
  const text = lines.map((line) => (typeof line === 'string' ? line : JSON.stringify(line))).join('\n');
  const pieces = text.match(new RegExp(`[\\s\\S]{1,${PIECE}}`, 'g')) ?? [];
  const sent = failure === 'broken' ? pieces.slice(0, Math.ceil(pieces.length / 2)) : pieces;
  const usage = { prompt_tokens: estimateTokens(content), completion_tokens: estimateTokens(text) };
  const encoder = new TextEncoder();
  let at = 0;
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      if (temper === 'slow') await new Promise((resolve) => setTimeout(resolve, SLOW_PAUSE));
      if (signal?.aborted === true) return controller.close();
      if (at < sent.length) {
        controller.enqueue(encoder.encode(sse(chunk(request.model, sent[at] ?? '', false))));
        at += 1;
      } else {
        if (failure !== 'broken')
          controller.enqueue(
            encoder.encode(sse(chunk(request.model, '', true)) + sse({ choices: [], usage }) + sse('[DONE]')),
          );
        controller.close();
      }
    },
  });
  return new Response(body, { headers: { 'content-type': 'text/event-stream' } });
}

/** A `fetch` that asks the stand-in in this process instead of the network. */
export const practiceFetch: typeof fetch = (_address, init) =>
  Promise.resolve(
    standIn(JSON.parse(typeof init?.body === 'string' ? init.body : '{}') as ChatRequest, init?.signal ?? undefined),
  );
