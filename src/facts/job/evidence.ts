import { chemistryCare } from '@/core/care';
import type { Finding } from '@/core/diagnosis';
import { dustPattern, isFibrous } from '@/core/inspection';
import { judgeFilm } from '@/core/quality';
import type { QuantityId } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { GunAdvice, LogEntry, Rig } from '@/records';
import { thinnerFor } from './batch';
import { dewWanted } from './dewwanted';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { firstRole } from './coatrole';
import type { Proposal } from './proposal';
import { groundSteps } from './handitems';

import { lookedOver } from './lookedover';
import type { JobView } from './view';

/** One thing the job’s own log says, with where it says it. */
export interface Evidence {
  readonly finding: Finding;
  /** What was found against what limits, SI. */
  readonly quantity?: QuantityId;
  readonly found?: number;
  readonly min?: number;
  readonly max?: number;
  /** The entry it comes from; none for what the plan or the rig says. */
  readonly entry?: LogEntry;
  readonly says?: string;
}

/** Off its pace or its film by more than this share, a hand is quick or slow. */
const paceSlack = 0.15;
const unevenFrom = 0.15;
/** Overlaps under this leave stripes with most patterns. */
const shortOverlap = 0.45;
/** Air damper than this through a line without a dryer brings water. */
const dampLine = 0.6;
const tipWorn = 0.25;
/** A stir later than this many of its intervals counts as missed. */
const stirSlack = 1.5;

const against = <S extends string>(
  group: string,
  low: S,
  high: S,
  found: number,
  limits: { readonly min: number; readonly max: number },
): Finding =>
  `${group}:${found < limits.min * 0.999 ? low : found > limits.max * 1.001 ? high : 'ok'}` as Finding;

/**
 * Everything the log knows that bears on a defect of the last coat sprayed: readings, settings, times, and what was
 * left out. What nobody recorded is no finding.
 */
export function evidenceOf(view: JobView): Evidence[] {
  return [
    ...ofMix(view),
    ...ofRoom(view),
    ...ofGun(view),
    ...ofFilm(view),
    ...ofTimes(view),
    ...ofWiping(view),
    ...ofCleaning(view),
    ...ofFalls(view),
    ...ofTexture(view),
    ...ofPreparation(view),
    ...ofSpecks(view),
  ];
}

/** Was the cap wiped where the gun stood longer with mix in it than that stays soft? */
function ofWiping({ spray, work }: JobView): Evidence[] {
  const wipes = ofType(liveEntries(work), 'tick').filter(
    ({ list, step, done }) => list === 'midway' && step === 'mid-wipe' && done,
  );
  const late = spray.coats.find((coat, i) => {
    const before = spray.coats[i - 1];
    if (
      coat.started === undefined ||
      before?.ended === undefined ||
      before.coat.layerId !== coat.coat.layerId
    )
      return false;
    const { started } = coat;
    const { ended, sheet } = before;
    const stays = (sheet.cleanBy ?? chemistryCare[sheet.chemistry].cleanBy) * 1000;
    return started - ended > stays && !wipes.some((tick) => moment(tick) >= ended && moment(tick) <= started);
  });
  if (!late) return wipes.length > 0 ? [{ finding: 'wiped:ok', entry: wipes.at(-1) }] : [];
  return [{ finding: 'wiped:late', says: `the gun stood before ${late.coat.name}` }];
}

/** Was the gun flushed where it stood longer, after its coat before, than what was in it stays soft? */
function ofCleaning({ spray, work, gunsLeft }: JobView): Evidence[] {
  const last = spray.coats.findLast(({ started }) => started !== undefined);
  const rigOf = (layerId: string) => work.layers.find(({ id }) => id === layerId)?.rigId;
  const own = last && rigOf(last.coat.layerId);
  const before = spray.coats.findLast(
    ({ coat, ended }) => ended !== undefined && ended < (last?.started ?? 0) && rigOf(coat.layerId) === own,
  );
  const other = own === undefined ? undefined : gunsLeft.get(own);
  // The first coat of it in this job: what another one left in it counts.
  if (last && !before && other !== undefined)
    return [{ finding: 'cleaned:left', says: `it stood with the mix of ${other} in it` }];
  if (last?.started === undefined || before?.ended === undefined) return [];
  const [from, to] = [before.ended, last.started];
  const stays = (before.sheet.cleanBy ?? chemistryCare[before.sheet.chemistry].cleanBy) * 1000;
  const flushed = ofType(liveEntries(work), 'tick').findLast(
    (tick) =>
      tick.list === 'clean' &&
      tick.step === 'flush' &&
      tick.done &&
      (tick.rigId ?? own) === own &&
      moment(tick) >= from &&
      moment(tick) <= to,
  );
  if (flushed) return [{ finding: 'cleaned:ok', entry: flushed }];
  return to - from > stays
    ? [{ finding: 'cleaned:left', says: `mix stood in the gun from ${before.coat.name} on` }]
    : [];
}

const feels = { even: 'feel:smooth', 'wet-rough': 'feel:wet', 'dry-rough': 'feel:dry' } as const;

/** How the last coat looked at lies, as somebody said before the next one. */
function ofTexture({ work }: JobView): Evidence[] {
  const entry = lastOf(liveEntries(work), 'texture');
  return entry ? [{ finding: feels[entry.found], entry }] : [];
}

/** A fall hurts one of these; renewed since, it tells nothing any more. */
const hurtParts: readonly string[] = ['needle', 'nozzle', 'tip'];

/** Did the gun, its needle or its front have a fall that nothing was renewed after? */
function ofFalls({ rig, work }: JobView): Evidence[] {
  const fall = lastOf(
    liveEntries(work),
    'incident',
    ({ rigId }) => rigId === undefined || rigId === work.layer.rigId,
  );
  if (!fall) return [];
  const renewed = rig?.renewals?.some(
    ({ part, on }) => hurtParts.includes(part) && on >= fall.at.slice(0, 10),
  );
  return [{ finding: renewed ? 'struck:ok' : 'struck:yes', entry: fall }];
}

/** What the specks counted on the round say by what they are and where they lie. */
function ofSpecks({ work, spray }: JobView): Evidence[] {
  const { counts, stops } = lookedOver(work, spray.coats);
  const entry = stops.findLast(({ asks, entry: each }) => asks === 'dust' && each)?.entry;
  const fibres = counts.reduce((sum, each) => sum + each.fibres, 0);
  const all = fibres + counts.reduce((sum, each) => sum + each.nibs, 0);
  const lies = dustPattern(counts);
  if (!entry || !lies) return [];
  const finding: Finding = isFibrous(counts) ? 'specks:fibres' : `specks:${lies}`;
  return [{ finding, entry, says: `${all} counted, ${fibres} of them fibres` }];
}

function ofMix({ job, work, thin, mix, plan }: JobView): Evidence[] {
  const found: Evidence[] = [];
  const entries = liveEntries(job);
  const reading = thin.readings.at(-1);
  if (reading && thin.band)
    found.push({
      finding: against('viscosity', 'low', 'high', reading.atSheet, thin.band),
      quantity: 'time',
      found: reading.atSheet,
      min: thin.band.min,
      max: thin.band.max,
      entry: reading.entries.at(-1),
    });
  const { batch } = mix;
  const start = lastOf(entries, 'coat-start');
  const sprayed = start ? moment(start) : undefined;
  if (batch) {
    if (batch.ratio)
      found.push({ finding: batch.ratio.passes ? 'mix:ok' : 'mix:off', entry: lastOf(entries, 'mixed') });
    const { induction } = batch.sheet.times;
    if (induction && sprayed !== undefined && sprayed >= batch.mixedAt)
      found.push({ finding: sprayed < batch.readyAt ? 'rest:skipped' : 'rest:ok', entry: start });
    if (batch.useBefore !== undefined && sprayed !== undefined)
      found.push({
        finding: sprayed > batch.useBefore || thin.step.kind === 'doubled' ? 'pot:old' : 'pot:ok',
        entry: start,
      });
    const every = batch.sheet.intervals.stir;
    if (every && sprayed !== undefined) {
      const stirred = Math.max(
        ...ofType(entries, 'stir')
          .map(moment)
          .filter((at) => at <= sprayed),
        batch.mixedAt,
      );
      if (sprayed >= stirred)
        found.push({
          finding: (sprayed - stirred) / 1000 > every * stirSlack ? 'stir:late' : 'stir:ok',
          quantity: 'duration',
          found: (sprayed - stirred) / 1000,
          max: every,
        });
    }
    const timedEvery = batch.sheet.intervals.retime;
    const timed = reading?.at ?? batch.mixedAt;
    if (timedEvery && sprayed !== undefined && sprayed >= timed)
      found.push({
        finding: (sprayed - timed) / 1000 > timedEvery * stirSlack ? 'timed:late' : 'timed:ok',
        quantity: 'duration',
        found: (sprayed - timed) / 1000,
        max: timedEvery,
      });
    const share = batch.thinner / Math.max(batch.mixedMass, 1e-9);
    const thinner = thinnerFor(work, work.layer);
    const air = plan.climate?.air;
    if (thin.thinner && batch.additions.some(({ offSheet }) => offSheet))
      found.push({
        finding: 'thinner:over',
        quantity: 'share',
        found: share,
        max: batch.sheet.thinning.maximum,
        entry: batch.additions.at(-1),
      });
    else if (thinner?.air && air !== undefined && batch.thinner > 0)
      found.push({
        finding: against('thinner', 'slow', 'fast', air, thinner.air),
        quantity: 'temperature',
        found: air,
        min: thinner.air.min,
        max: thinner.air.max,
        entry: plan.climate,
      });
  }
  const from = new Set(
    ofType(entries, 'poured').flatMap(({ from: cans }) => cans?.map(({ canId }) => canId) ?? []),
  );
  const poured = mix.sources.flatMap(({ choices }) => choices).filter(({ can }) => from.has(can.id));
  const old = poured.find(({ expired }) => expired);
  if (poured.length > 0)
    found.push({
      finding: old ? 'can:old' : 'can:ok',
      ...(old?.useBefore ? { says: `lot ${old.can.lot}, use before ${old.useBefore}` } : {}),
      entry: lastOf(entries, 'poured'),
    });
  const lots = [...new Set(ofType(entries, 'poured').map(({ batchId }) => batchId))].map((id) =>
    ofType(entries, 'poured')
      .filter(({ batchId }) => batchId === id)
      .flatMap(({ from }) => from ?? [])
      .map(({ canId }) => canId),
  );
  const [before, now] = lots.slice(-2);
  if (before && now && before.length > 0 && now.length > 0)
    found.push({
      finding: now.every((can) => before.includes(can)) ? 'lot:ok' : 'lot:new',
      entry: lastOf(entries, 'poured'),
    });
  return found;
}

/** Water found so lately still tells of the line it was found in, ms. A default. */
const tellsFor = 7 * 86_400_000;
const whereSeen = { tank: 'in the tank', separator: 'in the separator', gun: 'at the gun' } as const;

/** Water found past the tank lately: in a tank some always gathers. */
const waterSeen = ({ waterFound = [] }: Rig, now: number) =>
  waterFound.findLast(
    ({ at, where, volume }) =>
      where !== 'tank' && volume > 0 && Date.parse(at) <= now && Date.parse(at) > now - tellsFor,
  );

function ofRoom({ plan, rig, now }: JobView): Evidence[] {
  const { climate, sheet, dew } = plan;
  if (!climate) return [];
  const { limits } = sheet;
  const part = against('heat', 'cold', 'hot', climate.part, limits.part);
  const air = against('heat', 'cold', 'hot', climate.air, limits.air);
  const heat =
    part === 'heat:ok'
      ? { finding: air, found: climate.air, ...limits.air }
      : { finding: part, found: climate.part, ...limits.part };
  const found: Evidence[] = [
    { ...heat, quantity: 'temperature', entry: climate },
    {
      finding: against('damp', 'dry', 'humid', climate.humidity, limits.humidity),
      quantity: 'share',
      found: climate.humidity,
      ...limits.humidity,
      entry: climate,
    },
  ];
  if (dew !== undefined)
    found.push({
      finding: dew < dewWanted(sheet) ? 'dew:tight' : 'dew:ok',
      quantity: 'temperatureStep',
      found: dew,
      min: dewWanted(sheet),
      entry: climate,
    });
  // What was seen outranks what the weather lets expect, whatever stands in the line.
  const seen = rig?.air === 'compressor' ? waterSeen(rig, now) : undefined;
  if (seen) found.push({ finding: 'water:likely', says: `water was found ${whereSeen[seen.where]}` });
  else if (rig?.air === 'compressor') {
    const dried = rig.dryer || rig.airParts?.some(({ kind }) => kind === 'dryer' || kind === 'separator');
    found.push({
      finding: !dried && climate.humidity > dampLine ? 'water:likely' : 'water:ok',
      says: dried ? 'a dryer or separator stands in the line' : 'nothing dries the air of this line',
      entry: climate,
    });
  }
  return found;
}

const cardStates: Partial<Record<string, string>> = { good: 'ok' };

function ofGun({ set, rig, work }: JobView): Evidence[] {
  const found: Evidence[] = [];
  const { setting, advice } = set;
  const entries = liveEntries(work);
  const card = lastOf(entries, 'card', ({ layerId }) => layerId === work.layer.id);
  if (card)
    found.push({ finding: `card:${cardStates[card.verdict] ?? card.verdict}` as Finding, entry: card });
  if (setting && advice)
    found.push(
      ...settingAgainst(setting, advice).map((each) =>
        asAdvised(each, isRefusal(set.proposal) ? {} : set.proposal),
      ),
    );
  if (setting && !isRefusal(set.proposal)) {
    const wanted = set.proposal.speed;
    found.push({
      finding: against('speed', 'slow', 'fast', setting.speed, {
        min: wanted * (1 - paceSlack),
        max: wanted * (1 + paceSlack),
      }),
      quantity: 'speed',
      found: setting.speed,
      min: wanted * (1 - paceSlack),
      max: wanted * (1 + paceSlack),
      entry: setting,
    });
  }
  const { overlap } = set.point;
  found.push({
    finding: overlap < shortOverlap ? 'overlap:short' : 'overlap:ok',
    quantity: 'share',
    found: overlap,
    min: shortOverlap,
    entry: setting,
  });
  const worn = setting?.tip ? rig?.tipsWorn?.[setting.tip]?.fan : undefined;
  if (worn !== undefined && setting)
    found.push({
      finding: worn < setting.fan * (1 - tipWorn) ? 'wear:worn' : 'wear:ok',
      quantity: 'distance',
      found: worn,
      min: setting.fan * (1 - tipWorn),
    });
  return found;
}

/** Set within this share of what was advised is set as advised. */
const advisedWithin = 0.05;

/** Whoever set what Set advised did nothing wrong, whatever the sheet’s own range: that is no finding against the hand. */
function asAdvised(each: Evidence, advised: Partial<Pick<Proposal, 'pressure' | 'distance'>>): Evidence {
  const [group] = each.finding.split(':');
  const wanted =
    group === 'pressure' ? advised.pressure : group === 'distance' ? advised.distance : undefined;
  if (wanted === undefined || each.found === undefined) return each;
  return Math.abs(each.found - wanted) <= wanted * advisedWithin
    ? { ...each, finding: `${group}:ok` as Finding, says: 'as Set advised' }
    : each;
}

function settingAgainst(setting: NonNullable<JobView['set']['setting']>, advice: GunAdvice): Evidence[] {
  const found: Evidence[] = [
    {
      finding: against('distance', 'near', 'far', setting.distance, advice.distance),
      quantity: 'distance',
      found: setting.distance,
      ...advice.distance,
      entry: setting,
    },
  ];
  // A pressure means nothing without where it was read.
  if (setting.pressureAt === advice.pressureAt)
    found.push({
      finding: against('pressure', 'low', 'high', setting.pressure, advice.pressure),
      quantity: setting.pressure > 20e5 ? 'pumpPressure' : 'pressure',
      found: setting.pressure,
      ...advice.pressure,
      entry: setting,
    });
  if (setting.bore !== undefined && advice.bore)
    found.push({
      finding: against('nozzle', 'small', 'large', setting.bore, advice.bore),
      quantity: 'bore',
      found: setting.bore,
      ...advice.bore,
      entry: setting,
    });
  return found;
}

function ofFilm({ check, spray, job }: JobView): Evidence[] {
  const { verdict, spec } = check;
  if (!isRefusal(verdict)) {
    const whole = judgeFilm(
      check.spots.map(({ faceId, spot, films }) => ({ id: `${faceId}/${spot}`, readings: films })),
      spec,
      'own',
    );
    const reading = lastOf(liveEntries(job), 'film');
    const state =
      verdict.mean > spec.max
        ? 'thick'
        : verdict.mean < spec.min
          ? 'thin'
          : !isRefusal(whole) && whole.variation > unevenFrom
            ? 'uneven'
            : 'ok';
    return [
      {
        finding: `film:${state}`,
        quantity: 'film',
        found: verdict.mean,
        min: spec.min,
        max: spec.max,
        entry: reading,
      },
    ];
  }
  const coat = [...spray.coats].reverse().find(({ combs }) => combs.length > 0);
  const comb = coat?.combs.at(-1);
  if (!coat || !comb || !(coat.solids > 0)) return [];
  const [min, max] = [coat.dry.min / coat.solids, coat.dry.max / coat.solids];
  // A comb is an interval: it speaks only where the whole of it lies outside.
  const state = comb.wetted > max ? 'thick' : comb.dry < min ? 'thin' : 'ok';
  return [
    {
      finding: `film:${state}`,
      quantity: 'film',
      found: (comb.wetted + comb.dry) / 2,
      min,
      max,
      entry: comb,
    },
  ];
}

function ofTimes({ spray, job }: JobView): Evidence[] {
  const sprayed = spray.coats.filter(({ started }) => started !== undefined);
  const late = sprayed.find(({ off }) => off?.kind === 'late');
  const early = sprayed.find(({ off }) => off?.kind === 'early');
  if (sprayed.length < 2) return [];
  const entry = (coatId: string | undefined) =>
    lastOf(liveEntries(job), 'coat-start', (each) => each.coatId === coatId);
  return [
    {
      finding: early ? 'flash:short' : 'flash:ok',
      ...(early?.off
        ? {
            quantity: 'duration' as const,
            found: early.off.by / 1000,
            says: `${early.coat.name} began before its window`,
          }
        : {}),
      entry: entry((early ?? sprayed.at(-1))?.coat.id),
    },
    {
      finding: late ? 'recoat:late' : 'recoat:ok',
      ...(late?.off
        ? {
            quantity: 'duration' as const,
            found: late.off.by / 1000,
            says: `${late.coat.name} began after its window`,
          }
        : {}),
      entry: entry((late ?? sprayed.at(-1))?.coat.id),
    },
  ];
}

function ofPreparation(view: JobView): Evidence[] {
  const entries = liveEntries(view.job);
  const ticked = ofType(entries, 'tick').filter(({ list }) => list === 'ready');
  // A list that nobody touched says nothing: it was not kept, which is not the same as not done.
  if (ticked.length === 0) return [];
  const steps = groundSteps(view.job.part, firstRole(view.job), view.spray.coats[0]?.sheet);
  const of = (id: string, group: string, bad: string): Evidence[] => {
    const step = steps.find((each) => each.id === id);
    if (!step) return [];
    const tick = ticked.findLast((each) => each.step === id);
    const skip = lastOf(entries, 'skip', ({ item }) => item === id);
    const skipped = skip && (!tick || moment(tick) < moment(skip)) ? skip.why : undefined;
    // What settles again while one waits was done in time only when little went by before the first coat.
    const first = lastOf(entries, 'coat-start', ({ coatId }) => coatId === view.spray.coats[0]?.coat.id);
    const late =
      step.lapses !== undefined && tick && first && moment(first) - moment(tick) > step.lapses * 1000;
    return [
      {
        finding: `${group}:${skipped !== undefined || !tick?.done || late ? bad : 'ok'}` as Finding,
        ...(tick ? { entry: tick } : {}),
        ...(skipped ? { says: `left out: ${skipped}` } : {}),
      },
    ];
  };
  return [
    ...of('clean', 'prep', 'skipped'),
    ...of('abrade', 'abrade', 'skipped'),
    ...of('tack', 'tack', 'late'),
    ...of('static', 'charged', 'left'),
  ];
}
