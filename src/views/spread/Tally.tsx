import type { LineRole, Page } from '@/core/source';
import { Button, counted } from '@/ui';

interface TallyProps {
  readonly page: Page;
  readonly onTurnOff: () => void;
}

/** How many footnotes were joined to their mark in the text. */
function marksFound({ notes }: Page): string {
  const joined = notes.filter((note) => note.at !== null).length;
  return notes.length === 0
    ? ''
    : `, ${joined} of ${notes.length} joined to ${notes.length === 1 ? 'its mark' : 'their marks'}`;
}

/** What was read of a page, in words: how much, what was left out, and what is doubtful. */
export function Tally({ page, onTurnOff }: TallyProps) {
  const count = (...roles: LineRole[]): number => page.lines.filter((line) => roles.includes(line.role)).length;
  const left = count('head', 'folio');
  const parts = [
    counted(page.words, 'word'),
    counted(page.lines.length - left, 'line'),
    counted(count('heading'), 'heading'),
    ...(count('note') > 0 ? [`${counted(count('note'), 'line')} of footnotes${marksFound(page)}`] : []),
    ...(count('contents') > 0 ? ['a page of contents, which answers no questions'] : []),
    ...(left > 0 ? [`${counted(left, 'line')} left out of sentences (running heads, page numbers)`] : []),
  ];
  return (
    <div
      aria-label="Tally of the page"
      className="flex items-baseline gap-3 border-b border-rule bg-leaf px-4 py-1 text-[12px]"
    >
      <p className="min-w-0 flex-1">
        What was read: {parts.join(' · ')}.
        {page.warnings.map((warning) => (
          <span key={warning} className="block text-grave">
            Look at {warning}.
          </span>
        ))}
      </p>
      <Button onClick={onTurnOff}>Hide</Button>
    </div>
  );
}
