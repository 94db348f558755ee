import { assemblySteps } from './assembly';
import { assemblyReason } from './assemblyreasons';
import { gunFamily } from './families';
import type { CleaningQuestion } from './sequence';

/** Why a cleaning step is done, and the mistake it prevents. */
export interface StepReason {
  readonly because: string;
  readonly prevents: string;
}

type About = CleaningQuestion & { readonly family: ReturnType<typeof gunFamily>; readonly under: boolean };
type Reason = readonly [because: string, prevents: string];

/** By step; kept apart from the list itself, which the bench needs without them. */
const reasons: Readonly<Record<string, Reason | ((about: About) => Reason)>> = {
  relief: ({ family, under }) =>
    family === 'airless'
      ? [
          'Hose and gun stay under pressure with the pump off.',
          'Trapped pressure injects paint through skin.',
        ]
      : under
        ? [
            'A cup or pot holds its pressure after the air is off.',
            'A lid opened under pressure throws out what is in it.',
          ]
        : ['The hose holds air after the valve is shut.', 'Parts taken off under air fly.'],
  'relief-again': ({ family }) => [
    'Flushing put it under pressure.',
    family === 'airless'
      ? 'A filter opened under pressure injects.'
      : 'A lid or a nozzle taken off under pressure.',
  ],
  'relief-last': ({ family }) =>
    family === 'airless'
      ? ['Filling put it under pressure.', 'A gun that stands loaded.']
      : ['The proof put it under pressure.', 'A lid opened under pressure tomorrow.'],
  'tip-off': ['Lumps from the hose come first.', 'A tip packed with what the flush brings out.'],
  empty: ({ gelled }) =>
    gelled
      ? [
          'A setting mass gets hot, and hotter the more of it lies together.',
          'A pot that smokes or catches fire.',
        ]
      : [
          'It is neither paint for the tin nor solvent for the flush.',
          'Poured back, it thins or sets the whole tin.',
        ],
  catalyst: ['Neat catalyst and acetone make an explosive.', 'Catalyst rinsed into the flush bucket.'],
  rinse: [
    'What clings to the walls is more than what stands in the passages.',
    'A dirty cup soils every flush after it.',
  ],
  soften: ({ family }) =>
    family === 'airless'
      ? [
          'A hose that has gelled is lost; pressure only makes it dangerous.',
          'A hose burst by a plug of gel.',
        ]
      : ['What has only begun to gel comes loose by itself; what has not, never will.', 'A bent needle.'],
  flush: ({ family }) => [
    'A stream carries the coating out whole.',
    family === 'airless'
      ? 'Static sparks at a plastic pail, and a hose half full of skins.'
      : 'Solvent mist in the air: atomised it is breathed and burns.',
  ],
  second: ({ chemistry }) =>
    chemistry === 'water-borne'
      ? [
          'Water left in the passages corrodes them, and the next solvent coat curdles on it.',
          'Rust specks and lumps in the next job.',
        ]
      : [
          chemistry === 'unknown'
            ? 'Nobody knows how it sets: once more is cheap.'
            : 'What has begun to set comes loose only in clean solvent.',
          'A film that sets in the passages overnight.',
        ],
  strip: [
    'The needle first: unscrewed over a seated needle the nozzle scores it.',
    'A bent needle or a nicked nozzle: every pattern after it is crooked.',
  ],
  wipe: ({ approach }) => [
    'Cap holes and nozzle rim make the pattern.',
    approach === 'store'
      ? 'A dried rim that splits the next fan.'
      : 'A scratched hole that pulls the fan aside.',
  ],
  passages: [
    'Soaked gaskets swell, and passages fill with what was dissolved.',
    'A lid that leaks and air holes that clog.',
  ],
  vent: ['Air must follow what flows out.', 'A fan that surges and starves.'],
  'check-valve': [
    'Paint creeps back into them first.',
    'A cup without pressure: the fault that looks like a wrong nozzle.',
  ],
  hose: ['What stands in it settles and skins.', 'Flakes in the next job.'],
  filters: ({ approach }) =>
    approach === 'store'
      ? ['Both hold what the flush left.', 'A clogged tip at the next start.']
      : [
          'A hole lets through what clogs the tip; a clogged one starves it.',
          'A filter that looks like a worn tip.',
        ],
  tip: [
    'A dried rim in the slot splits the fan.',
    'A clogged tip at the next start. A clog while spraying is turned and fired, never picked with steel.',
  ],
  grease: ({ family }) =>
    family === 'airless'
      ? ['Water left in a pump rusts it, and rods run dry.', 'A pump that will not prime.']
      : ['Dry packing draws air and spits.', 'Fish-eyes: what silicone leaves on a gun.'],
  store: [
    'What is left dissolves instead of drying. Drain and flush it before the next coat.',
    'The first strokes of the next job sprayed with solvent.',
  ],
  prove: [
    'It should run straight, clear and even; stop dead when the trigger is let go; and the gun blow no air at rest.',
    'A drip, a crooked stream or a stuck air valve found on the next part.',
  ],
  waste: ({ oxidises }) => [
    'They are hazardous waste; settled solvent can be used for the next rinse.',
    oxidises ? 'Rags that heat up in a heap and burn the shop.' : 'Vapour in the shop all night.',
  ],
  'mid-relief': ({ family }) =>
    family === 'airless'
      ? ['A gun laid down under pressure waits for a hand.', 'An injection by a knocked trigger.']
      : ['Air over the nozzle dries what stands in it.', 'A skin at the tip that spits on the next coat.'],
  'mid-wipe': ({ family }) => [
    family === 'airless' ? 'The slot dries first.' : 'The rim dries first and pulls the fan aside.',
    'A crooked first stroke.',
  ],
  'mid-cover': ['A skin on the mix becomes specks.', 'Lumps, and a mix that thickens while it waits.'],
};

/**
 * Why a step of a cleaning sequence, or of the short way between coats, is done.
 *
 * @param id the step's id
 * @param question what the sequence was asked with
 * @returns undefined for steps that are in neither
 */
export function stepReason(id: string, question: CleaningQuestion): StepReason | undefined {
  const family = gunFamily(question);
  const found = Object.hasOwn(reasons, id) ? reasons[id] : undefined;
  if (found) {
    const under = family === 'airless' || family === 'remote' || family === 'pressure-cup';
    const [because, prevents] = typeof found === 'function' ? found({ ...question, family, under }) : found;
    return { because, prevents };
  }
  const fitted = assemblySteps({ ...question, sprays: 'level' }).find((step) => `fit-${step.id}` === id);
  return (
    fitted && {
      because: assemblyReason(fitted.id, 'level'),
      prevents:
        id === 'fit-knobs'
          ? 'A coat at another setting than the card was judged at.'
          : 'A gun that leaks, spits or is crooked at the next start.',
    }
  );
}
