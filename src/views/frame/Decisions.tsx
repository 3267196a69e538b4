'use client';

import { wordProblem } from '@/core/problem';
import { Button, counted, Dialog, formText } from '@/ui';
import type { Decision, Session, SessionState } from '../session';

/** The decision at the head of the line, as a window of its own kind. */
export function Decisions({ session, state }: { session: Session; state: SessionState }) {
  const [decision] = state.decisions;
  if (decision === undefined) return null;
  switch (decision.kind) {
    case 'same-name':
      return <SameName session={session} decision={decision} />;
    case 'password':
      return <Password session={session} decision={decision} />;
    case 'rename':
      return <Rename session={session} decision={decision} />;
    case 'arrived':
      return <Arrived session={session} decision={decision} />;
    case 'remove':
      return <Remove session={session} decision={decision} />;
  }
}

type Of<K extends Decision['kind']> = { readonly session: Session; readonly decision: Extract<Decision, { kind: K }> };
const FIELD = 'min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2 py-1';

/** What became of many files that were brought in together. */
function Arrived({ session, decision }: Of<'arrived'>) {
  const { fates } = decision;
  const kinds = [...new Set(fates.map((one) => one.fate))];
  const tally = kinds.map((kind) => `${fates.filter((one) => one.fate === kind).length} ${kind}`).join(', ');
  const rest = fates.filter((one) => one.fate !== 'taken in');
  return (
    <Dialog
      wide
      title={`What became of ${counted(fates.length, 'file')}`}
      about={`${tally}.`}
      onClose={() => session.decided()}
    >
      <ul aria-label="Fates" className="max-h-[50vh] overflow-y-auto">
        {[...rest, ...fates.filter((one) => one.fate === 'taken in')].map((one, at) => (
          <li key={at} className="flex items-baseline gap-3 border-b border-rule py-1 last:border-b-0">
            <span className={one.fate === 'refused' ? 'w-28 shrink-0 text-grave' : 'w-28 shrink-0 text-muted'}>
              {one.fate}
            </span>
            <span className="min-w-0 flex-1 break-words">
              <span className="font-reading font-semibold">{one.name}</span>
              {one.folder !== '' && <span className="text-muted"> in {one.folder}</span>}
              {one.why !== '' && <span className="block text-[12px] text-muted">{one.why}</span>}
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex justify-end">
        <Button look="primary" onClick={() => session.decided()}>
          Done
        </Button>
      </div>
    </Dialog>
  );
}

function SameName({ session, decision }: Of<'same-name'>) {
  const { file, sha256, existing } = decision;
  const settle = (replaces: string | null): void => {
    session.decided();
    void session.documents.shelveFile(file, sha256, replaces);
  };
  return (
    <Dialog
      title="The same name, other contents"
      about={`“${file.name}” is on the shelf already as “${existing.source.name}”, with other contents. Is this a new edition of it, or another document?`}
      onClose={() => session.decided()}
    >
      <div className="flex flex-wrap justify-end gap-2">
        <Button look="quiet" onClick={() => session.decided()}>
          Leave it out
        </Button>
        <Button look="outline" onClick={() => settle(null)}>
          Another document
        </Button>
        <Button look="primary" onClick={() => settle(existing.source.id)}>
          New edition
        </Button>
      </div>
    </Dialog>
  );
}

function Password({ session, decision }: Of<'password'>) {
  return (
    <Dialog title="A locked document" about={wordProblem(decision.problem)} onClose={() => session.decided()}>
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const password = formText(event.currentTarget, 'password');
          session.decided();
          if (password !== '') session.documents.readOn(decision.shelved, password);
        }}
      >
        <input
          key={session.state.snapshot().decisions.length}
          name="password"
          type="password"
          aria-label="Password"
          autoComplete="off"
          autoFocus
          className={FIELD}
        />
        <Button look="primary" type="submit">
          Open
        </Button>
      </form>
      <p className="mt-3 text-[12px] text-muted">
        The password is kept in this browser with the document, so that its pages can be drawn later, and goes when the
        document is removed.
      </p>
    </Dialog>
  );
}

function Rename({ session, decision }: Of<'rename'>) {
  const { source } = decision.shelved;
  return (
    <Dialog title="Rename this document" onClose={() => session.decided()}>
      <form
        className="mt-3 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const name = formText(event.currentTarget, 'name');
          session.decided();
          if (name !== '') session.documents.rename(source, name);
        }}
      >
        <input name="name" aria-label="Name" defaultValue={source.name} maxLength={160} autoFocus className={FIELD} />
        <Button look="primary" type="submit">
          Rename
        </Button>
      </form>
    </Dialog>
  );
}

function Remove({ session, decision }: Of<'remove'>) {
  const { shelved, findings } = decision;
  const remove = (erase: boolean): void => {
    session.decided();
    void session.documents.remove(shelved, erase);
  };
  const told = findings === 1 ? 'One finding quotes it.' : `${findings} findings quote it.`;
  return (
    <Dialog
      title={`Remove “${shelved.source.name}”?`}
      about={`Its file, pages and index go, and its text goes out of the answers on this desk. ${findings === 0 ? 'No finding quotes it.' : told}`}
      onClose={() => session.decided()}
    >
      <div className="flex flex-wrap justify-end gap-2">
        <Button look="quiet" onClick={() => session.decided()}>
          Cancel
        </Button>
        {findings > 0 && (
          <Button look="outline" onClick={() => remove(true)}>
            Remove, and erase these quotes
          </Button>
        )}
        <Button look="primary" onClick={() => remove(false)}>
          {findings > 0 ? 'Remove, keep the quotes' : 'Remove'}
        </Button>
      </div>
    </Dialog>
  );
}
