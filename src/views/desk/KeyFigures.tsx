'use client';

import type { KeyFigure } from '@/core/summary';
import type { Shelved } from '@/store';
import type { Session } from '../session';
import { figureTable } from './figureTable';

/** The key figures of accounts, or dates and sums of a contract, a row each; a value opens the place it stands. */
export function KeyFigures({
  session,
  shelved,
  figures,
}: {
  readonly session: Session;
  readonly shelved: Shelved;
  readonly figures: readonly KeyFigure[];
}) {
  if (figures.length === 0) return null;
  const { heads, measure, rows } = figureTable(figures);
  const inWords = heads.every((head) => head === '');
  const side = inWords ? 'text-left' : 'pl-3 text-right';
  return (
    <table
      aria-label="Key figures"
      className="mx-3.5 mb-2 w-[calc(100%-28px)] border-collapse text-[13px] tabular-nums"
    >
      {!inWords && (
        <thead>
          <tr className="border-b border-ink">
            <th scope="col" className="pt-1 pb-0.5 text-left text-[12px] font-normal text-muted italic">
              {measure !== '' && `in ${measure}, where nothing else is said`}
            </th>
            {heads.map((head) => (
              <th key={head} scope="col" className="pt-1 pb-0.5 pl-3 text-right font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
      )}
      <tbody>
        {rows.map(({ label, cells }) => (
          <tr key={label} className="border-b border-rule/60">
            <th scope="row" className={`py-1 pr-2 text-left font-normal text-muted ${inWords ? 'w-[7.5rem]' : ''}`}>
              {label}
            </th>
            {cells.map((cell, at) => (
              <td key={at} className={`py-1 ${side}`}>
                {cell !== null && (
                  <button
                    type="button"
                    className="font-semibold text-accent hover:underline"
                    title={`p. ${cell.figure.citation.label ?? cell.figure.citation.page}`}
                    onClick={() => session.choose(`figure ${shelved.source.id} ${label} ${at}`, cell.figure.citation)}
                  >
                    {cell.value}
                  </button>
                )}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
