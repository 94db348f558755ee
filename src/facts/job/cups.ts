import { calibratedCup, checkCup, flowCup, relativeCup, type CupCheck, type FlowCup } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import type { Cup } from '@/records';

/** What a cup of the shop reads: a standard's formula, its own calibration, or only itself. */
export function cupOf({ id, name, standardId, own }: Cup): FlowCup | undefined {
  if (standardId !== undefined) return flowCup(standardId);
  if (!own) return undefined;
  const fit = own.liquids.length >= 2 ? calibratedCup(id, name, own.use, own.liquids) : undefined;
  return fit && !isRefusal(fit) ? fit : relativeCup(id, name, own.use);
}

/** A cup of the shop, or one of the standards' by its own id. */
export function cupBehind(id: string, cups: readonly Cup[]): FlowCup | undefined {
  const held = cups.find((cup) => cup.id === id);
  return held ? cupOf(held) : flowCup(id);
}

/** What the last check liquid said of a cup; undefined for one never checked, and for one that has no viscosity. */
export function lastCheck(cup: Cup): (CupCheck & { readonly on: string }) | undefined {
  const behind = cupOf(cup);
  const last = [...(cup.checks ?? [])].sort((a, b) => a.on.localeCompare(b.on)).at(-1);
  if (!behind || behind.relative || !last) return undefined;
  const found = checkCup(behind, last.seconds, last.viscosity);
  return isRefusal(found) ? undefined : { ...found, on: last.on };
}
