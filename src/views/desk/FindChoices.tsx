import type { FindWay } from '@/core/quote';

interface FindChoicesProps {
  readonly way: FindWay;
  readonly onWay: (way: FindWay) => void;
  /** True while only the open document is looked through. */
  readonly here: boolean;
  readonly onHere: (here: boolean) => void;
  readonly open: boolean;
}

/** How words are looked for, and where. */
export function FindChoices({ way, onWay, here, onHere, open }: FindChoicesProps) {
  return (
    <span className="ml-auto flex items-center gap-2 whitespace-nowrap">
      <select
        aria-label="How the words stand"
        value={way}
        onChange={(event) => onWay(event.target.value as FindWay)}
        className="rounded-[3px] border border-rule bg-leaf px-1 py-0.5"
      >
        <option value="phrase">as written</option>
        <option value="near">near each other</option>
      </select>
      {open && (
        <label className="flex items-center gap-1 text-muted" title="Only in the document that lies open">
          <input
            type="checkbox"
            checked={here}
            onChange={(event) => onHere(event.target.checked)}
            className="accent-[var(--accent)]"
          />
          only here
        </label>
      )}
    </span>
  );
}
