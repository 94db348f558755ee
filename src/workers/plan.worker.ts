import * as Comlink from 'comlink';
import { latestStart, planCoats, type OrderOfWork, type PlanQuestion } from '@/core/schedule';
import { isRefusal, type Outcome } from '@/core/refusal';

export interface DayPlan {
  readonly plan: Outcome<OrderOfWork>;
  /** s on the question’s scale: the latest the first coat may begin so that all are on by the end of the day. */
  readonly latest: Outcome<number>;
}

const api = {
  plan(question: PlanQuestion, by: number): DayPlan {
    const plan = planCoats(question);
    return { plan, latest: isRefusal(plan) ? plan : latestStart(question, by) };
  },
};

export type PlanWorker = typeof api;

Comlink.expose(api);
