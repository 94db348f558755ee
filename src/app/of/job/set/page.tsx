import { SetStage } from '@/stages/set/SetStage';

export default function SetStagePage() {
  return <SetStage />;
}
