'use client';

import { useCallback, useEffect, useImperativeHandle, useRef, useState, type Ref } from 'react';
import { wordProblem } from '@/core/problem';
import { oneLine } from '@/core/text';
import type { Shelved } from '@/store';
import { Button, PagePaper, Ribbon, useSize, type PageSelection, type RibbonMark } from '@/ui';
import { documentOf, pageNamed, pageProblem, usePage, type Session, type SessionState } from '../session';

export interface PageLeafHandle {
  step(by: number): void;
  zoom(by: number | 'fit'): void;
  goTo(): void;
}

interface PageLeafProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly handle: Ref<PageLeafHandle>;
  readonly marks: readonly RibbonMark[];
  readonly onAsk: (text: string) => void;
  readonly onCheck: (text: string, cited: { readonly sourceId: string; readonly page: string }) => void;
}

const ZOOMS = [0.5, 0.67, 0.8, 1, 1.25, 1.5, 2, 3];
const MARGIN = 24;

/** The ribbon in the gutter and the open page on the right leaf. */
export function PageLeaf(props: PageLeafProps) {
  const { session, state } = props;
  const shelved = state.shelf.find((one) => one.source.id === state.open?.sourceId) ?? null;
  if (shelved === null || state.open === null || shelved.edition.facts === null) return <NoPage shelved={shelved} />;
  return (
    <OpenLeaf
      {...props}
      shelved={shelved}
      number={state.open.page}
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

function OpenLeaf({ session, state, handle, marks, onAsk, onCheck, shelved, number, pageCount }: OpenLeafProps) {
  const { source, edition } = shelved;
  const page = usePage(edition.id, number, edition.pagesRead);
  const [frame, { width }] = useSize<HTMLDivElement>();
  const [zoom, setZoom] = useState(1);
  const [selection, setSelection] = useState<PageSelection | null>(null);
  const goTo = useRef<HTMLInputElement>(null);
  const select = useCallback((next: PageSelection | null) => setSelection(next), []);
  const scale = page === null || width === 0 ? 0 : ((width - 2 * MARGIN) / page.width) * zoom;

  useImperativeHandle(
    handle,
    () => ({
      step: (by) => session.openPage(source.id, number + by),
      zoom: (by) =>
        setZoom((old) =>
          by === 'fit' ? 1 : (ZOOMS[Math.min(ZOOMS.length - 1, Math.max(0, nearestZoom(old) + by))] ?? 1),
        ),
      goTo: () => goTo.current?.select(),
    }),
    [session, source.id, number],
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
        onPage={(next) => session.openPage(source.id, next)}
      />
      <section aria-label={`Page ${number} of ${source.name}`} className="flex min-w-0 flex-1 flex-col bg-sunk">
        <div className="flex h-9 shrink-0 items-center gap-2.5 px-4">
          <h2 className="min-w-0 flex-1 truncate font-reading text-[14px] font-semibold" title={source.name}>
            {source.name}
          </h2>
          <GoTo
            field={goTo}
            label={page?.label ?? String(number)}
            number={number}
            pageCount={pageCount}
            onGo={(given) => void go(session, shelved, given)}
          />
          <Button
            title="Previous page (←)"
            disabled={number <= 1}
            onClick={() => session.openPage(source.id, number - 1)}
          >
            ‹ Previous
          </Button>
          <Button
            title="Next page (→)"
            disabled={number >= pageCount}
            onClick={() => session.openPage(source.id, number + 1)}
          >
            Next ›
          </Button>
          <span className="flex items-center">
            <Button
              aria-label="Smaller"
              onClick={() => setZoom((old) => ZOOMS[Math.max(0, nearestZoom(old) - 1)] ?? 1)}
            >
              −
            </Button>
            <Button
              aria-label={zoom === 1 ? 'Fit to width' : `${Math.round(zoom * 100)}%, fit to width`}
              onClick={() => setZoom(1)}
            >
              {zoom === 1 ? 'Fit' : `${Math.round(zoom * 100)}%`}
            </Button>
            <Button
              aria-label="Larger"
              onClick={() => setZoom((old) => ZOOMS[Math.min(ZOOMS.length - 1, nearestZoom(old) + 1)] ?? 1)}
            >
              +
            </Button>
          </span>
        </div>
        <div
          ref={frame}
          data-page-frame
          tabIndex={0}
          aria-label="Page as printed"
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
                  onSelect={select}
                />
                {selection !== null && (
                  <SelectionMenu
                    selection={selection}
                    offset={Math.max(0, (width - 2 * MARGIN - page.width * scale) / 2)}
                    onKeep={() => void session.findings.keepPassage(selection.text, source.id, number)}
                    onAsk={() => onAsk(`“${oneLine(selection.text)}” `)}
                    onCheck={() =>
                      onCheck(oneLine(selection.text), {
                        sourceId: source.id,
                        page: page.label ?? String(number),
                      })
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

function nearestZoom(zoom: number): number {
  return ZOOMS.reduce((best, one, at) => (Math.abs(one - zoom) < Math.abs((ZOOMS[best] ?? 1) - zoom) ? at : best), 0);
}

async function go(session: Session, shelved: Shelved, given: string): Promise<void> {
  const target = await pageNamed(shelved, given);
  if (target === null) session.tell(wordProblem(pageProblem(shelved, given)), 'fault');
  else session.openPage(shelved.source.id, target);
}

interface GoToProps {
  readonly field: Ref<HTMLInputElement>;
  readonly label: string;
  readonly number: number;
  readonly pageCount: number;
  readonly onGo: (given: string) => void;
}

/** The page as people name it, and a field to go to another; what is typed stays until it is used or left, whatever page comes up meanwhile. */
function GoTo({ field, label, number, pageCount, onGo }: GoToProps) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <form
      className="flex items-baseline gap-1.5 whitespace-nowrap text-muted"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed !== null && typed.trim() !== '') onGo(typed);
        setTyped(null);
        // The keys of the desk work again at once.
        event.currentTarget.querySelector('input')?.blur();
      }}
    >
      <label>
        page{' '}
        <input
          ref={field}
          name="page"
          value={typed ?? label}
          aria-label="Go to page, by label or number"
          className="w-12 rounded-[2px] border border-rule bg-leaf px-1 text-center text-ink"
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => setTyped(null)}
        />
      </label>
      <span>{label === String(number) ? `of ${pageCount}` : `(${ordinal(number)} of ${pageCount})`}</span>
    </form>
  );
}

function ordinal(number: number): string {
  const suffix = { one: 'st', two: 'nd', few: 'rd', other: 'th', zero: 'th', many: 'th' }[
    new Intl.PluralRules('en', { type: 'ordinal' }).select(number)
  ];
  return `${number}${suffix}`;
}

interface SelectionMenuProps {
  readonly selection: PageSelection;
  readonly offset: number;
  readonly onKeep: () => void;
  readonly onAsk: () => void;
  readonly onCheck: () => void;
}

/** What can be done with text selected on the page. Pressing must not take the selection away before it is used. */
function SelectionMenu({ selection, offset, onKeep, onAsk, onCheck }: SelectionMenuProps) {
  return (
    <div
      role="toolbar"
      aria-label="Selected text"
      className="absolute z-20 flex gap-2 rounded-[3px] border border-accent bg-leaf px-2 py-1"
      style={{ left: Math.max(0, selection.x + offset - 90), top: selection.y + 6 }}
      onMouseDown={(event) => event.preventDefault()}
    >
      <Button onClick={onKeep}>Keep</Button>
      <Button onClick={onAsk}>Ask about this</Button>
      <Button onClick={onCheck}>Check</Button>
    </div>
  );
}
