import fc from 'fast-check';
import { chemistries } from '../care';
import { stackDoubts, type StackedLayer } from './fits';

const layer = (says: Partial<StackedLayer> = {}): StackedLayer => ({
  id: 'l',
  name: 'Layer',
  chemistry: 'two-part',
  soft: false,
  acid: false,
  amine: false,
  rigId: 'a',
  barriers: 0,
  ...says,
});
const ids = (...layers: readonly StackedLayer[]) => stackDoubts(layers).map(({ id }) => id);

describe('what fits on what', () => {
  const clear = layer({ rigId: 'b' });
  const wall = layer({ chemistry: 'water-borne', soft: true });
  const waterBase = layer({ chemistry: 'water-borne' });
  const polyester = layer({ chemistry: 'polyester', rigId: 'b' });

  it.each<[string, readonly StackedLayer[], readonly string[]]>([
    ['a two-part clear over a soft water-borne film', [wall, clear], ['lifts']],
    ['the same over a base made for it', [waterBase, clear], []],
    ['water-borne over water-borne', [wall, { ...wall, rigId: 'b' }], []],
    ['polyester over a soft water-borne film says one thing', [wall, polyester], ['lifts']],
    ['polyester over an enamel', [layer({ chemistry: 'oil-based' }), polyester], ['polyester-over']],
    ['polyester over epoxy', [clear, { ...polyester, rigId: 'a' }], []],
    ['polyester over acid etch', [layer({ acid: true }), polyester], ['over-acid']],
    ['epoxy over acid etch', [layer({ acid: true }), layer({ amine: true })], ['over-acid']],
    ['filler over acid etch', [layer({ acid: true }), layer()], []],
    ['a barrier coat laid twice', [layer({ barriers: 2 })], ['barrier-twice']],
    [
      'a second barrier coat higher up',
      [layer({ barriers: 1 }), layer(), layer({ barriers: 1 })],
      ['barrier-again'],
    ],
    ['a barrier coat and none after it', [layer({ barriers: 1 }), layer()], []],
    ['two-part over an enamel', [layer({ chemistry: 'oil-based' }), clear], ['over-drying']],
    [
      'moisture-curing over lacquer',
      [layer({ chemistry: 'lacquer' }), { ...clear, chemistry: 'moisture-curing' }],
      ['over-drying'],
    ],
    ['enamel over two-part', [clear, layer({ chemistry: 'oil-based' })], []],
    ['two-part over a solvent base made for it', [layer({ chemistry: 'solvent-borne' }), clear], []],
    ['one gun for two kinds', [waterBase, { ...clear, rigId: 'a' }], ['same-gun']],
    ['one gun for one kind', [clear, clear], []],
  ])('%s', (_, layers, found) => expect(ids(...layers)).toEqual(found));

  it('whatever lies in a stack, each doubt names a layer of it, and one alone has none below', () => {
    const any = fc.record({
      id: fc.uuid(),
      name: fc.string({ minLength: 1 }),
      chemistry: fc.constantFrom(...chemistries),
      soft: fc.boolean(),
      acid: fc.boolean(),
      amine: fc.boolean(),
      rigId: fc.constantFrom('a', 'b'),
      barriers: fc.nat(3),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 6 }), (layers) => {
        const doubts = stackDoubts(layers);
        expect(doubts.every(({ layerId }) => layers.some(({ id }) => id === layerId))).toBe(true);
        const [first] = layers;
        if (first) expect(ids(first).every((id) => id === 'barrier-twice')).toBe(true);
      }),
    );
  });
});
