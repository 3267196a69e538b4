import { announce } from './changes';
import { database, keeping } from './database';
import type { StoredSlip } from './schema';

/** Slips of a dossier, newest first. */
export async function listSlips(dossierId: string): Promise<StoredSlip[]> {
  const slips = await (await database()).getAllFromIndex('slips', 'dossier', dossierId);
  return slips.sort((a, b) => b.askedAt - a.askedAt);
}

export async function storeSlip(slip: StoredSlip): Promise<void> {
  await keeping('the answer', async () => (await database()).put('slips', slip));
  announce({ kind: 'slips', dossierId: slip.dossierId });
}

export async function deleteSlip(slip: StoredSlip): Promise<void> {
  await (await database()).delete('slips', slip.id);
  announce({ kind: 'slips', dossierId: slip.dossierId });
}

/** Changes a slip in one transaction; nothing happens when it is gone. */
export async function updateSlip<S extends StoredSlip>(id: string, change: (slip: S) => StoredSlip): Promise<void> {
  const handle = await database();
  await keeping('the slip', async () => {
    const transaction = handle.transaction('slips', 'readwrite');
    const slip = (await transaction.store.get(id)) as S | undefined;
    if (slip !== undefined) await transaction.store.put(change(slip));
    await transaction.done;
    if (slip !== undefined) announce({ kind: 'slips', dossierId: slip.dossierId });
  });
}
