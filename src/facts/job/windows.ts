import { lawfulTimes, type LawfulTime } from '@/core/schedule';
import { sandingAhead } from './between';
import { liveEntries, moment } from './entries';
import { filmBelow } from './recoat';
import type { CoatState, SprayView } from './spray';
import type { Worked } from './worked';

/**
 * Where the window of a coat stands, by the coat below it. A coat that was begun says where it stood then.
 *
 * none: nothing lies below whose time runs · waiting: it opens yet · shut: between wet on wet and hard · missed: it has
 * closed · never: it closes before it opens
 */
export type WindowState = 'none' | 'waiting' | 'open' | 'shut' | 'missed' | 'never';

export interface CoatWindow {
  readonly coatId: string;
  readonly state: WindowState;
  /** ms since the epoch */
  readonly opens?: number;
  readonly closes?: number;
  readonly lawful: readonly LawfulTime[];
}

const states = {
  flashing: 'waiting',
  open: 'open',
  between: 'shut',
  closed: 'missed',
  never: 'never',
} as const satisfies Record<string, WindowState>;

/** The window of every coat, from the part up. */
export function coatWindows(
  job: Worked,
  { coats, next, recoat, work }: Pick<SprayView, 'coats' | 'next' | 'recoat' | 'work'>,
): CoatWindow[] {
  const entries = liveEntries(job);
  return coats.map((coat, i): CoatWindow => {
    const below = coats[i - 1];
    const coatId = coat.coat.id;
    const { started } = coat;
    if (below?.ended === undefined) return { coatId, state: 'none', lawful: [] };
    const on = { coat: below.coat, sheet: below.sheet, ended: below.ended };
    const known = started === undefined ? entries : entries.filter((entry) => moment(entry) <= started);
    const lawful = lawfulTimes(filmBelow(job, known, on, coat.coat));
    if (started !== undefined) return { coatId, state: begunIn(coat), ...spanOf(lawful), lawful };
    if (coat !== next || !recoat) return { coatId, state: 'none', lawful: [] };
    const { opens } = recoat;
    const closes = 'closes' in recoat ? recoat.closes : undefined;
    return {
      coatId,
      state: states[recoat.state],
      opens,
      ...(closes === undefined ? {} : { closes }),
      // Until it is sanded as planned the film’s own times say nothing of this coat.
      lawful: sandingAhead(work, below.coat.id) ? [{ from: opens }] : lawful,
    };
  });
}

const begunIn = ({ off }: CoatState): WindowState =>
  off === undefined ? 'open' : off.kind === 'late' ? 'missed' : 'waiting';

function spanOf(lawful: readonly LawfulTime[]): Pick<CoatWindow, 'opens' | 'closes'> {
  const [first] = lawful;
  const last = lawful.at(-1);
  return first ? { opens: first.from, ...(last?.to === undefined ? {} : { closes: last.to }) } : {};
}
