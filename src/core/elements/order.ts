/** Something to be coated, and what it is coated with: what is alike is done without a change between. */
export interface OrderedTask {
  readonly id: string;
  /** What is in hand for it: a gun with a tip, a roller, a brush. */
  readonly tool: string;
  /** s */
  readonly lasts: number;
  /** s since midnight before which it cannot begin; none where it always can. */
  readonly from?: number;
}

export interface Placed {
  readonly id: string;
  readonly tool: string;
  /** s since midnight: what is changed before it begins, when it begins, when it is on. */
  readonly change: number;
  readonly begins: number;
  readonly ends: number;
}

/** So many tools are tried in every order; beyond that, as they come. */
const triedAtMost = 7;

function orders<T>(of: readonly T[]): T[][] {
  if (of.length <= 1) return [[...of]];
  return of.flatMap((first, i) =>
    orders([...of.slice(0, i), ...of.slice(i + 1)]).map((rest) => [first, ...rest]),
  );
}

/**
 * The working order of a coat over several elements: all that one tool does in one go, tools in the order that is done
 * soonest, and among those the one with the least changing. Within a tool what can begin first comes first, else as given.
 *
 * @param change s from one tool to another; from none at the start
 * @param start s since midnight
 * @param day s since midnight between which is worked; what does not fit before its end is begun the next morning
 * Source: trade practice: edges and hollows before fields
 */
export function workingOrder(
  tasks: readonly OrderedTask[],
  change: (from: string | undefined, to: string) => number,
  start: number,
  day: { readonly begins: number; readonly ends: number },
): Placed[] {
  const tools = [...new Set(tasks.map(({ tool }) => tool))];
  const tried = tools.length <= triedAtMost ? orders(tools) : [tools];
  let best: { readonly placed: Placed[]; readonly ends: number; readonly changing: number } | undefined;
  for (const order of tried) {
    const placed = place(order, tasks, change, start, day);
    const ends = placed.at(-1)?.ends ?? start;
    const changing = placed.reduce((sum, each) => sum + each.change, 0);
    if (!best || ends < best.ends - 1 || (Math.abs(ends - best.ends) <= 1 && changing < best.changing))
      best = { placed, ends, changing };
  }
  return best?.placed ?? [];
}

const wholeDay = 86_400;

function place(
  order: readonly string[],
  tasks: readonly OrderedTask[],
  change: (from: string | undefined, to: string) => number,
  start: number,
  { begins: opens, ends: closes }: { readonly begins: number; readonly ends: number },
): Placed[] {
  const placed: Placed[] = [];
  let at = start;
  let held: string | undefined;
  for (const tool of order) {
    const own = tasks
      .filter((task) => task.tool === tool)
      .map((task, i) => ({ ...task, i }))
      .sort((a, b) => (a.from ?? 0) - (b.from ?? 0) || a.i - b.i);
    for (const { id, lasts, from = 0 } of own) {
      const changes = held === tool ? 0 : change(held, tool);
      let begins = Math.max(at + changes, from);
      const [today, clock] = [Math.floor(begins / wholeDay) * wholeDay, begins % wholeDay];
      if (clock < opens) begins = today + opens;
      // What would be half done at night waits for the morning; what fills more than a day is begun in it.
      else if (clock + lasts > closes && clock > opens) begins = today + wholeDay + opens;
      placed.push({ id, tool, change: changes, begins, ends: begins + lasts });
      at = begins + lasts;
      held = tool;
    }
  }
  return placed;
}
