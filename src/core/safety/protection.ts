import type { Hazard } from './hazards';
import type { Workplace } from './workplaces';

export interface ProtectionQuestion {
  readonly hazards: readonly Hazard[];
  /** Atomised by air, or by pressure alone. */
  readonly technique: 'air' | 'airless';
  readonly place: Workplace;
}

/** Something worn or set up, and why. */
export interface Protection {
  readonly what: 'breathing' | 'hands' | 'eyes' | 'skin' | 'hearing' | 'air' | 'ground' | 'rags' | 'watch';
  readonly says: string;
  readonly because: string;
  readonly weight: 'stop' | 'care';
}

/**
 * What to wear and to set up by coating, technique and place. Usual protection, marked as such: the product's safety
 * sheet, local codes and licensed practice decide.
 *
 * Source: usual caution; the safety sheet and local codes outrank it
 */
export function protection({ hazards, technique, place }: ProtectionQuestion): Protection[] {
  const has = (...of: Hazard[]) => of.some((hazard) => hazards.includes(hazard));
  const sensitising = has('isocyanate', 'aziridine');
  const bySkin = sensitising || has('sensitiser');
  // Nobody smells in a vessel what a cartridge lets through.
  const fed = sensitising || place === 'confined';
  const burns = has('flammable', 'solvent', 'styrene');
  const list: (Protection | false)[] = [
    fed
      ? {
          what: 'breathing',
          weight: 'stop',
          says: 'Air-fed hood or mask on tested breathing air, as the safety sheet demands.',
          because: !sensitising
            ? 'In a confined space neither vapour nor want of air is noticed in time.'
            : 'What sensitises is not smelled in time, and a cartridge does not say when it is spent. Also while it flashes, while the gun is flushed, and when half-cured film is sanded.',
        }
      : burns
        ? {
            what: 'breathing',
            weight: 'care',
            says: 'Half or full mask with vapour and particle filters, of an age you know.',
            because: 'Vapour goes through a dust mask, mist clogs a bare cartridge.',
          }
        : {
            what: 'breathing',
            weight: 'care',
            says: 'Particle mask at least.',
            because: 'Water-borne mist is still binder, pigment and biocide.',
          },
    {
      what: 'eyes',
      weight: has('peroxide') || technique === 'airless' ? 'stop' : 'care',
      says: has('peroxide') ? 'Tight goggles; water to rinse within reach.' : 'Goggles or a full-face mask.',
      because: has('peroxide')
        ? 'One drop of catalyst in an eye can blind it.'
        : 'Bounce-back and splashes of cleaner.',
    },
    {
      what: 'hands',
      weight: bySkin ? 'stop' : 'care',
      says: burns
        ? 'Gloves that resist this solvent, by their own table; changed when wet inside.'
        : 'Thin chemical gloves.',
      because: burns
        ? 'Thin nitrile lasts minutes in acetone and ketones.'
        : 'Hardeners and biocides sensitise through the skin.',
    },
    {
      what: 'skin',
      weight: bySkin ? 'stop' : 'care',
      says: 'Closed suit, wrists and neck covered.',
      because: bySkin ? 'Sensitising goes through the skin as well.' : 'Mist settles on everything.',
    },
    {
      what: 'hearing',
      weight: 'care',
      says:
        technique === 'airless'
          ? 'Ear protection at the pump.'
          : 'Ear protection at conventional guns and turbines.',
      because: 'Eight hours beside either is too loud.',
    },
    technique === 'airless' && {
      what: 'watch',
      weight: 'stop',
      says: 'Trigger lock on whenever you stop; a hand never before the tip.',
      because:
        'An injection wound is an emergency even if it looks small: go at once, and say that it was injected.',
    },
    (burns || technique === 'airless') && {
      what: 'ground',
      weight: technique === 'airless' ? 'stop' : 'care',
      says:
        technique === 'airless'
          ? 'Pump, pails and part bonded to ground; metal pails; gun held against the pail when flushing.'
          : 'Part, pot and pails bonded to ground.',
      because: 'A stream through a hose charges what it fills: one spark in vapour is enough.',
    },
    burns && {
      what: 'air',
      weight: place === 'room' || place === 'confined' ? 'stop' : 'care',
      says:
        place === 'booth'
          ? 'Extraction on before the first stroke and until the purge is over.'
          : place === 'outdoors'
            ? 'Upwind of the mist; no engine, pilot light or socket in reach of it.'
            : 'Air moved out at floor height, all switches and flames off; measure before you go in.',
      because: 'Vapour is heavier than air and creeps along the floor to a flame.',
    },
    place === 'confined' && {
      what: 'watch',
      weight: 'stop',
      says: 'A confined space needs its permit, a gas meter and a person outside.',
      because: 'It fills quicker than one notices; whoever goes in after you falls too.',
    },
    place === 'outdoors' && {
      what: 'watch',
      weight: 'care',
      says: 'Mind the wind and what stands downwind.',
      because: 'Mist travels further than it shows.',
    },
    has('oxidising-oil') && {
      what: 'rags',
      weight: 'stop',
      says: 'Rags flat outdoors, or under water in a closed metal bin, before you go home.',
      because: 'In a heap they heat themselves and burn, hours later.',
    },
    burns &&
      !has('oxidising-oil') && {
        what: 'rags',
        weight: 'care',
        says: 'Solvent rags into the lidded metal bin, emptied daily.',
        because: 'They give off vapour all night.',
      },
  ];
  return list
    .filter((each) => each !== false)
    .sort((a, b) => Number(b.weight === 'stop') - Number(a.weight === 'stop'));
}
