interface Props {
  readonly number: string;
  readonly unit?: string;
  readonly size?: 'huge' | 'large' | 'medium';
}

const sizes = {
  huge: 'text-[clamp(3.4rem,8.5vw,6.2rem)]',
  large: 'text-[clamp(2.8rem,6vw,4.6rem)]',
  medium: 'text-3xl',
};

/** The number that matters, as large as it deserves; long ones step down so that they stay on one line. */
export function Readout({ number, unit, size = 'huge' }: Props) {
  const fit = size === 'huge' && number.length > 5 ? 'large' : size;
  return (
    <span className="inline-flex items-baseline gap-2 whitespace-nowrap">
      <span className={`readout ${sizes[fit]}`}>{number}</span>
      {unit && <span className="text-2xl font-bold text-ink-soft">{unit}</span>}
    </span>
  );
}
