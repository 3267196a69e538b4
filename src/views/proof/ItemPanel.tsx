'use client';

import { detailInWords, findingInWords } from '@/core/exchange';
import { isProblem, mendingOf, type Became, type ProofFigure, type ProofItem, type ProofQuote } from '@/core/proof';
import type { StoredProof } from '@/store';
import { Button } from '@/ui';
import { QuoteEntry } from '../spread';
import type { Session, SessionState } from '../session';
import { FigureGlyph } from './FigureGlyph';

interface ItemPanelProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly proof: StoredProof;
  /** What became different since the run before; null for a first run. */
  readonly became: readonly Became[] | null;
  /** Which of the proof's items is looked at; -1 for none. */
  readonly index: number;
}

/** What was found of the chosen quotation or figure: where it stands, what differs, how it was worked out; and what can be done. */
export function ItemPanel({ session, state, proof, became, index }: ItemPanelProps) {
  const item = proof.items[index];
  return (
    <section
      aria-label="What was found"
      data-found
      aria-live="polite"
      className="max-h-[46%] min-h-[92px] shrink-0 overflow-y-auto border-t border-rule bg-ground px-4 py-2.5"
    >
      {item === undefined ? (
        <p className="font-reading text-[14px] leading-[21px] text-muted italic">
          {proof.items.length === 0
            ? 'The text holds no quotation and no figure.'
            : 'Choose a quotation or a figure in the text, or press N for the next one to look at: what was found of it is told here, and its page opens beside.'}
        </p>
      ) : (
        <Found key={index} session={session} state={state} proof={proof} became={became} item={item} />
      )}
    </section>
  );
}

function Found({ session, state, proof, became, item }: Omit<ItemPanelProps, 'index'> & { readonly item: ProofItem }) {
  const mending = mendingOf(item);
  const was = became?.find((one) => one.item === item);
  const standing = item.kind === 'quote' ? `${findingInWords(item)}` : '';
  return (
    <>
      <div className="flex items-baseline gap-3 pb-1.5">
        <p className="min-w-0 flex-1">
          <b className="first-letter:uppercase">{item.kind === 'quote' ? 'Quotation' : 'Figure'}</b>
          {standing !== '' && <span>: {standing}</span>}
          {item.saidFrom !== '' && <span className="text-muted"> · said to be from {item.saidFrom}</span>}
        </p>
        {mending !== null && isProblem(item) && (
          <Button data-key="mend" title="W" onClick={() => void session.proofs.mend(proof, item)}>
            {item.kind === 'quote' && item.citation.mark === 'altered'
              ? 'Use the page’s words'
              : `Put “${mending.text}”`}
          </Button>
        )}
        {item.citation !== null && item.citation.mark !== 'absent' && (
          <Button data-key="keep" title="K" onClick={() => void session.proofs.keep(proof, item)}>
            Keep
          </Button>
        )}
      </div>
      {item.kind === 'quote' ? (
        <QuoteFound session={session} state={state} item={item} />
      ) : (
        <FigureFound session={session} state={state} item={item} />
      )}
      {was !== undefined && (
        <p className="pt-1 text-[12px] text-muted">
          {was.was === null ? 'Not in the run before.' : `In the run before: ${findingInWords(was.was)}.`}
        </p>
      )}
    </>
  );
}

function QuoteFound({ session, state, item }: { session: Session; state: SessionState; item: ProofQuote }) {
  const { citation, pages, placeFault, rightPlace } = item;
  const right = placeFault === 'section' ? `clause ${rightPlace}` : placeFault === 'document' ? rightPlace : `p. ${rightPlace}`; // prettier-ignore
  return (
    <>
      {placeFault !== null && rightPlace !== null && (
        <p className="pb-1 text-[12px] text-grave">It stands at {right}, not where the text says.</p>
      )}
      {placeFault === null && rightPlace !== null && (
        <p className="pb-1 text-[12px] text-muted">Of the pages named, it stands on p. {rightPlace}.</p>
      )}
      {item.tooShort && (
        <p className="pb-1 text-[12px] text-muted">Too short to tell one place from another; its places are given.</p>
      )}
      <QuoteEntry session={session} state={state} citation={citation} chosen action={null} />
      {pages.length > 1 && (
        <p className="pt-1 text-[12px] text-muted">
          These words stand on pages {pages.slice(0, 12).join(', ')}
          {pages.length > 12 && ' and more'}.
        </p>
      )}
    </>
  );
}

function FigureFound({ session, state, item }: { session: Session; state: SessionState; item: ProofFigure }) {
  return (
    <>
      <p className="flex items-start gap-2 pb-1.5">
        <FigureGlyph item={item} />
        <span className="min-w-0 flex-1">
          <b>{item.text}</b>{' '}
          <span className="text-muted">
            {item.verdict === 'computed' ? 'worked out: ' : item.verdict === 'quoted' ? 'stated: ' : ''}
          </span>
          {item.how === '' ? findingInWords(item) : item.verdict === 'quoted' ? detailInWords(item) : item.how}
        </span>
      </p>
      {item.citation !== null && (
        <QuoteEntry session={session} state={state} citation={item.citation} chosen marked={false} action={null} />
      )}
    </>
  );
}
