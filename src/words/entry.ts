import { guideCells } from '@/core/inspection';
import { showDuration } from '@/core/quantity';
import { everyEntry } from '@/facts/job';
import type { EntryType, Job, LogEntry } from '@/records';
import type { Units } from './units';
import { endingWords } from './endings';
import { incidentWords, partWords, symptomWords, wasteWords } from './care';
import { stickWords } from './stick';
import { lookedWords, workLine } from './work';
import { placeWords, pressureQuantity } from './pressure';
import { cardWords, fittingName } from './set';
import { inSentence, plural } from './line';
import { answerWords, askWords, touchUpWords, zoneWords } from './inspection';
import { fullDay } from './dates';

export const typeWords: Record<EntryType, string> = {
  climate: 'Room',
  stir: 'Stirred',
  poured: 'Poured',
  leftover: 'Leftover',
  returned: 'Poured back',
  mixed: 'Mixed',
  reading: 'Cup',
  addition: 'Added',
  stick: 'Stick test',
  structure: 'Structure',
  trial: 'Trial piece',
  discard: 'Discarded',
  setting: 'Gun set',
  card: 'Card',
  incident: 'Mishap',
  'turbine-on': 'Turbine on',
  refill: 'Cup filled',
  'coat-start': 'Coat started',
  'coat-end': 'Coat ended',
  'face-done': 'Face done',
  hand: 'The hand felt',
  pause: 'Paused',
  resume: 'Went on',
  touch: 'Touch test',
  texture: 'How it lies',
  flowed: 'Flow-out',
  outcome: 'Outcome',
  rework: 'Put right',
  'gauge-check': 'Gauge check',
  base: 'Base reading',
  hiding: 'Hiding',
  inspected: 'Looked at',
  guide: 'Guide coat',
  miss: 'Miss',
  'miss-closed': 'Miss closed',
  look: 'Looked again',
  parts: 'Parts counted',
  skip: 'Left out',
  handover: 'Handed over',
  abraded: 'Abraded',
  worked: 'Worked',
  'left-out': 'Not done',
  swapped: 'Gun changed',
  judged: 'Judged',
  comb: 'Wet comb',
  film: 'Dry film',
  tick: 'Ticked',
  symptom: 'Symptom',
  waste: 'Waste',
  defect: 'Defect',
  action: 'Action',
  note: 'Note',
};

const helpedWords = {
  yes: 'the change helped',
  partly: 'the change helped in part',
  no: 'the change did not help',
} as const;
const filmDigits = (units: Units) => ({ digits: units.system === 'metric' ? 1 : 2 });
/** How a coat lies, as it is said of one. */
export const textureWords = {
  even: 'lies even',
  'wet-rough': 'is rough and wet',
  'dry-rough': 'is rough and dry',
} as const;
const flowedWords = { peel: 'kept its peel', even: 'flowed out evenly', run: 'ran' } as const;

/** Work that was planned: the layer’s own, or what a coat loses to sanding. */
function plannedWork({ layers }: Job, workId: string, units: Units): string {
  const own = layers.flatMap(({ work = [] }) => work).find(({ id }) => id === workId);
  if (own) return workLine(own, units);
  const coat = layers.flatMap(({ coats }) => coats).find(({ id }) => workId === `sand-${id}`);
  return coat ? `Sand ${coat.name}` : 'Work that is no longer planned';
}

/** What an entry says, in the user's units. */
export function entryWords(entry: LogEntry, job: Job, units: Units): string {
  const faceNamed = (id: string) => job.part.faces.find((each) => each.id === id)?.name ?? 'a face';
  const coat = (id: string) =>
    job.layers.flatMap(({ coats }) => coats).find((each) => each.id === id)?.name ?? 'a coat';
  const layer = (id: string) => job.layers.find((each) => each.id === id)?.name ?? 'a layer';
  const parts = job.layers.flatMap(({ sheet: { components, thinning, additives = [] } }) => [
    ...components,
    ...additives,
    ...thinning.thinners,
  ]);
  const part = (id: string) =>
    id === 'unthinned' ? 'unthinned mix' : (parts.find((each) => each.id === id)?.name ?? id);
  switch (entry.type) {
    case 'climate':
      return `air ${units.show('temperature', entry.air)}, part ${units.show('temperature', entry.part)}, ${units.show('share', entry.humidity, { digits: 0 })} humidity${entry.gusts === undefined ? '' : `, gusts of ${units.show('speed', entry.gusts)}`}`;
    case 'stir':
      return 'the mix';
    case 'poured':
      return `${part(entry.partId)}, ${units.show('mass', entry.mass)}`;
    case 'leftover':
      return `${units.show('mass', entry.mass)} from ${entry.from}`;
    case 'returned':
      return `${units.show('mass', entry.mass)}${entry.thinner > 0 ? `, ${units.show('mass', entry.thinner)} of it thinner` : ''}`;
    case 'mixed':
      return entry.poured.map(({ partId, mass }) => `${part(partId)} ${units.show('mass', mass)}`).join(', ');
    case 'reading':
      return `${units.show('time', entry.seconds)} at ${units.show('temperature', entry.temperature)}`;
    case 'addition':
      return `${units.show('mass', entry.mass)} ${inSentence(part(entry.what))}${entry.coatId ? `, extra for ${coat(entry.coatId)}` : ''}${entry.offSheet ? ', off the sheet' : ''}`;
    case 'stick':
      return `${stickWords[entry.sign].toLowerCase()} at ${units.show('temperature', entry.temperature)}`;
    case 'structure':
      return `fresh ${units.show('time', entry.fresh)}, after standing ${units.show('time', entry.stood)}`;
    case 'trial':
      return `${entry.text}, for ${coat(entry.coatId)}`;
    case 'discard':
      return entry.why;
    case 'setting':
      return `${fittingName(entry, units)}, ${units.show(pressureQuantity(entry.pressure), entry.pressure)} ${placeWords[entry.pressureAt]}${entry.triggerPulled ? ', trigger pulled' : ', static'}, ${units.show('fluidFlow', entry.fluid)}${entry.trigger === undefined ? '' : ` with the trigger at ${units.show('share', entry.trigger, { digits: 0 })}`}, ${units.show('speed', entry.speed)}`;
    case 'card':
      return `${cardWords[entry.verdict].name.toLowerCase()}${entry.pressure === undefined ? '' : ` at ${units.show(pressureQuantity(entry.pressure), entry.pressure)}`}${entry.distance === undefined ? '' : ` from ${units.show('distance', entry.distance)}`}${entry.pattern ? `, read: ${units.show('distance', entry.pattern.width)} wide` : ''}${entry.arrival ? `; ${entry.arrival.found} ${units.show('time', entry.arrival.after, { digits: 0 })} after it arrived` : ''}`;
    case 'incident':
      return `${incidentWords[entry.what]}${entry.note ? `: ${entry.note}` : ''}`;
    case 'turbine-on':
      return 'its air warms and steadies';
    case 'refill':
      return 'again, from the same batch';
    case 'hand':
      return `${faceNamed(entry.faceId)}, ${coat(entry.coatId)}: ${plural(entry.strokes.length, 'stroke')}, ${units.show('speed', entry.planned)} planned`;
    case 'face-done':
      return `${coat(entry.coatId)} on ${faceNamed(entry.faceId)}${entry.side === 2 ? ', back' : ''}`;
    case 'flowed':
      return `${coat(entry.coatId)} ${flowedWords[entry.seen]} at ${units.show('film', entry.film)} wet`;
    case 'texture':
      return `${coat(entry.coatId)} ${textureWords[entry.found]}`;
    case 'touch':
      return `${coat(entry.coatId)} is ${entry.found}`;
    case 'parts':
      return `${entry.count > 0 ? '+' : ''}${entry.count}`;
    case 'skip':
      return `${entry.item}${entry.coatId ? ` before ${coat(entry.coatId)}` : ''}: ${entry.why}`;
    case 'handover':
      return entry.text;
    case 'pause':
    case 'resume':
    case 'coat-start':
    case 'coat-end':
    case 'abraded':
      return coat(entry.coatId);
    case 'worked':
      return `${workLine(entry, units)}, on ${layer(entry.layerId)}${entry.lasts === undefined ? '' : `, took ${showDuration(entry.lasts)}`}${entry.note ? `. ${entry.note}` : ''}`;
    case 'left-out':
      return `${plannedWork(job, entry.workId, units)}${entry.why ? `: ${entry.why}` : ''}`;
    case 'swapped':
      return `for ${layer(entry.layerId)}`;
    case 'judged':
      return `${coat(entry.coatId)} ${lookedWords[entry.asks][entry.yes ? 'yes' : 'no']}`;
    case 'comb':
      return `${units.range('film', entry.wetted, entry.dry)} on ${coat(entry.coatId)}`;
    case 'film':
      return `${units.show('film', entry.reading, { digits: units.system === 'metric' ? 1 : 2 })}, ${faceNamed(entry.faceId)}, spot ${entry.spot + 1}`;
    case 'tick':
      return `${entry.step}, ${entry.done ? 'done' : 'taken back'}`;
    case 'symptom':
      return `${symptomWords[entry.symptom].toLowerCase()}: ${(partWords[entry.part] ?? entry.part).toLowerCase()} ${entry.found ? 'was it' : 'was not it'}`;
    case 'waste': {
      const amounts = [
        entry.volume === undefined ? '' : units.show('volume', entry.volume),
        entry.mass === undefined ? '' : units.show('mass', entry.mass),
      ].filter(Boolean);
      return `${wasteWords[entry.what].toLowerCase()}${amounts.length ? `, ${amounts.join(', ')}` : ''}${entry.note ? `. ${entry.note}` : ''}`;
    }
    case 'defect':
      return `${entry.name}${entry.note ? `. ${entry.note}` : ''}`;
    case 'rework': {
      const named = everyEntry(job).find((each) => each.type === 'defect' && each.defect === entry.defect);
      return `${named?.type === 'defect' ? named.name : entry.defect}: ${endingWords[entry.did]}`;
    }
    case 'outcome':
      return helpedWords[entry.helped];
    case 'gauge-check':
      return `zero ${units.show('film', entry.zero, filmDigits(units))}, shim of ${units.show('film', entry.shim, filmDigits(units))} read ${units.show('film', entry.read, filmDigits(units))}`;
    case 'base':
      return `${units.show('film', entry.reading, filmDigits(units))} on ${faceNamed(entry.faceId)}, what lies below`;
    case 'hiding':
      return `${faceNamed(entry.faceId)} ${entry.hides ? 'hides' : 'does not hide'} what is below`;
    case 'inspected':
      return `${askWords[entry.asks].name.toLowerCase()}, ${zoneWords[entry.zone]} of ${faceNamed(entry.faceId)}: ${
        entry.asks === 'dust'
          ? `${plural(entry.nibs ?? 0, 'speck')}, ${plural(entry.fibres ?? 0, 'fibre')}`
          : answerWords[entry.found].says.toLowerCase()
      }${entry.asks === 'colour' && !entry.polished ? ', neighbour not polished' : ''}`;
    case 'guide':
      return `on ${faceNamed(entry.faceId)}: ${plural(entry.highs.length, 'place')} cut through, ${entry.lows.length} low, of ${guideCells}`;
    case 'miss':
      return `${entry.text}${entry.faceId ? `, ${faceNamed(entry.faceId)}` : ''}; ${touchUpWords[entry.how].toLowerCase()}${entry.who ? `, ${entry.who}` : ''}${entry.due ? `, by ${fullDay(Date.parse(entry.due))}` : ''}`;
    case 'miss-closed': {
      const named = everyEntry(job).find((each) => each.id === entry.missId);
      return `${named?.type === 'miss' ? named.text : 'a miss'}: ${entry.did === 'done' ? 'touched up' : 'let be'}`;
    }
    case 'look':
      return `${entry.text}: ${entry.found === 'good' ? 'nothing showed' : 'something showed'}`;
    case 'action':
    case 'note':
      return entry.text;
  }
}
