'use client';

import clsx from 'clsx';
import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface ExplainedProps {
  /** What is pressed. */
  readonly trigger: ReactNode;
  /** What it is called for those who cannot see it, and for a key that presses it. */
  readonly label: string;
  readonly title?: string;
  readonly name?: string;
  readonly className?: string;
  readonly width: 'narrow' | 'wide';
  readonly onOpen?: () => void;
  readonly children: ReactNode;
}

/** Words behind a word or sign: a leaf that lies over the page until it is put away. Pressing it chooses nothing that lies below. */
export function Explained({ trigger, label, title, name, className, width, onOpen, children }: ExplainedProps) {
  return (
    <Popover.Root onOpenChange={(open) => open && onOpen?.()}>
      <Popover.Trigger
        data-key={name}
        aria-label={label}
        title={title}
        className={clsx('rounded-[2px]', className)}
        onClick={(event) => event.stopPropagation()}
      >
        {trigger}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={12}
          aria-label={label}
          data-explanation
          className={clsx(
            'z-60 max-h-[70vh] overflow-y-auto rounded-[3px] border border-ink bg-leaf px-4 py-3 text-[12.5px] leading-[18px] text-ink outline-none',
            width === 'wide' ? 'w-[520px]' : 'w-[440px]',
          )}
          onClick={(event) => event.stopPropagation()}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
