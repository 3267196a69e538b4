import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { pagesOf } from '../../tests/support/pages';
import type { Answer, Calculation } from '../core/answer';
import type { Citation } from '../core/quote';
import { firstBroken, foldReview, type LogEvent } from '../core/review';
import { closeDatabase, database } from './database';
import { appendEvent, listEvents } from './log';
import { getPage, getIndex, pageOfLabel, pagesFrom, storePages, storeIndex } from './pages';
import { deleteProof, listProofs, storeProof } from './proofs';
import { deleteDossier, removeSource } from './removal';
import { type QuestionSlip, type StoredPage, type StoredProof, type StoredSource } from './schema';
import { editionId, fileOf, getEdition, listShelf, shelve, updateEdition, updateSource } from './shelf';
import { freshDossier, getDossier, latestDossier, storeDossier } from './dossiers';
import { deleteSlip, listSlips, storeSlip } from './slips';

// An open channel to other tabs would keep the test process alive.
Object.defineProperty(globalThis, 'BroadcastChannel', { value: undefined });

const DOSSIER = 'dossier-1';
const HERE = freshDossier(DOSSIER, 'My dossier', 1);
const foldFindings = (log: readonly LogEvent[]) => foldReview(log).findings;
const sha = (letter: string): string => letter.repeat(64);
const SECRET = 'The secret rent is 3,200 crowns';

beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory();
  await storeDossier(HERE);
});
afterEach(closeDatabase);

let added = 0;

async function bring(name: string, letter: string, replaces: string | null = null): Promise<StoredSource> {
  added += 1;
  const file = { sha256: sha(letter), name, bytes: new Blob([`bytes of ${letter}`]) };
  return shelve(file, { dossier: HERE, newId: `source-${added}`, now: added, replaces });
}

function storedPages(letter: string, ...texts: readonly string[]): StoredPage[] {
  return pagesOf(...texts).map((page, at) => ({
    editionId: editionId(sha(letter)),
    number: page.number,
    page: { ...page, label: ['i', 'F-2', '3'][at] ?? null },
    sections: [],
  }));
}

async function readInto(letter: string, ...texts: readonly string[]): Promise<void> {
  const edition = await getEdition(editionId(sha(letter)));
  if (edition === undefined) throw new Error('The edition is missing.');
  const facts = { pageCount: texts.length, title: null, hasLabels: true };
  await storePages({ ...edition, facts }, storedPages(letter, ...texts));
}

function citing(sourceId: string): Citation {
  return {
    sourceId,
    sourceName: 'Lease',
    sha256: sha('a'),
    page: 1,
    label: 'i',
    section: 'Rent',
    quote: SECRET,
    before: '',
    after: '',
    spans: [{ page: 1, start: 0, end: SECRET.length }],
    mark: 'exact',
    words: 'exact',
    place: 'cited',
    differences: [],
    matched: '',
  };
}

/** A calculation that rests on a quote of a document. */
function working(sourceId: string): Calculation {
  const citation = { sourceId, page: 1, quote: SECRET };
  const operand = { text: '3,200', value: '3200', unit: 'crown', scale: 1, citation };
  return { operation: 'change', operands: [operand, operand], result: '0 crowns', working: '3,200 − 3,200 = 0' };
}

function slipOf(id: string, sourceId: string): QuestionSlip {
  const answer = {
    found: true,
    headline: `3,200 crowns; ${SECRET}`,
    lines: ['3,200 crowns', SECRET],
    calculations: [working(sourceId)],
    conflicts: [[0]],
    missing: [],
    claims: [{ text: SECRET, standing: 'carried', citations: [citing(sourceId)] }],
    passages: [{ sourceId, source: 'Lease', page: 1, label: 'i', section: '', text: SECRET, spans: [], score: 1 }],
  } as unknown as Answer;
  return {
    v: 1,
    kind: 'question',
    id,
    dossierId: DOSSIER,
    askedAt: Number(id.slice(-1)),
    follows: null,
    scope: [],
    folded: false,
    pinned: false,
    question: 'How much?',
    completed: 'How much?',
    settings: { passages: 1, budget: null, index: 'x' },
    answer,
    model: null,
    second: null,
  };
}

/** A proof with a quotation and a figure that stand in a document. */
function proofOf(sourceId: string): StoredProof {
  const item = { start: 9, end: 17, text: 'the rent', saidFrom: '', pages: [1], placeFault: null, rightPlace: '1', placeSaid: null }; // prettier-ignore
  const quote = { ...item, kind: 'quote' as const, way: 'marks' as const, citation: { ...citing(sourceId), quote: 'the rent', matched: SECRET }, tooShort: false }; // prettier-ignore
  const figure = { ...item, kind: 'figure' as const, verdict: 'quoted' as const, fault: null, value: '1', unit: null, scale: 1, citation: citing(sourceId), how: SECRET, right: null }; // prettier-ignore
  const run = { items: [quote, figure], against: [{ sourceId, name: 'Lease', sha256: sha('a') }], madeAt: 1 };
  return { v: 1, id: 'proof-1', dossierId: DOSSIER, name: 'Memo', text: 'He says “the rent”.', ...run, before: run };
}

/** Everything that the database holds, as text. */
async function everything(): Promise<string> {
  const handle = await database();
  const stores = await Promise.all([...handle.objectStoreNames].map((name) => handle.getAll(name)));
  return JSON.stringify(stores);
}

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
