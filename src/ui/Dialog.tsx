import clsx from 'clsx';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface DialogProps {
  readonly title: string;
  /** One sentence that says what is to be decided. */
  readonly about?: string;
  /** For lists; else it is as wide as a question. */
  readonly wide?: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A window over the desk that asks for one thing; Escape and the ground behind it close it. */
export function Dialog({ title, about, wide = false, onClose, children }: DialogProps) {
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Radix.Content
          className={clsx(
            'fixed top-1/2 left-1/2 z-50 max-h-[85vh] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-[3px] border border-rule bg-leaf p-5 text-ink',
            wide ? 'w-[54rem]' : 'w-[30rem]',
          )}
          {...(about === undefined ? { 'aria-describedby': undefined } : {})}
        >
          <Radix.Title className="font-reading text-lg font-semibold">{title}</Radix.Title>
          {about !== undefined && (
            <Radix.Description className="mt-1 mb-4 break-words text-muted">{about}</Radix.Description>
          )}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
