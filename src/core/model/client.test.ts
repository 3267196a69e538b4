import { describe, expect, test } from '@jest/globals';
import { searchFor } from '../answer';
import { Library } from '../library';
import { toProblem } from '../problem';
import { readingOf } from '../../../tests/support/pages';
import { practiceEndpoint, practiceFetch } from '../../server';
import {
  askModel,
  estimateTokens,
  ModelComposer,
  passagesToSend,
  type Endpoint,
  type ModelEvent,
  type ModelRequest,
} from '.';
import { promptOf } from './prompt';

const PAGES = [
  'LEASE OF BERTH NINE\n\nThe rent of berth nine is 3,200 crowns a year, payable on the first day of May. The tenant shall not sublet the berth without the consent of the board.',
  'The deposit is 800 crowns and is returned within thirty days. The board may end the lease by six months of notice in writing.',
];

function library(): Library {
  const held = new Library();
  for (const [id, pages] of [
    ['Lease 2025', PAGES],
    ['Lease 2024', ['The rent of berth nine was 2,900 crowns a year in the old lease of the board.']],
  ] as const) {
    const reading = readingOf(...pages);
    held.add({ id, name: id, sha256: 'a'.repeat(64), pageCount: pages.length, language: 'en' });
    for (const page of reading.pages) held.addPage(id, page, []);
    held.finish(id);
  }
  return held;
}

const QUESTION = 'How much is the rent of berth nine?';

function requestOf(held: Library, question: string): ModelRequest {
  const sources = held.sources();
  return {
    question,
    history: [],
    passages: passagesToSend(searchFor(question, sources).passages, sources),
    budget: 6000,
  };
}

async function ask(
  temper: string,
  question = QUESTION,
  options: { fetch?: typeof fetch; signal?: AbortSignal; endpoint?: Endpoint } = {},
): Promise<ModelEvent[]> {
  const endpoint = options.endpoint ?? practiceEndpoint(temper);
  if (endpoint === null) throw new Error('no such temper');
  const events: ModelEvent[] = [];
  const through = { fetch: options.fetch ?? practiceFetch, now: () => 0, signal: options.signal };
  for await (const event of askModel(endpoint, requestOf(library(), question), through)) events.push(event);
  return events;
}

async function fault(temper: string, options: Parameters<typeof ask>[2] = {}): Promise<string> {
  try {
    await ask(temper, QUESTION, options);
  } catch (caught) {
    return toProblem(caught).code;
  }
  return 'none';
}

describe('the client, against every temper', () => {
  test('careful: a headline, claims and what was sent', async () => {
    const events = await ask('careful');
    expect(events[0]).toMatchObject({ kind: 'headline' });
    expect(events.filter((event) => event.kind === 'claim').length).toBeGreaterThan(0);
    expect(events.at(-1)).toMatchObject({ kind: 'done', sent: { endpoint: 'practice: careful', estimated: false } });
  });

  test.each([
    ['failing-429', 'model-busy'],
    ['failing-500', 'model-failed'],
    ['failing-broken', 'model-broken'],
    ['failing-garbled', 'model-garbled'],
  ])('%s is told as %s', async (temper, code) => {
    expect(await fault(temper)).toBe(code);
  });

  test('an unreachable address, a refused key and an unknown model are told, and never the address', async () => {
    const status =
      (code: number): typeof fetch =>
      () =>
        Promise.resolve(new Response('', { status: code }));
    expect(await fault('careful', { fetch: () => Promise.reject(new Error('ECONNREFUSED secret.example')) })).toBe(
      'model-unreachable',
    );
    expect(await fault('careful', { fetch: status(401) })).toBe('model-key');
    expect(await fault('careful', { fetch: status(404) })).toBe('model-unknown');
    expect(await fault('careful', { fetch: status(422) })).toBe('model-refused');
  });

  test('a plain answer without streaming is understood too', async () => {
    const body = {
      choices: [
        {
          message: { content: '{"claim":"A.","citations":[{"source":"Lease 2025","page":1,"quote":"A"}]}' },
          finish_reason: 'stop',
        },
      ],
    };
    const events = await ask('careful', QUESTION, { fetch: () => Promise.resolve(Response.json(body)) });
    expect(events.map((event) => event.kind)).toEqual(['claim', 'done']);
    expect(events.at(-1)).toMatchObject({ sent: { estimated: true } });
  });

  test('sends the key as a bearer token to the address, and asks for a stream', async () => {
    let asked: { url: string; headers: Record<string, string>; body: { model: string; stream: boolean } } | null = null;
    const spy: typeof fetch = (url, init) => {
      asked = {
        url: url as string,
        headers: init?.headers as Record<string, string>,
        body: JSON.parse(init?.body as string) as { model: string; stream: boolean },
      };
      return Promise.resolve(new Response('', { status: 500 }));
    };
    await fault('careful', {
      fetch: spy,
      endpoint: { name: 'x', address: 'http://127.0.0.1:9/v1/', model: 'm', key: 'k-1' },
    });
    expect(asked).toMatchObject({
      url: 'http://127.0.0.1:9/v1/chat/completions',
      headers: { authorization: 'Bearer k-1' },
      body: { model: 'm', stream: true },
    });
  });

  test('is cancelled at any moment', async () => {
    const stopper = new AbortController();
    stopper.abort();
    await expect(ask('slow', QUESTION, { signal: stopper.signal })).rejects.toThrow(/abort/i);
  });
});

describe('what is sent', () => {
  test('fits the budget, the best passages first, at least one', () => {
    const request = requestOf(library(), QUESTION);
    const small = promptOf({ ...request, budget: 200 });
    expect(small.passages).toBe(1);
    const whole = promptOf(request);
    expect(whole.passages).toBe(request.passages.length);
    expect(whole.tokens).toBeLessThanOrEqual(6000);
    expect(small.messages[1]?.content).toContain(JSON.stringify(request.passages[0]?.source));
  });

  test('holds standing instructions and the words asked about, where there are any', () => {
    const request = requestOf(library(), QUESTION);
    const asked = (more: Partial<ModelRequest>): string => promptOf({ ...request, ...more }).messages[1]?.content ?? '';
    expect(asked({ instructions: 'Short answers' })).toMatch(/standing instructions:\nShort answers\n\nQuestion:/);
    expect(asked({ about: 'the “quay”' })).toContain('The question is about these words: "the “quay”"');
    expect(asked({ instructions: '', about: '' })).toBe(asked({}));
    expect(asked({})).not.toMatch(/instructions|about these words/);
  });

  test('names the page of each piece', () => {
    const pieces = passagesToSend(
      searchFor('board lease deposit rent', library().sources()).passages,
      library().sources(),
    );
    for (const piece of pieces.filter((one) => one.source === 'Lease 2025'))
      for (const line of piece.text.split('\n\n'))
        expect((PAGES[piece.page - 1] ?? '').replace(/\s+/g, ' ')).toContain(line.replace(/\s+/g, ' ').trim());
  });

  test('is counted in tokens, an ideograph for one', () => {
    expect(estimateTokens('four')).toBe(1);
    expect(estimateTokens('契約')).toBe(2);
  });
});

describe('an answer put together', () => {
  const held = library();
  const compose = (...events: ModelEvent[]) => {
    const composer = new ModelComposer(searchFor(QUESTION, held.sources()), held.sources(), held.quotes, {
      name: 'm',
      version: '1',
    });
    for (const event of events) composer.take(event);
    return composer.soFar();
  };
  const claim = (text: string, quote: string, source = 'Lease 2025', page: number | string | null = 1): ModelEvent => ({
    kind: 'claim',
    text,
    citations: [{ source, page, quote }],
  });
  const RENT = 'The rent of berth nine is 3,200 crowns a year, payable on the first day of May.';

  test.each<[string, ModelEvent, string, string]>([
    ['a true quote', claim(RENT, RENT), 'exact', 'carried'],
    [
      'a changed figure',
      claim(RENT.replace('3,200', '3,700'), RENT.replace('3,200', '3,700')),
      'altered',
      'not-carried',
    ],
    [
      'a dropped "not"',
      claim('x', 'The tenant shall sublet the berth without the consent of the board.'),
      'altered',
      'not-carried',
    ],
    ['another page', claim(RENT, RENT, 'Lease 2025', 2), 'elsewhere', 'not-carried'],
    ['the other year’s document', claim(RENT, RENT, 'Lease 2024', 1), 'elsewhere', 'not-carried'],
    ['a document that is not there', claim(RENT, RENT, 'Lease 2031', 1), 'elsewhere', 'not-carried'],
    ['an invention', claim('x', 'An umpire appraises every mooring once in seven seasons.'), 'absent', 'not-carried'],
    ['a figure beyond the quote', claim('The rent is 4,000 crowns.', RENT), 'exact', 'goes-further'],
    ['a "not" beyond the quote', claim('The rent is not 3,200 crowns.', RENT), 'exact', 'goes-further'],
  ])('%s is marked for what it is', (_, event, mark, standing) => {
    const [first] = compose(event).answer.claims;
    expect([first?.citations[0]?.mark, first?.standing]).toEqual([mark, standing]);
  });

  test('a headline that says more than its carried claims gives way to them', () => {
    expect(compose({ kind: 'headline', text: '3,200 crowns' }, claim(RENT, RENT)).answer.headline).toBe('3,200 crowns');
    expect(compose({ kind: 'headline', text: '9,900 crowns' }, claim(RENT, RENT)).answer.headline).toBe(RENT);
    expect(
      compose({ kind: 'headline', text: '9,900 crowns' }, claim('x', 'nowhere to be seen in the harbour at all')).answer
        .headline,
    ).toBeNull();
  });

  test('the right answer stands although it says that it does not know; other words are set apart', () => {
    const whole = compose(claim(RENT, RENT), { kind: 'aside', text: 'As is well known …' }, { kind: 'unknown' });
    expect(whole).toMatchObject({ unknown: true, asides: ['As is well known …'], answer: { found: true } });
    expect(compose({ kind: 'headline', text: 'Surely 5' }, { kind: 'unknown' })).toMatchObject({
      asides: ['Surely 5'],
      answer: { found: false, headline: null },
    });
  });
});
