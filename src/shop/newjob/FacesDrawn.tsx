import type { JobDraft } from '@/facts/newjob/draft';
import { drawnPieces } from './drawn';

const high = 84;
/** Room for a stroke, and for the far side of what is coated on both. */
const edge = 6;

/** The sizes beside each other, to one scale: a digit too many is seen at once. */
export function FacesDrawn({ faces }: Pick<JobDraft, 'faces'>) {
  const { pieces, wide } = drawnPieces(faces, high);
  return (
    <svg
      viewBox={`${-edge} ${-edge} ${Math.max(wide, 120) + 2 * edge} ${high + 2 * edge}`}
      className="mt-2 block h-24 max-w-full"
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label="The pieces, to scale"
    >
      {pieces.map(({ key, x, wide: across, tall, both, more }) => (
        <g key={key} transform={`translate(${x} ${high - tall})`}>
          {both && <rect x={4} y={-4} width={across} height={tall} className="fill-none stroke-ink-soft" />}
          <rect width={across} height={tall} className="fill-sheet stroke-ink" strokeWidth={1.5} />
          {more > 0 && (
            <text x={across + 8} y={tall / 2 + 6} className="fill-ink text-[16px] font-bold">
              + {more}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
