import { useState } from 'react';
import { WATCH_POINTS, type WatchPoint } from '@/core/answer';
import { Button } from '@/ui';

interface WatchListProps {
  /** Null for the list that comes with the reader. */
  readonly points: readonly WatchPoint[] | null;
  readonly onChange: (points: readonly WatchPoint[] | null) => void;
}

const FIELD = 'w-full rounded-[3px] border border-rule bg-ground px-2 py-1';
const FRESH: WatchPoint = { name: '', words: '', says: [], why: '', usual: '' };

/** What a contract is gone through by when it is asked what needs care in it. */
export function WatchList({ points, onChange }: WatchListProps) {
  const list = points ?? WATCH_POINTS;
  const [open, setOpen] = useState<number | null>(null);
  const put = (at: number, change: Partial<WatchPoint>): void =>
    onChange(list.map((one, index) => (index === at ? { ...one, ...change } : one)));
  return (
    <div>
      <p className="pb-2 text-[13px] text-muted">
        “What needs care in this contract?” goes through this list: each point is quoted, or told to be missing.
      </p>
      <ol className="border-t border-rule">
        {list.map((point, at) => (
          <li key={at} className="border-b border-rule py-1.5">
            <div className="flex items-baseline gap-3">
              <button
                type="button"
                aria-expanded={open === at}
                onClick={() => setOpen(open === at ? null : at)}
                className="w-44 shrink-0 truncate text-left font-semibold hover:text-accent"
              >
                {point.name === '' ? 'A new point' : point.name}
              </button>
              <span className="min-w-0 flex-1 truncate text-[13px] text-muted">{point.why}</span>
              <Button look="quiet" aria-expanded={open === at} onClick={() => setOpen(open === at ? null : at)}>
                {open === at ? 'Close' : 'Edit'}
              </Button>
              <Button
                look="quiet"
                aria-label={`Remove: ${point.name}`}
                onClick={() => {
                  setOpen(null);
                  onChange(list.filter((_, index) => index !== at));
                }}
              >
                Remove
              </Button>
            </div>
            {open === at && <Point point={point} onChange={(change) => put(at, change)} />}
          </li>
        ))}
      </ol>
      <div className="flex gap-4 pt-2">
        <Button
          onClick={() => {
            onChange([...list, FRESH]);
            setOpen(list.length);
          }}
        >
          Add a point
        </Button>
        {points !== null && <Button onClick={() => onChange(null)}>The list as it came</Button>}
      </div>
    </div>
  );
}

function Point({
  point,
  onChange,
}: {
  readonly point: WatchPoint;
  readonly onChange: (change: Partial<WatchPoint>) => void;
}) {
  const fields = [
    ['name', 'Point', 'Renewal', 80],
    ['words', 'Looked for by', 'renew renewal extend term', 400],
    ['why', 'Why it matters', 'a term that renews by itself binds without a decision', 400],
    ['usual', 'Usually asked for', 'a notice before it renews, and a right to end it', 400],
  ] as const;
  return (
    <div className="grid grid-cols-[8.5rem_1fr] items-center gap-x-3 gap-y-1.5 py-2">
      {fields.map(([key, label, hint, most]) => (
        <label key={key} className="contents">
          <span className="text-muted">{label}</span>
          <input
            value={point[key]}
            maxLength={most}
            placeholder={hint}
            onChange={(event) => onChange({ [key]: event.target.value })}
            className={`${FIELD} placeholder:italic`}
          />
        </label>
      ))}
      <label className="contents">
        <span className="self-start pt-1 text-muted">A sentence says</span>
        <textarea
          rows={3}
          defaultValue={point.says.join('\n')}
          maxLength={6000}
          placeholder={'renew*\nmay extend … term'}
          onChange={(event) =>
            onChange({
              says: event.target.value
                .split('\n')
                .map((line) => line.trim().slice(0, 120))
                .filter((line) => line !== '')
                .slice(0, 60),
            })
          }
          className={`${FIELD} placeholder:italic`}
        />
      </label>
      <p className="col-start-2 text-[12px] text-muted">
        One wording a line, any of which will do; * for any ending, … for words between.
      </p>
    </div>
  );
}
