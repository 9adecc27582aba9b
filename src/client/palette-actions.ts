"use client";

import { useEffect, useSyncExternalStore } from "react";

/** Something that the page in view can do, for the palette. */
export interface PaletteAction {
  label: string;
  /** The key that does the same. */
  keys?: string;
  run: () => void;
}

let actions: readonly PaletteAction[] = [];
const listeners = new Set<() => void>();
const NONE: readonly PaletteAction[] = [];

function put(next: readonly PaletteAction[]): void {
  actions = next;
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Offers what a page can do for as long as it is in view. */
export function useOfferActions(offered: readonly PaletteAction[]): void {
  useEffect(() => {
    put(offered);
    return () => put(NONE);
  }, [offered]);
}

/** What the page in view offers. */
export function useOfferedActions(): readonly PaletteAction[] {
  return useSyncExternalStore(
    subscribe,
    () => actions,
    () => NONE,
  );
}
