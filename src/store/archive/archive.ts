import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { reviewFileOf } from '../../core/exchange';
import { parseReview } from '../../core/exchange/incoming';
import { sha256Hex } from '../../core/hash';
import { problem, ProblemError } from '../../core/problem';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, manifestSchema, type ArchiveManifest } from './archiveSchema';
import { announce } from '../changes';
import { database, keeping } from '../database';
import { ACTOR, listEvents } from '../log';
import { editionId, freshEdition } from '../shelf';
import { SLICE, unzip } from './unzip';

const MANIFEST = 'dossier.json';
const REVIEW = 'review.json';
const FILES = 'files/';
/** Bytes that an archive may unpack to, its texts and each of its files. */
const MOST_TEXT = 200 * 1024 * 1024;
const MOST_FILE = 1024 * 1024 * 1024;
const MOST_ALL = 8 * MOST_FILE;
const MOST_ENTRIES = 5000;

function invalid(reason: string): ProblemError {
  return new ProblemError(problem('archive-invalid', { reason }));
}

/** A dossier as one ZIP file: `dossier.json`, `review.json`, and the documents under `files/` by their SHA-256. Passwords are left out. */
export async function saveArchive(dossierId: string, now: number): Promise<Blob> {
  const handle = await database();
  const dossier = await handle.get('dossiers', dossierId);
  if (dossier === undefined) throw invalid('there is no such dossier here, or nothing is in it yet');
  const sources = await handle.getAllFromIndex('sources', 'dossier', dossierId);
  const editions = new Map((await handle.getAll('editions')).map((one) => [one.id, one]));
  const files = new Map(
    sources.flatMap((source) =>
      source.editionIds.flatMap((edition) => {
        const { sha256, fileName: name, size } = editions.get(edition) ?? {};
        return sha256 === undefined || name === undefined || size === undefined
          ? []
          : [[sha256, { sha256, name, size }] as const];
      }),
    ),
  );
  const proofs = await handle.getAllFromIndex('proofs', 'dossier', dossierId);
  const manifest: ArchiveManifest = {
    format: ARCHIVE_FORMAT,
    v: ARCHIVE_VERSION,
    savedAt: new Date(now).toISOString(),
    dossier: {
      id: dossier.id,
      name: dossier.name,
      createdAt: dossier.createdAt,
      ...(dossier.settings === undefined ? {} : { settings: dossier.settings }),
    },
    sources: sources.map(({ id, name, addedAt, folder, chosen, facts, editionIds }) => ({
      id,
      name,
      addedAt,
      folder,
      chosen,
      facts,
      files: editionIds.flatMap((edition) => editions.get(edition)?.sha256 ?? []),
    })),
    files: [...files.values()],
    slips: await handle.getAllFromIndex('slips', 'dossier', dossierId),
    bearings: await handle.getAllFromIndex('bearings', 'dossier', dossierId),
    ...(proofs.length === 0 ? {} : { proofs }),
  };
  const documents = sources.flatMap((source) =>
    source.editionIds.flatMap((edition) => {
      const sha256 = editions.get(edition)?.sha256;
      return sha256 === undefined ? [] : [{ sha256, name: source.name }];
    }),
  );
  const review = reviewFileOf(await listEvents(dossierId), dossier.name, documents, now);
  const parts: Blob[] = [];
  let failed: Error | null = null;
  const zip = new Zip((error, chunk) => {
    if (error !== null) failed = error;
    else parts.push(new Blob([chunk as Uint8Array<ArrayBuffer>]));
  });
  for (const [name, value] of [
    [MANIFEST, manifest],
    [REVIEW, review],
  ] as const) {
    const entry = new ZipDeflate(name, { level: 6 });
    zip.add(entry);
    entry.push(strToU8(JSON.stringify(value)), true);
  }
  for (const sha256 of files.keys()) {
    const bytes = (await handle.get('files', sha256))?.bytes;
    if (bytes === undefined) continue;
    // PDFs are packed already.
    const entry = new ZipPassThrough(`${FILES}${sha256}`);
    zip.add(entry);
    for (let at = 0; at === 0 || at < bytes.size; at += SLICE)
      entry.push(new Uint8Array(await bytes.slice(at, at + SLICE).arrayBuffer()), at + SLICE >= bytes.size);
  }
  zip.end();
  if (failed !== null) throw failed as Error;
  return new Blob(parts, { type: 'application/zip' });
}

interface Unpacked {
  readonly texts: ReadonlyMap<string, string>;
  /** Files by the SHA-256 that they say they have. */
  readonly files: ReadonlyMap<string, Blob>;
}

/** Bytes that an entry may unpack to; one that does not belong into an archive refuses it. */
function mostOf(name: string): number | string {
  if (name === MANIFEST || name === REVIEW) return MOST_TEXT;
  return /^files\/[0-9a-f]{64}$/.test(name) ? MOST_FILE : 'it holds something that does not belong into an archive';
}

async function unpack(archive: Blob): Promise<Unpacked> {
  const bounds = { entries: MOST_ENTRIES, all: MOST_ALL, most: mostOf };
  const texts = new Map<string, string>();
  const files = new Map<string, Blob>();
  for (const { name, bytes } of await unzip(archive, bounds, invalid)) {
    if (texts.has(name)) throw invalid('it holds one part twice');
    if (name.startsWith(FILES)) files.set(name.slice(FILES.length), new Blob([bytes], { type: 'application/pdf' }));
    else texts.set(name, await bytes.text());
  }
  return { texts, files };
}

function manifestOf(text: string | undefined): ArchiveManifest {
  if (text === undefined) throw invalid('it holds no dossier');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw invalid('its list of contents is damaged');
  }
  const { format, v } = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  if (format !== ARCHIVE_FORMAT) throw invalid('it is no dossier of this application');
  if (v !== ARCHIVE_VERSION) throw new ProblemError(problem('archive-version', { version: String(v).slice(0, 20) }));
  const checked = manifestSchema.validate(value, { convert: false, errors: { wrap: { label: false } } });
  if (checked.error !== undefined)
    throw invalid(`${checked.error.details[0]?.path.join('.') ?? 'a part'} is not as described`);
  return checked.value;
}

/**
 * Stores what an archive holds as a dossier, whole or not at all, and gives its id. Documents are read anew, unless they have been read here
 * before. `newActor` becomes this browser profile's id for events, since another may go on with the old one.
 */
export async function openArchive(archive: Blob, now: number, newActor: string): Promise<string> {
  const { texts, files } = await unpack(archive);
  const manifest = manifestOf(texts.get(MANIFEST));
  const reviewText = texts.get(REVIEW);
  if (reviewText === undefined) throw invalid('it holds no review');
  const { events } = parseReview(reviewText, now);
  const { dossier, sources } = manifest;
  const wanted = new Set(sources.flatMap((source) => source.files));
  for (const { sha256 } of manifest.files) wanted.add(sha256);
  for (const sha256 of wanted) {
    const bytes = files.get(sha256);
    if (bytes === undefined) throw invalid('a document is missing from it');
    if (sha256Hex(new Uint8Array(await bytes.arrayBuffer())) !== sha256) throw invalid('a document in it is damaged');
  }
  const own = new Set(sources.map((source) => source.id));
  const { proofs = [] } = manifest;
  const strays = [...manifest.slips, ...manifest.bearings, ...proofs].some((one) => one.dossierId !== dossier.id);
  if (strays || manifest.bearings.some((one) => !own.has(one.sourceId)))
    throw invalid('parts of it belong to another dossier');
  const handle = await database();
  await keeping(dossier.name, async () => {
    const names = [
      'dossiers',
      'sources',
      'editions',
      'files',
      'slips',
      'bearings',
      'proofs',
      'events',
      'settings',
    ] as const;
    const transaction = handle.transaction(names, 'readwrite');
    const present = await transaction.objectStore('dossiers').get(dossier.id);
    const taken = await Promise.all(sources.map((source) => transaction.objectStore('sources').get(source.id)));
    if (present !== undefined || taken.some((one) => one !== undefined)) {
      transaction.abort();
      await transaction.done.catch(() => undefined);
      throw new ProblemError(problem('archive-present', { name: present?.name ?? dossier.name }));
    }
    await transaction.objectStore('dossiers').put({ v: 1, ...dossier, openedAt: now });
    for (const { sha256, name } of manifest.files) {
      const bytes = files.get(sha256) as Blob;
      const editions = transaction.objectStore('editions');
      if ((await editions.get(editionId(sha256))) === undefined)
        await editions.put(freshEdition({ sha256, name, bytes }));
      if ((await transaction.objectStore('files').get(sha256)) === undefined)
        await transaction.objectStore('files').put({ sha256, bytes });
    }
    for (const { files: hashes, ...source } of sources)
      await transaction
        .objectStore('sources')

        .put({ v: 1, folder: '', ...source, dossierId: dossier.id, editionIds: hashes.map(editionId) });
    for (const slip of manifest.slips) await transaction.objectStore('slips').put(slip);
    for (const one of manifest.bearings) await transaction.objectStore('bearings').put(one);
    for (const proof of proofs) await transaction.objectStore('proofs').put(proof);
    for (const event of events)
      await transaction.objectStore('events').put({
        dossierId: dossier.id,
        id: event.id,
        event,
        ...(event.payload === null ? { erased: true as const } : {}),
      });
    await transaction.objectStore('settings').put(newActor, ACTOR);
    await transaction.done;
  });
  announce({ kind: 'dossiers' });
  return dossier.id;
}
