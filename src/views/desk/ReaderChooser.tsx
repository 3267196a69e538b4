'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { ReaderChoice, Session, SessionState } from '../session';
import { ReaderSettings } from './ReaderSettings';

const GROUPS: readonly (readonly [ReaderChoice['kind'], string])[] = [
  ['configured', 'Connected models of this server'],
  ['added', 'Connected models added here'],
  ['practice', 'Practice: a stand-in, nothing leaves this computer'],
];
/** Its lists of words are loaded when they are looked at. */
const ReadingSettings = dynamic(() => import('./ReadingSettings').then((one) => one.ReadingSettings), { ssr: false });

const SETTINGS = '#settings';
const READING = '#reading';

/** Who answers the next question. */
export function ReaderChooser({ session, state }: { session: Session; state: SessionState }) {
  const [settings, setSettings] = useState(false);
  const [reading, setReading] = useState(false);
  return (
    <>
      <label className="ml-auto flex min-w-0 items-center gap-1.5 text-muted">
        <span className="sr-only">Answered by</span>
        <select
          aria-label="Answered by"
          value={state.reader.name}
          onChange={(event) => {
            if (event.target.value === SETTINGS) setSettings(true);
            else if (event.target.value === READING) setReading(true);
            else session.readers.choose(event.target.value);
          }}
          className="max-w-44 min-w-0 truncate rounded-[3px] border border-rule bg-leaf px-1 py-0.5 text-ink"
        >
          {state.readers
            .filter((one) => one.kind === 'built-in')
            .map((one) => (
              <option key={one.name} value={one.name}>
                {one.name}
              </option>
            ))}
          {GROUPS.map(([kind, title]) => {
            const readers = state.readers.filter((one) => one.kind === kind);
            return readers.length === 0 ? null : (
              <optgroup key={kind} label={title}>
                {readers.map((one) => (
                  <option key={one.name} value={one.name}>
                    {one.name}
                  </option>
                ))}
              </optgroup>
            );
          })}
          <option value={SETTINGS}>Connected models …</option>
          <option value={READING}>How questions are read …</option>
        </select>
      </label>
      {reading && <ReadingSettings session={session} onClose={() => setReading(false)} />}
      {settings && <ReaderSettings session={session} state={state} onClose={() => setSettings(false)} />}
    </>
  );
}
