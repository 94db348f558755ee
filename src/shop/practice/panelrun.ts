import {
  filmFacts,
  newPanel,
  pullsOf,
  runsIn,
  slide,
  spray,
  type Drill,
  type FilmFacts,
  type GunMoment,
  type PracticePanel,
  type Pull,
} from '@/core/practice';
import { isRefusal } from '@/core/refusal';

/** m a cell of the panel that is sprayed on screen. */
export const panelCell = 5e-3;

/** s between two moments that came out of order. */
const leastStep = 1e-3;
/** s without a word from the pointer after which it rests. */
const restsAfter = 0.03;

/** A run on the practice panel while it happens: film, what the gun did, and what ran. Changed frame by frame. */
export class PanelRun {
  readonly panel: PracticePanel;
  readonly moments: GunMoment[] = [];
  private laidUpTo = 0;
  private running = false;

  constructor(readonly drill: Drill) {
    const panel = newPanel(drill.width, drill.height, panelCell, drill.runsAbove);
    if (isRefusal(panel)) throw new Error(panel.says);
    this.panel = panel;
  }

  /** Notes where the gun is; the film is laid with the next frame. */
  note(moment: GunMoment): void {
    const last = this.moments.at(-1);
    if (last && moment.t <= last.t) {
      // A late word of where the gun was is no news; that the trigger was let go always is.
      if (moment.pull === 0 && last.pull > 0) this.moments.push({ ...moment, t: last.t + leastStep });
      return;
    }
    this.moments.push(moment);
  }

  /** A pointer that rests says nothing, and the gun sprays on: the film builds where it stands. */
  hold(t: number): void {
    const last = this.moments.at(-1);
    if (last && last.pull > 0 && t - last.t > restsAfter) this.moments.push({ ...last, t });
  }

  /** Lays what was noted since the last frame, and lets runs slide. True while there is something to draw. */
  frame(seconds: number): boolean {
    const from = this.laidUpTo;
    for (let i = Math.max(from, 1); i < this.moments.length; i += 1) {
      const [before, now] = [this.moments[i - 1] as GunMoment, this.moments[i] as GunMoment];
      if (before.pull > 0) spray(this.panel, this.drill.gun, before, now);
    }
    this.laidUpTo = this.moments.length;
    this.running = slide(this.panel, Math.min(seconds, 0.1)) > 0;
    return this.running || this.moments.length > from;
  }

  get spraying(): boolean {
    return (this.moments.at(-1)?.pull ?? 0) > 0;
  }

  get pulls(): Pull[] {
    return pullsOf(this.moments);
  }

  get facts(): FilmFacts {
    return filmFacts(this.panel, this.drill);
  }

  get runs(): number {
    return runsIn(this.panel);
  }
}
