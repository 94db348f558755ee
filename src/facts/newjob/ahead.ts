import { isRefusal } from '@/core/refusal';
import { prepChain, type PrepStep } from '@/core/system';
import type { Coating, Shop } from '@/records';
import { dayQuestion, firstRole, jobView, type DayQuestion, type JobView } from '../job';
import { jobFromDraft, type Held, type JobDraft } from './draft';

/** What a draft would come to as a job: the same conclusions that its Plan will show. */
export interface DraftAhead {
  readonly view: JobView;
  /** m³ of the first layer as mixed; undefined where it cannot be reckoned. */
  readonly litres?: number;
  readonly day: DayQuestion;
  /** What is done to the ground before the first coat; none where nobody knows yet what is on it. */
  readonly prep?: readonly PrepStep[];
}

/**
 * Sees a draft as the job it would begin. Nothing of it is kept.
 *
 * @param now ms since the epoch
 */
export function draftAhead(draft: JobDraft, held: Held, shop: Shop, now: number): DraftAhead {
  let made = 0;
  const { job, more } = jobFromDraft(draft, held, new Date(now).toISOString(), () => `ahead-${(made += 1)}`);
  const rigs = [...held.rigs, ...more.filter((record) => record.kind === 'rig')];
  const view = jobView(job, {
    rigOf: (id) => rigs.find((each) => each.id === id),
    cups: [...held.cups, ...more.filter((record) => record.kind === 'cup')],
    shelf: [],
    shop,
    now,
  });
  const { needed } = view.plan;
  return {
    view,
    ...(isRefusal(needed) ? {} : { litres: needed.total }),
    day: dayQuestion(view, shop),
    ...(draft.existing ? { prep: prepOf(draft, firstRole(job), view.spray.coats[0]?.sheet) } : {}),
  };
}

const prepOf = (
  { ground, existing }: JobDraft,
  next: Parameters<typeof prepChain>[0]['next'],
  first?: Pick<Coating, 'class'>,
) =>
  existing
    ? prepChain({
        substrate: ground,
        existing,
        next,
        ...(first?.class === 'etch-primer' ? { etched: false } : {}),
      })
    : [];

/** What is done to a ground before its first coat, before anybody has said what that is. */
export const prepAhead = (draft: JobDraft): readonly PrepStep[] | undefined =>
  draft.existing && draft.ground ? prepOf(draft, undefined) : undefined;
