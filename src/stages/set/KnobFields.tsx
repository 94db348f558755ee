'use client';

import { useRecords } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { setAgain } from '@/facts/job';
import { lastSettingOf } from '@/facts/shop/lastsetting';

export interface Knobs {
  readonly fluid?: number;
  readonly fan?: number;
  readonly air?: number;
}

interface Props {
  readonly knobs: Knobs;
  readonly onChange: (knobs: Knobs) => void;
}

const names = [
  ['fluid', 'Fluid knob'],
  ['fan', 'Fan knob'],
  ['air', 'Air knob'],
] as const;

/** Knobs as numbers, turns from closed, and the way back to those of the last time with this coating. */
export function KnobFields({ knobs, onChange }: Props) {
  const { view, log } = useJob();
  const jobs = useRecords('job');
  const last = lastSettingOf(jobs, view.work.layer.rigId, view.set.sheet.id);
  const held = view.set.setting;
  return (
    <div className="mt-4 grid grid-cols-3 items-end gap-4 sm:grid-cols-[8rem_8rem_8rem_1fr]">
      {names.map(([name, label]) => (
        <TextField
          key={name}
          label={`${label}, turns`}
          type="number"
          min={0}
          max={20}
          step={0.25}
          value={knobs[name] ?? ''}
          onChange={(event) => {
            const turns = event.target.value === '' ? undefined : Number(event.target.value);
            onChange({
              ...knobs,
              [name]: turns !== undefined && turns >= 0 && turns <= 20 ? turns : undefined,
            });
          }}
        />
      ))}
      {last && last.id !== held?.id && (
        <Button className="col-span-3 sm:col-span-1" onClick={() => log('settings restored', setAgain(last))}>
          Restore my settings
        </Button>
      )}
    </div>
  );
}
