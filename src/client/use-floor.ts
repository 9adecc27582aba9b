"use client";

import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { type FloorEvent, type FloorPlan, type FloorState, foldEvents, type Happening } from "@/core/floor";
import { type FeedSnapshot, FloorFeed } from "./floor-feed";
import { browserStore, floorWays } from "./floor-ways";

/** A session on the floor as this device knows it. */
export interface Floor extends FeedSnapshot {
  plan: FloorPlan;
  state: FloorState;
  /** The server's clock. Milliseconds since 1970. */
  now: () => number;
  /** Says that something happens to one athlete, or to everybody. */
  say: (athlete: string | null, ...what: Happening[]) => FloorEvent[];
  /** Says what happens to several, each for themselves. */
  sayEach: (happenings: readonly { athlete: string | null; what: Happening }[]) => FloorEvent[];
}

const DEVICE = "iron-step-device";

/** The name of this device among those of a session: kept for as long as the browser keeps anything. */
function deviceName(kind: string): string {
  const fresh = `${kind} ${Math.random().toString(36).slice(2, 6)}`;
  try {
    const known = localStorage.getItem(DEVICE);
    if (known?.startsWith(kind)) return known;
    localStorage.setItem(DEVICE, fresh);
  } catch {
    // It has another name next time.
  }
  return fresh;
}

/** A session on the floor, kept in step with the server. @param url of its events, without a slash at the end. */
export function useFloorFeed(
  { plan, events, seq, now }: { plan: FloorPlan; events: readonly FloorEvent[]; seq: number; now: number },
  url: string,
  kind: "coach" | "phone" | "wall",
): Floor {
  const [feed] = useState(
    () => new FloorFeed({ events, seq, now }, floorWays(url), browserStore(url), "server"),
  );
  useEffect(() => {
    feed.name(deviceName(kind));
    const end = feed.start();
    window.addEventListener("online", feed.retry);
    return () => {
      window.removeEventListener("online", feed.retry);
      end();
    };
  }, [feed, kind]);
  const shot = useSyncExternalStore(feed.subscribe, feed.snapshot, feed.snapshot);
  const state = useMemo(() => foldEvents(plan, shot.events), [plan, shot]);
  return useMemo(
    () => ({
      ...shot,
      plan,
      state,
      now: feed.now,
      say: (athlete, ...what) => feed.say(what.map((w) => ({ athlete, what: w }))),
      sayEach: (happenings) => feed.say(happenings),
    }),
    [plan, state, shot, feed],
  );
}

const FloorContext = createContext<Floor | null>(null);
export const FloorProvider = FloorContext.Provider;

/** The session that the page runs. */
export function useFloor(): Floor {
  const floor = useContext(FloorContext);
  if (!floor) throw new Error("useFloor needs a FloorProvider above it.");
  return floor;
}

/** The server's clock, drawn anew so often; it stands still while the page is hidden. Milliseconds. */
export function useNow(every: number): number {
  const { now } = useFloor();
  const [at, setAt] = useState(now);
  useEffect(() => {
    const tick = () => setAt(now());
    tick();
    const timer = setInterval(tick, every);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [now, every]);
  return at;
}
