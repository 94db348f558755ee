import { planCoats, type Piece, type PlanQuestion } from '@/core/schedule';
import { isRefusal } from '@/core/refusal';
import { dayFigure } from './dayfigure';

const figure = (then: Piece['coats'][number]['then'], more: Partial<PlanQuestion> = {}) => {
  const piece: Piece = {
    id: 'a',
    handle: 1800,
    coats: [
      { id: '1', duration: 600, coating: 'c', then },
      { id: '2', duration: 600, coating: 'c' },
    ],
  };
  const question = { pieces: [piece], start: 8 * 3600 + 300, ...more };
  const plan = planCoats(question);
  if (isRefusal(plan)) throw new Error(plan.says);
  return dayFigure(plan, question);
};

describe('the time axis', () => {
  it('draws coat, flash, coat, and the time until it can be handled, without a gap', () => {
    const { rows } = figure({ opens: 1800 });
    expect(rows[0]!.bars.map(({ kind }) => kind)).toEqual(['coat', 'flash', 'coat', 'settle']);
    const ends = rows[0]!.bars.map(({ from, to }) => [from - 29_100, to - 29_100]);
    expect(ends).toEqual([
      [0, 600],
      [600, 2400],
      [2400, 3000],
      [3000, 4800],
    ]);
  });

  it('what is wiped and masked right before a coat is drawn as work, not as coat', () => {
    const piece: Piece = {
      id: 'a',
      handle: 0,
      coats: [{ id: '1', duration: 600, before: 240, coating: 'c' }],
    };
    const plan = planCoats({ pieces: [piece], start: 1000 });
    if (isRefusal(plan)) throw new Error(plan.says);
    const [row] = dayFigure(plan, { pieces: [piece], start: 1000 }).rows;
    expect(row!.bars.map(({ kind, from, to }) => [kind, to - from])).toEqual([
      ['work', 240],
      ['coat', 360],
    ]);
  });

  it('shows a forbidden middle that is waited out', () => {
    const { rows } = figure(
      { opens: 600, forbidden: { from: 1200, to: 7200 } },
      { shifts: [[8 * 3600, 8 * 3600 + 1500]] },
    );
    expect(rows[0]!.bars.map(({ kind }) => kind)).toEqual([
      'coat',
      'flash',
      'open',
      'shut',
      'coat',
      'settle',
    ]);
  });

  it('puts the mix above the coats: its rest, then its life', () => {
    const then = { opens: 1800 };
    const piece: Piece = { id: 'a', handle: 0, coats: [{ id: '1', duration: 600, coating: 'c', then }] };
    const plan = planCoats({ pieces: [piece], start: 1000 });
    if (isRefusal(plan)) throw new Error(plan.says);
    const { rows } = dayFigure(
      plan,
      { pieces: [piece], start: 1000 },
      { mixed: 400, rested: 1300, useBefore: 8000 },
    );
    expect(rows[0]).toEqual({
      piece: 'mix',
      bars: [
        { kind: 'rest', from: 1000, to: 1300, coat: -1 },
        { kind: 'pot', from: 1300, to: 8000, coat: -1 },
      ],
    });
    // A mix without a rest or a life takes no row.
    expect(dayFigure(plan, { pieces: [piece], start: 1000 }, { mixed: 400, rested: 400 }).rows).toHaveLength(
      1,
    );
  });

  it('marks full steps of the clock, ten at most', () => {
    const { ticks, every, from, to } = figure({ opens: 1800 });
    expect(ticks.length).toBeLessThanOrEqual(11);
    expect(ticks.every((at) => at % every === 0 && at >= from && at <= to)).toBe(true);
  });
});
