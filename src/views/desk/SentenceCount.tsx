'use client';

import { useState } from 'react';
import { MOST_SENTENCES } from '@/core/summary';

/** A field for how many sentences a summary has; what is typed counts once it is a number in range. */
export function SentenceCount({ value, onChange }: { value: number; onChange: (value: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      type="number"
      min={1}
      max={MOST_SENTENCES}
      value={typed ?? value}
      aria-label="Sentences"
      onFocus={(event) => event.target.select()}
      onChange={(event) => {
        setTyped(event.target.value);
        const number = Number(event.target.value);
        if (Number.isInteger(number) && number >= 1 && number <= MOST_SENTENCES) onChange(number);
      }}
      onBlur={() => setTyped(null)}
      className="w-12 rounded-[3px] border border-rule bg-leaf px-1 py-0.5 text-ink"
    />
  );
}
