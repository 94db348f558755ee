import type { Drill, GunMoment, PracticePanel, Pull } from '@/core/practice';

/** Colours of the panel: bare, thin, inside the limits, too thick. */
export interface PanelColours {
  readonly bare: string;
  readonly thin: string;
  readonly good: string;
  readonly over: string;
}

const channels = (colour: string): [number, number, number] => {
  const hex = colour.replace('#', '');
  return [0, 2, 4].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
};
const mix = (a: readonly number[], b: readonly number[], share: number) =>
  a.map((each, i) => each + ((b[i] as number) - each) * share) as [number, number, number];

const shades = 256;
/** Film at the top of the scale, in aims. */
const top = 2.5;

/** A colour for every film from none to two and a half times the aim, as packed pixels. */
export function shadesOf(drill: Pick<Drill, 'aim' | 'min' | 'max'>, colours: PanelColours): Uint32Array {
  const [bare, thin, good, over] = [colours.bare, colours.thin, colours.good, colours.over].map(channels) as [
    number,
    number,
    number,
  ][];
  return Uint32Array.from({ length: shades }, (_, i) => {
    const film = (i / (shades - 1)) * top * drill.aim;
    const [r, g, b] =
      film < drill.min
        ? mix(bare as number[], thin as number[], Math.sqrt(film / drill.min))
        : film <= drill.max
          ? mix(
              thin as number[],
              good as number[],
              0.65 + (0.35 * (film - drill.min)) / (drill.max - drill.min),
            )
          : mix(over as number[], [0, 0, 0], Math.min((film / drill.max - 1) * 0.4, 0.4));
    // Little-endian: the bytes lie red, green, blue, alpha.
    return ((255 << 24) | (Math.round(b) << 16) | (Math.round(g) << 8) | Math.round(r)) >>> 0;
  });
}

/** Less than this share of the aim looks bare. */
const bareBelow = 0.02;

/** Writes the film of a panel as pixels, one a cell. */
export function paintFilm(panel: PracticePanel, drill: Drill, table: Uint32Array, pixels: Uint32Array): void {
  const { film, cols, rows } = panel;
  const scale = (shades - 1) / (top * drill.aim);
  const wanted = drill.wanted
    ? Float64Array.from({ length: cols }, (_, c) => drill.wanted?.((c + 0.5) / cols, 0.5) ?? 1)
    : undefined;
  for (let r = 0, i = 0; r < rows; r += 1)
    for (let c = 0; c < cols; c += 1, i += 1) {
      let at = film[i] as number;
      // Where less is wanted, film is coloured by how far it lies off what is wanted there.
      if (wanted && at > drill.aim * bareBelow) at += drill.aim * (1 - (wanted[c] as number));
      pixels[i] = table[Math.min((at * scale) | 0, shades - 1)] as number;
    }
}

/** Where the panel lies on a canvas: m of bench around it. */
export const around = 0.14;

/** Panel metres → canvas pixels. */
export const scaleOf = (drill: Drill, width: number): number => width / (drill.width + 2 * around);

/** Strokes as the hand drew them, over the film. */
export function drawPulls(
  context: CanvasRenderingContext2D,
  pulls: readonly Pull[],
  scale: number,
  ink: string,
): void {
  context.save();
  context.strokeStyle = ink;
  context.fillStyle = ink;
  context.lineWidth = 1.5;
  context.font = 'bold 13px "Archivo Variable", sans-serif';
  const at = ({ x, y }: Pick<GunMoment, 'x' | 'y'>) => [(x + around) * scale, (y + around) * scale] as const;
  pulls.forEach(({ moments }, i) => {
    const [first] = moments;
    if (!first) return;
    context.beginPath();
    context.moveTo(...at(first));
    for (const each of moments) context.lineTo(...at(each));
    context.stroke();
    const [x, y] = at(first);
    context.fillText(String(i + 1), Math.max(x - 6, 2), y - 4);
  });
  context.restore();
}
