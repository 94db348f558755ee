'use client';

import { useJob } from '@/ui/job/context';
import { takeInHand } from '@/ui/job/inhand';
import { clockTime } from '@/words/clock';

const words = { 'nothing-in-it': 'nothing in it', dirty: 'mix in it', clean: '✓ clean' } as const;

/** Which gun of the job is cleaned: each has its own mix in it, its own list and its own clock. */
export function GunChoice() {
  const { view } = useJob();
  const { guns, clean, work, now } = view;
  if (guns.length < 2) return null;
  const inOrder = [...guns].sort((a, b) => a.rigId.localeCompare(b.rigId));
  return (
    <div
      role="group"
      aria-label="Gun to clean"
      className="flex flex-wrap border-b border-hairline"
      data-gun-choice
    >
      {inOrder.map(({ rigId, rig, layerId, state, cleanBy }) => {
        const here = rigId === clean.rigId;
        const layer = work.layers.find(({ id }) => id === layerId);
        const late = cleanBy !== undefined && cleanBy < now;
        return (
          <button
            key={rigId}
            type="button"
            aria-pressed={here}
            onClick={() => takeInHand(view.job, layerId, rigId)}
            className={`min-h-14 flex-1 border-r border-hairline px-4 py-2 text-left last:border-r-0 ${here ? 'bg-act-wash' : 'hover:bg-ink/6'}`}
          >
            <b className={here ? 'text-act' : ''}>{rig?.name ?? 'A gun no longer here'}</b>
            <span className="block text-sm text-ink-soft">
              {layer?.name}:{' '}
              <span className={state === 'dirty' ? (late ? 'text-stop' : 'text-care') : ''}>
                {words[state]}
                {cleanBy !== undefined &&
                  `, ${late ? 'overdue since' : 'clean by'} ${clockTime(cleanBy, now)}`}
              </span>
            </span>
          </button>
        );
      })}
    </div>
  );
}
