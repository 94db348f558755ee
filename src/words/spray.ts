import { showDuration } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import { hardAt, lawfulTimes } from '@/core/schedule';
import { layingOf } from '@/core/system';
import {
  brushPlaces,
  partsCounted,
  runFrom,
  spraying,
  type CoatState,
  type JobView,
  type WorkItem,
} from '@/facts/job';
import { blendOf } from '@/facts/job/blend';
import { clockTime, clockTo } from './clock';
import { openItem, openTone, openWords } from './permission';
import { figure, laidFrom, reason, sheetFrom } from './figures';
import type { Units } from './units';
import { paceWords } from './pace';
import { pressureQuantity } from './pressure';
import { focus, go, hand, inSentence, judge, log, plural, startCoat, type Fact, type NextLine } from './line';
import { brushed, lookAsks, workLine, workWords } from './work';

/** How far a blended coat reaches, and the edge it must not cross. */
function reachWords({ work, plan }: JobView, { coat }: CoatState, units: Units): string {
  const blend = coat.role === 'blend' ? blendOf(work, plan.coats) : undefined;
  const reach =
    blend && !isRefusal(blend.found)
      ? blend.found.coats[blend.coats.findIndex(({ id }) => id === coat.id)]
      : undefined;
  return blend && reach
    ? `Full to ${units.show('length', reach.full)} from the middle, gone at ${units.show('length', reach.ends)}, trigger eased; the edge is kept at ${units.show('length', blend.blend.keepOut)}${blend.said ? '' : ', by default'}. `
    : '';
}

/** How a coat is laid that is not a plain full one: further off, with less air. */
function layingWords(view: JobView, coat: CoatState, units: Units): string {
  const laying = layingOf(coat.coat.role);
  const point = view.points.find((each) => each.coat.id === coat.coat.id)?.point;
  if (!point || (laying.pressure === 1 && laying.distance === 1)) return '';
  const { pressure, distance } = point;
  const air =
    pressure === undefined || laying.pressure === 1
      ? ''
      : ` at ${units.show(pressureQuantity(pressure), pressure)}`;
  return `Lay it from ${units.show('distance', distance)}${air}. ${reachWords(view, coat, units)}`;
}

/** A trigger that is not pulled through, as the hand must hold it. */
const triggerSays = ({ set: { point } }: JobView, units: Units): string =>
  point.trigger === undefined
    ? ''
    : `Trigger at ${units.show('share', point.trigger, { digits: 0 })} of the flow. `;

/** The product that comes next where it is another than the last coat’s and nothing of it is in a pot, and what that means for the gun. */
function productToMix({
  spray: { coats, next },
  mix,
  work,
}: JobView): { name: string; gun: string } | undefined {
  const last = coats.filter(({ state }) => state === 'done').at(-1);
  if (!next || !last || last.coat.layerId === next.coat.layerId || mix.batch) return undefined;
  const layer = (id: string) => work.layers.find((each) => each.id === id);
  const [before, after] = [layer(last.coat.layerId), layer(next.coat.layerId)];
  if (!before || !after) return undefined;
  return {
    name: inSentence(after.name),
    gun:
      before.rigId === after.rigId
        ? `The same gun sprays it: empty it of the ${inSentence(before.name)} and clean it first.`
        : `Another gun sprays it: empty and clean the one with the ${inSentence(before.name)} in it before it sets.`,
  };
}

const unverifiedWords =
  'An additive moves its clocks and the sheet does not say by how much: only a touch test counts.';

/** Where the sheet forbids the middle, both lawful times: `Before 12:53, or from 13:48.` */
function lawful({ spray: { film }, now }: JobView): string {
  const [wet, hard] = film ? lawfulTimes(film) : [];
  return wet?.to !== undefined && hard && now < wet.to
    ? `Before ${clockTime(wet.to, now)}, or from ${clockTime(hard.from, now)}. `
    : '';
}

/** Does it hide, does it lie even? Asked under a strong light before anything else goes on. */
function lookLine(look: NonNullable<JobView['spray']['look']>, because: readonly Fact[]): NextLine {
  const { coat, asks, on, planned, least, most } = look;
  const words = lookAsks[asks];
  const further =
    planned > 0
      ? `${plural(planned, 'more is', 'more are')} planned and left out if it does.`
      : on < most
        ? 'If it does not, one more is planned.'
        : `${most} is the most that was planned: if it still does not, look for what is wrong below it.`;
  return {
    big: { number: String(on), unit: on === 1 ? 'coat on' : 'coats on' },
    says: `${words.asks} Look at ${coat.coat.name.toLowerCase()} under a strong light.`,
    detail: `At least ${least}, at most ${most}. ${further}`,
    tone: 'act',
    because,
    tap: judge(true, words.yes),
    otherwise: judge(false, words.no),
  };
}

/** The work that comes before the next coat. */
function workLineOf(view: JobView, item: WorkItem, units: Units): NextLine {
  const { film } = view.spray;
  const because: Fact[] = film
    ? [
        { label: 'Last coat ended', value: clockTime(film.ended, view.now), from: { source: 'measured' } },
        {
          label: 'Hard enough to sand from',
          value: clockTime(hardAt(film), view.now),
          from: { source: film.times.sandable === undefined ? 'estimate' : 'sheet' },
        },
        ...(film.abraded === undefined
          ? []
          : [
              {
                label: 'Sanded',
                value: clockTime(film.abraded, view.now),
                from: { source: 'measured' as const },
              },
            ]),
        ...(film.times.sandedFor === undefined
          ? []
          : [
              {
                label: 'Sanded, it takes a coat for',
                value: showDuration(film.times.sandedFor),
                from: { source: 'sheet' as const },
              },
            ]),
      ]
    : [];
  const { spray, now, work } = view;
  const { what, layerId, id: workId, state, until, grit, takes, note } = item;
  const layer = work.layers.find(({ id }) => id === layerId);
  const over = spray.next ? ` before ${spray.next.coat.name.toLowerCase()}` : '';
  const says = workLine(item, units);
  const closed = spray.film && lawfulTimes(spray.film).at(-1)?.to;
  const meanwhile =
    closed !== undefined && closed < now
      ? ` Its time to go on without sanding ended at ${clockTime(closed, now)}: this opens it again.`
      : '';
  const on = layer ? ` ${inSentence(layer.name)}` : '';
  if (state === 'waiting' && until !== undefined)
    return {
      big: { number: clockTo(until, now), unit: '' },
      says:
        what === 'wait'
          ? `Leave${on} until ${clockTime(until, now)}.`
          : `Let${on} harden: ${workWords[what].todo.toLowerCase()} from ${clockTime(until, now)}.`,
      detail: `${what === 'wait' ? '' : 'Abraded sooner it clogs, drags, and opens nothing. '}${note ?? ''}`,
      tone: 'care',
      because,
      otherwise: log('Leave it out', 'work left out', { type: 'left-out', workId }),
    };
  return {
    big: { number: grit ? `P${grit}` : (workWords[what].todo.split(' ')[0] ?? ''), unit: '' },
    says: `${says}${over}.${state === 'again' ? ' What was done no longer counts.' : ''}`,
    detail: `${note ? `${note}. ` : ''}${on ? `On the${on}.` : ''}${meanwhile}`,
    tone: 'act',
    because,
    tap: log(workWords[what].done, workWords[what].done.toLowerCase(), {
      type: 'worked',
      layerId,
      workId,
      what,
      ...(grit === undefined ? {} : { grit }),
      ...(takes === undefined ? {} : { takes }),
    }),
    otherwise: log('Leave it out', 'work left out', { type: 'left-out', workId }),
  };
}

/** What a set gun asks of the hand: reckoned from what is recorded set. */
export const guided = { source: 'reckoned' } as const;

export function sprayLine(view: JobView, units: Units): NextLine {
  const { spray, now, clean } = view;
  const { coats, running, next, recoat } = spray;
  const done = coats.filter(({ state }) => state === 'done');
  const last = done.at(-1);
  const because: Fact[] = [
    reason('Strokes apart', figure(view, 'gun.spacing', spray.spacing), units, { from: guided }),
    reason('Speed', figure(view, 'gun.speed', spray.speed), units, { from: laidFrom(view.plan, units) }),
    reason('Distance', figure(view, 'gun.distance', spray.distance), units, {
      from: { source: view.set.setting ? 'chosen' : sheetFrom(view.set.sheet, 'guns').source },
    }),
    reason('A coat takes about', figure(view, 'coat.takes', spray.coatTime), units, {
      from: { source: 'estimate' },
    }),
    ...(last
      ? [
          {
            label: 'Next coat after',
            value: showDuration(last.sheet.times.recoatFirst),
            from: sheetFrom(last.sheet, 'times'),
          },
        ]
      : []),
    ...(spray.stretched
      ? [{ label: 'Longer in this room', value: 'yes', from: { source: 'estimate' as const } }]
      : []),
    ...(spray.touch
      ? [
          {
            label: `Touch test, ${clockTime(Date.parse(spray.touch.at), now)}`,
            value: spray.touch.found,
            from: { source: 'measured' as const },
          },
        ]
      : []),
    ...(recoat?.closes
      ? [
          {
            label: 'Window closes',
            value: clockTime(recoat.closes, now),
            ...(last ? { from: sheetFrom(last.sheet, 'times') } : {}),
          },
        ]
      : []),
  ];
  const number = (coat: (typeof coats)[number]) => coats.indexOf(coat) + 1;
  /** `coat 2 of 3, drop coat`; a coat that is called by its number is not named twice. */
  const ofAll = (coat: (typeof coats)[number]) => {
    const order = `coat ${number(coat)}`;
    const name = coat.coat.name.toLowerCase();
    return `${order} of ${coats.length}${name === order ? '' : `, ${name}`}`;
  };

  if (running) {
    const { pausedAt } = running;
    const { from, to } = spraying(running, now);
    if (pausedAt !== undefined)
      return {
        big: { number: clockTo(pausedAt, now), unit: 'paused' },
        says: `Coat ${number(running)} is paused after ${showDuration((to - from) / 1000)}. A wet edge does not wait.`,
        detail:
          'Go on at an edge of the part, never in the middle of a face. Trigger off, gun covered meanwhile.',
        tone: 'care',
        because,
        tap: log('Go on', `coat ${number(running)} went on`, { type: 'resume', coatId: running.coat.id }),
      };
    return {
      big: { number: clockTo(from, to), unit: '' },
      says: `C${ofAll(running).slice(1)}. Keep ${units.show('film', running.wet)} wet.`,
      detail: `${layingWords(view, running, units)}${triggerSays(view, units)}Strokes ${units.show('distance', spray.spacing)} apart at ${paceWords(spray.speed, units)}. Check with the wet comb while it is wet.`,
      tone: 'act',
      because,
      tap: log(`End coat ${number(running)}`, `coat ${number(running)} ended`, {
        type: 'coat-end',
        coatId: running.coat.id,
      }),
      otherwise: log('Pause', `coat ${number(running)} paused`, { type: 'pause', coatId: running.coat.id }),
    };
  }
  if (spray.look && recoat?.state !== 'flashing') return lookLine(spray.look, because);
  // A run is on when its parts are, not when the last coat was ended once.
  const { total, sprayed } = partsCounted(view.job);
  if (!next && total >= runFrom && sprayed < total && clean.state === 'clean')
    return {
      big: { number: String(sprayed), unit: `of ${total} parts` },
      says: `The coats are on ${sprayed} of ${total} parts. Count the others, or spray them.`,
      detail: 'A part nobody counted is taken to be bare.',
      tone: 'care',
      because,
      tap: focus('shift', 'Count parts', 'strokes'),
    };
  const brush =
    next || clean.state === 'dirty' ? undefined : brushPlaces(view.work).find(({ done }) => !done);
  if (brush)
    return {
      big: { number: '1', unit: 'place by brush' },
      says: `Brush ${inSentence(brush.name)} on ${inSentence(brush.face.name)}.`,
      detail: 'It was kept free for the brush. Take the tape off first, while the film still gives.',
      tone: 'act',
      because,
      tap: brushed(brush, coats.at(-1)?.coat.layerId ?? view.work.layer.id),
    };
  if (!next)
    return {
      big: { number: String(coats.length), unit: coats.length === 1 ? 'coat on' : 'coats on' },
      says: clean.state === 'dirty' ? 'All coats are on. Clean the gun before it sets.' : 'All coats are on.',
      detail: 'Measure when it has dried.',
      tone: 'good',
      because,
      tap: clean.state === 'dirty' ? go('clean', 'Go to Clean') : go('check', 'Go to Check'),
    };

  const elsewhere = next.coat.layerId !== view.work.layer.id;
  const own = view.work.layers.find(({ id }) => id === next.coat.layerId);
  const start = elsewhere
    ? hand(next.coat.layerId, `Take ${own?.name ?? 'its layer'} in hand`)
    : startCoat(next.coat.id, `coat ${number(next)} started`, `Start coat ${number(next)}`);
  const soon =
    spray.abradedTooSoon === undefined
      ? ''
      : ` It was abraded at ${clockTime(spray.abradedTooSoon, now)}, while it was too soft: that opens nothing.`;
  if (recoat?.state === 'closed' && last && recoat.hard > now)
    return {
      big: { number: clockTo(recoat.hard, now), unit: '' },
      says: `The recoat window is missed. It is too soft to abrade until ${clockTime(recoat.hard, now)}.`,
      detail: `It closed at ${clockTime(recoat.closes, now)}${spray.touch?.found === 'dry' ? ', found dry: tacky is what the next coat wants' : ''}.${soon} Then scuff, clean and recoat.`,
      tone: 'stop',
      because,
    };
  if (recoat?.state === 'closed' && last)
    return {
      big: {
        number: showDuration((now - recoat.closes) / 1000).split('\u00a0')[0] ?? '',
        unit: `${showDuration((now - recoat.closes) / 1000)
          .split('\u00a0')
          .slice(1)
          .join(' ')} late`,
      },
      says: 'The recoat window is closed. Let it harden, scuff, clean, then recoat.',
      detail: `It closed at ${clockTime(recoat.closes, now)}.${soon} A coat laid on it now would not bond.`,
      tone: 'stop',
      because,
      tap: log('Scuffed and cleaned', 'coat abraded', { type: 'abraded', coatId: last.coat.id }),
    };
  if (recoat?.state === 'never' && last)
    return {
      big: { number: showDuration((recoat.opens - recoat.closes) / 1000), unit: 'too late' },
      says: 'In this room the window closes before the film is ready: there is none.',
      detail: `It closes at ${clockTime(recoat.closes, now)}, and the film is reckoned to be ready at ${clockTime(recoat.opens, now)}. A warmer room read anew, or a touch test that finds it tacky; else let it harden until ${clockTime(recoat.hard, now)}, scuff and clean.${soon}`,
      tone: 'stop',
      because,
      ...(recoat.hard > now
        ? {}
        : { tap: log('Scuffed and cleaned', 'coat abraded', { type: 'abraded', coatId: last.coat.id }) }),
    };
  if (recoat?.state === 'between' && last)
    return {
      big: { number: clockTo(recoat.opens, now), unit: '' },
      says: `Too late to go on wet, too early to recoat: coat ${number(next)} from ${clockTime(recoat.opens, now)}.`,
      detail: `The sheet forbids the time between: a coat now would lift or wrinkle the one below.${soon || ' Scuffing does not open it sooner.'}`,
      tone: 'stop',
      because,
    };
  if (spray.due) return workLineOf(view, spray.due, units);
  // Until it is known whether it hides, nobody mixes what comes over it.
  const product = spray.look ? undefined : productToMix(view);
  if (recoat?.state === 'flashing' && spray.stuck)
    return {
      big: { number: clockTo(last?.ended ?? now, now), unit: 'since the last coat' },
      says: `Coat ${done.length} does not dry in this room.`,
      detail: 'Dry or warm it and read the room again; a touch test that finds it tacky stands all the same.',
      tone: 'stop',
      because,
      tap: go('plan', 'Read the room again', 'ready'),
    };
  if (recoat?.state === 'flashing')
    return {
      big: { number: clockTo(recoat.opens, now), unit: '' },
      says: `Leave coat ${done.length} to flash. ${spray.look ? 'Look at it' : `Coat ${number(next)}`} from ${clockTime(recoat.opens, now)}.${product ? ` Mix the ${product.name} meanwhile.` : ''}`,
      detail: `${product ? `${product.gun} ` : ''}${lawful(view)}${spray.unverified ? unverifiedWords : 'The touch test decides: tacky, not wet. Stacked wet coats sink in, pop and dull back.'}`,
      tone: 'care',
      because,
      ...(product ? { tap: go('mix', 'Go to Mix') } : {}),
      otherwise: elsewhere ? start : { ...start, says: `Start coat ${number(next)} early` },
    };
  if (product)
    return {
      big: { number: clockTo(last?.ended ?? now, now), unit: 'since the last coat' },
      says: `Now the ${product.name}: nothing of it is mixed yet.`,
      detail: `${product.gun}${recoat?.closes ? ` Its window closes at ${clockTime(recoat.closes, now)}.` : ''}`,
      tone: 'care',
      because,
      tap: go('mix', 'Go to Mix'),
      otherwise: start,
    };
  if (elsewhere)
    return {
      big: { number: `${number(next)}/${coats.length}`, unit: 'coats' },
      says: `Next on the part is ${next.coat.name} of ${own?.name ?? 'another layer'}; you have ${view.work.layer.name} in hand.`,
      detail: `${lawful(view)}${recoat?.closes ? `Its window closes at ${clockTime(recoat.closes, now)}.` : ''}`,
      tone: 'care',
      because,
      tap: start,
    };
  if (spray.unverified)
    return {
      big: { number: clockTo(last?.ended ?? now, now), unit: 'since the last coat' },
      says: `Touch it first: no clock is verified for ${last?.coat.name ?? 'this coat'}.`,
      detail: unverifiedWords,
      tone: 'care',
      because,
      tap: focus('touch', 'Touch test'),
      otherwise: start,
    };
  if (view.otherInGun)
    return {
      big: { number: clockTo(last?.ended ?? now, now), unit: 'since the last coat' },
      says: `${view.otherInGun} is still in the gun. Flush it before ${own ? inSentence(own.name) : 'the next'} goes in.`,
      detail: recoat?.closes ? `The window closes at ${clockTime(recoat.closes, now)}.` : '',
      tone: 'stop',
      because,
      tap: go('clean', 'Go to Clean'),
      otherwise: start,
    };
  const order = ofAll(next);
  const { may, open } = view.permission;
  const [first] = open;
  if (!may && first) {
    const { says, big } = openItem(first, view, units);
    const stops = open.filter(({ weight }) => weight === 'stop').length;
    // What is put right at another stage is one tap away.
    const told = open.find(({ by, weight }) => by === 'record' && weight === 'stop');
    const elsewise = told && openItem(told, view, units).tap;
    return {
      big: big ?? { number: String(stops), unit: stops === 1 ? 'thing open' : 'things open' },
      says: `${openWords(view)} of ${coats.length}. ${says}`,
      open: first,
      tone: openTone(view.permission),
      because,
      tap: start,
      ...(elsewise ? { otherwise: elsewise } : {}),
    };
  }
  return {
    big: units.parts('film', next.wet),
    says: `Start ${order}: ${units.show('film', next.wet)} wet.`,
    detail: `${layingWords(view, next, units)}${lawful(view)}${plural(spray.strokes.length, 'kind')} of face; the clock and the flash timer start by themselves.${first ? ` Mind: ${openItem(first, view, units).says}` : ''}`,
    tone: 'act',
    because,
    tap: start,
  };
}
