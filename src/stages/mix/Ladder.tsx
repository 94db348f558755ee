'use client';

import type { Part, Rung } from '@/core/mixing';
import { isRefusal } from '@/core/refusal';
import { potNow, type JobView } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';
import { massDigits } from '@/words/mix';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const height = 300;
const pot = { left: 20, width: 130, top: 14 };

/** One thing in the vessel, or about to be: how much, and where it stands. */
interface Layer {
  readonly part: Pick<Part, 'id' | 'name'>;
  readonly from: number;
  readonly to: number;
  readonly scale: number;
  readonly mass: number;
  readonly state: 'in' | 'next' | 'later';
  /** The share a dose truly has, and the most it may have. */
  readonly dose?: { readonly share: number; readonly maximum: number };
}

interface Props {
  /** kg of the next part that a live scale sees in the vessel already. */
  readonly pouring?: number;
}

/** The tall vessel with its cumulative marks: what is in, the next mark lit, what comes after. */
export function Ladder({ pouring = 0 }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const layers = layersOf(view);
  const digits = massDigits(view, units);
  if (layers.length === 0)
    return <p className="text-ink-soft">Nothing can be poured until the plan holds together.</p>;
  const full = layers.at(-1)?.to ?? 1;
  const now = potNow(view);
  // What coats took out of it is in it no more.
  const taken = now !== undefined && now.gone > 0 ? now : undefined;
  const y = (volume: number) => height - 6 - (volume / full) * (height - pot.top - 30);
  return (
    <div className="grid gap-5 sm:grid-cols-[170px_minmax(0,1fr)]">
      <svg viewBox={`0 0 170 ${height}`} className="mx-auto h-72" aria-hidden>
        {layers.map(({ part, from, to, state }, i) => (
          <rect
            key={`${part.id}${i}`}
            x={pot.left + 3}
            y={y(to)}
            width={pot.width - 6}
            height={y(from) - y(to)}
            className={
              state === 'in' && taken
                ? 'fill-act/8'
                : state === 'in'
                  ? i % 2
                    ? 'fill-act/80'
                    : 'fill-act/60'
                  : state === 'next'
                    ? 'fill-act/25'
                    : 'fill-act/8'
            }
            stroke={state === 'next' ? 'var(--act)' : 'none'}
            strokeDasharray="5 4"
          />
        ))}
        {taken && (
          <rect
            x={pot.left + 3}
            y={y(taken.left)}
            width={pot.width - 6}
            height={y(0) - y(taken.left)}
            className="fill-act/60"
            data-left
          />
        )}
        {layers.map(({ part, from, to, mass, state }) => {
          // As far as it is poured: past its mark it stands past its mark.
          const top = from + (to - from) * Math.min(Math.max(pouring / mass, 0), 1.3);
          return state === 'next' && pouring > 0 ? (
            <rect
              key={part.id}
              x={pot.left + 3}
              y={y(top)}
              width={pot.width - 6}
              height={y(from) - y(top)}
              className={pouring > mass * 1.01 ? 'fill-care' : 'fill-act'}
              data-filling
            />
          ) : null;
        })}
        <path
          d={`M${pot.left} ${pot.top} V${height - 3} H${pot.left + pot.width} V${pot.top}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={3}
        />
        {layers.map(({ part, to, state }, i) => (
          <line
            key={`${part.id}${i}`}
            x1={pot.left}
            x2={pot.left + (state === 'next' ? pot.width + 14 : 26)}
            y1={y(to)}
            y2={y(to)}
            stroke={state === 'next' ? 'var(--act)' : 'var(--ink)'}
            strokeWidth={state === 'next' ? 4 : 2}
          />
        ))}
      </svg>
      <div className="self-center">
        <ol className="flex flex-col-reverse justify-end gap-0 border-y border-hairline">
          {layers.map(({ part, scale, mass, to, state, dose }, i) => (
            <li
              key={`${part.id}${i}`}
              className={`grid grid-cols-[1fr_auto] items-baseline gap-x-4 border-b border-hairline px-3 py-3 first:border-b-0 ${state === 'next' ? 'border-l-4 border-l-act bg-act-wash' : ''}`}
            >
              <span className={state === 'next' ? 'font-bold' : ''}>
                {part.name}
                <span className="ml-2 text-sm text-ink-soft">
                  {state === 'in' ? '✓ in' : state === 'next' ? 'pour now' : 'then'}
                </span>
              </span>
              <span className="text-right text-xl font-bold">
                <Printed figure={figure(view, 'mix.scale', scale, { item: part.id })} {...digits} />
              </span>
              <span className="text-sm text-ink-soft">
                + <Printed figure={amount('mass', mass)} {...digits} />
                {dose &&
                  `, truly ${written(amount('share', dose.share), units, { digits: 2 })} of at most ${written(amount('share', dose.maximum), units, { digits: 2 })}`}
              </span>
              <span className="text-right text-sm text-ink-soft">
                mark <Printed figure={amount('volume', to)} />
              </span>
            </li>
          ))}
        </ol>
        {taken && (
          <p className="mt-2 text-sm text-ink-soft">
            As it was mixed. About <Printed figure={figure(view, 'pot.left', taken.left)} /> is left by what
            the coats since took: an estimate.
          </p>
        )}
      </div>
    </div>
  );
}

function layersOf(view: JobView): Layer[] {
  const { mix } = view;
  const { batch, pouring, ladder, recipe } = mix;
  if (batch) return stack([...batch.poured, ...thinnerLayer(view)], []);
  if (pouring && !isRefusal(pouring.outcome) && !isRefusal(recipe)) {
    const inside = recipe
      .map((part, i) => ({ part, mass: pouring.poured[i] ?? 0 }))
      .filter(({ mass }) => mass > 0);
    return stack(inside, pouring.outcome.rest);
  }
  return isRefusal(ladder) ? [] : stack([], ladder);
}

function thinnerLayer({ mix: { batch }, thin: { thinner } }: JobView) {
  return batch && thinner && batch.thinner > 0
    ? [{ part: { ...thinner, parts: 1, volumeSolids: 0 }, mass: batch.thinner }]
    : [];
}

function stack(inside: readonly { part: Part; mass: number }[], rest: readonly Rung[]): Layer[] {
  let volume = 0;
  let scale = 0;
  const layer = (part: Part, mass: number, state: Layer['state']): Layer => {
    const from = volume;
    volume += mass / part.density;
    scale += mass;
    return { part, mass, scale, from, to: volume, state };
  };
  return [
    ...inside.map(({ part, mass }) => layer(part, mass, 'in')),
    ...rest.map(({ part, mass, share }, i) => ({
      ...layer(part, mass, i === 0 ? 'next' : 'later'),
      ...(share !== undefined && part.cap ? { dose: { share, maximum: part.cap.maximum } } : {}),
    })),
  ];
}
