import { isRefusal } from '@/core/refusal';
import type { FactId, Figure } from '@/facts/figure';
import {
  batchComesTo,
  enough,
  partsCounted,
  pastCap,
  potLeft,
  potNow,
  ratioUnread,
  runFrom,
  spraying,
  type JobView,
  type OpenDefects,
  type Stage,
} from '@/facts/job';
import { figure, jobFigure, layerFigure } from './figures';
import type { Units } from './units';
import { pressureQuantity } from './pressure';
import { settingFaultWords } from './faults';
import { cardWords, comesTo, laysOtherwise } from './set';
import { clockTime, clockTo } from './clock';
import { bandWords } from './thin';
import { plural, stateOf, type Tone } from './line';
import { openTone } from './permission';
import { workWords } from './work';

/** One cell of the run strip: a stage's decisive number and how it stands, in words. */
export interface Cell {
  readonly stage: Stage;
  readonly number: string;
  /** The figure that the number writes. */
  readonly figure: Figure;
  readonly state: string;
  readonly tone: Tone;
}

export function stripCells(view: JobView, units: Units): Cell[] {
  const whole = { plan, mix, thin, set, spray, check, clean };
  return (Object.keys(whole) as Stage[]).map((stage): Cell => {
    const { fact, value, coat, layer, ...cell } = whole[stage](view, units);
    const state = stateOf(cell.tone);
    return {
      stage,
      ...cell,
      figure:
        fact.startsWith('film.') || fact.startsWith('coats.')
          ? jobFigure(view, fact, value, { state })
          : layer
            ? { ...layerFigure(view, fact, layer, value), state }
            : figure(view, fact, value, { state, coat }),
    };
  });
}

/** A cell before its figure has an owner. */
interface Said {
  readonly number: string;
  readonly fact: FactId;
  readonly value: number | undefined;
  readonly coat?: string;
  /** Whose it is, where not of the layer in hand: what is in the gun. */
  readonly layer?: string;
  readonly state: string;
  readonly tone: Tone;
}

function plan({ plan: { coats, fitness }, work, done }: JobView, units: Units): Said {
  const own = coats.filter(({ coat }) => coat.layerId === work.layer.id);
  const stop = fitness.some(({ state }) => state === 'stop');
  const unread = fitness.some(({ state }) => state === 'unknown');
  return {
    number: `${own.length} × ${units.show('film', own[0]?.wet)}`,
    fact: 'coat.wet',
    value: own[0]?.wet,
    coat: own[0]?.coat.id,
    state: stop ? 'not fit to spray' : unread ? 'room not read' : 'room and film fit',
    tone: stop ? 'stop' : done.has('plan') ? 'good' : 'plain',
  };
}

function mix(view: JobView, units: Units): Said {
  const { mix: held, done, now, spray } = view;
  const { batch, pouring, sheet, finished } = held;
  if (finished)
    return { number: '–', fact: 'mix.volume', value: undefined, state: 'all coats on', tone: 'good' };
  const whole = batchComesTo(held);
  const planned = isRefusal(whole) ? undefined : whole;
  const litres = batch?.applied.volume ?? planned;
  const number = units.show('volume', litres);
  const of = { number, fact: 'mix.volume' as const, value: litres };
  if (batch) {
    const over = !done.has('mix');
    const off = batch.ratio && !batch.ratio.passes;
    const rests = batch.readyAt > batch.mixedAt && now < batch.readyAt;
    const next = spray.next?.coat;
    const pot = next && !over && !off && next.layerId === batch.layerId ? potLeft(view, next.id) : undefined;
    if (pot && pot.left < pot.wants * enough)
      return {
        ...of,
        number: units.show('volume', pot.left),
        value: pot.left,
        fact: 'pot.left',
        state: 'left: too little',
        tone: 'care',
      };
    // What the coats took is not in it any more; what no coat takes is left over.
    const left = over || off ? undefined : potNow(view);
    if (left && left.gone > 0) {
      const used = {
        ...of,
        number: units.show('volume', left.left),
        value: left.left,
        fact: 'pot.left' as const,
      };
      return pot || left.spraying
        ? { ...used, state: 'left in the pot', tone: 'good' }
        : { ...used, state: left.empty ? 'used up' : 'left over', tone: 'plain' };
    }
    return {
      ...of,
      state: over ? 'pot life over' : off ? 'off ratio' : rests ? 'resting' : 'in the pot',
      tone: over || off ? 'stop' : rests ? 'act' : 'good',
    };
  }
  if (ratioUnread(sheet)) return { ...of, state: 'ratio not read', tone: 'care' };
  return { ...of, state: pouring ? 'pouring' : 'to mix', tone: pouring ? 'act' : 'plain' };
}

const stickState = {
  try: 'not tried yet',
  add: 'too thick',
  ready: 'at its end-point',
  'too-thin': 'too thin',
  'at-maximum': 'at the sheet’s limit',
} as const;

function thin(view: JobView, units: Units): Said {
  const {
    thin: { step, band, readings, inBand, now, thinnerMass, asItIs },
    spray,
    done,
  } = view;
  const reading = readings.at(-1);
  const timed = { fact: 'thin.seconds' as const, value: reading?.atSheet };
  const target = band ? bandWords(band).slice(0, -2) : '';
  if (step.kind === 'expired' || step.kind === 'doubled')
    return {
      ...timed,
      number: reading ? `${units.show('time', reading.atSheet)} → ${target}` : target || 'as supplied',
      state: step.kind === 'expired' ? 'pot life over' : 'curing',
      tone: 'stop',
    };
  // Nobody thins what no coat takes any more.
  if (spray.layerOn)
    return {
      ...timed,
      number: reading ? units.show('time', reading.atSheet) : step.kind === 'no-cup' ? 'as supplied' : '–',
      state: 'all coats on',
      tone: done.has('thin') || !reading ? 'good' : 'plain',
    };
  const past = pastCap(view, spray.next?.coat.id);
  if (past)
    return {
      ...timed,
      number: reading ? units.show('time', reading.atSheet) : target || 'as supplied',
      state: 'past the sheet’s thinner',
      tone: 'stop',
    };
  if (step.kind === 'neat') return { ...timed, number: 'neat', state: 'goes on unthinned', tone: 'good' };
  if (step.kind === 'extra')
    return {
      ...timed,
      number: units.show('time', reading?.atSheet),
      state: step.extra.offSheet && !step.extra.tried ? 'trial piece first' : 'extra for this coat',
      tone: 'act',
    };
  if (step.kind === 'by-stick')
    return {
      ...timed,
      value: undefined,
      number: 'by stick',
      state: stickState[step.advice.kind],
      tone: step.advice.kind === 'ready' ? 'good' : step.advice.kind === 'at-maximum' ? 'stop' : 'act',
    };
  if (step.kind === 'no-cup')
    return {
      ...timed,
      number: 'as supplied',
      state: 'no cup applies',
      tone: done.has('thin') ? 'good' : 'plain',
    };
  const since = reading && Math.abs(reading.thinner - thinnerMass) > 1e-9;
  if (since && now)
    return {
      fact: 'thin.seconds',
      value: now.seconds,
      number: `about ${units.show('time', now.seconds)}`,
      state: 'added: stir, time it',
      tone: 'act',
    };
  const seconds = reading?.atSheet;
  if (seconds === undefined)
    return {
      fact: 'thin.aim',
      value: band && (band.min + band.max) / 2,
      number: `${target} s`,
      state: 'not timed yet',
      tone: 'plain',
    };
  // Right for the sheet’s temperature and not as it is: nothing is green that cannot be sprayed so.
  if (done.has('thin') && asItIs && !asItIs.inside)
    return { ...timed, number: units.show('time', seconds), state: 'not at its own warmth', tone: 'care' };
  if (done.has('thin'))
    return { ...timed, number: units.show('time', seconds), state: 'in band', tone: 'good' };
  return {
    ...timed,
    number: `${units.show('time', seconds)} → ${target}`,
    state: inBand === 'below' ? 'too thin' : inBand === 'inside' ? 'near the middle' : 'too thick',
    tone: 'care',
  };
}

/** How a gun stands that nobody set for the coat in hand. */
const unset = {
  back: { state: 'set it back', tone: 'act' },
  thin: { state: 'thin it first', tone: 'care' },
  none: { state: 'cannot lay this coat', tone: 'stop' },
  care: { state: 'to set, with care', tone: 'care' },
  plain: { state: 'to set', tone: 'plain' },
} as const;

function set(view: JobView, units: Units): Said {
  const { set, done, otherInGun } = view;
  const { point, setting, card, fault, fittings, proposal } = set;
  const refused = isRefusal(fittings) || (isRefusal(proposal) && !setting);
  const head = point.tip ? point.tip : units.show('bore', point.bore);
  const { pressure } = point;
  const said = {
    number: pressure === undefined ? '–' : `${head} · ${units.show(pressureQuantity(pressure), pressure)}`,
    fact: 'gun.pressure' as const,
    value: pressure,
  };
  if (otherInGun) return { ...said, state: 'other mix in it', tone: 'stop' };
  if (refused) return { ...said, state: 'nothing to set', tone: 'stop' };
  if (!setting)
    return done.has('spray')
      ? { ...said, state: 'opened for cleaning', tone: 'plain' }
      : { ...said, ...unset[comesTo(view)] };
  if (fault) return { ...said, state: settingFaultWords[fault.kind].short, tone: 'stop' };
  const good = done.has('set');
  // Nobody needs a card of a gun that has no coat to come.
  if (!good && !view.spray.next && !view.spray.running)
    return { ...said, state: 'as last sprayed', tone: 'plain' };
  const lays = laysOtherwise(set);
  if (good && lays !== undefined) return { ...said, state: `lays ${units.show('film', lays)}`, tone: 'care' };
  return {
    ...said,
    state: good ? 'card good' : card ? cardWords[card.verdict].name.toLowerCase() : 'card wanted',
    tone: good ? 'good' : 'care',
  };
}

function spray(view: JobView, units: Units): Said {
  const {
    spray: { coats, running, next, recoat, look, due },
    permission,
    now,
  } = view;
  const done = coats.filter(({ state }) => state === 'done').length;
  const at = running ? coats.indexOf(running) + 1 : done;
  const said = {
    number: running ? `coat ${at} of ${coats.length}` : `${done} of ${plural(coats.length, 'coat')}`,
    fact: running ? ('coats.running' as const) : ('coats.on' as const),
    value: at,
  };
  if (running) {
    const { from, to } = spraying(running, now);
    return {
      ...said,
      state: `${running.pausedAt === undefined ? 'spraying' : 'paused at'} ${clockTo(from, to)}`,
      tone: running.pausedAt === undefined ? 'act' : 'care',
    };
  }
  if (look && recoat?.state !== 'flashing')
    return { ...said, state: look.asks === 'hides' ? 'does it hide?' : 'is it even?', tone: 'act' };
  const { total, sprayed } = partsCounted(view.job);
  if (!next && total >= runFrom && sprayed < total)
    return { ...said, state: `on ${sprayed} of ${total} parts`, tone: 'care' };
  if (!next) return { ...said, state: 'all on', tone: 'good' };
  const until = recoat ? clockTo(recoat.opens, now) : '';
  if (due && recoat?.state !== 'between' && recoat?.state !== 'closed' && recoat?.state !== 'never')
    return due.state === 'waiting'
      ? {
          ...said,
          state: `${workWords[due.what].todo.toLowerCase()} in ${clockTo(due.until ?? now, now)}`,
          tone: 'care',
        }
      : { ...said, state: `${workWords[due.what].todo.split(' ')[0]?.toLowerCase()} first`, tone: 'act' };
  switch (recoat?.state) {
    case 'flashing':
      return { ...said, state: `flash ${until}`, tone: 'care' };
    case 'between':
      return { ...said, state: `shut ${until}`, tone: 'stop' };
    case 'never':
      return { ...said, state: 'no window in this room', tone: 'stop' };
    case 'closed':
      return { ...said, state: 'recoat window closed', tone: 'stop' };
    default: {
      const stops = permission.open.filter(({ weight }) => weight === 'stop').length;
      const tone = openTone(permission);
      // Before anything is mixed the stages before it say what is open; over an open window ticks alone do not count.
      if (stops > 0 && view.done.has('mix') && (tone !== 'act' || done === 0))
        return { ...said, state: `${stops} open`, tone };
      return {
        ...said,
        state: done > 0 ? 'window open' : `${units.show('film', next.wet)} wet`,
        tone: done > 0 ? 'act' : 'plain',
      };
    }
  }
}

/** A defect nobody has traced stops the work; a change that waits for its verdict is to be judged first. */
const defectState = ({ open, waiting }: OpenDefects): Pick<Said, 'state' | 'tone'> | undefined =>
  waiting
    ? { state: 'change to judge', tone: 'care' }
    : open.length > 0
      ? { state: plural(open.length, 'open defect'), tone: 'stop' }
      : undefined;

function check({ check: { verdict, spec, taken, wanted, defects }, done }: JobView, units: Units): Said {
  if (isRefusal(verdict))
    return {
      fact: 'film.wanted',
      value: spec.nominal,
      number: `aim ${units.show('film', spec.nominal)}`,
      ...(spec.nominal < spec.min * (1 - 1e-9) || spec.nominal > spec.max * (1 + 1e-9)
        ? { state: `outside ${units.range('film', spec.min, spec.max)}`, tone: 'care' as const }
        : { state: `${units.range('film', spec.min, spec.max)} dry`, tone: 'plain' as const }),
      ...defectState(defects),
    };
  const said = {
    number: units.show('film', verdict.mean),
    fact: 'film.measured' as const,
    value: verdict.mean,
  };
  if (done.has('check')) return { ...said, state: 'passes', tone: 'good' };
  const defect = defectState(defects);
  if (defect) return { ...said, ...defect };
  if (taken < wanted)
    return {
      ...said,
      state: verdict.passes ? `${taken} of ${wanted} spots` : `failing so far, ${taken} of ${wanted}`,
      tone: verdict.passes ? 'act' : 'care',
    };
  if (verdict.passes) return { ...said, state: 'not passed yet', tone: 'care' };
  return { ...said, state: 'fails', tone: 'stop' };
}

function clean({
  clean: { state, cleanBy, doneCount, steps, liquid, layerId: layer },
  spray: { next },
  now,
}: JobView): Said {
  const counted = { fact: 'clean.done' as const, value: doneCount, layer };
  if (state === 'clean') return { ...counted, number: 'clean', state: 'card before use', tone: 'good' };
  if (state === 'nothing-in-it')
    return {
      fact: 'clean.steps',
      value: steps.length,
      layer,
      number: `${steps.length} steps`,
      state: `${liquid} first`,
      tone: 'plain',
    };
  const late = cleanBy !== undefined && now > cleanBy;
  // Between coats the mix is at work in the gun; it is worth a colour only when time is short.
  const pressing = !next || (cleanBy !== undefined && cleanBy - now < 15 * 60_000);
  return {
    ...(cleanBy ? { fact: 'clean.by' as const, value: cleanBy / 1000, layer } : counted),
    number: cleanBy ? `by ${clockTime(cleanBy, now)}` : `${doneCount}/${steps.length}`,
    state: late ? 'overdue' : `${doneCount} of ${steps.length} steps`,
    tone: late ? 'stop' : !pressing ? 'plain' : doneCount > 0 ? 'act' : 'care',
  };
}
