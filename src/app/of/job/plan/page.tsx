import { PlanStage } from '@/stages/plan/PlanStage';

export default function PlanStagePage() {
  return <PlanStage />;
}
