'use client';

import { useCallback, useEffect, useImperativeHandle, useMemo, useRef, useState, type Ref } from 'react';
import type { Subject } from '@/core/answer';
import { cellsText } from '@/core/exchange';
import { wordProblem } from '@/core/problem';
import { blockBetween, type Table } from '@/core/source';
import { oneLine } from '@/core/text';
import type { Shelved } from '@/store';
import { CellFrames, PagePaper, ReadingOverlay, Ribbon, useSize, type PageSelection, type RibbonMark } from '@/ui';
import { documentOf, pageNamed, pageProblem, usePage, useTables, type Session, type SessionState } from '../session';
import { Outline } from './Outline';
import { PageHead, PLAIN, turnedOn, zoomed, type Looking } from './PageHead';
import { SelectionMenu } from './SelectionMenu';
import { Tally } from './Tally';

export interface PageLeafHandle {
  step(by: number): void;
  zoom(by: number | 'fit'): void;
  goTo(): void;
  turn(): void;
  showReading(): void;
  rule(): void;
  layBeside(): void;
  outline(): void;
}

/** What can be done with selected words besides keeping them. */
export interface PageActions {
  readonly onAsk?: (about: Subject) => void;
  /** Seeks what the documents say like the words selected. */
  readonly onLike?: (text: string) => void;
  /** `cited` is the document and the page's label that the words stand on. */
  readonly onCheck?: (text: string, cited: { readonly sourceId: string; readonly page: string }) => void;
}

interface PageLeafProps {
  readonly session: Session;
  readonly state: SessionState;
  /** Which page is shown: the open one on the right leaf, or that laid beside it on the left. */
  readonly leaf: 'open' | 'beside';
  readonly handle: Ref<PageLeafHandle>;
  readonly marks: readonly RibbonMark[];
  readonly actions: PageActions;
}

const MARGIN = 24;

/** A page on its leaf, behind the ribbon of its document. */
export function PageLeaf(props: PageLeafProps) {
  const { session, state } = props;
  const open = state[props.leaf];
  const shelved = state.shelf.find((one) => one.source.id === open?.sourceId) ?? null;
  if (shelved === null || open === null || shelved.edition.facts === null) return <NoPage shelved={shelved} />;
  return (
    <OpenLeaf
      {...props}
      shelved={shelved}
      number={open.page}
      pageCount={shelved.edition.facts.pageCount}
      session={session}
    />
  );
}

function NoPage({ shelved }: { shelved: Shelved | null }) {
  return (
    <>
      <div className="w-[46px] shrink-0 border-x border-rule" />
      <section
        aria-label="Page"
        className="flex min-w-0 flex-1 items-center justify-center bg-sunk p-10 text-center font-reading text-[15px] text-muted italic"
      >
        {shelved === null ? 'The page a quote stands on opens here.' : `“${shelved.source.name}” is about to be read.`}
      </section>
    </>
  );
}

interface OpenLeafProps extends PageLeafProps {
  readonly shelved: Shelved;
  readonly number: number;
  readonly pageCount: number;
}

function OpenLeaf(props: OpenLeafProps) {
  const { session, state, leaf, handle, marks, actions, shelved, number, pageCount } = props;
  const { source, edition } = shelved;
  const page = usePage(edition.id, number, edition.pagesRead);
  const [frame, { width }] = useSize<HTMLDivElement>();
  const [looking, setLooking] = useState<Looking>(PLAIN);
  const [outline, setOutline] = useState(false);
  const look = useCallback((change: Partial<Looking>) => setLooking((old) => ({ ...old, ...change })), []);
  const [selection, setSelection] = useState<PageSelection | null>(null);
  const tables = useTables(looking.reading || selection !== null ? edition.id : null, edition.tables);
  const block = useMemo(() => (selection === null ? null : blockBetween(tables, selection.span)), [tables, selection]);
  const openPage = (next: number): void => session.openPage(source.id, next, leaf);
  const { beside } = state;
  const layBeside = useCallback(
    () => (beside === null ? session.openPage(source.id, number, 'beside') : session.clearBeside()),
    [session, beside, source.id, number],
  );
  const goTo = useRef<HTMLInputElement>(null);
  const select = useCallback((next: PageSelection | null) => setSelection(next), []);
  const sideways = looking.turn === 90 || looking.turn === 270;
  const across = page === null ? 0 : sideways ? page.height : page.width;
  const scale = across === 0 || width === 0 ? 0 : ((width - 2 * MARGIN) / across) * looking.zoom;

  useImperativeHandle(
    handle,
    () => ({
      step: (by) => session.openPage(source.id, number + by, leaf),
      zoom: (by) => setLooking((old) => ({ ...old, zoom: by === 'fit' ? 1 : zoomed(old.zoom, by) })),
      turn: () => setLooking((old) => ({ ...old, turn: turnedOn(old) })),
      showReading: () => setLooking((old) => ({ ...old, reading: !old.reading })),
      rule: () => setLooking((old) => ({ ...old, ruler: !old.ruler })),
      outline: () => setOutline(true),
      goTo: () => goTo.current?.select(),
      layBeside,
    }),
    [session, source.id, number, leaf, layBeside],
  );

  const chosen =
    state.chosen !== null &&
    state.chosen.citation.sha256 === edition.sha256 &&
    documentOf(state.shelf, state.chosen.citation)?.source.id === source.id
      ? state.chosen.citation
      : null;
  const chosenTop = chosen?.page === number ? 1 : 0;
  useEffect(() => {
    const target = frame.current;
    if (target === null || page === null) return;
    const quote = target.querySelector('[data-connect="quote"]');
    const offset =
      quote === null ? 0 : quote.getBoundingClientRect().top - target.getBoundingClientRect().top + target.scrollTop;
    target.scrollTo({ top: offset - target.clientHeight * 0.3 });
  }, [frame, page, chosen, chosenTop, scale]);

  return (
    <>
      <Ribbon
        pageCount={pageCount}
        pagesRead={edition.pagesRead}
        page={number}
        label={page?.label ?? String(number)}
        marks={marks}
        onPage={openPage}
      />
      <section
        aria-label={`Page ${number} of ${source.name}`}
        data-leaf={leaf}
        className="flex min-w-0 flex-1 flex-col bg-sunk"
      >
        <PageHead
          name={source.name}
          label={page?.label ?? String(number)}
          number={number}
          pageCount={pageCount}
          field={goTo}
          looking={looking}
          onLook={look}
          onPage={openPage}
          onGo={(given) => void go(session, shelved, given, openPage)}
          onOutline={() => setOutline(true)}
          leaf={leaf}
          beside={beside !== null}
          onBeside={layBeside}
        />
        {looking.reading && page !== null && <Tally page={page} onTurnOff={() => look({ reading: false })} />}
        {outline && (
          <Outline
            session={session}
            sourceId={source.id}
            name={source.name}
            onPage={openPage}
            onClose={() => setOutline(false)}
          />
        )}
        <div
          ref={frame}
          data-page-frame
          tabIndex={0}
          aria-label="Page as printed"
          onCopy={(event) => {
            if (block === null) return;
            event.preventDefault();
            event.clipboardData.setData('text/plain', cellsText(block));
          }}
          className="relative min-h-0 flex-1 overflow-auto px-6 pb-6 outline-offset-[-2px]"
        >
          {page === null ? (
            <p className="pt-24 text-center font-reading text-muted italic">
              {number > edition.pagesRead
                ? `Page ${number} is not read yet: ${edition.pagesRead} of ${pageCount} are.`
                : ''}
            </p>
          ) : (
            scale > 0 && (
              <div className="relative w-fit min-w-full">
                <PagePaper
                  editionId={edition.id}
                  page={page}
                  scale={scale}
                  quotes={
                    chosen === null
                      ? []
                      : [{ spans: chosen.spans, grave: chosen.differences.some((one) => one.grave), cell: chosen.cell }]
                  }
                  turn={looking.turn}
                  ruler={looking.ruler}
                  plain={block !== null}
                  onSelect={select}
                >
                  {looking.reading && <ReadingOverlay page={page} tables={tablesOn(tables, number)} scale={scale} />}
                  {block !== null && <CellFrames block={block} page={page} scale={scale} />}
                </PagePaper>
                {selection !== null && (
                  <SelectionMenu
                    selection={selection}
                    block={block}
                    offset={Math.max(0, (width - 2 * MARGIN - across * scale) / 2)}
                    onKeep={() =>
                      void (block === null
                        ? session.findings.keepPassage(selection.text, source.id, number)
                        : session.findings.keepCells(block, source.id, page))
                    }
                    onAsk={
                      actions.onAsk &&
                      (() =>
                        actions.onAsk?.({
                          sourceId: source.id,
                          page: number,
                          start: selection.span.start,
                          text: oneLine(selection.text),
                        }))
                    }
                    onLike={actions.onLike && (() => actions.onLike?.(oneLine(selection.text)))}
                    onCheck={
                      actions.onCheck &&
                      (() =>
                        actions.onCheck?.(oneLine(selection.text), {
                          sourceId: source.id,
                          page: page.label ?? String(number),
                        }))
                    }
                  />
                )}
              </div>
            )
          )}
        </div>
      </section>
    </>
  );
}

async function go(session: Session, shelved: Shelved, given: string, openPage: (page: number) => void): Promise<void> {
  const target = await pageNamed(shelved, given);
  if (target === null) session.tell(wordProblem(pageProblem(shelved, given)), 'fault');
  else openPage(target);
}

/** Where tables stand on one page, and how large they are. */
function tablesOn(tables: readonly Table[], page: number): Parameters<typeof ReadingOverlay>[0]['tables'] {
  return tables.flatMap(({ places, rows, columns }) =>
    places
      .filter((place) => place.page === page)
      .map((place) => ({ place, rows: rows.length, columns: columns.length + 1 })),
  );
}
