import { useEffect, useState } from 'react';
import { Dialog } from '@/ui';
import type { Heading, Session } from '../session';

interface OutlineProps {
  readonly session: Session;
  readonly sourceId: string;
  readonly name: string;
  readonly onPage: (page: number) => void;
  readonly onClose: () => void;
}

/** The headings of a document, to go to. */
export function Outline({ session, sourceId, name, onPage, onClose }: OutlineProps) {
  const [headings, setHeadings] = useState<readonly Heading[] | null>(null);
  useEffect(() => {
    let wanted = true;
    void session.headings(sourceId).then((found) => {
      if (wanted) setHeadings(found);
    });
    return () => {
      wanted = false;
    };
  }, [session, sourceId]);
  return (
    <Dialog title={`Outline of “${name}”`} onClose={onClose} wide>
      {headings !== null && headings.length === 0 && <p className="text-muted">No headings were found in it so far.</p>}
      <ul className="max-h-[60vh] overflow-y-auto" aria-label="Headings">
        {(headings ?? []).map((heading, at) => (
          <li key={at} className="border-b border-rule last:border-b-0">
            <button
              type="button"
              className="flex w-full items-baseline gap-3 py-1 text-left hover:bg-tint"
              style={{ paddingLeft: 4 + 16 * heading.level }}
              onClick={() => {
                onPage(heading.page);
                onClose();
              }}
            >
              <span className="min-w-0 flex-1 truncate font-reading">{heading.text}</span>
              <span className="pr-1 text-[12px] text-muted tabular-nums">p. {heading.label ?? heading.page}</span>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
