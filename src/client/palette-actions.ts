"use client";

import { useEffect, useSyncExternalStore } from "react";

/** Something that the page in view can do, for the palette. */
export interface PaletteAction {
  label: string;
  /** The key that does the same. */
  keys?: string;
  run: () => void;
}

const NONE: readonly PaletteAction[] = [];
/** What the page in view offers, and what every page does. */
const offers = { page: NONE, everywhere: NONE };
let actions = NONE;
const listeners = new Set<() => void>();

function put(next: readonly PaletteAction[], on: keyof typeof offers): void {
  offers[on] = next;
  actions = [...offers.page, ...offers.everywhere];
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Offers what a page can do for as long as it is in view, or what can be done everywhere. */
export function useOfferActions(offered: readonly PaletteAction[], on: keyof typeof offers = "page"): void {
  useEffect(() => {
    put(offered, on);
    return () => put(NONE, on);
  }, [offered, on]);
}

/** What the page in view offers. */
export function useOfferedActions(): readonly PaletteAction[] {
  return useSyncExternalStore(
    subscribe,
    () => actions,
    () => NONE,
  );
}
