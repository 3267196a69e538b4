import { erased, foldReview, type FindingPayload, type LogEvent } from '../core/review';
import type { IDBPTransaction } from 'idb';
import { announce } from './changes';
import { database } from './database';
import type { Calculation, Claim } from '../core/answer';
import type { ProofItem } from '../core/proof';
import type { Citation } from '../core/quote';
import type { Opinion, Schema, StoredProof, StoredSlip, StoredSource } from './schema';

function citesIn(claims: readonly Claim[], sourceId: string): boolean {
  return claims.some((claim) => claim.citations.some((citation) => citation.sourceId === sourceId));
}

function restsOn({ operands }: Calculation, sourceId: string): boolean {
  return operands.some(({ citation }) => citation.sourceId === sourceId);
}

function mentionedIn({ answer }: Opinion, sourceId: string): boolean {
  return (
    answer.passages.some((passage) => passage.sourceId === sourceId) ||
    (answer.readings ?? []).some((reading) => reading.sourceId === sourceId) ||
    citesIn(answer.claims, sourceId) ||
    answer.calculations.some((calculation) => restsOn(calculation, sourceId))
  );
}

function mentions(slip: StoredSlip, sourceId: string): boolean {
  if (slip.kind === 'quote') return slip.citation.sourceId === sourceId;
  if (slip.kind === 'summary') return citesIn(slip.claims, sourceId);
  return (
    slip.about?.sourceId === sourceId ||
    mentionedIn(slip, sourceId) ||
    (slip.second !== null && mentionedIn(slip.second, sourceId))
  );
}

function quotes(event: LogEvent, sourceId: string): boolean {
  if (event.kind !== 'finding-kept' || event.payload === null) return false;
  return (event.payload as FindingPayload).citations.some((citation) => citation.sourceId === sourceId);
}

/** A citation without what the document says around and instead of its quote. */
function bare({ cell: _cell, ...citation }: Citation): Citation {
  return { ...citation, section: '', before: '', after: '', matched: '', spans: [], differences: [] };
}

/** A slip without a document's text: its passages and the claims that quote it go; a pasted quote was the analyst's own and stays, without place. */
function withoutSource(slip: StoredSlip, sourceId: string): StoredSlip {
  if (slip.kind === 'quote') {
    return { ...slip, instead: null, citation: bare(slip.citation) };
  }
  if (slip.kind === 'summary') return { ...slip, claims: withoutClaims(slip.claims, sourceId) };
  const { about, ...rest } = slip;
  return {
    ...rest,
    ...(about === undefined || about.sourceId === sourceId ? {} : { about }),
    ...opinionWithout(slip, sourceId),
    second: slip.second === null ? null : opinionWithout(slip.second, sourceId),
  };
}

function withoutClaims(claims: readonly Claim[], sourceId: string): Claim[] {
  return claims.filter((claim) => !claim.citations.some((citation) => citation.sourceId === sourceId));
}

function opinionWithout({ answer, model }: Opinion, sourceId: string): Opinion {
  const claims = withoutClaims(answer.claims, sourceId);
  const calculations = answer.calculations.filter((calculation) => !restsOn(calculation, sourceId));
  const kept = claims.length === answer.claims.length && calculations.length === answer.calculations.length;
  const { lines, readings = [], ...rest } = answer;
  const read = readings.filter((reading) => reading.sourceId !== sourceId);
  return {
    // A model's words without a citation may repeat any document.
    model: model === null || kept ? model : { ...model, asides: [] },
    answer: {
      ...rest,
      // Lines say what claims carried, and conflicts count claims: with some gone, neither holds.
      ...(kept && lines !== undefined ? { lines } : {}),
      ...(read.length === 0 ? {} : { readings: read }),
      conflicts: kept ? answer.conflicts : [],
      claims,
      calculations,
      passages: answer.passages.filter((passage) => passage.sourceId !== sourceId),
      headline: kept ? answer.headline : 'The document that answered this was removed.',
    },
  };
}

/** An item of a proof without a document's text: the words of the text that was proofed are the analyst's own and stay. */
function itemWithout(item: ProofItem, sourceId: string): ProofItem {
  if (item.citation?.sourceId !== sourceId) return item;
  if (item.kind === 'figure') return { ...item, citation: null, how: '', right: null, rightPlace: null, pages: [] };
  return { ...item, citation: bare(item.citation), rightPlace: null, pages: [] };
}

function proofWithout(proof: StoredProof, sourceId: string): StoredProof {
  const without = <T extends Pick<StoredProof, 'items' | 'against'>>(run: T): T => ({
    ...run,
    items: run.items.map((item) => itemWithout(item, sourceId)),
    against: run.against.filter((one) => one.sourceId !== sourceId),
  });
  return { ...without(proof), before: proof.before === null ? null : without(proof.before) };
}

type Removing = IDBPTransaction<Schema, typeof TOUCHED, 'readwrite'>;
const TOUCHED: (
  | 'sources'
  | 'editions'
  | 'files'
  | 'pages'
  | 'indexes'
  | 'tables'
  | 'slips'
  | 'events'
  | 'bearings'
  | 'proofs'
  | 'dossiers'
)[] = [
  'sources',
  'editions',
  'files',
  'pages',
  'indexes',
  'tables',
  'slips',
  'events',
  'bearings',
  'proofs',
  'dossiers',
];

/** Deletes a source with its bearings, and the editions and files that no other source uses. */
async function dropSource(transaction: Removing, source: StoredSource): Promise<void> {
  const sources = transaction.objectStore('sources');
  await sources.delete(source.id);
  await transaction.objectStore('bearings').delete(source.id);
  const others = await sources.getAll();
  for (const editionId of source.editionIds) {
    if (others.some((other) => other.editionIds.includes(editionId))) continue;
    const edition = await transaction.objectStore('editions').get(editionId);
    await transaction.objectStore('editions').delete(editionId);
    await transaction.objectStore('indexes').delete(editionId);
    await transaction.objectStore('tables').delete(editionId);
    await transaction.objectStore('pages').delete(IDBKeyRange.bound([editionId, 0], [editionId, Infinity]));
    if (edition !== undefined) await transaction.objectStore('files').delete(edition.sha256);
  }
}

/**
 * Removes a document: its editions with pages, indexes and files that no other document uses, and its text from slips. With
 * `eraseQuotes` the findings that cite it lose their text too, else they keep their quotes; withdrawn ones lose it in any case. One transaction.
 */
export async function removeSource(sourceId: string, eraseQuotes: boolean): Promise<void> {
  const handle = await database();
  const transaction = handle.transaction(TOUCHED, 'readwrite');
  const source = await transaction.objectStore('sources').get(sourceId);
  if (source === undefined) return;
  await dropSource(transaction, source);
  const slips = transaction.objectStore('slips');
  for (const slip of await slips.index('dossier').getAll(source.dossierId)) {
    if (mentions(slip, sourceId)) await slips.put(withoutSource(slip, sourceId));
  }
  const proofs = transaction.objectStore('proofs');
  for (const proof of await proofs.index('dossier').getAll(source.dossierId))
    await proofs.put(proofWithout(proof, sourceId));
  const events = transaction.objectStore('events');
  const stored = await events.index('dossier').getAll(source.dossierId);
  const standing = new Set(foldReview(stored.map((one) => one.event)).findings.map((finding) => finding.id));
  const gone = new Set(
    stored
      .filter(({ event }) => quotes(event, sourceId) && (eraseQuotes || !standing.has(event.target)))
      .map(({ event }) => event.target),
  );
  for (const one of stored)
    if (gone.has(one.event.target)) await events.put({ ...one, event: erased(one.event), erased: true });
  await transaction.done;
  for (const kind of ['shelf', 'slips', 'proofs', 'log'] as const) announce({ kind, dossierId: source.dossierId });
}

/** Deletes a dossier with its documents, slips and review. One transaction. */
export async function deleteDossier(dossierId: string): Promise<void> {
  const handle = await database();
  const transaction = handle.transaction(TOUCHED, 'readwrite');
  for (const source of await transaction.objectStore('sources').index('dossier').getAll(dossierId))
    await dropSource(transaction, source);
  for (const slip of await transaction.objectStore('slips').index('dossier').getAllKeys(dossierId))
    await transaction.objectStore('slips').delete(slip);
  for (const proof of await transaction.objectStore('proofs').index('dossier').getAllKeys(dossierId))
    await transaction.objectStore('proofs').delete(proof);
  for (const event of await transaction.objectStore('events').index('dossier').getAllKeys(dossierId))
    await transaction.objectStore('events').delete(event);
  await transaction.objectStore('dossiers').delete(dossierId);
  await transaction.done;
  announce({ kind: 'dossiers' });
}

/** Empties the database: dossiers, files, endpoints, settings, everything. One transaction. */
export async function removeEverything(): Promise<void> {
  const handle = await database();
  const names = [...handle.objectStoreNames];
  const transaction = handle.transaction(names, 'readwrite');
  await Promise.all(names.map((name) => transaction.objectStore(name).clear()));
  await transaction.done;
  announce({ kind: 'dossiers' });
}
