'use client';

import { Checkbox } from 'radix-ui';
import { Check } from 'lucide-react';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/ui/words/spray';

/** The ordered list for this gun and this coating. Ticks are logged, and can be taken back. */
export function CleanStage() {
  const { view, log } = useJob();
  const { clean, mix } = view;
  const idle = clean.state === 'nothing-in-it';
  return (
    <StageFrame
      stage="clean"
      beside={
        <div className="space-y-2">
          <Notice tone="plain">What the product’s sheet names for cleaning outranks this list.</Notice>
          {mix.batch && clean.state !== 'nothing-in-it' && (
            <div className="space-y-2">
              <p className="text-sm">There is mix left over in the pot.</p>
              <Button
                onClick={() =>
                  mix.batch &&
                  log('mix discarded', {
                    type: 'discard',
                    batchId: mix.batch.id,
                    why: 'Left over after the last coat',
                  })
                }
              >
                Leftover disposed of
              </Button>
            </div>
          )}
        </div>
      }
    >
      <Panel title={clean.cleanBy ? `Clean by ${clockTime(clean.cleanBy)}` : 'Cleaning list'}>
        <ol className="divide-y divide-hairline border-y border-hairline" data-clean-list>
          {clean.steps.map(({ id, says, because, done }, i) => (
            <li key={id} className={`flex items-start gap-4 py-3 ${done ? 'text-ink-soft' : ''}`}>
              <Checkbox.Root
                id={`step-${id}`}
                checked={done}
                disabled={idle}
                aria-labelledby={`words-${id}`}
                onCheckedChange={(next) =>
                  log('cleaning step', { type: 'tick', list: 'clean', step: id, done: next === true })
                }
                className="flex size-11 shrink-0 items-center justify-center border-2 border-ink bg-sheet disabled:border-dashed disabled:border-ink-soft data-[state=checked]:border-good data-[state=checked]:bg-good-wash"
              >
                <Checkbox.Indicator>
                  <Check aria-hidden className="size-6 text-good" />
                </Checkbox.Indicator>
              </Checkbox.Root>
              <span id={`words-${id}`} className="min-w-0">
                <b>
                  {i + 1}. {says}
                </b>
                <span className="block text-sm text-ink-soft">{because}</span>
              </span>
            </li>
          ))}
        </ol>
      </Panel>
    </StageFrame>
  );
}
