import { lawfulTimes, type LawfulTime, type RecoatState } from '@/core/schedule';
import { lastOf, liveEntries } from './entries';
import { slowness, type CoatState, type SprayView } from './spray';
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
  { coats, next, recoat }: Pick<SprayView, 'coats' | 'next' | 'recoat'>,
): CoatWindow[] {
  const entries = liveEntries(job);
  const room = lastOf(entries, 'climate');
  const abraded = (coatId: string) =>
    lastOf(entries, 'abraded', (entry) => entry.coatId === coatId) !== undefined;
  return coats.map((coat, i): CoatWindow => {
    const below = coats[i - 1];
    const coatId = coat.coat.id;
    if (below?.ended === undefined) return { coatId, state: 'none', lawful: [] };
    const lawful = lawfulTimes(below.ended, below.sheet.times, slowness(below.sheet, room));
    if (coat.started !== undefined) return { coatId, state: begunIn(coat), ...spanOf(lawful), lawful };
    if (coat !== next || !recoat) return { coatId, state: 'none', lawful: [] };
    const { opens } = recoat;
    const closes = 'closes' in recoat ? recoat.closes : undefined;
    return {
      coatId,
      state: states[recoat.state],
      opens,
      ...(closes === undefined ? {} : { closes }),
      lawful: lawfulNow(recoat, lawful, abraded(below.coat.id)),
    };
  });
}

/** The clock’s times as a touch test or an abrasion moved them: nothing before it opens, and from then on. */
function lawfulNow(
  recoat: RecoatState,
  byClock: readonly LawfulTime[],
  abraded: boolean,
): readonly LawfulTime[] {
  const { opens } = recoat;
  // An abraded coat takes the next one at any time.
  if (abraded) return [{ from: opens }];
  if (recoat.state === 'never') return [];
  const [first, ...rest] = byClock.filter(({ to }) => to === undefined || to > opens);
  if (first) return [{ ...first, from: opens }, ...rest];
  return recoat.closes !== undefined && recoat.closes > opens ? [{ from: opens, to: recoat.closes }] : [];
}

const begunIn = ({ off }: CoatState): WindowState =>
  off === undefined ? 'open' : off.kind === 'late' ? 'missed' : 'waiting';

function spanOf(lawful: readonly LawfulTime[]): Pick<CoatWindow, 'opens' | 'closes'> {
  const [first] = lawful;
  const last = lawful.at(-1);
  return first ? { opens: first.from, ...(last?.to === undefined ? {} : { closes: last.to }) } : {};
}
