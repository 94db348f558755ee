'use client';

import { useState } from 'react';
import { speechOf } from '@/facts/shop/speech';
import type { Shop } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
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
  return (
    <fieldset>
      <legend className="text-sm text-ink-soft">When a timer runs out</legend>
      <Check label="Sound" checked={alarms.sound} onChange={(sound) => change({ sound })} />
      <Check
        label="Vibrate, where the device can"
        checked={alarms.vibrate}
        onChange={(vibrate) => change({ vibrate })}
      />
      <Check
        label="Notification of the system"
        checked={alarms.notify}
        onChange={(on) => void notifyToo(on)}
      />
      {refused && (
        <p className="text-sm font-semibold text-care">
          ▲ The browser does not allow it. Allow it in the site’s settings; sound and title go on.
        </p>
      )}
      <Button
        className="mt-1"
        onClick={() => ring(alarms, { motif: 'alarm', says: ['This is how a timer calls.'] }, speechOf(shop))}
      >
        Try it
      </Button>
    </fieldset>
  );
}
