import 'fake-indexeddb/auto';
import { afterEach, describe, expect, test } from '@jest/globals';
import { deleteDB, openDB } from 'idb';
import { listBearings, storeBearings } from './bearings';
import { closeDatabase, database } from './database';
import { latestDossier, listDossiers } from './dossiers';
import { DATABASE, SCHEMA_VERSION } from './schema';
import { deleteEndpoint, getSetting, listEndpoints, storeEndpoint, storeSetting } from './settings';
import { getTables, storeTables } from './pages';
import { getEdition, listShelf } from './shelf';
import { listProofs } from './proofs';
import { listSlips, updateSlip } from './slips';

// An open channel to other tabs would keep the test process alive.
Object.defineProperty(globalThis, 'BroadcastChannel', { value: undefined });
afterEach(closeDatabase);

/** A database as version 1 of the schema left it, letter by letter. */
async function versionOne(): Promise<void> {
  const old = await openDB(DATABASE, 1, {
    upgrade(handle) {
      handle.createObjectStore('dossiers', { keyPath: 'id' });
      handle.createObjectStore('sources', { keyPath: 'id' }).createIndex('dossier', 'dossierId');
      handle.createObjectStore('editions', { keyPath: 'id' });
      handle.createObjectStore('files', { keyPath: 'sha256' });
      handle.createObjectStore('pages', { keyPath: ['editionId', 'number'] });
      handle.createObjectStore('segments', { keyPath: 'editionId' });
      handle.createObjectStore('slips', { keyPath: 'id' }).createIndex('dossier', 'dossierId');
      handle.createObjectStore('events', { keyPath: ['dossierId', 'id'] }).createIndex('dossier', 'dossierId');
      handle.createObjectStore('settings');
    },
  });
  await old.put('dossiers', { v: 1, id: 'd1', name: 'Ferry concession', createdAt: 5 });
  await old.put('sources', {
    v: 1,
    id: 's1',
    dossierId: 'd1',
    name: 'Lease',
    addedAt: 6,
    chosen: true,
    editionIds: ['pdf/1@a'],
  });
  await old.put('editions', {
    v: 1,
    id: 'pdf/1@a',
    sha256: 'a',
    fileName: 'Lease.pdf',
    size: 3,
    state: 'ready',
    facts: null,
    language: 'en',
    pagesRead: 1,
  });
  const passages = [{ sourceId: 's1' }, { sourceId: 's1' }];
  await old.put('slips', {
    v: 1,
    kind: 'question',
    id: 'q1',
    dossierId: 'd1',
    askedAt: 7,
    follows: null,
    scope: [],
    question: 'How much?',
    answer: { claims: [], passages },
  });
  await old.put('slips', {
    v: 1,
    kind: 'quote',
    id: 'q2',
    dossierId: 'd1',
    askedAt: 8,
    follows: null,
    scope: [],
    quote: 'the rent',
  });
  old.close();
}

describe('a database of version 1', () => {
  test('opens with all that was in it, and what is new filled in', async () => {
    await versionOne();
    expect((await database()).version).toBe(SCHEMA_VERSION);
    expect(await latestDossier()).toEqual({ v: 1, id: 'd1', name: 'Ferry concession', createdAt: 5, openedAt: 5 });
    expect((await listShelf('d1'))[0]?.source).toMatchObject({ name: 'Lease', facts: {} });
    const [quote, question] = await listSlips('d1');
    expect(quote).toMatchObject({ kind: 'quote', folded: false, pinned: false });
    expect(question).toMatchObject({
      completed: 'How much?',
      settings: { passages: 2, budget: null },
      model: null,
      second: null,
    });
    expect(await listDossiers()).toEqual([expect.objectContaining({ documents: 1, slips: 2, events: 0 })]);
  });

  test('takes what version 5 keeps: proofs', async () => {
    expect(await listProofs('d1')).toEqual([]);
    expect([...(await database()).objectStoreNames]).toContain('proofs');
  });

  test('takes what version 4 keeps: indexes of whole editions, in place of segments, which are built anew', async () => {
    const names = [...(await database()).objectStoreNames];
    expect(names).toContain('indexes');
    expect(names).not.toContain('segments');
  });

  test('takes what version 3 keeps: the tables of an edition, to be looked for', async () => {
    expect(await getEdition('pdf/1@a')).toMatchObject({ tables: null });
    expect(await getTables('pdf/1@a')).toEqual([]);
    const table = { caption: 'Dues', captionSpans: [], unit: 'crown', scale: 1000, columns: [], rows: [], places: [] };
    await storeTables('pdf/1@a', [table]);
    await storeTables('pdf/1@gone', [table]);
    expect(await getEdition('pdf/1@a')).toMatchObject({ tables: 1, state: 'ready' });
    expect(await getTables('pdf/1@a')).toEqual([table]);
    expect(await getTables('pdf/1@gone')).toEqual([]);
  });

  test('takes what version 2 keeps: bearings, connected models, settings, slips that change', async () => {
    const made = {
      v: 1,
      sourceId: 's1',
      dossierId: 'd1',
      editionId: 'pdf/1@a',
      facts: [],
      sentences: 5,
      about: '',
      claims: [],
      by: { name: 'r', version: '1' },
      madeAt: 9,
    } as const;
    await storeBearings(made);
    await storeBearings({ ...made, sourceId: 'gone' });
    expect(await listBearings('d1')).toEqual([made]);
    await storeEndpoint({ name: 'House', address: 'http://127.0.0.1:1', model: 'm', key: 'k' });
    expect((await listEndpoints()).map((one) => one.name)).toEqual(['House']);
    await deleteEndpoint('House');
    expect(await listEndpoints()).toEqual([]);
    expect(await getSetting('reviewer')).toBeNull();
    await storeSetting('reviewer', 'Ada Holm');
    expect(await getSetting('reviewer')).toBe('Ada Holm');
    await updateSlip('q2', (slip) => ({ ...slip, pinned: true }));
    await updateSlip('nowhere', (slip) => ({ ...slip, pinned: true }));
    expect((await listSlips('d1')).map((slip) => slip.pinned)).toEqual([true, false]);
  });
});

describe('a database of version 6', () => {
  test('has the tables of its documents looked for anew, and keeps those it has until then', async () => {
    await deleteDB(DATABASE);
    const stores = ['dossiers', 'sources', 'editions', 'files', 'slips', 'events', 'proofs', 'bearings', 'endpoints', 'indexes']; // prettier-ignore
    const old = await openDB(DATABASE, 6, {
      upgrade(handle) {
        for (const name of stores) handle.createObjectStore(name, { keyPath: 'id' });
        handle.createObjectStore('tables', { keyPath: 'editionId' });
      },
    });
    const table = { caption: 'Dues', captionSpans: [], unit: 'crown', scale: 1000, columns: [], rows: [], places: [] };
    await old.put('editions', { v: 1, id: 'pdf/1@b', sha256: 'b', fileName: 'Dues.pdf', state: 'ready', tables: 1 });
    await old.put('tables', { editionId: 'pdf/1@b', tables: [table] });
    old.close();
    expect(await getEdition('pdf/1@b')).toMatchObject({ fileName: 'Dues.pdf', state: 'ready', tables: null });
    expect(await getTables('pdf/1@b')).toEqual([table]);
  });
});
