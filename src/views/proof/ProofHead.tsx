'use client';

import clsx from 'clsx';
import { proofToCsv, proofToHtml } from '@/core/exchange';
import { tallyOf, type Became } from '@/core/proof';
import type { StoredProof } from '@/store';
import { Button, counted, Menu, saveFile } from '@/ui';
import type { Session } from '../session';
import { CheckLimits } from '../spread';

const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

interface ProofHeadProps {
  readonly session: Session;
  readonly proof: StoredProof;
  /** What became different since the run before; null for a first run. */
  readonly became: readonly Became[] | null;
  readonly onlyProblems: boolean;
  readonly onOnlyProblems: (only: boolean) => void;
  readonly onNext: () => void;
}

/** A proof's name and tally, what can be done with it, and what became different since the run before. */
export function ProofHead({ session, proof, became, onlyProblems, onOnlyProblems, onNext }: ProofHeadProps) {
  const tally = tallyOf(proof.items);
  const base = proof.name.replace(/\.[a-z\d]+$/i, '');
  const docx = async (): Promise<void> => {
    const file = await session.proofs.asDocx(proof);
    if (file !== null) saveFile(`${base}.docx`, file.type, file);
  };
  return (
    <header className="border-b border-rule px-4 pt-3 pb-2">
      <div className="flex items-baseline gap-2">
        <h2 className="min-w-0 flex-1 truncate font-reading text-[17px] font-semibold" title={proof.name}>
          {proof.name}
        </h2>
        <Button onClick={() => session.proofs.open(null)}>Another text</Button>
        <Button
          title="Hold the same text against the documents as they are now"
          onClick={() => void session.proofs.again(proof)}
        >
          Run again
        </Button>
        <Menu
          label="Save the text or a report of the proof"
          trigger="Save"
          entries={[
            {
              label: 'Report as a web page',
              onSelect: () => saveFile(`Proof of ${base}.html`, 'text/html;charset=utf-8', proofToHtml(proof)),
            },
            {
              label: 'Report as CSV',
              onSelect: () => saveFile(`Proof of ${base}.csv`, 'text/csv;charset=utf-8', `\ufeff${proofToCsv(proof)}`),
            },
            {
              label: 'The text as Markdown',
              onSelect: () => saveFile(`${base}.md`, 'text/markdown;charset=utf-8', proof.text),
            },
            { label: 'The text as an office file (DOCX)', onSelect: () => void session.guard(docx) },
          ]}
        />
      </div>
      <p data-tally className="pt-0.5">
        <b>
          {tally.quotesStanding.toLocaleString('en')} of {counted(tally.quotes, 'quotation')}
        </b>{' '}
        {tally.quotes === 1 ? 'stands' : 'stand'}
        <span className="text-muted"> · </span>
        <b>
          {tally.figuresSupported.toLocaleString('en')} of {counted(tally.figures, 'figure')}
        </b>{' '}
        {tally.figures === 1 ? 'is' : 'are'} supported
        <span className="text-muted" title={`Made on ${day.format(proof.madeAt)}`}>
          {' '}
          · against {counted(proof.against.length, 'document')}
        </span>
      </p>
      {became !== null && (
        <p className="text-muted">
          {became.length === 0
            ? `Nothing became different since ${day.format(proof.before?.madeAt)}.`
            : `${counted(became.length, 'item')} became different since ${day.format(proof.before?.madeAt)}.`}
        </p>
      )}
      <div className="flex items-baseline gap-3 pt-1">
        <div role="tablist" aria-label="Which items" className="flex gap-3">
          {([false, true] as const).map((only) => (
            <button
              key={String(only)}
              type="button"
              role="tab"
              aria-selected={onlyProblems === only}
              onClick={() => onOnlyProblems(only)}
              className={clsx('border-b-2 pb-0.5', onlyProblems === only ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink')} // prettier-ignore
            >
              {only
                ? `To look at ${tally.problems.toLocaleString('en')}`
                : `All ${proof.items.length.toLocaleString('en')}`}
            </button>
          ))}
        </div>
        <span className="ml-auto">
          <CheckLimits />
        </span>
        <Button disabled={tally.problems === 0} onClick={onNext} title="N">
          Next to look at
        </Button>
      </div>
    </header>
  );
}
