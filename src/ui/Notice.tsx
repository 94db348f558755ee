import { CircleCheck, Info, OctagonX, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Tone } from '@/words/line';

const looks: Record<Tone, { box: string; Icon: typeof Info; word: string }> = {
  plain: { box: 'border-ink-soft bg-sheet', Icon: Info, word: 'Note' },
  act: { box: 'border-act bg-act-wash', Icon: Info, word: 'Note' },
  good: { box: 'border-good bg-good-wash', Icon: CircleCheck, word: 'Good' },
  care: { box: 'border-care bg-care-wash', Icon: TriangleAlert, word: 'Caution' },
  stop: { box: 'border-stop bg-stop-wash', Icon: OctagonX, word: 'Stop' },
};

/** A sentence that must be seen, with a shape and a word beside its colour. */
export function Notice({ tone, children }: { readonly tone: Tone; readonly children: ReactNode }) {
  const { box, Icon, word } = looks[tone];
  return (
    <div className={`flex gap-2 border-l-4 px-3 py-2 text-sm ${box}`}>
      <Icon aria-label={word} className="mt-0.5 size-4 shrink-0" />
      <div className="min-w-0">{children}</div>
    </div>
  );
}
