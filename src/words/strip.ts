import { showClock } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { JobView, Stage } from '@/facts/job';
import type { Units } from './units';
import { cardWords, pressureQuantity } from './set';
import { clockTime } from './spray';
import { bandWords } from './thin';
import { plural, type Tone } from './line';

/** One cell of the run strip: a stage's decisive number and how it stands, in words. */
export interface Cell {
  readonly stage: Stage;
  readonly number: string;
  readonly state: string;
  readonly tone: Tone;
}

export function stripCells(view: JobView, units: Units): Cell[] {
  return [
    plan(view, units),
    mix(view, units),
    thin(view, units),
    set(view, units),
    spray(view, units),
    check(view, units),
    clean(view),
  ];
}

function plan({ plan: { coats, fitness, sheet }, done }: JobView, units: Units): Cell {
  const own = coats.filter((each) => each.sheet.id === sheet.id);
  const stop = fitness.some(({ state }) => state === 'stop');
  const unread = fitness.some(({ state }) => state === 'unknown');
  return {
    stage: 'plan',
    number: `${own.length} × ${units.show('film', own[0]?.wet)}`,
    state: stop ? 'not fit to spray' : unread ? 'room not read' : 'room and film fit',
    tone: stop ? 'stop' : done.has('plan') ? 'good' : 'plain',
  };
}

function mix({ mix: { volume, batch, pouring }, done, now }: JobView, units: Units): Cell {
  const number = units.show('volume', batch?.applied.volume ?? (isRefusal(volume) ? undefined : volume));
  if (batch) {
    const over = !done.has('mix');
    const off = batch.ratio && !batch.ratio.passes;
    const rests = now < batch.readyAt;
    return {
      stage: 'mix',
      number,
      state: over ? 'pot life over' : off ? 'off ratio' : rests ? 'resting' : 'in the pot',
      tone: over || off ? 'stop' : rests ? 'act' : 'good',
    };
  }
  return { stage: 'mix', number, state: pouring ? 'pouring' : 'to mix', tone: pouring ? 'act' : 'plain' };
}

function thin(
  { thin: { step, band, readings, inBand, now, thinnerMass }, done }: JobView,
  units: Units,
): Cell {
  if (step.kind === 'neat')
    return { stage: 'thin', number: 'neat', state: 'goes on unthinned', tone: 'good' };
  if (step.kind === 'extra')
    return {
      stage: 'thin',
      number: units.show('time', readings.at(-1)?.atSheet),
      state: step.extra.offSheet && !step.extra.tried ? 'trial piece first' : 'extra for this coat',
      tone: 'act',
    };
  if (step.kind === 'no-cup')
    return {
      stage: 'thin',
      number: 'as supplied',
      state: 'no cup applies',
      tone: done.has('thin') ? 'good' : 'plain',
    };
  const target = band ? bandWords(band).slice(0, -2) : '';
  const reading = readings.at(-1);
  const since = reading && Math.abs(reading.thinner - thinnerMass) > 1e-9;
  if (since && now)
    return {
      stage: 'thin',
      number: `about ${units.show('time', now.seconds)}`,
      state: 'added: stir, time it',
      tone: 'act',
    };
  const seconds = reading?.atSheet;
  if (seconds === undefined)
    return { stage: 'thin', number: `${target} s`, state: 'not timed yet', tone: 'plain' };
  if (done.has('thin'))
    return { stage: 'thin', number: units.show('time', seconds), state: 'in band', tone: 'good' };
  return {
    stage: 'thin',
    number: `${units.show('time', seconds)} → ${target}`,
    state:
      step.kind === 'expired' || step.kind === 'doubled'
        ? step.kind === 'expired'
          ? 'pot life over'
          : 'curing'
        : inBand === 'below'
          ? 'too thin'
          : inBand === 'inside'
            ? 'near the middle'
            : 'too thick',
    tone: step.kind === 'expired' || step.kind === 'doubled' ? 'stop' : 'care',
  };
}

function set({ set: { proposal, setting, card }, done }: JobView, units: Units): Cell {
  const from =
    setting ??
    (isRefusal(proposal)
      ? undefined
      : { ...proposal, bore: proposal.fitting.bore, tip: proposal.fitting.tip });
  const head = from?.tip ? from.tip : units.show('bore', from?.bore);
  const number = from ? `${head} · ${units.show(pressureQuantity(from.pressure), from.pressure)}` : '–';
  if (!setting)
    return {
      stage: 'set',
      number,
      state: done.has('spray') ? 'opened for cleaning' : 'to set',
      tone: 'plain',
    };
  const good = done.has('set');
  return {
    stage: 'set',
    number,
    state: good ? 'card good' : card ? cardWords[card.verdict].name.toLowerCase() : 'card wanted',
    tone: good ? 'good' : 'care',
  };
}

function spray({ spray: { coats, running, next, recoat }, now }: JobView, units: Units): Cell {
  const done = coats.filter(({ state }) => state === 'done').length;
  const number = running
    ? `coat ${coats.indexOf(running) + 1} of ${coats.length}`
    : `${done} of ${plural(coats.length, 'coat')}`;
  if (running)
    return {
      stage: 'spray',
      number,
      state: `spraying ${showClock((now - (running.started ?? now)) / 1000)}`,
      tone: 'act',
    };
  if (!next) return { stage: 'spray', number, state: 'all on', tone: 'good' };
  if (recoat?.state === 'flashing')
    return { stage: 'spray', number, state: `flash ${showClock((recoat.opens - now) / 1000)}`, tone: 'care' };
  if (recoat?.state === 'between')
    return { stage: 'spray', number, state: `shut ${showClock((recoat.opens - now) / 1000)}`, tone: 'stop' };
  if (recoat?.state === 'closed')
    return { stage: 'spray', number, state: 'recoat window closed', tone: 'stop' };
  return {
    stage: 'spray',
    number,
    state: done > 0 ? 'window open' : `${units.show('film', next.wet)} wet`,
    tone: done > 0 ? 'act' : 'plain',
  };
}

function check(
  {
    check: {
      verdict,
      spec,
      taken,
      wanted,
      defects: { open },
    },
    done,
  }: JobView,
  units: Units,
): Cell {
  if (isRefusal(verdict))
    return {
      stage: 'check',
      number: `aim ${units.show('film', spec.nominal)}`,
      state: `${units.range('film', spec.min, spec.max)} dry`,
      tone: 'plain',
    };
  const number = units.show('film', verdict.mean);
  if (done.has('check')) return { stage: 'check', number, state: 'passes', tone: 'good' };
  if (verdict.passes && taken >= wanted)
    return {
      stage: 'check',
      number,
      state: open.length > 0 ? plural(open.length, 'open defect') : 'change to judge',
      tone: 'care',
    };
  if (!verdict.passes)
    return {
      stage: 'check',
      number,
      state: taken < wanted ? `failing, ${taken} of ${wanted}` : 'fails',
      tone: 'stop',
    };
  return { stage: 'check', number, state: `${taken} of ${wanted} spots`, tone: 'act' };
}

function clean({ clean: { state, cleanBy, doneCount, steps, liquid }, spray: { next }, now }: JobView): Cell {
  if (state === 'clean') return { stage: 'clean', number: 'clean', state: 'card before use', tone: 'good' };
  if (state === 'nothing-in-it')
    return { stage: 'clean', number: `${steps.length} steps`, state: `${liquid} first`, tone: 'plain' };
  const late = cleanBy !== undefined && now > cleanBy;
  // Between coats the mix is at work in the gun; it is worth a colour only when time is short.
  const pressing = !next || (cleanBy !== undefined && cleanBy - now < 15 * 60_000);
  return {
    stage: 'clean',
    number: cleanBy ? `by ${clockTime(cleanBy, now)}` : `${doneCount}/${steps.length}`,
    state: late ? 'overdue' : `${doneCount} of ${steps.length} steps`,
    tone: late ? 'stop' : !pressing ? 'plain' : doneCount > 0 ? 'act' : 'care',
  };
}
