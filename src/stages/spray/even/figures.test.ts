import { optimise, overlapBands, usualHand } from '@/core/evenness';
import { landedFilm } from '@/core/flowout';
import { seeded } from '@/core/random';
import type { MapColours } from '@/ui/figures/evenfigure';
import { flowFigure } from '../flow/flowfigure';
import { bandsFigure } from './bandsfigure';
import { frontFigure } from './frontfigure';
import { sure, handbookGun as gun } from '../../../../tests/fixtures/gun';

const colours = new Proxy({}, { get: (_, name) => String(name) }) as MapColours;
const veil = (colour: string) => colour;
const passes = { kind: 'flat', along: 1, across: 0.6, lead: 0.1 } as const;

describe('figures of the film', () => {
  it('overlap: shades what is too quick for a hand and keeps the band above nought', () => {
    const bands = sure(
      overlapBands(
        {
          gun,
          passes: { ...passes, spacing: 0.125, speed: 0.4, fan: 0.25, distance: 0.2 },
          hand: usualHand,
          overlaps: [0.5, 0.75, 0.9],
          hands: 12,
        },
        seeded(1),
      ),
    );
    const figure = (fastest: number) =>
      bandsFigure({ bands, measure: 'cv', fastest, now: 0.5, colours, veil });
    expect(figure(0.9).layout.shapes).toHaveLength(2);
    expect(figure(9).layout.shapes).toHaveLength(1);
    const [high, low] = figure(9).data.map(({ y }) => y);
    high!.forEach((each, i) => expect(each).toBeGreaterThanOrEqual(low![i]!));
  });

  it('trade-off: in paint or in time, in the user’s units', () => {
    const optimum = sure(
      optimise({
        gun,
        passes,
        hand: usualHand,
        aim: 45e-6,
        limits: { min: 36e-6, max: 56e-6 },
        overlap: { min: 0.5, max: 0.8 },
        distance: { min: 0.2, max: 0.2 },
        flow: { min: 3e-6, max: 4e-6 },
        speed: { min: 0.2, max: 0.9 },
        want: 'time',
        hands: 3,
      }),
    );
    const [paint, time] = (['paint', 'time'] as const).map((want) =>
      frontFigure(optimum, want, 'us', colours),
    );
    expect(paint!.layout.xaxis.title.text).toMatch(/paint .*(gal|qt|oz)/);
    expect(time!.layout.xaxis.title.text).toContain('time');
    expect(time!.data[2]!.x[0]).toBeCloseTo(optimum.best.seconds, 6);
  });

  it('flow-out: the window opens toward thicker liquids and the present point lies between its thinnest and thickest', () => {
    const landed = sure(landedFilm({ viscosity: 0.07, density: 1050, carrier: 'reactive' }));
    const figure = flowFigure({
      landed,
      angle: Math.PI / 2,
      limits: { levelling: 3, sag: 0.01 },
      film: 60e-6,
      least: 50e-6,
      most: 75e-6,
      system: 'metric',
      colours,
      veil,
    });
    const [peel, run, point] = figure.data as unknown as {
      x: number[];
      y: number[];
      error_x: { array: number[] };
    }[];
    peel!.x.slice(1).forEach((each, i) => expect(each).toBeGreaterThanOrEqual(peel!.x[i]!));
    run!.x.forEach((each, i) => expect(each).toBeGreaterThanOrEqual(peel!.x[i]!));
    expect(point!.x[0]).toBeCloseTo(60, 6);
    expect(point!.error_x.array[0]).toBeCloseTo(15, 6);
  });
});
