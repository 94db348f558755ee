import { fieldStrokes, filmField, flatSurface, shapeProfile, type FilmField } from '@/core/evenness';
import { isRefusal } from '@/core/refusal';
import { coarse, evenFigure, sectionFigure, type MapColours } from './evenfigure';

const colours = new Proxy({}, { get: (_, name) => String(name) }) as MapColours;
const strokes = fieldStrokes({
  kind: 'flat',
  along: 1.2,
  across: 0.8,
  spacing: 0.125,
  speed: 0.4,
  fan: 0.25,
  distance: 0.2,
  lead: 0.1,
});
const laid = isRefusal(strokes)
  ? strokes
  : filmField({
      surface: flatSurface(0.8, 400),
      along: 1.2,
      cols: 600,
      strokes,
      gun: {
        profile: shapeProfile(1),
        fan: 0.25,
        distance: 0.2,
        footprint: 0.03,
        flow: 200e-6 / 60,
        transfer: 0.65,
      },
      openings: [{ x: 0.5, y: 0.3, width: 0.2, height: 0.2 }],
    });
const field = laid as FilmField;
const asked = { field, limits: { min: 36e-6, max: 54e-6 }, colours };
const figure = (system: 'metric' | 'us') =>
  evenFigure({ ...asked, system, readings: [{ x: 0.2, y: 0.2, film: 50.8e-6 }] });

describe('the film map as a figure', () => {
  it('draws few enough cells, with the mean of the field and nothing where it is cut out', () => {
    const { z, rows, cols } = coarse(field);
    expect([rows, cols]).toEqual([160, 160]);
    const inside = z.flat().filter((each): each is number => each !== null);
    const on = field.film.filter((_, i) => field.on[i] === 1);
    const mean = (values: ArrayLike<number>) =>
      Array.from(values).reduce((sum, each) => sum + each, 0) / values.length;
    expect(mean(inside) / mean(on)).toBeCloseTo(1, 2);
    expect(z[80]![80]).toBeNull();
  });

  it('speaks the user’s units and turns colour exactly at the limits', () => {
    const [metric, us] = [figure('metric'), figure('us')];
    const heat = metric.data[0] as unknown as { colorscale: [number, string][]; zmax: number };
    expect(heat.colorscale.map(([, colour]) => colour)).toEqual([
      'care',
      'care-wash',
      'good-wash',
      'good',
      'stop-wash',
      'stop',
    ]);
    expect(heat.colorscale[2]![0] * heat.zmax).toBeCloseTo(36, 6);
    expect(heat.colorscale[3]![0] * heat.zmax).toBeCloseTo(54, 6);
    const texts = (of: typeof metric) => (of.data[2] as unknown as { text: string[] }).text;
    expect(texts(metric)).toEqual(['<b>51</b>']);
    expect(texts(us)).toEqual(['<b>2.0</b>']);
  });

  it('cuts where it is asked to, with gaps at openings', () => {
    const cut = (way: 'along' | 'across', at: number) =>
      sectionFigure({ ...asked, system: 'metric', way, at });
    const along = (at: number) => cut('along', at).data[0]!.y;
    expect(along(0.5)).toHaveLength(600);
    expect(along(0.5)[300]).toBeNull();
    expect(along(0.1)[300]).toBeGreaterThan(30);
    const across = cut('across', 0.5);
    expect(across.data[0]!.x[200]).toBeNull();
    expect(across.layout.shapes[0]).toMatchObject({ x0: 36, x1: 54 });
    expect(cut('along', 1).data[0]!.y[0]).toBeGreaterThan(0);
  });
});
