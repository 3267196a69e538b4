'use client';

import type { Claim } from '@/core/answer';
import { sayUncovered } from '@/core/claim';
import { standsAsCited } from '@/core/quote';
import { reviewState, type Finding } from '@/core/review';
import { Button, counted, Dialog, MarkGlyph } from '@/ui';
import type { Incoming, RecheckedQuote, Session } from '../session';

const SHOWN = 12;
const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** What taking in a colleague's review would change, before anything is. */
export function MergeDialog({
  session,
  incoming,
  onClose,
}: {
  session: Session;
  incoming: Incoming;
  onClose: () => void;
}) {
  const { file, preview, rechecked, further, missing } = incoming;
  const nothing = preview.newEvents === 0;
  const differing = preview.changed.filter((one) => one.differs);
  const gained = preview.changed.filter((one) => !one.differs);
  return (
    <Dialog
      title={`A review of “${file.dossier}”`}
      about={`By ${preview.reviewers.join(', ')}; saved ${day.format(new Date(file.savedAt))}. ${nothing ? 'Everything in it is here already.' : 'Nothing here is overwritten: what it holds comes beside what is here.'}`}
      wide
      onClose={onClose}
    >
      {!nothing && (
        <div className="space-y-4">
          <Part title={counted(preview.newFindings.length, 'new finding')} findings={preview.newFindings} />
          <Part
            title={`${counted(differing.length, 'finding')} judged otherwise there`}
            findings={differing.map((one) => one.finding)}
          />
          <Part
            title={`${counted(gained.length, 'finding')} with more decisions or comments`}
            findings={gained.map((one) => one.finding)}
          />
          <Rechecked rechecked={rechecked} missing={missing} />
          <Further claims={further} />
        </div>
      )}
      <div className="mt-5 flex justify-end gap-2">
        <Button look="quiet" onClick={onClose}>
          {nothing ? 'Close' : 'Leave it'}
        </Button>
        {!nothing && (
          <Button
            look="primary"
            onClick={() => {
              void session.findings.takeIn(incoming);
              onClose();
            }}
          >
            Take it in
          </Button>
        )}
      </div>
    </Dialog>
  );
}

function Part({ title, findings }: { title: string; findings: readonly Finding[] }) {
  if (findings.length === 0) return null;
  return (
    <section>
      <h3 className="border-b border-rule pb-1 font-reading text-[15px] font-semibold">{title}</h3>
      <ul>
        {findings.slice(0, SHOWN).map((finding) => (
          <li key={finding.id} className="flex items-baseline gap-3 border-b border-rule/60 py-1">
            <span className="line-clamp-2 min-w-0 flex-1 font-reading text-[14px]">
              {finding.content?.text ?? 'An erased finding'}
            </span>
            <span className="text-[12px] whitespace-nowrap text-muted">
              {finding.withdrawn ? 'withdrawn' : reviewState(finding).replace('-', ' ')}
            </span>
          </li>
        ))}
      </ul>
      {findings.length > SHOWN && <p className="pt-1 text-[12px] text-muted">and {findings.length - SHOWN} more</p>}
    </section>
  );
}

/** How the new quotes fare against one's own copies. */
function Rechecked({ rechecked, missing }: { rechecked: readonly RecheckedQuote[]; missing: readonly string[] }) {
  if (rechecked.length === 0) return null;
  const held = rechecked.filter((one) => one.here !== null);
  const stands = held.filter((one) => one.here !== null && standsAsCited(one.here));
  const fails = held.filter((one) => !stands.includes(one));
  return (
    <section>
      <h3 className="border-b border-rule pb-1 font-reading text-[15px] font-semibold">
        Its quotes, checked anew here
      </h3>
      <p className="pt-1">
        {stands.length} of {rechecked.length} {rechecked.length === 1 ? 'stands' : 'stand'} in your copies.
        {fails.length > 0 && <span className="text-grave"> {fails.length} do not:</span>}
      </p>
      <ul>
        {fails.slice(0, SHOWN).map(({ citation, here }, at) => (
          <li key={at} className="flex items-start gap-2 py-1">
            <MarkGlyph mark={here?.mark ?? 'absent'} grave />
            <span className="min-w-0 flex-1 font-reading text-[14px] break-words">
              “{citation.quote}”{' '}
              <span className="font-sans text-[12px] text-muted">
                {citation.sourceName}, p. {citation.label ?? citation.page}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {missing.length > 0 && (
        <p className="pt-1 text-muted">
          Not on your shelf, so not checked: {missing.map((name) => `“${name}”`).join(', ')}.
        </p>
      )}
    </section>
  );
}

/** Findings that say more than their quotes, which stand. */
function Further({ claims }: { claims: readonly Claim[] }) {
  if (claims.length === 0) return null;
  return (
    <section>
      <h3 className="border-b border-rule pb-1 font-reading text-[15px] font-semibold">
        {claims.length === 1 ? 'One finding goes' : `${claims.length} findings go`} further than{' '}
        {claims.length === 1 ? 'its' : 'their'} quotes
      </h3>
      <ul>
        {claims.slice(0, SHOWN).map((claim, at) => (
          <li key={at} className="border-b border-rule/60 py-1">
            <span className="font-reading text-[14px] break-words">{claim.text}</span>
            <span className="block text-[12px] text-muted">
              Not covered: {(claim.uncovered ?? []).map(sayUncovered).join('; ')}.
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
