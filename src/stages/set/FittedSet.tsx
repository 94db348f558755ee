'use client';

import { useState } from 'react';
import { assembled, type Pieces } from '@/core/airgun';
import { isRefusal } from '@/core/refusal';
import type { NozzleSet } from '@/records';
import { SelectField } from '@/ui/Field';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Props {
  readonly sets: readonly NozzleSet[];
  readonly fitted: NozzleSet | undefined;
  /** Called with the set the pieces make up, or with none while they are of different sets. */
  readonly onFit: (set: NozzleSet | undefined) => void;
}

const pieceWords = [
  ['needle', 'Needle'],
  ['nozzle', 'Nozzle'],
  ['cap', 'Cap'],
] as const;

/** Needle, nozzle and cap by their marks. Pieces of different sets are refused; without marks the bore is chosen. */
export function FittedSet({ sets, fitted, onFit }: Props) {
  const units = useUnits();
  const marked = sets.length > 0 && sets.every(({ needle, nozzle, cap }) => needle && nozzle && cap);
  const [pieces, setPieces] = useState<Pieces>({
    needle: fitted?.needle,
    nozzle: fitted?.nozzle,
    cap: fitted?.cap,
  });
  if (!marked)
    return (
      <SelectField
        label="Set"
        value={fitted?.id ?? ''}
        onChange={(event) => onFit(sets.find(({ id }) => id === event.target.value))}
        options={[
          ...(fitted ? [] : [{ value: '', label: 'Choose' }]),
          ...sets.map((set) => ({
            value: set.id,
            label: [written(amount('bore', set.bore), units), set.cap].filter(Boolean).join(', '),
          })),
        ]}
      />
    );
  const found = assembled(sets, pieces);
  const pick = (piece: keyof Pieces, mark: string) => {
    const next = { ...pieces, [piece]: mark };
    setPieces(next);
    const id = assembled(sets, next);
    onFit(isRefusal(id) ? undefined : sets.find((set) => set.id === id));
  };
  return (
    <fieldset className="col-span-full grid grid-cols-3 items-start gap-x-4 sm:col-span-4 sm:grid-cols-4">
      <legend className="sr-only">Needle, nozzle and cap</legend>
      {pieceWords.map(([piece, label]) => (
        <SelectField
          key={piece}
          label={label}
          value={pieces[piece] ?? ''}
          onChange={(event) => pick(piece, event.target.value)}
          options={[
            ...(pieces[piece] ? [] : [{ value: '', label: 'Choose' }]),
            ...[...new Set(sets.map((set) => set[piece] ?? ''))].map((mark) => ({
              value: mark,
              label: mark,
            })),
          ]}
        />
      ))}
      <p className="col-span-full pt-1 text-sm sm:col-span-1 sm:pt-8" role="status">
        {isRefusal(found) ? (
          <span className="font-semibold text-stop">▲ {found.says}</span>
        ) : (
          <>
            <b className="text-good">✓</b> one set,{' '}
            <Printed figure={amount('bore', sets.find(({ id }) => id === found)?.bore)} />
          </>
        )}
      </p>
    </fieldset>
  );
}
