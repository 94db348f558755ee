import { airPartCare, type AirPartKind, type WearingPart } from '@/core/care';
import type { Job, Rig } from '@/records';
import { wearOf, type WearItem } from './wear';

const day = 86_400_000;

/** Something to look after, and when. */
export type DueCare = {
  readonly id: string;
  readonly rig: Rig;
  /** ms; when it is due, and how far that may be off. */
  readonly due: number;
  readonly low?: number;
  readonly high?: number;
  readonly state: 'over' | 'soon' | 'later';
} & (
  | { readonly kind: 'wear'; readonly part: WearingPart; readonly item: WearItem }
  | {
      readonly kind: 'air';
      readonly part: AirPartKind;
      readonly airPart: NonNullable<Rig['airParts']>[number];
    }
);

/** Days: a week ahead is soon, and what is more than two years off is no appointment. */
export const soonWithin = 7;
export const furthest = 730;

/** What is due on a day is overdue from the next. */
const stateOf = (due: number, now: number): DueCare['state'] =>
  due + day <= now ? 'over' : due <= now + soonWithin * day ? 'soon' : 'later';

/** What of these rigs is due, the first first. Nothing is due of what nobody has said when it was put in. */
export function careCalendar(
  rigs: readonly Rig[],
  jobs: readonly Job[],
  now: number,
  worn = wearOf(rigs, jobs, now),
): DueCare[] {
  const wear = worn.flatMap((item): DueCare[] => {
    if (!item.due || !(item.due.middle < now + furthest * day)) return [];
    const { low, middle, high } = item.due;
    return [
      {
        id: `${item.rig.id}-${item.part}${item.which ? `-${item.which}` : ''}`,
        rig: item.rig,
        kind: 'wear',
        part: item.part,
        item,
        due: middle,
        low,
        high,
        state: stateOf(middle, now),
      },
    ];
  });
  const air = rigs.flatMap((rig) =>
    (rig.airParts ?? []).flatMap((airPart): DueCare[] => {
      if (!airPart.since) return [];
      const due = Date.parse(airPart.since) + (airPart.every ?? airPartCare[airPart.kind].every) * day;
      return [
        {
          id: `${rig.id}-${airPart.id}`,
          rig,
          kind: 'air',
          part: airPart.kind,
          airPart,
          due,
          state: stateOf(due, now),
        },
      ];
    }),
  );
  return [...wear, ...air].sort((a, b) => a.due - b.due);
}

/** The rig once something of it has been looked after today. */
export function lookedAfter(
  rig: Rig,
  done: Pick<DueCare, 'kind' | 'id'> & {
    readonly part: string;
    readonly which?: string;
    readonly airPartId?: string;
  },
  today: string,
  id: string,
  why: NonNullable<Rig['renewals']>[number]['why'] = 'worn',
): Rig {
  if (done.kind === 'air')
    return {
      ...rig,
      airParts: rig.airParts?.map((part) => (part.id === done.airPartId ? { ...part, since: today } : part)),
    };
  const part = done.part as WearingPart;
  const taken = rig.kit?.findIndex((row) => row.part === part && row.stock > 0);
  const kit = rig.kit?.map((row, i) => (i === taken ? { ...row, stock: row.stock - 1 } : row));
  // The fan measured was the old tip’s.
  const tipsWorn =
    part === 'tip' && done.which && rig.tipsWorn
      ? Object.fromEntries(Object.entries(rig.tipsWorn).filter(([tip]) => tip !== done.which))
      : rig.tipsWorn;
  return {
    ...rig,
    renewals: [
      ...(rig.renewals ?? []),
      { id, part, ...(done.which ? { which: done.which } : {}), on: today, why },
    ],
    ...(kit ? { kit } : {}),
    ...(tipsWorn ? { tipsWorn } : {}),
  };
}
