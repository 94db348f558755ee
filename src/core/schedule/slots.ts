/** A step of the day: may one spray now, and is a wet film safe from dew now? */
export interface Quarter {
  /** s since midnight. */
  readonly at: number;
  readonly fits: boolean;
  readonly dry: boolean;
}

export interface Span {
  readonly from: number;
  readonly to: number;
}

/**
 * When a face may be begun: everything fits from the first stroke to the last, and no dew falls until the film is safe.
 *
 * @param quarters evenly apart over a whole day, which is taken to repeat
 * @param lasts s of spraying
 * @param safeAfter s from the last stroke until dew no longer marks it
 * Source: definition
 */
export function startsIn(quarters: readonly Quarter[], lasts: number, safeAfter: number): Span[] {
  const [first, second] = quarters;
  if (!first || !second) return [];
  const step = second.at - first.at;
  const n = quarters.length;
  const all = (from: number, seconds: number, test: (quarter: Quarter) => boolean): boolean => {
    const steps = Math.max(Math.ceil(seconds / step), 1);
    // What takes longer than a day never fits into one.
    if (steps > n) return false;
    for (let i = 0; i < steps; i += 1) if (!test(quarters[(from + i) % n] as Quarter)) return false;
    return true;
  };
  const spans: Span[] = [];
  quarters.forEach(({ at }, i) => {
    if (!all(i, lasts, ({ fits }) => fits) || !all(i, lasts + safeAfter, ({ dry }) => dry)) return;
    const before = spans.at(-1);
    if (before && Math.abs(before.to - at) < 1) spans[spans.length - 1] = { ...before, to: at + step };
    else spans.push({ from: at, to: at + step });
  });
  return spans;
}

export interface FaceSlots {
  readonly id: string;
  readonly spans: readonly Span[];
  readonly lasts: number;
}

/**
 * In which order faces are sprayed, one after the other: of those that may be begun, the one whose chance is over first. A
 * face that finds no time is left out.
 *
 * @param from s since midnight
 * Source: definition
 */
export function orderOfFaces(
  faces: readonly FaceSlots[],
  from: number,
): { readonly id: string; readonly start: number }[] {
  const left = [...faces];
  const order: { id: string; start: number }[] = [];
  let at = from;
  while (left.length > 0) {
    const open = left
      .flatMap((face) => {
        const span = face.spans.find(({ to }) => to > at);
        return span
          ? [{ face, begins: Math.max(span.from, at), ends: face.spans.at(-1)?.to ?? span.to }]
          : [];
      })
      .sort((a, b) => a.begins - b.begins || a.ends - b.ends);
    const soonest = open[0];
    if (!soonest) break;
    // Of those that can begin then, the one that cannot wait.
    const next = open
      .filter(({ begins }) => begins <= soonest.begins)
      .sort((a, b) => a.ends - b.ends)[0] as (typeof open)[number];
    order.push({ id: next.face.id, start: next.begins });
    at = next.begins + next.face.lasts;
    left.splice(left.indexOf(next.face), 1);
  }
  return order;
}
