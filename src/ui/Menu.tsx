'use client';

import { DropdownMenu } from 'radix-ui';

export interface MenuEntry {
  readonly label: string;
  readonly onSelect: () => void;
}

/** A list of actions behind one word. */
export function Menu({ label, trigger, entries }: { label: string; trigger: string; entries: readonly MenuEntry[] }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={label}
        title="More"
        className="rounded-[2px] px-1 font-semibold whitespace-nowrap text-accent hover:underline"
      >
        {trigger}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-60 min-w-40 rounded-[3px] border border-rule bg-leaf p-1 text-ink"
        >
          {entries.map((entry) => (
            <DropdownMenu.Item
              key={entry.label}
              className="cursor-pointer rounded-[2px] px-2 py-1 outline-none data-[highlighted]:bg-tint"
              onSelect={entry.onSelect}
            >
              {entry.label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
