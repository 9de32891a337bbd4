import { type RefObject, useLayoutEffect, useRef, useState } from 'react';
import type { Size } from './thickness-layout';

/** The size of an element in pixels, followed as it changes. */
export function useSize<T extends HTMLElement>(): readonly [RefObject<T | null>, Size | undefined] {
  const ref = useRef<T>(null);
  const [size, setSize] = useState<Size>();
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}
