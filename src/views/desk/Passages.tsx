import { sayBecause, type FoundPassage } from '@/core/answer';
import { oneLine } from '@/core/text';
import type { Session } from '../session';

/** The nearest passages, to open. */
export function Passages({ session, passages }: { session: Session; passages: readonly FoundPassage[] }) {
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
            {passage.because !== undefined && passage.because.length > 0 && (
              <span className="block truncate text-[12px] text-muted" title={`Score ${passage.score}`}>
                came up by {sayBecause(passage.because)}
              </span>
            )}
          </button>
        </li>
      ))}
    </ol>
  );
}
