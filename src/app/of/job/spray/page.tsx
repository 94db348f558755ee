import { SprayStage } from '@/stages/spray/SprayStage';

export default function SprayStagePage() {
  return <SprayStage />;
}
