"use client";

import { delMany, entries, get, set, setMany } from "idb-keyval";
import type { FloorEvent } from "@/core/floor";
import type { EventStore, FeedWays } from "./floor-feed";

/** For how long an answer is waited for. Milliseconds. */
const PATIENCE_MS = 8000;

/** How a feed reaches the server at an address. */
export function floorWays(url: string): FeedWays {
  return {
    async send(body) {
      const isAsking = body.events.length === 0;
      const response = await fetch(isAsking ? `${url}/events?since=${body.since}` : `${url}/events`, {
        method: isAsking ? "GET" : "POST",
        ...(!isAsking && { headers: { "content-type": "application/json" }, body: JSON.stringify(body) }),
        signal: AbortSignal.timeout(PATIENCE_MS),
      });
      if (response.ok) return { kind: "stored", ...(await response.json()) };
      const isTheirs = response.status >= 400 && response.status < 500;
      if (!isTheirs || response.status === 429) throw new Error(`${url} answered ${response.status}.`);
      const { title, errors } = await response
        .json()
        .catch(() => ({ title: "It was not taken.", errors: [] }));
      return { kind: "refused", message: [title, errors?.[0]?.message].filter(Boolean).join(" ") };
    },
    listen(since, heard, isOpen) {
      const stream = new EventSource(`${url}/stream?since=${since}`);
      const seqOf = (e: MessageEvent) => (e.lastEventId ? Number(e.lastEventId) : null);
      stream.onopen = () => isOpen(true);
      stream.onerror = () => isOpen(false);
      stream.onmessage = (e) => heard(JSON.parse(e.data) as FloorEvent, seqOf(e));
      return () => stream.close();
    },
    later(work, ms) {
      const timer = setTimeout(work, ms);
      return () => clearTimeout(timer);
    },
    clock: () => Date.now(),
  };
}

/**
 * Keeps a session's waiting events in the browser, each for itself, so that two windows do not overwrite each other's; where it may
 * not keep anything, they wait while the page is open.
 */
export function browserStore(key: string): EventStore {
  const prefix = `iron-step-floor ${key} `;
  const known = `iron-step-floor-known ${key}`;
  return {
    load: async () => {
      const all = await entries<string, FloorEvent>().catch(() => []);
      return all.flatMap(([name, event]) => (String(name).startsWith(prefix) ? [event] : []));
    },
    add: (events) => setMany(events.map((e) => [prefix + e.id, e])),
    remove: (ids) => delMany(ids.map((id) => prefix + id)),
    recall: async () => (await get<FloorEvent[]>(known).catch(() => undefined)) ?? [],
    remember: (events) => set(known, events),
  };
}
