import { announce } from './changes';
import { database, keeping } from './database';
import type { StoredProof } from './schema';

/** Proofs of a dossier, newest first. */
export async function listProofs(dossierId: string): Promise<StoredProof[]> {
  const proofs = await (await database()).getAllFromIndex('proofs', 'dossier', dossierId);
  return proofs.sort((a, b) => b.madeAt - a.madeAt);
}

export async function storeProof(proof: StoredProof): Promise<void> {
  await keeping('the proof', async () => (await database()).put('proofs', proof));
  announce({ kind: 'proofs', dossierId: proof.dossierId });
}

export async function deleteProof({ id, dossierId }: Pick<StoredProof, 'id' | 'dossierId'>): Promise<void> {
  await (await database()).delete('proofs', id);
  announce({ kind: 'proofs', dossierId });
}
