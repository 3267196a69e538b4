'use client';

import clsx from 'clsx';
import { useRef, useState } from 'react';
import { DEFAULT_SETTINGS, type AskSettings } from '@/core/answer';
import { settingsFile } from '@/core/exchange';
import { Button, Dialog, saveFile } from '@/ui';
import type { Session } from '../session';
import { Instructions } from './Instructions';
import { SearchSettings } from './SearchSettings';
import { WatchList } from './WatchList';
import { WordGroups } from './WordGroups';

const PARTS = { search: 'Search', words: 'Words', watch: 'Watch points', standing: 'Instructions' } as const;
type Part = keyof typeof PARTS;

/** How the questions of the dossier at hand are read: what is searched, by which words, and what is asked of every answer. Nothing changes before it is saved. */
export function ReadingSettings({ session, onClose }: { readonly session: Session; readonly onClose: () => void }) {
  const [part, setPart] = useState<Part>('search');
  const [draft, setDraft] = useState<AskSettings>(session.settings);
  const [fault, setFault] = useState<string | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const change = (next: Partial<AskSettings>): void => setDraft({ ...draft, ...next });
  const untouched = JSON.stringify(draft) === JSON.stringify(DEFAULT_SETTINGS);
  return (
    <Dialog
      wide
      title="How questions are read"
      about="For this dossier. Answers given before stay as they are; ask them again to have them read this way."
      onClose={onClose}
    >
      <div role="tablist" aria-label="Parts of the settings" className="mb-3 flex gap-4 border-b border-rule">
        {(Object.keys(PARTS) as Part[]).map((one) => (
          <button
            key={one}
            type="button"
            role="tab"
            aria-selected={part === one}
            onClick={() => setPart(one)}
            className={clsx(
              '-mb-px border-b-2 pb-1',
              part === one ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink',
            )}
          >
            {PARTS[one]}
          </button>
        ))}
      </div>
      <div className="h-[46vh] overflow-y-auto px-1 pb-1">
        {part === 'search' && <SearchSettings settings={draft} onChange={change} />}
        {part === 'words' && (
          <WordGroups groups={draft.equivalents} onChange={(equivalents) => change({ equivalents })} />
        )}
        {part === 'watch' && (
          <WatchList points={draft.watchPoints} onChange={(watchPoints) => change({ watchPoints })} />
        )}
        {part === 'standing' && (
          <Instructions
            session={session}
            text={draft.instructions}
            onChange={(instructions) => change({ instructions })}
          />
        )}
      </div>
      <p role="alert" className="min-h-[1.3em] pt-1 text-[12px] text-grave">
        {fault}
      </p>
      <div className="flex items-center gap-3">
        <input
          ref={picker}
          type="file"
          accept="application/json,.json"
          className="hidden"
          aria-label="Settings file"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file === undefined) return;
            void session.dossiers.openSettings(file).then((opened) => {
              setFault(typeof opened === 'string' ? opened : null);
              if (typeof opened !== 'string') setDraft(opened);
            });
          }}
        />
        <Button onClick={() => picker.current?.click()}>Open a file</Button>
        <Button
          onClick={() =>
            saveFile(`${session.dossier.name}.settings.json`, 'application/json', settingsFile(tidied(draft)))
          }
        >
          Save as a file
        </Button>
        <Button disabled={untouched} onClick={() => setDraft(DEFAULT_SETTINGS)}>
          All as it came
        </Button>
        <span className="flex-1" />
        <Button look="outline" onClick={onClose}>
          Cancel
        </Button>
        <Button
          look="primary"
          onClick={() => {
            void session.dossiers.setSettings(tidied(draft));
            onClose();
          }}
        >
          Use these
        </Button>
      </div>
    </Dialog>
  );
}

/** Without groups of one word and watch points that nothing would find. */
function tidied(draft: AskSettings): AskSettings {
  return {
    ...draft,
    equivalents: draft.equivalents.filter((group) => group.length > 1),
    watchPoints: draft.watchPoints?.filter(({ name, says }) => name.trim() !== '' && says.length > 0) ?? null,
  };
}
