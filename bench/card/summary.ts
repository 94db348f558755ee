import { readCard } from '../../src/core/card';
import { isRefusal } from '../../src/core/refusal';
import { photograph, poseOf, readable } from './camera';
import { sceneOf } from './scene';

/** How pictures as people take them are read. Shares of what is said. */
export interface CardSummary {
  readonly pictures: number;
  /** Of those with the pattern and the square in the picture. */
  readonly read: number;
  /** Of those that were read: width within a twentieth, the right fault, a wrong one held for four fifths sure. */
  readonly width: number;
  readonly fault: number;
  readonly surelyWrong: number;
  /** Why the others were refused. */
  readonly refused: Readonly<Record<string, number>>;
  /** Of those said to be so sure: how many were, and how many were right. */
  readonly told: readonly { readonly from: number; readonly count: number; readonly right: number }[];
}

/** Pictures with a square that could be read, by number, read one after the other. */
export function cardsRead(name: string, pictures: number): CardSummary {
  const seen: { width: number; right: boolean; confidence: number }[] = [];
  const refused: Record<string, number> = {};
  let taken = 0;
  for (let k = 0; taken < pictures; k += 1) {
    const seed = `${name}${k}`;
    const [scene, pose] = [sceneOf(seed), poseOf(seed)];
    if (!scene.square || !readable(scene, pose)) continue;
    taken += 1;
    const found = readCard(photograph(scene, pose, seed));
    if (isRefusal(found)) refused[found.refused] = (refused[found.refused] ?? 0) + 1;
    else
      seen.push({
        width: found.width / scene.width - 1,
        right: found.fault === scene.fault,
        confidence: found.confidence,
      });
  }
  const share = (some: (each: (typeof seen)[number]) => boolean) =>
    seen.filter(some).length / Math.max(seen.length, 1);
  const steps = [0.5, 0.7, 0.8, 0.9, 0.97, 1.01];
  return {
    pictures,
    read: seen.length / pictures,
    width: share(({ width }) => Math.abs(width) <= 0.05),
    fault: share(({ right }) => right),
    surelyWrong: share(({ right, confidence }) => !right && confidence > 0.8),
    refused,
    told: steps.slice(0, -1).map((from, i) => {
      const own = seen.filter(
        ({ confidence }) => confidence >= from && confidence < (steps[i + 1] as number),
      );
      return { from, count: own.length, right: own.filter(({ right }) => right).length };
    }),
  };
}
