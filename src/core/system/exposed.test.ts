import { standingDoubts, type Standing, type StandingLayer } from './exposed';

const layer = (says: Partial<StandingLayer> = {}): StandingLayer => ({
  id: 'l',
  name: 'Layer',
  chemistry: 'two-part',
  soft: false,
  acid: false,
  amine: false,
  rigId: 'a',
  barriers: 0,
  primes: false,
  indoors: false,
  clear: false,
  extra: 0,
  coats: 2,
  sandedBack: 0,
  ...says,
});
const ids = (standing: Partial<Standing>, ...layers: readonly StandingLayer[]) =>
  standingDoubts({ ground: 'metal', state: 'bare', ...standing }, layers).map(({ id }) => id);
const epoxy = layer({ amine: true, primes: true });

describe('where it will stand, and what it is judged by', () => {
  it.each<[string, Partial<Standing>, readonly StandingLayer[], readonly string[]]>([
    ['epoxy last in the sun', { exposure: 'sun' }, [epoxy], ['chalks']],
    ['epoxy under a colour in the sun', { exposure: 'sun' }, [epoxy, layer()], []],
    ['epoxy last in a damp room', { exposure: 'damp' }, [epoxy], []],
    ['colour on bare steel outdoors', { exposure: 'outdoors' }, [layer()], ['unprimed']],
    ['colour on bare steel indoors', { exposure: 'indoors' }, [layer()], []],
    ['nothing said of where', {}, [layer()], []],
    ['colour on primed steel in the damp', { exposure: 'damp', state: 'primer' }, [layer()], []],
    ['colour on bare wood outdoors', { exposure: 'outdoors', ground: 'wood' }, [layer()], []],
    [
      'furniture paint outdoors',
      { exposure: 'outdoors', ground: 'wood' },
      [layer({ indoors: true })],
      ['for-rooms'],
    ],
    [
      'two coats of clear on wood in the sun',
      { exposure: 'sun', ground: 'wood' },
      [layer({ clear: true })],
      ['clear-in-sun'],
    ],
    ['the same indoors', { exposure: 'indoors', ground: 'wood' }, [layer({ clear: true })], []],
    [
      'clear over a colour on wood outdoors',
      { exposure: 'outdoors', ground: 'wood' },
      [layer(), layer({ clear: true })],
      [],
    ],
    [
      'a coat thinned past its band outdoors',
      { exposure: 'outdoors', ground: 'wood' },
      [layer({ extra: 0.05 })],
      ['thinned-in-sun'],
    ],
    ['the same indoors, thinned', {}, [layer({ extra: 0.05 })], []],
    ['a mirror of two coats', { judgedBy: 'mirror' }, [layer({ sandedBack: 1e-5 })], ['mirror']],
    ['a mirror nobody flats', { judgedBy: 'mirror' }, [layer({ coats: 3 })], ['mirror']],
    ['a mirror of three, flatted', { judgedBy: 'mirror' }, [layer({ coats: 3, sandedBack: 1e-5 })], []],
    ['an even texture', { judgedBy: 'texture' }, [layer()], []],
  ])('%s', (_, standing, layers, found) => expect(ids(standing, ...layers)).toEqual(found));

  it('asks for a third coat of clear by one tap, and only for a filter once there are three', () => {
    const said = (coats: number) =>
      standingDoubts({ ground: 'wood', state: 'bare', exposure: 'sun' }, [layer({ clear: true, coats })])[0];
    expect(said(2)).toMatchObject({ adds: 'coat', weight: 'care' });
    expect(said(3)).toMatchObject({ weight: 'note' });
    expect(said(3)?.adds).toBeUndefined();
  });

  it('says nothing of no layers', () => expect(ids({ exposure: 'sun' })).toEqual([]));
});
