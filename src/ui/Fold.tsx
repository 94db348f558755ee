'use client';

import { useState, type ReactNode } from 'react';

interface Props {
  /** What it is, and how it stands: readable without opening it. */
  readonly title: ReactNode;
  readonly says?: ReactNode;
  /** What opening it is for. */
  readonly verb?: string;
  /** Open from the start: what was just added, or is wrong. */
  readonly open?: boolean;
  /** A place the next line leads to: it opens when it is gone to. */
  readonly place?: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** Fields folded away behind what they say now. They are drawn only when opened: a page of rows stays quick. */
export function Fold({
  title,
  says,
  verb = 'Change',
  open: from = false,
  place,
  className = '',
  children,
}: Props) {
  const [open, setOpen] = useState(from);
  const [asked, setAsked] = useState(from);
  // What becomes wrong while it is folded away opens it.
  if (asked !== from) {
    setAsked(from);
    if (from) setOpen(true);
  }
  return (
    <details
      className={`min-w-0 ${className}`}
      open={open}
      data-place={place}
      tabIndex={place ? -1 : undefined}
      onFocus={(event) => place && event.target === event.currentTarget && setOpen(true)}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="flex min-h-11 items-center gap-x-2 py-1.5">
        <span className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-2">
          <span className="font-semibold">{title}</span>
          {says && <span className="min-w-0 text-sm text-ink-soft">{says}</span>}
        </span>
        <span className="no-print text-sm text-act underline underline-offset-4 max-sm:sr-only">
          {open ? 'Close' : verb}
        </span>
      </summary>
      {open && <div className="pt-1 pb-3">{children}</div>}
    </details>
  );
}
