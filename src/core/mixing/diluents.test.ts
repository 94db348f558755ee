import fc from 'fast-check';
import { diluentOf, refusedDiluent, type Binder, type Diluent, type NamedLiquid } from './diluents';

const liquid = (name: string, says: Partial<NamedLiquid> = {}): NamedLiquid => ({
  name,
  density: 870,
  viscosity: 0.9e-6,
  water: 0,
  ...says,
});
const binders: readonly Binder[] = [
  'gel-coat',
  'polyester-filler',
  'isocyanate',
  'water-isocyanate',
  'epoxy',
  'moisture-curing',
  'water-borne',
  'lacquer',
  'acid-etch',
  'alkyd',
  'solvent-base',
  'unknown',
];

describe('what a liquid is', () => {
  it.each<[string, Diluent | undefined]>([
    ['Acetone', 'acetone'],
    ['Technisches Aceton', 'acetone'],
    ['Propanone', 'acetone'],
    ['Methylated spirits', 'alcohol'],
    ['IPA 99 %', 'alcohol'],
    ['Isopropanol', 'alcohol'],
    ['White spirit', 'spirits'],
    ['Pure turpentine', 'spirits'],
    ['Cellulose thinner', 'lacquer-thinner'],
    ['Gun wash', 'lacquer-thinner'],
    ['Styrol', 'styrene'],
    ['Xylene', undefined],
    ['Methyl ethyl ketone', 'acetone'],
    ['MEKP 50', 'hardener'],
    ['Activator 25', 'hardener'],
    ['Thinner for catalysed lacquer', undefined],
    ['Deionised water', 'water'],
    ['Wasser', 'water'],
    ['Water-borne reducer', undefined],
    ['Waterproof additive', undefined],
    ['Standard thinner', undefined],
    ['Slow thinner 30', undefined],
  ])('%s', (name, kind) => expect(diluentOf(liquid(name))).toBe(kind));

  it('its figures tell it where its name does not', () => {
    expect(diluentOf(liquid('Blend 7', { density: 791, viscosity: 0.4e-6 }))).toBe('acetone');
    expect(diluentOf(liquid('Blend 7', { density: 786, viscosity: 2.6e-6 }))).toBeUndefined();
    expect(diluentOf(liquid('Blend 8', { density: 990, water: 0.5 }))).toBe('water');
    expect(diluentOf(liquid('Blend 8', { density: 990, water: 0.49 }))).toBeUndefined();
  });
});

describe('what may not go in', () => {
  it.each<[string, Binder, boolean, boolean]>([
    ['Acetone', 'gel-coat', true, true],
    ['Standard thinner', 'gel-coat', true, true],
    ['Styrene', 'gel-coat', false, false],
    ['Acetone', 'polyester-filler', true, true],
    ['Water', 'isocyanate', true, true],
    ['Isopropanol', 'isocyanate', true, true],
    ['White spirit', 'isocyanate', true, false],
    ['Standard thinner', 'isocyanate', false, false],
    ['Water', 'moisture-curing', true, true],
    ['Ethanol', 'moisture-curing', true, true],
    ['Water', 'water-isocyanate', false, false],
    ['White spirit', 'water-borne', true, false],
    ['Acetone', 'water-borne', true, false],
    ['Water', 'water-borne', false, false],
    ['Water', 'epoxy', true, true],
    ['Isopropanol', 'epoxy', false, false],
    ['Cellulose thinner', 'lacquer', false, false],
    ['White spirit', 'alkyd', false, false],
    ['Slow hardener', 'alkyd', true, true],
  ])('%s in %s: unread %s, read from its sheet %s', (name, binder, unread, read) => {
    expect(refusedDiluent(liquid(name), binder, false) !== undefined).toBe(unread);
    expect(refusedDiluent(liquid(name), binder, true) !== undefined).toBe(read);
  });

  it('only styrene thins a gel coat, whatever a tin says; what is never right is right on no sheet', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...binders), fc.boolean(), (name, binder, named) => {
        const found = refusedDiluent(liquid(name), binder, named);
        if (binder === 'gel-coat') expect(found !== undefined).toBe(diluentOf(liquid(name)) !== 'styrene');
        if (found && named) expect(found.never).toBe(true);
        if (!found) expect(refusedDiluent(liquid(name), binder, true)).toBeUndefined();
      }),
    );
  });
});
