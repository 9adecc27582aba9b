"use client";

import { useEffect } from "react";

const WORKER = "/floor-worker.js";

/** Whether pages can be kept here: not over plain http from another machine. */
export function canKeepPages(): boolean {
  return typeof navigator !== "undefined" && "serviceWorker" in navigator && window.isSecureContext;
}

/**
 * Keeps pages for when the server is away, with all that they are made of.
 *
 * @param paths of the pages, besides the one that is open.
 */
export function useKeptPages(paths: readonly string[]): void {
  const key = paths.join(" ");
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !canKeepPages()) return;
    let isOver = false;
    void (async () => {
      await navigator.serviceWorker.register(WORKER);
      const { active } = await navigator.serviceWorker.ready;
      if (isOver) return;
      // What was loaded before the worker was there is asked for once more, this time through it.
      const loaded = performance
        .getEntriesByType("resource")
        .map((e) => e.name)
        .filter((name) => new URL(name).pathname.startsWith("/_next/static/"));
      const urlsToCache = [...new Set([...loaded, ...key.split(" ").filter(Boolean)])];
      active?.postMessage({ type: "CACHE_URLS", payload: { urlsToCache } });
    })().catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, [key]);
}
