'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';

/** Width of an element in px, for drawings whose letters should not shrink with them. */
export function useWidth<T extends HTMLElement>(first: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    if (!ref.current) return;
    const observer = new ResizeObserver(
      ([entry]) => entry && entry.contentRect.width > 0 && setWidth(Math.round(entry.contentRect.width)),
    );
    observer.observe(ref.current);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
