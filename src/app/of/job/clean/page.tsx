import { CleanStage } from '@/stages/clean/CleanStage';

export default function CleanStagePage() {
  return <CleanStage />;
}
