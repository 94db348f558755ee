'use client';

import { useState } from 'react';
import type { Lever } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { JobView } from '@/facts/job';
import type { PressurePlace } from '@/facts/job/airchain';
import {
  fittedSet,
  leversBefore,
  leversHeld,
  leversMoved,
  schoolLevers,
  type StrokeLevers,
  type Tried,
} from '@/facts/job/levers';
import type { MovedLever } from '@/facts/job/leverranges';
import { passesOf, widthOf } from '@/facts/job/point';
import type { NozzleSet } from '@/records';

export type Approach = 'textbook' | 'reduced';

interface Held extends Tried {
  readonly fitted: NozzleSet | undefined;
  readonly tip: string | undefined;
  readonly pressureAt: PressurePlace;
  readonly gives: Lever | 'film';
  /** Share of the flow that the trigger lets through. */
  readonly trigger: number;
  readonly moved?: MovedLever | 'fan';
  /** Why a lever could not answer. */
  readonly refused?: Outcome<never>;
  /** The approach it stands at, and how it stood before. */
  readonly approach?: { readonly which: Approach; readonly before: Held };
}

/** The levers as a hand moves them: one moves, the one that gives way answers, and the film stays. */
export function useLevers(view: JobView) {
  const { set, rig } = view;
  const [held, setHeld] = useState((): Held => {
    const { setting, point } = set;
    return {
      ...leversBefore(view),
      fitted: fittedSet(rig?.sets ?? [], { setId: setting?.setId, bore: point.bore }),
      tip: point.tip,
      pressureAt: point.pressureAt ?? 'inlet',
      gives: 'speed',
      trigger: setting?.trigger ?? 1,
    };
  });

  /** What follows of a change before any lever answers: a tip’s flow and fan, a fan’s width by its distance. */
  const following = (next: Held): StrokeLevers => {
    const { levers, pressure, distance, tip } = next;
    if (rig?.atomising === 'airless') {
      const flow = passesOf(rig, { tip, pressure }, set.liquid);
      const fan = distance === undefined ? undefined : widthOf(rig, tip, distance, undefined);
      return { ...levers, ...(flow ? { flow } : {}), ...(fan ? { fan } : {}) };
    }
    const from = held.distance;
    return distance !== undefined && from !== undefined && from > 0 && distance > 0 && distance !== from
      ? { ...levers, fan: (levers.fan * distance) / from }
      : levers;
  };
  const take = (next: Held, found: Outcome<StrokeLevers>) =>
    setHeld({
      ...next,
      levers: isRefusal(found) ? next.levers : found,
      refused: isRefusal(found) ? found : undefined,
      approach: undefined,
    });
  const change = (said: Partial<Held>) => {
    const next = { ...held, ...said };
    const then = { ...next, levers: following(next) };
    take(then, leversHeld(view, then, then.gives));
  };

  return {
    ...held,
    setGives: (gives: Lever | 'film') => setHeld({ ...held, gives }),
    setPressureAt: (pressureAt: PressurePlace) => setHeld({ ...held, pressureAt }),
    setFitted: (fitted: NozzleSet | undefined) => setHeld({ ...held, fitted }),
    setTip: (tip: string) => change({ tip }),
    movePressure: (pressure: number | undefined) => change({ pressure, moved: 'air' }),
    moveDistance: (distance: number | undefined) => change({ distance, moved: 'distance' }),
    /** The trigger as far as a share of the flow: what comes out follows, and a lever answers for the film. */
    moveTrigger: (trigger: number | undefined) => {
      if (trigger === undefined || !(trigger > 0) || trigger > 1) return;
      const flow = (held.levers.flow / held.trigger) * trigger;
      const next = { ...held, trigger, moved: 'flow' as const, levers: { ...held.levers, flow } };
      take(next, leversMoved(view, held, 'flow', flow, held.gives === 'flow' ? 'speed' : held.gives));
    },
    move: (lever: Lever) => (value: number | undefined) => {
      if (value === undefined || !(value > 0)) return;
      const next = { ...held, moved: lever, levers: { ...held.levers, [lever]: value } };
      take(next, leversMoved(view, held, lever, value, held.gives));
    },
    /** To an approach, and back to exactly what was before. */
    approachTo: (which: Approach) => {
      if (held.approach?.which === which) return setHeld(held.approach.before);
      const before = held.approach?.before ?? held;
      const found = schoolLevers(view, which, before.levers.overlap);
      if (!found || isRefusal(found.levers)) return;
      const { pressure, distance, levers } = found;
      setHeld({ ...before, pressure, distance, levers, refused: undefined, approach: { which, before } });
    },
  };
}
