'use client';

import type { FilmLedger } from '@/core/system';
import type { CoatState, JobView } from '@/facts/job';
import { amount, coatFigure, jobFigure, written } from '@/words/figures';
import { Printed } from './Printed';
import { useUnits } from './units';

interface Props {
  /** Whose film it is. */
  readonly view: Pick<JobView, 'work'>;
  readonly coats: readonly CoatState[];
  readonly film: FilmLedger;
  readonly substrate: string;
  /** Mean dry film measured over the coats that are on, m. */
  readonly measured?: number;
}

const width = 288;
const left = 8;
const bar = 120;
const baseHeight = 20;
const room = 150;
/** Names of coats stand at least so far apart. */
const labelRoom = 14;

const shortened = (name: string) => (name.length > 12 ? `${name.slice(0, 11)}…` : name);

/**
 * A cross-section of the part and its coats, to scale: dry films from the surface up, the wet film of a coat
 * not yet on as a dashed ghost, the tolerance of the whole beside it.
 */
export function FilmStack({
  view: work,
  coats,
  film: { min, max, sprayed: dry, stays },
  substrate,
  measured,
}: Props) {
  const units = useUnits();
  const next = coats.find(({ state }) => state !== 'done');
  const onDry = coats.filter(({ state }) => state === 'done').reduce((sum, coat) => sum + coat.dry.aim, 0);
  const tallest = Math.max(dry, onDry + (next?.wet ?? 0), max, measured ?? 0);
  const scale = room / tallest;
  const height = room + baseHeight + 14;
  const floor = height - baseHeight;
  const y = (film: number) => floor - film * scale;
  const layers = coats.map((coat, i) => {
    const from = coats.slice(0, i).reduce((sum, below) => sum + below.dry.aim, 0);
    return { coat, from, to: from + coat.dry.aim };
  });
  // Thin coats lie closer than their names can stand: names keep apart, from the part up.
  const named = layers.map(({ from, to }) => y((from + to) / 2) + 4);
  for (let i = 1; i < named.length; i += 1)
    named[i] = Math.min(named[i] as number, (named[i - 1] as number) - labelRoom);
  const over = Math.max(labelRoom - 2 - (named.at(-1) ?? height), 0);
  const label = `Film on ${substrate}: ${coats.length} coats, ${written(amount('film', stays), units)} dry planned${measured ? `, ${written(amount('film', measured), units)} measured` : ''}.`;
  return (
    <figure>
      <figcaption className="mb-1 text-sm font-bold">Film, to scale</figcaption>
      <svg
        viewBox={`0 ${-over} ${width} ${height + over}`}
        width={width}
        height={height + over}
        className="block"
        role="img"
        aria-label={label}
      >
        {layers.map(({ coat, from, to }, i) => {
          const on = coat.state === 'done';
          const sanded = coat.coat.sandBack ?? 0;
          return (
            <g key={coat.coat.id}>
              <rect
                x={left}
                y={y(to)}
                width={bar}
                height={(to - from) * scale}
                className={on ? 'fill-act/70' : coat.state === 'running' ? 'fill-act/35' : 'fill-act/12'}
                stroke="var(--act)"
                strokeWidth={1}
                strokeDasharray={on ? undefined : '4 3'}
              />
              {sanded > 0 && (
                <rect
                  x={left}
                  y={y(to)}
                  width={bar}
                  height={Math.min(sanded, to - from) * scale}
                  className="fill-care/50"
                  stroke="var(--care)"
                  strokeDasharray="2 2"
                />
              )}
              {Math.abs((named[i] as number) - y((from + to) / 2) - 4) > 3 && (
                <path
                  d={`M${left + bar} ${y((from + to) / 2)} L${left + bar + 14} ${(named[i] as number) - 4}`}
                  stroke="var(--hairline)"
                />
              )}
              <text x={left + bar + 16} y={named[i]} className="fill-ink text-[12px]">
                {i + 1} {shortened(coat.coat.name.toLowerCase())} ·{' '}
                <Printed as="tspan" figure={coatFigure(work, 'coat.dry', coat.coat, coat.dry.aim)} />
                {sanded > 0 ? `, − ${written(amount('film', sanded), units)}` : ''}
                {on ? ' on' : ''}
              </text>
            </g>
          );
        })}
        {next && next.wet > 0 && (
          <g>
            <rect
              x={left + bar - 26}
              y={y(onDry + next.wet)}
              width={26}
              height={next.wet * scale}
              fill="none"
              stroke="var(--ink)"
              strokeDasharray="2 3"
            />
            <text
              x={left + bar - 30}
              y={y(onDry + next.wet) + 11}
              textAnchor="end"
              className="fill-ink text-[12px]"
              // The edge of a coat that lies just there stops short of the letters.
              stroke="var(--sheet)"
              strokeWidth={4}
              paintOrder="stroke"
            >
              wet <Printed as="tspan" figure={coatFigure(work, 'coat.wet', next.coat, next.wet)} />
            </text>
          </g>
        )}
        <g stroke="var(--good)" strokeWidth={2}>
          <line x1={left + bar + 7} x2={left + bar + 7} y1={y(min)} y2={y(max)} />
          <line x1={left + bar + 3} x2={left + bar + 11} y1={y(min)} y2={y(min)} />
          <line x1={left + bar + 3} x2={left + bar + 11} y1={y(max)} y2={y(max)} />
        </g>
        {measured !== undefined && (
          <g>
            <line
              x1={left - 6}
              x2={left + bar + 11}
              y1={y(measured)}
              y2={y(measured)}
              stroke="var(--ink)"
              strokeWidth={2}
            />
            <text x={left + 4} y={y(measured) - 4} className="fill-ink text-[12px] font-bold">
              measured <Printed as="tspan" figure={jobFigure(work, 'film.measured', measured)} />
            </text>
          </g>
        )}
        <rect x={left} y={floor} width={bar} height={baseHeight} fill="var(--wood)" />
        <text x={left + bar + 16} y={floor + 14} className="fill-ink-soft text-[12px]">
          {substrate.toLowerCase()}
        </text>
      </svg>
      <p className="text-xs text-ink-soft">
        Green bar:{' '}
        <Printed figure={jobFigure(work, 'film.least', min)} to={jobFigure(work, 'film.most', max)} /> dry may
        stay of all coats, <Printed figure={jobFigure(work, 'film.stays', stays)} /> is planned.
      </p>
    </figure>
  );
}
