import { useLayoutEffect, useState, type RefObject } from 'react';

export interface Size {
  width: number;
  height: number;
}

/** The size of an element in CSS pixels, followed as it changes. */
export function useSize(element: RefObject<HTMLElement | null>): Size {
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const node = element.current;
    if (!node) {
      return;
    }
    const observer = new ResizeObserver(([entry]) => {
      if (entry) {
        const { width, height } = entry.contentRect;
        setSize((before) =>
          before.width === width && before.height === height ? before : { width, height },
        );
      }
    });
    observer.observe(node);
    return () => observer.disconnect();
  }, [element]);
  return size;
}

export function useWidth(element: RefObject<HTMLElement | null>): number {
  return useSize(element).width;
}
