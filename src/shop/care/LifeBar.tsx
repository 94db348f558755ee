import type { LifeBelief, WearForecast } from '@/core/care';

interface Props {
  readonly used: number;
  readonly belief: LifeBelief;
  readonly left: WearForecast['left'] | undefined;
  readonly label: string;
}

const ink = 'stroke-ink';

/** A part's life as a rule: what is used, and where its end is to be looked for. */
export function LifeBar({ used, left, belief, label }: Props) {
  const whole = Math.max(used + (left?.high ?? 0), belief.median, used) * 1.02 || 1;
  const x = (value: number) => Math.min((value / whole) * 300, 300);
  const over = left !== undefined && left.low <= 0;
  return (
    <svg
      viewBox="0 0 300 22"
      className="h-6 w-full max-w-md"
      role="img"
      aria-label={label}
      preserveAspectRatio="none"
    >
      <path d="M0 16 H300" className="stroke-hairline" strokeWidth="2" vectorEffect="non-scaling-stroke" />
      <rect x="0" y="11" width={x(used)} height="10" className={over ? 'fill-stop' : 'fill-ink-soft'} />
      {left && (
        <rect
          x={x(used + left.low)}
          y="11"
          width={Math.max(x(used + left.high) - x(used + left.low), 1)}
          height="10"
          className="fill-care-wash"
        />
      )}
      {left && (
        <path
          d={`M${x(used + left.middle)} 5 V22`}
          className={ink}
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}
