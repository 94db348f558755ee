import type { HandGuide, PaceMoment } from '@/core/film';

interface Props {
  readonly guide: HandGuide;
  readonly pace: PaceMoment;
  /** s until the first stroke, where it is still counted in. */
  readonly countIn: number;
  readonly label: string;
}

/** The face with its strokes and the one that runs, filling as the gun should move: wide enough to be followed across a booth. */
export function PaceBox({ guide, pace, countIn, label }: Props) {
  const rows = guide.strokes.map(({ from }) => from[1]);
  const [top, bottom] = [Math.min(...rows), Math.max(...rows)];
  const down = (y: number) => (bottom > top ? 18 + (64 * (y - top)) / (bottom - top) : 50);
  const [first] = guide.strokes;
  const ends = first ? [Math.min(first.from[0], first.to[0]), Math.max(first.from[0], first.to[0])] : [0, 1];
  const [low = 0, high = 1] = ends;
  const share = (x: number) => ((x - low) / (high - low)) * 100;
  const { stroke, way } = pace;
  const at = way > 0 ? pace.share * 100 : 100 - pace.share * 100;
  const soon = countIn <= 0 && pace.turnIn < 1 && pace.left > 0;
  return (
    <div
      role="img"
      aria-label={label}
      className="relative h-full min-h-40 overflow-hidden border-4 border-hairline"
      data-pace={stroke}
    >
      {rows.slice(0, 40).map((y, i) => (
        <span
          key={i}
          className={`absolute h-1 w-full -translate-y-1/2 ${i < stroke ? 'bg-good-wash' : 'bg-hairline'}`}
          style={{ top: `${down(y)}%` }}
        />
      ))}
      {/* Where the part begins and ends: the trigger is pulled before the one and let go past the other. */}
      {[share(-low > 0 ? 0 : low), share(high + low)].map((x, i) => (
        <span
          key={i}
          className="absolute inset-y-0 border-l-2 border-dashed border-ink-soft"
          style={{ left: `${x}%` }}
        />
      ))}
      <span
        className="absolute h-[min(28%,7rem)] -translate-y-1/2 bg-good"
        style={{
          top: `${down(rows[stroke] ?? top)}%`,
          left: way > 0 ? 0 : `${at}%`,
          width: way > 0 ? `${at}%` : `${100 - at}%`,
          opacity: 0.35 + 0.65 * pace.share,
        }}
      />
      <span
        className="absolute h-[min(38%,9rem)] w-3 -translate-x-1/2 -translate-y-1/2 bg-ink"
        style={{ top: `${down(rows[stroke] ?? top)}%`, left: `${at}%` }}
      />
      <span
        aria-hidden
        className={`absolute bottom-2 text-3xl font-bold sm:text-5xl ${way > 0 ? 'right-4' : 'left-4'} ${soon ? 'text-care' : 'text-ink-soft'}`}
      >
        {countIn > 0 ? '' : soon ? 'turn' : way > 0 ? '→' : '←'}
      </span>
      {countIn > 0 && (
        <span
          aria-hidden
          className="readout absolute inset-0 flex items-center justify-center text-[clamp(6rem,24vh,14rem)] text-care"
        >
          {Math.ceil(countIn)}
        </span>
      )}
    </div>
  );
}
