import type { EditionIndex } from '../core/library';
import type { Table } from '../core/source';
import { announce } from './changes';
import { database, keeping } from './database';
import type { StoredEdition, StoredPage } from './schema';

/** Stores pages as they are read, with the edition's progress, in one transaction; nothing when the edition is gone. */
export async function storePages(edition: StoredEdition, pages: readonly StoredPage[]): Promise<StoredEdition> {
  const handle = await database();
  return keeping(edition.fileName, async () => {
    const transaction = handle.transaction(['editions', 'pages'], 'readwrite');
    // Removed while it was being read: nothing of it is kept.
    if ((await transaction.objectStore('editions').get(edition.id)) === undefined) {
      await transaction.done;
      return edition;
    }
    const next: StoredEdition = {
      ...edition,
      state: 'reading',
      pagesRead: edition.pagesRead + pages.length,
      words: pages.reduce((sum, { page }) => sum + page.words, edition.words),
      pagesWithoutText: pages.reduce((sum, { page }) => sum + (page.words === 0 ? 1 : 0), edition.pagesWithoutText),
      warnings: pages.reduce((sum, { page }) => sum + page.warnings.length, edition.warnings),
    };
    await Promise.all(pages.map((page) => transaction.objectStore('pages').put(page)));
    await transaction.objectStore('editions').put(next);
    await transaction.done;
    announce({ kind: 'pages', editionId: edition.id });
    return next;
  });
}

function range(editionId: string, from = 0, to = Infinity): IDBKeyRange {
  return IDBKeyRange.bound([editionId, from], [editionId, to]);
}

/** Stored pages of an edition from page `from` to page `to`, in order. */
export async function pagesFrom(editionId: string, from: number, to = Infinity): Promise<StoredPage[]> {
  return (await database()).getAll('pages', range(editionId, from, to));
}

export async function getPage(editionId: string, number: number): Promise<StoredPage | undefined> {
  return (await database()).get('pages', [editionId, number]);
}

/** Stores the index of a whole edition; nothing when the edition is gone, since its text is in it. */
export async function storeIndex(editionId: string, index: EditionIndex): Promise<void> {
  const handle = await database();
  await keeping('the index', async () => {
    const transaction = handle.transaction(['editions', 'indexes'], 'readwrite');
    if ((await transaction.objectStore('editions').getKey(editionId)) !== undefined)
      await transaction.objectStore('indexes').put({ editionId, index });
    await transaction.done;
  });
}

export async function getIndex(editionId: string): Promise<EditionIndex | undefined> {
  return (await (await database()).get('indexes', editionId))?.index;
}

/** Stores an edition's tables with their number, in one transaction; nothing when the edition is gone. */
export async function storeTables(editionId: string, tables: readonly Table[]): Promise<void> {
  const handle = await database();
  await keeping('the tables', async () => {
    const transaction = handle.transaction(['editions', 'tables'], 'readwrite');
    const edition = await transaction.objectStore('editions').get(editionId);
    if (edition !== undefined) {
      await transaction.objectStore('tables').put({ editionId, tables });
      await transaction.objectStore('editions').put({ ...edition, tables: tables.length });
    }
    await transaction.done;
  });
  announce({ kind: 'pages', editionId });
}

/** The tables of an edition, none while they have not been looked for. */
export async function getTables(editionId: string): Promise<readonly Table[]> {
  return (await (await database()).get('tables', editionId))?.tables ?? [];
}

/** Physical page of a printed label, or null where no page read so far bears it. */
export async function pageOfLabel(editionId: string, label: string): Promise<number | null> {
  const handle = await database();
  let cursor = await handle.transaction('pages').store.openCursor(range(editionId));
  while (cursor !== null) {
    if (cursor.value.page.label?.toLowerCase() === label.toLowerCase()) return cursor.value.number;
    cursor = await cursor.continue();
  }
  return null;
}
