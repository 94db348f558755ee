import * as Comlink from 'comlink';
import { drillOf, judgeRun, newPanel, type GunMoment, type Judged } from '@/core/practice';
import { isRefusal, type Outcome } from '@/core/refusal';

export interface RunTask {
  readonly drill: string;
  readonly moments: readonly GunMoment[];
  /** The panel as it was sprayed. */
  readonly cell: number;
  readonly film: Float32Array;
  readonly runs: number;
}

const api = {
  judge({ drill: id, moments, cell, film, runs }: RunTask): Outcome<Judged> {
    const drill = drillOf(id);
    const panel = newPanel(drill.width, drill.height, cell, drill.runsAbove);
    if (isRefusal(panel)) return panel;
    panel.film.set(film.subarray(0, panel.film.length));
    return judgeRun(moments, drill, panel, runs);
  },
};

export type PracticeWorker = typeof api;

Comlink.expose(api);
