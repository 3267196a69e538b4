import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { onChange, type Change } from './changes';
import { closeDatabase, database, keeping } from './database';
import { freshDossier, storeDossier } from './dossiers';
import { DATABASE, SCHEMA_VERSION } from './schema';

// An open channel to other tabs would keep the test process alive.
Object.defineProperty(globalThis, 'BroadcastChannel', { value: undefined });

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});
afterEach(closeDatabase);

describe('the database', () => {
  test('tells every change to those who listen, until they stop', async () => {
    const heard: Change[] = [];
    const stop = onChange((change) => heard.push(change));
    await storeDossier(freshDossier('dossier-1', 'One', 1));
    stop();
    await storeDossier(freshDossier('dossier-2', 'Two', 1));
    expect(heard).toEqual([{ kind: 'dossiers' }]);
  });

  test('turns a full disk into a problem that says what could not be kept', async () => {
    const full = (): Promise<never> => Promise.reject(Object.assign(new Error('full'), { name: 'QuotaExceededError' }));
    await expect(keeping('Lease.pdf', full)).rejects.toThrow(/no room left to keep “Lease\.pdf”/);
    await expect(keeping('x', () => Promise.reject(new Error('other')))).rejects.toThrow('other');
  });

  test('makes way for a newer version in another tab', async () => {
    await database();
    const newer = await openDB(DATABASE, SCHEMA_VERSION + 1);
    expect(newer.version).toBe(SCHEMA_VERSION + 1);
    newer.close();
  });

  test('says what to do when a newer version has been here', async () => {
    await closeDatabase();
    (await openDB(DATABASE, SCHEMA_VERSION + 1)).close();
    await expect(database()).rejects.toThrow(/does not let the page keep data/);
  });
});
