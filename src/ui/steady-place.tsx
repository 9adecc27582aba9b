"use client";

import { type ReactNode, useLayoutEffect, useRef, useState } from "react";

/** Keeps the place of what stands in it while that is worked out anew: nothing below moves from under a finger. */
export function SteadyPlace({ isSettled, children }: { isSettled: boolean; children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null);
  const [height, setHeight] = useState(0);
  useLayoutEffect(() => {
    if (isSettled) setHeight(place.current!.offsetHeight);
  });
  return (
    <div ref={place} className="flow-root" style={isSettled ? undefined : { minHeight: height }}>
      {children}
    </div>
  );
}
