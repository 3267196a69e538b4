import { useEffect, useState } from 'react';
import type { Steered } from '@/core/answer';
import type { Session } from '../session';

interface InstructionsProps {
  readonly session: Session;
  readonly text: string;
  readonly onChange: (text: string) => void;
}

/** Milliseconds without a key before what was typed is read. */
const PAUSE = 250;

/** What is asked of every answer, and how the built-in reader understands it, told while it is typed. */
export function Instructions({ session, text, onChange }: InstructionsProps) {
  const [told, setTold] = useState<readonly Steered[]>([]);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      void session.guard(async () => {
        const understood = await session.asking.understand(text);
        if (wanted) setTold(understood);
      });
    }, PAUSE);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [session, text]);
  return (
    <div className="grid h-full grid-cols-2 gap-6">
      <label className="flex min-h-0 flex-col">
        <span className="font-semibold">Of every answer</span>
        <span className="pb-1.5 text-[13px] text-muted">One instruction a line, in plain words.</span>
        <textarea
          value={text}
          maxLength={8000}
          aria-label="Standing instructions"
          placeholder={
            'Always give the date of the source\nAmounts in thousands\nOnly the latest version\nShort answers\nLeave out the minutes'
          }
          onChange={(event) => onChange(event.target.value)}
          className="min-h-0 flex-1 resize-none rounded-[3px] border border-rule bg-ground px-2 py-1.5 font-reading text-[15px] leading-[23px] placeholder:italic"
        />
      </label>
      <div aria-live="polite" className="flex min-h-0 flex-col">
        <p className="font-semibold">As the built-in reader understands it</p>
        <ul className="min-h-0 flex-1 overflow-y-auto pt-1.5">
          {told.map(({ instruction, honoured, how }) => (
            <li key={instruction} className="border-b border-rule/60 py-1.5">
              <p className="font-reading text-[15px] break-words">{instruction}</p>
              <p className="text-[13px] text-muted">
                <b className="font-semibold text-ink">{honoured ? 'Honoured' : 'Not honoured'}</b>: {how}
              </p>
            </li>
          ))}
          {told.length === 0 && (
            <li className="text-[13px] text-muted">
              It can tell the dates of documents, amounts in another scale, keep answers short, ask only the latest
              versions, and leave documents out. What it cannot do is told on every answer; a connected model is told
              all of it.
            </li>
          )}
        </ul>
      </div>
    </div>
  );
}
