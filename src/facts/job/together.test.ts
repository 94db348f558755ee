import type { PermissionItem } from './permission';
import { askedTogether } from './together';

const byHand = (id: string, says: Partial<Extract<PermissionItem, { by: 'hand' }>> = {}): PermissionItem => ({
  by: 'hand',
  id,
  group: 'people',
  weight: 'stop',
  waivable: true,
  met: false,
  says: id,
  state: 'todo',
  ...says,
});
const told = (id: string): PermissionItem => ({
  by: 'record',
  id,
  group: 'room',
  weight: 'stop',
  waivable: true,
  met: false,
});
const ids = (open: readonly PermissionItem[]) => askedTogether(open).map(({ id }) => id);

describe('what is asked together', () => {
  it('people by themselves, whatever can be left out of it', () => {
    const open = [
      byHand('masks', { waivable: false }),
      byHand('extraction'),
      byHand('tack', { group: 'part' }),
    ];
    expect(ids(open)).toEqual(['masks', 'extraction']);
  });

  it('part and gun after them, up to what only the record can settle', () => {
    const part = [byHand('tack', { group: 'part' }), byHand('air-dry', { group: 'gun' })];
    expect(ids([...part, told('room'), byHand('abrade', { group: 'part' })])).toEqual(['tack', 'air-dry']);
    expect(ids([told('room'), ...part])).toEqual([]);
  });

  it('what nobody leaves out of the part stands alone, and what acts its time is waited for', () => {
    const part = byHand('clean', { group: 'part' });
    const grave = byHand('old-paint', { group: 'part', waivable: false });
    expect(ids([grave, part])).toEqual(['old-paint']);
    expect(ids([part, grave])).toEqual(['clean']);
    expect(ids([part, byHand('etch', { group: 'part', state: 'acting' }), part])).toEqual(['clean']);
    // Nobody says in one breath that it was etched and that it was rinsed.
    const etch = byHand('etch', { group: 'part', waits: true });
    expect(ids([part, etch, byHand('rinse', { group: 'part' })])).toEqual(['clean', 'etch']);
  });
});
