import { MOST_FOUND, type Citation } from '@/core/quote';
import { oneLine } from '@/core/text';
import { counted } from '@/ui';
import { documentOf, foundKey, type Session, type SessionState } from '../session';
import { Choosable } from '../spread';

/** Where the words looked for stand, document by document; pressing a place opens its page. */
export function FoundPanel({ session, state }: { readonly session: Session; readonly state: SessionState }) {
  const { found } = state;
  if (found === null)
    return (
      <p className="px-1 pt-3 font-reading text-[15px] leading-[23px] text-muted italic">
        Choose Find above, and type words: every place where they stand is listed here, and marked on the ribbon.
      </p>
    );
  const groups = new Map<string, { readonly citation: Citation; readonly at: number }[]>();
  found.places.forEach((citation, at) => {
    groups.set(citation.sourceId, [...(groups.get(citation.sourceId) ?? []), { citation, at }]);
  });
  const wanted = found.wanted.length > 120 ? `${found.wanted.slice(0, 119)}…` : found.wanted;
  const said = `${found.way === 'like' ? 'Like ' : ''}“${wanted}”${found.way === 'near' ? ', its words near each other' : ''}`;
  if (groups.size === 0)
    return (
      <p className="px-1 pt-3 font-reading text-[15px] text-muted italic">
        {found.way === 'like'
          ? 'Nothing in the documents looked at says the like.'
          : `${said} stands nowhere in the documents looked at.`}
      </p>
    );
  return (
    <>
      <p role="status" className="text-[12.5px] text-muted">
        {said}: {counted(found.places.length, 'place')} in {counted(groups.size, 'document')}
      </p>
      {[...groups].map(([sourceId, places]) => (
        <section key={sourceId} className="rounded-[2px] border border-rule bg-leaf">
          <h2 className="flex items-baseline gap-3 border-b border-rule px-3.5 py-1.5">
            <span className="min-w-0 flex-1 truncate font-reading text-[15px] font-semibold">
              {documentOf(state.shelf, (places[0] as { citation: Citation }).citation)?.source.name ??
                places[0]?.citation.sourceName}
            </span>
            <span className="text-[12px] text-muted">
              {places.length >= MOST_FOUND ? `the first ${MOST_FOUND} places` : counted(places.length, 'place')}
            </span>
          </h2>
          {places.map(({ citation, at }) => (
            <Choosable
              key={at}
              session={session}
              choice={foundKey(at)}
              citation={citation}
              chosen={state.chosen?.key === foundKey(at)}
              label={`Place ${at + 1}, page ${citation.label ?? citation.page}`}
              steps
            >
              <p
                data-connect={state.chosen?.key === foundKey(at) ? 'strip' : undefined}
                className="flex gap-3 text-[13.5px] leading-[19px]"
              >
                <span className="w-12 shrink-0 pt-px text-right text-[12px] whitespace-nowrap text-muted tabular-nums">
                  p. {citation.label ?? citation.page}
                </span>
                <span className="min-w-0 flex-1 font-reading break-words">
                  {before(citation.before)}
                  <b>{oneLine(citation.quote)}</b>
                  {behind(citation.after)}
                </span>
              </p>
            </Choosable>
          ))}
        </section>
      ))}
    </>
  );
}

/** Dots that lead from an entry of contents to its page, and marks of omission that come together. */
const SEVERAL = /(?:…\s*){2,}/g;
const LEADERS = /(?:\s?[.·…]){4,}\s?/g;

/** Context before a find, cut at a word. */
function before(context: string): string {
  return oneLine(`${context}|`)
    .slice(0, -1)
    .replace(LEADERS, ' … ')
    .replace(/^\S*\s/, '… ')
    .replace(SEVERAL, '… ');
}

/** Context behind a find, cut at a word. */
function behind(context: string): string {
  return oneLine(`|${context}`)
    .slice(1)
    .replace(LEADERS, ' … ')
    .replace(/\s\S*$/, ' …')
    .replace(SEVERAL, '… ');
}
