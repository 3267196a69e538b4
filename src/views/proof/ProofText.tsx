'use client';

import clsx from 'clsx';
import { memo, useEffect, useMemo, useRef } from 'react';
import { isGrave, isProblem, type ProofItem } from '@/core/proof';
import type { TextCell, TextTable } from '@/core/text';
import type { StoredProof } from '@/store';
import { MarkGlyph } from '@/ui';
import { blocksOf, itemsByBlock, piecesOf, type Block } from './blocks';
import { FigureGlyph } from './FigureGlyph';

interface Shown {
  readonly item: ProofItem;
  readonly index: number;
}

interface ProofTextProps {
  readonly proof: StoredProof;
  readonly shown: readonly Shown[];
  readonly chosen: number;
  readonly onChoose: (index: number) => void;
}

/** The text as it was given, set as a page of reading, with each quotation and figure marked. */
export function ProofText({ proof, shown, chosen, onChoose }: ProofTextProps) {
  const blocks = useMemo(() => blocksOf(proof.text), [proof.text]);
  const owned = useMemo(() => itemsByBlock(blocks, shown), [blocks, shown]);
  const leaf = useRef<HTMLDivElement>(null);
  // What is told of the chosen item grows below the text and would cover it.
  useEffect(() => {
    const element = leaf.current;
    if (element === null || chosen < 0) return;
    const show = (): void => element.querySelector(`[data-item="${chosen}"]`)?.scrollIntoView({ block: 'nearest' });
    show();
    const observer = new ResizeObserver(show);
    observer.observe(element);
    return () => observer.disconnect();
  }, [chosen]);
  return (
    <div
      ref={leaf}
      data-proof-text
      tabIndex={0}
      aria-label="The text"
      className="min-h-0 flex-1 overflow-y-auto bg-leaf px-5 py-3 outline-offset-[-2px]"
    >
      {blocks.map((block, at) => {
        const own = owned[at] ?? [];
        const here = own.some(({ index }) => index === chosen) ? chosen : -1;
        return (
          <TextBlock key={block.start} block={block} text={proof.text} own={own} chosen={here} onChoose={onChoose} />
        );
      })}
    </div>
  );
}

const LOOKS: Readonly<Record<Block['kind'], string>> = {
  heading: 'pt-2 pb-1 text-[17px] leading-[24px] font-semibold',
  quote: 'my-2 whitespace-pre-line border-l border-rule pl-4',
  item: 'relative my-1 pl-5 before:absolute before:left-1 before:content-["–"]',
  plain: 'my-2',
  table: 'my-3 overflow-x-auto',
};

interface TextBlockProps {
  readonly block: Block;
  readonly text: string;
  readonly own: readonly Shown[];
  readonly chosen: number;
  readonly onChoose: (index: number) => void;
}

const TextBlock = memo(
  function TextBlock({ block, text, own, chosen, onChoose }: TextBlockProps) {
    return (
      <div
        className={clsx(
          'font-reading text-[15px] leading-[24px] break-words [content-visibility:auto]',
          LOOKS[block.kind],
        )}
      >
        {block.table === undefined ? (
          <Pieces block={block} text={text} own={own} chosen={chosen} onChoose={onChoose} />
        ) : (
          <TableOfText table={block.table} text={text} own={own} chosen={chosen} onChoose={onChoose} />
        )}
      </div>
    );
  },
  (one, two) =>
    one.block === two.block && one.chosen === two.chosen && one.own === two.own, // prettier-ignore
);

function Pieces({ block, text, own, chosen, onChoose }: TextBlockProps) {
  return piecesOf(text, block, own).map((piece) =>
    piece.shown === null ? (
      <span key={piece.start}>{piece.words}</span>
    ) : (
      <Marked
        key={piece.start}
        shown={piece.shown}
        words={piece.words}
        chosen={piece.shown.index === chosen}
        onChoose={onChoose}
      />
    ),
  );
}

/** A table of the text as a table, its cells marked like sentences. */
function TableOfText({ table, ...rest }: Omit<TextBlockProps, 'block'> & { readonly table: TextTable }) {
  const cell = (place: TextCell) => <Pieces {...rest} block={{ ...place, kind: 'plain' }} />;
  return (
    <table className="min-w-[60%] border-collapse text-[14px] leading-[22px] tabular-nums">
      <thead>
        {table.heads.map((cells, at) => (
          <tr key={at} className="border-b border-ink">
            {cells.map((place, column) => (
              <th key={column} scope="col" className={clsx('px-2 py-0.5 font-semibold', sideOf(column))}>
                {cell(place)}
              </th>
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.rows.map((cells, at) => (
          <tr key={at} className="border-b border-rule">
            {cells.map((place, column) => (
              <td key={column} className={clsx('px-2 py-0.5', sideOf(column))}>
                {cell(place)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const sideOf = (column: number): string => (column === 0 ? 'pl-0 text-left' : 'text-right');

function Marked({
  shown: { item, index },
  words,
  chosen,
  onChoose,
}: {
  shown: Shown;
  words: string;
  chosen: boolean;
  onChoose: (index: number) => void;
}) {
  // prettier-ignore
  const problem = isProblem(item);
  const grave = isGrave(item);
  return (
    <span
      role="button"
      tabIndex={0}
      data-item={index}
      data-problem={problem || undefined}
      aria-pressed={chosen}
      onClick={() => onChoose(index)}
      onFocus={() => !chosen && onChoose(index)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose(index);
      }}
      className={clsx(
        'cursor-pointer scroll-my-10 rounded-[1px]',
        chosen &&
          'before:font-semibold before:text-accent before:content-["⌜"] after:font-semibold after:text-accent after:content-["⌟"]',
      )}
    >
      {(item.kind === 'quote' || problem) && (
        <span className="mr-0.5 inline-block align-[-3px]">
          {item.kind === 'quote' ? <MarkGlyph mark={item.citation.mark} grave={grave} /> : <FigureGlyph item={item} />}
        </span>
      )}
      <span
        className={clsx(
          'border-b',
          grave ? 'border-grave' : problem ? 'border-ink' : 'border-accent',
          item.kind === 'figure' && !problem && 'border-dotted',
        )}
      >
        {words}
      </span>
    </span>
  );
}
