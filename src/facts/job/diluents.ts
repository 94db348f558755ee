import { refusedDiluent, type Binder, type DiluentRefusal, type NamedLiquid } from '@/core/mixing';
import type { Coating, CoatingClass, Thinner } from '@/records';

const byClass: Record<CoatingClass, Binder> = {
  'solvent-base': 'solvent-base',
  'water-base': 'water-borne',
  'two-part-clear': 'isocyanate',
  'two-part-colour': 'isocyanate',
  'epoxy-primer': 'epoxy',
  'etch-primer': 'acid-etch',
  'filler-primer': 'isocyanate',
  'sprayed-filler': 'polyester-filler',
  'gel-coat': 'gel-coat',
  'water-lacquer': 'water-borne',
  'two-part-water': 'water-isocyanate',
  'furniture-paint': 'water-borne',
  'moisture-curing': 'moisture-curing',
  'quick-enamel': 'alkyd',
  'wall-paint': 'water-borne',
  elastomeric: 'water-borne',
};

/** What a paint is as far as what may go into it goes: by its class, unless its sheet is of another chemistry. */
export function binderOf({ class: of, chemistry }: Pick<Coating, 'class' | 'chemistry'>): Binder {
  const own = byClass[of];
  switch (chemistry) {
    case 'polyester':
      return own === 'gel-coat' ? own : 'polyester-filler';
    case 'moisture-curing':
      return 'moisture-curing';
    case 'water-borne':
      return own === 'water-isocyanate' ? own : 'water-borne';
    case 'lacquer':
      return 'lacquer';
    case 'oil-based':
      return 'alkyd';
    case 'two-part':
      return own === 'epoxy' ? own : 'isocyanate';
    case 'solvent-borne':
      return own === 'acid-etch' || own === 'alkyd' ? own : 'solvent-base';
    case 'unknown':
      return own;
  }
}

type Paint = Pick<Coating, 'class' | 'chemistry' | 'assumed'>;

/** Why a liquid may not go into a paint, whoever put it on its sheet; nothing where nothing speaks against it. */
export const refusedIn = (sheet: Paint, liquid: NamedLiquid): DiluentRefusal | undefined =>
  refusedDiluent(liquid, binderOf(sheet), !sheet.assumed.includes('thinning'));

/** The thinners of a sheet that may go into it. */
export const thinnersOf = (sheet: Coating): readonly Thinner[] =>
  sheet.thinning.thinners.filter((each) => refusedIn(sheet, each) === undefined);

/** A liquid of a sheet that may not go into it, and why. */
export interface RefusedLiquid extends DiluentRefusal {
  readonly name: string;
}

/** Thinners and thinning doses of a sheet that may not go into it. */
export const refusedThinners = (sheet: Coating): readonly RefusedLiquid[] =>
  [...sheet.thinning.thinners, ...(sheet.additives ?? []).filter(({ thins }) => thins)].flatMap((liquid) => {
    const refusal = refusedIn(sheet, liquid);
    return refusal ? [{ name: liquid.name, ...refusal }] : [];
  });
