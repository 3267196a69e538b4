'use client';

import { useState } from 'react';
import type { Citation, Explanation, Part, StandsOn } from '@/core/quote';
import { Explained, markInWords, MarkGlyph } from '@/ui';
import type { Session } from '../session';

interface MarkExplainedProps {
  readonly session: Session;
  readonly citation: Citation;
  readonly grave: boolean;
}

const MEANINGS: Readonly<Record<Citation['mark'], string>> = {
  exact: 'These very characters stand there; white space, line breaks and hyphens at line ends aside.',
  'same-words': 'The same words stand there; case, dashes, marks of quotation or the like are set otherwise.',
  elsewhere: 'The words are right; the place that was cited is not where they stand.',
  altered: 'The nearest place has other words. What differs is set in bold.',
  absent: 'Nothing near these words stands in any document of this dossier.',
};
/** Pages that are listed. */
const MOST_PLACES = 12;

/** The mark of a quote; behind it why it is what it is: what was looked for, what the page says, and where. */
export function MarkExplained({ session, citation, grave }: MarkExplainedProps) {
  const [found, setFound] = useState<Explanation | null>(null);
  const { mark } = citation;
  return (
    <Explained
      trigger={<MarkGlyph mark={mark} grave={grave} />}
      label={`Explain the mark: ${markInWords(mark)}`}
      title="Explain this mark (E)"
      name="explain"
      className="flex shrink-0 hover:bg-tint"
      width="wide"
      onOpen={() => {
        setFound(null);
        void session.explain(citation).then(setFound);
      }}
    >
      <p className="flex items-start gap-2 pb-2">
        <MarkGlyph mark={mark} grave={grave} />
        <span className="min-w-0 flex-1">
          <b className="inline-block first-letter:uppercase">{markInWords(mark)}.</b> {MEANINGS[mark]}
        </span>
      </p>
      {found === null ? (
        <p className="text-muted">Holding it against the documents …</p>
      ) : (
        <Told session={session} citation={citation} found={found} />
      )}
    </Explained>
  );
}

function Told({ session, citation, found }: Omit<MarkExplainedProps, 'grave'> & { readonly found: Explanation }) {
  const { sides, places, instead, searched } = found;
  const graveKinds = [...new Set(citation.differences.filter((one) => one.grave).map((one) => one.kind))];
  return (
    <>
      {sides !== null && (
        <div className="grid grid-cols-2 gap-x-4 border-y border-rule py-2">
          <Side name="The quote" parts={sides.quote} />
          <Side name="The page" parts={sides.page} />
        </div>
      )}
      {graveKinds.length > 0 && <p className="pt-2 text-grave">Changed in what it means: {graveKinds.join(', ')}.</p>}
      <dl className="grid grid-cols-[92px_1fr] gap-x-3 gap-y-1 pt-2">
        <dt className="text-muted">Looked for</dt>
        <dd className="break-words">{searched}</dd>
        {citation.cited !== undefined && (
          <>
            <dt className="text-muted">Cited as</dt>
            <dd>
              {citation.cited.source}
              {citation.cited.page !== null && `, page ${citation.cited.page}`}
            </dd>
          </>
        )}
        {places.length > 0 && (
          <>
            <dt className="text-muted">{citation.mark === 'altered' ? 'Nearest' : 'Stands on'}</dt>
            <dd className="flex flex-wrap gap-x-3">
              {places.slice(0, MOST_PLACES).map((place) => (
                <PlaceButton key={`${place.sourceId} ${place.page}`} session={session} place={place} />
              ))}
              {places.length > MOST_PLACES && (
                <span className="text-muted">and {places.length - MOST_PLACES} more</span>
              )}
            </dd>
          </>
        )}
        {citation.mark === 'altered' && (
          <>
            <dt className="text-muted">Likeness</dt>
            <dd className="tabular-nums">{Math.round(found.score * 100)} of 100</dd>
          </>
        )}
        {instead !== null && (
          <>
            <dt className="text-muted">Said there</dt>
            <dd>
              <span className="font-reading text-[13.5px]">“{instead.text}”</span>{' '}
              <PlaceButton session={session} place={instead.on} />
            </dd>
          </>
        )}
      </dl>
    </>
  );
}

function Side({ name, parts }: { readonly name: string; readonly parts: readonly Part[] }) {
  return (
    <div className="min-w-0">
      <p className="pb-0.5 text-muted">{name}</p>
      <p className="font-reading text-[14px] leading-[20px] break-words">
        {parts.map((part, at) =>
          part.differs ? (
            <b key={at} className="border-b border-ink font-bold">
              {part.text}
            </b>
          ) : (
            <span key={at}>{part.text}</span>
          ),
        )}
      </p>
    </div>
  );
}

function PlaceButton({ session, place }: { readonly session: Session; readonly place: StandsOn }) {
  return (
    <button
      type="button"
      className="font-semibold text-accent hover:underline"
      onClick={() => session.openPage(place.sourceId, place.page)}
    >
      {place.source}, p. {place.label ?? place.page}
    </button>
  );
}
