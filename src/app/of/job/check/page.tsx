import { CheckStage } from '@/stages/check/CheckStage';

export default function CheckStagePage() {
  return <CheckStage />;
}
