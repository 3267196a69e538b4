import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ModelEvent } from '../core/model';
import { answerRoute, configuredEndpoints, offersOf, practiceEndpoint, practiceRoute, readersRoute } from '.';

const HOST = '127.0.0.1:3000';
const KEY = 'key-that-nobody-sees';
const PASSAGE = {
  source: 'Lease',
  page: 3,
  label: null,
  section: '',
  text: 'The rent of berth nine is 3,200 crowns a year, due in May.',
};
const BODY = {
  reader: 'practice: careful',
  question: 'How much is the rent of berth nine?',
  history: [],
  passages: [PASSAGE],
  budget: 4000,
};

const before = { ...process.env };
beforeEach(() => {
  process.env['MARKED_PAGE_LOOPBACK'] = '1';
  delete process.env['MARKED_PAGE_ENDPOINTS'];
});
afterEach(() => {
  process.env = { ...before };
});

function request(body: unknown, headers: Record<string, string> = {}): Request {
  return new Request(`http://${HOST}/api/answer`, {
    method: 'POST',
    headers: { host: HOST, origin: `http://${HOST}`, 'content-type': 'application/json', ...headers },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
}

async function eventsOf(response: Response): Promise<ModelEvent[]> {
  return (await response.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as ModelEvent);
}

async function refusal(body: unknown, headers: Record<string, string> = {}): Promise<[number, string]> {
  const response = await answerRoute(request(body, headers));
  const told = (await response.json()) as { message: string };
  return [response.status, told.message];
}

describe('asking through the server', () => {
  test('streams what the reader says, one event a line, and keeps no copy', async () => {
    const response = await answerRoute(request(BODY));
    expect(response.headers.get('cache-control')).toBe('no-store');
    const events = await eventsOf(response);
    expect(events.map((event) => event.kind)).toEqual(['headline', 'claim', 'done']);
    expect(events[1]).toMatchObject({ citations: [{ source: 'Lease', page: 3, quote: PASSAGE.text }] });
  });

  test('other sites, other kinds and hosts of other names are refused', async () => {
    expect(await refusal(BODY, { origin: 'http://elsewhere.test' })).toEqual([
      403,
      expect.stringMatching(/other sites are refused/),
    ]);
    expect((await refusal(BODY, { 'sec-fetch-site': 'cross-site' }))[0]).toBe(403);
    expect((await refusal(BODY, { host: 'rebound.test', origin: 'http://rebound.test' }))[0]).toBe(403);
    expect((await refusal(BODY, { 'content-type': 'text/plain' }))[0]).toBe(415);
  });

  test('a request without an origin is refused unless the browser says that it is ours', async () => {
    const bare = new Request(`http://${HOST}/api/answer`, {
      method: 'POST',
      headers: { host: HOST, 'content-type': 'application/json' },
      body: '{}',
    });
    expect((await answerRoute(bare)).status).toBe(403);
  });

  test('what is too large, no JSON, or not as described is refused with a sentence', async () => {
    expect((await refusal({ ...BODY, question: 'x'.repeat(600_000) }))[0]).toBe(413);
    expect(await refusal('{"reader":')).toEqual([422, expect.stringMatching(/not JSON/)]);
    expect(await refusal({ ...BODY, budget: -1 })).toEqual([422, expect.stringMatching(/budget/)]);
    expect((await refusal({ ...BODY, passages: [{ ...PASSAGE, page: 0 }] }))[0]).toBe(422);
  });

  test('an endpoint that is not listed is refused', async () => {
    expect(await refusal({ ...BODY, reader: 'nobody' })).toEqual([
      404,
      expect.stringMatching(/no reader “nobody” here/),
    ]);
  });

  test('an address of one’s own is asked on loopback only', async () => {
    process.env['MARKED_PAGE_LOOPBACK'] = '0';
    const reader = { name: 'mine', address: 'http://127.0.0.1:9/v1', model: 'm', key: KEY };
    expect(await refusal({ ...BODY, reader })).toEqual([
      403,
      expect.stringMatching(/only the endpoints in its own configuration/),
    ]);
  });

  test.each(['429', '500', 'broken', 'garbled'])('a reader that fails (%s) ends in one problem', async (how) => {
    const events = await eventsOf(await answerRoute(request({ ...BODY, reader: `practice: failing-${how}` })));
    expect(events.filter((event) => event.kind === 'problem')).toHaveLength(1);
    expect(JSON.stringify(events.at(-1))).toContain(`practice: failing-${how}`);
  });
});

describe('endpoints of the configuration', () => {
  let upstream: Server;
  let seen: { key: string | undefined; body: string }[];
  const logged: string[] = [];
  const write = process.stderr.write.bind(process.stderr);

  beforeEach(async () => {
    seen = [];
    upstream = createServer((incoming, outgoing) => {
      let body = '';
      incoming.on('data', (part) => (body += String(part)));
      incoming.on('end', () => {
        seen.push({ key: incoming.headers.authorization, body });
        outgoing.writeHead(500).end();
      });
    });
    await new Promise<void>((resolve) => upstream.listen(0, '127.0.0.1', resolve));
  });
  afterEach(() => {
    process.stderr.write = write;
    upstream.close();
  });

  test('are named to the browser without address and key, and asked with both', async () => {
    const address = `http://127.0.0.1:${(upstream.address() as AddressInfo).port}/v1`;
    process.env['MARKED_PAGE_ENDPOINTS'] = JSON.stringify([{ name: 'House model', address, model: 'm-1', key: KEY }]);
    const offered = await readersRoute().text();
    expect(offered).toContain('House model');
    expect(offered).not.toContain(KEY);
    expect(offered).not.toContain(address);
    const told = await (await answerRoute(request({ ...BODY, reader: 'House model' }))).text();
    expect(seen[0]?.key).toBe(`Bearer ${KEY}`);
    expect(seen[0]?.body).toContain('m-1');
    expect(told).not.toContain(KEY);
    expect(told).not.toContain(address);
    expect(logged.join('')).not.toContain(KEY);
  });

  test('come from a file too; a faulty list is told without repeating what stands in it', () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-endpoints-'));
    const file = path.join(folder, 'endpoints.json');
    writeFileSync(file, JSON.stringify([{ name: 'A', address: 'http://127.0.0.1:1/v1', model: 'm' }]));
    process.env['MARKED_PAGE_ENDPOINTS'] = file;
    expect(configuredEndpoints()).toEqual([{ name: 'A', address: 'http://127.0.0.1:1/v1', model: 'm', key: null }]);
    writeFileSync(file, JSON.stringify([{ name: 'A', address: KEY, model: 'm' }]));
    expect(() => configuredEndpoints()).toThrow(/0\.address is not as described/);
    expect(() => configuredEndpoints()).not.toThrow(new RegExp(KEY));
    rmSync(folder, { recursive: true });
    process.env['MARKED_PAGE_ENDPOINTS'] = 'no json';
    expect(() => configuredEndpoints()).toThrow(/not JSON/);
  });

  test('stand before the stand-in, which has four tempers', () => {
    expect(offersOf([]).map((one) => one.name)).toEqual([
      'practice: careful',
      'practice: careless',
      'practice: slow',
      'practice: failing',
    ]);
    expect(practiceEndpoint('careless')?.model).toBe('careless');
    expect(practiceEndpoint('somebody')).toBeNull();
  });
});

describe('the stand-in over HTTP', () => {
  const post = (body: unknown): Promise<Response> =>
    practiceRoute(
      new Request('http://x/', { method: 'POST', body: typeof body === 'string' ? body : JSON.stringify(body) }),
    );
  const messages = [
    { role: 'user', content: `Passages:\n${JSON.stringify(PASSAGE)}\n\nQuestion: How much is the rent?` },
  ];

  test('speaks the protocol, the same words each time', async () => {
    const [one, two] = [
      await (await post({ model: 'careless', messages })).text(),
      await (await post({ model: 'careless', messages })).text(),
    ];
    expect(one).toBe(two);
    expect(one).toMatch(/^data: \{"id":"practice","object":"chat\.completion\.chunk"/);
    expect(one).toMatch(/data: \[DONE\]\n\n$/);
  });

  test('knows its tempers only, and refuses what is no such request', async () => {
    expect((await post({ model: 'clever', messages })).status).toBe(404);
    expect((await post('nothing')).status).toBe(422);
    expect((await post({ model: 'careful' })).status).toBe(422);
  });
});
