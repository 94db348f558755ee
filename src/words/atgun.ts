import type { GunPiece, GunStep } from '@/facts/job/atgun';
import { byHand, type JobView } from '@/facts/job';
import { turnSays } from './horns';
import { clockTo } from './clock';
import { amount, coatFigure, written } from './figures';
import { inSentence, plural } from './line';
import { openItem, openWords } from './permission';
import { spokenClock } from './spoken';
import type { Units } from './units';

/** `Door 2 of 4, back`: which piece of a face, and which side of it. */
export function pieceName({ face, side, nth }: GunPiece): string {
  const which = face.count > 1 ? ` ${nth} of ${face.count}` : '';
  return `${face.name}${which}${side === 2 ? ', back' : ''}`;
}

export interface GunWords {
  /** What stands largest, and beside it. */
  readonly big: string;
  readonly unit: string;
  readonly says: string;
  /** What a tap says has been done; nothing where a tap does nothing. */
  readonly tap?: string;
  /** The same for an ear. */
  readonly spoken: string;
}

/** What stands at the gun, what a tap means there, and how it is told. */
export function gunWords(step: GunStep, view: JobView, units: Units): GunWords {
  switch (step.kind) {
    case 'face': {
      const { piece, at, of } = step;
      const name = pieceName(piece);
      const { guide } = piece;
      const strokes = guide ? plural(guide.strokes.length, 'stroke') : '';
      const each = guide && written(amount('time', guide.stroke), units, { digits: 1 });
      return {
        big: guide ? String(guide.strokes.length) : String(at),
        unit: guide ? 'strokes' : `of ${of} faces`,
        says: step.turned ? `${name}. ${turnSays(piece.face, view.rig)}` : name,
        tap: `${name} done`,
        spoken: `${name}. ${step.turned ? `${turnSays(piece.face, view.rig)} ` : ''}${guide ? `${strokes} of ${each}.` : ''}`,
      };
    }
    case 'stirred':
      return {
        big: 'Stir',
        unit: '',
        says: 'Stir the mix before the next face.',
        tap: 'Stirred',
        spoken: 'Stir the mix before the next face.',
      };
    case 'by-hand': {
      const name = inSentence(step.coat.coat.name);
      const rest = step.left.map((face) => `${face.name} by ${byHand(face)}`).join(', ');
      return {
        big: 'By hand',
        unit: '',
        says: `Every face the gun coats has ${name}. Not on record yet: ${rest}. Back to the screen, and tap them there.`,
        spoken: `The gun is done. Still by hand: ${rest}.`,
      };
    }
    case 'end': {
      const name = inSentence(step.coat.coat.name);
      return {
        big: 'All on',
        unit: '',
        says: `Every face has ${name}.`,
        tap: 'End the coat',
        spoken: `Every face has it. Press to end ${name}.`,
      };
    }
    case 'go-on':
      return {
        big: 'Paused',
        unit: '',
        says: 'Go on at an edge of the part, never in the middle of a face.',
        tap: 'Go on',
        spoken: 'Paused. Press to go on.',
      };
    case 'start': {
      const { coat } = step;
      const number = view.spray.coats.indexOf(coat) + 1;
      const wet = written(coatFigure(view, 'coat.wet', coat.coat, coat.wet), units);
      return {
        big: `${number} of ${view.spray.coats.length}`,
        unit: 'coats',
        says: `${coat.coat.name}: ${wet} wet.`,
        tap: `Start coat ${number}`,
        spoken: `${coat.coat.name} may start. ${wet} wet.`,
      };
    }
    case 'held': {
      const { coat, until, open } = step;
      const name = inSentence(coat.coat.name);
      if (until !== undefined) {
        const left = clockTo(until, view.now);
        return {
          big: left,
          unit: '',
          says: `Until ${name}.${open > 0 ? ` ${openWords(view)}.` : ''}`,
          spoken: `${spokenClock(left)} until ${name}.`,
        };
      }
      const [first] = view.permission.open;
      const says = first ? openItem(first, view, units).says : '';
      return {
        big: String(open),
        unit: open === 1 ? 'thing open' : 'things open',
        says,
        tap: 'See what is open',
        spoken: `${openWords(view)}. ${says}`,
      };
    }
    case 'line':
      return {
        big: '',
        unit: '',
        says: 'Nothing more is said with one tap here.',
        spoken: '',
      };
  }
}

/** What was done by a tap, as a voice confirms it. */
export function gunAnswer(step: GunStep): string {
  switch (step.kind) {
    case 'face':
      return `${pieceName(step.piece)} done.`;
    case 'stirred':
      return 'Stirred.';
    case 'end':
      return `${step.coat.coat.name} ended.`;
    case 'go-on':
      return 'Going on.';
    case 'start':
      return `${step.coat.coat.name} started.`;
    default:
      return '';
  }
}

/** The clocks that matter at the gun: the two that run out soonest and cost something, but for the one that stands largest. */
export const gunClocks = ({ timers }: Pick<JobView, 'timers'>, step: GunStep) =>
  timers
    .filter(
      ({ quiet, then, due }) => !quiet && then !== 'go' && !(step.kind === 'held' && step.until === due),
    )
    .slice(0, 2);
