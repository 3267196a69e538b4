import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { bring, citing, DOSSIER, HERE, proofOf, readInto, SECRET, sha, slipOf } from '../../tests/support/stored';
import { firstBroken } from '../core/review';
import { closeDatabase, database } from './database';
import { appendEvent, listEvents } from './log';
import { getPage, getIndex, pageOfLabel, pagesFrom, storeIndex } from './pages';
import { deleteProof, listProofs, storeProof } from './proofs';
import { deleteDossier, removeSource } from './removal';
import { editionId, getEdition, listShelf, shelve, updateEdition, updateSource } from './shelf';
import { freshDossier, getDossier, latestDossier, storeDossier } from './dossiers';
import { deleteSlip, listSlips, storeSlip } from './slips';

beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory();
  await storeDossier(HERE);
});
afterEach(closeDatabase);

describe('the shelf', () => {
  test('stores a dossier with its first document', async () => {
    const file = { sha256: sha('c'), name: 'Lease.pdf', bytes: new Blob(['c']) };
    const fresh = freshDossier('dossier-2', 'Leases', 5);
    expect(await getDossier('dossier-2')).toBeUndefined();
    await shelve(file, { dossier: fresh, newId: 'source-x', now: 6, replaces: null });
    expect(await latestDossier()).toEqual(fresh);
  });

  test('holds documents in the order they came, named without the ending', async () => {
    await bring('Lease.pdf', 'a');
    await bring('Survey.PDF', 'b');
    const shelf = await listShelf(DOSSIER);
    expect(shelf.map((one) => one.source.name)).toEqual(['Lease', 'Survey']);
    expect(shelf[0]?.edition).toMatchObject({ state: 'waiting', fileName: 'Lease.pdf', pagesRead: 0 });
    expect(shelf[0]?.source.chosen).toBe(true);
  });

  test('keeps the same bytes once, and a corrected file as a new edition of its document', async () => {
    const lease = await bring('Lease.pdf', 'a');
    await bring('Copy.pdf', 'a');
    await bring('Lease.pdf', 'b', lease.id);
    const handle = await database();
    expect(await handle.count('files')).toBe(2);
    expect(await handle.count('editions')).toBe(2);
    const shelf = await listShelf(DOSSIER);
    expect(shelf.find((one) => one.source.id === lease.id)?.edition.sha256).toBe(sha('b'));
  });

  test('is changed in place', async () => {
    const lease = await bring('Lease.pdf', 'a');
    await updateSource(lease.id, (source) => ({ ...source, chosen: false, name: 'Old lease' }));
    await updateEdition(editionId(sha('a')), (edition) => ({ ...edition, state: 'stopped' }));
    await updateSource('nobody', (source) => ({ ...source, name: 'never' }));
    const [shelved] = await listShelf(DOSSIER);
    expect(shelved?.source).toMatchObject({ chosen: false, name: 'Old lease' });
    expect(shelved?.edition.state).toBe('stopped');
  });
});

describe('pages', () => {
  test('go in with the progress of their edition, and come out in order', async () => {
    await bring('Lease.pdf', 'a');
    await readInto('a', 'one two three', '', 'four');
    const edition = await getEdition(editionId(sha('a')));
    expect(edition).toMatchObject({ pagesRead: 3, words: 4, pagesWithoutText: 1, state: 'reading' });
    expect((await pagesFrom(editionId(sha('a')), 2)).map((stored) => stored.number)).toEqual([2, 3]);
    expect((await getPage(editionId(sha('a')), 3))?.page.text).toBe('four');
  });

  test('are found by their printed labels, whatever the case', async () => {
    await bring('Lease.pdf', 'a');
    await readInto('a', 'one', 'two', 'three');
    expect(await pageOfLabel(editionId(sha('a')), 'f-2')).toBe(2);
    expect(await pageOfLabel(editionId(sha('a')), 'xx')).toBeNull();
  });

  test('have an index beside them', async () => {
    const index = { fingerprint: 'x', segment: { postingStarts: Uint32Array.of(1, 2) } } as never;
    await bring('Lease.pdf', 'a');
    await storeIndex(editionId(sha('a')), index);
    expect(await getIndex(editionId(sha('a')))).toEqual(index);
    expect(await getIndex('other')).toBeUndefined();
  });

  test('leave no index behind that was made while their document was removed', async () => {
    const lease = await bring('Lease.pdf', 'a');
    await removeSource(lease.id, false);
    await storeIndex(editionId(sha('a')), { fingerprint: 'x' } as never);
    expect(await getIndex(editionId(sha('a')))).toBeUndefined();
    expect(await (await database()).count('indexes')).toBe(0);
  });
});

describe('the log', () => {
  const payload = (sourceId: string) => ({ text: SECRET, note: '', citations: [citing(sourceId)], question: null });

  test('gives numbers in one transaction, so that two tabs never give the same', async () => {
    const many = Array.from({ length: 12 }, (_, at) =>
      appendEvent(
        DOSSIER,
        { kind: 'finding-kept', target: `f${at}`, payload: payload('s'), now: 5 },
        `new-actor-${at}`,
      ),
    );
    await Promise.all(many);
    const log = await listEvents(DOSSIER);
    expect(new Set(log.map((event) => event.id)).size).toBe(12);
    expect(new Set(log.map((event) => event.id.split(':')[0])).size).toBe(1);
    expect(firstBroken(log)).toBeNull();
  });
});

describe('slips', () => {
  test('come newest first and can be deleted', async () => {
    await storeSlip(slipOf('slip-1', 's'));
    await storeSlip(slipOf('slip-2', 's'));
    expect((await listSlips(DOSSIER)).map((slip) => slip.id)).toEqual(['slip-2', 'slip-1']);
    await deleteSlip(slipOf('slip-2', 's'));
    expect((await listSlips(DOSSIER)).map((slip) => slip.id)).toEqual(['slip-1']);
  });
});

describe('proofs', () => {
  test('come newest first and can be deleted', async () => {
    await storeProof(proofOf('s'));
    await storeProof({ ...proofOf('s'), id: 'proof-2', madeAt: 2 });
    expect((await listProofs(DOSSIER)).map((one) => one.id)).toEqual(['proof-2', 'proof-1']);
    await deleteProof(proofOf('s'));
    expect((await listProofs(DOSSIER)).map((one) => one.id)).toEqual(['proof-2']);
    await deleteDossier(DOSSIER);
    expect(await listProofs(DOSSIER)).toEqual([]);
  });
});
