import { fromWords, type From } from '@/words/from';

/** Where a figure is from and how far it may be off, in the one style for it. */
export function FromTag({ from }: { readonly from: From | undefined }) {
  if (!from) return null;
  return (
    <>
      {' '}
      <span
        data-from={from.source}
        className="inline-block border border-hairline px-1 text-xs font-normal whitespace-nowrap text-ink-soft"
      >
        {fromWords(from)}
      </span>
    </>
  );
}
