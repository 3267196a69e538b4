'use client';

import clsx from 'clsx';
import { canMend, type Claim } from '@/core/answer';
import { sayUncovered, type ClaimFigure } from '@/core/claim';
import type { StoredSlip } from '@/store';
import { Button } from '@/ui';
import { claimKey, type Session, type SessionState } from '../session';
import { CheckLimits, Choosable, QuoteEntry } from '../spread';

interface ClaimEntryProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly slip: StoredSlip;
  /** What a finding made of it says it answered. */
  readonly question: string;
  readonly claim: Claim;
  readonly index: number;
  /** True for a claim of the second opinion. */
  readonly second?: boolean;
  /** True when the headline said it already. */
  readonly repeats: boolean;
}

/** Figures of one claim that are listed. */
const MOST_FIGURES = 6;

const STANDINGS: Readonly<Record<Claim['standing'], string | null>> = {
  carried: null,
  'goes-further': 'Its quotes stand, but it goes further than they do.',
  'not-carried': 'Not carried by the documents as it stands.',
};

/** A claim with its strips. Claims that are themselves quotes are told by the strip alone. */
export function ClaimEntry({ session, state, slip, question, claim, index, second = false, repeats }: ClaimEntryProps) {
  const key = claimKey(slip.id, index, second);
  const chosen = state.chosen?.key === key;
  const [first] = claim.citations;
  const carried = claim.standing === 'carried';
  const isQuote =
    carried && claim.citations.some((citation) => citation.quote === claim.text && citation.spans.length > 0);
  // Words that stand nowhere are shown once, in place of a strip.
  const isAbsent = claim.citations.every((citation) => citation.mark === 'absent' && citation.quote === claim.text);
  if (first === undefined) return null;
  return (
    <Choosable
      session={session}
      choice={key}
      citation={first}
      chosen={chosen}
      label={`Claim ${index + 1}: ${claim.text}`}
      steps
    >
      {!isQuote && !repeats && !isAbsent && (
        <p className="pb-1 font-reading text-[15px] leading-[21px]">{claim.text}</p>
      )}
      {STANDINGS[claim.standing] !== null && (
        <p className="pb-1.5 text-[12px]">
          <b>{STANDINGS[claim.standing]}</b>
          {claim.uncovered !== undefined &&
            claim.uncovered.length > 0 &&
            ` Not covered: ${claim.uncovered.map(sayUncovered).join('; ')}.`}{' '}
          {claim.standing === 'goes-further' && <CheckLimits />}
        </p>
      )}
      {!isQuote && <Figures figures={claim.figures ?? []} />}
      {claim.mendedFrom !== undefined && (
        <p className="pb-1.5 text-[12px] text-muted">
          Mended by the page; it said: <span className="italic">“{claim.mendedFrom}”</span>
        </p>
      )}
      <div className="space-y-1.5">
        {claim.citations.map((citation, at) => (
          <QuoteEntry
            key={at}
            session={session}
            state={state}
            citation={citation}
            chosen={chosen && at === 0}
            action={
              at === 0 ? (
                <>
                  {chosen && <AskAbout session={session} claim={claim} />}
                  <Act
                    session={session}
                    state={state}
                    slip={slip}
                    question={question}
                    claim={claim}
                    index={index}
                    second={second}
                  />
                </>
              ) : null
            }
          />
        ))}
      </div>
    </Choosable>
  );
}

/** How the figures of a claim were traced, those that nothing supports first. */
function Figures({ figures }: { readonly figures: readonly ClaimFigure[] }) {
  if (figures.length === 0) return null;
  const ordered = [...figures].sort((one, two) => Number(one.fault === null) - Number(two.fault === null));
  return (
    <ul aria-label="Figures of this claim" className="pb-1.5 text-[12px] text-muted tabular-nums">
      {ordered.slice(0, MOST_FIGURES).map((figure, at) => (
        <li key={at} className="truncate" title={figure.how}>
          <b
            className={clsx(
              'font-semibold',
              figure.fault === null || figure.fault === 'nowhere' ? 'text-ink' : 'text-grave',
            )}
          >
            {figure.text}
          </b>{' '}
          {figure.verdict === 'quoted' ? 'stated: ' : figure.verdict === 'computed' ? 'worked out: ' : ''}
          {figure.how}
        </li>
      ))}
    </ul>
  );
}

/** Has the next question be about a claim, where it stands on a page. */
function AskAbout({ session, claim }: { readonly session: Session; readonly claim: Claim }) {
  const [citation] = claim.citations;
  const [span] = citation?.spans ?? [];
  if (citation === undefined || span === undefined) return null;
  const { sourceId } = citation;
  return (
    <Button
      data-key="about"
      onClick={(event) => {
        event.stopPropagation();
        session.asking.about({ sourceId, page: span.page, start: span.start, text: claim.text });
      }}
    >
      Ask about it
    </Button>
  );
}

/** Keeps what is carried; offers to mend what is not, or says why it cannot be. */
function Act({ session, state, slip, question, claim, index, second = false }: Omit<ClaimEntryProps, 'repeats'>) {
  const kept = state.findings.some(
    (finding) => finding.content?.text === claim.text && finding.content.question === question,
  );
  if (claim.standing === 'carried')
    return (
      <Button
        data-key="keep"
        disabled={kept}
        onClick={(event) => {
          event.stopPropagation();
          void session.findings.keep({ text: claim.text, note: '', citations: claim.citations, question });
        }}
      >
        {kept ? 'Kept' : 'Keep'}
      </Button>
    );
  if (slip.kind === 'question' && canMend(claim))
    return (
      <Button
        data-key="mend"
        title="Put the claim right: the page’s own words, on the page where they stand"
        onClick={(event) => {
          event.stopPropagation();
          void session.asking.mend(slip, index, second);
        }}
      >
        Mend
      </Button>
    );
  return <span className="text-muted">cannot be kept</span>;
}
