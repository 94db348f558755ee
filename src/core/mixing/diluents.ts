import { cleanerFamily, type CleanerFamily } from '../care';

/** What a paint is, as far as what may be put into it goes. */
export type Binder =
  | 'gel-coat'
  | 'polyester-filler'
  | 'isocyanate'
  | 'water-isocyanate'
  | 'epoxy'
  | 'moisture-curing'
  | 'water-borne'
  | 'lacquer'
  | 'acid-etch'
  | 'alkyd'
  | 'solvent-base'
  | 'unknown';

/** Kinds of liquid a name or its figures give away. */
export type Diluent =
  'water' | 'alcohol' | 'acetone' | 'styrene' | 'lacquer-thinner' | 'spirits' | 'hardener';

/** What stands on a thinner’s tin. */
export interface NamedLiquid {
  readonly name: string;
  /** kg/m³ */
  readonly density: number;
  /** m²/s, where it is known. */
  readonly viscosity?: number;
  /** Volume share of water. */
  readonly water: number;
}

/** What cures or reacts is no thinner, unless its name says that it thins something that does. */
const reacts = /harden|härter|durcisseur|endurecedor|catalys|activator|peroxide|peroxyd|\bmekp\b/i;
const thins = /thinn|reduc|verd[uü]nn|dilu/i;

const families: Partial<Record<CleanerFamily, Diluent>> = {
  water: 'water',
  'gun-thinner': 'lacquer-thinner',
  'lacquer-thinner': 'lacquer-thinner',
  'paint-thinner': 'spirits',
  acetone: 'acetone',
  alcohol: 'alcohol',
  styrene: 'styrene',
};

/** Acetone, whatever its tin says: as light as alcohol and thinner than any other liquid of the trade. */
const acetoneLike = ({ density, viscosity }: NamedLiquid): boolean =>
  viscosity !== undefined && density > 780 && density < 800 && viscosity > 0.2e-6 && viscosity < 0.48e-6;

/**
 * What a liquid is: by its name, else by what it is made of.
 *
 * @example “Acetone, technical” and an unnamed one of 790 kg/m³ and 0.4 mm²/s are both acetone
 * Source: trade knowledge; a sheet outranks it
 * @example diluentOf({ id: 'styrene', name: 'Styrene', density: 906, viscosity: 8e-7, voc: 906, water: 0, exempt: 0 }) → 'styrene'
 */
export function diluentOf(liquid: NamedLiquid): Diluent | undefined {
  if (reacts.test(liquid.name) && !thins.test(liquid.name)) return 'hardener';
  const named = families[cleanerFamily(liquid.name)];
  if (named) return named;
  if (liquid.water >= 0.5) return 'water';
  return acetoneLike(liquid) ? 'acetone' : undefined;
}

/** Why a liquid may not go in. */
export type DiluentWhy =
  | 'gel-as-supplied'
  | 'peroxide-as-thinner'
  | 'stops-polyester'
  | 'other-part'
  | 'separates'
  | 'eats-hardener'
  | 'may-eat-hardener'
  | 'cures-in-tin'
  | 'curdles'
  | 'falls-out'
  | 'flashes-off'
  | 'unnamed';

export interface DiluentRefusal {
  readonly diluent: Diluent | 'any';
  /** Some may where the product’s own sheet names them; others never. */
  readonly never: boolean;
  readonly why: DiluentWhy;
}

type Rule = Partial<Record<Diluent | 'any', { readonly never: boolean; readonly why: DiluentWhy }>>;

const never = (why: DiluentWhy) => ({ never: true, why });
const unlessNamed = (why: DiluentWhy) => ({ never: false, why });

const curdles = unlessNamed('curdles');
// prettier-ignore
const waterBorne: Rule = {
  alcohol: curdles, acetone: curdles, 'lacquer-thinner': curdles,
  spirits: curdles, styrene: curdles, hardener: never('other-part'),
};
/** What no solvent-borne binder bears. */
const solventBorne: Rule = {
  water: never('separates'),
  hardener: never('other-part'),
  styrene: unlessNamed('unnamed'),
};
const reactive: Rule = {
  ...solventBorne,
  water: never('eats-hardener'),
  alcohol: never('eats-hardener'),
  'lacquer-thinner': unlessNamed('may-eat-hardener'),
};

/** What each binder never bears, and what it bears only by its own sheet. */
// prettier-ignore
const rules: Record<Binder, Rule> = {
  'gel-coat': { hardener: never('peroxide-as-thinner'), any: never('gel-as-supplied') },
  'polyester-filler': {
    acetone: never('stops-polyester'), water: never('stops-polyester'), alcohol: never('stops-polyester'),
    spirits: never('stops-polyester'), 'lacquer-thinner': never('stops-polyester'),
    hardener: never('peroxide-as-thinner'),
  },
  isocyanate: { ...reactive, spirits: unlessNamed('falls-out'), acetone: unlessNamed('flashes-off') },
  'water-isocyanate': waterBorne,
  epoxy: { ...solventBorne, spirits: unlessNamed('falls-out'), acetone: unlessNamed('flashes-off') },
  'moisture-curing': { ...reactive, 'lacquer-thinner': unlessNamed('cures-in-tin'), alcohol: never('cures-in-tin'), water: never('cures-in-tin') },
  'water-borne': waterBorne,
  lacquer: { ...solventBorne, spirits: unlessNamed('falls-out') },
  'acid-etch': { ...solventBorne, spirits: unlessNamed('falls-out') },
  alkyd: { ...solventBorne, alcohol: unlessNamed('falls-out') },
  'solvent-base': { ...solventBorne, spirits: unlessNamed('falls-out') },
  unknown: { hardener: never('other-part') },
};

/**
 * Whether a liquid may thin a paint.
 *
 * @param binder what the paint is
 * @param named did somebody read on the product’s own sheet that it is to be thinned with this?
 * @returns why not; undefined where nothing speaks against it
 * @source the trade: what each chemistry bears and never bears; sheets outrank all but what can never be right
 * @example acetone in a gel coat is refused whatever its tin says and whoever says so; white spirit in a water-borne only until its sheet names it
 * Source: trade knowledge; a sheet outranks it
 * @example refusedDiluent({ id: 'water', name: 'White spirit', density: 1000, viscosity: 0.000001, voc: 0, water: 0, exempt: 0 }, 'water-borne', false) → { diluent: 'spirits', never: false, why: 'curdles' }
 */
export function refusedDiluent(
  liquid: NamedLiquid,
  binder: Binder,
  named: boolean,
): DiluentRefusal | undefined {
  const diluent = diluentOf(liquid);
  const rule = rules[binder];
  if (binder === 'gel-coat' && diluent === 'styrene') return undefined;
  const own = (diluent && rule[diluent]) ?? rule.any;
  if (!own || (named && !own.never)) return undefined;
  return { diluent: diluent ?? 'any', ...own };
}
