import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly says?: string;
  readonly tools?: ReactNode;
  readonly children: ReactNode;
}

/** A shop page: its name, one sentence, its tools, and what it is about. */
export function Page({ title, says, tools, children }: Props) {
  return (
    <main id="main" className="min-w-0 flex-1 px-4 py-5 md:px-6">
      <header className="mb-4 flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="wide text-xl font-bold md:text-2xl">{title}</h1>
          {says && <p className="mt-1 max-w-2xl text-ink-soft">{says}</p>}
        </div>
        {tools && <div className="no-print flex flex-wrap gap-2">{tools}</div>}
      </header>
      {children}
    </main>
  );
}
