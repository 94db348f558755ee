'use client';

import { useEffect, useEffectEvent, useRef } from 'react';
import type { Speech } from '@/records';
import { isLed, say } from '../spoken/mouth';

interface Props {
  readonly says: string;
  /** How much is on record: a line that only counts down is not said again. */
  readonly entries: number;
  readonly speech: Speech;
}

/** ms a line must stand before it is read out: what only flashes past is not. */
const stands = 500;

const kind = (says: string): string => says.replace(/\d[\d.,:]*/g, '#');

/** Says what comes next as soon as it changes, for hands that are full. At the gun another voice leads. */
export function SpokenLine({ says, entries, speech }: Props) {
  // What was on the screen already is not read out.
  const told = useRef({ says, entries });
  const tell = useEffectEvent(() => {
    told.current = { says, entries };
    if (!isLed()) say('next', says, speech);
  });
  useEffect(() => {
    const { current: before } = told;
    if (before.says === says) return;
    if (kind(before.says) === kind(says) && before.entries === entries) return;
    const wait = setTimeout(() => tell(), stands);
    return () => clearTimeout(wait);
  }, [says, entries]);
  return null;
}
