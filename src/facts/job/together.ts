import type { HandItem } from './handitems';
import type { PermissionItem } from './permission';

/**
 * What a person answers for in one go: what keeps people whole together, then what is done to part and gun, down to the
 * first thing that takes its time. What nobody leaves out is asked by itself there: it is no line among others.
 *
 * @param open what is open, in the order it is gone through
 */
export function askedTogether(open: readonly PermissionItem[]): readonly HandItem[] {
  const people = open[0]?.group === 'people';
  const found: HandItem[] = [];
  for (const item of open) {
    if (item.by !== 'hand' || item.state === 'acting' || (item.group === 'people') !== people) break;
    const grave = !people && !item.waivable;
    if (grave && found.length > 0) break;
    found.push(item);
    // What comes after an etch waits until it has acted.
    if (grave || item.waits) break;
  }
  return found;
}
