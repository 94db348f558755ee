'use client';

import { useState, type ReactNode } from 'react';
import {
  fromSI,
  parse,
  typedInTwo,
  unitToType,
  type Doubt,
  type QuantityId,
  type Unit,
  type UnitSystem,
} from '@/core/quantity';
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
  /** Hand the value over when the field is left or Enter is pressed, not at every key: for what is kept at once. */
  readonly lazily?: boolean;
  readonly place?: string;
  readonly onEnter?: () => void;
  readonly big?: boolean;
  readonly hideLabel?: boolean;
  /** Significant digits it is written with; what is typed stands as it is. */
  readonly digits?: number;
}

interface Held {
  readonly text: string;
  /** The unit a bare number is read in: that of the value as it came, so that it does not change under the hand. */
  readonly unit: Unit;
  readonly system: UnitSystem;
  /** The value last seen from outside, and the one last handed out. */
  readonly seen: number | undefined;
  readonly given: number | undefined;
  readonly wrong?: string;
  readonly doubt?: Doubt;
  readonly left?: boolean;
}

/**
 * A field for an amount with its unit. It reads what people type, in any unit of the quantity; what cannot be
 * read is said beside it and nothing typed is lost; what looks like the wrong unit is asked about, not blocked.
 */
export function NumberField(props: Props) {
  const { label, quantity, value, onChange, expects, hint, error, required, lazily, place, onEnter, big } =
    props;
  const { hideLabel, digits = 6 } = props;
  const { system } = useUnits();
  const usual = expects && (expects[0] > 0 ? Math.sqrt(expects[0] * expects[1]) : expects[1] / 10);
  const write = (si: number | undefined, unit: Unit) =>
    si === undefined
      ? ''
      : (typedInTwo(quantity, si, system) ??
        asTyped(fromSI(si, unit), digits, system === 'us' ? unit.digits + 1 : undefined));
  const written = (si: number | undefined): Pick<Held, 'text' | 'unit' | 'system'> => {
    const unit = unitToType(quantity, si ?? usual, system);
    return { unit, system, text: write(si, unit) };
  };
  const [held, setHeld] = useState<Held>({ ...written(value), seen: value, given: value });
  const understood = (text: string) => parse(text, quantity, { system, expects, unit: held.unit.id });

  // A value from elsewhere (undo, a suggestion) or other units replace the text; the user's own typing does not.
  if (held.system !== system) {
    const outcome = parse(held.text, quantity, { system: held.system, unit: held.unit.id });
    const kept = isRefusal(outcome) ? { ...written(undefined), text: held.text } : written(outcome.value);
    setHeld({ ...held, ...kept, doubt: undefined });
  } else if (value !== held.seen) {
    setHeld(
      value === held.given ? { ...held, seen: value } : { ...written(value), seen: value, given: value },
    );
  }

  const give = (next: number | undefined, change: Partial<Held>, now: boolean) => {
    setHeld({ ...held, wrong: undefined, doubt: undefined, ...change, given: now ? next : held.given });
    if (now) onChange(next);
  };
  const read = (text: string, leaving: boolean) => {
    const now = leaving || !lazily;
    const left = leaving || held.left;
    if (text.trim() === '' && !required) return give(undefined, { text, left }, now);
    const outcome = understood(text);
    if (isRefusal(outcome)) give(undefined, { text, left, wrong: outcome.says }, now && !lazily);
    else give(outcome.value, { text, left, doubt: outcome.doubt }, now);
  };
  const leave = () => {
    const changed = lazily ? held.text !== write(held.seen, held.unit) : required && held.text.trim() === '';
    const outcome = understood(held.text);
    // What was typed in another unit is written in the field's own, so that number and unit agree.
    const kept = !isRefusal(outcome) && /[a-z°µ"'%]/i.test(held.text) ? written(outcome.value) : {};
    if (changed && !isRefusal(outcome))
      give(outcome.value, { ...kept, left: true, doubt: outcome.doubt }, true);
    else if (changed) read(held.text, true);
    else setHeld({ ...held, ...kept, left: true });
  };

  const shownError = (held.left ? held.wrong : undefined) ?? error;
  return (
    <div>
      <FieldShell label={label} hideLabel={hideLabel} hint={hint} error={shownError}>
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
              className={`${fieldBox} pr-16 ${big ? 'min-h-16 text-2xl font-bold' : ''}`}
              value={held.text}
              onChange={(event) => read(event.target.value, false)}
              onBlur={leave}
              onKeyDown={(event) => {
                if (event.key !== 'Enter') return;
                leave();
                if (!held.wrong) onEnter?.();
              }}
            />
            <span
              aria-hidden
              className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-sm text-ink-soft"
            >
              {held.unit.symbol}
            </span>
          </div>
        )}
      </FieldShell>
      {held.doubt && (
        <DoubtNote
          doubt={held.doubt}
          onTake={(meant) => give(meant, written(meant), true)}
          onKeep={() => setHeld({ ...held, doubt: undefined })}
        />
      )}
    </div>
  );
}

/** A number as a person types it: no longer than its unit is read, unless it is short as it stands. */
function asTyped(value: number, significant: number, decimals: number | undefined): string {
  const whole = String(Number(value.toPrecision(significant)));
  const long = (whole.split('.')[1]?.length ?? 0) > Math.max(decimals ?? Infinity, 3);
  if (decimals === undefined || !long) return whole;
  const needed = value === 0 ? 0 : 2 - Math.floor(Math.log10(Math.abs(value)));
  return String(Number(value.toFixed(Math.max(decimals, needed))));
}

interface DoubtProps {
  readonly doubt: Doubt;
  readonly onTake: (value: number) => void;
  readonly onKeep: () => void;
}

function DoubtNote({ doubt: { says, instead }, onTake, onKeep }: DoubtProps) {
  const button = 'min-h-11 underline underline-offset-4';
  return (
    <div role="status" className="mt-1 border-l-4 border-care bg-care-wash px-2 py-1 text-sm">
      {says}
      {instead && (
        <span className="mt-1 flex flex-wrap gap-3">
          <button
            type="button"
            className={`${button} font-semibold text-act`}
            onClick={() => onTake(instead.value)}
          >
            Use {instead.text}
          </button>
          <button type="button" className={button} onClick={onKeep}>
            It is right
          </button>
        </span>
      )}
    </div>
  );
}
