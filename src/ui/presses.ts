'use client';

import { useEffect, useEffectEvent, useRef } from 'react';

/** Held this long a press takes back instead of going on; a pedal that bounces within the second is one press. ms */
const [holds, bounces] = [700, 350];

/** Keys that belong to the browser, to moving about, or to leaving. */
const notOurs = new Set(['Escape', 'Tab', 'Shift', 'Control', 'Alt', 'Meta', 'CapsLock', 'Process', 'Dead']);

interface Presses {
  readonly next: () => void;
  readonly undo: () => void;
  /** Nothing is listened to while something else has the hand. */
  readonly active: boolean;
  /** Selects the screen it holds for: what lies over it keeps its own presses. */
  readonly within: string;
}

/** Controls keep what is meant for them; the large zone is no control but the whole screen. */
const ownControl = (target: EventTarget | null): boolean =>
  target instanceof Element &&
  target.closest('button, a, input, select, [data-own-keys]') !== null &&
  target.closest('[data-press-zone]') === null;

/** One press means next wherever it lands, a long one undo: any key, a pedal that sends one, a finger, a pen. */
export function usePresses({ next, undo, active, within }: Presses): void {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const last = useRef(-Infinity);
  const down = useEffectEvent(() => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      timer.current = undefined;
      undo();
    }, holds);
  });
  const up = useEffectEvent((at: number) => {
    if (timer.current === undefined) return;
    clearTimeout(timer.current);
    timer.current = undefined;
    if (at - last.current < bounces) return;
    last.current = at;
    next();
  });
  const forget = useEffectEvent(() => {
    clearTimeout(timer.current);
    timer.current = undefined;
  });
  useEffect(() => {
    if (!active) return;
    const here = ({ target }: Event) =>
      target === document.body || (target instanceof Element && target.closest(within) !== null);
    const ours = (event: KeyboardEvent) =>
      here(event) &&
      !event.ctrlKey &&
      !event.metaKey &&
      !event.altKey &&
      !notOurs.has(event.key) &&
      !ownControl(event.target);
    let held: string | undefined;
    const press = (event: KeyboardEvent) => {
      if (!ours(event)) return;
      event.preventDefault();
      event.stopPropagation();
      if (event.repeat || held !== undefined) return;
      held = event.key;
      down();
    };
    const release = (event: KeyboardEvent) => {
      if (event.key !== held) return;
      held = undefined;
      event.preventDefault();
      event.stopPropagation();
      up(event.timeStamp);
    };
    const touch = (event: PointerEvent) => {
      if (event.isPrimary && here(event) && !ownControl(event.target)) down();
    };
    const lift = (event: PointerEvent) => up(event.timeStamp);
    const stop = () => forget();
    window.addEventListener('keydown', press, true);
    window.addEventListener('keyup', release, true);
    window.addEventListener('pointerdown', touch);
    window.addEventListener('pointerup', lift);
    window.addEventListener('pointercancel', stop);
    return () => {
      forget();
      window.removeEventListener('keydown', press, true);
      window.removeEventListener('keyup', release, true);
      window.removeEventListener('pointerdown', touch);
      window.removeEventListener('pointerup', lift);
      window.removeEventListener('pointercancel', stop);
    };
  }, [active, within]);
}
