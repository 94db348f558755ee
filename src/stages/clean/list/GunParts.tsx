import { soaking, type CleaningStepId, type GunFamily } from '@/core/care';

interface Drawn {
  readonly id: string;
  readonly name: string;
  /** Top left corner and size in the drawing. */
  readonly box: readonly [x: number, y: number, width: number, height: number];
  readonly path: string;
  readonly soaks: boolean;
  /** Where its name begins, when not under it. */
  readonly label?: readonly [x: number, y: number];
}

/** Parts pulled apart along the needle's line, in the order they come off. */
const airParts = (family: GunFamily): Drawn[] => [
  {
    id: 'cap',
    name: 'cap',
    box: [4, 74, 26, 44],
    path: 'M4 82 l10 -8 v10 l16 4 v16 l-16 4 v10 l-10 -8 z',
    soaks: true,
  },
  {
    id: 'nozzle',
    name: 'nozzle',
    box: [42, 84, 24, 24],
    path: 'M42 93 l8 -5 h16 v16 h-16 l-8 -5 z',
    soaks: true,
  },
  {
    id: 'body',
    name: 'body',
    box: [80, 78, 70, 74],
    path: 'M80 80 h70 v30 h-16 l-8 42 h-26 l6 -42 h-26 z',
    soaks: false,
  },
  { id: 'packing', name: 'packing', box: [158, 86, 14, 20], path: 'M158 86 h14 v20 h-14 z', soaks: false },
  {
    id: 'needle',
    name: 'needle',
    box: [180, 90, 66, 12],
    path: 'M180 96 l12 -4 h48 v-3 h6 v14 h-6 v-3 h-48 z',
    soaks: true,
  },
  ...(family === 'gravity'
    ? [
        {
          id: 'cup',
          name: 'cup',
          box: [88, 24, 50, 44],
          path: 'M88 24 h50 l-8 40 h-34 z',
          soaks: true,
          label: [144, 48],
        } as const,
        {
          id: 'lid',
          name: 'lid, vent',
          box: [86, 8, 54, 10],
          path: 'M86 10 h54 v7 h-54 z',
          soaks: false,
          label: [146, 17],
        } as const,
      ]
    : family === 'remote'
      ? [
          {
            id: 'hose',
            name: 'hose',
            box: [60, 128, 30, 40],
            path: 'M96 128 q-40 0 -36 40 h5 q-2 -35 31 -35 z',
            soaks: false,
          } as const,
        ]
      : [
          {
            id: 'lid',
            name: 'lid, gasket',
            box: [30, 126, 54, 9],
            path: 'M30 126 h54 v8 h-54 z',
            soaks: false,
          } as const,
          {
            id: 'cup',
            name: 'cup',
            box: [34, 140, 46, 36],
            path: 'M34 140 h46 v36 h-46 z',
            soaks: true,
          } as const,
        ]),
  ...(family === 'pressure-cup'
    ? [
        {
          id: 'check',
          name: 'check valve',
          box: [6, 138, 20, 18],
          path: 'M6 138 h20 v8 l-10 10 l-10 -10 z',
          soaks: false,
        } as const,
      ]
    : []),
];

// prettier-ignore
const airlessParts: Drawn[] = [
  { id: 'tip', name: 'tip, seat', box: [0, 44, 26, 24], path: 'M0 52 l8 -6 h18 v20 h-18 l-8 -6 z', soaks: true },
  { id: 'guard', name: 'guard', box: [38, 34, 18, 44], path: 'M56 34 l-18 9 v26 l18 9 v-13 h-6 v-18 h6 z', soaks: true },
  { id: 'body', name: 'gun', box: [70, 40, 66, 68], path: 'M70 42 h66 v24 h-18 l-8 42 h-24 l6 -42 h-22 z', soaks: false, label: [140, 52] },
  { id: 'filter', name: 'filter', box: [146, 62, 13, 42], path: 'M146 62 h13 v42 h-13 z', soaks: true },
  { id: 'pump', name: 'pump', box: [196, 84, 52, 74], path: 'M196 108 h13 v-24 h26 v24 h13 v50 h-52 z', soaks: false },
  { id: 'hose', name: 'hose', box: [98, 142, 60, 22], path: 'M95 112 v16 q0 26 30 26 h66 v-6 h-64 q-25 0 -25 -20 v-16 z', soaks: false },
];

/** Which parts a step is about. */
const about: Partial<Record<CleaningStepId, readonly string[]>> = {
  empty: ['cup', 'pump'],
  rinse: ['cup', 'lid', 'hose'],
  soften: ['cup', 'body', 'hose'],
  flush: ['body', 'nozzle', 'hose', 'pump'],
  second: ['body', 'nozzle', 'hose', 'pump'],
  'tip-off': ['tip', 'guard'],
  tip: ['tip'],
  strip: ['cap', 'needle', 'nozzle'],
  wipe: ['cap', 'needle', 'nozzle'],
  passages: ['body', 'packing', 'lid'],
  vent: ['lid'],
  'check-valve': ['check'],
  hose: ['hose'],
  filters: ['filter'],
  grease: ['needle', 'packing', 'pump'],
  store: ['cup', 'body', 'pump'],
  prove: ['nozzle', 'body'],
  'mid-wipe': ['cap', 'tip', 'guard'],
  'mid-cover': ['cup', 'lid', 'pump'],
  'fit-nozzle': ['nozzle'],
  'fit-needle': ['needle'],
  'fit-packing': ['packing'],
  'fit-cap': ['cap'],
  'fit-tube': ['cup'],
  'fit-pot': ['hose'],
  'fit-knobs': ['needle'],
  'fit-filter': ['filter'],
  'fit-seat': ['tip'],
  'fit-guard': ['guard'],
  'fit-tighten': ['guard'],
};

/** The gun pulled apart: what this step is about is filled, what never goes into solvent is hatched. */
export function GunParts({ family, step }: { readonly family: GunFamily; readonly step: CleaningStepId }) {
  const parts = family === 'airless' ? airlessParts : airParts(family);
  const lit = parts.filter(({ id }) => about[step]?.includes(id));
  const never = soaking(family).filter(({ may }) => !may);
  return (
    <figure className="min-w-0">
      <svg
        viewBox="-16 0 278 190"
        width={278}
        className="block max-w-full"
        role="img"
        aria-label={`The gun pulled apart${lit.length ? `; this step: ${lit.map(({ name }) => name).join(', ')}` : ''}.`}
      >
        <defs>
          <pattern
            id="never-soaked"
            width="5"
            height="5"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d="M0 0 V5" className="stroke-ink-soft" strokeWidth="1.2" />
          </pattern>
        </defs>
        <path
          d={family === 'airless' ? 'M-8 56 H70' : 'M0 96 H250'}
          className="stroke-hairline"
          strokeDasharray="3 3"
        />
        {parts.map(({ id, name, box: [x, y, width, height], path, soaks, label }) => {
          const now = lit.some((each) => each.id === id);
          return (
            <g key={id}>
              <path
                d={path}
                className={now ? 'fill-act stroke-act' : 'fill-sheet stroke-ink'}
                strokeWidth={now ? 2 : 1.3}
              />
              {!soaks && !now && <path d={path} fill="url(#never-soaked)" />}
              <text
                x={label?.[0] ?? x + width / 2}
                y={label?.[1] ?? Math.min(y + height + 11, 187)}
                textAnchor={label ? 'start' : 'middle'}
                className={`text-[12.5px] ${now ? 'fill-act font-bold' : 'fill-ink-soft'}`}
              >
                {name}
              </text>
            </g>
          );
        })}
      </svg>
      <figcaption className="text-xs text-ink-soft">
        Hatched, and never into solvent:{' '}
        {never
          .map(({ part }) => part.toLowerCase())
          .slice(0, 3)
          .join(', ')}
        .
      </figcaption>
    </figure>
  );
}
