import type { ReactNode } from 'react';

/** What follows from the answers of a screen: one figure or one sentence. */
export function Answer({ children }: { readonly children: ReactNode }) {
  return (
    <div role="status" className="my-4 bg-good-wash px-4 py-3" data-answer>
      {children}
    </div>
  );
}
