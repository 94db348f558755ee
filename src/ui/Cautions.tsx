import { cautionsFor, deferral, type Hazard, type WorkStage } from '@/core/safety';
import { Notice } from './Notice';

/** The cautions of this coating, this gun and this step, where the hand is. */
export function Cautions({
  hazards,
  stage,
}: {
  readonly hazards: readonly Hazard[];
  readonly stage: WorkStage;
}) {
  const cautions = cautionsFor(hazards, stage);
  if (cautions.length === 0) return null;
  return (
    <section aria-label="Safety" className="space-y-2">
      <h2 className="text-sm font-bold">Safety</h2>
      {cautions.map(({ says, weight }) => (
        <Notice key={says} tone={weight}>
          {says}
        </Notice>
      ))}
      <p className="text-xs text-ink-soft">{deferral}</p>
    </section>
  );
}
