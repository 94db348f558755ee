import { chemistries, type Chemistry } from '../care';

/** A layer as far as what goes over it matters. */
export interface StackedLayer {
  readonly id: string;
  readonly name: string;
  readonly chemistry: Chemistry;
  /** A water-borne film that stays soft to solvent: wall, furniture and lacquer films; not a base made to be cleared. */
  readonly soft: boolean;
  /** An acid etch primer, or one that cures with an amine. */
  readonly acid: boolean;
  readonly amine: boolean;
  readonly rigId: string;
  /** How many of its coats are barrier coats. */
  readonly barriers: number;
}

/** What speaks against a layer lying where it does. */
export interface StackDoubt {
  readonly id:
    | 'lifts'
    | 'polyester-over'
    | 'over-acid'
    | 'barrier-twice'
    | 'barrier-again'
    | 'over-drying'
    | 'same-gun'
    | 'chalks'
    | 'unprimed'
    | 'for-rooms'
    | 'clear-in-sun'
    | 'thinned-in-sun'
    | 'mirror';
  /** The layer it is about, and the one below it. */
  readonly layerId: string;
  readonly says: string;
  readonly weight: 'care' | 'note';
  /** What one tap puts right. */
  readonly adds?: 'coat';
}

/** What is in solvent; of an unknown one nothing is said. */
const strong: readonly Chemistry[] = chemistries.filter(
  (each) => each !== 'water-borne' && each !== 'unknown',
);
const oneParted: readonly Chemistry[] = ['solvent-borne', 'lacquer', 'oil-based', 'water-borne'];
/** What dries without curing and swells under strong solvent, a base made to be cleared apart. */
const resoftens: readonly Chemistry[] = ['lacquer', 'oil-based'];
/** Two-part and moisture-curing films go on in strong solvent and shrink as they cure. */
const curesStrong: readonly Chemistry[] = ['two-part', 'moisture-curing'];

/**
 * What does not fit on what, layer over layer from the part up. The sheets outrank it: what a sheet names as its ground fits.
 *
 * @source the trade: acid left in an etch stops peroxide and amine from curing; solvent swells soft water-borne films, styrene lifts films that dried without curing, a barrier coat is
 * laid once
 * Source: trade knowledge of what goes on what
 */
export function stackDoubts(layers: readonly StackedLayer[]): StackDoubt[] {
  return layers.flatMap((layer, i): StackDoubt[] => {
    const below = layers[i - 1];
    const found: (StackDoubt | false)[] = [
      layer.barriers > 1 && {
        id: 'barrier-twice',
        layerId: layer.id,
        says: `${layer.name} is a barrier coat: it goes on once, more of it holds worse.`,
        weight: 'care',
      },
    ];
    const barrierBelow = layers.slice(0, i).find(({ barriers }) => barriers > 0);
    if (layer.barriers > 0 && barrierBelow)
      found.push({
        id: 'barrier-again',
        layerId: layer.id,
        says: `${layer.name} is a second barrier coat, over ${barrierBelow.name}: one to a stack, each more holds worse.`,
        weight: 'care',
      });
    if (below) {
      const { name, chemistry } = layer;
      const lifts = below.soft && strong.includes(chemistry);
      found.push(
        lifts && {
          id: 'lifts',
          layerId: layer.id,
          says: `The solvent of ${name} lifts ${below.name} unless that has hardened right through, or a barrier coat lies between. Try it on a spare piece.`,
          weight: 'care',
        },
        !lifts &&
          !below.acid &&
          chemistry === 'polyester' &&
          oneParted.includes(below.chemistry) && {
            id: 'polyester-over',
            layerId: layer.id,
            says: `Polyester over ${below.name}, which dried without curing: its styrene wrinkles it. Over epoxy, cured two-part or bare ground only, unless its sheet says otherwise.`,
            weight: 'care',
          },
        below.acid &&
          (chemistry === 'polyester' || layer.amine) && {
            id: 'over-acid',
            layerId: layer.id,
            says: `${name} over acid etch: the acid keeps ${layer.amine ? 'the amine of the epoxy' : 'its peroxide'} from curing it, and it lets go. ${layer.amine ? 'Only where its sheet allows it' : 'Never, unless both sheets say so'}; a filler primer between them is the usual way.`,
            weight: 'care',
          },
        !lifts &&
          curesStrong.includes(chemistry) &&
          resoftens.includes(below.chemistry) && {
            id: 'over-drying',
            layerId: layer.id,
            says: `${name} over ${below.name}, which dries without curing: its solvent swells it, and it wrinkles as ${name} shrinks. Over it only when it is weeks old and sanded, or with a barrier coat between; try it on a spare piece.`,
            weight: 'care',
          },
        below.rigId === layer.rigId &&
          below.chemistry !== chemistry && {
            id: 'same-gun',
            layerId: layer.id,
            says: `${name} goes on with the gun that had ${below.name} in it: empty and clean it between them.`,
            weight: 'note',
          },
      );
    }
    return found.filter((each) => each !== false);
  });
}
