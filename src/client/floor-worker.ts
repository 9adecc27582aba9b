"use client";

import { useEffect } from "react";

const WORKER = "/floor-worker.js";

/** Whether pages can be kept here: not over plain http from another machine. */
export function canKeepPages(): boolean {
  return typeof navigator !== "undefined" && "serviceWorker" in navigator && window.isSecureContext;
}

/** Forgets all pages that are kept here. */
export async function forgetKeptPages(): Promise<void> {
  if (typeof caches === "undefined") return;
  for (const name of await caches.keys()) await caches.delete(name);
}

/** What a page is made of, by its addresses in it. */
const PARTS = /\/_next\/static\/[^"'\\\s)]+/g;

/** The parts of a page that is not open; none where it cannot be fetched. */
async function partsOf(path: string): Promise<string[]> {
  const answer = await fetch(path).catch(() => null);
  return answer?.ok ? ((await answer.text()).match(PARTS) ?? []) : [];
}

/**
 * Keeps pages for when the server is away, with all that they are made of.
 *
 * @param paths of the pages, besides what the one that is open is made of.
 */
export function useKeptPages(paths: readonly string[]): void {
  const key = paths.join(" ");
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !canKeepPages()) return;
    let isOver = false;
    void (async () => {
      await navigator.serviceWorker.register(WORKER);
      const { active } = await navigator.serviceWorker.ready;
      // What was loaded before the worker was there is asked for once more, this time through it.
      const loaded = performance
        .getEntriesByType("resource")
        .map((e) => e.name)
        .filter((name) => new URL(name).pathname.startsWith("/_next/static/"));
      const keep = (urls: readonly string[]) =>
        active?.postMessage({ type: "CACHE_URLS", payload: { urlsToCache: [...new Set(urls)] } });
      keep(loaded);
      for (const path of key.split(" ").filter(Boolean)) {
        if (isOver) return;
        keep([path, ...(await partsOf(path))]);
      }
    })().catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, [key]);
}
