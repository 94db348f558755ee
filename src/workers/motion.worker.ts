import * as Comlink from 'comlink';
import { coach, type HandSeen, type MotionPlan, type MotionSample } from '@/core/motion';
import type { Outcome } from '@/core/refusal';

const api = {
  coach: (samples: readonly MotionSample[], plan: MotionPlan): Outcome<HandSeen> => coach(samples, plan),
};

export type MotionWorker = typeof api;

Comlink.expose(api);
