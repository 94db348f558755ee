import { curveThrough, dayCurve, rightTimes, type RoomAt } from '@/core/climate';
import { isRefusal, type Outcome } from '@/core/refusal';
import { thinnerAdvice } from '@/core/thinning';
import { dewWanted } from './dewwanted';
import { thinnersOf } from './diluents';
import { liveEntries, moment, ofType } from './entries';
import { midnightOf } from './planned';
import type { JobView } from './view';

/** What is known of the day: a forecast, the job’s own readings, or a curve from elsewhere. */
export type DayAsked =
  | {
      readonly by: 'entered';
      /** K */
      readonly coldest: number;
      readonly warmest: number;
      /** Relative humidity at dawn, as a share. */
      readonly dawnHumidity: number;
      /** s that the part follows the air by. */
      readonly lag: number;
    }
  | { readonly by: 'readings' }
  | { readonly by: 'curve'; readonly curve: readonly RoomAt[] };

export interface RoomDay {
  readonly curve: Outcome<readonly RoomAt[]>;
  /** s after midnight from which till which the room is right for the sheet. */
  readonly spans: readonly { readonly from: number; readonly to: number }[];
}

type Bearings = Pick<JobView, 'job' | 'plan' | 'now'>;

const day = 86_400;

/** The room over the day, and when of it the sheet’s limits hold. An estimate: the room is read before the coat. */
export function roomDay({ job, plan: { sheet }, now }: Bearings, asked: DayAsked): RoomDay {
  const midnight = midnightOf(now);
  const ofDay = (at: number) => ((((at - midnight) / 1000) % day) + day) % day;
  const curve =
    asked.by === 'curve'
      ? asked.curve
      : asked.by === 'readings'
        ? curveThrough(
            ofType(liveEntries(job), 'climate').map((entry): RoomAt => ({
              at: ofDay(moment(entry)),
              air: entry.air,
              part: entry.part,
              humidity: entry.humidity,
            })),
          )
        : dayCurve(asked);
  const spans = isRefusal(curve) ? [] : rightTimes(curve, { ...sheet.limits, dew: dewWanted(sheet) });
  return { curve, spans };
}

/** The sheet’s thinner for the air as last read and this much surface, and why that one. */
export function thinnerForRoom({ plan: { climate, sheet, area } }: Bearings) {
  const advice = climate && thinnerAdvice(thinnersOf(sheet), climate.air, area);
  const thinner = sheet.thinning.thinners.find(({ id }) => id === advice?.id);
  return thinner && advice ? { name: thinner.name, by: advice.by } : undefined;
}
