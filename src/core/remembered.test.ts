import fc from 'fast-check';
import { remembered } from './remembered';

describe('remembered', () => {
  it('answers as the function does, whatever is asked and however little is kept', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 5 }), fc.boolean())),
        fc.integer({ min: 1, max: 4 }),
        (asked, most) => {
          const plain = (a: number, b: boolean) => (b ? -a : a * a);
          const kept = remembered(plain, most);
          return asked.every(([a, b]) => Object.is(kept(a, b), plain(a, b)));
        },
      ),
    );
  });

  it('asks once for what is equal, and again for what was dropped', () => {
    let asked = 0;
    const kept = remembered(({ w }: { w: number }) => {
      asked += 1;
      return { w };
    }, 2);
    const first = kept({ w: 1 });
    expect(kept({ w: 1 })).toBe(first);
    kept({ w: 2 });
    kept({ w: 1 });
    kept({ w: 3 });
    expect(asked).toBe(3);
    // 2 was asked for longest ago.
    kept({ w: 1 });
    expect(asked).toBe(3);
    kept({ w: 2 });
    expect(asked).toBe(4);
  });

  it('keeps an answer of undefined too', () => {
    let asked = 0;
    const kept = remembered(() => void (asked += 1));
    kept();
    kept();
    expect(asked).toBe(1);
  });
});
