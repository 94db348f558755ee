'use client';

import type { Rig } from '@/records';
import { sheetNames } from '@/facts/newjob/usual';
import { gunWords } from '@/records/rigwords';
import { Tiles } from '@/ui/Tiles';
import type { ScreenProps } from './conversation';

type Gun = `rig:${string}` | `new:${Rig['atomising']}` | 'new:hvlp/turbine';

const newGuns: readonly { readonly value: Gun; readonly label: string }[] = [
  { value: 'new:hvlp', label: 'HVLP, compressor' },
  { value: 'new:hvlp/turbine', label: 'HVLP, turbine' },
  ...(['conventional', 'compliant', 'low-volume', 'airless'] as const).map((kind) => ({
    value: `new:${kind}` as const,
    label: gunWords[kind],
  })),
];

interface Props extends Omit<ScreenProps, 'ahead'> {
  /** Guns of the shop are chosen elsewhere: only the kind of a new one is asked. */
  readonly onlyNew?: boolean;
}

/** With which gun: those of the shop that fit it first, else the kind of a new one. */
export function GunTiles({ form, draft, held, onlyNew }: Props) {
  const { setValue } = form;
  const { rigId, atomising, air } = draft;
  const names = sheetNames(
    held.coatings.find(({ id }) => id === draft.coatingId),
    draft.class,
  );
  const fits = (rig: Rig) => Number(!names(rig));
  const own: Gun = atomising === 'hvlp' && air === 'turbine' ? 'new:hvlp/turbine' : `new:${atomising}`;
  return (
    <Tiles<Gun>
      label={onlyNew ? 'The new gun is' : 'With which gun?'}
      value={rigId && !onlyNew ? `rig:${rigId}` : own}
      groups={[
        {
          title: 'Guns of the shop',
          first: 4,
          tiles: onlyNew
            ? []
            : [...held.rigs]
                .sort((a, b) => fits(a) - fits(b))
                .map(({ id, name }) => ({ value: `rig:${id}` as const, label: name })),
        },
        {
          ...(held.rigs.length > 0 && !onlyNew ? { title: 'A new one' } : {}),
          first: rigId && !onlyNew ? 2 : newGuns.length,
          tiles: newGuns,
        },
      ]}
      onChange={(gun) => {
        const at = gun.indexOf(':');
        const [kind, id] = [gun.slice(0, at), gun.slice(at + 1)];
        if (kind === 'rig') {
          setValue('rigId', id);
          return;
        }
        const [family = 'hvlp', by] = id.split('/');
        if (!onlyNew) setValue('rigId', '');
        setValue('atomising', family as Rig['atomising']);
        setValue('air', by === 'turbine' ? 'turbine' : 'compressor');
      }}
    />
  );
}
