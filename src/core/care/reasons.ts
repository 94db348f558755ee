import { assemblyReason } from './assemblyreasons';
import type { CleaningStep } from './step';
import { assemblyStepIds } from './stepids';

/** Why a step is done, and the mistake it prevents. Apart from the steps: only who is about to do one reads it. */
// prettier-ignore
const reasons: Readonly<Record<string, readonly [because: string, prevents: string]>> = {
  'relief': ['Hose and gun stay under pressure with the pump off.', 'Trapped pressure injects paint through skin.'],
  'tip-off': ['Lumps from the hose come first.', 'A tip packed with what the flush brings out.'],
  'catalyst': ['Neat catalyst and acetone make an explosive.', 'Catalyst rinsed into the flush bucket.'],
  'rinse': ['What clings to the walls is more than what stands in the passages.', 'A dirty cup soils every flush after it.'],
  'strip': ['The needle first: unscrewed over a seated needle the nozzle scores it.', 'A bent needle or a nicked nozzle: every pattern after it is crooked.'],
  'wipe': ['Cap holes and nozzle rim make the pattern.', 'A scratched hole that pulls the fan aside.'],
  'passages': ['Soaked gaskets swell, and passages fill with what was dissolved.', 'A lid that leaks and air holes that clog.'],
  'vent': ['Air must follow what flows out.', 'A fan that surges and runs dry.'],
  'check-valve': ['Paint creeps back into them first.', 'A cup without pressure: the fault that looks like a wrong nozzle.'],
  'hose': ['What stands in it settles and skins.', 'Flakes in the next job.'],
  'grease': ['Dry packing draws air and spits.', 'Fish-eyes: what silicone leaves on a gun.'],
  'filters': ['A hole lets through what clogs the tip; a clogged one starves it.', 'A filter that looks like a worn tip.'],
  'tip': ['A dried rim in the slot splits the fan.', 'A clogged tip at the next start. A clog while spraying is turned and fired, never picked with steel.'],
  'airless-grease': ['Water left in a pump rusts it, and rods run dry.', 'A pump that will not prime.'],
  'stored-filters': ['Both hold what the flush left.', 'A clogged tip at the next start.'],
  'stored-wipe': ['Cap holes and nozzle rim make the pattern.', 'A dried rim that splits the next fan.'],
  'store': ['What is left dissolves instead of drying. Drain and flush it before the next coat.', 'The first strokes of the next job sprayed with solvent.'],
  'prove': ['It should run straight, clear and even; stop dead when the trigger is let go; and the gun blow no air at rest.', 'A drip, a crooked stream or a stuck air valve found on the next part.'],
  'mid-relief': ['A gun laid down under pressure waits for a hand.', 'An injection by a knocked trigger.'],
  'air-mid-relief': ['Air over the nozzle dries what stands in it.', 'A skin at the tip that spits on the next coat.'],
  'mid-cover': ['A skin on the mix becomes specks.', 'Lumps, and a mix that thickens while it waits.'],
};

/** Why a step is done, and what it prevents: its own words where it depends on the gun, otherwise by its id. */
/** Of a step that puts the gun together again. */
function fitting(id: string): readonly [string, string] | undefined {
  const of = assemblyStepIds.find((each) => id === `fit-${each}`);
  return of
    ? [
        assemblyReason(of),
        of === 'knobs'
          ? 'A coat at another setting than the card was judged at.'
          : 'A gun that leaks, spits or is crooked at the next start.',
      ]
    : undefined;
}

/**
 * Why a cleaning step is done.
 *
 * Source: shop practice, defaults
 * @example stepReason({ id: 'hose', phase: 'strip', says: 'Drain the fluid hose and hang it open at both ends.', takes: 60, risks: ['coating'] }) → { because: 'What stands in it settles and skins.', prevents: 'Flakes in the next job.' }
 */
export function stepReason({ id, why = id, because, prevents }: CleaningStep): {
  readonly because: string;
  readonly prevents: string;
} {
  const [usual, mistake] = reasons[why] ?? fitting(id) ?? ['', ''];
  return { because: because ?? usual, prevents: prevents ?? mistake };
}
