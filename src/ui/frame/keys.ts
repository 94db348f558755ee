'use client';

import { useEffect, useRef } from 'react';

export interface Key {
  /** As in KeyboardEvent.key, lower case; `mod+` stands for Ctrl or Cmd. */
  readonly key: string;
  readonly does: string;
}

/** Every key of the product, as the list behind ? shows them. */
export const keyList: readonly Key[] = [
  { key: 'Space', does: 'Start and stop the cup watch' },
  { key: 'Enter', does: 'Do the next line' },
  { key: '1 – 7', does: 'Plan, Mix, Thin, Set, Spray, Check, Clean of this job' },
  { key: 'Ctrl K', does: 'Command list' },
  { key: 'Ctrl Z', does: 'Undo; with Shift, redo' },
  { key: 'U', does: 'Metric or US units' },
  { key: '?', does: 'This list' },
];

type Handlers = Readonly<Record<string, () => void>>;

/**
 * Listens for keys while the component is on screen. Keys typed into a field stay in the field, and Space and
 * Enter on a control belong to the control.
 */
export function useKeys(handlers: Handlers): void {
  const held = useRef(handlers);
  useEffect(() => {
    held.current = handlers;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.repeat || event.altKey) return;
      const modified = event.ctrlKey || event.metaKey;
      const name = `${modified ? 'mod+' : ''}${modified && event.shiftKey ? 'shift+' : ''}${event.key.toLowerCase()}`;
      const handler = held.current[name];
      if (!handler) return;
      const target = event.target instanceof HTMLElement ? event.target : undefined;
      const typing = target?.matches('input, textarea, select, [contenteditable], [role="dialog"] *');
      const control = target?.closest(
        'button, a, summary, [role="radio"], [role="menuitem"], [role="option"]',
      );
      if (typing && !(modified && event.key.toLowerCase() === 'k')) return;
      if (control && (event.key === 'Enter' || event.key === ' ')) return;
      event.preventDefault();
      handler();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
