import type { Claim } from '@/core/answer';
import { printedRow, sayCell } from '@/core/figure';
import { reviewFileOf, type ReviewFile } from '@/core/exchange';
import { problem } from '@/core/problem';
import type { Citation } from '@/core/quote';
import {
  actorOf,
  counterOf,
  firstBroken,
  foldReview,
  inverseOf,
  previewMerge,
  type Decision,
  type EventKind,
  type EventPayloads,
  type Finding,
  type FindingPayload,
  type LogEvent,
  type MergePreview,
} from '@/core/review';
import { cellsOf, type CellBlock, type Page } from '@/core/source';
import { oneLine } from '@/core/text';
import { appendEvent, getSetting, listEvents, mergeEvents, ownActor, storeSetting } from '@/store';
import { hireArchivist } from '@/workers/clients';
import { v4 as uuid } from 'uuid';
import type { SessionBase } from './base';

/** A quote of a colleague's finding held against one's own copy. */
export interface RecheckedQuote {
  readonly citation: Citation;
  /** What the check here says; null when the document is not here. */
  readonly here: Citation | null;
}

/** A colleague's finding held against one's own copies; `claim` is null where not all of its documents are here. */
interface CheckedFinding {
  readonly quotes: readonly RecheckedQuote[];
  readonly claim: Claim | null;
}

/** What taking in a colleague's review would change, with its new quotes checked anew. */
export interface Incoming {
  readonly file: ReviewFile;
  readonly preview: MergePreview;
  readonly rechecked: readonly RecheckedQuote[];
  /** New findings whose quotes stand and that say more than these. */
  readonly further: readonly Claim[];
  /** Documents it cites that are not on this shelf. */
  readonly missing: readonly string[];
}

/** The review: what is kept and decided. Every change is an event of the dossier's log. */
export class Findings {
  constructor(private readonly base: SessionBase) {}

  /** Keeps a claim, or a passage of a page, as a finding: its quotes, without the words around them. */
  async keep(payload: FindingPayload): Promise<void> {
    const citations = payload.citations.map((citation) => ({ ...citation, before: '', after: '' }));
    await this.append('finding-kept', uuid(), { ...payload, citations });
  }

  /** Keeps a passage selected on a page, checked like any quote. */
  async keepPassage(quote: string, sourceId: string, page: number): Promise<void> {
    await this.base.guard(async () => {
      const checked = await this.base.check(quote, { sourceId, page }, [sourceId]);
      if (checked === null) return;
      const text = oneLine(quote);
      await this.keep({ text, note: '', citations: [checked.citation], question: null });
      this.base.tell('The passage was kept as a finding.');
    });
  }

  /** Keeps cells pointed out in a table: what each says, with a citation a row that frames them. */
  async keepCells(block: CellBlock, sourceId: string, page: Page): Promise<void> {
    await this.base.guard(async () => {
      const cells = cellsOf(block);
      const citations: Citation[] = [];
      for (const row of block.rows) {
        const own = cells.filter((one) => one.row === row);
        const quote = printedRow(row, page);
        if (own.length === 0 || quote === null) continue;
        const checked = await this.base.check(quote, { sourceId, page: page.number }, [sourceId]);
        if (checked === null) return;
        const cell = {
          value: own.flatMap((one) => [...one.cell.spans]),
          row: row.spans.flat(),
          column: own.flatMap((one) => block.table.columns[one.column]?.spans.flat() ?? []),
        };
        citations.push({ ...checked.citation, cell });
      }
      const said = ({ row, column, cell }: (typeof cells)[number]): string =>
        `${[...row.path, ...(block.table.columns[column]?.path ?? [])].join(', ')}: ${sayCell(cell)}`;
      await this.keep({ text: oneLine(cells.map(said).join('; ')), note: '', citations, question: null });
      this.base.tell(cells.length === 1 ? 'The cell was kept as a finding.' : 'The cells were kept as a finding.');
    });
  }

  note(findingId: string, note: string): void {
    void this.append('finding-noted', findingId, { note });
  }

  decide(findingId: string, decision: Decision, reason = ''): void {
    void this.append('finding-decided', findingId, { decision, reason });
  }

  comment(findingId: string, text: string): void {
    if (text.trim() !== '') void this.append('finding-commented', findingId, { text: text.trim() });
  }

  withdrawComment(findingId: string, comment: string): void {
    void this.append('comment-withdrawn', findingId, { comment });
  }

  withdraw(findingId: string): void {
    void this.append('finding-withdrawn', findingId, {});
  }

  restore(findingId: string): void {
    void this.append('finding-restored', findingId, {});
  }

  /** Gives this browser's reviewer a name, once for all dossiers; each log learns it. */
  async nameReviewer(name: string): Promise<void> {
    await this.base.guard(async () => {
      await storeSetting('reviewer', name);
      this.base.state.update({ reviewer: name });
      if (this.base.now.actor !== null) await this.append('reviewer-named', this.base.now.actor, { name });
    });
  }

  /** Takes back the last thing one did in this review that is not taken back yet; says what it was. */
  async undo(): Promise<void> {
    const { base } = this;
    const log = await listEvents(base.dossierId);
    const own = log.filter((event) => actorOf(event) === base.now.actor).sort((a, b) => counterOf(b) - counterOf(a));
    const event = own.find((one) => !this.undone.has(one.id) && inverseOf(one, log) !== null);
    const inverse = event === undefined ? null : inverseOf(event, log);
    if (event === undefined || inverse === null) return base.tell('There is nothing to undo.');
    this.undone.add(event.id);
    const written = await this.append(inverse.kind, inverse.target, inverse.payload);
    if (written !== null) this.undone.add(written.id);
  }

  /** Events taken back in this tab, and those that did it: undoing again goes further back. */
  private readonly undone = new Set<string>();

  private async append<K extends EventKind>(
    kind: K,
    target: string,
    payload: EventPayloads[K],
  ): Promise<LogEvent<K> | null> {
    const { base } = this;
    let written: LogEvent<K> | null = null;
    await base.guard(async () => {
      // Written before anything else is asked for: a reload just then loses nothing.
      written = await appendEvent(base.dossierId, { kind, target, payload, now: Date.now() }, uuid());
      const reviewer = await getSetting('reviewer');
      const actor = actorOf(written);
      if (reviewer === null || kind === 'reviewer-named') return;
      // A log that does not know its reviewer's name yet learns it.
      if (foldReview(await listEvents(base.dossierId)).names.get(actor) === reviewer) return;
      const naming = { kind: 'reviewer-named', target: actor, payload: { name: reviewer }, now: Date.now() } as const;
      await appendEvent(base.dossierId, naming, uuid());
    });
    return written;
  }

  async load(): Promise<void> {
    const id = this.base.dossierId;
    const log = await listEvents(id);
    const [actor, reviewer] = [await ownActor(), await getSetting('reviewer')];
    if (id !== this.base.dossierId) return;
    const broken = firstBroken(log);
    if (broken !== null) this.base.tellProblem(problem('log-invalid', { id: broken }));
    const review = foldReview(log);
    this.base.state.update({ review, findings: review.findings, actor, reviewer });
  }

  /** Findings with the words around their quotes, as they stand in one's own copies, for exports that point into pages. */
  async withContext(): Promise<Finding[]> {
    const around = async (citation: Citation): Promise<Citation> => {
      const shelved = this.base.documentOf(citation);
      if (shelved === null) return citation;
      const checked = await this.base.check(citation.quote, { sourceId: shelved.source.id, page: citation.page }, [
        shelved.source.id,
      ]);
      return checked === null
        ? citation
        : { ...citation, before: checked.citation.before, after: checked.citation.after };
    };
    const findings: Finding[] = [];
    for (const finding of this.base.now.findings) {
      const { content } = finding;
      if (content === null) findings.push(finding);
      else
        findings.push({
          ...finding,
          content: { ...content, citations: await Promise.all(content.citations.map(around)) },
        });
    }
    return findings;
  }

  /** The review as a file to send. */
  async reviewFile(): Promise<ReviewFile> {
    const log = await listEvents(this.base.dossierId);
    const documents = new Map(this.base.now.shelf.map(({ source, edition }) => [edition.sha256, source.name]));
    for (const finding of this.base.now.findings)
      for (const { sha256, sourceName } of finding.content?.citations ?? [])
        if (sha256 !== '' && !documents.has(sha256)) documents.set(sha256, sourceName);
    const list = [...documents].map(([sha256, name]) => ({ sha256, name }));
    return reviewFileOf(log, this.base.now.dossier?.name ?? '', list, Date.now());
  }

  /** Reads a colleague's review and says what taking it in would change; null when it cannot be taken in, which is told. */
  async examine(given: File): Promise<Incoming | null> {
    const { base } = this;
    let incoming: Incoming | null = null;
    await base.guard(async () => {
      const archivist = hireArchivist();
      const result = await archivist.api.readReview(given, Date.now());
      archivist.end();
      if (!result.ok) return base.tellProblem(result.problem);
      const file = result.value;
      const preview = previewMerge(await listEvents(base.dossierId), file.events);
      const checked: CheckedFinding[] = [];
      for (const { content } of preview.newFindings) if (content !== null) checked.push(await this.checkHere(content));
      const rechecked = checked.flatMap((one) => one.quotes);
      const missing = rechecked.filter((one) => one.here === null).map((one) => one.citation.sourceName);
      const further = checked.flatMap(({ claim }) => (claim?.standing === 'goes-further' ? [claim] : []));
      incoming = { file, preview, rechecked, further, missing: [...new Set(missing)].sort() };
    });
    return incoming;
  }

  /** Holds a colleague's finding against one's own copies: each quote whose document is here, and the claim where all of them are. */
  private async checkHere({ text, citations }: FindingPayload): Promise<CheckedFinding> {
    const { base } = this;
    const held = citations.map((citation) => ({ citation, shelved: base.documentOf(citation) }));
    const here = held.flatMap(({ citation, shelved }) => (shelved === null ? [] : [{ citation, shelved }]));
    for (const { shelved } of here) await base.hold(shelved);
    const drafts = here.map(({ citation, shelved }) => ({ sourceId: shelved.source.id, page: citation.page, quote: citation.quote })); // prettier-ignore
    const ids = [...new Set(here.map(({ shelved }) => shelved.source.id))];
    const result = here.length === 0 ? null : await base.desk.weigh({ text, citations: drafts }, ids);
    if (result !== null && !result.ok) base.tellProblem(result.problem);
    const claim = result?.ok === true ? result.value : null;
    const quotes = held.map(({ citation }) => ({ citation, here: claim?.citations[here.findIndex((one) => one.citation === citation)] ?? null })); // prettier-ignore
    return { quotes, claim: here.length === held.length ? claim : null };
  }

  /** Takes a colleague's review in, whole or not at all. */
  async takeIn(incoming: Incoming): Promise<void> {
    await this.base.guard(async () => {
      await mergeEvents(this.base.dossierId, incoming.file.events);
      await this.load();
      const { newEvents } = incoming.preview;
      this.base.tell(
        newEvents === 0 ? 'Nothing in that review was new.' : `${newEvents} entries were taken into the review.`,
      );
    });
  }
}
