import { MixStage } from '@/stages/mix/MixStage';

export default function MixStagePage() {
  return <MixStage />;
}
