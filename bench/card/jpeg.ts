/** What a JPEG of a quality loses: blocks of eight pixels, their waves rounded. No file is written. */

// Picture loops run millions of times: the functions are looked up once.
const { PI, SQRT1_2, cos, floor, max, round } = Math;

// The usual table of brightness: ISO/IEC 10918-1, annex K.
const table = [
  16, 11, 10, 16, 24, 40, 51, 61, 12, 12, 14, 19, 26, 58, 60, 55, 14, 13, 16, 24, 40, 57, 69, 56, 14, 17, 22,
  29, 51, 87, 80, 62, 18, 22, 37, 56, 68, 109, 103, 77, 24, 35, 55, 64, 81, 104, 113, 92, 49, 64, 78, 87, 103,
  121, 120, 101, 72, 92, 95, 98, 112, 100, 103, 99,
];
const waves = Float32Array.from({ length: 64 }, (_, i) => {
  const [k, n] = [i >> 3, i & 7];
  return cos(((2 * n + 1) * k * PI) / 16) * (k === 0 ? SQRT1_2 : 1) * 0.5;
});

/** A picture as it comes back from a JPEG. */
export function asJpeg(
  data: Uint8ClampedArray,
  width: number,
  height: number,
  quality: number,
): Uint8ClampedArray {
  const scale = quality < 50 ? 5000 / quality : 200 - 2 * quality;
  const out = new Uint8ClampedArray(data);
  const [block, half, waved] = [new Float32Array(64), new Float32Array(64), new Float32Array(64)];
  // Colour is kept as it is: brightness and two differences, each in its blocks.
  for (let k = 0; k < 3; k += 1)
    for (let by = 0; by + 8 <= height; by += 8)
      for (let bx = 0; bx + 8 <= width; bx += 8) {
        for (let i = 0; i < 64; i += 1)
          block[i] = (data[4 * ((by + (i >> 3)) * width + bx + (i & 7)) + k] as number) - 128;
        turned(block, half, false);
        turned(half, waved, false);
        for (let i = 0; i < 64; i += 1) {
          const q = max(floor(((table[i] as number) * scale + 50) / 100), 1);
          waved[i] = round((waved[i] as number) / q) * q;
        }
        turned(waved, half, true);
        turned(half, block, true);
        for (let i = 0; i < 64; i += 1)
          out[4 * ((by + (i >> 3)) * width + bx + (i & 7)) + k] = (block[i] as number) + 128;
      }
  return out;
}

/** One direction of the cosine transform, turned over: twice makes both. */
function turned(from: Float32Array, to: Float32Array, back: boolean): void {
  for (let row = 0; row < 8; row += 1)
    for (let k = 0; k < 8; k += 1) {
      let sum = 0;
      for (let n = 0; n < 8; n += 1)
        sum += (from[8 * row + n] as number) * (waves[back ? 8 * n + k : 8 * k + n] as number);
      to[8 * k + row] = sum;
    }
}
