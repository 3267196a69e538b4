import { saysAmended } from '@/core/answer';
import type { QuestionSlip } from '@/store';
import { readSoFar } from '../session';

/** Letters from which on a headline that repeats its claim is left to the strip. */
const LONG_HEADLINE = 40;

/** True when the headline is the first claim's own words, which its strip shows already: nothing is said twice. */
function repeatsClaim({ answer }: QuestionSlip): boolean {
  const words = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  const headline = words(answer.headline ?? '');
  const carried = answer.claims.find((claim) => claim.standing === 'carried');
  return headline.length > LONG_HEADLINE && words(carried?.text ?? '').includes(headline);
}

/** A headline of several lines: sides of a conflict, parts of a question, one document after another. */
function Lines(props: { lines: readonly string[]; disagree: boolean; explained: boolean }) {
  const { lines, disagree, explained } = props;
  return (
    <div className="px-3.5 pt-2 pb-1">
      {disagree && (
        <p className="pb-0.5 text-[13px] font-semibold text-accent">
          {saysAmended(lines) ? 'Amended since' : 'The documents disagree'}
        </p>
      )}
      <ul>
        {lines.map((line, at) => {
          // Of what was worked out, only the result is the answer.
          const plain = explained && at > 0;
          const aside = plain ? '' : (/\s\([^()]*\)$/.exec(line)?.[0] ?? '');
          return (
            <li
              key={at}
              className="border-b border-rule/60 py-0.5 font-reading text-[17px] leading-[23px] break-words last:border-b-0"
            >
              <span className={plain ? 'text-[15px]' : 'font-semibold'}>
                {line.slice(0, line.length - aside.length)}
              </span>
              <span className="text-[14px] text-muted">{aside}</span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** The short direct answer, or what stands in its place. */
export function Headline({ slip, growing }: { slip: QuestionSlip; growing: boolean }) {
  const { answer, model } = slip;
  const large = 'font-reading text-[19px] leading-[25px] font-semibold break-words';
  if (answer.found && answer.headline !== null)
    return answer.lines !== undefined ? (
      <Lines lines={answer.lines} disagree={answer.conflicts.length > 0} explained={answer.calculations.length > 0} />
    ) : repeatsClaim(slip) ? null : (
      <p className={`px-3.5 pt-2 pb-1 ${large}`}>{answer.headline}</p>
    );
  if (growing)
    return (
      <p className="px-3.5 pt-2 pb-1 font-reading text-[15px] text-muted italic">
        Each claim is checked as it arrives …
      </p>
    );
  if (answer.found)
    return (
      <p className="px-3.5 pt-2 pb-1 font-reading text-[16px] leading-[22px] font-semibold">
        Nothing of this answer is carried by the documents as it stands
      </p>
    );
  if (model?.problem != null) return null;
  const soFar = readSoFar(slip.scope);
  return (
    <div className="px-3.5 pt-2 pb-1">
      <p className={large}>
        {model === null ? 'Not in' : 'It finds nothing in'}{' '}
        {slip.scope.length === 1 ? 'this document' : 'these documents'}
        {soFar !== null && ' so far'}
      </p>
      <p className="text-muted">
        {soFar === null
          ? 'No sentence or table row there answers it. '
          : `Read until then: ${soFar}. It is asked again when reading ends. `}
        {answer.passages.length > 0 ? 'These passages come nearest:' : 'No passage holds any of its words.'}
      </p>
    </div>
  );
}
