import { moistureForecast, type MoistureForecast } from '@/core/airline';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { Job, Rig } from '@/records';
import { spansOf } from './riguse';

const day = 86_400_000;

/** The weather of a day, as entered. */
export interface Weather {
  /** K of the air drawn in, and of the room the line hangs in. */
  readonly air: number;
  readonly humidity: number;
  readonly room: number;
  /** s a day that the gun takes air. */
  readonly working: number;
}

/** Pressure at the gun while it sprays where no setting says it, Pa. */
const usualGun = 2e5;

/** Water a rig's air will bring in this weather. */
export function rigMoisture(rig: Rig, { air, humidity, room, working }: Weather): Outcome<MoistureForecast> {
  const { compressor } = rig;
  if (!compressor)
    return refuse(
      'no-compressor',
      'Enter on the gun’s page what its compressor delivers and the pressure it stops at.',
    );
  return moistureForecast({
    // No more air is drawn in than the gun takes or the compressor gives.
    freeAir: Math.min(rig.airDemand ?? compressor.delivers, compressor.delivers),
    working,
    air,
    humidity,
    room,
    tankPressure: compressor.high,
    gunPressure: Math.min(rig.maxPressure ?? usualGun, usualGun, compressor.high),
    dried: rig.dryer === true || rig.airParts?.some(({ kind }) => kind === 'dryer') === true,
  });
}

export interface WaterRow {
  readonly found: NonNullable<Rig['waterFound']>[number];
  /** m³ that the forecast would have brought there since it was last looked at; undefined where the weather is not known. */
  readonly expected?: number;
  /** s sprayed since. */
  readonly sprayed: number;
}

/** Water found, the youngest first, each beside what its weather let expect for what was sprayed since the time before. */
export function waterRows(rig: Rig, jobs: readonly Job[]): WaterRow[] {
  const spans = spansOf(jobs, rig.id);
  const all = [...(rig.waterFound ?? [])].sort((a, b) => a.at.localeCompare(b.at));
  return all
    .map((found): WaterRow => {
      const at = Date.parse(found.at);
      const last = all
        .filter(({ where, at: other }) => where === found.where && Date.parse(other) < at)
        .at(-1);
      const from = last ? Date.parse(last.at) : at - day;
      const sprayed = spans
        .filter((span) => span.at > from && span.at <= at)
        .reduce((sum, { seconds }) => sum + seconds, 0);
      if (found.air === undefined || found.humidity === undefined) return { found, sprayed };
      const forecast = rigMoisture(rig, {
        air: found.air,
        humidity: found.humidity,
        room: found.air,
        working: 1,
      });
      if (isRefusal(forecast) || found.where === 'gun') return { found, sprayed };
      // kg of water are so many litres.
      const rate = found.where === 'tank' ? forecast.inTank : forecast.inLine;
      return { found, sprayed, expected: (rate * sprayed) / 1000 };
    })
    .reverse();
}
