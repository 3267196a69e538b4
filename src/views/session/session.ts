import { toProblem } from '@/core/problem';
import type { Citation } from '@/core/quote';
import { onChange, openDossier, renameDossier, type Change } from '@/store';
import { v4 as uuid } from 'uuid';
import { Asking } from './asking';
import { SessionBase } from './base';
import { Documents } from './documents';
import { Findings } from './findings';

/** Everything a tab does with its dossier: what views show, and what they can ask for. One a tab; it outlives the views. */
export class Session extends SessionBase {
  readonly asking = new Asking(this);
  readonly documents = new Documents(this, (shelved) => this.asking.askOpenOnesAgain(shelved));
  readonly findings = new Findings(this);
  private started = false;

  /** Opens the dossier and goes on with what was being read. Safe to call again. */
  async start(): Promise<void> {
    if (this.started) return;
    this.started = true;
    try {
      const dossier = await openDossier(uuid(), Date.now());
      this.state.update({ dossier });
      await Promise.all([this.loadShelf(), this.loadSlips(), this.findings.load()]);
      onChange((change) => void this.guard(() => this.follow(change)));
      this.state.update({ phase: 'ready' });
      // A refusal is the browser's right; what is stored then may be cleared when the disk is full.
      void navigator.storage?.persist?.();
      for (const shelved of this.now.shelf) void this.guard(() => this.hold(shelved));
      this.documents.resume();
    } catch (caught) {
      this.state.update({ phase: 'failed', problem: toProblem(caught) });
    }
  }

  renameDossier(name: string): void {
    void this.guard(() => renameDossier(this.dossierId, name));
  }

  /** Looks at a citation: its page opens, its quote is bracketed. */
  choose(key: string, citation: Citation): void {
    this.state.update({ chosen: { key, citation } });
    if (this.shelved(citation.sourceId) !== null && citation.page !== null) {
      this.openPage(citation.sourceId, citation.page);
    }
  }

  /** Stays in step with the store, whichever tab or worker changed it. */
  private async follow(change: Change): Promise<void> {
    if (change.kind === 'pages') {
      this.documents.sign(change.editionId);
      await this.loadShelf();
      const shelved = this.now.shelf.find((one) => one.edition.id === change.editionId);
      if (shelved !== undefined) await this.hold(shelved);
    } else if (change.dossierId === this.dossierId) {
      if (change.kind === 'shelf') await this.loadShelf();
      else if (change.kind === 'slips') await this.loadSlips();
      else await this.findings.load();
    }
  }
}
