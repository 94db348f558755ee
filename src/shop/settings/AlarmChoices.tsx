'use client';

import { useState } from 'react';
import type { Shop } from '@/records';
import { Button } from '@/ui/Button';
import { ring, usualAlarms } from '@/ui/frame/ring';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

/** How a timer that runs out calls: each can be tried here. */
export function AlarmChoices({ shop, set }: Props) {
  const alarms = shop.alarms ?? usualAlarms;
  const [refused, setRefused] = useState(false);
  const change = (said: Partial<typeof alarms>) => set({ alarms: { ...alarms, ...said } });
  const notifyToo = async (on: boolean) => {
    if (!on || !('Notification' in window)) return change({ notify: false });
    const allowed = await Notification.requestPermission();
    setRefused(allowed !== 'granted');
    change({ notify: allowed === 'granted' });
  };
  const box = (label: string, checked: boolean, onChange: (on: boolean) => void) => (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        className="size-5 accent-act"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
  return (
    <fieldset>
      <legend className="text-sm text-ink-soft">When a timer runs out</legend>
      {box('Sound', alarms.sound, (sound) => change({ sound }))}
      {box('Vibrate, where the device can', alarms.vibrate, (vibrate) => change({ vibrate }))}
      {box('Notification of the system', alarms.notify, (on) => void notifyToo(on))}
      {refused && (
        <p className="text-sm font-semibold text-care">
          ▲ The browser does not allow it. Allow it in the site’s settings; sound and title go on.
        </p>
      )}
      <Button className="mt-1" onClick={() => ring(alarms, 'This is how a timer calls.')}>
        Try it
      </Button>
    </fieldset>
  );
}
