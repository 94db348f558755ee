'use client';

import { Dialog as Radix } from 'radix-ui';
import { X } from 'lucide-react';
import { useRef, type ReactNode } from 'react';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly title: string;
  readonly says?: string;
  readonly wide?: boolean;
  readonly children: ReactNode;
}

export function Dialog({ open, onClose, title, says, wide, children }: Props) {
  const opener = useRef<Element | null>(null);
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/55" />
        <Radix.Content
          // Opened by no trigger of its own, it would leave the focus nowhere: it goes back to what opened it.
          onOpenAutoFocus={() => {
            opener.current = document.activeElement;
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (opener.current instanceof HTMLElement) opener.current.focus();
          }}
          className={`fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-y-auto border-t-4 border-act bg-paper p-5 sm:inset-x-auto sm:top-1/2 sm:bottom-auto sm:left-1/2 sm:max-w-[94vw] sm:-translate-x-1/2 sm:-translate-y-1/2 ${wide ? 'sm:w-[52rem]' : 'sm:w-[34rem]'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Radix.Title className="text-xl font-bold">{title}</Radix.Title>
            <Radix.Close aria-label="Close" className="-m-2 flex size-11 items-center justify-center">
              <X aria-hidden className="size-5" />
            </Radix.Close>
          </div>
          <Radix.Description className={says ? 'mb-4 text-ink-soft' : 'sr-only'}>
            {says ?? title}
          </Radix.Description>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
