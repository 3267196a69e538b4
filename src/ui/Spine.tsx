import clsx from 'clsx';
import type { ReactNode } from 'react';

interface SpineProps {
  readonly name: string;
  /** Kind and pages, or what is going on with it. */
  readonly detail: string;
  /** Width in proportion to the others: pages, damped. */
  readonly grow: number;
  readonly chosen: boolean;
  readonly open: boolean;
  /** Share read, 0 to 1; 1 shows nothing. */
  readonly progress: number;
  readonly faulty: boolean;
  /** True once its tables have been looked for. */
  readonly tables: boolean;
  /** Where findings stand and what the answer cites, as shares of its length. */
  /** True for one of many: a slim back without words, to be read off the whole shelf's list. */
  readonly slim?: boolean;
  readonly notches: readonly { readonly at: number; readonly strong: boolean }[];
  readonly onOpen: () => void;
  readonly onToggle: () => void;
  readonly menu: ReactNode;
}

function Notches({ notches }: Pick<SpineProps, 'notches'>) {
  return notches.map((notch, at) => (
    <span
      key={at}
      aria-hidden
      className={clsx('absolute bottom-0 w-[3px]', notch.strong ? 'h-[7px] bg-accent' : 'h-[5px] bg-ink')}
      style={{ left: `calc(6px + ${notch.at} * (100% - 12px))` }}
    />
  ));
}

/** One of many documents: its back, to be opened; its name is told when it is pointed at. */
function SlimSpine({ name, detail, grow, chosen, progress, faulty, tables, notches, onOpen }: SpineProps) {
  return (
    <li
      className={clsx(
        'relative h-14 min-w-[7px] overflow-hidden rounded-t-[2px] border border-b-0 border-rule',
        chosen ? 'bg-leaf' : 'bg-sunk',
      )}
      style={{ flexGrow: grow, flexBasis: 0, maxWidth: 90 }}
    >
      {progress < 1 && (
        <span aria-hidden className="absolute inset-y-0 left-0 bg-tint" style={{ width: `${100 * progress}%` }} />
      )}
      {faulty && <span aria-hidden className="absolute inset-x-0 top-0 h-[3px] bg-grave" />}
      <button
        type="button"
        data-tables={tables ? 'found' : 'sought'}
        aria-label={`Open ${name}, ${detail}${chosen ? '' : ', left out'}`}
        title={`${name} · ${detail}${chosen ? '' : ' · left out'}`}
        onClick={onOpen}
        className="absolute inset-0 overflow-hidden text-left hover:bg-tint"
      >
        <span aria-hidden className="block truncate px-1 pt-1.5 text-[10.5px] text-muted">
          {name}
        </span>
      </button>
      <Notches notches={notches} />
    </li>
  );
}

/** A document standing on the shelf, as wide as its pages, notched where findings stand. */
export function Spine(props: SpineProps) {
  const { name, detail, grow, chosen, open, progress, faulty, notches } = props;
  if (props.slim === true && !open) return <SlimSpine {...props} />;
  return (
    <li
      className={clsx(
        'relative flex h-14 min-w-[112px] flex-col overflow-hidden rounded-t-[2px] border border-b-0 border-rule bg-leaf',
        open && 'shadow-[inset_0_3px_0_var(--accent)]',
        !chosen && 'bg-sunk',
      )}
      style={{ flexGrow: props.slim === true ? 0 : grow, flexBasis: props.slim === true ? 220 : 0, maxWidth: 300 }}
    >
      {progress < 1 && (
        <span aria-hidden className="absolute inset-y-0 left-0 bg-tint" style={{ width: `${100 * progress}%` }} />
      )}
      <div className="relative flex items-start gap-1 pt-1.5 pr-1 pl-2">
        <input
          type="checkbox"
          checked={chosen}
          onChange={props.onToggle}
          aria-label={`Ask ${name}`}
          title={chosen ? 'Asked: untick to leave it out' : 'Left out: tick to ask it'}
          className="mt-[3px] size-[13px] shrink-0 accent-[var(--accent)]"
        />
        <button type="button" onClick={props.onOpen} className="min-w-0 flex-1 text-left" title={`Open ${name}`}>
          <span
            className={clsx(
              'block truncate font-reading text-[13px] leading-[19px] font-semibold',
              !chosen && 'text-muted',
            )}
          >
            {name}
          </span>
        </button>
        {props.menu}
      </div>
      <p
        data-tables={props.tables ? 'found' : 'sought'}
        className={clsx(
          'relative truncate pr-2 pl-[26px] text-[11.5px] leading-[15px]',
          faulty ? 'text-grave' : 'text-muted',
        )}
      >
        {detail}
      </p>
      <Notches notches={notches} />
    </li>
  );
}
