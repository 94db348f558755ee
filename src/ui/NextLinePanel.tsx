'use client';

import type { NextLine, Tap, Tone } from '@/words/line';
import { Button } from './Button';
import { Readout } from './Readout';

const inks: Record<Tone, string> = {
  plain: '',
  act: '',
  good: 'text-good',
  care: 'text-care',
  stop: 'text-stop',
};
const words: Record<Tone, string> = { plain: '', act: '', good: 'Good', care: 'Caution', stop: 'Stop' };

interface Props {
  readonly line: NextLine;
  readonly onTap: (tap: Tap) => void;
  /** Without them where a bar at the bottom of the screen holds them. */
  readonly withTaps: boolean;
}

/** The next line: the number, the sentence, and one tap that records it was done. */
export function NextLinePanel({ line, onTap, withTaps }: Props) {
  const { big, says, detail, tone } = line;
  return (
    <section
      aria-label="Next"
      aria-live="polite"
      data-next
      className="grid gap-x-7 gap-y-3 py-4 md:grid-cols-[auto_minmax(0,1fr)] lg:grid-cols-[auto_minmax(0,1fr)_13.5rem] lg:items-center"
    >
      <div className={inks[tone]} data-next-number>
        <Readout number={big.number} unit={big.unit} />
      </div>
      <div className="min-w-0 max-w-[36rem]">
        <p className="text-[1.35rem] leading-snug font-medium text-balance">
          {words[tone] && <span className="sr-only">{words[tone]}: </span>}
          {says}
        </p>
        {detail && <p className="mt-1 text-ink-soft">{detail}</p>}
      </div>
      {withTaps && (
        <div className="no-print flex flex-col items-stretch gap-1 md:col-span-2 lg:col-span-1">
          <NextTaps line={line} onTap={onTap} />
        </div>
      )}
    </section>
  );
}

/** What is done with the next line: its main action, and what else it may be. */
export function NextTaps({ line: { tone, tap, otherwise }, onTap }: Omit<Props, 'withTaps'>) {
  return (
    <>
      {tap && (
        <Button
          look={tone === 'stop' && tap.does.kind === 'log' ? 'stop' : 'main'}
          data-next-action
          onClick={() => onTap(tap)}
        >
          {tap.says}
        </Button>
      )}
      {otherwise && (
        <Button look="quiet" onClick={() => onTap(otherwise)}>
          {otherwise.says}
        </Button>
      )}
    </>
  );
}
