import { isRefusal } from '@/core/refusal';
import type { PressurePlace } from './airchain';
import { hvlpCapLimit } from './levers';
import { turbineLeaves } from './turbineleaves';
import type { JobView } from './view';

/** A pressure somebody stated that it ends at, Pa where it is read, and whose word that is. */
export interface PressureLimit {
  readonly at: number;
  readonly whose: 'rig' | 'sheet' | 'turbine' | 'hvlp';
}

/** The lowest of the limits that somebody stated; none where nobody did: then only the cards say when it is enough. */
export function pressureLimit(
  { rig, set }: Pick<JobView, 'rig' | 'set'>,
  read: PressurePlace,
): PressureLimit | undefined {
  if (!rig) return undefined;
  const leaves = turbineLeaves(rig, set.bearings.airLeft);
  // What a cap nobody measured would have at the inlet certifies nothing: only a cap read at the cap is held to it.
  const cap =
    rig.atomising === 'hvlp' && (read === 'cap' || rig.air === 'turbine') ? hvlpCapLimit : undefined;
  const limits: readonly { at: number | undefined; whose: PressureLimit['whose'] }[] = [
    { at: rig.maxPressure, whose: 'rig' },
    { at: set.advice?.pressureAt === read ? set.advice.pressure.max : undefined, whose: 'sheet' },
    { at: leaves === undefined || isRefusal(leaves) ? undefined : leaves, whose: 'turbine' },
    { at: cap, whose: 'hvlp' },
  ];
  return limits
    .flatMap(({ at, whose }) => (at === undefined ? [] : [{ at, whose }]))
    .sort((a, b) => a.at - b.at)[0];
}
