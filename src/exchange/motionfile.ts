import Papa from 'papaparse';
import type { MotionSample } from '@/core/motion';
import { refuse, type Outcome } from '@/core/refusal';

const columns = ['t', 'ax', 'ay', 'az', 'wx', 'wy', 'wz'] as const;
/** A quarter of an hour at 100 Hz, and some. */
const mostSamples = 120_000;
const mostBytes = 16 * 1024 * 1024;

const rowOf = ({ t, a, w }: MotionSample): number[] => [t, ...a, ...w];

/** A recording as a table: s, m/s² with gravity in it, rad/s, in the phone’s own axes. */
export const motionCsv = (samples: readonly MotionSample[]): string =>
  Papa.unparse({ fields: [...columns], data: samples.map(rowOf) }, { newline: '\n' });

/** The same as JSON. */
export const motionJson = (samples: readonly MotionSample[]): string =>
  JSON.stringify({ format: 'fluorite-motion', version: 1, columns, samples: samples.map(rowOf) });

const sampleOf = (row: readonly unknown[]): MotionSample | undefined => {
  const numbers = columns.map((_each, i) => (row[i] === '' || row[i] === null ? NaN : Number(row[i])));
  const [t = NaN, ax = NaN, ay = NaN, az = NaN, wx = NaN, wy = NaN, wz = NaN] = numbers;
  return numbers.every(Number.isFinite) ? { t, a: [ax, ay, az], w: [wx, wy, wz] } : undefined;
};

/** @returns refuses a table without these columns, and one with more than a quarter of an hour in it */
function fromRows(rows: readonly (readonly unknown[])[]): Outcome<MotionSample[]> {
  if (rows.length > mostSamples)
    return refuse('too-many', 'That is more than a quarter of an hour of motion: record one face at a time.');
  const samples = rows.flatMap((row) => sampleOf(row) ?? []);
  // A few rows that were cut off are nothing; a table of something else is.
  return samples.length > 0 && samples.length >= rows.length * 0.9
    ? samples
    : refuse('no-motion', `A recording has the columns ${columns.join(', ')}, all numbers.`);
}

/** Reads a recording that was taken out, as a table or as JSON. Whatever else it is, is refused. */
export function readMotion(text: string): Outcome<MotionSample[]> {
  if (text.length > mostBytes) return refuse('too-large', 'The file is larger than any recording of a face.');
  if (text.trimStart().startsWith('{')) {
    let said: unknown;
    try {
      said = JSON.parse(text);
    } catch {
      return refuse('not-json', 'The file is cut off or is no recording.');
    }
    const { format, version, samples } = (said ?? {}) as Record<string, unknown>;
    if (format !== 'fluorite-motion' || version !== 1 || !Array.isArray(samples))
      return refuse('no-motion', 'That is a file of something else.');
    return fromRows(samples.map((row: unknown) => (Array.isArray(row) ? row : [])));
  }
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  const [head, ...rows] = data;
  const places = columns.map((name) => head?.findIndex((each) => each.trim().toLowerCase() === name) ?? -1);
  if (places.some((at) => at < 0))
    return refuse('no-motion', `A recording has the columns ${columns.join(', ')}, all numbers.`);
  return fromRows(rows.map((row) => places.map((at) => row[at] ?? '')));
}
