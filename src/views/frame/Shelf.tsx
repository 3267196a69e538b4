'use client';

import clsx from 'clsx';
import { useRef, useState, type ChangeEvent } from 'react';
import type { Shelved } from '@/store';
import { Button, counted, Menu, Spine, useSize, type MenuEntry } from '@/ui';
import { pickedFiles, type Session, type SessionState } from '../session';
import { WholeShelf } from './WholeShelf';

/** Pixels a spine needs to be read; with less for each, all but the open one grow slim. */
const SPINE_WIDTH = 115;

interface ShelfProps {
  readonly session: Session;
  readonly state: SessionState;
}

function detailOf({ edition }: Shelved): string {
  const { state, facts, pagesRead, pagesWithoutText, warnings } = edition;
  if (state === 'failed')
    return edition.problem?.code.startsWith('file-password') === true ? 'locked with a password' : 'could not be read';
  if (facts === null) return 'waiting to be read';
  if (state === 'reading' || state === 'waiting') return `reading · page ${pagesRead} of ${facts.pageCount}`;
  if (state === 'stopped') return `stopped at page ${pagesRead} of ${facts.pageCount}`;
  const empty = pagesWithoutText > 0 ? ` · ${pagesWithoutText} without text` : '';
  const doubtful = warnings > 0 ? ` · ${warnings} doubtful` : '';
  return `PDF · ${facts.pageCount} pp${empty}${doubtful}`;
}

/** What was read, in a sentence. */
function tallyOf({ source, edition }: Shelved): string {
  const { facts, pagesRead, words, pagesWithoutText, warnings, tables } = edition;
  const pages = `${pagesRead} of ${facts?.pageCount ?? '?'} pages read, ${words.toLocaleString('en')} words`;
  const empty = pagesWithoutText === 0 ? 'every page has text' : `${pagesWithoutText} pages without text`;
  const found = tables === null ? 'tables are still looked for' : counted(tables, 'table');
  const doubts = warnings > 0 ? `, ${counted(warnings, 'page')} to look at` : '';
  return `${source.name}: ${pages}, ${found}, ${empty}${doubts}.`;
}

function notchesOf({ source, edition }: Shelved, state: SessionState): { at: number; strong: boolean }[] {
  const pages = Math.max(1, edition.facts?.pageCount ?? 1);
  const own = state.findings
    .flatMap((finding) => finding.content?.citations ?? [])
    .filter((citation) => citation.sourceId === source.id && citation.page !== null);
  const notches = own.map((citation) => ({ at: ((citation.page ?? 1) - 1) / pages, strong: false }));
  const chosen = state.chosen?.citation;
  if (chosen?.sourceId === source.id && chosen.page !== null)
    notches.push({ at: (chosen.page - 1) / pages, strong: true });
  return notches;
}

/** The documents of the dossier, side by side; which are asked is chosen here. */
export function Shelf({ session, state }: ShelfProps) {
  const [row, { width }] = useSize<HTMLUListElement>();
  const [whole, setWhole] = useState(false);
  const slim = width > 0 && state.shelf.length * SPINE_WIDTH > width;
  return (
    <section
      aria-label="Shelf"
      className="flex shrink-0 items-end gap-3 border-b-[3px] border-rule bg-ground px-4 pt-2.5"
    >
      <ul ref={row} className={clsx('flex min-w-0 flex-1 overflow-x-auto', slim ? 'gap-px' : 'gap-[3px]')}>
        {state.shelf.map((shelved) => (
          <Spine
            key={shelved.source.id}
            name={shelved.source.name}
            detail={detailOf(shelved)}
            grow={Math.sqrt(shelved.edition.facts?.pageCount ?? 9)}
            chosen={shelved.source.chosen}
            open={state.open?.sourceId === shelved.source.id}
            progress={progressOf(shelved)}
            tables={shelved.edition.tables !== null}
            slim={slim}
            faulty={shelved.edition.state === 'failed'}
            notches={notchesOf(shelved, state)}
            onOpen={() => session.openPage(shelved.source.id, 1)}
            onToggle={() => session.documents.toggle(shelved.source)}
            menu={<SpineMenu session={session} shelved={shelved} />}
          />
        ))}
        {state.phase === 'ready' && state.shelf.length === 0 && (
          <li className="flex h-14 items-center font-reading text-[15px] text-muted italic">
            The shelf is empty: bring in a PDF, or drop one anywhere here.
          </li>
        )}
      </ul>
      {slim && (
        <div className="pb-3">
          <Button title="The whole shelf as a list" onClick={() => setWhole(true)}>
            All {state.shelf.length} ▾
          </Button>
        </div>
      )}
      <BringIn session={session} />
      {whole && <WholeShelf session={session} state={state} detail={detailOf} onClose={() => setWhole(false)} />}
    </section>
  );
}

function progressOf({ edition }: Shelved): number {
  if (edition.state === 'ready') return 1;
  return edition.facts === null ? 0 : edition.pagesRead / edition.facts.pageCount;
}

function BringIn({ session }: { session: Session }) {
  const files = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const take = (event: ChangeEvent<HTMLInputElement>): void => {
    void session.documents.bringIn(pickedFiles(event.target.files ?? []));
    event.target.value = '';
  };
  return (
    <div className="flex flex-col items-center gap-0.5 pb-1.5 text-[12px]">
      <Button look="outline" title="PDFs, or a ZIP file of them" onClick={() => files.current?.click()}>
        Bring in
      </Button>
      <Button title="All PDFs of a folder and those in it" onClick={() => folder.current?.click()}>
        a folder
      </Button>
      <input
        ref={files}
        type="file"
        accept="application/pdf,.pdf,application/zip,.zip"
        multiple
        hidden
        aria-label="Bring in documents"
        onChange={take}
      />
      <input
        ref={folder}
        type="file"
        multiple
        hidden
        aria-label="Bring in a folder"
        onChange={take}
        {...{ webkitdirectory: '' }}
      />
    </div>
  );
}

function SpineMenu({ session, shelved }: { session: Session; shelved: Shelved }) {
  const { state, problem } = shelved.edition;
  const locked = state === 'failed' && problem?.code.startsWith('file-password') === true;
  const entries: MenuEntry[] = [];
  if (state === 'reading' || state === 'waiting')
    entries.push({ label: 'Stop reading', onSelect: () => session.documents.stopReading(shelved) });
  if (locked)
    entries.push({
      label: 'Give the password',
      onSelect: () => session.decide({ kind: 'password', shelved, problem }),
    });
  else if (state === 'stopped' || state === 'failed')
    entries.push({ label: 'Read on', onSelect: () => session.documents.readOn(shelved) });
  entries.push(
    { label: 'What was read', onSelect: () => session.tell(tallyOf(shelved)) },
    { label: 'Rename', onSelect: () => session.decide({ kind: 'rename', shelved }) },
    { label: 'Remove', onSelect: () => session.documents.askToRemove(shelved) },
  );
  return <Menu label={`More for ${shelved.source.name}`} trigger="⋯" entries={entries} />;
}
