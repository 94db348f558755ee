/** How a reading compares with what a sheet states. */
export interface Score {
  readonly stated: number;
  readonly right: number;
  /** Facts that are read otherwise than stated, or that are not stated. */
  readonly wrong: readonly string[];
  readonly missed: readonly string[];
}

type Json = unknown;

const isObject = (value: Json): value is Record<string, Json> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** One fact against another: numbers within 2 %, temperatures within half a degree, what is null in the truth is not asked. */
function same(truth: Json, read: Json): boolean {
  if (truth === null) return true;
  if (typeof truth === 'number')
    return (
      typeof read === 'number' &&
      Math.abs(truth - read) <=
        (truth > 200 && truth < 400 && read > 200 ? 0.6 : 0.025 * Math.abs(truth) + 1e-12)
    );
  if (typeof truth === 'string')
    return typeof read === 'string' && truth.toLowerCase() === read.toLowerCase();
  if (Array.isArray(truth))
    return (
      Array.isArray(read) && truth.length === read.length && truth.every((each, i) => same(each, read[i]))
    );
  if (isObject(truth))
    return (
      isObject(read) &&
      Object.entries(truth).every(
        ([key, value]) =>
          same(value, read[key]) &&
          !(
            value === null &&
            key !== 'temperature' &&
            read[key] !== null &&
            read[key] !== undefined &&
            key !== 'by' &&
            key !== 'of'
          ),
      )
    );
  return truth === read;
}

/** Every fact counts once; of guns each field of each gun, of hazards each one. */
export function score(truth: Record<string, Json>, read: Record<string, Json>): Score {
  let [stated, right] = [0, 0];
  const wrong: string[] = [];
  const missed: string[] = [];
  const judge = (name: string, a: Json, b: Json) => {
    const [said, got] = [a !== null && a !== undefined, b !== null && b !== undefined];
    if (said) stated += 1;
    if (said && got && same(a, b)) right += 1;
    else if (got) wrong.push(`${name}: ${JSON.stringify(b)} for ${JSON.stringify(a ?? null)}`);
    else if (said) missed.push(`${name}: ${JSON.stringify(a)}`);
  };
  for (const key of Object.keys(truth)) {
    const [a, b] = [truth[key], read[key]];
    if (key === 'guns') {
      const [mine, theirs] = [(a ?? []) as Record<string, Json>[], (b ?? []) as Record<string, Json>[]];
      for (const gun of mine) {
        const other = theirs.find((each) => each.atomising === gun.atomising && each.feed === gun.feed);
        for (const field of Object.keys(gun))
          judge(`${String(gun.atomising)} ${field}`, gun[field], other?.[field]);
      }
      for (const gun of theirs)
        if (!mine.some((each) => each.atomising === gun.atomising && each.feed === gun.feed))
          wrong.push(`gun ${String(gun.atomising)} ${JSON.stringify(gun)}`);
    } else if (key === 'hazards') {
      const [mine, theirs] = [(a ?? []) as string[], (b ?? []) as string[]];
      for (const each of new Set([...mine, ...theirs]))
        judge(`hazard ${each}`, mine.includes(each) ? each : null, theirs.includes(each) ? each : null);
    } else judge(key, a, b);
  }
  return { stated, right, wrong, missed };
}
