// The size of an element as it stands, for drawings that fill their place.
import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** An element's size, px, as it changes. */
export function useSize<E extends Element>(): readonly [
  RefObject<E | null>,
  { readonly width: number; readonly height: number },
] {
  const ref = useRef<E>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => {
      setSize({ width: element.clientWidth, height: element.clientHeight });
    });
    observer.observe(element);
    setSize({ width: element.clientWidth, height: element.clientHeight });
    return () => {
      observer.disconnect();
    };
  }, []);
  return [ref, size];
}
