import { announce } from './changes';
import { database, keeping } from './database';
import { READER, type StoredDossier, type StoredEdition, type StoredSource } from './schema';

/** A document with the edition that is asked. */
export interface Shelved {
  readonly source: StoredSource;
  readonly edition: StoredEdition;
}

export function editionId(sha256: string): string {
  return `${READER}@${sha256}`;
}

/** Documents of a dossier in the order they were brought in. */
export async function listShelf(dossierId: string): Promise<Shelved[]> {
  const handle = await database();
  const transaction = handle.transaction(['sources', 'editions']);
  const sources = await transaction.objectStore('sources').index('dossier').getAll(dossierId);
  const shelved: Shelved[] = [];
  for (const source of sources.sort((a, b) => a.addedAt - b.addedAt)) {
    const edition = await transaction.objectStore('editions').get(source.editionIds.at(-1) ?? '');
    if (edition !== undefined) shelved.push({ source, edition });
  }
  return shelved;
}

export async function getEdition(id: string): Promise<StoredEdition | undefined> {
  return (await database()).get('editions', id);
}

/** Changes an edition in one transaction; nothing happens when it is gone. */
export async function updateEdition(id: string, change: (edition: StoredEdition) => StoredEdition): Promise<void> {
  const handle = await database();
  const transaction = handle.transaction('editions', 'readwrite');
  const edition = await transaction.store.get(id);
  if (edition !== undefined) await transaction.store.put(change(edition));
  await transaction.done;
}

export async function updateSource(id: string, change: (source: StoredSource) => StoredSource): Promise<void> {
  const handle = await database();
  const transaction = handle.transaction('sources', 'readwrite');
  const source = await transaction.store.get(id);
  if (source !== undefined) await transaction.store.put(change(source));
  await transaction.done;
  if (source !== undefined) announce({ kind: 'shelf', dossierId: source.dossierId });
}

export interface Admitted {
  readonly sha256: string;
  readonly name: string;
  readonly bytes: Blob;
  /** The folders it was found in. */
  readonly folder?: string;
}

export function freshEdition({ sha256, name, bytes }: Admitted): StoredEdition {
  return {
    v: 1,
    id: editionId(sha256),
    sha256,
    fileName: name,
    size: bytes.size,
    state: 'waiting',
    facts: null,
    language: 'und',
    pagesRead: 0,
    words: 0,
    pagesWithoutText: 0,
    warnings: 0,
    tables: null,
    problem: null,
    password: null,
  };
}

/** Puts a file on the shelf as a new document, or as a new edition of `replaces`; bytes and edition are stored once. One transaction. */
export async function shelve(
  file: Admitted,
  at: {
    readonly dossier: StoredDossier;
    readonly newId: string;
    readonly now: number;
    readonly replaces: string | null;
  },
): Promise<StoredSource> {
  const handle = await database();
  return keeping(file.name, async () => {
    const transaction = handle.transaction(['dossiers', 'sources', 'editions', 'files'], 'readwrite');
    // A dossier is stored with the first thing that is put into it.
    const dossiers = transaction.objectStore('dossiers');
    if ((await dossiers.get(at.dossier.id)) === undefined) await dossiers.put(at.dossier);
    const [sources, editions, files] = [
      transaction.objectStore('sources'),
      transaction.objectStore('editions'),
      transaction.objectStore('files'),
    ];
    const id = editionId(file.sha256);
    if ((await editions.get(id)) === undefined) await editions.put(freshEdition(file));
    if ((await files.get(file.sha256)) === undefined) await files.put({ sha256: file.sha256, bytes: file.bytes });
    const replaced = at.replaces === null ? undefined : await sources.get(at.replaces);
    const source: StoredSource =
      replaced === undefined
        ? {
            v: 1,
            id: at.newId,
            dossierId: at.dossier.id,
            name: file.name.replace(/\.pdf$/i, ''),
            addedAt: at.now,
            folder: file.folder ?? '',
            chosen: true,
            editionIds: [id],
            facts: {},
          }
        : { ...replaced, editionIds: [...replaced.editionIds.filter((one) => one !== id), id] };
    await sources.put(source);
    await transaction.done;
    announce({ kind: 'shelf', dossierId: at.dossier.id });
    return source;
  });
}

export async function fileOf(sha256: string): Promise<Blob | undefined> {
  return (await (await database()).get('files', sha256))?.bytes;
}
