import { DEFAULT_SETTINGS, type AskSettings } from '@/core/answer';
import { sha256Hex } from '@/core/hash';
import { toProblem, wordProblem, type Problem } from '@/core/problem';
import type { Citation, Explanation } from '@/core/quote';
import { listShelf, getDossier, listSlips, type Shelved, type StoredDossier } from '@/store';
import { hireDesk, type Hired } from '@/workers/clients';
import type { CheckedQuote, DeskApi, Heading } from '@/workers/desk.worker';
import canonicalize from 'canonicalize';
import { v4 as uuid } from 'uuid';
import { documentOf } from './documentOf';
import { Observable } from './observable';
import { INITIAL, type Cited, type Decision, type OpenPage, type SessionState } from './state';

/** Milliseconds until a change of the shelf is taken up, and how many more for each document on it. */
const REFRESH_AFTER = 60;
const REFRESH_PER_DOCUMENT = 3;

/** What the parts of a session share: its state, the desk worker, notices and decisions. */
export class SessionBase {
  readonly state = new Observable<SessionState>(INITIAL);
  private hired: Hired<DeskApi> | null = null;

  get now(): SessionState {
    return this.state.snapshot();
  }

  /** The dossier at hand. Throws before one is opened. */
  get dossier(): StoredDossier {
    if (this.now.dossier === null) throw new Error('No dossier is open.');
    return this.now.dossier;
  }

  get dossierId(): string {
    return this.now.dossier?.id ?? '';
  }

  /** The desk worker, started on first use. */
  get desk(): Hired<DeskApi>['api'] {
    this.hired ??= hireDesk();
    return this.hired.api;
  }

  shelved(sourceId: string | null | undefined): Shelved | null {
    return this.now.shelf.find((one) => one.source.id === sourceId) ?? null;
  }

  /** Has the desk worker read questions as the dossier wants it; documents that are cut otherwise for it are taken in anew. */
  async configure(): Promise<void> {
    const anew = await this.desk.configure(this.settings);
    if (anew) await Promise.all(this.now.shelf.map((shelved) => this.hold(shelved)));
  }

  /** How the dossier's questions are read. */
  get settings(): AskSettings {
    return this.now.dossier?.settings ?? DEFAULT_SETTINGS;
  }

  /** A fingerprint of how questions are read now; undefined while all is as it came. */
  get reading(): string | undefined {
    const now = canonicalize(this.settings) ?? '';
    return now === canonicalize(DEFAULT_SETTINGS) ? undefined : sha256Hex(now).slice(0, 16);
  }

  /** Lets the desk worker take in what is stored of a document. */
  async hold(shelved: Shelved): Promise<void> {
    const result = await this.desk.sync(shelved);
    if (!result.ok) this.tellProblem(result.problem);
  }

  /** Holds a quote against documents; null when that failed, which is told. */
  async check(quote: string, cited: Cited, among: readonly string[]): Promise<CheckedQuote | null> {
    const result = await this.desk.check(quote, cited, among);
    if (result.ok) return result.value;
    this.tellProblem(result.problem);
    return null;
  }

  /** Why a citation has its mark; null when that could not be told, which is said. */
  async explain(citation: Citation): Promise<Explanation | null> {
    const result = await this.desk.explain(citation);
    if (result.ok) return result.value;
    this.tellProblem(result.problem);
    return null;
  }

  /** The headings of a document, in order. */
  headings(sourceId: string): Promise<readonly Heading[]> {
    return this.desk.headings(sourceId);
  }

  /** Opens a page on the right leaf, or on the left one in place of what lies there. */
  openPage(sourceId: string, page: number, leaf: 'open' | 'beside' = 'open'): void {
    const last = this.shelved(sourceId)?.edition.facts?.pageCount ?? 1;
    this.state.update({ [leaf]: { sourceId, page: Math.min(Math.max(1, page), Math.max(1, last)) } });
  }

  /** Takes the page off the left leaf. */
  clearBeside(): void {
    this.state.update({ beside: null });
  }

  /** Looks at a citation: its page opens, its quote is bracketed. */
  choose(key: string, citation: Citation): void {
    this.state.update({ chosen: { key, citation } });
    const shelved = this.documentOf(citation);
    if (shelved !== null && citation.page !== null) this.openPage(shelved.source.id, citation.page);
  }

  tell(text: string, tone: 'plain' | 'fault' = 'plain'): void {
    if (this.now.notices.some((notice) => notice.text === text)) return;
    this.state.update({ notices: [...this.now.notices, { id: uuid(), text, tone }] });
  }

  tellProblem(found: Problem): void {
    this.tell(wordProblem(found), 'fault');
  }

  dismiss(noticeId: string): void {
    this.state.update({ notices: this.now.notices.filter((notice) => notice.id !== noticeId) });
  }

  decide(decision: Decision): void {
    this.state.update({ decisions: [...this.now.decisions, decision] });
  }

  decided(): void {
    this.state.update({ decisions: this.now.decisions.slice(1) });
  }

  /** Loads something before long: what many files change one after the other is taken up together, the seldomer the more stand on the shelf. */
  soon(what: 'shelf' | 'bearings', load: () => Promise<void>): void {
    if (this.loading.has(what)) return;
    const wait = REFRESH_AFTER + REFRESH_PER_DOCUMENT * this.now.shelf.length;
    const timer = setTimeout(() => {
      this.loading.delete(what);
      void this.guard(load);
    }, wait);
    this.loading.set(what, timer);
  }

  private readonly loading = new Map<string, ReturnType<typeof setTimeout>>();

  refreshShelf(): void {
    this.soon('shelf', () => this.loadShelf());
  }

  /** Loads the shelf; what another dossier is laid over in the meantime is dropped, here and in the other loads. */
  async loadShelf(): Promise<void> {
    const id = this.dossierId;
    const dossier = (await getDossier(id)) ?? this.now.dossier;
    const shelf = await listShelf(id);
    if (id !== this.dossierId) return;
    const { open, beside } = this.now;
    const stands = (page: OpenPage | null): boolean => shelf.some((one) => one.source.id === page?.sourceId);
    const [first] = shelf;
    this.state.update({
      dossier,
      shelf,
      open: stands(open) ? open : first === undefined ? null : { sourceId: first.source.id, page: 1 },
      beside: stands(beside) ? beside : null,
    });
  }

  async loadSlips(): Promise<void> {
    const id = this.dossierId;
    const slips = await listSlips(id);
    if (id === this.dossierId) this.state.update({ slips });
  }

  /** The document a citation is of: by its id here, or, when it comes from a colleague, by the fingerprint of its file. */
  documentOf(citation: Citation): Shelved | null {
    return documentOf(this.now.shelf, citation);
  }

  /** Whatever goes wrong is told; nothing fails silently. */
  async guard(work: () => Promise<void>): Promise<void> {
    try {
      await work();
    } catch (caught) {
      this.tellProblem(toProblem(caught));
    }
  }
}
