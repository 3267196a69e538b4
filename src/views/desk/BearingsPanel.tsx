'use client';

import { useState } from 'react';
import { FACT_FIELDS, type FactField } from '@/core/facts';
import type { Fact } from '@/core/summary';
import type { Shelved, StoredBearings } from '@/store';
import { Button, formText, MarkGlyph } from '@/ui';
import { lengthOf, type Session, type SessionState } from '../session';
import { Choosable, QuoteEntry } from '../spread';
import { KeyFigures } from './KeyFigures';
import { LengthField } from './LengthField';

const NAMES: Readonly<Record<FactField, string>> = {
  title: 'Title',
  kind: 'Kind',
  date: 'Date',
  period: 'Period',
  parties: 'Parties',
  amends: 'Amends or replaces',
};
const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** What the open document is and says in short. */
export function BearingsPanel({ session, state }: { session: Session; state: SessionState }) {
  const shelved = state.shelf.find((one) => one.source.id === state.open?.sourceId);
  if (shelved === undefined)
    return (
      <p className="px-1 pt-3 font-reading text-[15px] text-muted italic">
        Open a document on the shelf to get its bearings.
      </p>
    );
  const bearings = state.bearings.find((one) => one.sourceId === shelved.source.id);
  return (
    <article aria-label={`Bearings of ${shelved.source.name}`} className="rounded-[3px] border border-rule bg-leaf">
      <h2 className="border-b border-rule px-3.5 pt-2 pb-1.5 font-reading text-[17px] font-semibold">
        {shelved.source.name}
      </h2>
      {bearings === undefined ? (
        <p className="px-3.5 py-2 font-reading text-[15px] text-muted italic">
          {shelved.edition.state === 'ready'
            ? 'Its bearings are being taken …'
            : 'Its bearings are taken once it has been read to its end.'}
        </p>
      ) : (
        <>
          <dl className="grid grid-cols-[7.5rem_1fr] px-3.5 py-1.5 text-[13px]">
            {FACT_FIELDS.map((field) => (
              <FactRow
                key={field}
                session={session}
                shelved={shelved}
                field={field}
                read={bearings.facts.filter((fact) => fact.field === field)}
              />
            ))}
          </dl>
          <KeyFigures session={session} shelved={shelved} figures={bearings.figures ?? []} />
          <SummaryPart key={shelved.source.id} session={session} state={state} shelved={shelved} bearings={bearings} />
        </>
      )}
    </article>
  );
}

interface FactRowProps {
  readonly session: Session;
  readonly shelved: Shelved;
  readonly field: FactField;
  readonly read: readonly Fact[];
}

function FactRow({ session, shelved, field, read }: FactRowProps) {
  const [editing, setEditing] = useState(false);
  const own = shelved.source.facts[field];
  const shown = own ?? read.map((fact) => fact.value).join('; ');
  return (
    <>
      <dt className="border-b border-rule/60 py-1 text-muted">{NAMES[field]}</dt>
      <dd className="flex min-w-0 items-baseline gap-2 border-b border-rule/60 py-1">
        {editing ? (
          <form
            className="flex min-w-0 flex-1 gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              session.bearings.setFact(shelved, field, formText(event.currentTarget, 'value'));
              setEditing(false);
            }}
          >
            <input
              name="value"
              autoFocus
              defaultValue={shown}
              maxLength={2000}
              aria-label={NAMES[field]}
              className="min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2"
              onKeyDown={(event) => event.key === 'Escape' && setEditing(false)}
            />
            <Button type="submit">Save</Button>
          </form>
        ) : (
          <>
            <span className="min-w-0 flex-1 break-words">
              {shown === '' ? <span className="text-muted italic">not found</span> : shown}
              {own !== undefined && <span className="text-[12px] text-muted"> · by hand</span>}
            </span>
            {own === undefined &&
              read.slice(0, 1).map((fact) => (
                <button
                  key={field}
                  type="button"
                  className="text-[12px] font-semibold whitespace-nowrap text-accent hover:underline"
                  onClick={() => session.choose(`fact ${shelved.source.id} ${field}`, fact.citation)}
                >
                  p. {fact.citation.label ?? fact.citation.page}
                </button>
              ))}
            <Button
              look="quiet"
              aria-label={`Edit: ${NAMES[field]}`}
              className="text-[12px]"
              onClick={() => setEditing(true)}
            >
              Edit
            </Button>
          </>
        )}
      </dd>
    </>
  );
}

interface SummaryPartProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly shelved: Shelved;
  readonly bearings: StoredBearings;
}

function SummaryPart({ session, state, shelved, bearings }: SummaryPartProps) {
  const [length, setLength] = useState(lengthOf(bearings));
  const [about, setAbout] = useState(bearings.about);
  return (
    <section aria-label="Summary">
      <form
        className="flex items-center gap-2 border-b border-rule bg-ground/60 px-3.5 py-1.5"
        onSubmit={(event) => {
          event.preventDefault();
          void session.bearings.make(shelved, length, about.trim());
        }}
      >
        <h3 className="font-reading text-[15px] font-semibold">Summary</h3>
        <span className="text-muted">in</span>
        <LengthField value={length} onChange={setLength} />
        <span className="text-muted">about</span>
        <input
          value={about}
          maxLength={300}
          aria-label="About"
          placeholder="all of it"
          onChange={(event) => setAbout(event.target.value)}
          className="min-w-0 flex-1 rounded-[3px] border border-rule bg-leaf px-1.5 py-0.5 placeholder:italic"
        />
        <Button look="outline" type="submit">
          Sum up
        </Button>
      </form>
      {bearings.claims.length === 0 && (
        <p className="px-3.5 py-2 font-reading text-[15px] text-muted italic">
          {bearings.about === '' ? 'No sentence of it can stand by itself.' : 'No sentence of it bears on that.'}
        </p>
      )}
      <ol>
        {bearings.claims.map((claim, at) => (
          <li key={at}>
            <Sentence session={session} state={state} choice={`summary ${shelved.source.id} ${at}`} claim={claim} />
          </li>
        ))}
      </ol>
      <p className="border-t border-rule px-3.5 py-1.5 text-[12px] text-muted">
        {bearings.by.name} · {day.format(bearings.madeAt)} · the document’s own sentences, each checked on its page
        {bearings.editionId !== shelved.edition.id && ' · of an earlier edition'}
      </p>
    </section>
  );
}

/** A sentence of a summary in running type; its strip shows when it is chosen. */
function Sentence({
  session,
  state,
  choice,
  claim,
}: {
  session: Session;
  state: SessionState;
  choice: string;
  claim: StoredBearings['claims'][number];
}) {
  const [citation] = claim.citations;
  const chosen = state.chosen?.key === choice;
  const kept = state.findings.some((finding) => finding.content?.text === claim.text);
  if (citation === undefined) return null;
  return (
    <Choosable
      session={session}
      choice={choice}
      citation={citation}
      chosen={chosen}
      label={`Sentence: ${claim.text}`}
      steps
    >
      {chosen ? (
        <QuoteEntry
          session={session}
          state={state}
          citation={citation}
          chosen
          action={
            <Button
              data-key="keep"
              disabled={kept}
              onClick={() =>
                void session.findings.keep({
                  text: claim.text,
                  note: '',
                  citations: claim.citations,
                  question: 'Summary',
                })
              }
            >
              {kept ? 'Kept' : 'Keep'}
            </Button>
          }
        />
      ) : (
        <p className="flex items-start gap-2 font-reading text-[15px] leading-[22px]">
          <MarkGlyph mark={citation.mark} grave={false} />
          <span className="min-w-0 flex-1 break-words">
            {claim.text}{' '}
            <span className="font-sans text-[12px] whitespace-nowrap text-muted">
              p. {citation.label ?? citation.page}
            </span>
          </span>
        </p>
      )}
    </Choosable>
  );
}
