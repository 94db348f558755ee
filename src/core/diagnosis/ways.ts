import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import type { CureStage } from './rework';
import type { ReworkKind } from './defects';

/** Ways to put a fault right on the piece it is on. */
export const ways = [
  'leave',
  'wipe-off',
  'flow-out',
  'cover',
  'polish',
  'spot-blend',
  'whole-face',
  'strip',
] as const;
export type Way = (typeof ways)[number];

/** Why a way is not open. */
export type Shut =
  | 'not-wet'
  | 'still-wet'
  | 'not-hard'
  | 'not-glossy'
  | 'no-coat-to-come'
  | 'does-not-heal'
  | 'does-not-blend'
  | 'too-thin'
  | 'too-thick'
  | 'goes-deeper'
  | 'cannot-stay';

export interface ReworkAsked {
  readonly kind: ReworkKind;
  readonly stage: CureStage;
  /** m dry: film there is, and what it may be. */
  readonly film: number;
  readonly spec: { readonly min: number; readonly aim: number; readonly max: number };
  /** m that levelling the fault takes off. */
  readonly off: number;
  /** m dry of one coat more, and how many coats a fresh start of this layer takes. */
  readonly coat: number;
  readonly coats: number;
  /** Coats of the layer still to come. */
  readonly toCome: boolean;
  /** A texture was dry and rough: that does not heal under the next coat. */
  readonly dryTexture?: boolean;
  readonly blendable: boolean;
  /** Gloss, clear or solid: nothing else is polished. */
  readonly glossy: boolean;
  /** s from now until it is hard enough to sand, until it is cured, and between two coats. */
  readonly hardIn: number;
  readonly curedIn: number;
  readonly between: number;
  /** m² of the fault, and of the whole faces it is on. */
  readonly spot: number;
  readonly face: number;
  /** m³ of mix that lay a metre of dry film on a square metre: 1 ÷ solids ÷ transfer. */
  readonly mixPerFilm: number;
  /** Currency units a m³ of mix, and a second of hands. */
  readonly price?: number;
  readonly labour?: number;
}

export interface WaySeen {
  readonly way: Way;
  /** Why it is not open; undefined where it is. */
  readonly shut?: Shut;
  /** m dry that then stand. */
  readonly film: number;
  /** s of work, a default by the square metre, and s from now until it is done and hard. */
  readonly hands: number;
  readonly calendar: number;
  /** m³ of mix it takes. */
  readonly mix: number;
  /** What that and the hands cost; of what nobody priced, nothing. */
  readonly cost?: number;
  readonly unpriced: readonly ('paint' | 'hands')[];
  /** How likely it is to be seen, or to go wrong: 0–1, a judgement of the trade. */
  readonly risk: number;
  /** Papers in their order. */
  readonly papers: readonly string[];
}

/** Infinity less itself is no number. */
const compare = (a: number, b: number): number => (a === b ? 0 : a - b);

/** s a square metre, and s to begin with: defaults. */
const work = { wipe: 300, flat: 600, polish: 2400, spray: 60, strip: 2700, ready: 600 };
/** Papers by what they are for. */
const papers: Partial<Record<Way, readonly string[]>> = {
  polish: ['P1500', 'P2000', 'P3000', 'compound'],
  'spot-blend': ['P600', 'P1000 around it'],
  'whole-face': ['P400', 'P600'],
};

/**
 * What flatting before a coat takes off, m: what levels the fault, and more where the coat would end over the most; never
 * more than there is.
 *
 * Source: trade practice, rates defaults
 * @example flattedOff({ film: 0.00006, off: 0.00001, coat: 0.00004, spec: { min: 0.00005, nominal: 0.00007, max: 0.00008 } }) → 0.00002
 */
export const flattedOff = ({
  film,
  off,
  coat,
  spec,
}: Pick<ReworkAsked, 'film' | 'off' | 'coat' | 'spec'>): number =>
  Math.min(Math.max(off, film + coat - spec.max), film);

/** Faults whose ground lies below the coat: nothing done to its surface reaches them. */
const deep: readonly ReworkKind[] = ['adhesion', 'cure', 'rust'];
const smooth: readonly ReworkKind[] = ['surface', 'sag', 'haze', 'gun'];

const shutFor = (way: Way, asked: ReworkAsked, film: number): Shut | undefined => {
  const { kind, stage, spec, toCome, dryTexture, blendable, glossy } = asked;
  const wet = stage === 'wet';
  const hard = stage === 'dry' || stage === 'cured';
  if (deep.includes(kind) && way !== 'strip' && way !== 'wipe-off')
    return way === 'leave' ? 'cannot-stay' : 'goes-deeper';
  switch (way) {
    case 'leave':
      return kind === 'crater' || kind === 'bubble'
        ? 'cannot-stay'
        : film < spec.min
          ? 'too-thin'
          : undefined;
    case 'wipe-off':
      return wet ? undefined : 'not-wet';
    case 'flow-out':
      return wet ? (kind === 'surface' ? undefined : 'does-not-heal') : 'not-wet';
    case 'cover':
      return !toCome
        ? 'no-coat-to-come'
        : kind === 'thin' || kind === 'colour' || (kind === 'surface' && !dryTexture)
          ? film > spec.max
            ? 'too-thick'
            : undefined
          : 'does-not-heal';
    case 'polish':
      return stage !== 'cured'
        ? wet
          ? 'still-wet'
          : 'not-hard'
        : !glossy
          ? 'not-glossy'
          : !smooth.includes(kind)
            ? 'goes-deeper'
            : film < spec.min
              ? 'too-thin'
              : undefined;
    case 'spot-blend':
    case 'whole-face':
      return !hard
        ? wet
          ? 'still-wet'
          : 'not-hard'
        : way === 'spot-blend' && !blendable
          ? 'does-not-blend'
          : film > spec.max
            ? 'too-thick'
            : film < spec.min
              ? 'too-thin'
              : undefined;
    case 'strip':
      return wet ? 'still-wet' : undefined;
  }
};

/** m dry that stand after a way; never less than none. */
function filmAfter(way: Way, asked: ReworkAsked): number {
  const { film, off, coat, coats } = asked;
  if (way === 'wipe-off' || way === 'strip') return coat * coats;
  if (way === 'cover' || way === 'flow-out') return film + (way === 'cover' ? coat : 0);
  if (way === 'polish') return Math.max(film - off, 0);
  if (way === 'spot-blend' || way === 'whole-face') return film - flattedOff(asked) + coat;
  return film;
}

const risks: Record<Way, number> = {
  leave: 0.6,
  'wipe-off': 0.15,
  'flow-out': 0.4,
  cover: 0.3,
  polish: 0.15,
  'spot-blend': 0.35,
  'whole-face': 0.15,
  strip: 0.2,
};

/** A texture goes by itself as often as not; what cannot be left and is left stays. */
const riskOf = (way: Way, { kind, stage }: ReworkAsked): number =>
  way === 'leave' && kind === 'surface' && stage === 'wet' ? 0.4 : risks[way];

function timesOf(
  way: Way,
  asked: ReworkAsked,
): { hands: number; calendar: number; sprayed: number; area: number } {
  const { face, spot, coats, between, hardIn, curedIn, stage } = asked;
  const again = coats * (work.spray * face + work.ready) + (coats - 1) * between;
  const flatIn = stage === 'dry' || stage === 'cured' ? 0 : hardIn;
  switch (way) {
    case 'leave':
      return { hands: 0, calendar: 0, sprayed: 0, area: 0 };
    case 'wipe-off': {
      const hands = work.ready + work.wipe * face + coats * (work.spray * face + work.ready);
      return { hands, calendar: work.wipe * face + between + again + curedIn, sprayed: coats, area: face };
    }
    case 'flow-out':
      return { hands: work.ready / 5, calendar: curedIn, sprayed: 0, area: 0 };
    case 'cover':
      return { hands: 0, calendar: between + curedIn, sprayed: 0, area: 0 };
    case 'polish': {
      const hands = work.ready + work.polish * spot;
      return { hands, calendar: curedIn + hands, sprayed: 0, area: 0 };
    }
    case 'spot-blend':
    case 'whole-face': {
      const area = way === 'spot-blend' ? Math.min(4 * spot, face) : face;
      const hands = 2 * work.ready + (work.flat + work.spray) * area;
      return { hands, calendar: flatIn + hands + curedIn, sprayed: 1, area };
    }
    case 'strip': {
      const hands = 2 * work.ready + work.strip * face + coats * (work.spray * face + work.ready);
      return { hands, calendar: work.strip * face + again + curedIn, sprayed: coats, area: face };
    }
  }
}

/** What a way costs in paint and hands, as far as they are priced, and what of it is not. */
function costOf(
  { price, labour }: Pick<ReworkAsked, 'price' | 'labour'>,
  mix: number,
  hands: number,
): Pick<WaySeen, 'cost' | 'unpriced'> {
  const unpriced = [
    ...(mix > 0 && price === undefined ? (['paint'] as const) : []),
    ...(hands > 0 && labour === undefined ? (['hands'] as const) : []),
  ];
  return price === undefined && labour === undefined
    ? { unpriced }
    : { cost: mix * (price ?? 0) + hands * (labour ?? 0), unpriced };
}

/**
 * Every way to put a fault right, with what each leaves of film, takes of hands, days and paint, and how sure it is. Ways
 * that are open come first, the surest and quickest first; those that are not say why.
 *
 * @returns refuses lengths, areas and shares that are not above nought
 * Source: the trade’s judgement; minutes a square metre and what comes off are defaults.
 */
export function waysCompared(asked: ReworkAsked): Outcome<readonly WaySeen[]> {
  const wrong = refuseUnlessPositive({
    film: asked.film,
    'film taken off': asked.off,
    'film of a coat': asked.coat,
    'area of the fault': asked.spot,
    'area of the faces': asked.face,
    'mix for a film': asked.mixPerFilm,
  });
  if (wrong) return wrong;
  if (asked.spot > asked.face)
    return refuse('area', 'A fault is no larger than the faces it is on: enter the faces it reaches over.');
  return ways
    .map((way): WaySeen => {
      const film = filmAfter(way, asked);
      const shut = shutFor(way, asked, film);
      const { hands, calendar, sprayed, area } = timesOf(way, asked);
      const mix = sprayed * area * asked.coat * asked.mixPerFilm;
      return {
        ...{ way, film, hands, calendar, mix },
        ...(shut ? { shut } : {}),
        ...costOf(asked, mix, hands),
        risk: riskOf(way, asked),
        papers: papers[way] ?? [],
      };
    })
    .sort(
      (a, b) =>
        Number(a.shut !== undefined) - Number(b.shut !== undefined) ||
        compare(worth(a, asked), worth(b, asked)) ||
        ways.indexOf(a.way) - ways.indexOf(b.way),
    );
}

/**
 * s that a way costs in all: its hands, a little of the days it blocks, and what it costs to do it again. To leave what
 * does not go by itself mends nothing: it comes last of what is open.
 */
const worth = ({ way, hands, calendar, risk }: WaySeen, { kind, stage }: ReworkAsked): number =>
  way === 'leave' && !(kind === 'surface' && stage === 'wet')
    ? Infinity
    : hands + calendar / 500 + risk * (7200 + hands);
