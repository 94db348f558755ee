import { ThinStage } from '@/stages/thin/ThinStage';

export default function ThinStagePage() {
  return <ThinStage />;
}
