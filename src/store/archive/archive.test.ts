import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { strToU8, zipSync } from 'fflate';
import { pagesOf } from '../../../tests/support/pages';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn, DEFAULT_SETTINGS } from '../../core/answer';
import { sha256Hex } from '../../core/hash';
import { proof } from '../../core/proof';
import type { Page } from '../../core/source';
import { foldReview } from '../../core/review';
import { openArchive, saveArchive } from './archive';
import { closeDatabase, database } from '../database';
import { freshDossier, listDossiers, storeDossier } from '../dossiers';
import { appendEvent, listEvents, mergeEvents, ownActor } from '../log';
import { deleteDossier, removeEverything, removeSource } from '../removal';
import { storePages } from '../pages';
import type { QuestionSlip } from '../schema';
import { listProofs, storeProof } from '../proofs';
import { listSlips, storeSlip } from '../slips';
import { editionId, getEdition, listShelf, shelve, updateEdition } from '../shelf';

// An open channel to other tabs would keep the test process alive.
Object.defineProperty(globalThis, 'BroadcastChannel', { value: undefined });

const HERE = freshDossier('dossier-1', 'Leases', 1);
const BYTES = '%PDF-1.7 the bytes of a lease';
const SHA = sha256Hex(new TextEncoder().encode(BYTES));

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});
afterEach(closeDatabase);

async function elsewhere(): Promise<void> {
  await closeDatabase();
  globalThis.indexedDB = new IDBFactory();
}

const SLIP: Omit<QuestionSlip, 'question' | 'completed' | 'answer'> = {
  v: 1,
  kind: 'question',
  id: 'slip-1',
  dossierId: HERE.id,
  askedAt: 4,
  follows: null,
  scope: [],
  folded: false,
  pinned: false,
  settings: { passages: 1, budget: null, index: '' },
  model: null,
  second: null,
};

/** A dossier with a document that was read, a finding and a decision. */
async function worked(): Promise<void> {
  await storeDossier(HERE);
  const file = { sha256: SHA, name: 'Lease.pdf', bytes: new Blob([BYTES]) };
  await shelve(file, { dossier: HERE, newId: 'source-1', now: 2, replaces: null });
  await updateEdition(editionId(SHA), (edition) => ({ ...edition, state: 'ready', password: 'open sesame' }));
  const payload = { text: 'The rent', note: '', citations: [], question: null };
  await appendEvent(HERE.id, { kind: 'finding-kept', target: 'f1', payload, now: 5 }, 'ada');
  await appendEvent(
    HERE.id,
    { kind: 'finding-decided', target: 'f1', payload: { decision: 'confirmed', reason: '' }, now: 6 },
    'ada',
  );
}

describe('a dossier saved as one file', () => {
  test('opens elsewhere to the same documents and review, to be read there, under a new name in logs', async () => {
    await worked();
    const archive = await saveArchive(HERE.id, 10);
    await elsewhere();
    expect(await openArchive(archive, 20, 'bo')).toBe(HERE.id);
    const [shelved] = await listShelf(HERE.id);
    expect(shelved).toMatchObject({
      source: { name: 'Lease', chosen: true },
      edition: { sha256: SHA, state: 'waiting', password: null },
    });
    expect(await (await (await database()).get('files', SHA))?.bytes.text()).toBe(BYTES);
    expect(foldReview(await listEvents(HERE.id)).findings[0]?.decisions[0]?.decision).toBe('confirmed');
    expect(await ownActor()).toBe('bo');
    await appendEvent(
      HERE.id,
      { kind: 'finding-commented', target: 'f1', payload: { text: 'so it is' }, now: 30 },
      'x',
    );
    expect((await listEvents(HERE.id)).map((event) => event.id).sort()).toEqual(['ada:1', 'ada:2', 'bo:1']);
  });

  test('carries what answers worked out, with its lines', async () => {
    await worked();
    const accounts = libraryOfTexts({
      'source-1':
        'Accounts (in crowns)\n\n              2025   2024\nRevenue       310    280\nCosts         200    190\n',
    });
    const question = 'By how much did revenue rise in 2025?';
    const answer = askBuiltIn(question, accounts.sources(), accounts.quotes, { now: () => 0 });
    expect(answer.calculations).toHaveLength(1);
    await storeSlip({ ...SLIP, question, completed: question, answer });
    const archive = await saveArchive(HERE.id, 10);
    await elsewhere();
    await openArchive(archive, 20, 'bo');
    const [slip] = (await listSlips(HERE.id)) as QuestionSlip[];
    expect(slip?.answer.calculations).toEqual(answer.calculations);
    expect(slip?.answer.lines).toEqual(answer.lines);
  });

  test('carries how its questions are read, and where alone a question was asked', async () => {
    const settings = { ...DEFAULT_SETTINGS, equivalents: [['berth', 'mooring']], instructions: 'Short answers' };
    await worked();
    await storeDossier({ ...HERE, settings });
    const held = libraryOfTexts({ 'source-1': 'The rent is 3,200 crowns a year.' });
    const answer = askBuiltIn('What is the rent?', held.sources(), held.quotes, { now: () => 0, settings });
    const about = { sourceId: 'source-1', page: 1, start: 0, text: 'The rent' };
    const slip = {
      ...SLIP,
      question: 'What is it?',
      completed: 'What is it?',
      answer,
      limits: { pages: '1-2' },
      about,
    };
    await storeSlip(slip);
    const saved = await saveArchive(HERE.id, 9);
    await elsewhere();
    await openArchive(saved, 10, 'bob');
    expect((await listDossiers())[0]?.dossier.settings).toEqual(settings);
    const [stored] = (await listSlips(HERE.id)) as QuestionSlip[];
    expect(stored).toMatchObject({ about, limits: { pages: '1-2' }, answer: { steered: [{ honoured: true }] } });
  });

  test('carries its proofs', async () => {
    await worked();
    const lease = libraryOfTexts({ 'source-1': 'The rent of the berth is 3,200 crowns a year.' });
    const text = '“The rent of the berth is 3,400 crowns a year”. The rent is 3,200 crowns.';
    const made = proof(text, { shelf: { sources: lease.sources(), quotes: lease.quotes } });
    const stored = { v: 1, id: 'proof-1', dossierId: HERE.id, name: 'Memo', text, madeAt: 3, ...made, before: { madeAt: 2, ...made } } as const; // prettier-ignore
    await storeProof(stored);
    const archive = await saveArchive(HERE.id, 10);
    await elsewhere();
    await openArchive(archive, 20, 'bo');
    expect(await listProofs(HERE.id)).toEqual([stored]);
  });

  test('holds no password', async () => {
    await worked();
    expect(await (await saveArchive(HERE.id, 10)).text()).not.toContain('open sesame');
  });

  test('is not opened beside itself', async () => {
    await worked();
    const archive = await saveArchive(HERE.id, 10);
    await expect(openArchive(archive, 20, 'bo')).rejects.toThrow(/is here already, as “Leases”/);
    expect(await ownActor()).toBe('ada');
  });

  test('a file that was read here before is not read again', async () => {
    await worked();
    const archive = await saveArchive(HERE.id, 10);
    await elsewhere();
    await storeDossier(freshDossier('dossier-2', 'Others', 1));
    const file = { sha256: SHA, name: 'Same.pdf', bytes: new Blob([BYTES]) };
    await shelve(file, { dossier: freshDossier('dossier-2', 'Others', 1), newId: 'source-9', now: 2, replaces: null });
    await updateEdition(editionId(SHA), (edition) => ({ ...edition, state: 'ready' }));
    await openArchive(archive, 20, 'bo');
    expect((await listShelf(HERE.id))[0]?.edition.state).toBe('ready');
  });

  test.each<[string, () => Promise<Blob> | Blob, RegExp]>([
    ['is no ZIP', () => new Blob(['PK nothing of the kind']), /no ZIP file/],
    ['is empty', () => new Blob([]), /no ZIP file/],
    ['is cut off', async () => (await saveArchive(HERE.id, 10)).slice(0, 700), /no archive|damaged|cut off/],
    [
      'holds a stray file',
      () => new Blob([zipSync({ '../evil': strToU8('x') }) as Uint8Array<ArrayBuffer>]),
      /does not belong/,
    ],
    [
      'holds another’s list',
      () =>
        new Blob([
          zipSync({
            'dossier.json': strToU8('{"format":"else"}'),
            'review.json': strToU8('{}'),
          }) as Uint8Array<ArrayBuffer>,
        ]),
      /no dossier of this application/,
    ],
    [
      'is of a later version',
      () =>
        new Blob([
          zipSync({ 'dossier.json': strToU8('{"format":"marked-page dossier","v":7}') }) as Uint8Array<ArrayBuffer>,
        ]),
      /version 7/,
    ],
  ])('that %s is refused whole', async (_, make, why) => {
    await worked();
    const archive = await make();
    await elsewhere();
    await expect(openArchive(archive, 20, 'bo')).rejects.toThrow(why);
    expect(await listDossiers()).toEqual([]);
  });

  test('with other bytes than its fingerprint says is refused', async () => {
    await worked();
    const bytes = new Uint8Array(await (await saveArchive(HERE.id, 10)).arrayBuffer());
    const at = new TextDecoder('latin1').decode(bytes).indexOf('bytes of a lease');
    bytes[at] = 'B'.charCodeAt(0);
    await elsewhere();
    await expect(openArchive(new Blob([bytes]), 20, 'bo')).rejects.toThrow(/damaged/);
  });
});

describe('several dossiers', () => {
  test('share a file; deleting one leaves the other’s, deleting both leaves nothing', async () => {
    await worked();
    const other = freshDossier('dossier-2', 'Others', 9);
    const file = { sha256: SHA, name: 'Same.pdf', bytes: new Blob([BYTES]) };
    await shelve(file, { dossier: other, newId: 'source-2', now: 3, replaces: null });
    expect((await listShelf('dossier-2'))[0]?.edition.state).toBe('ready');
    expect((await listDossiers()).map((one) => [one.dossier.name, one.documents, one.events])).toEqual([
      ['Others', 1, 0],
      ['Leases', 1, 2],
    ]);
    await deleteDossier(HERE.id);
    expect((await listShelf('dossier-2'))[0]?.edition.state).toBe('ready');
    await deleteDossier('dossier-2');
    const handle = await database();
    for (const store of ['files', 'editions', 'sources', 'events', 'dossiers'] as const)
      expect(await handle.count(store)).toBe(0);
  });

  test('removing everything empties every store', async () => {
    await worked();
    await removeEverything();
    const handle = await database();
    for (const store of handle.objectStoreNames) expect(await handle.count(store)).toBe(0);
  });
});

describe('a document that is removed while it is read', () => {
  test('leaves no page behind, however late one arrives', async () => {
    await worked();
    const edition = await getEdition(editionId(SHA));
    if (edition === undefined) throw new Error('The edition is missing.');
    await deleteDossier(HERE.id);
    await storePages(edition, [
      { editionId: edition.id, number: 1, page: pagesOf('late words')[0] as Page, sections: [] },
    ]);
    const handle = await database();
    expect([await handle.count('pages'), await handle.count('editions')]).toEqual([0, 0]);
  });
});

describe('taking a colleague’s log in', () => {
  test('what was erased here stays erased, whatever the file holds', async () => {
    await worked();
    const citation = { sourceId: 'source-1', quote: 'secret rent' };
    const payload = { text: 'secret rent', note: '', citations: [citation] as never, question: null };
    await appendEvent(HERE.id, { kind: 'finding-kept', target: 'f2', payload, now: 7 }, 'ada');
    const sent = await listEvents(HERE.id);
    await removeSource('source-1', true);
    await mergeEvents(HERE.id, sent);
    expect(JSON.stringify(await listEvents(HERE.id))).not.toContain('secret rent');
  });

  test('events in one’s own name that were not made here are refused, and nothing is taken', async () => {
    await worked();
    const sent = await listEvents(HERE.id);
    await elsewhere();
    await storeDossier(HERE);
    await appendEvent(
      HERE.id,
      { kind: 'finding-kept', target: 'f9', payload: { text: 'x', note: '', citations: [], question: null }, now: 1 },
      'ada',
    );
    await expect(mergeEvents(HERE.id, sent)).rejects.toThrow(/in your own name/);
    expect(await listEvents(HERE.id)).toHaveLength(1);
  });
});
