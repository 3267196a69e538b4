import type { Limits } from '@/core/answer';
import { Button } from '@/ui';

const SMALL = 'rounded-[3px] border border-rule bg-leaf px-1.5 py-0.5 placeholder:italic';

interface AskWithinProps {
  readonly limits: Limits;
  readonly onLimits: (limits: Limits) => void;
}

/** Pages and a section that alone are asked. Which documents are asked is chosen on the shelf. */
export function AskWithin({ limits, onLimits }: AskWithinProps) {
  const set = (change: Limits): void => onLimits({ ...limits, ...change });
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1 border-t border-rule/60 px-3 py-1.5 text-[13px]">
      <span className="text-muted">Only on pages</span>
      <input
        autoFocus
        aria-label="Only on these pages"
        value={limits.pages ?? ''}
        maxLength={30}
        placeholder="12 or 3–7"
        onChange={(event) => set({ pages: event.target.value })}
        className={`${SMALL} w-24`}
      />
      <span className="text-muted">in section</span>
      <input
        aria-label="Only in this section"
        value={limits.section ?? ''}
        maxLength={120}
        placeholder="clause 7, or words of its title"
        onChange={(event) => set({ section: event.target.value })}
        className={`${SMALL} min-w-0 flex-1`}
      />
      <Button look="quiet" onClick={() => onLimits({})}>
        Everywhere
      </Button>
    </div>
  );
}

/** True when limits leave out something. */
export function limited({ pages = '', section = '' }: Limits): boolean {
  return pages.trim() !== '' || section.trim() !== '';
}
