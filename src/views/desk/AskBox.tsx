'use client';

import clsx from 'clsx';
import { useEffect, useImperativeHandle, useRef, useState, type Ref } from 'react';
import type { Limits, Subject } from '@/core/answer';
import { wordProblem } from '@/core/problem';
import type { FindWay } from '@/core/quote';
import { DEFAULT_LENGTH } from '@/core/summary';
import { Button } from '@/ui';
import { pageNamed, pageProblem, type Session, type SessionState } from '../session';
import { AskWithin, limited } from './AskWithin';
import { FindChoices } from './FindChoices';
import { ReaderChooser } from './ReaderChooser';
import { questionsAsked, stepAmong } from './recalled';
import { LengthField } from './LengthField';

export interface AskBoxHandle {
  ask(prefill?: string): void;
  /** `cited` is the document, and the page as people name it, that the quote is said to be from. */
  check(prefill?: string, cited?: { readonly sourceId: string; readonly page: string }): void;
  find(prefill?: string): void;
}

interface AskBoxProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly handle: Ref<AskBoxHandle>;
  /** The new slips, once they are answered. */
  readonly onAnswered: (slipIds: readonly string[]) => void;
  /** Called when words were looked for. */
  readonly onFound: () => void;
}

const MODES = { ask: 'Ask', check: 'Check a quote', sum: 'Sum up', find: 'Find' } as const;
type Mode = keyof typeof MODES;
const LABELS: Readonly<Record<Mode, string>> = {
  ask: 'Question',
  check: 'Quote to check',
  sum: 'What the summary is about',
  find: 'Words to find',
};
const SUBMITS: Readonly<Record<Mode, string>> = { ask: 'Ask', check: 'Check', sum: 'Sum up', find: 'Find' };
const SMALL = 'rounded-[3px] border border-rule bg-leaf px-1 py-0.5';

/** Where a question is asked, a quote from anywhere is held against the pages, or documents are summed up. */
export function AskBox({ session, state, handle, onAnswered, onFound }: AskBoxProps) {
  const [picked, setMode] = useState<Mode>('ask');
  // Words laid by to be asked about are asked about, whatever was done before.
  const mode = state.about === null ? picked : 'ask';
  const [text, setText] = useState('');
  const [source, setSource] = useState('');
  const [page, setPage] = useState('');
  const [way, setWay] = useState<FindWay>('phrase');
  const [here, setHere] = useState(false);
  const [within, setWithin] = useState(false);
  const [limits, setLimits] = useState<Limits>({});
  const [length, setLength] = useState(DEFAULT_LENGTH);
  const field = useRef<HTMLTextAreaElement>(null);
  const chosen = state.shelf.filter((one) => one.source.chosen);
  const askable = chosen.some((one) => one.edition.pagesRead > 0);
  const ready = askable && !state.asking && (mode === 'sum' || text.trim() !== '');

  useImperativeHandle(handle, () => {
    const go = (next: Mode, prefill?: string): void => {
      setMode(next);
      if (prefill !== undefined) setText(prefill);
      field.current?.focus();
    };
    return {
      ask: (prefill) => go('ask', prefill),
      find: (prefill) => go('find', prefill),
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

  useEffect(() => {
    if (state.about !== null) field.current?.focus();
  }, [state.about]);

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
    if (!ready) return;
    if (mode === 'ask') {
      const about = state.about ?? undefined;
      onAnswered(await session.asking.ask(text, null, { about, limits: limited(limits) ? limits : undefined }));
      session.asking.about(null);
    } else if (mode === 'find') {
      // The words stay, to be looked for in another way.
      if (await session.finder.find(text.trim(), way, here ? (state.open?.sourceId ?? null) : null)) onFound();
      return;
    } else if (mode === 'sum') {
      const id = await session.asking.sumUp(length, text.trim());
      if (id !== null) onAnswered([id]);
    } else if (!(await check())) return;
    setText('');
  };

  return (
    <form
      className="rounded-[3px] border border-rule bg-leaf focus-within:border-accent"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      {mode === 'ask' && state.about !== null && <About session={session} state={state} about={state.about} />}
      <textarea
        ref={field}
        rows={1}
        value={text}
        maxLength={20_000}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') field.current?.blur();
          if (mode === 'ask' && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
            const recalled = stepAmong(questionsAsked(state.slips), text, event.key === 'ArrowUp' ? 1 : -1);
            if (recalled !== null && recalled !== text) {
              event.preventDefault();
              setText(recalled);
            }
          }
          if (event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
          event.preventDefault();
          void submit();
        }}
        aria-label={LABELS[mode]}
        placeholder={
          mode === 'ask' && state.about !== null
            ? 'What about it? “Who decides that?”'
            : placeholderOf(mode, chosen.length)
        }
        className={clsx(
          'block w-full resize-none bg-transparent px-3 pt-2.5 pb-1 font-reading text-[16px] leading-[24px] outline-none placeholder:text-muted placeholder:italic',
          mode !== 'check' && 'italic',
        )}
      />
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1 px-2 pb-2">
        <div role="tablist" aria-label="What to do" className="flex whitespace-nowrap">
          {(Object.keys(MODES) as Mode[]).map((one) => (
            <button
              key={one}
              type="button"
              role="tab"
              aria-selected={mode === one}
              onClick={() => {
                session.asking.about(null);
                setMode(one);
              }}
              className={clsx(
                'border-b-2 px-1.5 pb-0.5',
                mode === one ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink',
              )}
            >
              {MODES[one]}
            </button>
          ))}
        </div>
        {mode === 'check' && (
          <>
            <select
              aria-label="Document it is said to be from"
              value={source}
              onChange={(event) => setSource(event.target.value)}
              className={`${SMALL} ml-auto max-w-36 min-w-0 truncate`}
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
              className={`${SMALL} w-20`}
            />
          </>
        )}
        {mode === 'ask' && (
          <>
            <Button
              look="quiet"
              aria-expanded={within}
              title="Ask only some pages, or one section"
              className={clsx('border-b-2 border-transparent pb-0.5', limited(limits) && 'font-semibold text-accent')}
              onClick={() => setWithin(!within)}
            >
              Only in …
            </Button>
            <ReaderChooser session={session} state={state} />
          </>
        )}
        {mode === 'find' && (
          <FindChoices way={way} onWay={setWay} here={here} onHere={setHere} open={state.open !== null} />
        )}
        {mode === 'sum' && (
          <span className="ml-auto flex items-center gap-1.5 whitespace-nowrap text-muted">
            in
            <LengthField value={length} onChange={setLength} />
          </span>
        )}
        {state.streaming === null ? (
          <Button look="primary" type="submit" disabled={!ready}>
            {SUBMITS[mode]} ⏎
          </Button>
        ) : (
          <Button look="outline" onClick={() => session.asking.stop()}>
            Stop
          </Button>
        )}
      </div>
      {mode === 'ask' && within && <AskWithin limits={limits} onLimits={setLimits} />}
    </form>
  );
}

/** The words that the next question is about, with their place. */
function About({ session, state, about }: { session: Session; state: SessionState; about: Subject }) {
  const name = state.shelf.find((one) => one.source.id === about.sourceId)?.source.name ?? '';
  return (
    <p className="flex items-baseline gap-2 border-b border-rule/60 px-3 py-1.5 text-[13px]">
      <span className="text-muted">About</span>
      <span className="min-w-0 flex-1 truncate font-reading">“{about.text}”</span>
      <span className="max-w-40 truncate text-[12px] text-muted" title={name}>
        {name}
      </span>
      <Button look="quiet" aria-label="Ask about nothing in particular" onClick={() => session.asking.about(null)}>
        ✕
      </Button>
    </p>
  );
}

function placeholderOf(mode: Mode, chosen: number): string {
  if (mode === 'check') return 'Paste a quote, to see whether and where it stands';
  if (mode === 'find') return 'Words to find, as they are written or near each other';
  if (chosen === 0) return 'Tick a document on the shelf to ask it';
  const which = chosen === 1 ? 'this document' : `${chosen} documents`;
  return mode === 'ask' ? `Ask ${which}, or half a remembered line…` : `Sum up ${which}: all, or only what is about…`;
}
