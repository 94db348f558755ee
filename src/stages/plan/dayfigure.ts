import type { OrderOfWork as Plan, PlanQuestion } from '@/core/schedule';

/** A bar of the time axis, in s on the question’s scale. */
export interface Bar {
  readonly kind: 'coat' | 'work' | 'flash' | 'open' | 'shut' | 'settle' | 'rest' | 'pot';
  readonly from: number;
  readonly to: number;
  readonly coat: number;
}

/** The mix on the axis: s it rests, from when, and until when it may be used. */
export interface MixSpan {
  readonly mixed: number;
  readonly rested: number;
  readonly useBefore?: number;
}

export interface DayFigure {
  /** The mix first, under the name `mix`, where it has a rest or a life. */
  readonly rows: readonly { readonly piece: string; readonly bars: readonly Bar[] }[];
  readonly from: number;
  readonly to: number;
  /** s of the marks along the axis, and how many s apart. */
  readonly ticks: readonly number[];
  readonly every: number;
  /** Midnights in it, s. */
  readonly nights: readonly number[];
}

const hour = 3600;
const day = 24 * hour;
const steps = [0.25, 0.5, 1, 2, 4, 6, 12, 24].map((hours) => hours * hour);

/**
 * The plan as bars: each coat, its flash until the next may follow, the window that then stands open, what is
 * forbidden, and the time until the last can be handled. The axis has at most so many marks.
 */
export function dayFigure(
  { tasks, end }: Plan,
  { pieces, start }: PlanQuestion,
  mix?: MixSpan,
  most = 10,
): DayFigure {
  const coats = pieces.map(({ id, coats, handle }) => {
    const own = tasks.filter(({ piece }) => piece === id).sort((a, b) => a.coat - b.coat);
    const bars = own.flatMap((task): Bar[] => {
      const { then } = coats[task.coat] ?? {};
      const next = own.find(({ coat }) => coat === task.coat + 1);
      const kind = coats[task.coat]?.coating === undefined ? 'work' : 'coat';
      const begun = Math.min(task.start + (coats[task.coat]?.before ?? 0), task.end);
      const worked: Bar[] = [
        { kind: 'work', from: task.start, to: begun, coat: task.coat },
        { kind, from: begun, to: task.end, coat: task.coat },
      ];
      if (!then || !next)
        return handle > 0
          ? [...worked, { kind: 'settle', from: task.end, to: task.end + handle, coat: task.coat }]
          : worked;
      const opens = Math.min(task.end + then.opens, next.start);
      const shut = then.forbidden && {
        from: task.end + then.forbidden.from,
        to: Math.min(task.end + then.forbidden.to, next.start),
      };
      return [
        ...worked,
        { kind: 'flash', from: task.end, to: opens, coat: task.coat },
        {
          kind: 'open',
          from: opens,
          to: shut ? Math.min(shut.from, next.start) : next.start,
          coat: task.coat,
        },
        ...(shut && shut.to > shut.from ? [{ kind: 'shut' as const, ...shut, coat: task.coat }] : []),
      ];
    });
    return { piece: id, bars: bars.filter(({ from, to }) => to > from) };
  });
  const pot: Bar[] = mix
    ? [
        { kind: 'rest' as const, from: Math.max(mix.mixed, start), to: mix.rested, coat: -1 },
        ...(mix.useBefore === undefined
          ? []
          : [{ kind: 'pot' as const, from: Math.max(mix.rested, start), to: mix.useBefore, coat: -1 }]),
      ].filter(({ from, to }) => to > from)
    : [];
  const rows = pot.length > 0 ? [{ piece: 'mix', bars: pot }, ...coats] : coats;
  const last = Math.max(
    end,
    ...coats.flatMap(({ bars }) => bars.filter(({ kind }) => kind !== 'settle').map(({ to }) => to)),
  );
  const span = Math.max(last - start, hour / 4);
  const every = steps.find((step) => span / step <= most) ?? day * Math.ceil(span / day / most);
  const to = last + span * 0.06;
  const ticks: number[] = [];
  for (let at = Math.ceil(start / every) * every; at <= to; at += every) ticks.push(at);
  const nights: number[] = [];
  for (let at = Math.ceil(start / day) * day; at <= to; at += day) nights.push(at);
  return { rows, from: start, to, ticks, every, nights };
}
