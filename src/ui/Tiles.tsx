'use client';

import { RadioGroup } from 'radix-ui';
import { useState } from 'react';

export interface Tile<T extends string> {
  readonly value: T;
  readonly label: string;
  /** What it comes with, smaller. */
  readonly says?: string;
}

interface Props<T extends string> {
  readonly label: string;
  readonly value: T | '';
  /** Under headings of their own, where they are of several kinds. */
  readonly groups: readonly {
    readonly title?: string;
    readonly tiles: readonly Tile<T>[];
    /** How many are in sight; the others come when asked for. */
    readonly first?: number;
  }[];
  readonly onChange: (value: T) => void;
  readonly error?: string;
}

/** One of many, to be hit with a glove: the likely ones in sight, the others one tap away. */
export function Tiles<T extends string>({ label, value, groups, onChange, error }: Props<T>) {
  const [all, setAll] = useState<readonly number[]>([]);
  return (
    <section className="mb-5">
      <h2 className="mb-2 text-xl font-bold">{label}</h2>
      <RadioGroup.Root
        aria-label={label}
        value={value}
        onValueChange={(next) => onChange(next as T)}
        className="grid gap-3"
      >
        {groups.map(({ title, tiles, first = tiles.length }, at) => {
          const shown = all.includes(at)
            ? tiles
            : tiles.filter((tile, i) => i < first || tile.value === value);
          return tiles.length === 0 ? null : (
            <div key={title ?? at}>
              {title && <h3 className="mb-1 text-sm text-ink-soft">{title}</h3>}
              <div className="flex flex-wrap gap-2">
                {shown.map((tile) => (
                  <RadioGroup.Item
                    key={tile.value}
                    value={tile.value}
                    className="min-h-14 max-w-full rounded-sm border-2 border-ink px-4 py-1.5 text-left font-semibold hover:bg-ink/6 data-[state=checked]:bg-ink data-[state=checked]:text-on-ink"
                  >
                    {tile.label}
                    {tile.says && <span className="block text-sm font-normal">{tile.says}</span>}
                  </RadioGroup.Item>
                ))}
                {shown.length < tiles.length && (
                  <button
                    type="button"
                    className="min-h-14 px-3 font-semibold text-act underline underline-offset-4"
                    onClick={() => setAll((open) => [...open, at])}
                  >
                    More
                  </button>
                )}
              </div>
            </div>
          );
        })}
      </RadioGroup.Root>
      {error && (
        <p role="alert" className="mt-1 text-sm font-semibold text-stop">
          ▲ {error}
        </p>
      )}
    </section>
  );
}
