import { cautionsFor, deferral, type Hazard, type WorkStage } from '@/core/safety';
import { Notice } from './Notice';

interface Props {
  readonly hazards: readonly Hazard[];
  readonly stage: WorkStage;
  /** Only those of one weight. */
  readonly weight?: 'stop' | 'care';
  /** Without its heading: it stands before everything else. */
  readonly brief?: boolean;
  readonly className?: string;
}

/** The cautions of this coating, this gun and this step, where the hand is. */
export function Cautions({ hazards, stage, weight, brief, className = '' }: Props) {
  const cautions = cautionsFor(hazards, stage).filter((each) => !weight || each.weight === weight);
  if (cautions.length === 0) return null;
  return (
    <section
      aria-label={brief ? 'Before you go on' : 'Safety'}
      className={`space-y-2 ${className}`}
      data-caution-stop={brief || undefined}
    >
      {!brief && <h2 className="text-sm font-bold">Safety</h2>}
      {cautions.map(({ says, weight: own }) => (
        <Notice key={says} tone={own}>
          {says}
        </Notice>
      ))}
      <p className="text-xs text-ink-soft">{deferral}</p>
    </section>
  );
}
