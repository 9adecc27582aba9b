"use client";

import { useEffect, useState } from "react";

/** The figures that ship. */
export type Figures = typeof import("@/catalog/figures");

let known: Figures | null = null;
let loading: Promise<Figures> | null = null;

/** The figures, loaded when one is first shown; null until then. */
export function useFigures(): Figures | null {
  const [figures, setFigures] = useState(known);
  useEffect(() => {
    if (figures) return;
    loading ??= import("@/catalog/figures");
    let isGone = false;
    void loading.then((loaded) => {
      known = loaded;
      if (!isGone) setFigures(loaded);
    });
    return () => {
      isGone = true;
    };
  }, [figures]);
  return figures;
}
