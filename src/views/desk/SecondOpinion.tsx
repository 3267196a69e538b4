import { compareAnswers, type Shared } from '@/core/answer';
import type { Opinion, QuestionSlip } from '@/store';
import type { Session, SessionState } from '../session';
import { ClaimEntry } from './ClaimEntry';
import { ModelNotes } from './ModelNotes';

interface SecondOpinionProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly slip: QuestionSlip;
  readonly second: Opinion;
}

const NONE = '—';

/** Another reader's answer beside the first: what agrees and what differs, by figures and by places; then its own claims. */
export function SecondOpinion({ session, state, slip, second }: SecondOpinionProps) {
  const source = state.shelf.find((one) => one.source.id === slip.scope[0]?.sourceId);
  const opinions = compareAnswers(slip.answer, second.answer, source?.edition.language ?? 'und');
  const said = ({ answer }: Opinion): string =>
    answer.headline ?? (answer.found ? 'nothing that is carried' : 'not in the documents');
  return (
    <section aria-label="Second opinion" className="border-t border-rule">
      <table className="w-full table-fixed text-left text-[12px]">
        <caption className="px-3.5 pt-2 pb-1 text-left font-reading text-[15px] font-semibold">
          {opinions.agree ? 'A second opinion agrees' : 'A second opinion differs'}
        </caption>
        <thead>
          <tr className="border-b border-rule text-muted">
            <th className="w-[4.5rem] py-1 pl-3.5 font-normal" />
            <th className="py-1 pr-2 font-semibold text-ink">{slip.answer.reader.name}</th>
            <th className="py-1 pr-3.5 font-semibold text-ink">{second.answer.reader.name}</th>
          </tr>
        </thead>
        <tbody className="align-top">
          <tr className="border-b border-rule/60">
            <th className="py-1 pl-3.5 font-normal text-muted">answer</th>
            <td className="py-1 pr-2 font-reading text-[13px] leading-[18px] break-words">{said(slip)}</td>
            <td className="py-1 pr-3.5 font-reading text-[13px] leading-[18px] break-words">{said(second)}</td>
          </tr>
          <Compared name="figures" shared={opinions.figures} />
          <Compared name="places" shared={opinions.places} />
        </tbody>
      </table>
      {second.answer.claims.map((claim, at) => (
        <ClaimEntry
          key={at}
          session={session}
          state={state}
          slip={slip}
          question={slip.completed}
          claim={claim}
          index={at}
          second
          repeats={false}
        />
      ))}
      <ModelNotes
        opinion={second}
        practice={second.answer.reader.name.startsWith('practice')}
        growing={false}
        onBuiltIn={null}
      />
    </section>
  );
}

function Compared({ name, shared }: { name: string; shared: Shared }) {
  return (
    <>
      <tr>
        <th className="py-0.5 pl-3.5 font-normal text-muted">{name}</th>
        <td colSpan={2} className="py-0.5 pr-3.5">
          <span className="text-muted">both: </span>
          {shared.both.join(', ') || NONE}
        </td>
      </tr>
      <tr className="border-b border-rule/60">
        <th />
        <td className="py-0.5 pr-2">
          <span className="text-muted">only here: </span>
          {shared.first.join(', ') || NONE}
        </td>
        <td className="py-0.5 pr-3.5">
          <span className="text-muted">only here: </span>
          {shared.second.join(', ') || NONE}
        </td>
      </tr>
    </>
  );
}
