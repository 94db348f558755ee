import { isSample, nextSample, sampleCount, usualSampling } from '.';

describe('which parts of a run are measured', () => {
  it('the first three, then every tenth, and the last', () => {
    const measured = Array.from({ length: 48 }, (_, i) => i + 1).filter((part) =>
      isSample(part, 48, usualSampling),
    );
    expect(measured).toEqual([1, 2, 3, 13, 23, 33, 43, 48]);
    expect(sampleCount(48, usualSampling)).toBe(8);
  });
  it('the next one, until the run is over', () => {
    expect(nextSample(3, 48, usualSampling)).toBe(13);
    expect(nextSample(43, 48, usualSampling)).toBe(48);
    expect(nextSample(48, 48, usualSampling)).toBeUndefined();
  });
});
