import { proxy } from 'comlink';
import { fitText } from '@/core/exchange';
import { mended, mendingOf, type ProofItem } from '@/core/proof';
import { deleteProof, listProofs, storeProof, type StoredProof } from '@/store';
import { hireScribe } from '@/workers/clients';
import { v4 as uuid } from 'uuid';
import type { SessionBase } from './base';
import type { Findings } from './findings';

/** The key of an item of a proof, as what is looked at is named. */
export function proofKey(proofId: string, index: number): string {
  return `proof/${proofId}/${index}`;
}

/** Texts held against the chosen documents, quotation by quotation and figure by figure. */
export class Proofs {
  constructor(
    private readonly base: SessionBase,
    private readonly findings: Findings,
  ) {}

  async load(): Promise<void> {
    const id = this.base.dossierId;
    const proofs = await listProofs(id);
    if (id !== this.base.dossierId) return;
    const { proofId } = this.base.now;
    this.base.state.update({ proofs, proofId: proofs.some((one) => one.id === proofId) ? proofId : null });
  }

  open(proofId: string | null): void {
    this.base.state.update({ proofId });
  }

  /** Reads a file's text and proofs it. */
  async makeOfFile(file: File): Promise<void> {
    await this.base.guard(async () => {
      const scribe = hireScribe();
      const result = await scribe.api.textOf(file);
      scribe.end();
      if (!result.ok) return this.base.tellProblem(result.problem);
      await this.make(file.name, result.value);
    });
  }

  /** Proofs a text and keeps the proof. */
  async make(name: string, text: string): Promise<void> {
    await this.run({ v: 1, id: uuid(), dossierId: this.base.dossierId, name, text, madeAt: 0, before: null, items: [], against: [] }); // prettier-ignore
  }

  /** Proofs the same text once more, against the documents as they are now. */
  async again(proof: StoredProof): Promise<void> {
    const { madeAt, items, against } = proof;
    await this.run({ ...proof, before: { madeAt, items, against } });
  }

  /** Puts one item right in the text, and proofs the text anew. */
  async mend(proof: StoredProof, item: ProofItem): Promise<void> {
    const mending = mendingOf(item);
    if (mending !== null) await this.run({ ...proof, text: mended(proof.text, [mending]), before: null });
  }

  /** Ends the proof that is running; nothing of it is kept. */
  stop(): void {
    const { proofing } = this.base.now;
    if (proofing !== null) void this.base.desk.stopProof(proofing.id);
  }

  /** Keeps what an item of a proof quotes as a finding. */
  async keep(proof: StoredProof, item: ProofItem): Promise<void> {
    if (item.citation === null) return;
    const { citation } = item;
    const text = item.kind === 'quote' ? item.text : citation.quote;
    await this.findings.keep({ text, note: '', citations: [citation], question: proof.name });
    this.base.tell('It was kept as a finding.');
  }

  async remove(proof: StoredProof): Promise<void> {
    await this.base.guard(() => deleteProof(proof));
  }

  /** The text as an office file; null when that failed, which is told. */
  async asDocx(proof: StoredProof): Promise<Blob | null> {
    const scribe = hireScribe();
    const result = await scribe.api.toDocx(proof.text, proof.name);
    scribe.end();
    if (result.ok) return result.value;
    this.base.tellProblem(result.problem);
    return null;
  }

  private async run(proof: StoredProof): Promise<void> {
    const { base } = this;
    if (base.now.proofing !== null) return;
    await base.guard(async () => {
      const text = fitText(proof.text, proof.name);
      const among = base.now.shelf.filter((one) => one.source.chosen && one.edition.facts !== null);
      if (among.length === 0) return base.tell('Choose at least one document on the shelf to hold the text against.', 'fault'); // prettier-ignore
      const run = { id: uuid(), name: proof.name };
      base.state.update({ proofing: { ...run, done: 0, total: 0 } });
      for (const shelved of among) await base.hold(shelved);
      const tell = proxy((done: number, total: number) => base.state.update({ proofing: { ...run, done, total } }));
      const ids = among.map((one) => one.source.id);
      const result = await base.desk.proof(run.id, text, ids, tell);
      if (!result.ok) return base.tellProblem(result.problem);
      if (result.value === null) return;
      await storeProof({ ...proof, ...result.value, text, madeAt: Date.now() });
      await this.load();
      base.state.update({ proofId: proof.id });
    });
    base.state.update({ proofing: null });
  }
}
