import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly tools?: ReactNode;
  readonly children: ReactNode;
  readonly place?: string;
}

/** A part of a work area, set off by a hairline. */
export function Panel({ title, tools, children, place }: Props) {
  return (
    <section
      aria-label={title}
      data-place={place}
      tabIndex={place ? -1 : undefined}
      className="min-w-0 border-b border-hairline px-4 py-4 md:px-5"
    >
      <div className="mb-3 flex flex-wrap items-center justify-between gap-2">
        <h2 className="font-bold">{title}</h2>
        {tools}
      </div>
      {children}
    </section>
  );
}
