'use client';

import { useRef, useState } from 'react';
import { TEXT_FILES } from '@/core/exchange';
import { tallyOf } from '@/core/proof';
import { Button, counted } from '@/ui';
import type { Session, SessionState } from '../session';

const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const SAMPLE = 'Memo on the renewal.md';

/** The first words of a text, as its name. */
function nameOf(text: string): string {
  const line =
    text
      .trim()
      .split('\n')[0]
      ?.replace(/^[#>\s*-]+/, '') ?? '';
  return line.length > 60 ? `${line.slice(0, 59)}…` : line || 'Pasted text';
}

/** Where a proof begins: a text pasted or opened, a sample, or one that was proofed before. */
export function StartProof({ session, state }: { session: Session; state: SessionState }) {
  const [text, setText] = useState('');
  const input = useRef<HTMLInputElement>(null);
  const ready = state.shelf.some((one) => one.source.chosen && one.edition.facts !== null);
  const busy = state.proofing !== null;
  const sample = async (): Promise<void> => {
    const response = await fetch(`/memo/${encodeURIComponent(SAMPLE)}`);
    if (response.ok) await session.proofs.make(SAMPLE, await response.text());
    else
      session.tell(`The sample memo could not be loaded (${response.status}): reload the page and try again.`, 'fault');
  };
  return (
    <div
      className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-4 pt-3 pb-4"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const [file] = event.dataTransfer.files;
        // A PDF that is dropped is a document for the shelf, as everywhere.
        if (file === undefined || /\.(?:pdf|zip)$/i.test(file.name)) return;
        event.preventDefault();
        event.stopPropagation();
        void session.proofs.makeOfFile(file);
      }}
    >
      <h2 className="font-reading text-[17px] font-semibold">Proof a text</h2>
      <p className="font-reading text-[15px] leading-[23px]">
        A memo, a draft, an answer from anywhere: every quotation in it is looked for in the chosen documents, every
        page it names is looked up, and every figure is traced or worked out again.
      </p>
      <textarea
        aria-label="Text to proof"
        value={text}
        onChange={(event) => setText(event.target.value)}
        placeholder="Paste the text here"
        className="min-h-[180px] flex-1 resize-none rounded-[3px] border border-rule bg-leaf px-3 py-2 font-reading text-[15px] leading-[23px]"
      />
      <div className="flex flex-wrap items-center gap-3">
        <Button
          look="primary"
          disabled={text.trim() === '' || !ready || busy}
          onClick={() => void session.proofs.make(nameOf(text), text)}
        >
          Proof it
        </Button>
        <Button look="outline" disabled={!ready || busy} onClick={() => input.current?.click()}>
          Open a file
        </Button>
        <Button disabled={!ready || busy} onClick={() => void session.guard(sample)}>
          Proof the sample memo
        </Button>
        <span className="text-[12px] text-muted">Markdown, plain text, HTML, DOCX, PDF, or a list of quotes</span>
        <input
          ref={input}
          type="file"
          accept={TEXT_FILES}
          hidden
          aria-label="File to proof"
          data-input="proof"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file !== undefined) void session.proofs.makeOfFile(file);
          }}
        />
      </div>
      {!ready && (
        <p className="text-muted">
          {state.shelf.length === 0
            ? 'Bring in the documents to hold it against first: drop PDFs anywhere, or open the demo dossier on the desk.'
            : 'Choose at least one document on the shelf to hold it against.'}
        </p>
      )}
      {state.proofs.length > 0 && (
        <section aria-label="Texts proofed before">
          <h3 className="pb-1 text-[12px] font-semibold text-muted">Proofed before</h3>
          <ul>
            {state.proofs.map((proof) => {
              const { problems } = tallyOf(proof.items);
              return (
                <li key={proof.id} className="flex items-baseline gap-3 border-t border-rule/60 py-1">
                  <button
                    type="button"
                    className="min-w-0 flex-1 truncate text-left font-reading text-[14px] hover:underline"
                    onClick={() => session.proofs.open(proof.id)}
                  >
                    {proof.name}
                  </button>
                  <span className="text-[12px] whitespace-nowrap text-muted">
                    {problems === 0 ? 'all stands' : `${counted(problems, 'item')} to look at`} ·{' '}
                    {day.format(proof.madeAt)}
                  </span>
                  <Button onClick={() => void session.proofs.remove(proof)}>Delete</Button>
                </li>
              );
            })}
          </ul>
        </section>
      )}
      <p className="mt-auto text-[12px] leading-[17px] text-muted">
        The check compares words, places and figures. It cannot weigh whether a sentence in the writer’s own words says
        what its source means, nor see numbers inside pictures.
      </p>
    </div>
  );
}
