import { announce } from './changes';
import { database, keeping } from './database';
import type { StoredBearings } from './schema';

/** Bearings of a dossier's documents. */
export async function listBearings(dossierId: string): Promise<StoredBearings[]> {
  return (await database()).getAllFromIndex('bearings', 'dossier', dossierId);
}

/** Keeps a document's bearings, unless the document has gone in the meantime. */
export async function storeBearings(bearings: StoredBearings): Promise<void> {
  const handle = await database();
  await keeping('the summary', async () => {
    const transaction = handle.transaction(['bearings', 'sources'], 'readwrite');
    if ((await transaction.objectStore('sources').get(bearings.sourceId)) !== undefined)
      await transaction.objectStore('bearings').put(bearings);
    await transaction.done;
  });
  announce({ kind: 'bearings', dossierId: bearings.dossierId });
}
