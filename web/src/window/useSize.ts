import { type RefCallback, useCallback, useRef, useState } from "react";

type Size = { readonly width: number; readonly height: number };

/** The inner size of an element, in pixels, as it changes. */
export function useSize(): readonly [RefCallback<HTMLElement>, Size] {
  const [size, setSize] = useState<Size>({ width: 600, height: 360 });
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback((element: HTMLElement | null) => {
    observer.current?.disconnect();
    if (!element) return;
    observer.current = new ResizeObserver(([entry]) => {
      if (entry && entry.contentRect.width > 0) {
        setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
      }
    });
    observer.current.observe(element);
  }, []);
  return [ref, size];
}
