'use client';

import { useShopState, useStore } from '@/store/hooks';
import { Button } from './Button';
import { notify } from './notify';

/** Sets a record that cannot be shown apart: it is kept on this device, and nothing is concluded from it. */
export function SetApart({ record, why }: { readonly record: string; readonly why: string }) {
  const store = useStore();
  const held = useShopState().records.get(record);
  if (!held) return null;
  const name = 'name' in held ? held.name : 'lot' in held ? held.lot : record;
  const apart = async () => {
    if (await store.setApart(record, why)) notify(`“${name}” is set apart. It stands under Settings.`);
  };
  return <Button onClick={() => void apart()}>Set “{name}” apart</Button>;
}
