import { showDuration } from '@/core/quantity';
import type { BrushPlace, WorkState } from '@/facts/job';
import { log, type Tap } from './line';
import type { LayerWork, WorkKind } from '@/records';
import type { Units } from './units';

/** Work between coats and layers: as a thing to do, and as a thing done. */
export const workWords: Record<WorkKind, { readonly todo: string; readonly done: string }> = {
  sand: { todo: 'Sand', done: 'Sanded' },
  scuff: { todo: 'Scuff', done: 'Scuffed' },
  wipe: { todo: 'Wipe clean', done: 'Wiped clean' },
  mask: { todo: 'Mask', done: 'Masked' },
  wait: { todo: 'Wait', done: 'Waited' },
  look: { todo: 'Look it over under strong light', done: 'Looked over' },
  brush: { todo: 'Brush what the gun keeps off', done: 'Brushed' },
};

export const stateWords: Record<WorkState, string> = {
  'to-come': 'to come',
  due: 'now',
  waiting: 'from',
  done: '✓ done',
  again: '▲ again: it no longer counts',
  'left-out': 'left out',
  passed: 'not recorded',
};

export const lookedWords = {
  hides: { yes: 'hides', no: 'does not hide yet' },
  even: { yes: 'lies even', no: 'is not even yet' },
  mirror: { yes: 'is a mirror', no: 'is no mirror' },
  texture: { yes: 'has an even texture', no: 'has no even texture' },
  match: { yes: 'matches its neighbour', no: 'does not match its neighbour' },
} as const;

/** What is asked of a piece by its standard, as taps. */
export const standardWords = {
  mirror: { yes: 'It is a mirror', no: 'It is not' },
  texture: { yes: 'Its texture is even', no: 'It is not' },
  match: { yes: 'It matches', no: 'It does not match' },
} as const;

/** What is asked under a strong light. */
export const lookAsks = {
  hides: { asks: 'Does it hide what is below?', yes: 'It hides', no: 'Not yet' },
  even: { asks: 'Does it lie even, without clouds?', yes: 'It lies even', no: 'Not yet' },
} as const;

/** Says that a place kept free for the brush has its coat. */
export const brushed = ({ id, name, face }: BrushPlace, layerId: string): Tap =>
  log('Brushed', `${name} brushed`, {
    type: 'worked',
    layerId,
    workId: id,
    what: 'brush',
    note: `${name}, ${face.name}`,
  });

type Said = Pick<LayerWork, 'what' | 'grit' | 'takes' | 'lasts'>;

/** `Sand with P320, 20 µm off` */
export function workLine({ what, grit, takes, lasts }: Said, units: Units): string {
  const words = what === 'wait' && lasts ? `Wait ${showDuration(lasts)}` : workWords[what].todo;
  return `${words}${grit === undefined ? '' : ` with P${grit}`}${takes ? `, ${units.show('film', takes)} off` : ''}`;
}
