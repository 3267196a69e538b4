import { useState, type Ref } from 'react';

interface GoToProps {
  readonly field: Ref<HTMLInputElement>;
  readonly label: string;
  readonly number: number;
  readonly pageCount: number;
  readonly onGo: (given: string) => void;
}

/** The page as people name it, and a field to go to another; what is typed stays until it is used or left, whatever page comes up meanwhile. */
export function GoTo({ field, label, number, pageCount, onGo }: GoToProps) {
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
