'use client';

import { RadioGroup } from 'radix-ui';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
  readonly hideLabel?: boolean;
}

/** One of a few, all in sight. */
export function Choice<T extends string>({ label, value, options, onChange, hideLabel }: Props<T>) {
  return (
    <div>
      <div className={hideLabel ? 'sr-only' : 'mb-1 text-sm text-ink-soft'}>{label}</div>
      <RadioGroup.Root
        aria-label={label}
        value={value}
        onValueChange={(next) => onChange(next as T)}
        className="flex flex-wrap border-2 border-ink"
      >
        {options.map(({ value: own, label: words }) => (
          <RadioGroup.Item
            key={own}
            value={own}
            className="min-h-11 flex-1 border-r border-hairline px-3 text-sm font-semibold whitespace-nowrap last:border-r-0 data-[state=checked]:bg-ink data-[state=checked]:text-on-ink"
          >
            {words}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
