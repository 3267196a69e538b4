'use client';

import { useState } from 'react';
import { LENGTH_LIMITS, withinLimits, type SummaryLength } from '@/core/summary';

interface LengthFieldProps {
  readonly value: SummaryLength;
  readonly onChange: (value: SummaryLength) => void;
}

/** What a unit begins with when it is chosen. */
const USUAL: Readonly<Record<SummaryLength['unit'], number>> = { sentences: 5, words: 150, pages: 0.5 };

/** How long a summary is wanted; what is typed counts once it is a number in range. */
export function LengthField({ value, onChange }: LengthFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const { count, unit } = value;
  const [least, most] = LENGTH_LIMITS[unit];
  return (
    <span className="flex items-center gap-1">
      <input
        type="number"
        min={least}
        max={most}
        step={unit === 'pages' ? 0.25 : unit === 'words' ? 10 : 1}
        value={typed ?? count}
        aria-label={unit === 'pages' ? 'Pages' : unit === 'words' ? 'Words' : 'Sentences'}
        onFocus={(event) => event.target.select()}
        onChange={(event) => {
          setTyped(event.target.value);
          const number = Number(event.target.value);
          if (number >= least && number <= most) onChange(withinLimits({ count: number, unit }));
        }}
        onBlur={() => setTyped(null)}
        className="w-16 rounded-[3px] border border-rule bg-leaf px-1 py-0.5 text-ink"
      />
      <select
        aria-label="Counted in"
        value={unit}
        onChange={(event) => {
          const next = event.target.value as SummaryLength['unit'];
          setTyped(null);
          onChange({ count: USUAL[next], unit: next });
        }}
        className="rounded-[3px] border border-rule bg-leaf px-1 py-0.5 text-ink"
      >
        <option value="sentences">{unit === 'sentences' && count === 1 ? 'sentence' : 'sentences'}</option>
        <option value="words">words</option>
        <option value="pages">{unit === 'pages' && count <= 1 ? 'page' : 'pages'}</option>
      </select>
    </span>
  );
}
