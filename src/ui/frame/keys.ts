'use client';

import { useEffect, useRef } from 'react';

/** ms after a key in a field in which another single key is still meant for that field. */
const meantForField = 400;

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
    let typed = -Infinity;
    const press = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.repeat || event.altKey) return;
      const modified = event.ctrlKey || event.metaKey;
      const name = `${modified ? 'mod+' : ''}${modified && event.shiftKey ? 'shift+' : ''}${event.key.toLowerCase()}`;
      const target = event.target instanceof HTMLElement ? event.target : undefined;
      const typing = target?.matches('input, textarea, select, [contenteditable], [role="dialog"] *');
      // Enter, Tab and Escape end what is typed: what follows is meant for the page.
      if (typing) typed = event.key.length === 1 ? event.timeStamp : -Infinity;
      const handler = held.current[name];
      if (!handler) return;
      const control = target?.closest(
        'button, a, summary, [role="radio"], [role="menuitem"], [role="option"]',
      );
      // The field has just gone from under the hand: what was meant for it does nothing else.
      if (!typing && !modified && event.timeStamp - typed < meantForField && event.key.length === 1) return;
      if (typing && !(modified && event.key.toLowerCase() === 'k')) return;
      if (control && (event.key === 'Enter' || event.key === ' ')) return;
      event.preventDefault();
      handler();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
