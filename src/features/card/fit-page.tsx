"use client";

import { type ReactNode, useEffect, useRef } from "react";

/** What is left of a page between its margins: the width of A4, the height of Letter, so that it fits both. CSS pixels. */
const PAGE = { width: 710, height: 970 };
/** Print wraps a little more than the screen. */
const WRAPS = 1.05;
/** How much of a zoom the height follows: smaller letters leave more room in a line, but rows keep theirs. */
const FOLLOWS = 0.85;

/** Something that is printed on one page: what would take more is printed smaller, by as much as it would take too much. */
export function FitPage({ children }: { children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      // At another width the same words take about the same area.
      const printed = WRAPS * height * Math.max(1, width / PAGE.width);
      element.style.setProperty("--fit", String(Math.min(1, (PAGE.height / printed) ** FOLLOWS)));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return (
    <div ref={box} className="print:[zoom:var(--fit,1)]">
      {children}
    </div>
  );
}
