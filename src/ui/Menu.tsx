'use client';

import { useState } from 'react';
import { DropdownMenu } from 'radix-ui';
import { EllipsisVertical } from 'lucide-react';

export interface MenuItem {
  readonly label: string;
  readonly onSelect: () => void;
  readonly danger?: boolean;
  readonly disabled?: boolean;
}

export function Menu({ label, items }: { readonly label: string; readonly items: readonly MenuItem[] }) {
  // It stands in the work, not beside it: whoever reads the page by its regions finds it there.
  const [main, setMain] = useState<HTMLElement | null>(null);
  return (
    <DropdownMenu.Root
      modal={false}
      onOpenChange={(open) => open && setMain(document.getElementById('main'))}
    >
      <DropdownMenu.Trigger
        aria-label={label}
        className="no-print flex size-11 shrink-0 items-center justify-center rounded-sm hover:bg-ink/8"
      >
        <EllipsisVertical aria-hidden className="size-5" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={main}>
        <DropdownMenu.Content align="end" className="z-50 min-w-56 border-2 border-ink bg-sheet">
          {items.map((item) => (
            <DropdownMenu.Item
              key={item.label}
              disabled={item.disabled}
              onSelect={item.onSelect}
              className={`flex min-h-11 cursor-pointer items-center px-4 outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-act-wash ${item.danger ? 'text-stop' : ''}`}
            >
              {item.label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
