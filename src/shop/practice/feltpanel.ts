import { newPanel, slide, spray, type Drill, type PracticePanel } from '@/core/practice';
import type { HandSeen, MotionPlan } from '@/core/motion';
import { isRefusal } from '@/core/refusal';

/** A drill’s strokes as a hand coach holds them against. */
export const drillPlan = (drill: Drill): MotionPlan => ({
  length: drill.width + 2 * drill.lead,
  strokes: Math.max(Math.round(drill.height / drill.spacing), 1) + 1,
  speed: drill.speed,
  lies: drill.runsAbove === undefined ? 'flat' : 'upright',
});

/** The film the felt strokes leave on the panel of a drill, each where it was planned. */
export function feltPanel(
  drill: Drill,
  { strokes }: Pick<HandSeen, 'strokes'>,
  cell = 8e-3,
): PracticePanel | undefined {
  const panel = newPanel(drill.width, drill.height, cell, drill.runsAbove);
  if (isRefusal(panel)) return undefined;
  const plan = drillPlan(drill);
  const apart = drill.height / Math.max(plan.strokes - 1, 1);
  strokes.slice(0, plan.strokes).forEach(({ speed, tilt }, i) => {
    const ends = [-drill.lead, drill.width + drill.lead] as const;
    const [from, to] = i % 2 === 0 ? ends : [ends[1], ends[0]];
    const held = { y: i * apart, pull: 1, tilt };
    spray(
      panel,
      drill.gun,
      { ...held, t: 0, x: from },
      { ...held, t: plan.length / Math.max(speed, 1e-3), x: to },
    );
  });
  for (let i = 0; i < 20; i += 1) slide(panel, 0.1);
  return panel;
}
