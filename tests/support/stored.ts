import type { Answer, Calculation } from '../../src/core/answer';
import type { Citation } from '../../src/core/quote';
import {
  editionId,
  freshDossier,
  getEdition,
  shelve,
  storePages,
  type QuestionSlip,
  type StoredPage,
  type StoredProof,
  type StoredSource,
} from '../../src/store';
import { pagesOf } from './pages';

// An open channel to other tabs would keep the test process alive.
Object.defineProperty(globalThis, 'BroadcastChannel', { value: undefined });

/** The dossier that everything is stored in, and what none of its documents may leave behind. */
export const DOSSIER = 'dossier-1';
export const HERE = freshDossier(DOSSIER, 'My dossier', 1);
export const sha = (letter: string): string => letter.repeat(64);
export const SECRET = 'The secret rent is 3,200 crowns';

let added = 0;

/** Puts a document on the shelf whose file is told by a letter; the same letter, the same bytes. */
export async function bring(name: string, letter: string, replaces: string | null = null): Promise<StoredSource> {
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

/** Stores pages of the document of a letter. */
export async function readInto(letter: string, ...texts: readonly string[]): Promise<void> {
  const edition = await getEdition(editionId(sha(letter)));
  if (edition === undefined) throw new Error('The edition is missing.');
  const facts = { pageCount: texts.length, title: null, hasLabels: true };
  await storePages({ ...edition, facts }, storedPages(letter, ...texts));
}

/** A citation of a document's one secret. */
export function citing(sourceId: string): Citation {
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
export function working(sourceId: string): Calculation {
  const citation = { sourceId, page: 1, quote: SECRET };
  const operand = { text: '3,200', value: '3200', unit: 'crown', scale: 1, citation };
  return { operation: 'change', operands: [operand, operand], result: '0 crowns', working: '3,200 − 3,200 = 0' };
}

/** A slip whose answer rests on a document. */
export function slipOf(id: string, sourceId: string): QuestionSlip {
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
export function proofOf(sourceId: string): StoredProof {
  const item = { start: 9, end: 17, text: 'the rent', saidFrom: '', pages: [1], placeFault: null, rightPlace: '1', placeSaid: null }; // prettier-ignore
  const quote = { ...item, kind: 'quote' as const, way: 'marks' as const, citation: { ...citing(sourceId), quote: 'the rent', matched: SECRET }, tooShort: false }; // prettier-ignore
  const figure = { ...item, kind: 'figure' as const, verdict: 'quoted' as const, fault: null, value: '1', unit: null, scale: 1, citation: citing(sourceId), how: SECRET, right: null }; // prettier-ignore
  const run = { items: [quote, figure], against: [{ sourceId, name: 'Lease', sha256: sha('a') }], madeAt: 1 };
  return { v: 1, id: 'proof-1', dossierId: DOSSIER, name: 'Memo', text: 'He says “the rent”.', ...run, before: run };
}
