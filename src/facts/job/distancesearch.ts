import { isRefusal, type Outcome } from '@/core/refusal';
import { distanceStep, type DistanceCard, type DistanceStep } from '@/core/card';
import type { EntryOf, NewEntry } from '@/records';
import { liveEntries, moment, ofType } from './entries';
import { setAgain } from './knobs';
import { leversBefore, leversHeld } from './levers';
import { widthOf } from './point';
import type { JobView } from './view';

/** Where nobody names a span worth searching, so far either side of the usual distance, as a share. A default. */
const usualSpan = 0.25;
/** A span whose ends are nearer to each other than this is no span to search. */
const worthSearching = 1.1;

/** A search for the distance the gun works best from: three cards, and what they say. */
export interface DistanceSearch {
  readonly range: { readonly min: number; readonly max: number };
  /** Whose span it is. */
  readonly by: 'sheet' | 'default';
  readonly cards: readonly DistanceCard[];
  readonly step: Outcome<DistanceStep>;
}

/** None while the gun is not set: a card belongs to the setting it was sprayed with. */
export function distanceSearch({
  work,
  set,
  rig,
}: Pick<JobView, 'work' | 'set' | 'rig'>): DistanceSearch | undefined {
  const { setting, advice } = set;
  if (!setting || !rig) return undefined;
  const stated =
    advice && advice.distance.max / advice.distance.min >= worthSearching ? advice.distance : undefined;
  const usual = advice ? (advice.distance.min + advice.distance.max) / 2 : rig.distance;
  const range = stated ?? { min: usual * (1 - usualSpan), max: usual * (1 + usualSpan) };
  const settings = ofType(liveEntries(work), 'setting').filter(({ layerId }) => layerId === work.layer.id);
  // Cards of another nozzle or another pressure tell of another gun.
  const alike = (other: EntryOf<'setting'>) =>
    other.bore === setting.bore &&
    other.tip === setting.tip &&
    other.pressure === setting.pressure &&
    other.fluid === setting.fluid;
  let first = setting;
  for (const each of settings.slice(0, settings.indexOf(setting)).reverse()) {
    if (!alike(each)) break;
    first = each;
  }
  const cards = ofType(liveEntries(work), 'card')
    .filter((card) => card.layerId === work.layer.id && moment(card) >= moment(first))
    .flatMap(({ distance, score }) =>
      distance === undefined || score === undefined ? [] : [{ distance, score }],
    );
  return { range, by: stated ? 'sheet' : 'default', cards, step: distanceStep(cards, range) };
}

/** The gun as it is set, from another distance: its fan and its pace follow, so that the film stays. */
export function setFrom(
  view: Pick<JobView, 'set' | 'rig' | 'spray'>,
  distance: number,
): NewEntry | undefined {
  const { set, rig } = view;
  const { setting } = set;
  if (!setting) return undefined;
  const before = leversBefore(view);
  const fan =
    rig?.atomising === 'airless'
      ? (widthOf(rig, setting.tip, distance, undefined) ?? setting.fan)
      : (setting.fan * distance) / setting.distance;
  const levers = { ...before.levers, fan };
  const held = leversHeld(view, { levers, pressure: setting.pressure, distance }, 'speed');
  const { speed } = isRefusal(held) ? levers : held;
  return { ...setAgain(setting), distance, fan, speed } as NewEntry;
}
