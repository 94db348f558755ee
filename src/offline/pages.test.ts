import { stages } from '@/facts/job';
import { namedBy, ownPages, pageFor } from './pages';

describe('addresses of one thing among many', () => {
  it('are answered by one page a stage, and one each for sheets and rigs', () => {
    for (const stage of stages) expect(pageFor(`/job/any id/${stage}`)).toBe(`/of/job/${stage}`);
    expect(pageFor('/coatings/x')).toBe('/of/coating');
    expect(pageFor('/rigs/x')).toBe('/of/rig');
    for (const own of ['/', '/coatings', '/rigs', '/settings', '/job/x', '/job/x/elsewhere', '/coatings/x/y'])
      expect(pageFor(own)).toBe(own);
  });

  it('the server and the service worker know the same ones', () => {
    expect(ownPages.map(({ destination }) => destination.replace(':stage', 'plan'))).toEqual([
      pageFor('/job/x/plan'),
      pageFor('/coatings/x'),
      pageFor('/rigs/x'),
    ]);
    for (const stage of stages) expect(ownPages[0].source).toContain(stage);
  });

  it('name what they show, whatever was typed into the address', () => {
    expect(namedBy('/job/a%20b/plan')).toEqual({ id: 'a b', part: 'plan' });
    expect(namedBy('/rigs/x')).toEqual({ id: 'x' });
    expect(namedBy('/rigs/%E0%A4%A')).toEqual({ id: '%E0%A4%A' });
    expect(namedBy('/')).toEqual({ id: '' });
  });
});
