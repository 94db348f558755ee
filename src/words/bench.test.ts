import type { BenchSpan } from '@/facts/shop/bench';
import { benchRow } from '@/facts/shop/bench';
import { aJob, end, logged, mixedLacquer, noon, seen, setting, start } from '../../tests/fixtures/job';
import { spanSays, standsSays } from './bench';

const minutes = (n: number) => noon + n * 60_000;
const span = (said: Partial<BenchSpan>): string =>
  spanSays({ kind: 'open', of: 'Clear 2', from: noon, ...said }, noon).replace(/\d\d:\d\d/, 'HH:MM');

describe('a stretch of the axis in words', () => {
  it('says what goes on and who is bound, what opens when, and until when', () => {
    expect(span({ kind: 'coat', of: 'Base coat' })).toBe('base coat going on');
    expect(span({ kind: 'coat', who: 'Wren' })).toBe('Clear 2 going on, Wren is bound');
    expect(span({ from: minutes(7) })).toBe('Clear 2 from HH:MM');
    expect(span({ to: minutes(30) })).toBe('Clear 2 by HH:MM');
    expect(span({})).toBe('Clear 2 open');
    expect(span({ kind: 'shut', to: minutes(90) })).toBe('Clear 2: not before HH:MM');
    expect(span({ kind: 'pot', of: 'Colour', to: minutes(60) })).toBe('pot colour HH:MM');
    expect(span({ kind: 'gun', of: 'Bay 2 gun', to: minutes(20) })).toBe('Bay 2 gun clean by HH:MM');
  });

  it('says how far a job is', () => {
    const job = logged(
      aJob(),
      [-9, mixedLacquer],
      [-8, setting()],
      [-7, start('lacquer-1')],
      [-2, end('lacquer-1')],
    );
    expect(standsSays(benchRow(seen(job)))).toBe('Lacquer · 1 of 2 coats on');
    const due = { ...job, due: new Date(minutes(600)).toISOString() };
    expect(standsSays(benchRow(seen(due)))).toMatch(/^Lacquer · 1 of 2 coats on · ready by .*\d\d:\d\d$/);
  });
});
