'use client';

import { byHand, hasFlake, lastOf, liveEntries, moment, openFaces, type CoatState } from '@/facts/job';
import type { Face, Rig } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { missedWords } from '@/words/missed';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/words/clock';
import { GunButton } from './gun/GunButton';
import { WorkDone } from './WorkDone';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** What is done while a coat flashes, each with what it prevents, by what is sprayed with. */
const between = (rig: Rig | undefined) => [
  rig?.atomising === 'airless'
    ? { id: 'cap', says: 'Tip and guard in their jar', because: 'paint dried in the slot bends the fan' }
    : { id: 'cap', says: 'Cap wiped', because: 'paint dried on the horns bends the fan' },
  { id: 'stir', says: 'Mix stirred', because: 'what settles is not what was timed' },
  { id: 'tack', says: 'Tacked, when the film allows', because: 'dust in the first coat stands in the last' },
  rig?.feed === 'pump'
    ? { id: 'cup', says: 'Suction well under the paint', because: 'a pump that draws air spits' }
    : rig?.feed === 'pressure-pot'
      ? { id: 'cup', says: 'Pot filled', because: 'no refill in the middle of a face' }
      : { id: 'cup', says: 'Cup filled', because: 'no refill in the middle of a face' },
];

/** The coat as it goes on, face by face; and while it flashes: the touch test and what is done between coats. */
export function LiveRun({ onGun }: { readonly onGun: () => void }) {
  const { view } = useJob();
  const { running, next } = view.spray;
  const last = view.spray.coats.filter(({ state }) => state === 'done').at(-1);
  if (running) return <Running onGun={onGun} />;
  return last && next ? <Between /> : null;
}

function Running({ onGun }: { readonly onGun: () => void }) {
  const { view, log } = useJob();
  const { running } = view.spray;
  if (!running) return null;
  const pieces = view.job.part.faces.flatMap((face) =>
    (face.sides === 2 ? ([1, 2] as const) : ([1] as const)).map((side) => ({ face, side })),
  );
  const open = openFaces(view);
  const done = ({ face, side }: (typeof pieces)[number]) =>
    running.faces.filter((each) => each.faceId === face.id && each.side === side).length;
  return (
    <Panel title={`Faces, ${running.coat.name.toLowerCase()}`} tools={<GunButton onGun={onGun} />}>
      {view.now < (running.started ?? 0) - 60_000 && (
        <Notice tone="care">
          The clock of this device stands before the start of this coat: it was set back. Times are kept as
          they were written; correct the start in the logbook if it is wrong.
        </Notice>
      )}
      <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3" data-faces>
        {pieces.map((piece) => {
          const { face, side } = piece;
          const so = Math.min(done(piece), face.count);
          return (
            <Button
              key={`${face.id}${side}`}
              className="min-h-16 !justify-between"
              disabled={so >= face.count}
              onClick={() =>
                log('face done', {
                  type: 'face-done',
                  coatId: running.coat.id,
                  faceId: face.id,
                  ...(side === 2 ? { side } : {}),
                })
              }
            >
              <span className="text-left">
                {face.name}
                {side === 2 ? ', back' : ''}
                {byHand(face) && <span className="block text-sm font-normal">by {byHand(face)}</span>}
                <Edge piece={piece} />
              </span>
              <b className={so >= face.count ? 'text-good' : ''}>
                {so >= face.count ? '✓' : `${so} of ${face.count}`}
              </b>
            </Button>
          );
        })}
      </div>
      <p className="mt-2 text-sm text-ink-soft">
        Tap a face when its coat is on. The coat ends with its own button.
        {open.length > 0 && ' What has begun to set is left: a late pass tears it. The time is an estimate.'}
      </p>
    </Panel>
  );
}

/** Until when a face that has its coat takes a further pass. */
function Edge({ piece: { face, side } }: { readonly piece: { readonly face: Face; readonly side: 1 | 2 } }) {
  const { view } = useJob();
  const open = openFaces(view).find((each) => each.faceId === face.id && each.side === side);
  if (!open) return null;
  return (
    <span className="block text-sm font-normal" data-open={open.until > view.now ? 'open' : 'set'}>
      {open.until > view.now ? `takes a pass until ${clockTime(open.until, view.now)}` : 'sets: leave it'}
    </span>
  );
}

const lies = [
  { found: 'even', says: 'Even' },
  { found: 'wet-rough', says: 'Rough, wet' },
  { found: 'dry-rough', says: 'Rough, dry' },
] as const;

const liesMeans = {
  even: 'The next coat may go on as it is planned.',
  'wet-rough':
    'It may flow under the next coat, if that one lies wet: slower, a little more, thinner in its band.',
  'dry-rough': 'The next coat does not heal it: let it harden, flat it, and lay the next one wetter.',
} as const;

/** How the coat lies, before the next one goes on: what is rough and dry comes through whatever is laid over it. */
function Lies({ last }: { readonly last: CoatState }) {
  const { view, log } = useJob();
  const { texture } = view.spray;
  return (
    <Fold
      title="How does it lie?"
      says={
        texture
          ? texture.flatted
            ? 'flatted since'
            : lies.find(({ found }) => found === texture.found)?.says.toLowerCase()
          : 'low light across it'
      }
      verb="Say"
      open={texture?.found === 'dry-rough' && !texture.flatted}
    >
      <div className="flex flex-wrap gap-2" data-lies>
        {lies.map(({ found, says }) => (
          <Button
            key={found}
            className="flex-1"
            aria-pressed={texture?.found === found}
            onClick={() => log('how it lies', { type: 'texture', coatId: last.coat.id, found })}
          >
            {says}
          </Button>
        ))}
      </div>
      {texture && (
        <p className="mt-1 text-sm">
          {texture.flatted ? 'Flatted since. The next coat may go on.' : liesMeans[texture.found]}
        </p>
      )}
    </Fold>
  );
}

/** What a coat that has begun to set is spared, and what the next one can mend. */
function Missed({ last, next }: { readonly last: CoatState; readonly next: CoatState }) {
  return (
    <Fold title="Something was missed?" says="leave it now" verb="Show">
      <dl className="space-y-2 text-sm" data-missed>
        {missedWords(last.coat.layerId === next.coat.layerId, hasFlake(last)).map(({ what, mends }) => (
          <div key={what}>
            <dt className="font-semibold">{what}</dt>
            <dd>{mends}</dd>
          </div>
        ))}
      </dl>
    </Fold>
  );
}

function Between() {
  const { view, log } = useJob();
  const { spray, job } = view;
  const last = spray.coats.filter(({ state }) => state === 'done').at(-1);
  const { touch } = spray;
  const planned = spray.work.some(({ coatId }) => coatId === last?.coat.id);
  if (!last?.ended) return null;
  const entries = liveEntries(job);
  const since = last.ended;
  const done = (step: string) => {
    const tick = lastOf(entries, 'tick', (entry) => entry.list === 'between' && entry.step === step);
    return tick !== undefined && tick.done && moment(tick) >= since;
  };
  return (
    <Panel title="While it flashes">
      <div className="grid gap-5 md:grid-cols-2">
        <fieldset data-place="touch" tabIndex={-1}>
          <legend className="mb-1 text-sm text-ink-soft">
            Touch test on a masked corner: what does {last.coat.name.toLowerCase()} feel like?
          </legend>
          <div className="flex flex-wrap gap-2" data-touch>
            {(['wet', 'tacky', 'dry'] as const).map((found) => (
              <Button
                key={found}
                className="min-h-16 flex-1 capitalize"
                aria-pressed={touch?.found === found}
                onClick={() => log('touch test', { type: 'touch', coatId: last.coat.id, found })}
              >
                {found}
              </Button>
            ))}
          </div>
          <p className="mt-1 text-sm">
            {touch
              ? touch.found === 'wet'
                ? `Wet at ${clockTime(moment(touch))}: ask again in five minutes.`
                : touch.found === 'dry' && spray.film?.times.tack
                  ? `Dry at ${clockTime(moment(touch))}: this coating wants the next coat while it is tacky. The window is missed.`
                  : `${touch.found === 'tacky' ? 'Tacky' : 'Dry'} at ${clockTime(moment(touch))}: the next coat may go on, whatever the clock says.`
              : 'Best is tacky. Trust the touch test, not the timer.'}
          </p>
          <Lies last={last} />
          {spray.next && <Missed last={last} next={spray.next} />}
        </fieldset>
        <fieldset>
          <legend className="text-sm text-ink-soft">Between coats</legend>
          {between(view.rig).map(({ id, says, because }) => (
            <Check
              key={id}
              label={
                <span>
                  {says} <span className="text-sm text-ink-soft">– {because}</span>
                </span>
              }
              checked={done(id)}
              onChange={(on) => log('between coats', { type: 'tick', list: 'between', step: id, done: on })}
            />
          ))}
        </fieldset>
      </div>
      {!planned && <WorkDone due={undefined} layerId={last.coat.layerId} />}
    </Panel>
  );
}

/** A coat that went on outside the window of the one below it, and what to do about it. */
export function OffWindow() {
  const { view } = useJob();
  const off = view.spray.coats.filter((coat) => coat.off);
  return off.map(({ coat, off: how }) => (
    <div key={coat.id} className="border-b border-hairline px-4 py-3 md:px-5">
      <Notice tone={how?.kind === 'late' ? 'stop' : 'care'}>
        {coat.name} went on <Printed figure={amount('duration', (how?.by ?? 0) / 1000)} />{' '}
        {how?.kind === 'late'
          ? 'after the window had closed. It may peel: test the bond on the card or a corner before the next coat; if it lifts, strip to sound ground.'
          : 'before the one below had flashed. Solvent is trapped: lengthen the next flash by as much, no heat, and look for pop and dulling tomorrow.'}
      </Notice>
    </div>
  ));
}
