'use client';

import clsx from 'clsx';
import { useEffect, useImperativeHandle, useRef, useState, type Ref } from 'react';
import { wordProblem } from '@/core/problem';
import { Button } from '@/ui';
import { pageNamed, pageProblem, type Session, type SessionState } from '../session';

export interface AskBoxHandle {
  ask(prefill?: string): void;
  /** `cited` is the document, and the page as people name it, that the quote is said to be from. */
  check(prefill?: string, cited?: { readonly sourceId: string; readonly page: string }): void;
}

interface AskBoxProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly handle: Ref<AskBoxHandle>;
  /** The new slips, once they are answered. */
  readonly onAnswered: (slipIds: readonly string[]) => void;
}

/** Where a question is asked, or a quote from anywhere is held against the pages. */
export function AskBox({ session, state, handle, onAnswered }: AskBoxProps) {
  const [mode, setMode] = useState<'ask' | 'check'>('ask');
  const [text, setText] = useState('');
  const [source, setSource] = useState('');
  const [page, setPage] = useState('');
  const field = useRef<HTMLTextAreaElement>(null);
  const chosen = state.shelf.filter((one) => one.source.chosen);
  const askable = chosen.some((one) => one.edition.pagesRead > 0);

  useImperativeHandle(handle, () => {
    const go = (next: 'ask' | 'check', prefill?: string): void => {
      setMode(next);
      if (prefill !== undefined) setText(prefill);
      field.current?.focus();
    };
    return {
      ask: (prefill) => go('ask', prefill),
      check: (prefill, cited) => {
        setSource(cited?.sourceId ?? '');
        setPage(cited?.page ?? '');
        go('check', prefill);
      },
    };
  }, []);

  useEffect(() => {
    const element = field.current;
    if (element === null) return;
    element.style.height = 'auto';
    element.style.height = `${Math.min(element.scrollHeight, 120)}px`;
  }, [text, mode]);

  /** False when the page given is none of the document's; it was told. */
  const check = async (): Promise<boolean> => {
    const cited = session.shelved(source);
    const plain = /^\d+$/.test(page.trim()) ? Number(page) : null;
    const number = cited === null || page.trim() === '' ? plain : await pageNamed(cited, page);
    if (cited !== null && number === null && page.trim() !== '') {
      session.tell(wordProblem(pageProblem(cited, page)), 'fault');
      return false;
    }
    await session.asking.checkQuote(text, { sourceId: cited?.source.id ?? null, page: number });
    return true;
  };

  const submit = async (): Promise<void> => {
    if (text.trim() === '' || state.asking || !askable) return;
    if (mode === 'ask') onAnswered(await session.asking.ask(text));
    else if (!(await check())) return;
    setText('');
  };

  const placeholder =
    mode === 'check'
      ? 'Paste a quote, to see whether and where it stands'
      : chosen.length === 0
        ? 'Tick a document on the shelf to ask it'
        : `Ask ${chosen.length === 1 ? 'this document' : `${chosen.length} documents`}, or half a remembered line…`;
  return (
    <form
      className="rounded-[3px] border border-rule bg-leaf focus-within:border-accent"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <textarea
        ref={field}
        rows={1}
        value={text}
        maxLength={20_000}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') field.current?.blur();
          if (event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
          event.preventDefault();
          void submit();
        }}
        aria-label={mode === 'ask' ? 'Question' : 'Quote to check'}
        placeholder={placeholder}
        className={clsx(
          'block w-full resize-none bg-transparent px-3 pt-2.5 pb-1 font-reading text-[16px] leading-[24px] outline-none placeholder:text-muted placeholder:italic',
          mode === 'ask' && 'italic',
        )}
      />
      <div className="flex items-center gap-2 px-2 pb-2">
        <div role="tablist" aria-label="What to do" className="flex">
          {(['ask', 'check'] as const).map((one) => (
            <button
              key={one}
              type="button"
              role="tab"
              aria-selected={mode === one}
              onClick={() => setMode(one)}
              className={clsx(
                'border-b-2 px-1.5 pb-0.5',
                mode === one ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink',
              )}
            >
              {one === 'ask' ? 'Ask' : 'Check a quote'}
            </button>
          ))}
        </div>
        {mode === 'check' ? (
          <>
            <select
              aria-label="Document it is said to be from"
              value={source}
              onChange={(event) => setSource(event.target.value)}
              className="ml-auto max-w-40 min-w-0 truncate rounded-[3px] border border-rule bg-leaf px-1 py-0.5"
            >
              <option value="">any document</option>
              {state.shelf.map((one) => (
                <option key={one.source.id} value={one.source.id}>
                  {one.source.name}
                </option>
              ))}
            </select>
            <input
              aria-label="Page it is said to be on"
              value={page}
              onChange={(event) => setPage(event.target.value)}
              placeholder="any page"
              inputMode="numeric"
              className="w-20 rounded-[3px] border border-rule bg-leaf px-1.5 py-0.5"
            />
          </>
        ) : (
          <span className="ml-auto text-muted">built-in reader</span>
        )}
        <Button look="primary" type="submit" disabled={text.trim() === '' || state.asking || !askable}>
          {mode === 'ask' ? 'Ask ⏎' : 'Check ⏎'}
        </Button>
      </div>
    </form>
  );
}
