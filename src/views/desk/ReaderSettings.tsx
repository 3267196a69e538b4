'use client';

import { useState } from 'react';
import type { Endpoint } from '@/core/model';
import { wordProblem } from '@/core/problem';
import { Button, Dialog, formText } from '@/ui';
import type { Session, SessionState } from '../session';

const FIELD = 'w-full rounded-[3px] border border-rule bg-ground px-2 py-1';

/** Connected models: those added here, a new one with a trial, and how much is sent. */
export function ReaderSettings({
  session,
  state,
  onClose,
}: {
  session: Session;
  state: SessionState;
  onClose: () => void;
}) {
  const added = state.readers.filter((one) => one.kind === 'added');
  return (
    <Dialog
      title="Connected models"
      about="A connected model is sent the question and the passages found for it, never whole documents. What was sent is told on each slip; every quote it gives is checked here."
      onClose={onClose}
    >
      {added.length > 0 && (
        <ul aria-label="Models added here" className="mb-4 border-y border-rule">
          {added.map((one) => (
            <li key={one.name} className="flex items-baseline gap-3 border-b border-rule/60 py-1 last:border-b-0">
              <b className="min-w-0 truncate font-semibold">{one.name}</b>
              <span className="min-w-0 flex-1 truncate text-muted">{one.model}</span>
              <Button look="quiet" onClick={() => void session.readers.remove(one.name)}>
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
      <label className="mb-4 flex items-center gap-2">
        <span className="flex-1">
          At most this many tokens are sent with a question
          <span className="block text-[12px] text-muted">
            About four letters are a token; the best passages go first.
          </span>
        </span>
        <input
          type="number"
          min={500}
          max={200000}
          step={500}
          defaultValue={state.budget}
          aria-label="Token budget"
          onBlur={(event) =>
            session.readers.setBudget(Math.min(200_000, Math.max(500, Number(event.target.value) || 6000)))
          }
          className="w-24 rounded-[3px] border border-rule bg-ground px-2 py-1 text-right"
        />
      </label>
      {state.mayAddReaders ? (
        <Add session={session} taken={state.readers.map((one) => one.name)} />
      ) : (
        <p className="text-muted">
          This server is open to other machines, or cannot be reached: models are added in its configuration then.
        </p>
      )}
    </Dialog>
  );
}

type Tried = { readonly state: 'none' | 'trying' | 'good' } | { readonly state: 'bad'; readonly why: string };

function Add({ session, taken }: { session: Session; taken: readonly string[] }) {
  const [tried, setTried] = useState<Tried>({ state: 'none' });
  const endpointOf = (form: HTMLFormElement): Endpoint | null => {
    const [name, address, model, key] = ['name', 'address', 'model', 'key'].map((field) => formText(form, field)) as [
      string,
      string,
      string,
      string,
    ];
    const why =
      name === '' || model === ''
        ? 'Give it a name, and the model’s name at its address.'
        : taken.includes(name)
          ? `There is a reader “${name}” already: give it another name.`
          : !/^https?:\/\//.test(address) || !URL.canParse(address)
            ? 'Give the whole address, beginning with http:// or https://.'
            : null;
    if (why !== null) setTried({ state: 'bad', why });
    return why === null ? { name, address, model, key: key === '' ? null : key } : null;
  };
  return (
    <form
      aria-label="Add a connected model"
      className="grid grid-cols-[6rem_1fr] items-center gap-x-3 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        const form = event.currentTarget;
        const endpoint = endpointOf(form);
        if (endpoint === null) return;
        void session.readers.add(endpoint).then(() => form.reset());
        setTried({ state: 'none' });
      }}
    >
      <h3 className="col-span-2 font-reading text-[15px] font-semibold">Add one</h3>
      {(
        [
          ['name', 'Name', 'as it is shown here'],
          ['address', 'Address', 'http://127.0.0.1:8080/v1'],
          ['model', 'Model', 'its name at that address'],
          ['key', 'Key', 'if it wants one; stays in this browser'],
        ] as const
      ).map(([name, label, hint]) => (
        <label key={name} className="contents">
          <span className="text-muted">{label}</span>
          <input
            name={name}
            type={name === 'key' ? 'password' : 'text'}
            autoComplete="off"
            placeholder={hint}
            maxLength={name === 'name' ? 80 : 500}
            className={FIELD}
          />
        </label>
      ))}
      <p
        aria-live="polite"
        className={`col-span-2 min-h-[1.2em] text-[12px] ${tried.state === 'bad' ? 'text-grave' : 'text-muted'}`}
      >
        {tried.state === 'trying' && 'Asking it one small question …'}
        {tried.state === 'good' && 'It answered, in the form that is needed.'}
        {tried.state === 'bad' && tried.why}
      </p>
      <div className="col-span-2 flex justify-end gap-2">
        <Button
          look="outline"
          onClick={(event) => {
            const form = event.currentTarget.form;
            const endpoint = form === null ? null : endpointOf(form);
            if (endpoint === null) return;
            setTried({ state: 'trying' });
            void session.readers
              .tryOut(endpoint)
              .then((fault) =>
                setTried(fault === null ? { state: 'good' } : { state: 'bad', why: wordProblem(fault) }),
              );
          }}
        >
          Try it
        </Button>
        <Button look="primary" type="submit">
          Add
        </Button>
      </div>
    </form>
  );
}
