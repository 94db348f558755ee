import { lengthOf, motifs } from './sounds';

test('every alarm has a sound of its own, short enough to be heard out', () => {
  const all = Object.values(motifs).map((tones) =>
    tones.map(({ at, pitch }) => `${at.toFixed(2)}/${pitch}`).join(' '),
  );
  expect(new Set(all).size).toBe(all.length);
  for (const tones of Object.values(motifs)) {
    expect(lengthOf(tones)).toBeGreaterThan(0.3);
    expect(lengthOf(tones)).toBeLessThan(1.5);
  }
});

test('what is lost falls, what may begin rises', () => {
  const way = (id: keyof typeof motifs) => Math.sign(motifs[id].at(-1)!.pitch - motifs[id][0]!.pitch);
  expect([way('pot-life'), way('recoat-closes'), way('flash'), way('work')]).toEqual([-1, -1, 1, 1]);
});
