'use client';

import { useState } from 'react';
import { answerToText } from '@/core/exchange';
import type { FoundPassage } from '@/core/answer';
import { oneLine } from '@/core/text';
import type { QuestionSlip, SlipScope } from '@/store';
import { Button } from '@/ui';
import type { Session, SessionState } from '../session';
import { ClaimEntry } from './ClaimEntry';

interface SlipProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly slip: QuestionSlip;
}

/** Letters from which on a headline that repeats its claim is left to the strip. */
const LONG_HEADLINE = 40;

const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** One question with its answer. */
export function Slip({ session, state, slip }: SlipProps) {
  const { answer } = slip;
  const [passages, setPassages] = useState(false);
  const [copied, setCopied] = useState(false);
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(answerToText(slip.question, answer));
    setCopied(true);
    setTimeout(() => setCopied(false), 1500);
  };
  const [lead] = answer.claims;
  const showPassages = passages || !answer.found;
  return (
    <article aria-label={slip.question} data-slip={slip.id} className="rounded-[3px] border border-rule bg-leaf">
      <header className="flex items-baseline gap-3 border-b border-rule px-3.5 pt-2 pb-1.5">
        <h2 className="min-w-0 flex-1 font-reading text-[15px] leading-[21px] break-words italic">{slip.question}</h2>
        <span className="text-[12px] whitespace-nowrap text-muted">
          {time.format(slip.askedAt)} · {Math.max(1, Math.round(answer.milliseconds))} ms
        </span>
      </header>
      <Headline slip={slip} />
      {answer.claims.map((claim, at) => (
        <ClaimEntry
          key={at}
          session={session}
          state={state}
          slip={slip}
          claim={claim}
          index={at}
          repeats={at === 0 && claim.text === answer.headline}
        />
      ))}
      {showPassages && <Passages session={session} passages={answer.passages} />}
      <footer className="flex items-baseline gap-3 border-t border-rule px-3.5 py-1.5 text-[12px]">
        <span
          className="min-w-0 flex-1 truncate text-muted"
          title={`Searched: ${answer.searches.join('; ')} · ${answer.reader.name}`}
        >
          Searched: {answer.searches.map((one) => (one.startsWith('“') ? one : `“${one}”`)).join(', ')}
        </span>
        {answer.found && (
          <Button aria-expanded={passages} onClick={() => setPassages(!passages)}>
            Passages
          </Button>
        )}
        {lead !== undefined && (
          <Button data-key="copy" onClick={() => void session.guard(copy)}>
            {copied ? 'Copied' : 'Copy'}
          </Button>
        )}
        <Button onClick={() => void session.asking.askAgain(slip)}>Ask again</Button>
        <Button
          look="quiet"
          aria-label={`Delete the slip “${slip.question}”`}
          onClick={() => session.asking.deleteSlip(slip)}
        >
          Delete
        </Button>
      </footer>
    </article>
  );
}

/** True when the headline is the first claim's own words, which its strip shows already: nothing is said twice. */
function repeatsClaim({ answer }: QuestionSlip): boolean {
  const words = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  const headline = words(answer.headline ?? '');
  return headline.length > LONG_HEADLINE && words(answer.claims[0]?.text ?? '').includes(headline);
}

function Headline({ slip }: { slip: QuestionSlip }) {
  const { answer } = slip;
  const soFar = readSoFar(slip.scope);
  if (answer.found) {
    return repeatsClaim(slip) ? null : (
      <p className="px-3.5 pt-2 pb-1 font-reading text-[19px] leading-[25px] font-semibold break-words">
        {answer.headline}
      </p>
    );
  }
  const names = slip.scope.map((one) => one.name);
  return (
    <div className="px-3.5 pt-2 pb-1">
      <p className="font-reading text-[19px] leading-[25px] font-semibold">
        Not in {names.length === 1 ? 'this document' : 'these documents'}
        {soFar !== null && ' so far'}
      </p>
      <p className="text-muted">
        {soFar === null
          ? 'No sentence or table row there answers it. '
          : `Read until then: ${soFar}. It is asked again when reading ends. `}
        {answer.passages.length > 0 ? 'These passages come nearest:' : 'No passage holds any of its words.'}
      </p>
    </div>
  );
}

function Passages({ session, passages }: { session: Session; passages: readonly FoundPassage[] }) {
  if (passages.length === 0) return null;
  return (
    <ol aria-label="Nearest passages" className="border-t border-rule px-3.5 py-1.5">
      {passages.slice(0, 5).map((passage, at) => (
        <li key={at} className="border-b border-rule/60 py-1 last:border-b-0">
          <button
            type="button"
            className="block w-full text-left"
            onClick={() => session.openPage(passage.sourceId, passage.page)}
          >
            <span className="block text-[12px]">
              <span className="font-semibold text-accent">
                {passage.source}, p. {passage.label ?? passage.page}
              </span>
              {passage.section !== '' && <span className="text-muted"> {passage.section}</span>}
            </span>
            <span className="line-clamp-2 font-reading text-[13px] leading-[18px]">{oneLine(passage.text)}</span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** How far the documents had been read when they were asked; null when all of them were read whole. */
function readSoFar(scope: readonly SlipScope[]): string | null {
  const partial = scope.filter((one) => one.pagesRead < one.pageCount);
  if (partial.length === 0) return null;
  return partial.map((one) => `pages 1 to ${one.pagesRead} of ${one.pageCount} of “${one.name}”`).join(', ');
}
