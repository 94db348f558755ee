import type { ReactNode } from 'react';

/** A place with nothing in it yet: what belongs here and how to begin. */
export function EmptyState({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="max-w-xl border-2 border-dashed border-ink-soft p-6">
      <h2 className="text-xl font-bold">{title}</h2>
      <div className="mt-2 space-y-4 text-ink-soft">{children}</div>
    </div>
  );
}
