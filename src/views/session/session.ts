import { toProblem } from '@/core/problem';
import { onChange, type Change } from '@/store';
import { Asking } from './asking';
import { SessionBase } from './base';
import { Bearings } from './bearings';
import { Documents } from './documents';
import { Dossiers } from './dossiers';
import { Finder } from './finding';
import { Findings } from './findings';
import { Proofs } from './proofs';
import { Readers } from './readers';

/** Everything a tab does with its dossier: what views show, and what they can ask for. One a tab; it outlives the views. */
export class Session extends SessionBase {
  readonly readers = new Readers(this);
  readonly asking = new Asking(this, this.readers);
  readonly bearings = new Bearings(this);
  readonly documents = new Documents(this, async (shelved) => {
    await this.asking.askOpenOnesAgain(shelved);
    await this.bearings.makeMissing();
  });
  readonly finder = new Finder(this);
  readonly findings = new Findings(this);
  readonly proofs = new Proofs(this, this.findings);
  readonly dossiers = new Dossiers(this, () => this.loadDossier());
  private started = false;

  /** Opens the dossier and goes on with what was being read. Safe to call again. */
  async start(): Promise<void> {
    if (this.started) return;
    this.started = true;
    try {
      this.state.update({ dossier: await this.dossiers.first() });
      onChange((change) => void this.guard(() => this.follow(change)));
      await this.loadDossier();
      this.state.update({ phase: 'ready' });
      await this.readers.load();
    } catch (caught) {
      this.state.update({ phase: 'failed', problem: toProblem(caught) });
    }
  }

  /** Loads what belongs to the dossier at hand and goes on with its reading. */
  private async loadDossier(): Promise<void> {
    await Promise.all([
      this.loadShelf(),
      this.loadSlips(),
      this.findings.load(),
      this.bearings.load(),
      this.proofs.load(),
    ]);
    await this.desk.configure(this.settings);
    for (const shelved of this.now.shelf) void this.guard(() => this.hold(shelved));
    this.documents.resume();
    void this.guard(() => this.bearings.makeMissing());
    if (this.now.shelf.length > 0) void this.guard(() => this.persist());
  }

  /** Asks the browser to keep what is stored even when the disk gets full; a refusal is its right, and is told where storage is shown. */
  async persist(): Promise<void> {
    const persisted = (await navigator.storage?.persist?.()) ?? false;
    this.state.update({ persisted });
  }

  renameDossier(name: string): void {
    this.state.update({ dossier: { ...this.dossier, name } });
    this.dossiers.rename(this.dossierId, name);
  }

  /** Stays in step with the store, whichever tab or worker changed it. */
  private async follow(change: Change): Promise<void> {
    if (change.kind === 'pages') {
      this.documents.sign(change.editionId);
      this.refreshShelf();
      const shelved = this.now.shelf.find((one) => one.edition.id === change.editionId);
      if (shelved !== undefined) await this.hold(shelved);
    } else if (change.kind === 'dossiers') {
      const before = this.reading;
      await this.loadShelf();
      // Another tab may have changed how questions are read.
      if (this.reading !== before) await this.configure();
      await this.dossiers.takeUpStored();
    } else if (change.kind === 'settings') await Promise.all([this.readers.load(), this.findings.load()]);
    else if (change.dossierId !== this.dossierId) await this.dossiers.takeUpStored();
    else {
      if (change.kind === 'shelf') {
        if (this.documents.isBusy) this.refreshShelf();
        else await this.loadShelf();
        if (this.now.persisted === null && this.now.shelf.length > 0) await this.persist();
      } else if (change.kind === 'slips') await this.loadSlips();
      else if (change.kind === 'bearings') this.soon('bearings', () => this.bearings.load());
      else if (change.kind === 'proofs') await this.proofs.load();
      else await this.findings.load();
    }
  }
}
