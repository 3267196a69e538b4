import { announce } from './changes';
import { database, keeping } from './database';
import type { StoredDossier } from './schema';

/** A dossier with what it holds. */
export interface DossierListed {
  readonly dossier: StoredDossier;
  readonly documents: number;
  readonly pages: number;
  readonly slips: number;
  readonly events: number;
}

export function freshDossier(id: string, name: string, now: number): StoredDossier {
  return { v: 1, id, name, createdAt: now, openedAt: now };
}

/** The dossier last worked in; null when there is none. */
export async function latestDossier(): Promise<StoredDossier | null> {
  const all = await (await database()).getAll('dossiers');
  return all.sort((a, b) => b.openedAt - a.openedAt)[0] ?? null;
}

export async function getDossier(id: string): Promise<StoredDossier | undefined> {
  return (await database()).get('dossiers', id);
}

/** Stores a dossier, new or changed. */
export async function storeDossier(dossier: StoredDossier): Promise<void> {
  await keeping('the dossier', async () => (await database()).put('dossiers', dossier));
  announce({ kind: 'dossiers' });
}

/** All dossiers, the last opened first. */
export async function listDossiers(): Promise<DossierListed[]> {
  const handle = await database();
  const transaction = handle.transaction(['dossiers', 'sources', 'editions', 'slips', 'events']);
  const listed: DossierListed[] = [];
  for (const dossier of await transaction.objectStore('dossiers').getAll()) {
    const sources = await transaction.objectStore('sources').index('dossier').getAll(dossier.id);
    let pages = 0;
    for (const source of sources)
      pages += (await transaction.objectStore('editions').get(source.editionIds.at(-1) ?? ''))?.facts?.pageCount ?? 0;
    const slips = await transaction.objectStore('slips').index('dossier').count(dossier.id);
    const events = await transaction.objectStore('events').index('dossier').count(dossier.id);
    listed.push({ dossier, documents: sources.length, pages, slips, events });
  }
  return listed.sort((a, b) => b.dossier.openedAt - a.dossier.openedAt);
}
