import { drillOf, judgeRun, newPanel, spray, type GunMoment, type Judged, type Pull } from '@/core/practice';
import { isRefusal } from '@/core/refusal';
import { unitsOf } from '@/words/units';
import { paintFilm, scaleOf, shadesOf } from './paintpanel';
import { PanelRun } from './panelrun';
import { faultWords, pullNotes, runWords } from './words';

const flat = drillOf('flat');
const units = unitsOf('metric');
const plain = (text: string) => text.replace(/\u00a0/g, ' ');
const pull: Pull = {
  moments: [],
  upright: false,
  place: 0.125,
  from: -0.08,
  to: 1.08,
  speed: flat.speed,
  varied: 0,
  bow: 0,
};

describe('what is said of a stroke as it ends', () => {
  it.each([
    [{}, 'steady'],
    [{ speed: flat.speed * 1.4 }, 'too quick'],
    [{ speed: flat.speed * 0.7 }, 'too slow'],
    [{ from: 0.1 }, 'on the panel'],
    [{ bow: -0.05 }, 'bowed 50 mm'],
    [{ place: 0.2 }, '200 mm from the last'],
  ])('%j', (part, said) => {
    expect(plain(pullNotes({ ...pull, ...part }, { ...pull, place: 0 }, flat, units).join('; '))).toContain(
      said,
    );
  });
});

describe('what is said of a run', () => {
  const judged: Judged = {
    inside: 0.5,
    under: 0.5,
    over: 0,
    mean: 30e-6,
    cv: 0.2,
    sprayed: 1e-4,
    seconds: 20,
    runs: 0,
    pace: 0.3,
    edgesFirst: false,
    gains: [{ fault: 'lead', gain: 0.2 }],
    hand: {
      strokes: 5,
      speed: 0.5,
      speedSpread: 0.1,
      varied: 0.3,
      spacing: 0.1,
      spacingSpread: 0.4,
      lead: -0.05,
      leadSpread: 0.02,
      bow: 0.03,
    },
  };
  it('names the costliest fault, runs before all, and edges where they were to come first', () => {
    expect(plain(runWords(judged, flat, units))).toContain('50 mm inside the panel');
    expect(runWords({ ...judged, runs: 2 }, drillOf('upright'), units)).toContain('2 places run');
    expect(runWords(judged, drillOf('edges'), units)).toContain('edges come first');
    expect(runWords({ ...judged, gains: [], inside: 0.95 }, flat, units)).toContain('As even');
    expect(runWords({ ...judged, gains: [], inside: 0.6 }, flat, units)).toContain('No one thing');
  });

  it('says each fault with its own numbers, in the user’s units', () => {
    const say = (fault: Parameters<typeof faultWords>[0], in_ = units) =>
      plain(faultWords(fault, judged, flat, in_));
    expect(say('speed')).toContain('Slower: you moved at 0.50 m/s, with these strokes 0.30 m/s');
    expect(plain(faultWords('speed', { ...judged, pace: 0.7 }, flat, units))).toContain('Quicker');
    expect(say('speed', unitsOf('us'))).toContain('in/s');
    expect(say('spacing')).toContain('100 mm apart');
    expect(say('unsteady')).toContain('30 %');
    expect(say('bow')).toContain('30 mm');
    expect(
      plain(
        faultWords('lead', { ...judged, hand: { ...judged.hand, lead: 0.2, leadSpread: 0.09 } }, flat, units),
      ),
    ).toContain('varied by 90 mm');
  });
});

describe('the panel on screen', () => {
  const colours = { bare: '#ffffff', thin: '#e2daf3', good: '#0b5f48', over: '#a4291f' };
  const red = (pixel: number) => pixel & 255;
  const green = (pixel: number) => (pixel >> 8) & 255;

  it('is bare, then green inside the limits, then brick over them', () => {
    const table = shadesOf(flat, colours);
    const at = (film: number) => table[Math.floor((film / flat.aim / 2.5) * 255)]!;
    expect(at(0)).toBe(0xffffffff);
    expect(green(at(flat.aim))).toBeGreaterThan(red(at(flat.aim)));
    expect(red(at(flat.max * 1.1))).toBeGreaterThan(green(at(flat.max * 1.1)));
    expect(scaleOf(flat, 960) * (flat.width + 0.28)).toBeCloseTo(960, 6);
  });

  it('colours a blend by what is wanted where it lies', () => {
    const blend = drillOf('blend');
    const panel = newPanel(blend.width, blend.height, 0.02);
    if (isRefusal(panel)) throw new Error(panel.says);
    panel.film.fill(blend.aim);
    const pixels = new Uint32Array(panel.film.length);
    paintFilm(panel, blend, shadesOf(blend, colours), pixels);
    expect(green(pixels[0]!)).toBeGreaterThan(red(pixels[0]!));
    expect(red(pixels[panel.cols - 1]!)).toBeGreaterThan(green(pixels[panel.cols - 1]!));
  });

  it('lays what was noted once, frame by frame, as it would be laid at once', () => {
    const run = new PanelRun(flat);
    const moments: GunMoment[] = Array.from({ length: 61 }, (_, i) => ({
      t: i / 60,
      x: i / 100,
      y: 0.3,
      pull: i < 60 ? 1 : 0,
    }));
    for (const moment of moments) {
      run.note(moment);
      if (Math.round(moment.t * 60) % 7 === 0) expect(run.frame(1 / 60)).toBe(true);
    }
    run.frame(1 / 60);
    expect(run.frame(1 / 60)).toBe(false);
    expect(run.spraying).toBe(false);
    const whole = newPanel(flat.width, flat.height, 5e-3);
    if (isRefusal(whole)) throw new Error(whole.says);
    for (let i = 1; i < moments.length; i += 1) spray(whole, flat.gun, moments[i - 1]!, moments[i]!);
    const sum = (film: Float32Array) => film.reduce((total, each) => total + each, 0);
    expect(sum(run.panel.film) / sum(whole.film)).toBeCloseTo(1, 3);
    expect(run.pulls).toHaveLength(1);
    // A gun that rests with its trigger pulled sprays on; one let go does not.
    const resting = new PanelRun(flat);
    resting.note({ t: 0, x: 0.5, y: 0.3, pull: 1 });
    resting.hold(0.01);
    expect(resting.moments).toHaveLength(1);
    for (const t of [0.1, 0.2, 0.3]) resting.hold(t);
    resting.frame(1 / 60);
    expect(sum(resting.panel.film)).toBeGreaterThan(0);
    resting.note({ t: 0.31, x: 0.5, y: 0.3, pull: 0 });
    resting.hold(0.6);
    expect(resting.moments).toHaveLength(5);
    // Letting go is heard even when its message bears an earlier time than the last one held.
    resting.note({ t: 1, x: 0.5, y: 0.3, pull: 1 });
    resting.hold(1.5);
    resting.note({ t: 1.49, x: 0.5, y: 0.3, pull: 0 });
    expect(resting.spraying).toBe(false);
    resting.hold(2);
    expect(resting.moments).toHaveLength(8);
    // A moment from before the last one is a late message, not a way back in time.
    run.note({ t: 0.1, x: 0, y: 0, pull: 1 });
    expect(run.moments).toHaveLength(61);
    expect(isRefusal(judgeRun(run.moments, flat, run.panel))).toBe(false);
  });
});
