import { refuse, type Outcome } from '../refusal';

/** What a device on the line says, SI: a mass on the scale, a film under the gauge, a stream that begins or breaks. */
export type LiveReading =
  | { readonly kind: 'mass'; readonly value: number; readonly steady?: boolean }
  | { readonly kind: 'film'; readonly value: number }
  | { readonly kind: 'cup'; readonly stream: 'open' | 'break' };

/** SI a unit, by the sign a device writes. */
const masses: Readonly<Record<string, number>> = {
  mg: 1e-6,
  g: 1e-3,
  kg: 1,
  oz: 0.028349523125,
  lb: 0.45359237,
};
const films: Readonly<Record<string, number>> = {
  um: 1e-6,
  µm: 1e-6,
  μm: 1e-6,
  mm: 1e-3,
  mil: 25.4e-6,
  mils: 25.4e-6,
};

/** More than any bench scale carries and any gauge reads: a line that says so is not believed. kg, m */
const [mostMass, mostFilm] = [2000, 0.05];
/** A line longer than this is no reading. */
const longest = 120;

const shape =
  /^(?:(mass|film|cup)\b[\s,;:]*)?(?:([+-]?\s*\d+(?:[.,]\d+)?)\s*([a-zµμ]+)?|([a-z]+))?[\s,;:]*([a-z]+)?\s*$/i;

/**
 * Reads one line of the plain protocol: `mass 271.3 g moving`, `film 62.1 um`, `cup open`, `cup break`. The first word
 * may be left out where the unit tells it. Case, spaces and a decimal comma do not matter; a line that is empty or begins
 * with `#` says nothing.
 *
 * @returns the reading in SI, nothing for a line that says nothing; refuses a number without a unit, a unit of something
 *   else, what lies beyond any scale or gauge, and what is no reading at all
 * Source: first principles: the first number with a unit of a line
 * @example readLine('2 lb') → { kind: 'mass', value: 0.907185 }
 */
export function readLine(text: string): Outcome<LiveReading | undefined> {
  const line = text.replace(/[\u0000-\u001f\u007f\u00a0]/g, ' ').trim();
  if (line === '' || line.startsWith('#')) return undefined;
  const found = line.length <= longest ? shape.exec(line) : null;
  if (!found)
    return refuse(
      'not-a-reading',
      'The device sent something that is no reading. Is it set to send plain lines?',
    );
  const [, said, number, unit = '', word = '', flag = ''] = found;
  const what = said?.toLowerCase();
  if (what === 'cup') {
    const stream = word.toLowerCase();
    return stream === 'open' || stream === 'break'
      ? { kind: 'cup', stream }
      : refuse('not-a-stream', 'A cup sensor says open or break.');
  }
  if (number === undefined)
    return refuse('no-number', 'The device sent words and no number. It may be overloaded, or off.');
  const value = Number(number.replace(/\s/g, '').replace(',', '.'));
  const sign = unit.toLowerCase();
  if (sign === '') return refuse('no-unit', 'The device sent a number without a unit. Set it to send one.');
  const [mass, film] = [masses[sign], films[sign]];
  if (mass !== undefined && what !== 'film') {
    const kilograms = value * mass;
    if (Math.abs(kilograms) > mostMass)
      return refuse('beyond-scale', 'The device sent {value}: more than any bench scale carries.', {
        quantity: 'mass',
        value: kilograms,
      });
    const state = flag.toLowerCase();
    return {
      kind: 'mass',
      value: kilograms,
      ...(state === 'steady' ? { steady: true } : state === 'moving' ? { steady: false } : {}),
    };
  }
  if (film !== undefined && what !== 'mass') {
    const metres = value * film;
    if (metres < 0 || metres > mostFilm)
      return refuse('beyond-gauge', 'The device sent {value}: no film is that thick.', {
        quantity: 'film',
        value: metres,
      });
    return { kind: 'film', value: metres };
  }
  return refuse('unknown-unit', `The device sends ${unit}: kg, g, oz and lb are read, and µm, mm and mil.`);
}

/** Parts what arrives in pieces into whole lines; what has no end yet is kept for the next piece. */
export class Lines {
  private rest = '';

  /** @returns the lines that are whole now */
  take(piece: string): readonly string[] {
    const all = (this.rest + piece).split(/\r\n|\n|\r/);
    // A device that never ends its lines is not kept for ever.
    this.rest = (all.pop() ?? '').slice(-10 * longest);
    return all;
  }
}
