'use client';

import { useMemo } from 'react';
import { sectionAcross } from '@/core/evenness';
import { profileFor } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';
import { useWidth } from '@/ui/width';
import { amount, written } from '@/words/figures';

interface Props {
  /** m wet on average, m of fan, m from stroke to stroke. */
  readonly film: number;
  readonly fan: number;
  readonly spacing: number;
}

const tall = 150;
const places = 90;

/** The film the levers lay, cut across the strokes, against what is wanted and what it is judged by. */
export function FilmSection({ film, fan, spacing }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const [place, width] = useWidth<HTMLDivElement>(320);
  const { set, plan } = view;
  const coat = plan.coats.find((each) => each.coat.id === set.coat?.id);
  const laid = set.coat && profileFor(view, set.coat);
  const profile = laid && 'profile' in laid ? laid.profile : undefined;
  const section = useMemo(
    () => (profile ? sectionAcross(profile, fan, spacing, places) : []),
    [profile, fan, spacing],
  );
  if (!coat || section.length === 0 || !(coat.wet > 0)) return null;
  const limits = { min: coat.dry.min / coat.solids, max: coat.dry.max / coat.solids };
  const top = Math.max(limits.max * 1.25, coat.wet * 1.4, film * 1.25);
  const y = (value: number) => tall - 8 - (Math.min(value, top) / top) * (tall - 26);
  const x = (i: number) => ((i + 0.5) / places) * width;
  const line = section.map(
    (share, i) => `${i === 0 ? 'M' : 'L'}${x(i).toFixed(1)} ${y(share * film).toFixed(1)}`,
  );
  const least = Math.min(...section) * film;
  const most = Math.max(...section) * film;
  const fine = least >= limits.min && most <= limits.max;
  const says = `${written(amount('film', least), units)} to ${written(amount('film', most), units)} wet across the strokes, ${written(amount('film', coat.wet), units)} is wanted`;
  return (
    <div ref={place}>
      <svg
        viewBox={`0 0 ${width} ${tall}`}
        width={width}
        height={tall}
        className="block border border-hairline bg-sheet"
        role="img"
        aria-label={says}
        data-section
      >
        <rect
          x={0}
          width={width}
          y={y(limits.max)}
          height={Math.max(y(limits.min) - y(limits.max), 0)}
          className="fill-good/15"
        />
        <path
          d={`${line.join(' ')} L${width} ${y((section.at(-1) ?? 0) * film)} L${width} ${tall - 8} L0 ${tall - 8} L0 ${y((section[0] ?? 0) * film)} Z`}
          className={fine ? 'fill-good/30' : 'fill-care/30'}
        />
        <path
          d={line.join(' ')}
          fill="none"
          stroke={fine ? 'var(--good)' : 'var(--care)'}
          strokeWidth={2.5}
        />
        <line
          x1={0}
          x2={width}
          y1={y(coat.wet)}
          y2={y(coat.wet)}
          stroke="var(--act)"
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
        <rect x={0} width={width} y={tall - 8} height={8} className="fill-wood" />
        <text x={6} y={14} className="fill-ink-soft text-[13px]">
          wet film, cut across three strokes
        </text>
      </svg>
      <p className="mt-1 text-sm text-ink-soft">
        {fine ? '✓ ' : '▲ '}
        {written(amount('film', least), units)} to {written(amount('film', most), units)} wet; dashed is what
        is wanted, the green band is what the coat is judged by.
        {laid && 'pattern' in laid && laid.pattern === 'default'
          ? ' The pattern is a default until a card is read.'
          : ''}
      </p>
    </div>
  );
}
