import { layingOf, usualDrops, usualHiding, type CoatRole } from '@/core/system';
import type { CoatingClass, JobApproach, LayerApproach, LayerWork } from '@/records';

/** A coat of a system: its film beside its coating’s aim, m of dry film sanded off again. */
export interface SystemCoat {
  readonly name: string;
  readonly role: CoatRole;
  readonly film: number;
  readonly sandBack?: number;
}

/** One product of a system, from the part up. */
export interface SystemLayer {
  readonly name: string;
  readonly of: CoatingClass;
  readonly coats: readonly SystemCoat[];
  /** What is done to it before the next product; grits, film off and times are defaults. */
  readonly work?: readonly Omit<LayerWork, 'id'>[];
  /** Colour coats by hiding, drop coats by looking: how many it may come to. */
  readonly hides?: LayerApproach['hides'];
  readonly drops?: number;
}

/** A system of products that finishers know by name. */
export interface KnownSystem {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly layers: readonly SystemLayer[];
  /** Parts are coated on both sides, and turned so. */
  readonly turning?: JobApproach['turning'];
}

const coat = (name: string, role: CoatRole, film = layingOf(role).film, sandBack?: number): SystemCoat => ({
  name,
  role,
  film,
  ...(sandBack === undefined ? {} : { sandBack }),
});

const layer = (name: string, of: CoatingClass, ...coats: SystemCoat[]): SystemLayer => ({ name, of, coats });

/** What is sanded flat, wiped and masked again before the next product. */
const flatted = (grit: number, takes: number): SystemLayer['work'] => [
  { what: 'sand', grit, takes },
  { what: 'wipe' },
  { what: 'mask' },
];

const colour = (of: CoatingClass, name = 'Base'): SystemLayer => ({
  ...layer(name, of, coat('Colour 1', 'base', 1), coat('Colour 2', 'base', 1)),
  hides: usualHiding,
});

const clear = layer(
  'Clear',
  'two-part-clear',
  coat('Clear 1', 'clear', 0.85),
  coat('Clear 2', 'clear', 1.15),
);

/** Films are shares of each sheet’s own aim; how many coats, and what is sanded off, are defaults. */
// prettier-ignore
export const knownSystems: readonly KnownSystem[] = [
  { id: 'base-clear', name: 'Base and clear', says: 'A thin base for colour, a clear over it for gloss and weather.', layers: [colour('solvent-base'), clear] },
  { id: 'blend-clear', name: 'Clear bed, blended base, clear', says: 'The base fades into a wet bed of clear and never shows its edge; the clear goes over all of it.', layers: [layer('Bed', 'two-part-clear', coat('Bed', 'bed', 0.85)), layer('Base', 'solvent-base', coat('Blend 1', 'blend'), coat('Blend 2', 'blend'), coat('Blend 3', 'blend')), clear] },
  { id: 'wet-on-wet', name: 'Wet-on-wet primer, base, clear', says: 'The primer flashes only; nothing is sanded before the colour.', layers: [layer('Primer', 'filler-primer', coat('Primer', 'wet-on-wet', 1)), colour('solvent-base'), clear] },
  { id: 'filler-epoxy-colour', name: 'Sprayed filler, epoxy, colour', says: 'Built up, guide-coated and blocked flat, sealed with epoxy, then coloured. Days of work.', layers: [{ ...layer('Filler', 'sprayed-filler', coat('Filler 1', 'filler', 1), coat('Filler 2', 'filler', 1), coat('Guide', 'guide')), work: flatted(180, 80e-6) }, { ...layer('Epoxy', 'epoxy-primer', coat('Epoxy', 'primer', 1)), work: flatted(400, 8e-6) }, colour('two-part-colour', 'Colour')] },
  { id: 'etch-filler-colour', name: 'Etch, filler, colour', says: 'The etch bites into bare metal, the filler is flatted, the colour hides. Never polyester or epoxy straight on the etch.', layers: [layer('Etch', 'etch-primer', coat('Etch', 'primer', 1)), { ...layer('Filler', 'filler-primer', coat('Filler 1', 'filler', 1), coat('Filler 2', 'filler', 1)), work: flatted(400, 25e-6) }, colour('two-part-colour', 'Colour')] },
  { id: 'metallic-clear', name: 'Metallic base and clear', says: 'Full coats until it hides, drop coats from further off until the flake lies even, clear over all.', layers: [{ ...layer('Base', 'solvent-base', coat('Full 1', 'metallic', 1), coat('Full 2', 'metallic', 1), coat('Drop 1', 'drop')), hides: usualHiding, drops: usualDrops }, clear] },
  { id: 'moisture-uv', name: 'Moisture-curing coat and UV coat', says: 'The rust coat holds; the colour over it keeps the sun off it.', layers: [layer('Rust coat', 'moisture-curing', coat('Light 1', 'moisture', 1), coat('Light 2', 'moisture', 1)), colour('two-part-colour', 'UV coat')] },
  { id: 'gel-passes', name: 'Gel coat in passes', says: 'One thick wet film built in passes.', layers: [layer('Gel coat', 'gel-coat', coat('Pass 1', 'gel', 1), coat('Pass 2', 'gel', 1), coat('Pass 3', 'gel', 1))] },
  { id: 'lacquer-both', name: 'Lacquer on both faces', says: 'Sealed, sanded lightly and built, back and front.', turning: 'every-coat', layers: [layer('Lacquer', 'water-lacquer', coat('Seal', 'lacquer', 0.9, 5e-6), coat('Build', 'lacquer', 1), coat('Last', 'lacquer', 1))] },
  { id: 'primer-wall', name: 'Primer and two wall coats', says: 'The primer drinks in and binds, the wall paint hides.', layers: [{ ...layer('Primer', 'wall-paint', coat('Primer', 'primer', 0.85)), work: [{ what: 'sand', grit: 120, takes: 5e-6 }, { what: 'wipe' }] }, { ...layer('Wall paint', 'wall-paint', coat('First', 'wall', 1), coat('Second', 'wall', 1)), hides: { least: 1, most: 3 } }] },
];

/** How many full coats a layer of a system comes to: what a new sheet of it starts with, as a default. */
export const coatsOf = ({ coats }: SystemLayer): number =>
  Math.max(Math.round(coats.reduce((sum, { film }) => sum + film, 0)), 1);

export const systemOf = (id: string): KnownSystem | undefined => knownSystems.find((each) => each.id === id);
