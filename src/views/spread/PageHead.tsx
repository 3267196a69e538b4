import type { Ref } from 'react';
import { Button, Menu, type Turn } from '@/ui';
import { GoTo } from './GoTo';

/** Sizes a page is shown at, against the width of the leaf. */
export const ZOOMS = [0.5, 0.67, 0.8, 1, 1.25, 1.5, 2, 3];

/** How a page is looked at: turned by so many degrees clockwise, with what was read laid over it, with a ruler along the row pointed at. */
export interface Looking {
  readonly zoom: number;
  readonly turn: Turn;
  readonly reading: boolean;
  readonly ruler: boolean;
}

export const PLAIN: Looking = { zoom: 1, turn: 0, reading: false, ruler: false };

/** The next larger or smaller size. */
export function zoomed(zoom: number, by: number): number {
  const at = ZOOMS.reduce(
    (best, one, index) => (Math.abs(one - zoom) < Math.abs((ZOOMS[best] ?? 1) - zoom) ? index : best),
    0,
  );
  return ZOOMS[Math.min(ZOOMS.length - 1, Math.max(0, at + by))] ?? 1;
}

export function turnedOn({ turn }: Looking): Turn {
  return ((turn + 90) % 360) as Turn;
}

interface PageHeadProps {
  readonly name: string;
  readonly label: string;
  readonly number: number;
  readonly pageCount: number;
  readonly field: Ref<HTMLInputElement>;
  readonly looking: Looking;
  readonly onLook: (change: Partial<Looking>) => void;
  readonly onPage: (page: number) => void;
  readonly onGo: (given: string) => void;
  readonly onOutline: () => void;
  readonly leaf: 'open' | 'beside';
  /** Whether a page lies on the left leaf. */
  readonly beside: boolean;
  readonly onBeside: () => void;
}

/** Above the page: whose it is, going to another, and how it is looked at. */
export function PageHead(props: PageHeadProps) {
  const { name, label, number, pageCount, looking, onLook, onPage } = props;
  const { zoom } = looking;
  const words = props.beside ? 'sr-only' : 'max-[1150px]:sr-only';
  return (
    <div className="flex h-9 shrink-0 items-center gap-2.5 px-4">
      <h2 className="min-w-0 flex-1 truncate font-reading text-[14px] font-semibold" title={name}>
        {name}
      </h2>
      <GoTo field={props.field} label={label} number={number} pageCount={pageCount} onGo={props.onGo} />
      <Button title="Previous page (←)" disabled={number <= 1} onClick={() => onPage(number - 1)}>
        ‹ <span className={words}>Previous</span>
      </Button>
      <Button title="Next page (→)" disabled={number >= pageCount} onClick={() => onPage(number + 1)}>
        <span className={words}>Next</span> ›
      </Button>
      <span className="flex items-center">
        <Button aria-label="Smaller" onClick={() => onLook({ zoom: zoomed(zoom, -1) })}>
          −
        </Button>
        <Button
          aria-label={zoom === 1 ? 'Fit to width' : `${Math.round(zoom * 100)}%, fit to width`}
          onClick={() => onLook({ zoom: 1 })}
        >
          {zoom === 1 ? 'Fit' : `${Math.round(zoom * 100)}%`}
        </Button>
        <Button aria-label="Larger" onClick={() => onLook({ zoom: zoomed(zoom, 1) })}>
          +
        </Button>
      </span>
      {props.leaf === 'beside' && (
        <Button title="Clear this leaf (B)" onClick={props.onBeside}>
          Clear
        </Button>
      )}
      <Menu
        label="View: how the page is looked at"
        trigger="View"
        entries={[
          { label: 'Outline (O)', onSelect: props.onOutline },
          { label: 'Turn the page (T)', onSelect: () => onLook({ turn: turnedOn(looking) }) },
          {
            label: looking.reading ? 'Hide what was read (R)' : 'Show what was read (R)',
            onSelect: () => onLook({ reading: !looking.reading }),
          },
          {
            label: looking.ruler ? 'Put the row ruler away (L)' : 'Row ruler (L)',
            onSelect: () => onLook({ ruler: !looking.ruler }),
          },
          {
            label: props.beside ? 'Clear the left leaf (B)' : 'Lay this page on the left leaf, beside others (B)',
            onSelect: props.onBeside,
          },
        ]}
      />
    </div>
  );
}
