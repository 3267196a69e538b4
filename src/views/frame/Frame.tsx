'use client';

import clsx from 'clsx';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import { wordProblem } from '@/core/problem';
import { Button, counted, Dialog, Drawing } from '@/ui';
import { droppedFiles, useDrawing, useSession, type Session, type SessionState } from '../session';
import { Decisions } from './Decisions';
import { DossiersDialog } from './DossiersDialog';
import { Shelf } from './Shelf';
import { Shortcuts } from './Shortcuts';
import { useTheme } from './useTheme';

const VIEWS = [
  { href: '/', name: 'Desk' },
  { href: '/proof', name: 'Proof' },
  { href: '/review', name: 'Review' },
] as const;

interface PartProps {
  readonly session: Session;
  readonly state: SessionState;
}

/** What all views share, and what stays while one moves between them: the dossier's head, the shelf, notices, decisions; files may be dropped anywhere on it. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const { session, state } = useSession();
  const draw = useDrawing();
  const [dropping, setDropping] = useState(false);
  const [shortcuts, setShortcuts] = useState(false);

  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      const typing =
        event.target instanceof HTMLElement &&
        event.target.closest('input, textarea, select, [contenteditable]') !== null;
      if (event.key === '?' && !typing) setShortcuts(true);
    };
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);

  if (state.phase === 'failed' && state.problem !== null) {
    return <p className="p-10 font-reading text-lg text-grave">{wordProblem(state.problem)}</p>;
  }
  return (
    <Drawing value={draw}>
      <div
        className="flex h-screen min-w-[900px] flex-col"
        onDragOver={(event) => {
          if (!event.dataTransfer.types.includes('Files')) return;
          event.preventDefault();
          setDropping(true);
        }}
        onDragLeave={(event) => event.relatedTarget === null && setDropping(false)}
        onDrop={(event) => {
          event.preventDefault();
          setDropping(false);
          void droppedFiles(event.dataTransfer).then((arrivals) => session.documents.bringIn(arrivals));
        }}
      >
        <Head session={session} state={state} onShortcuts={() => setShortcuts(true)} />
        <Shelf session={session} state={state} />
        <Notices session={session} state={state} />
        <main className="flex min-h-0 flex-1">
          {state.phase === 'opening' ? (
            <p className="p-8 font-reading text-muted italic">Opening the dossier …</p>
          ) : (
            children
          )}
        </main>
        {dropping && (
          <div className="pointer-events-none fixed inset-3 z-30 flex items-center justify-center border-2 border-dashed border-accent bg-leaf/80 font-reading text-2xl text-accent">
            Drop PDFs, folders or ZIP files to bring them in
          </div>
        )}
        <Decisions session={session} state={state} />
        {shortcuts && (
          <Dialog title="Shortcuts" onClose={() => setShortcuts(false)}>
            <Shortcuts />
          </Dialog>
        )}
      </div>
    </Drawing>
  );
}

function Head({ session, state, onShortcuts }: PartProps & { readonly onShortcuts: () => void }) {
  const path = usePathname();
  const [theme, switchTheme] = useTheme();
  const pages = state.shelf.reduce((sum, { edition }) => sum + (edition.facts?.pageCount ?? 0), 0);
  const [listing, setListing] = useState(false);
  return (
    <header className="flex h-[42px] shrink-0 items-center gap-6 border-b border-rule bg-leaf px-4">
      <div className="flex min-w-0 items-baseline gap-2">
        <h1 className="truncate font-reading text-[16px] font-semibold">{state.dossier?.name ?? 'Marked Page'}</h1>
        <Button title="Open, make, rename, save or delete a dossier" onClick={() => setListing(true)}>
          Dossiers
        </Button>
        {state.shelf.length > 0 && (
          <span className="whitespace-nowrap text-muted">
            {counted(state.shelf.length, 'document')} · {counted(pages, 'page')}
          </span>
        )}
      </div>
      <nav aria-label="Views" className="flex h-full gap-1">
        {VIEWS.map(({ href, name }) => (
          <Link
            key={href}
            href={href}
            aria-current={path === href ? 'page' : undefined}
            className={clsx(
              'flex h-full items-center border-b-2 px-2.5 pt-0.5',
              path === href ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink',
            )}
          >
            {name}
            {name === 'Review' && state.findings.length > 0 && (
              <span className="ml-1.5 font-semibold">{state.findings.length}</span>
            )}
          </Link>
        ))}
      </nav>
      <div className="ml-auto flex items-center gap-3 whitespace-nowrap text-muted">
        <span className="hidden min-[1100px]:inline">{whereToOf(state)}</span>
        <Button look="quiet" onClick={switchTheme}>
          {theme === 'dark' ? 'Light' : 'Dark'}
        </Button>
        <Button look="quiet" onClick={onShortcuts}>
          Shortcuts
        </Button>
      </div>
      {listing && <DossiersDialog session={session} state={state} onClose={() => setListing(false)} />}
    </header>
  );
}

/** What leaves this computer with the next question. */
function whereToOf({ reader }: SessionState): string {
  return reader.kind === 'configured' || reader.kind === 'added'
    ? `Questions and passages go to ${reader.name}`
    : 'Documents stay on this computer';
}

function Notices({ session, state }: PartProps) {
  if (state.notices.length === 0 && state.arriving.length === 0 && state.bringing === null) return null;
  return (
    <ul aria-live="polite" className="max-h-28 shrink-0 overflow-y-auto border-b border-rule bg-leaf px-4 py-1">
      {state.bringing !== null && (
        <li className="flex items-baseline gap-3 py-0.5 text-muted">
          <span className="min-w-0 flex-1">
            Bringing in file {state.bringing.done + 1} of {state.bringing.total}
          </span>
          <Button onClick={() => session.documents.stopBringing()}>Stop</Button>
        </li>
      )}
      {state.arriving.map((name) => (
        <li key={name} className="py-0.5 text-muted">
          Taking in “{name}” …
        </li>
      ))}
      {state.notices.map((notice) => (
        <li
          key={notice.id}
          className={clsx('flex items-baseline gap-3 py-0.5', notice.tone === 'fault' && 'text-grave')}
        >
          <span className="min-w-0 flex-1 break-words">{notice.text}</span>
          <Button onClick={() => session.dismiss(notice.id)}>Dismiss</Button>
        </li>
      ))}
    </ul>
  );
}
