/** What was missed in a coat that has begun to set, and what can still mend it. */
export interface MissedWords {
  readonly what: string;
  readonly mends: string;
}

/**
 * @param next is another coat of the same product to come?
 * @param flake does the coat carry flake?
 */
export function missedWords(next: boolean, flake: boolean): MissedWords[] {
  const list: (MissedWords | false)[] = [
    {
      what: 'A thin place',
      mends: next
        ? 'Begin the next coat there, a stroke more than elsewhere.'
        : 'Measure it when it is dry; one more coat inside the window, or it stays.',
    },
    {
      what: 'A dry, rough place',
      mends: next
        ? 'The next coat wets it out if it goes on full; denib first where the sheet lets you.'
        : 'Let it cure, flat it, and coat or polish as its sheet allows.',
    },
    flake && {
      what: 'A dark or light cloud',
      mends: next
        ? 'A tone error, not a colour one: dark lay wet and heavy, light lay dry. A drop coat, even and from further off, mends it.'
        : 'A tone error: dark lay wet and heavy, light lay dry. Plan a drop coat before the clear goes on; under clear it stays.',
    },
    {
      what: 'A run or a sag',
      mends:
        'Leave it. Wiped wet it is twice as large: let it harden through, plane it down, sand it, coat again.',
    },
    {
      what: 'A hair or a fly',
      mends: 'Lift it with tape only if it stands clear of the film; else let it harden and denib.',
    },
  ];
  return list.filter((each) => each !== false);
}

/** How uneven film shows where flake lies in it. */
export const flakeTone =
  'Flake shows uneven film as tone: where it lies wet and heavy it is darker, where it lies dry it is lighter. Under clear it stays.';
