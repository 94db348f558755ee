'use client';

import { showPart } from './showpart';

interface Props<T extends string> {
  readonly label: string;
  readonly part: T;
  readonly parts: Readonly<Record<T, string>>;
}

/** The parts of a screen, one shown at a time, each with an address of its own. */
export function Parts<T extends string>({ label, part, parts }: Props<T>) {
  const names = Object.keys(parts) as T[];
  return (
    <nav
      aria-label={label}
      className="no-print flex flex-wrap md:ml-5 md:border-l md:border-hairline"
      data-parts
    >
      {names.map((each, i) => (
        <a
          key={each}
          href={`#${each}`}
          aria-current={each === part ? 'true' : undefined}
          onClick={(event) => {
            if (event.metaKey || event.ctrlKey || event.shiftKey) return;
            event.preventDefault();
            showPart(i === 0 ? undefined : each);
          }}
          className={`flex min-h-11 grow items-center justify-center border-r border-b border-hairline min-w-11 px-2 text-sm font-semibold whitespace-nowrap focus-visible:-outline-offset-3 sm:px-3 md:grow-0 md:px-6 ${each === part ? 'bg-ink text-on-ink' : 'hover:bg-ink/6'}`}
        >
          {parts[each]}
        </a>
      ))}
    </nav>
  );
}
