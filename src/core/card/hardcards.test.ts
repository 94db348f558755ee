import { photograph, poseOf, readable, type Pose } from '../../../bench/card/camera';
import { sceneFaults, sceneOf, type SceneFault } from '../../../bench/card/scene';
import { isRefusal } from '../refusal';
import { readCard, type CardPattern } from '.';

/** A few of the bench’s pictures: turned, aslant, shadowed, on papers of many colours. The whole table is printed by it. */
const size = [540, 720] as const;
const pictures = sceneFaults.map((fault) => {
  for (let k = 0; ; k += 1) {
    const seed = `few-${fault}-${k}`;
    const scene = sceneOf(seed, { fault, square: true });
    const pose = poseOf(seed);
    if (!readable(scene, pose, ...size) || pose.fills > 0.92) continue;
    return { fault, scene, found: readCard(photograph(scene, pose, seed, ...size)) };
  }
});

const shot = (fault: SceneFault, how: Partial<Pose>, square = true) => {
  const scene = sceneOf('plain', { fault, square });
  const pose = { ...poseOf('plain'), turn: 0, tiltX: 0, tiltY: 0, fills: 0.8, noise: 1.5, ...how };
  return { scene, picture: photograph(scene, pose, 'plain', ...size) };
};
const read = (
  picture: Parameters<typeof readCard>[0],
  taps?: Parameters<typeof readCard>[1],
): CardPattern => {
  const found = readCard(picture, taps);
  if (isRefusal(found)) throw new Error(found.refused);
  return found;
};

describe('cards as people photograph them', () => {
  it('are read, the fault by its name in seven of eight, the width within a twentieth in six', () => {
    const read = pictures.flatMap(({ found, ...rest }) => (isRefusal(found) ? [] : [{ ...rest, found }]));
    expect(read.filter(({ fault, found }) => found.fault === fault).length).toBeGreaterThanOrEqual(7);
    const close = read.filter(({ scene, found }) => Math.abs(found.width / scene.width - 1) <= 0.05);
    expect(close.length).toBeGreaterThanOrEqual(6);
  });

  it('turned and aslant a card says the same as straight', () => {
    const straight = shot('good', {});
    const aslant = shot('good', { turn: 14, tiltX: 10, tiltY: -9 });
    const [a, b] = [read(straight.picture), read(aslant.picture)];
    expect(a.width / straight.scene.width).toBeCloseTo(1, 1);
    expect(Math.abs(b.width / a.width - 1)).toBeLessThan(0.03);
    expect(b.fault).toBe(a.fault);
    expect(b.found.card).toBeDefined();
  });

  it('a drop here and there is spitting, a film of drops is coarse', () => {
    expect(read(shot('spitting', { turn: 8 }).picture).fault).toBe('spitting');
    expect(read(shot('coarse', { turn: -8 }).picture).fault).toBe('coarse');
  });

  it('without a square it asks for two taps, and reads by them however the card lies', () => {
    const { scene, picture } = shot('good', { turn: 10, tiltX: 8 }, false);
    expect(readCard(picture)).toMatchObject({ refused: 'no-scale' });
    const corners = read(shot('good', { turn: 10, tiltX: 8 }).picture).found.card!;
    const taps = { a: corners[0], b: corners[3], apart: scene.card.height };
    expect(Math.abs(read(picture, taps).width / scene.width - 1)).toBeLessThan(0.05);
  });

  it('what is blurred or shines is refused with what to do', () => {
    expect(readCard(shot('good', { blur: 6 }).picture)).toMatchObject({ refused: 'blur' });
    const { found } = read(shot('good', {}).picture);
    const [first, , third] = found.fan;
    const shine = { x: (first.x + third.x) / 2 / 720 + 0.1, y: (first.y + third.y) / 2 / 720, radius: 0.09 };
    const shining = readCard(shot('good', { shine }).picture);
    expect(isRefusal(shining) ? shining.refused : 'read').toMatch(/glare|no-pattern|no-margin/);
  });
});
