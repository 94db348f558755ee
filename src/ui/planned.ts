'use client';

import { useEffect, useRef, useState } from 'react';
import type { PlanQuestion } from '@/core/schedule';
import { planDay } from '@/workers/plan';
import type { DayPlan } from '@/workers/plan.worker';

export interface Planned {
  /** The last plan stays in sight while the next one is worked out. */
  readonly planned: DayPlan | undefined;
  readonly busy: boolean;
  readonly stop: () => void;
}

/**
 * Plans in the worker whenever the question changes.
 *
 * @param by s, on the scale of the question: all coats on by then
 */
export function usePlanned(question: PlanQuestion, by: number): Planned {
  const key = JSON.stringify({ question, by });
  const [held, setHeld] = useState<{ key: string; planned?: DayPlan }>();
  const task = useRef<{ cancel: () => void }>(undefined);
  useEffect(() => {
    const asked = JSON.parse(key) as { question: PlanQuestion; by: number };
    const next = planDay(asked.question, asked.by);
    task.current = next;
    let gone = false;
    void next.result.then((planned) => {
      if (!gone) setHeld({ key, planned });
    });
    return () => {
      gone = true;
      next.cancel();
    };
  }, [key]);
  return { planned: held?.planned, busy: held === undefined, stop: () => task.current?.cancel() };
}
