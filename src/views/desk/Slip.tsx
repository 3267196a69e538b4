'use client';

import { Fragment, useState } from 'react';
import { partAt } from '@/core/answer';
import { answerToText } from '@/core/exchange';
import { segmentFingerprint } from '@/core/search';
import type { QuestionSlip } from '@/store';
import { Button } from '@/ui';
import { BUILT_IN_READER, type Session, type SessionState } from '../session';
import { ClaimEntry } from './ClaimEntry';
import { Asked, Read } from './AskedOf';
import { Followed, FollowUp } from './FollowUp';
import { Headline } from './Headline';
import { ModelNotes } from './ModelNotes';
import { Passages } from './Passages';
import { SecondOpinion } from './SecondOpinion';
import { SlipFrame } from './SlipFrame';
import { SlipMenu } from './SlipMenu';

interface SlipProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly slip: QuestionSlip;
  /** True while its answer is streaming in. */
  readonly growing: boolean;
}

/** One question with its answer. */
export function Slip({ session, state, slip, growing }: SlipProps) {
  const { answer } = slip;
  const [passages, setPassages] = useState(false);
  const [following, setFollowing] = useState(false);
  const [copied, setCopied] = useState(false);
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(answerToText(slip.completed, answer));
    setCopied(true);
    setTimeout(() => setCopied(false), 1500);
  };
  const showPassages = passages || (!answer.found && !growing && slip.model === null);
  return (
    <SlipFrame
      session={session}
      slip={slip}
      title={slip.question}
      label={slip.question}
      detail={growing ? 'answering …' : `${Math.max(1, Math.round(answer.milliseconds))} ms`}
      gist={answer.headline ?? 'Not in the documents'}
    >
      <Followed session={session} state={state} slip={slip} />
      <Earlier session={session} state={state} slip={slip} onAgain={() => void session.asking.askAgain(slip)} />
      <Asked slip={slip} />
      <Headline slip={slip} growing={growing} />
      <Read slip={slip} />
      <WorkedOut answer={answer} />
      {answer.claims.map((claim, at) => (
        <Fragment key={at}>
          {partAt(answer.claims, at) !== null && (
            <h3 className="border-t border-rule px-3.5 pb-0.5 pt-2 text-[12px] font-semibold text-muted">
              {claim.part}
            </h3>
          )}
          <ClaimEntry
            session={session}
            state={state}
            slip={slip}
            question={claim.part ?? slip.completed}
            claim={claim}
            index={at}
            repeats={at === 0 && claim.text === answer.headline}
          />
        </Fragment>
      ))}
      {slip.model !== null && (
        <ModelNotes
          opinion={slip}
          practice={slip.answer.reader.name.startsWith('practice')}
          growing={growing}
          onBuiltIn={() => void session.asking.askAgain(slip, slip.completed, BUILT_IN_READER)}
        />
      )}
      {slip.second !== null && <SecondOpinion session={session} state={state} slip={slip} second={slip.second} />}
      {showPassages && <Passages session={session} passages={answer.passages} />}
      <footer className="flex items-baseline gap-3 border-t border-rule px-3.5 py-1.5 text-[12px]">
        <span
          className="min-w-0 flex-1 truncate text-muted"
          title={`Searched: ${answer.searches.join('; ')} · ${answer.reader.name}`}
        >
          {slip.model === null && `${answer.reader.name} · `}searched{' '}
          {answer.searches.map((one) => (one.startsWith('“') ? one : `“${one}”`)).join(', ')}
        </span>
        {growing ? (
          <Button onClick={() => session.asking.stop()}>Stop</Button>
        ) : (
          <>
            <Button data-key="follow" aria-expanded={following} onClick={() => setFollowing(!following)}>
              Follow up
            </Button>
            {(answer.found || slip.model !== null) && (
              <Button aria-expanded={passages} onClick={() => setPassages(!passages)}>
                Passages
              </Button>
            )}
            {answer.claims.length > 0 && (
              <Button data-key="copy" onClick={() => void session.guard(copy)}>
                {copied ? 'Copied' : 'Copy'}
              </Button>
            )}
            <SlipMenu session={session} state={state} slip={slip} />
          </>
        )}
      </footer>
      {following && !growing && (
        <FollowUp session={session} state={state} slip={slip} onDone={() => setFollowing(false)} />
      )}
    </SlipFrame>
  );
}

/** How figures were worked out, and which parts of the question nothing answers. */
function WorkedOut({ answer }: { answer: QuestionSlip['answer'] }) {
  const missing = answer.found ? answer.missing : [];
  if (answer.calculations.length === 0 && missing.length === 0) return null;
  return (
    <div className="px-3.5 pb-1.5">
      {answer.calculations.map(({ working }, at) => (
        <p key={at} aria-label="Calculation" className="text-[13px] text-muted tabular-nums">
          {working}
        </p>
      ))}
      {missing.map((part) => (
        <p key={part} className="text-[13px]">
          <span className="font-semibold">Not in these documents:</span> {part}
        </p>
      ))}
    </div>
  );
}

/** Says when the documents have moved on since the question was asked. */
function Earlier({
  session,
  state,
  slip,
  onAgain,
}: {
  session: Session;
  state: SessionState;
  slip: QuestionSlip;
  onAgain: () => void;
}) {
  const moved = slip.scope.filter((one) => {
    const now = state.shelf.find((shelved) => shelved.source.id === one.sourceId);
    return now !== undefined && now.edition.id !== one.editionId;
  });
  const reindexed = slip.settings.index !== '' && slip.settings.index !== segmentFingerprint(session.settings.passages);
  const otherwise = slip.settings.reading !== session.reading;
  if (moved.length === 0 && !reindexed && !otherwise) return null;
  return (
    <p className="flex items-baseline gap-2 px-3.5 pt-1.5 text-[12px] text-muted">
      <span className="min-w-0 flex-1">
        {moved.length > 0
          ? `Asked of an earlier edition of ${moved.map((one) => `“${one.name}”`).join(', ')}.`
          : otherwise
            ? 'Asked with other settings than the dossier has now.'
            : 'Asked with an earlier index.'}
      </span>
      <Button onClick={onAgain}>{moved.length > 0 ? 'Ask the newest' : 'Ask again'}</Button>
    </p>
  );
}
