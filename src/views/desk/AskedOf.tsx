import type { QuestionSlip } from '@/store';

/** What a question was about, and where alone it was asked. */
export function Asked({ slip: { about, limits } }: { readonly slip: QuestionSlip }) {
  const where = [
    ...(limits?.pages ? [`pages ${limits.pages}`] : []),
    ...(limits?.section ? [`“${limits.section}”`] : []),
  ];
  if (about === undefined && where.length === 0) return null;
  return (
    <div className="px-3.5 pt-1.5 text-[12px] text-muted">
      {about !== undefined && (
        <p className="truncate">
          About <span className="font-reading text-ink italic">“{about.text}”</span>
        </p>
      )}
      {where.length > 0 && <p>Asked only of {where.join(', ')}</p>}
    </div>
  );
}

/** How a question was read: what else it can mean, and what became of standing instructions. */
export function Read({ slip: { answer } }: { readonly slip: QuestionSlip }) {
  const { readings = [], steered = [] } = answer;
  const unmet = steered.filter((one) => !one.honoured);
  if (readings.length === 0 && steered.length === 0) return null;
  return (
    <div className="px-3.5 pb-1.5 text-[13px]">
      {readings.map(({ words, told }, at) => (
        <p key={at}>
          <b className="font-semibold">{words.charAt(0).toUpperCase() + words.slice(1)}:</b> {told}
        </p>
      ))}
      {unmet.map(({ instruction, how }) => (
        <p key={instruction}>
          <b className="font-semibold">Not honoured:</b> <i className="font-reading">{instruction}</i>; {how}
        </p>
      ))}
      {steered.length > unmet.length && (
        <p className="truncate text-[12px] text-muted" title={saySteered(steered)}>
          By standing instructions: {saySteered(steered)}
        </p>
      )}
    </div>
  );
}

function saySteered(steered: NonNullable<QuestionSlip['answer']['steered']>): string {
  return steered
    .filter((one) => one.honoured)
    .map(({ instruction, how }) => `${instruction} (${how})`)
    .join('; ');
}
