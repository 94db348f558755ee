'use client';

import { useEffect, useState, type ReactNode } from 'react';
import { fromSI, parse, unitIn, unitNamed, type Doubt, type QuantityId } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import { FieldShell, fieldBox } from './Field';
import { useUnits } from './units';

interface Props {
  readonly label: string;
  readonly quantity: QuantityId;
  /** SI */
  readonly value: number | undefined;
  readonly onChange: (value: number | undefined) => void;
  /** SI range in which nothing is asked. */
  readonly expects?: readonly [number, number];
  readonly hint?: ReactNode;
  readonly error?: string;
  readonly required?: boolean;
  readonly unit?: string;
  readonly place?: string;
  readonly onEnter?: () => void;
  readonly big?: boolean;
}

/**
 * A field for an amount with its unit. It reads what people type, in any unit of the quantity; what cannot be
 * read is said beside it and nothing typed is lost; what looks like the wrong unit is asked about, not blocked.
 */
export function NumberField({
  label,
  quantity,
  value,
  onChange,
  expects,
  hint,
  error,
  required,
  unit,
  place,
  onEnter,
  big,
}: Props) {
  const { system } = useUnits();
  const shown = (unit && unitNamed(quantity, unit)) || unitIn(quantity, system);
  const written = value === undefined ? '' : String(Number(fromSI(value, shown).toPrecision(6)));
  const [text, setText] = useState(written);
  const [mine, setMine] = useState<number | undefined>(value);
  const [wrong, setWrong] = useState<string>();
  const [doubt, setDoubt] = useState<Doubt>();
  const [left, setLeft] = useState(false);

  // A value from elsewhere (undo, a suggestion, other units) replaces the text; typing does not.
  useEffect(() => {
    if (value === mine) return;
    setMine(value);
    setText(written);
    setWrong(undefined);
    setDoubt(undefined);
  }, [value, mine, written]);

  useEffect(() => {
    setText(written);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only a change of units rewrites what stands there
  }, [shown.id]);

  const read = (typed: string) => {
    setText(typed);
    setDoubt(undefined);
    if (typed.trim() === '' && !required) {
      setWrong(undefined);
      setMine(undefined);
      onChange(undefined);
      return;
    }
    const outcome = parse(typed, quantity, { system, unit: shown.id, expects });
    if (isRefusal(outcome)) {
      setWrong(outcome.says);
      setMine(undefined);
      onChange(undefined);
      return;
    }
    setWrong(undefined);
    setDoubt(outcome.doubt);
    setMine(outcome.value);
    onChange(outcome.value);
  };

  const take = (meant: number) => {
    setDoubt(undefined);
    setMine(meant);
    setText(String(Number(fromSI(meant, shown).toPrecision(6))));
    onChange(meant);
  };

  const shownError = (left ? wrong : undefined) ?? error;
  return (
    <div>
      <FieldShell label={label} hint={hint} error={shownError}>
        {({ id, describedBy }) => (
          <div className="relative">
            <input
              id={id}
              data-place={place}
              aria-describedby={describedBy}
              aria-invalid={shownError ? true : undefined}
              aria-required={required}
              inputMode="text"
              autoComplete="off"
              className={`${fieldBox} pr-20 ${big ? 'min-h-16 text-2xl font-bold' : ''}`}
              value={text}
              onChange={(event) => read(event.target.value)}
              onBlur={() => {
                setLeft(true);
                if (required && text.trim() === '') read('');
              }}
              onKeyDown={(event) => {
                if (event.key !== 'Enter') return;
                setLeft(true);
                if (!wrong) onEnter?.();
              }}
            />
            <span
              aria-hidden
              className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-sm text-ink-soft"
            >
              {shown.symbol}
            </span>
          </div>
        )}
      </FieldShell>
      {doubt && (
        <div role="status" className="mt-1 border-l-4 border-care bg-care-wash px-2 py-1 text-sm">
          {doubt.says}
          {doubt.instead && (
            <span className="mt-1 flex flex-wrap gap-3">
              <button
                type="button"
                className="min-h-11 font-semibold text-act underline underline-offset-4"
                onClick={() => take(doubt.instead?.value ?? 0)}
              >
                Use {doubt.instead.text}
              </button>
              <button
                type="button"
                className="min-h-11 underline underline-offset-4"
                onClick={() => setDoubt(undefined)}
              >
                It is right
              </button>
            </span>
          )}
        </div>
      )}
    </div>
  );
}
