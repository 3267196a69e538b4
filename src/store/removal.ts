import { erased, foldFindings, type FindingPayload, type LogEvent } from '../core/review';
import { announce } from './changes';
import { database } from './database';
import type { StoredSlip } from './schema';

function mentions(slip: StoredSlip, sourceId: string): boolean {
  if (slip.kind === 'quote') return slip.citation.sourceId === sourceId;
  const { claims, passages } = slip.answer;
  return (
    passages.some((passage) => passage.sourceId === sourceId) ||
    claims.some((claim) => claim.citations.some((citation) => citation.sourceId === sourceId))
  );
}

function quotes(event: LogEvent, sourceId: string): boolean {
  if (event.kind !== 'finding-kept' || event.payload === null) return false;
  return (event.payload as FindingPayload).citations.some((citation) => citation.sourceId === sourceId);
}

/** A slip without a document's text: its passages and the claims that quote it go; a pasted quote was the analyst's own and stays, without place. */
function withoutSource(slip: StoredSlip, sourceId: string): StoredSlip {
  if (slip.kind === 'quote') {
    const { citation } = slip;
    return {
      ...slip,
      instead: null,
      citation: { ...citation, section: '', before: '', after: '', matched: '', spans: [], differences: [] },
    };
  }
  const claims = slip.answer.claims.filter(
    (claim) => !claim.citations.some((citation) => citation.sourceId === sourceId),
  );
  const kept = claims.length === slip.answer.claims.length;
  const passages = slip.answer.passages.filter((passage) => passage.sourceId !== sourceId);
  return {
    ...slip,
    answer: {
      ...slip.answer,
      claims,
      passages,
      headline: kept ? slip.answer.headline : 'The document that answered this was removed.',
    },
  };
}

/**
 * Removes a document: its editions with pages, segments and files that no other document uses, and its text from slips. With
 * `eraseQuotes` the findings that cite it lose their text too, else they keep their quotes; withdrawn ones lose it in any case. One transaction.
 */
export async function removeSource(sourceId: string, eraseQuotes: boolean): Promise<void> {
  const handle = await database();
  const transaction = handle.transaction(
    ['sources', 'editions', 'files', 'pages', 'segments', 'slips', 'events'],
    'readwrite',
  );
  const sources = transaction.objectStore('sources');
  const source = await sources.get(sourceId);
  if (source === undefined) return;
  await sources.delete(sourceId);
  const others = await sources.getAll();
  for (const editionId of source.editionIds) {
    if (others.some((other) => other.editionIds.includes(editionId))) continue;
    const edition = await transaction.objectStore('editions').get(editionId);
    await transaction.objectStore('editions').delete(editionId);
    await transaction.objectStore('segments').delete(editionId);
    await transaction.objectStore('pages').delete(IDBKeyRange.bound([editionId, 0], [editionId, Infinity]));
    if (edition !== undefined) await transaction.objectStore('files').delete(edition.sha256);
  }
  const slips = transaction.objectStore('slips');
  for (const slip of await slips.index('dossier').getAll(source.dossierId)) {
    if (mentions(slip, sourceId)) await slips.put(withoutSource(slip, sourceId));
  }
  const events = transaction.objectStore('events');
  const stored = await events.index('dossier').getAll(source.dossierId);
  const standing = new Set(foldFindings(stored.map((one) => one.event)).map((finding) => finding.id));
  const gone = new Set(
    stored
      .filter(({ event }) => quotes(event, sourceId) && (eraseQuotes || !standing.has(event.target)))
      .map(({ event }) => event.target),
  );
  for (const one of stored) if (gone.has(one.event.target)) await events.put({ ...one, event: erased(one.event) });
  await transaction.done;
  for (const kind of ['shelf', 'slips', 'log'] as const) announce({ kind, dossierId: source.dossierId });
}
