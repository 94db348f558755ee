import { unitIn } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import type { Fitness, JobView } from '@/facts/job';
import { figure, jobFigure, reason, sheetFrom, transferFrom } from './figures';
import type { Units } from './units';
import { money } from './money';
import { workWords } from './work';
import { focus, go, plural, type Fact, type NextLine } from './line';

// prettier-ignore
const fitnessWords: Record<Fitness['id'], { name: string; low: string; high: string; quantity: 'temperature' | 'share' | 'temperatureStep' | 'film' | 'duration' | 'length' }> = {
  air: { name: 'Air', low: 'Too cold to spray', high: 'Too warm to spray', quantity: 'temperature' },
  part: { name: 'Part', low: 'The part is too cold', high: 'The part is too warm', quantity: 'temperature' },
  humidity: { name: 'Humidity', low: 'The air is too dry', high: 'The air is too damp', quantity: 'share' },
  dew: { name: 'Above dew point', low: 'Dew would form on the part', high: '', quantity: 'temperatureStep' },
  film: { name: 'Film a coat', low: 'A coat is planned thinner than the sheet allows', high: 'A coat is planned thicker than the sheet allows', quantity: 'film' },
  window: { name: 'Ready for the next coat', low: '', high: 'No window in this room: it closes before the film is ready', quantity: 'duration' },
  blend: { name: 'Fade', low: '', high: 'The fade crosses the edge that is to keep its colour', quantity: 'length' },
  layer: { name: 'Film of all coats', low: 'The coats together stay thinner than the sheet asks', high: 'The coats together stay thicker than the sheet allows', quantity: 'film' },
};

/** What a fitness check says: its value, its limits and the verdict in words. */
export function fitnessLine({ id, state, found, min, max }: Fitness, units: Units) {
  const { name, low, high, quantity } = fitnessWords[id];
  // Sheets state humidity in whole percents; a reading that fits needs no more of it either.
  const whole = quantity === 'share' ? { digits: 0 } : undefined;
  const limits =
    min !== undefined && max !== undefined
      ? units.range(quantity, min, max, whole)
      : min !== undefined
        ? `at least ${units.show(quantity, min, whole)}`
        : `at most ${units.show(quantity, max, whole)}`;
  const verdict =
    state === 'unknown'
      ? 'not read yet'
      : state === 'good'
        ? 'fit'
        : found !== undefined && min !== undefined && found < min
          ? low
          : high;
  const value = found === undefined ? '–' : units.show(quantity, found, state === 'good' ? whole : undefined);
  return { name, value, limits, verdict };
}

/** Practical coverage of the unit that volumes are shown in: a litre, or a gallon. */
function coverageFact(coverage: number, units: Units): Fact {
  const unit = unitIn('volume', units.system);
  return { label: `1 ${unit.symbol} covers, one coat`, value: units.show('area', coverage * unit.scale) };
}

export function planLine(view: JobView, units: Units): NextLine {
  const { plan, job, supply } = view;
  const { needed, area, coats, transfer, fitness } = plan;
  const own = coats.filter(({ coat }) => coat.layerId === view.work.layer.id);
  const because: Fact[] = [
    reason(
      `Area, ${plural(
        job.part.faces.reduce((sum, { count }) => sum + count, 0),
        'face',
      )}`,
      jobFigure(view, 'area', area),
      units,
    ),
    reason(
      'Wet film, all coats',
      figure(
        view,
        'layer.wet',
        own.reduce((sum, { wet }) => sum + wet, 0),
      ),
      units,
    ),
    reason('Transfer', figure(view, 'gun.transfer', transfer), units, {
      digits: 0,
      from: transferFrom(plan, units),
    }),
    reason('Volume solids as applied', figure(view, 'layer.solids', own[0]?.solids), units, {
      from: sheetFrom(view.work.layer.sheet, 'components'),
    }),
    ...(view.work.layer.begunAs ? [{ label: 'Begun as', value: view.work.layer.begunAs.job }] : []),
    ...(isRefusal(plan.coverage) ? [] : [coverageFact(plan.coverage, units)]),
    ...(isRefusal(needed)
      ? []
      : [
          { label: 'On the part', value: units.show('volume', needed.film) },
          ...(needed.absorbed > 0
            ? [{ label: 'Drunk by the surface', value: units.show('volume', needed.absorbed) }]
            : []),
          { label: 'Lost as overspray', value: units.show('volume', needed.overspray) },
          ...(needed.past > 0
            ? [{ label: 'Past edges and ends', value: units.show('volume', needed.past) }]
            : []),
          { label: 'Left in the gun, cards', value: units.show('volume', needed.dead + needed.cards) },
          { label: 'Reserve', value: units.show('volume', needed.reserve) },
          ...(supply.cost === undefined ? [] : [{ label: 'Paint costs', value: money(supply.cost) }]),
        ]),
  ];
  if (isRefusal(needed))
    return {
      big: { number: '–', unit: '' },
      says: units.says(needed),
      tone: 'stop',
      because,
      tap: focus('part', 'Put it right'),
    };

  const stop = fitness.find(({ state }) => state === 'stop');
  if (stop) {
    const line = fitnessLine(stop, units);
    const ofFilm = stop.id === 'film' || stop.id === 'layer';
    const [number = '–', unit = ''] = line.value.split('\u00a0');
    // What is told of the room is told by the gate: its limit, and what mends this cause and no other.
    const told = view.permission.items.find(
      (item) => item.by === 'record' && item.id === stop.id && item.cause,
    );
    const asked = `${line.name}: ${stop.id === 'blend' ? 'the edge is kept at' : 'the sheet asks for'} ${line.limits}.`;
    return {
      big: { number, unit },
      says: `${line.verdict}.`,
      ...(stop.id === 'blend'
        ? { detail: `${asked} A shorter fade, smaller steps, or fewer coats.` }
        : ofFilm
          ? { detail: `${asked} Change the film of a coat or the number of coats.` }
          : told
            ? { open: told }
            : { detail: asked }),
      tone: 'stop',
      because,
      tap:
        stop.id === 'blend'
          ? focus('blend', 'Put the fade right', 'stack')
          : ofFilm
            ? focus('coats', 'Put the coats right', 'stack')
            : focus('room', 'Read the room again', 'ready'),
    };
  }
  const wet = own[0]?.wet ?? 0;
  const film = `${units.show('film', wet)} wet a coat dries to ${units.show('film', own[0]?.dry.aim)}.`;
  const whole = `${units.show('volume', needed.total)} for ${plural(own.length, 'coat')}`;
  const on = view.spray.coats.filter(
    ({ coat, state }) => coat.layerId === view.work.layer.id && state === 'done',
  ).length;
  const pot = view.mix.batch;
  const good = pot !== undefined && (pot.useBefore === undefined || view.now <= pot.useBefore);
  if (view.spray.layerOn && !good)
    return {
      big: { number: `${on}`, unit: on === 1 ? 'coat on' : 'coats on' },
      says: 'All coats of this layer are on: nothing is left to mix for it.',
      detail: `${film} The plan was ${whole}.`,
      tone: 'good',
      because,
      tap: view.done.has('clean') ? go('check', 'Go to Check') : go('clean', 'Go to Clean'),
    };
  // What is on is not mixed for again.
  const left = on > 0 && !isRefusal(supply.remaining) ? supply.remaining : needed.total;
  const mixes = `${units.show('volume', left)} for ${plural(own.length - on, 'coat')}${on > 0 ? ' to come' : ''}`;
  const big = units.parts('volume', left);
  if (!plan.climate)
    return {
      big,
      says: `Read the room, then mix ${units.show('volume', left)}.`,
      detail: `${plural(own.length - on, 'coat')}: ${film} Air, part and humidity decide whether to start.`,
      tone: 'act',
      because,
      tap: focus('room', 'Read the room', 'ready'),
    };
  const { due, look } = view.spray;
  if (due || look)
    return {
      big,
      says: look
        ? 'Look at the last coat first, on Spray.'
        : `First the film below: ${due ? workWords[due.what].todo.toLowerCase() : ''}, on Spray.`,
      detail: `Then mix ${mixes}. ${film}`,
      tone: 'act',
      because,
      tap: go('spray', 'Go to Spray'),
    };
  // How the pot stands is said by Mix: here only that it is there.
  if (pot && good)
    return {
      big: units.parts('volume', pot.applied.volume),
      says: `${units.show('volume', pot.applied.volume)} in the pot.`,
      detail: `The plan asks for ${whole}. ${film}`,
      tone: 'act',
      because,
      tap: view.permission.coat ? go('spray', 'Go to Spray') : go('check', 'Go to Check'),
    };
  return {
    big,
    says: `Mix ${mixes}.`,
    detail: on > 0 ? `${film} The whole plan is ${whole}.` : film,
    tone: 'good',
    because,
    tap: go('mix', 'Go to Mix'),
  };
}
