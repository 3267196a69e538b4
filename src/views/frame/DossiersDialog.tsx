'use client';

import { useEffect, useRef, useState } from 'react';
import type { DossierListed } from '@/store';
import { Button, counted, Dialog, formText, Menu, saveFile } from '@/ui';
import type { Session, SessionState, Storage } from '../session';

interface DossiersDialogProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly onClose: () => void;
}

type Asking =
  { readonly what: 'rename' | 'delete'; readonly listed: DossierListed } | { readonly what: 'everything' } | null;

const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const FIELD = 'min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2 py-1';

/** All dossiers of this browser: to open, make, rename, save, delete; what is stored, and how to remove it all. */
export function DossiersDialog({ session, state, onClose }: DossiersDialogProps) {
  const [listed, setListed] = useState<readonly DossierListed[] | null>(null);
  const [storage, setStorage] = useState<Storage | null>(null);
  const [asking, setAsking] = useState<Asking>(null);
  const [busy, setBusy] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const [round, setRound] = useState(0);
  const again = (): void => setRound((old) => old + 1);

  useEffect(() => {
    let wanted = true;
    void session.guard(async () => {
      const [all, space] = await Promise.all([session.dossiers.list(), session.dossiers.storage()]);
      if (!wanted) return;
      setListed(all);
      setStorage(space);
    });
    return () => {
      wanted = false;
    };
  }, [session, round, state.dossier]);

  const during = async (what: string, work: () => Promise<void>): Promise<void> => {
    setBusy(what);
    await work();
    setBusy(null);
    again();
  };
  const save = async ({ dossier }: DossierListed): Promise<void> => {
    const archive = await session.dossiers.archive(dossier.id);
    if (archive !== null) saveFile(`${dossier.name}.dossier.zip`, 'application/zip', archive);
  };
  if (asking?.what === 'everything') return <Everything session={session} onClose={() => setAsking(null)} />;
  if (asking !== null)
    return (
      <One
        session={session}
        what={asking.what}
        listed={asking.listed}
        onDone={() => {
          setAsking(null);
          again();
        }}
      />
    );
  return (
    <Dialog
      title="Dossiers"
      about="Each holds its own documents, questions and review. A document that is in two of them is read and stored once."
      wide
      onClose={onClose}
    >
      <ul aria-label="Dossiers" className="border-t border-rule">
        {(listed ?? []).map((one) => (
          <li key={one.dossier.id} className="flex items-baseline gap-3 border-b border-rule/60 py-1.5">
            <button
              type="button"
              className="min-w-0 flex-1 truncate text-left font-reading text-[16px] font-semibold hover:text-accent"
              onClick={() => {
                void session.dossiers.open(one.dossier.id);
                onClose();
              }}
            >
              {one.dossier.name}
            </button>
            {one.dossier.id === state.dossier?.id && <span className="text-[12px] font-semibold">open</span>}
            <span className="text-[12px] whitespace-nowrap text-muted">
              {[counted(one.documents, 'document'), counted(one.pages, 'page'), counted(one.slips, 'slip')].join(' · ')}{' '}
              · {day.format(one.dossier.openedAt)}
            </span>
            <Menu
              label={`More for ${one.dossier.name}`}
              trigger="More"
              entries={[
                { label: 'Rename', onSelect: () => setAsking({ what: 'rename', listed: one }) },
                {
                  label: 'Save as one file',
                  onSelect: () => void during(`Packing “${one.dossier.name}” …`, () => save(one)),
                },
                { label: 'Delete', onSelect: () => setAsking({ what: 'delete', listed: one }) },
              ]}
            />
          </li>
        ))}
      </ul>
      {listed?.length === 0 && (
        <p className="py-2 font-reading text-muted italic">
          None is stored yet: bring a document in, or make one here.
        </p>
      )}
      <form
        className="mt-3 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const name = formText(event.currentTarget, 'name');
          if (name === '') return;
          void session.dossiers.make(name);
          onClose();
        }}
      >
        <input
          name="name"
          maxLength={80}
          aria-label="Name of a new dossier"
          placeholder="Name of a new dossier"
          className={FIELD}
        />
        <Button look="primary" type="submit">
          Make
        </Button>
        <Button look="outline" onClick={() => input.current?.click()}>
          Open a saved one
        </Button>
        <input
          ref={input}
          type="file"
          accept=".zip,application/zip"
          hidden
          aria-label="Saved dossier to open"
          data-input="archive"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file === undefined) return;
            void during(`Opening “${file.name}” …`, () => session.dossiers.openArchive(file)).then(onClose);
          }}
        />
      </form>
      <p aria-live="polite" className="min-h-[1.4em] pt-1 text-[12px] text-muted">
        {busy}
      </p>
      <div className="mt-1 flex items-baseline gap-3 border-t border-rule pt-3 text-[13px]">
        <p className="min-w-0 flex-1 text-muted">
          {storage !== null &&
            `${size(storage.used)} stored in this browser, of about ${size(storage.room)} that it allows. `}
          {state.persisted === true && 'The browser keeps it until you remove it.'}
          {state.persisted === false &&
            'The browser may clear it when the disk gets full: save what matters as a file.'}
        </p>
        <Button look="quiet" onClick={() => setAsking({ what: 'everything' })}>
          Remove everything
        </Button>
      </div>
    </Dialog>
  );
}

function size(bytes: number): string {
  const units = ['bytes', 'kB', 'MB', 'GB'];
  const at = Math.min(units.length - 1, Math.floor(Math.log10(Math.max(1, bytes)) / 3));
  return `${(bytes / 1000 ** at).toLocaleString('en', { maximumFractionDigits: at > 1 ? 1 : 0 })} ${units[at]}`;
}

interface OneProps {
  readonly session: Session;
  readonly what: 'rename' | 'delete';
  readonly listed: DossierListed;
  readonly onDone: () => void;
}

function One({ session, what, listed, onDone }: OneProps) {
  const { dossier } = listed;
  if (what === 'rename')
    return (
      <Dialog title="Rename this dossier" onClose={onDone}>
        <form
          className="mt-3 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            const name = formText(event.currentTarget, 'name');
            if (name !== '') session.dossiers.rename(dossier.id, name);
            onDone();
          }}
        >
          <input name="name" aria-label="Name" defaultValue={dossier.name} maxLength={80} autoFocus className={FIELD} />
          <Button look="primary" type="submit">
            Rename
          </Button>
        </form>
      </Dialog>
    );
  return (
    <Dialog
      title={`Delete “${dossier.name}”?`}
      about={`Its ${counted(listed.documents, 'document')}, ${counted(listed.slips, 'slip')} and its review go, and no text of them stays. Documents that are in another dossier stay there.`}
      onClose={onDone}
    >
      <div className="flex justify-end gap-2">
        <Button look="quiet" onClick={onDone}>
          Cancel
        </Button>
        <Button look="primary" onClick={() => void session.dossiers.remove(dossier.id).then(onDone)}>
          Delete
        </Button>
      </div>
    </Dialog>
  );
}

function Everything({ session, onClose }: { session: Session; onClose: () => void }) {
  return (
    <Dialog
      title="Remove everything?"
      about="All dossiers, documents, slips, findings, connected models and names go from this browser. Saved files stay where you put them. This cannot be undone."
      onClose={onClose}
    >
      <div className="flex justify-end gap-2">
        <Button look="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button look="primary" onClick={() => void session.dossiers.removeEverything()}>
          Remove everything
        </Button>
      </div>
    </Dialog>
  );
}
