import { aJob, end, fitRoom, logged, noon, seen, start } from '../../../tests/fixtures/job';
import { dueNow, type Called } from './due';

const sprayed = logged(aJob(), [-70, fitRoom], [-60, start('lacquer-1')], [-10, end('lacquer-1')]);
const at = (minutes: number) => [seen(sprayed, { minutes })];
const names = (minutes: number, called: Called | null) =>
  dueNow(at(minutes), called).due.map(({ timer }) => timer.id);
const looked: Called = { at: noon, ids: [] };

describe('timers that call', () => {
  it('call once when they run out, and not again after a reload', () => {
    const { opens } = at(0)[0]!.spray.recoat!;
    const minutes = (opens - noon) / 60_000 + 0.1;
    expect(names(minutes - 1, looked)).not.toContain('flash');
    const first = dueNow(at(minutes), looked);
    expect(first.due.map(({ timer }) => timer.id)).toContain('flash');
    const reloaded = JSON.parse(JSON.stringify(first.called)) as Called;
    expect(names(minutes + 1, reloaded)).not.toContain('flash');
  });

  it('call late when the device slept, but not for what is long past', () => {
    expect(names(400, looked)).toContain('flash');
    expect(names(24 * 60, looked)).not.toContain('flash');
  });

  it('do not call for what was over before anybody looked, nor again when the clock is set back', () => {
    expect(names(400, null)).toEqual([]);
    const { called } = dueNow(at(400), looked);
    expect(names(200, called)).toEqual([]);
    expect(names(400, called)).toEqual([]);
  });

  it('are forgotten only when there are very many', () => {
    const many: Called = { at: noon, ids: Array.from({ length: 300 }, (_, i) => `x${i}`) };
    expect(dueNow(at(400), many).called.ids.length).toBe(200);
  });
});

describe('a timer run out by the user’s own hand', () => {
  it('does not call', () => {
    const touched = logged(sprayed, [5, { type: 'touch', coatId: 'lacquer-1', found: 'tacky' }]);
    const { due } = dueNow([seen(touched, { minutes: 6 })], looked);
    expect(due.map(({ timer }) => timer.id)).not.toContain('flash');
  });
});
