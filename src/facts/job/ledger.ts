import { filmLedger, type CoatFilm, type FilmLedger } from '@/core/system';
import type { Layer } from '@/records';
import { sandedByPlan, sandedOff } from './between';
import type { Worked } from './worked';

const known = new WeakMap<Worked, FilmLedger>();

/** The one ledger of a job’s film: what every coat and layer is to have, and what of it stays. */
export function ledgerOf(job: Worked): FilmLedger {
  const held = known.get(job);
  if (held) return held;
  const off = sandedOff(job);
  const made = filmLedger(
    job.layers.map(({ id, sheet, coats, work = [] }: Layer) => ({
      id,
      sheet: {
        ...sheet.film,
        coats: sheet.coats,
        coatsAssumed: sheet.assumed.includes('coats'),
        ...(sheet.totalFilm ? { total: sheet.totalFilm } : {}),
      },
      coats: coats.map((coat) => ({
        id: coat.id,
        dry: coat.dry,
        weight: coat.weight,
        sanded: off.planned.get(`sand-${coat.id}`) ?? sandedByPlan(coat),
        allowed: sandedByPlan(coat),
      })),
      sanded:
        work.reduce((sum, each) => sum + (off.planned.get(each.id) ?? each.takes ?? 0), 0) +
        (off.beside.get(id) ?? 0),
      allowed: work.reduce((sum, { takes = 0 }) => sum + takes, 0),
    })),
  );
  known.set(job, made);
  return made;
}

/** A coat in the ledger. */
export const filmOfCoat = (job: Worked, coatId: string): CoatFilm | undefined =>
  ledgerOf(job)
    .layers.flatMap(({ coats }) => coats)
    .find(({ id }) => id === coatId);

/** m dry that should stay of these coats, and what may. */
export interface FilmWanted {
  readonly min: number;
  readonly nominal: number;
  readonly max: number;
}

/**
 * What is wanted of the coats that are on: of a whole layer what its sheet lets stay, of one that is not yet whole the
 * part of it that its coats are of the whole.
 */
export function filmWanted(job: Worked, coatIds: ReadonlySet<string>): FilmWanted {
  const wanted = { min: 0, nominal: 0, max: 0 };
  for (const { coats, sprayed, sanded, stays, min, max } of ledgerOf(job).layers) {
    const on = coats.filter(({ id }) => coatIds.has(id));
    if (on.length === 0) continue;
    const whole = on.length === coats.length;
    const laid = on.reduce((sum, { aim }) => sum + aim, 0);
    const part = whole || sprayed === 0 ? 1 : laid / sprayed;
    wanted.min += min * part;
    wanted.max += max * part;
    wanted.nominal += whole
      ? stays
      : laid -
        Math.min(
          on.reduce((sum, each) => sum + each.sanded, 0),
          sanded,
        );
  }
  return wanted;
}
