import { openDB, type IDBPDatabase, type IDBPTransaction, type StoreNames } from 'idb';
import { problem, ProblemError } from '../core/problem';
import { DATABASE, SCHEMA_VERSION, type Schema } from './schema';

export type Database = IDBPDatabase<Schema>;
type Upgrade = IDBPTransaction<Schema, StoreNames<Schema>[], 'versionchange'>;

/** Steps from each version to the next; a database of any older version passes through all that follow. */
const MIGRATIONS: readonly ((database: Database, transaction: Upgrade) => Promise<void> | void)[] = [
  (database) => {
    database.createObjectStore('dossiers', { keyPath: 'id' });
    database.createObjectStore('sources', { keyPath: 'id' }).createIndex('dossier', 'dossierId');
    database.createObjectStore('editions', { keyPath: 'id' });
    database.createObjectStore('files', { keyPath: 'sha256' });
    database.createObjectStore('pages', { keyPath: ['editionId', 'number'] });
    (database as unknown as IDBDatabase).createObjectStore('segments', { keyPath: 'editionId' });
    database.createObjectStore('slips', { keyPath: 'id' }).createIndex('dossier', 'dossierId');
    database.createObjectStore('events', { keyPath: ['dossierId', 'id'] }).createIndex('dossier', 'dossierId');
    database.createObjectStore('settings');
  },
  async (database, transaction) => {
    database.createObjectStore('bearings', { keyPath: 'sourceId' }).createIndex('dossier', 'dossierId');
    database.createObjectStore('endpoints', { keyPath: 'name' });
    await fill(transaction, 'dossiers', (old) => ({ ...old, openedAt: old.createdAt }));
    await fill(transaction, 'sources', (old) => ({ ...old, facts: {} }));
    await fill(transaction, 'slips', (old) => {
      const slip = { ...old, folded: false, pinned: false };
      if (slip.kind !== 'question') return slip;
      const settings = { passages: slip.answer.passages.length, budget: null, index: '' };
      return { ...slip, completed: slip.question, settings, model: null, second: null };
    });
  },
  async (database, transaction) => {
    database.createObjectStore('tables', { keyPath: 'editionId' });
    await fill(transaction, 'editions', (old) => ({ ...old, tables: null }));
    await fill(transaction, 'sources', (old) => ({ ...old, folder: '' }));
  },
  async (database, transaction) => {
    await fill(transaction, 'pages', (old) => ({ ...old, page: { ...old.page, notes: [] } }));
    // What was built from pages is built anew.
    (database as unknown as IDBDatabase).deleteObjectStore('segments');
    database.createObjectStore('indexes', { keyPath: 'editionId' });
  },
  (database) => {
    database.createObjectStore('proofs', { keyPath: 'id' }).createIndex('dossier', 'dossierId');
  },
  (_, transaction) => tablesAnew(transaction),
  (_, transaction) => tablesAnew(transaction),
];

/** Where tables are read better since: those of documents brought in before are looked for anew, and kept until then. */
function tablesAnew(transaction: Upgrade): Promise<void> {
  return fill(transaction, 'editions', (old) => ({ ...old, tables: null }));
}

/** Rewrites every record of a store. */
async function fill<S extends 'dossiers' | 'sources' | 'slips' | 'editions' | 'pages'>(
  transaction: Upgrade,
  name: S,
  change: (old: Schema[S]['value']) => Schema[S]['value'],
): Promise<void> {
  let cursor = await transaction.objectStore(name).openCursor();
  while (cursor !== null) {
    await cursor.update(change(cursor.value));
    cursor = await cursor.continue();
  }
}

let opened: Promise<Database> | null = null;

/**
 * The database, opened once a thread. Rejects with a ProblemError when the browser keeps nothing for us or another tab holds an
 * older version open.
 */
export function database(): Promise<Database> {
  opened ??= open().catch((caught: unknown) => {
    opened = null;
    throw caught;
  });
  return opened;
}

async function open(): Promise<Database> {
  let blocked = false;
  const opening = openDB<Schema>(DATABASE, SCHEMA_VERSION, {
    upgrade: (handle, from, _to, transaction) => {
      const migrateAll = async (): Promise<void> => {
        for (const migrate of MIGRATIONS.slice(from)) await migrate(handle, transaction);
      };
      // A step that fails leaves the older version as it was.
      migrateAll().catch(() => transaction.abort());
    },
    blocked: () => {
      blocked = true;
    },
    // A newer version wants in from another tab: let go, so that it is not held up.
    blocking: (_current, _blocked, event) => {
      (event.target as IDBDatabase).close();
      opened = null;
    },
    terminated: () => {
      opened = null;
    },
  });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const waited = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      if (blocked) reject(new ProblemError(problem('storage-blocked')));
    }, 3000);
  });
  try {
    return await Promise.race([opening, waited]);
  } catch (caught) {
    if (caught instanceof ProblemError) throw caught;
    throw new ProblemError(
      problem('storage-unavailable', { reason: caught instanceof Error ? caught.message : 'unknown' }),
    );
  } finally {
    clearTimeout(timer);
  }
}

/** Turns a full disk into its problem, worded with what was to be kept. */
export async function keeping<T>(what: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (caught) {
    if (caught instanceof Error && caught.name === 'QuotaExceededError')
      throw new ProblemError(problem('storage-full', { what }));
    throw caught;
  }
}

/** Closes the database, for tests. */
export async function closeDatabase(): Promise<void> {
  const handle = await opened;
  opened = null;
  handle?.close();
}
