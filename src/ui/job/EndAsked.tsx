'use client';

import type { EndDoubt } from '@/facts/job';
import { tooEarlyWords } from '@/words/tooearly';
import { Button } from '../Button';
import { Dialog } from '../Dialog';

interface Props {
  readonly doubt: EndDoubt;
  /** What was pressed. */
  readonly tap: string;
  readonly onEnd: () => void;
  readonly onClose: () => void;
}

/** Asks before a coat is ended that hardly was begun: clocks and the next window run from its end. */
export function EndAsked({ doubt, tap, onEnd, onClose }: Props) {
  const { asks, says } = tooEarlyWords(doubt, tap);
  return (
    <Dialog open onClose={onClose} title={asks}>
      <p className="text-[1.35rem] leading-snug font-medium">{says}</p>
      <p className="mt-1 text-ink-soft">Flash and recoat window are counted from its end.</p>
      <Button look="main" className="mt-4 w-full" onClick={onClose}>
        Go on spraying
      </Button>
      <Button className="mt-3 w-full" onClick={onEnd}>
        It is on: end it
      </Button>
    </Dialog>
  );
}
