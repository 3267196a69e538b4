import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import {
  bring,
  citing,
  DOSSIER,
  HERE,
  proofOf,
  readInto,
  SECRET,
  sha,
  slipOf,
  working,
} from '../../tests/support/stored';
import { firstBroken, foldReview, type LogEvent } from '../core/review';
import { closeDatabase, database } from './database';
import { appendEvent, listEvents } from './log';
import { getPage, storeIndex } from './pages';
import { listProofs, storeProof } from './proofs';
import { removeSource } from './removal';
import { type QuestionSlip } from './schema';
import { editionId, fileOf } from './shelf';
import { storeDossier } from './dossiers';
import { listSlips, storeSlip } from './slips';

const foldFindings = (log: readonly LogEvent[]) => foldReview(log).findings;

beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory();
  await storeDossier(HERE);
});
afterEach(closeDatabase);

/** Everything that the database holds, as text. */
async function everything(): Promise<string> {
  const handle = await database();
  const stores = await Promise.all([...handle.objectStoreNames].map((name) => handle.getAll(name)));
  return JSON.stringify(stores);
}

describe('removing a document', () => {
  async function worked(): Promise<string> {
    const lease = await bring('Lease.pdf', 'a');
    await readInto('a', SECRET);
    await storeIndex(editionId(sha('a')), { vocabulary: [SECRET] } as never);
    await storeSlip(slipOf('slip-1', lease.id));
    await appendEvent(
      DOSSIER,
      {
        kind: 'finding-kept',
        target: 'f1',
        payload: { text: SECRET, note: '', citations: [citing(lease.id)], question: null },
        now: 5,
      },
      'me',
    );
    return lease.id;
  }

  test('with erasing leaves no text of it anywhere, and the chain whole', async () => {
    await removeSource(await worked(), true);
    expect(await everything()).not.toContain('secret rent');
    expect(await everything()).not.toContain('Lease.pdf');
    const log = await listEvents(DOSSIER);
    expect(firstBroken(log)).toBeNull();
    expect(foldFindings(log)).toEqual([expect.objectContaining({ id: 'f1', content: null })]);
    expect(await fileOf(sha('a'))).toBeUndefined();
  });

  test('without erasing keeps the findings’ quotes and nothing else', async () => {
    await removeSource(await worked(), false);
    expect(foldFindings(await listEvents(DOSSIER))[0]?.content?.citations[0]?.quote).toBe(SECRET);
    const [slip] = await listSlips(DOSSIER);
    expect(JSON.stringify(slip)).not.toContain('secret rent');
    expect(await getPage(editionId(sha('a')), 1)).toBeUndefined();
  });

  test('leaves nothing of it in what was worked out from it, and no conflict among claims that are gone', async () => {
    await removeSource(await worked(), false);
    const [slip] = (await listSlips(DOSSIER)) as QuestionSlip[];
    expect(slip?.answer).toMatchObject({ claims: [], calculations: [], conflicts: [] });
    expect(slip?.answer.lines).toBeUndefined();
    expect(slip?.answer.headline).toBe('The document that answered this was removed.');
  });

  test('takes the words that a question was about out of its slip', async () => {
    const [lease, other] = [await bring('Lease.pdf', 'a'), await bring('Other.pdf', 'b')];
    const about = { sourceId: lease.id, page: 1, start: 0, text: 'a clause of that lease' };
    await storeSlip({ ...slipOf('slip-1', other.id), about });
    await removeSource(lease.id, false);
    const [slip] = await listSlips(DOSSIER);
    expect(slip).toMatchObject({ kind: 'question', answer: { found: true } });
    expect(JSON.stringify(slip)).not.toContain('a clause of that lease');
  });

  test('takes away how a question could be read by it, and leaves how it could be read by others', async () => {
    const [lease, other] = [await bring('Lease.pdf', 'a'), await bring('Other.pdf', 'b')];
    const slip = slipOf('slip-1', other.id);
    const told = [lease.id, other.id].map((sourceId) => ({ words: 'the quay', told: `of ${sourceId}`, sourceId }));
    const readings = [...told, { words: 'the lease', told: 'may be any of 3 documents' }];
    await storeSlip({ ...slip, answer: { ...slip.answer, readings } });
    await removeSource(lease.id, false);
    const [left] = (await listSlips(DOSSIER)) as QuestionSlip[];
    expect(left?.answer.readings).toEqual(readings.slice(1));
    expect(left?.answer.claims).toHaveLength(1);
  });

  test('finds a slip that only a calculation ties to it', async () => {
    const lease = await bring('Lease.pdf', 'a');
    const other = await bring('Letter.pdf', 'b');
    const slip = slipOf('slip-1', other.id);
    await storeSlip({ ...slip, answer: { ...slip.answer, calculations: [working(lease.id)] } });
    await removeSource(lease.id, false);
    const [left] = (await listSlips(DOSSIER)) as QuestionSlip[];
    expect(left?.answer.calculations).toEqual([]);
    expect(left?.answer.claims).toHaveLength(1);
  });

  test('leaves the analyst’s own words of a proof, and nothing of what the document says', async () => {
    const lease = await bring('Lease.pdf', 'a');
    const other = await bring('Letter.pdf', 'b');
    await storeProof(proofOf(lease.id));
    await removeSource(lease.id, true);
    const [left] = await listProofs(DOSSIER);
    expect(left?.text).toBe('He says “the rent”.');
    expect(JSON.stringify(left)).not.toContain('secret rent');
    expect(left?.items.map((item) => item.citation?.spans.length ?? null)).toEqual([0, null]);
    expect(left?.against.map((one) => one.sourceId)).toEqual([]);
    expect(left?.before?.items).toEqual(left?.items);
    await removeSource(other.id, true);
    expect(await listProofs(DOSSIER)).toEqual([left]);
  });

  test('erases withdrawn findings in any case', async () => {
    const id = await worked();
    await appendEvent(DOSSIER, { kind: 'finding-withdrawn', target: 'f1', payload: {}, now: 6 }, 'me');
    await removeSource(id, false);
    expect(await everything()).not.toContain('secret rent');
  });

  test('leaves bytes and pages that another document holds too', async () => {
    const lease = await bring('Lease.pdf', 'a');
    await bring('Copy.pdf', 'a');
    await readInto('a', 'kept page');
    await removeSource(lease.id, true);
    expect(await fileOf(sha('a'))).toBeDefined();
    expect((await getPage(editionId(sha('a')), 1))?.page.text).toBe('kept page');
  });
});
