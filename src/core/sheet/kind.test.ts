import { paperKind } from '.';

describe('what kind of paper it is', () => {
  it('knows a safety data sheet, two products, and another language', () => {
    const safety = [
      'SAFETY DATA SHEET',
      'Section 1 Identification',
      'Section 2 Hazards identification',
      'H225 Highly flammable liquid and vapour. H317 May cause an allergic skin reaction. H336',
      'P210 Keep away from heat. P280 Wear gloves.',
      'Section 3 Composition, CAS numbers',
      'Section 11 Toxicological information',
      'Section 14 Transport, UN 1263',
    ].join('\n');
    expect(paperKind(safety, 5)).toBe('safety-sheet');
    expect(paperKind(safety, 20)).toBe('product-sheet');
    expect(paperKind('Product: Primer A\nDry film 40 µm\nProduct: Finish B\nDry film 50 µm', 4)).toBe(
      'two-products',
    );
    const german =
      'Der Lack wird mit dem Härter gemischt und nach 10 min mit der Pistole auf das Teil gespritzt. Die Schicht ist nach 4 h trocken und das Teil kann mit der Hand und mit dem Kran bewegt werden. Für die Reinigung das Mittel und die Bürste.';
    expect(paperKind(german, 8)).toBe('foreign');
    expect(paperKind('Mix the base with the hardener and use it within 4 hours at 20 °C.', 8)).toBe(
      'product-sheet',
    );
  });
});
