import { nozzleFixes, type FixQuestion } from '@/core/airgun';
import { restorers } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { unitsOf } from './units';
import { fixesInWords, restorerWords } from './fixes';

// prettier-ignore
const question: FixQuestion = {
  bore: 1.3e-3, pressure: 9e3, liquid: { viscosity: 0.12, density: 1050 }, flow: 185e-6 / 60,
  temperature: 293.15, B: 3000, warmest: 303.15, thinnest: 0.05, nextFeed: 20e3,
};
const said = (more: Partial<FixQuestion> = {}) => {
  const fixes = nozzleFixes({ ...question, ...more });
  if (isRefusal(fixes)) throw new Error(fixes.says);
  return fixesInWords(fixes, unitsOf('metric'));
};

describe('what would make a nozzle work, in words', () => {
  it('what works comes first, with its number; what does not says why', () => {
    const words = said();
    const firstNot = words.findIndex(({ works }) => !works);
    expect(words.slice(firstNot).every(({ works }) => !works)).toBe(true);
    expect(words[0]!.says).toMatch(/Thin to \d+\smPa·s, still in the band/);
    expect(words.slice(firstNot).every(({ says }) => /does not|do not/.test(says))).toBe(true);
  });
  it('a nozzle too wide is closed; thinning makes it worse', () => {
    expect(said({ bore: 2.5e-3 }).map(({ says }) => says)).toEqual([
      expect.stringMatching(/Close the needle to about \d+ %/),
      'Thinning makes it worse: it runs the more.',
    ]);
  });
});

describe('what restores the film, in words', () => {
  it('names the lever and its value in the user’s units, and nothing out of reach', () => {
    const found = restorers(
      { wetFilm: 60e-6, flow: 4e-6, transfer: 0.6, speed: 0.2, fan: 0.25, overlap: 0.5 },
      'flow',
    );
    expect(restorerWords(found, unitsOf('metric')).join('; ')).toMatch(/move at 0\.32\sm\/s/);
    expect(restorerWords([{ lever: 'fan', to: 1, within: false }], unitsOf('us'))).toEqual([]);
  });
});
