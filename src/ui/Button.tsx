import clsx from 'clsx';
import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  primary: 'rounded-[3px] bg-accent px-3 py-1 font-semibold text-accent-ink disabled:opacity-50',
  outline:
    'rounded-[3px] border border-accent px-3 py-1 font-semibold text-accent hover:bg-tint disabled:border-rule disabled:text-muted',
  plain: 'rounded-[3px] px-1 font-semibold text-accent hover:underline disabled:text-muted disabled:no-underline',
  quiet: 'rounded-[3px] px-1 text-muted hover:text-ink disabled:opacity-50',
} as const;

/** A button in one of four looks: `primary` for the one next step, `outline` beside it, `plain` in running rows, `quiet` at the edges. */
export function Button({
  look = 'plain',
  className,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof LOOKS }) {
  return <button type="button" className={clsx('whitespace-nowrap', LOOKS[look], className)} {...rest} />;
}
