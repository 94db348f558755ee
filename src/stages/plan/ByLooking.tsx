'use client';

import { usualDrops, usualHiding } from '@/core/system';
import type { Layer, LayerApproach } from '@/records';
import { Check } from '@/ui/Check';
import { CommitField } from '@/ui/Field';

interface Props {
  readonly layer: Layer;
  readonly onChange: (change: Partial<LayerApproach>) => void;
}

const whole = (text: string): number | undefined => {
  const n = Math.round(Number(text));
  return text.trim() !== '' && n >= 1 && n <= 20 ? n : undefined;
};

/** Coats that end by looking: colour until it hides, drops until they lie even. */
export function ByLooking({ layer, onChange }: Props) {
  const { hides, drops } = layer.approach;
  const has = (...roles: string[]) => layer.coats.some(({ role }) => role && roles.includes(role));
  const colour = has('base', 'metallic', 'wall');
  const drop = has('drop');
  if (!colour && !drop) return null;
  return (
    <div className="grid gap-x-4 sm:grid-cols-2" data-by-looking={layer.id}>
      {colour && (
        <div>
          <Check
            label="Colour until it hides"
            checked={hides !== undefined}
            onChange={(on) => onChange({ hides: on ? usualHiding : undefined })}
          />
          {hides && (
            <div className="grid grid-cols-2 gap-2 pb-2">
              <CommitField
                label="At least"
                type="number"
                min={1}
                max={20}
                value={String(hides.least)}
                onCommit={(text) => {
                  const least = whole(text);
                  if (least !== undefined) onChange({ hides: { least, most: Math.max(least, hides.most) } });
                }}
              />
              <CommitField
                label="At most"
                type="number"
                min={1}
                max={20}
                value={String(hides.most)}
                onCommit={(text) => {
                  const most = whole(text);
                  if (most !== undefined) onChange({ hides: { most, least: Math.min(most, hides.least) } });
                }}
              />
            </div>
          )}
        </div>
      )}
      {drop && (
        <div>
          <Check
            label="Drop coats until even"
            checked={drops !== undefined}
            onChange={(on) => onChange({ drops: on ? usualDrops : undefined })}
          />
          {drops !== undefined && (
            <CommitField
              label="At most"
              type="number"
              min={1}
              max={10}
              value={String(drops)}
              onCommit={(text) => {
                const most = whole(text);
                if (most !== undefined && most <= 10) onChange({ drops: most });
              }}
            />
          )}
        </div>
      )}
    </div>
  );
}
