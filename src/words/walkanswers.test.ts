import type { Face } from '@/records';
import { walkEntries } from './walkanswers';

const face: Face = {
  ...{ id: 'front', name: 'Front', width: 1, height: 1, count: 1 },
  lies: 'upright',
};
const none = new Set<never>();

describe('what an answer on the round writes', () => {
  it('is the answer alone where it is as hoped', () => {
    expect(walkEntries({ asks: 'bare', face, zone: 'edges' }, 'covered', {}, none)).toEqual([
      { type: 'inspected', faceId: 'front', zone: 'edges', asks: 'bare', found: 'covered' },
    ]);
    expect(walkEntries({ asks: 'hiding', face, zone: 'field' }, 'hides', {}, none)).toEqual([
      { type: 'hiding', faceId: 'front', hides: true },
    ]);
  });

  it('is a small miss beside a bare spot, and a fault to trace where there is one, once', () => {
    expect(walkEntries({ asks: 'bare', face, zone: 'edges' }, 'bare', {}, none)[1]).toMatchObject({
      type: 'miss',
      text: 'Bare spot, edges',
      how: 'brush',
    });
    const runs = walkEntries({ asks: 'texture', face, zone: 'field' }, 'runs', {}, none);
    expect(runs[1]).toMatchObject({ type: 'defect', defect: 'runs', note: 'Front, open face' });
    expect(
      walkEntries({ asks: 'texture', face, zone: 'field' }, 'runs', {}, new Set(['runs' as const])),
    ).toHaveLength(1);
  });

  it('is nothing where the answer is to something else', () => {
    expect(walkEntries({ asks: 'waves', face, zone: 'field' }, 'greasy', {}, none)).toEqual([]);
  });
});
