import type { Wording } from '@/words/figures';

/** A chart of readings in order, m, drawn the same on paper and on screen. */
export interface ReportChart {
  readonly values: readonly number[];
  readonly min: number;
  readonly max: number;
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  /** What its lines are, in the user’s units. */
  readonly says: Readonly<Record<'min' | 'max' | 'mean' | 'low' | 'high', string>>;
}

export interface ReportSection {
  readonly title: string;
  readonly facts?: readonly (readonly [label: string, value: Wording])[];
  /** The first row is its head. */
  readonly table?: readonly (readonly Wording[])[];
  readonly lines?: readonly string[];
  readonly chart?: ReportChart;
  readonly photos?: readonly ReportPhoto[];
}

export interface ReportPhoto {
  /** The photo whose picture it is. */
  readonly id: string;
  readonly width: number;
  readonly height: number;
  readonly says: string;
  readonly marks: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}

/** A job’s record as it goes to whoever asks: what was planned, what was done, and what nobody recorded. */
export interface Report {
  readonly title: string;
  readonly under: string;
  readonly sections: readonly ReportSection[];
  readonly foot: string;
}

/** Where each value of a chart lies in a box, from its lower left corner, and its lines. */
export function chartPoints(
  { values, min, max, low, high, mean, says }: ReportChart,
  width: number,
  height: number,
  /** How far the words of its lines keep from each other. */
  gap = 10,
) {
  const all = [...values, min, max, low, high];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const y = (value: number) => (most > least ? ((value - least) / (most - least)) * height : height / 2);
  const x = (i: number) => (values.length > 1 ? (i / (values.length - 1)) * width : width / 2);
  return {
    points: values.map((value, i) => [x(i), y(value)] as const),
    limits: [y(min), y(max)] as const,
    control: [y(low), y(high)] as const,
    mean: y(mean),
    marks: apart(
      [
        { at: y(min), says: says.min },
        { at: y(max), says: says.max },
        { at: y(mean), says: says.mean },
        { at: y(low), says: says.low },
        { at: y(high), says: says.high },
      ],
      gap,
    ),
  };
}

interface ChartMark {
  readonly at: number;
  readonly says: string;
}

/** Words beside the lines they name, moved up where one would lie on another. */
function apart(marks: readonly ChartMark[], gap: number): ChartMark[] {
  let free = -Infinity;
  return [...marks]
    .sort((a, b) => a.at - b.at)
    .map(({ at, says }) => {
      const own = Math.max(at, free);
      free = own + gap;
      return { at: own, says };
    });
}
