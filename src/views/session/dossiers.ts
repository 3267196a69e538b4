import type { AskSettings } from '@/core/answer';
import { problem, wordProblem } from '@/core/problem';
import {
  deleteDossier,
  freshDossier,
  getDossier,
  latestDossier,
  listDossiers,
  removeEverything,
  storeDossier,
  type DossierListed,
  type StoredDossier,
} from '@/store';
import { hireArchivist } from '@/workers/clients';
import { v4 as uuid } from 'uuid';
import type { SessionBase } from './base';

/** What a dossier is called before it is given a name. */
export const FIRST_NAME = 'My dossier';

/** What is stored in this browser, in bytes. */
export interface Storage {
  readonly used: number;
  readonly room: number;
}

/** The dossiers of this browser: which is at hand, the list of all, archives. */
export class Dossiers {
  /** `onOpen` loads what belongs to the dossier that is at hand now. */
  constructor(
    private readonly base: SessionBase,
    private readonly onOpen: () => Promise<void>,
  ) {}

  /** The dossier to begin with: the one last worked in, or a new one that is stored with its first document. */
  async first(): Promise<StoredDossier> {
    return (await latestDossier()) ?? freshDossier(uuid(), FIRST_NAME, Date.now());
  }

  /** Takes up the dossier that another tab has stored, while the one at hand is not stored yet: two empty tabs work in one. */
  async takeUpStored(): Promise<void> {
    const { dossier, shelf } = this.base.now;
    if (dossier === null || shelf.length > 0 || (await getDossier(dossier.id)) !== undefined) return;
    const latest = await latestDossier();
    if (latest !== null && this.base.dossierId === dossier.id) await this.lay(latest);
  }

  list(): Promise<DossierListed[]> {
    return listDossiers();
  }

  async storage(): Promise<Storage | null> {
    const { usage, quota } = (await navigator.storage?.estimate?.()) ?? {};
    return usage === undefined || quota === undefined ? null : { used: usage, room: quota };
  }

  async make(name: string): Promise<void> {
    await this.base.guard(async () => {
      const dossier = freshDossier(uuid(), name, Date.now());
      await storeDossier(dossier);
      await this.lay(dossier);
    });
  }

  async open(id: string): Promise<void> {
    await this.base.guard(async () => {
      const dossier = await getDossier(id);
      if (dossier === undefined) return;
      const opened = { ...dossier, openedAt: Date.now() };
      await storeDossier(opened);
      await this.lay(opened);
    });
  }

  /** Puts a dossier on the desk. */
  private async lay(dossier: StoredDossier): Promise<void> {
    const cleared = {
      shelf: [],
      slips: [],
      proofs: [],
      proofId: null,
      found: null,
      about: null,
      findings: [],
      bearings: [],
      open: null,
      chosen: null,
      notices: [],
      decisions: [],
    };
    this.base.state.update({ dossier, ...cleared });
    await this.onOpen();
  }

  rename(id: string, name: string): void {
    void this.base.guard(async () => {
      const dossier = (await getDossier(id)) ?? (id === this.base.dossierId ? this.base.dossier : undefined);
      if (dossier !== undefined) await storeDossier({ ...dossier, name });
    });
  }

  /** Has the dossier's questions read another way from now on; answers given before say that they are of earlier settings. */
  async setSettings(settings: AskSettings): Promise<void> {
    await this.base.guard(async () => {
      const dossier = { ...this.base.dossier, settings };
      await storeDossier(dossier);
      this.base.state.update({ dossier });
      await this.base.configure();
    });
  }

  /** Settings out of a file; a sentence that says why where it cannot be used. */
  async openSettings(file: File): Promise<AskSettings | string> {
    const archivist = hireArchivist();
    const result = await archivist.api.settings(await file.text());
    archivist.end();
    return result.ok ? result.value : wordProblem(result.problem);
  }

  /** Deletes a dossier with all that is in it; the last one used is opened then. */
  async remove(id: string): Promise<void> {
    await this.base.guard(async () => {
      if (id === this.base.dossierId)
        for (const { source } of this.base.now.shelf) await this.base.desk.forget(source.id);
      await deleteDossier(id);
      if (id === this.base.dossierId) await this.lay(await this.first());
    });
  }

  /** Empties the database and begins anew. */
  async removeEverything(): Promise<void> {
    await this.base.guard(async () => {
      await removeEverything();
      // What workers and this page still hold in memory goes with the page.
      window.location.reload();
    });
  }

  /** A dossier as one file: documents, slips, review. Null when it could not be made, which is told. */
  async archive(id: string): Promise<Blob | null> {
    let made: Blob | null = null;
    await this.base.guard(async () => {
      const archivist = hireArchivist();
      const result = await archivist.api.save(id, Date.now());
      archivist.end();
      if (result.ok) made = result.value;
      else this.base.tellProblem(result.problem);
    });
    return made;
  }

  /** Opens an archive as a dossier of its own; its documents are read anew. */
  async openArchive(file: File): Promise<void> {
    await this.base.guard(async () => {
      const archivist = hireArchivist();
      const result = await archivist.api.open(file, Date.now(), uuid());
      archivist.end();
      if (!result.ok) return this.base.tellProblem(result.problem);
      const dossier = await getDossier(result.value);
      if (dossier === undefined)
        return this.base.tellProblem(problem('archive-invalid', { reason: 'it holds no dossier' }));
      await this.lay(dossier);
    });
  }
}
