'use client';

import { Button } from '@/ui/Button';

interface Props {
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onEnter: () => void;
  readonly enter: string;
}

const keys = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'] as const;

/** Keys large enough for gloves. */
export function Keypad({ text, onText, onEnter, enter }: Props) {
  const press = (key: (typeof keys)[number]) => {
    if (key === '⌫') onText(text.slice(0, -1));
    else if (key !== '.' || !text.includes('.')) onText((text + key).slice(0, 7));
  };
  return (
    <div className="max-w-64" data-keypad>
      <output className="mb-2 block min-h-14 border-2 border-ink bg-sheet px-3 text-right text-4xl font-bold tabular-nums">
        {text || '–'}
      </output>
      <div className="grid grid-cols-3 gap-2">
        {keys.map((key) => (
          <button
            key={key}
            type="button"
            aria-label={key === '⌫' ? 'Delete' : key}
            className="min-h-16 border-2 border-ink bg-sheet text-2xl font-bold"
            onClick={() => press(key)}
          >
            {key}
          </button>
        ))}
      </div>
      <div className="mt-2">
        <Button onClick={onEnter} disabled={!(Number(text) > 0)}>
          {enter}
        </Button>
      </div>
    </div>
  );
}
