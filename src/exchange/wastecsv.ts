import Papa from 'papaparse';

type WasteKind = 'used' | 'recovered' | 'reused' | 'mix' | 'sludge' | 'rags';

/** One job's waste in one month: m³ and kg. */
export interface WasteLine {
  readonly month: string;
  readonly job: string;
  readonly volume: Readonly<Partial<Record<WasteKind, number>>>;
  readonly mass: Readonly<Partial<Record<WasteKind, number>>>;
}

const litres = (volume: number | undefined) =>
  volume === undefined ? '' : Number((volume * 1000).toPrecision(6));
const kilograms = (mass: number | undefined) => (mass === undefined ? '' : Number(mass.toPrecision(6)));

/** The waste register as a table, a line a job and month, for whoever must be shown it. */
export function writeWasteCsv(rows: readonly WasteLine[]): string {
  return Papa.unparse(
    rows.map(({ month, job, volume, mass }) => ({
      month,
      job,
      'solvent used [L]': litres(volume.used),
      'settled clear again [L]': litres(volume.recovered),
      'mix left over [L]': litres(volume.mix),
      'sludge [kg]': kilograms(mass.sludge),
      'rags [kg]': kilograms(mass.rags),
      // Came later: what reads the others by their place still finds them there.
      'of it used settled [L]': litres(volume.reused),
    })),
    // What a spreadsheet would run is led by an apostrophe.
    { newline: '\n', escapeFormulae: true },
  );
}
