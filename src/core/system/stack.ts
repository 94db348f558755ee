/** One coat of a stack: dry film aimed at and what of it is sanded off again, m. */
export interface StackCoat {
  readonly id: string;
  readonly dry: number;
  readonly sandBack: number;
  /** The sheet’s range for one coat of it, m. */
  readonly min: number;
  readonly max: number;
  /** A coating may not be sanded through into the one below. */
  readonly coating: string;
}

export interface StackTotal {
  /** m that stay, as aimed and within the tolerance of every coat. */
  readonly aim: number;
  readonly min: number;
  readonly max: number;
  /** m sprayed on, sanding not taken off. */
  readonly sprayed: number;
  /** Coats whose sanding cuts through everything of their coating, at the aim and at the least film. */
  readonly cutThrough: readonly {
    readonly id: string;
    readonly at: 'aim' | 'least';
    readonly left: number;
  }[];
}

/** Film that should stay under the paper where a coating is flatted, m. A default. */
export const leastLeft = 5e-6;

/** Totals of a stack, sanding taken off, and where sanding would go through. */
export function stackTotal(coats: readonly StackCoat[]): StackTotal {
  const cutThrough: { id: string; at: 'aim' | 'least'; left: number }[] = [];
  // Film of the coating that lies under the paper: it ends where another coating begins.
  let run = { coating: '', aim: 0, least: 0 };
  for (const { id, dry, sandBack, min, coating } of coats) {
    if (coating !== run.coating) run = { coating, aim: 0, least: 0 };
    const least = Math.min(min, dry);
    run = { coating, aim: run.aim + dry - sandBack, least: run.least + least - sandBack };
    if (sandBack <= 0) continue;
    if (run.aim < leastLeft) cutThrough.push({ id, at: 'aim', left: run.aim });
    else if (run.least < leastLeft) cutThrough.push({ id, at: 'least', left: run.least });
  }
  const sum = (of: (coat: StackCoat) => number) => coats.reduce((total, coat) => total + of(coat), 0);
  const sanded = sum(({ sandBack }) => sandBack);
  return {
    aim: sum(({ dry }) => dry) - sanded,
    min: Math.max(sum(({ dry, min }) => Math.min(dry, min)) - sanded, 0),
    max: sum(({ dry, max }) => Math.max(dry, max)) - sanded,
    sprayed: sum(({ dry }) => dry),
    cutThrough,
  };
}
