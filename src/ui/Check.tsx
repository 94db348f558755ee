import type { ReactNode } from 'react';

interface Props {
  readonly label: ReactNode;
  readonly checked: boolean;
  readonly onChange: (on: boolean) => void;
  readonly className?: string;
}

/** A box to tick, large enough for a glove. */
export function Check({ label, checked, onChange, className = '' }: Props) {
  return (
    <label className={`flex min-h-11 items-center gap-3 ${className}`}>
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-act"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
