import {
  aJob,
  colour,
  end,
  logged,
  mixedColour,
  mixedLacquer,
  noon,
  seen,
  setting,
  start,
} from '../../../tests/fixtures/job';
import { nearestOf } from '../job/timers';
import { benchRow, benchRows, wanted } from './bench';

const begun = logged(aJob(), [-9, mixedLacquer], [-8, setting()], [-7, start('lacquer-1')]);
const flashing = logged(begun, [-2, end('lacquer-1')]);
const two = logged(
  aJob([colour]),
  [-30, mixedColour()],
  [-20, setting()],
  [-15, start('colour-1')],
  [-10, end('colour-1')],
);
const named = (job: typeof begun, id: string, name: string) => ({ ...job, id, name });

describe('a job on the axis of the shop', () => {
  it('shows the coat that goes on, and who is bound by it', () => {
    const row = benchRow(seen(begun));
    expect(row.presses).toBe('runs');
    const coat = row.spans.find(({ kind }) => kind === 'coat')!;
    expect(coat.from).toBe(noon - 7 * 60_000);
    // A coat longer on than planned still goes on.
    expect(coat.to).toBeGreaterThanOrEqual(noon);
    const withWren = {
      ...begun,
      log: begun.log.map((entry) => (entry.type === 'coat-start' ? { ...entry, by: 'Wren' } : entry)),
    };
    const said = benchRow(seen(withWren)).spans.find(({ kind }) => kind === 'coat')!;
    expect(said.who).toBe('Wren');
  });

  it('shows the window from when it opens, and until when it may be used', () => {
    const view = seen(flashing);
    const open = benchRow(view).spans.find(({ kind }) => kind === 'open')!;
    expect(open.from).toBe(view.spray.recoat!.opens);
    expect(open.of).toBe('Lacquer 2');
  });

  it('shows every pot and gun with its end, which must not be missed', () => {
    const { spans } = benchRow(seen(two));
    const pot = spans.find(({ kind }) => kind === 'pot')!;
    expect(pot).toMatchObject({ of: 'Colour', lost: true });
    expect(pot.to).toBe(seen(two).pots[0]!.useBefore);
    expect(spans.some(({ kind }) => kind === 'gun')).toBe(true);
  });

  it('puts what is late or due first, and of what is still the job begun last', () => {
    const still = (id: string, day: string) => ({
      ...named(aJob(), id, id),
      begun: `2026-11-${day}T08:00:00.000Z`,
    });
    const late = named(two, 'late', 'Late');
    const rows = benchRows([
      seen(still('older', '01')),
      seen(still('newer', '20')),
      seen(named(flashing, 'soon', 'Soon')),
      seen(late, { minutes: 24 * 60 }),
    ]);
    const dues = rows.map(({ due }) => due);
    expect([...dues].sort((a, b) => a - b)).toEqual(dues);
    expect(rows.slice(-2).map(({ view, presses }) => [view.job.id, presses])).toEqual([
      ['newer', 'still'],
      ['older', 'still'],
    ]);
    expect(rows.find(({ view }) => view.job.id === 'late')!.presses).toBe('late');
  });

  it('is found by all the words, in name, product or gun', () => {
    const row = benchRow(seen(named(two, 'x', 'Fender, car 9')));
    for (const words of ['', 'fender', 'CAR 9', 'colour car']) expect(wanted(row, words)).toBe(true);
    for (const words of ['lacquer', 'car 8']) expect(wanted(row, words)).toBe(false);
  });
});

describe('the clock that presses most', () => {
  const timer = (id: 'flash' | 'stir' | 'pot-life', due: number, then: 'go' | 'do' | 'lost') => ({
    id,
    layerId: 'l',
    due,
    warn: 0,
    then,
  });
  it('is not a window that has long been open, while something else runs or is late', () => {
    const open = timer('flash', 10, 'go');
    expect(nearestOf([open, timer('stir', 500, 'do')], 100)?.id).toBe('stir');
    expect(nearestOf([timer('stir', 5, 'do'), open], 100)?.id).toBe('stir');
    expect(nearestOf([timer('flash', 200, 'go'), timer('pot-life', 900, 'lost')], 100)?.id).toBe('flash');
    expect(nearestOf([open], 100)?.id).toBe('flash');
    expect(nearestOf([], 100)).toBeUndefined();
  });
});
