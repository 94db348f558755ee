'use client';

import { useEffect, useEffectEvent, useState } from 'react';
import { parse, unitIn, type QuantityId } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import { useUnits } from './units';

interface Props {
  readonly label: string;
  readonly quantity: QuantityId;
  /** What the key that takes it says. */
  readonly enter?: string;
  readonly expects?: readonly [min: number, max: number];
  readonly onDone: (value: number) => void;
  readonly onCancel: () => void;
}

const keys = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'] as const;
const face =
  'flex min-h-18 items-center justify-center border-2 border-hairline text-3xl font-bold active:bg-act-wash';

/** A number by keys large enough for a glove. What is implausible is asked about once, never refused. */
export function BigKeys({ label, quantity, enter, expects, onDone, onCancel }: Props) {
  const { system } = useUnits();
  const [text, setText] = useState('');
  const [says, setSays] = useState<{ readonly text: string; readonly asked: boolean }>();
  const { symbol } = unitIn(quantity, system);
  const press = (key: (typeof keys)[number]) => {
    setSays(undefined);
    setText((held) =>
      key === '⌫'
        ? held.slice(0, -1)
        : held.length > 8 || (key === '.' && held.includes('.'))
          ? held
          : held + key,
    );
  };
  const done = () => {
    const read = parse(text, quantity, { system, ...(expects ? { expects } : {}) });
    if (isRefusal(read)) return setSays({ text: read.says, asked: false });
    if (read.doubt && !says?.asked)
      return setSays({ text: `${read.doubt.says} Enter again if it is.`, asked: true });
    if (!(read.value > 0)) return setSays({ text: 'Enter more than nothing.', asked: false });
    setText('');
    onDone(read.value);
  };
  const typed = useEffectEvent((event: KeyboardEvent) => {
    // A field beside them keeps its own figures.
    if (event.target instanceof HTMLInputElement) return;
    const key = event.key === 'Backspace' ? '⌫' : event.key === ',' ? '.' : event.key;
    const known = keys.find((each) => each === key);
    if (known) press(known);
    if (event.key === 'Enter' && !(event.target instanceof HTMLButtonElement)) done();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => typed(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  return (
    <div role="group" aria-label={label} className="grid gap-3" data-keypad>
      <p className="text-xl">{label}</p>
      <output className="readout border-b-2 border-ink text-6xl" aria-live="polite">
        {text || '–'} <span className="text-2xl text-ink-soft">{symbol}</span>
      </output>
      {says && (
        <p role="status" className="border-l-4 border-care bg-care-wash px-3 py-2">
          {says.text}
        </p>
      )}
      <div className="grid grid-cols-3 gap-2">
        {keys.map((key) => (
          <button
            key={key}
            type="button"
            className={face}
            aria-label={key === '⌫' ? 'Delete' : key}
            onClick={() => press(key)}
          >
            {key}
          </button>
        ))}
      </div>
      <div className="grid grid-cols-[1fr_2fr] gap-2">
        <button type="button" className={face} onClick={onCancel}>
          Leave
        </button>
        <button type="button" className={`${face} border-act bg-act text-on-act`} onClick={done}>
          {enter ? `${enter} ${text} ${symbol}` : 'Enter'}
        </button>
      </div>
    </div>
  );
}
