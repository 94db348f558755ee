import { Button } from '@/ui/Button';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** Counted with a thumb: one more, one less. */
export function Tally({ label, value, onChange }: Props) {
  return (
    <div role="group" aria-label={label}>
      <p className="mb-1 text-sm text-ink-soft">{label}</p>
      <div className="flex items-center gap-2">
        <Button
          aria-label={`One of ${label.toLowerCase()} less`}
          disabled={value === 0}
          onClick={() => onChange(value - 1)}
        >
          −
        </Button>
        <output className="min-w-10 text-center text-xl font-bold">{value}</output>
        <Button aria-label={`One of ${label.toLowerCase()} more`} onClick={() => onChange(value + 1)}>
          +
        </Button>
      </div>
    </div>
  );
}
