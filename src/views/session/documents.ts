import { problem, wordProblem, type Problem } from '@/core/problem';
import { cites } from '@/core/review';
import {
  announce,
  editionId,
  getEdition,
  removeSource,
  shelve,
  updateEdition,
  updateSource,
  type Shelved,
} from '@/store';
import { hireArchivist, hireReader, type Hired } from '@/workers/clients';
import type { ReadingApi } from '@/workers/reading.worker';
import { v4 as uuid } from 'uuid';
import type { Arrival, Fate } from './arrivals';
import type { SessionBase } from './base';
import { Readings } from './readings';

/** Faults that show only once a file is read, and after which it does not stay on the shelf. */
const REFUSED: ReadonlySet<Problem['code']> = new Set(['file-damaged', 'file-no-text', 'file-not-pdf', 'file-empty']);
const LOCKED: ReadonlySet<Problem['code']> = new Set(['file-password', 'file-password-wrong']);

/** Files brought in together, up to which each is told of by itself. */
const FEW = 3;

/** The documents of the dossier: taking files in, reading them, the shelf they stand on. */
export class Documents {
  private readonly readings = new Readings({
    onDone: (shelved) => void this.base.guard(() => this.afterReading(shelved)),
    onProblem: (shelved, found) => void this.base.guard(() => this.afterFault(shelved, found)),
    onChange: () => void this.base.guard(() => this.base.loadShelf()),
  });
  /** Documents taken in that the shelf as it is shown may not have yet. */
  private readonly taken: Shelved[] = [];

  /** Rounds of bringing in that are under way, with what became of their files so far; a stopped one ends after the file at hand. */
  private readonly rounds = new Set<{ stopped: boolean; fates: readonly Fate[] }>();

  /** `onRead` is called when a document has been read to its end. */
  constructor(
    private readonly base: SessionBase,
    private readonly onRead: (shelved: Shelved) => Promise<void>,
  ) {}

  private get isBringing(): boolean {
    return this.rounds.size > 0;
  }

  /** True while files are being brought in or read. */
  get isBusy(): boolean {
    return this.isBringing || this.readings.left > 0;
  }

  /** Brings files in, those of ZIP files too; each is taken, asked about or refused on its own. What became of many is told in one list, unless all were taken in. */
  async bringIn(arrivals: readonly Arrival[]): Promise<void> {
    const { base } = this;
    const round: { stopped: boolean; fates: readonly Fate[] } = { stopped: false, fates: [] };
    this.rounds.add(round);
    const waiting = [...arrivals];
    const reader = hireReader();
    await base.guard(() => base.loadShelf());
    for (let done = 0; waiting.length > 0 && !round.stopped; done += 1) {
      const arrival = waiting.shift() as Arrival;
      const total = done + 1 + waiting.length;
      if (total > FEW) base.state.update({ bringing: { done, total } });
      await base.guard(async () => {
        if (/\.zip$/i.test(arrival.file.name)) {
          const { arrivals: inside, fates } = await this.unpack(arrival);
          waiting.unshift(...inside);
          round.fates = [...round.fates, ...fates];
        } else {
          const fate = await this.admit(arrival, reader);
          round.fates = [...round.fates, fate];
        }
      });
    }
    reader.end();
    this.rounds.delete(round);
    if (this.rounds.size === 0) this.taken.length = 0;
    await base.guard(() => base.loadShelf());
    const passed = waiting.map(({ file, folder }): Fate => ({ name: file.name, folder, fate: 'passed over', why: 'you stopped before it' })); // prettier-ignore
    const fates = [...round.fates, ...passed];
    base.state.update({ bringing: null });
    const smooth = fates.every(({ fate }) => fate === 'taken in');
    if (fates.length > FEW && smooth) base.tell(`${fates.length} files were brought in.`);
    else if (fates.length > FEW) base.decide({ kind: 'arrived', fates });
    else for (const fate of fates) this.tellFate(fate);
  }

  /** Lets the files that are being brought in be, after the one at hand. */
  stopBringing(): void {
    for (const round of this.rounds) round.stopped = true;
  }

  private tellFate({ fate, why }: Fate): void {
    if (why !== '' && fate !== 'to be decided') this.base.tell(why, fate === 'refused' ? 'fault' : 'plain');
  }

  /** Has a document that was taken in and then found to be none told so where what became of the files is still to be read. */
  private refuse({ source, edition }: Shelved, why: string): void {
    const { base } = this;
    const isIt = ({ name, folder, fate }: Fate): boolean => fate === 'taken in' && name === edition.fileName && folder === source.folder; // prettier-ignore
    const told = (fates: readonly Fate[]): Fate[] => fates.map((one) => (isIt(one) ? { ...one, fate: 'refused', why } : one)); // prettier-ignore
    for (const round of this.rounds) round.fates = told(round.fates);
    base.state.update({
      decisions: base.now.decisions.map((one) => (one.kind === 'arrived' ? { ...one, fates: told(one.fates) } : one)),
    });
  }

  /** The files of a ZIP file; where it gives none, why. */
  private async unpack({ file, folder }: Arrival): Promise<{ readonly arrivals: Arrival[]; readonly fates: Fate[] }> {
    const archivist = hireArchivist();
    const result = await archivist.api.unpack(file, file.name);
    archivist.end();
    if (!result.ok)
      return { arrivals: [], fates: [{ name: file.name, folder, fate: 'refused', why: wordProblem(result.problem) }] };
    const inside = [folder, file.name.replace(/\.zip$/i, '')].filter((part) => part !== '').join('/');
    const arrivals = result.value.map((packed) => ({
      file: new File([packed.bytes], packed.name),
      folder: [inside, packed.folder].filter((part) => part !== '').join('/'),
    }));
    return { arrivals, fates: [] };
  }

  private async admit({ file, folder }: Arrival, reader: Hired<ReadingApi>): Promise<Fate> {
    const { base } = this;
    const fated = (fate: Fate['fate'], why = ''): Fate => ({ name: file.name, folder, fate, why });
    base.state.update({ arriving: [...base.now.arriving, file.name] });
    const admitted = await reader.api.admit(file);
    base.state.update({ arriving: base.now.arriving.filter((name) => name !== file.name) });
    if (!admitted.ok) return fated('refused', wordProblem(admitted.problem));
    const { sha256 } = admitted.value;
    await this.tellShortRoom(file);
    const standing = [...base.now.shelf, ...this.taken];
    const same = standing.find((one) => one.source.editionIds.includes(editionId(sha256)));
    if (same !== undefined)
      return fated(
        'here already',
        `“${file.name}” is already here as “${same.source.name}”: the same bytes are one document.`,
      );
    const named = standing.find((one) => one.edition.fileName === file.name && one.source.folder === folder);
    if (named !== undefined) {
      base.decide({ kind: 'same-name', file, sha256, existing: named });
      return fated('to be decided', 'the same name as a document on the shelf, with other contents');
    }
    await this.shelveFile(file, sha256, null, folder);
    return fated('taken in');
  }

  /** Room that was free when it was last asked for, a tenth of it, and what files since then may need, in bytes. */
  private roomSeen = 0;
  private roomNeeded = 0;

  /** Says so before a file is taken in that may not fit: its bytes, pages and index need about three times its size. */
  private async tellShortRoom(file: File): Promise<void> {
    this.roomNeeded += 3 * file.size;
    if (this.roomNeeded < this.roomSeen) return;
    const { usage, quota } = (await navigator.storage?.estimate?.()) ?? {};
    if (usage === undefined || quota === undefined) return;
    // Asked for anew only when a tenth of it may be used up: asking takes as long as taking a small file in.
    [this.roomNeeded, this.roomSeen] = [3 * file.size, (quota - usage) / 10];
    if (quota - usage > 3 * file.size) return;
    const free = Math.max(0, Math.round((quota - usage) / 1e6));
    this.base.tellProblem(problem('storage-short', { file: file.name, free }));
  }

  /** Puts a file on the shelf as a new document, or as a new edition of `replaces`, and reads it. */
  async shelveFile(file: File, sha256: string, replaces: string | null, folder = ''): Promise<void> {
    const { base } = this;
    await base.guard(async () => {
      const at = { dossier: base.dossier, newId: uuid(), now: Date.now(), replaces };
      const source = await shelve({ sha256, name: file.name, bytes: file, folder }, at);
      const edition = await getEdition(editionId(sha256));
      if (edition === undefined) return;
      const shelved = { source, edition };
      if (this.isBringing) this.taken.push(shelved);
      else await base.loadShelf();
      if (base.now.open === null || replaces !== null) base.openPage(source.id, 1);
      if (shelved.edition.state === 'ready') await base.hold(shelved);
      else this.readings.start(shelved);
    });
  }

  stopReading(shelved: Shelved): void {
    void this.base.guard(() => this.readings.stop(shelved.edition.id));
  }

  /** Reads on where reading stopped, or tries again; `password` opens a locked file. */
  readOn(shelved: Shelved, password: string | null = null): void {
    this.readings.start(shelved, password);
    void this.base.guard(async () => {
      await updateEdition(shelved.edition.id, (edition) => ({ ...edition, state: 'waiting', problem: null }));
      await this.base.loadShelf();
    });
  }

  /** Goes on with what was being read, or looked through for tables, when the tab was closed. */
  resume(): void {
    for (const shelved of this.base.now.shelf) {
      const { state, tables } = shelved.edition;
      if (state === 'reading' || state === 'waiting' || (state === 'ready' && tables === null))
        this.readings.start(shelved);
    }
  }

  /** A page of this edition was stored: its reading is not stuck. */
  sign(editionId: string): void {
    this.readings.sign(editionId);
  }

  private async afterReading(shelved: Shelved): Promise<void> {
    if (this.readings.left > 0) this.base.refreshShelf();
    else await this.base.loadShelf();
    await this.base.hold(shelved);
    announce({ kind: 'shelf', dossierId: this.base.dossierId });
    await this.onRead(shelved);
  }

  private async afterFault(shelved: Shelved, found: Problem): Promise<void> {
    const { base } = this;
    const { id } = shelved.edition;
    if ((await getEdition(id))?.state === 'ready') {
      // Read to its end before: only its tables could not be looked for, and it stays as it is.
      await updateEdition(id, (edition) => ({ ...edition, tables: 0 }));
      base.tell(wordProblem(found), 'fault');
    } else if (REFUSED.has(found.code)) {
      await removeSource(shelved.source.id, false);
      this.refuse(shelved, wordProblem(found));
      base.tell(wordProblem(found), 'fault');
    } else {
      await updateEdition(id, (edition) => ({ ...edition, state: 'failed', problem: found }));
      if (LOCKED.has(found.code)) base.decide({ kind: 'password', shelved, problem: found });
      else base.tell(wordProblem(found), 'fault');
    }
    await base.loadShelf();
  }

  /** Takes a document into those asked, or leaves it out. */
  toggle(source: Shelved['source']): void {
    void this.base.guard(() => updateSource(source.id, (stored) => ({ ...stored, chosen: !stored.chosen })));
  }

  rename(source: Shelved['source'], name: string): void {
    void this.base.guard(() => updateSource(source.id, (stored) => ({ ...stored, name })));
  }

  askToRemove(shelved: Shelved): void {
    const findings = this.base.now.findings.filter((finding) => cites(finding, shelved.source.id)).length;
    this.base.decide({ kind: 'remove', shelved, findings });
  }

  /** Removes a document with every trace of its text; `eraseQuotes` takes the quotes in findings too. */
  async remove(shelved: Shelved, eraseQuotes: boolean): Promise<void> {
    const { base } = this;
    const { id } = shelved.source;
    await base.guard(async () => {
      await this.readings.stop(shelved.edition.id);
      await removeSource(id, eraseQuotes);
      await base.desk.forget(id);
      base.state.update({
        open: base.now.open?.sourceId === id ? null : base.now.open,
        chosen: base.now.chosen?.citation.sourceId === id ? null : base.now.chosen,
      });
    });
  }
}
