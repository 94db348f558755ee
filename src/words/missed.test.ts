import { missedWords } from './missed';

const mends = (next: boolean, flake: boolean, what: RegExp) =>
  missedWords(next, flake).find((each) => what.test(each.what))?.mends;

describe('what was missed', () => {
  it('is mended by the next coat only where one comes; a run never is', () => {
    expect(mends(true, false, /thin/)).toContain('next coat');
    expect(mends(false, false, /thin/)).not.toContain('Begin the next coat');
    expect(mends(true, false, /run/)).toBe(mends(false, false, /run/));
    expect(mends(true, false, /run/)).toMatch(/^Leave it/);
  });

  it('a cloud is said of flake alone, as tone', () => {
    expect(mends(true, false, /cloud/)).toBeUndefined();
    expect(mends(true, true, /cloud/)).toMatch(/tone error.*drop coat/);
  });
});
