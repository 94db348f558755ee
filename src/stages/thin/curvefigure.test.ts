import { aJob, logged, mixedLacquer, reading, seen, trueSeconds, water } from '../../../tests/fixtures/job';
import { thinCurve } from '@/facts/job';
import { curveFigure } from './curvefigure';

const colours = {
  ink: '#1',
  'ink-soft': '#2',
  hairline: '#3',
  good: '#4',
  'good-wash': '#5',
  act: '#6',
  care: '#7',
  paper: '#8',
};
const figureOf = (job: ReturnType<typeof aJob>) => {
  const { thin } = seen(job);
  return { thin, figure: curveFigure(thin, thinCurve(thin.question!), colours, (colour) => colour) };
};
const mixed = logged(
  aJob(),
  [-60, mixedLacquer],
  [-50, reading(trueSeconds(0))],
  [-49, reading(trueSeconds(0) + 0.3)],
);

describe('the thinning curve', () => {
  it('draws every timing at the share it was taken at', () => {
    const two = logged(mixed, [-45, water(0.06)], [-40, reading(29, 20)]);
    const { figure, thin } = figureOf(two);
    const dots = figure.data.find(({ mode, x }) => mode === 'markers' && x.length === 3);
    expect(dots?.x.map((share) => Math.round(share * 10) / 10)).toEqual([0, 0, 3]);
    expect(dots?.y[2]).toBeCloseTo(thin.readings[1]!.atSheet, 6);
  });

  it('marks band, limit and the next addition, and has room for all of them', () => {
    const { figure, thin } = figureOf(mixed);
    if (thin.step.kind !== 'advice' || thin.step.advice.kind !== 'add') throw new Error('no advice');
    const next = thin.step.advice.share * 100;
    expect(figure.layout.annotations.map(({ text }) => text)).toEqual([
      '<b>band 21–25\u00a0s</b>',
      '<b>sheet limit 12 % </b>',
      '<b> next</b>',
    ]);
    expect(figure.layout.shapes).toHaveLength(3);
    const [from, to] = figure.layout.xaxis.range as [number, number];
    const [bottom, top] = figure.layout.yaxis.range as [number, number];
    expect(next).toBeGreaterThan(from);
    expect(12).toBeLessThan(to);
    expect(bottom).toBeLessThan(21);
    expect(top).toBeGreaterThan(trueSeconds(0));
  });

  it('marks each addition at the share it brought the pot to', () => {
    const twice = logged(mixed, [-45, water(0.06)], [-40, reading(29)], [-35, water(0.04)]);
    const { figure, thin } = figureOf(twice);
    const marks = figure.data.find(({ marker }) => marker && 'symbol' in marker);
    expect(marks?.x.map((share) => Math.round(share * 100) / 100)).toEqual([3, 5]);
    expect(marks?.x.at(-1)).toBeCloseTo(thin.share * 100, 9);
    expect(figureOf(mixed).figure.data.find(({ marker }) => marker && 'symbol' in marker)?.x).toEqual([]);
  });

  it('says nothing of a next addition when none is due', () => {
    const { figure } = figureOf(logged(aJob(), [-60, mixedLacquer], [-50, reading(23)]));
    expect(figure.layout.annotations).toHaveLength(2);
  });
});
