import clsx from 'clsx';
import { useSize } from './useSize';

export interface RibbonMark {
  readonly page: number;
  readonly kind: 'evidence' | 'chosen' | 'finding' | 'hit';
}

interface RibbonProps {
  readonly pageCount: number;
  readonly pagesRead: number;
  readonly page: number;
  readonly label: string;
  readonly marks: readonly RibbonMark[];
  readonly onPage: (page: number) => void;
}

/** The ribbon of all pages of the open document: where evidence, findings and search hits lie, and where one is. */
export function Ribbon({ pageCount, pagesRead, page, label, marks, onPage }: RibbonProps) {
  const [frame, { height }] = useSize<HTMLDivElement>();
  const step = height / Math.max(1, pageCount);
  const y = (number: number): number => (number - 1) * step;
  const tall = (kind: RibbonMark['kind']): number => Math.max(kind === 'chosen' ? 7 : 3, Math.min(step, 9));
  const go = (clientY: number): void => {
    const top = frame.current?.getBoundingClientRect().top ?? 0;
    onPage(Math.min(pageCount, Math.max(1, Math.floor((clientY - top) / step) + 1)));
  };
  return (
    <div className="flex h-full w-[46px] shrink-0 flex-col items-center border-x border-rule bg-ground py-1.5 text-[11px] text-muted">
      <span>{pageCount} pp</span>
      <div
        ref={frame}
        role="slider"
        tabIndex={0}
        aria-label="Pages of the open document"
        aria-orientation="vertical"
        aria-valuemin={1}
        aria-valuemax={pageCount}
        aria-valuenow={page}
        aria-valuetext={`page ${label}`}
        className="relative my-1.5 min-h-0 w-[18px] flex-1 cursor-pointer bg-leaf"
        onClick={(event) => go(event.clientY)}
        onKeyDown={(event) => {
          const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 10, PageUp: -10 }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          event.stopPropagation();
          onPage(Math.min(pageCount, Math.max(1, page + by)));
        }}
        style={
          step >= 3
            ? {
                backgroundImage: `repeating-linear-gradient(to bottom, transparent 0, transparent ${step - 1}px, var(--rule) ${step - 1}px, var(--rule) ${step}px)`,
              }
            : undefined
        }
      >
        {pagesRead < pageCount && (
          <span aria-hidden className="absolute inset-x-0 bottom-0 bg-sunk" style={{ top: y(pagesRead + 1) }} />
        )}
        {marks.map((mark) => (
          <span
            key={`${mark.kind} ${mark.page}`}
            aria-hidden
            data-connect={mark.kind === 'chosen' ? 'ribbon' : undefined}
            className={clsx(
              'absolute',
              mark.kind === 'hit' && 'right-0 w-[5px] bg-muted/60',
              mark.kind === 'finding' && '-right-[7px] w-[7px] bg-ink',
              mark.kind === 'evidence' && 'inset-x-0 bg-accent/70',
              mark.kind === 'chosen' && '-inset-x-[3px] border-2 border-accent bg-leaf',
            )}
            style={{ top: y(mark.page), height: tall(mark.kind) }}
          />
        ))}
        {!marks.some((mark) => mark.kind === 'chosen' && mark.page === page) && (
          <span
            aria-hidden
            className="absolute -left-[7px] h-0 w-0 border-y-[5px] border-l-[6px] border-y-transparent border-l-ink"
            style={{ top: y(page) + Math.min(step, 9) / 2 - 5 }}
          />
        )}
      </div>
      <span className="max-w-full truncate">p. {label}</span>
    </div>
  );
}
