import { wordProblem } from '@/core/problem';
import type { Opinion } from '@/store';
import { Button } from '@/ui';

interface ModelNotesProps {
  readonly opinion: Opinion;
  /** True for the stand-in. */
  readonly practice: boolean;
  readonly growing: boolean;
  /** Takes the built-in answer instead; null where there is one already. */
  readonly onBuiltIn: (() => void) | null;
}

/** What belongs to a connected model's answer: who said it, what was sent, what it said without the documents, why it ended early. */
export function ModelNotes({ opinion, practice, growing, onBuiltIn }: ModelNotesProps) {
  const { answer, model } = opinion;
  if (model === null) return null;
  const { sent, asides, unknown, problem } = model;
  const number = new Intl.NumberFormat('en');
  return (
    <div className="space-y-1.5 px-3.5 py-1.5 text-[12px]">
      {problem !== null && (
        <p className="flex items-baseline gap-2 text-grave">
          <span className="min-w-0 flex-1">{wordProblem(problem)}</span>
          {onBuiltIn !== null && <Button onClick={onBuiltIn}>Take the built-in answer</Button>}
        </p>
      )}
      {unknown && answer.claims.length > 0 && (
        <p className="text-muted">
          It also says that it does not know. Its quotes were checked all the same: judge by them.
        </p>
      )}
      {asides.length > 0 && (
        <div className="border-l-2 border-dotted border-muted pl-2.5">
          <p className="font-semibold">Not from the documents: said without a quote</p>
          {asides.map((aside, at) => (
            <p key={at} className="break-words text-muted italic">
              {aside}
            </p>
          ))}
        </div>
      )}
      <p className="text-muted">
        Answered by <b className="font-semibold text-ink">{answer.reader.name}</b>
        {practice && ' (a stand-in that ships with the application: nothing left this computer)'}
        {sent !== null &&
          `: ${sent.passages} passages sent${practice ? '' : ` to ${sent.endpoint}`}, ${sent.estimated ? 'about ' : ''}${number.format(sent.tokensIn)} tokens out, ${number.format(sent.tokensOut)} back, ${(sent.milliseconds / 1000).toFixed(1)} s`}
        {growing && ' …'}
      </p>
    </div>
  );
}
