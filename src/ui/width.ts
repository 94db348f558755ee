'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';

/**
 * How wide a place is, px: a drawing made for its width keeps its words at reading size, where one scaled down does not.
 */
export function useWidth<T extends HTMLElement>(usual: number): readonly [RefObject<T | null>, number] {
  const place = useRef<T>(null);
  const [width, setWidth] = useState(usual);
  useEffect(() => {
    const { current } = place;
    if (!current) return;
    const seen = new ResizeObserver(() => {
      if (current.clientWidth > 0) setWidth(current.clientWidth);
    });
    seen.observe(current);
    return () => seen.disconnect();
  }, []);
  return [place, width];
}
