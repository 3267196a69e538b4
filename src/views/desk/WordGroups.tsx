import { useMemo, useState } from 'react';
import { knownEquivalents } from '@/core/search';
import { counted } from '@/ui';

interface WordGroupsProps {
  readonly groups: readonly (readonly string[])[];
  readonly onChange: (groups: readonly (readonly string[])[]) => void;
}

/** Known groups that are listed at once. */
const LISTED = 60;

/** Words that stand for each other: the dossier's own groups, and those that the reader knows, to look up. */
export function WordGroups({ groups, onChange }: WordGroupsProps) {
  const [text, setText] = useState(() => groups.map((group) => group.join(', ')).join('\n'));
  const [filter, setFilter] = useState('');
  const known = useMemo(() => knownEquivalents(), []);
  const wanted = filter.trim().toLowerCase();
  const met = wanted === '' ? known : known.filter((group) => group.some((word) => word.startsWith(wanted)));
  return (
    <div className="grid h-full grid-cols-2 gap-6">
      <label className="flex min-h-0 flex-col">
        <span className="font-semibold">This dossier’s own</span>
        <span className="pb-1.5 text-[13px] text-muted">
          One group a line, its words parted by commas. A question with one of them is looked for by all of them.
        </span>
        <textarea
          value={text}
          maxLength={20_000}
          spellCheck={false}
          aria-label="This dossier’s own groups of words"
          placeholder={'berth, mooring, landing stage\ntotal loss, write-off'}
          onChange={(event) => {
            setText(event.target.value);
            onChange(groupsIn(event.target.value));
          }}
          className="min-h-0 flex-1 resize-none rounded-[3px] border border-rule bg-ground px-2 py-1.5 font-reading text-[15px] leading-[23px] placeholder:italic"
        />
      </label>
      <div className="flex min-h-0 flex-col">
        <p className="font-semibold">Known to the reader</p>
        <input
          type="search"
          value={filter}
          aria-label="Look up a word"
          placeholder={`Look a word up in ${known.length} groups`}
          onChange={(event) => setFilter(event.target.value)}
          className="mb-1.5 rounded-[3px] border border-rule bg-ground px-2 py-1 placeholder:italic"
        />
        <ul aria-label="Groups known to the reader" className="min-h-0 flex-1 overflow-y-auto font-reading text-[14px]">
          {met.slice(0, LISTED).map((group) => (
            <li key={group.join(' ')} className="border-b border-rule/60 py-1 break-words">
              {group.join(', ')}
            </li>
          ))}
          {met.length === 0 && (
            <li className="py-1 text-muted italic">No group holds it: add one on the left, if it has equals here.</li>
          )}
          {met.length > LISTED && (
            <li className="py-1 text-muted italic">and {counted(met.length - LISTED, 'more group')}</li>
          )}
        </ul>
      </div>
    </div>
  );
}

/** Groups of words out of lines; a word once a group. */
function groupsIn(text: string): string[][] {
  return text
    .split('\n')
    .map((line) =>
      [...new Set(line.split(/[,;]/).map((word) => word.trim().slice(0, 80)))].filter((word) => word !== ''),
    )
    .filter((group) => group.length > 0)
    .map((group) => group.slice(0, 40))
    .slice(0, 500);
}
