'use client';

import type { MouseEvent } from 'react';
import { swings } from '@/core/drift';
import type { DriftSeen } from '@/facts/job/driftseen';
import type { Outdoors } from '@/records';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { compassOf, neighbourMarks, neighbourWords } from '@/words/outdoors';

type Thing = NonNullable<Outdoors['around']>[number];

interface Props {
  readonly around: readonly Thing[];
  readonly seen: DriftSeen | undefined;
  readonly windFrom: number | undefined;
  /** m and radians clockwise from north of what was tapped. */
  readonly onTap: (distance: number, bearing: number) => void;
}

/** Half the side of the drawing, its own units, and what its margin takes. */
const half = 160;
const inside = 148;
/** How far a sketch may show, m; rings in so many steps. */
const ranges = [20, 40, 60, 80, 120, 200] as const;
const rings = [1 / 4, 1 / 2, 3 / 4, 1] as const;

const at = (distance: number, bearing: number, scale: number) => ({
  x: Math.sin(bearing) * distance * scale,
  y: -Math.cos(bearing) * distance * scale,
});

/** How far it shows, so that its rings read well. */
function rangeOf(things: readonly Thing[], seen: DriftSeen | undefined): number {
  const far = Math.max(
    ...things.map(({ distance }) => distance * 1.1),
    ...(seen ? [seen.drift.wetReach, seen.drift.stickyReach] : []),
  );
  return ranges.find((each) => each >= far) ?? ranges[ranges.length - 1] ?? 0;
}

/** The site from above, north up: what stands about, and how far drift goes downwind. A tap puts something there. */
export function SiteSketch({ around, seen, windFrom, onTap }: Props) {
  const units = useUnits();
  const range = rangeOf(around, seen);
  const scale = inside / range;
  const tap = (event: MouseEvent<HTMLButtonElement>) => {
    // A key has no place: whoever uses one types distance and direction below.
    if (event.detail === 0) return;
    const box = event.currentTarget.getBoundingClientRect();
    const side = Math.min(box.width, box.height);
    const unit = (2 * half) / side;
    const x = (event.clientX - box.left - box.width / 2) * unit;
    const y = (event.clientY - box.top - box.height / 2) * unit;
    const distance = Math.hypot(x, y) / scale;
    if (distance < 0.5 || distance > range * 1.05) return;
    const bearing = (Math.atan2(x, -y) + 2 * Math.PI) % (2 * Math.PI);
    onTap(Math.round(distance * 2) / 2, bearing);
  };
  const reach = (m: number) => written(amount('length', m), units, { digits: m < 10 ? 1 : 0 });
  const sector = (far: number) => {
    if (windFrom === undefined) return undefined;
    const to = windFrom + Math.PI;
    const r = Math.min(far, range) * scale;
    const [a, b] = [at(r, to - swings, 1), at(r, to + swings, 1)];
    return `M0 0L${a.x.toFixed(1)} ${a.y.toFixed(1)}A${r.toFixed(1)} ${r.toFixed(1)} 0 0 1 ${b.x.toFixed(1)} ${b.y.toFixed(1)}Z`;
  };
  const arrow = windFrom === undefined ? undefined : at(inside * 0.98, windFrom, 1);
  return (
    <figure className="m-0 w-full max-w-sm">
      <button
        type="button"
        onClick={tap}
        aria-label="The site from above, north up. A tap puts what is chosen below there; by keyboard, type distance and direction."
        className="block aspect-square w-full cursor-crosshair border border-hairline bg-sheet"
        data-site
      >
        <svg viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`} className="size-full" aria-hidden>
          {seen && sector(seen.drift.stickyReach) && (
            <path
              d={sector(seen.drift.stickyReach)}
              className="fill-care/15 stroke-care"
              strokeDasharray="5 4"
              data-reach="far"
            />
          )}
          {seen && sector(seen.drift.wetReach) && (
            <path d={sector(seen.drift.wetReach)} className="fill-stop/15 stroke-stop" data-reach="wet" />
          )}
          {rings.map((share) => (
            <g key={share}>
              <circle r={inside * share} className="fill-none stroke-hairline" />
              <text x={3} y={-inside * share + 11} className="fill-ink-soft text-[10px]">
                {written(amount('length', range * share), units, { digits: 0 })}
              </text>
            </g>
          ))}
          <text y={-inside - 3} textAnchor="middle" className="fill-ink text-[11px] font-bold">
            N
          </text>
          {arrow && windFrom !== undefined && (
            <g
              transform={`translate(${arrow.x.toFixed(1)} ${arrow.y.toFixed(1)}) rotate(${((windFrom * 180) / Math.PI).toFixed(1)})`}
            >
              <path d="M0 22L-7 4L0 8L7 4Z" className="fill-ink" data-wind />
            </g>
          )}
          <rect x={-8} y={-6} width={16} height={12} className="fill-ink" />
          {around.map((thing) => {
            const { x, y } = at(Math.min(thing.distance, range), thing.bearing, scale);
            const reached = seen?.reached.find((each) => each.thing.id === thing.id)?.how;
            const hit = reached === 'wet' || reached === 'sticky';
            return (
              <g
                key={thing.id}
                transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}
                data-stands={thing.what}
              >
                <circle
                  r={11}
                  className={`stroke-2 ${thing.covered ? 'fill-sheet stroke-good' : hit ? 'fill-sheet stroke-stop' : 'fill-sheet stroke-ink'}`}
                  strokeDasharray={thing.covered ? '3 2' : undefined}
                />
                <text textAnchor="middle" y={4} className="fill-ink text-[11px] font-bold">
                  {neighbourMarks[thing.what]}
                </text>
              </g>
            );
          })}
        </svg>
      </button>
      <figcaption className="mt-1 text-xs text-ink-soft">
        {windFrom === undefined
          ? 'Say where the wind comes from: the sketch then shows how far drift goes.'
          : !seen
            ? `Wind from ${compassOf(windFrom).toLowerCase()}.`
            : `Wind from ${compassOf(windFrom).toLowerCase()}. Full line: drops fall wet as far as ${reach(seen.drift.wetReach)}; broken line: mist ${seen.dries === 'sticky' ? 'lands sticky' : 'is still wet'} as far as ${reach(seen.drift.stickyReach)}.`}{' '}
        {[...new Set(around.map(({ what }) => what))]
          .map((what) => `${neighbourMarks[what]} ${neighbourWords[what].toLowerCase()}`)
          .join(', ')}
      </figcaption>
    </figure>
  );
}
