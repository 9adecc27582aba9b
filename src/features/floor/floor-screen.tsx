"use client";

import { usePathname, useSearchParams } from "next/navigation";
import { useState } from "react";
import { useKeptPages } from "@/client/floor-worker";
import { useRefreshWhile } from "@/client/refresh";
import { FloorProvider, useFloor, useFloorFeed } from "@/client/use-floor";
import { type FloorEvent, type FloorPlan, isPaused, sharedNow } from "@/core/floor";
import type { WallAddress } from "@/server/floor/wall-address";
import { Acts } from "./acts";
import { AthleteLook } from "./athlete-look";
import { CatchUpBar } from "./catch-up";
import { EverybodyLook } from "./everybody-look";
import { FaceRail } from "./face-rail";
import { FloorEnd } from "./floor-end";
import { FloorHead } from "./floor-head";
import { useScreenOn } from "./floor-sounds";
import { FloorStart } from "./floor-start";
import { RacksLook } from "./racks-look";
import { WallProvider } from "./shared-wall";
import { TogetherLook } from "./together-look";
import { useWorkerAtHand } from "./use-live-racks";

/** Ways to look at a session; anything else in their place is an athlete's id. */
export type Look = "all" | "racks";

/** How often the plan is asked for that the server has kept at the start, until it is there. Milliseconds. */
const PLAN_EVERY_MS = 400;

/** A session as it runs, on the coach's tablet. */
export function FloorScreen(opened: {
  plan: FloorPlan;
  events: readonly FloorEvent[];
  seq: number;
  now: number;
  /** When the first working set is to begin, where the session has a time today; absent: it has been started. */
  time?: number | null;
  /** Where its wall is; null: it has none. */
  wall: WallAddress | null;
}) {
  const floor = useFloorFeed(opened, `/api/floor/${encodeURIComponent(opened.plan.sessionId)}`, "coach");
  const isStarted = floor.state.startedAt !== null;
  const isStored = isStarted && floor.unsent === 0;
  const wasPlannedHere = opened.time !== undefined;
  useKeptPages([`/session/${encodeURIComponent(opened.plan.sessionId)}/floor`]);
  useWorkerAtHand();
  // What is run is the plan as the server has kept it at the start.
  useRefreshWhile(() => wasPlannedHere && isStored && floor.isConnected, PLAN_EVERY_MS);
  return (
    <FloorProvider value={floor}>
      <WallProvider value={opened.wall}>
        <Acts>{isStarted ? <Running /> : <FloorStart due={opened.time ?? null} />}</Acts>
      </WallProvider>
    </FloorProvider>
  );
}

function Running() {
  const { plan, state } = useFloor();
  const path = usePathname();
  const [asked, setAsked] = useState(useSearchParams().get("look"));
  const athlete =
    plan.athletes.find((a) => a.id === asked) ?? (plan.athletes.length === 1 ? plan.athletes[0]! : null);
  const look: Look = asked === "racks" ? "racks" : "all";
  // Without asking the server, which may be away; and a page that is asked for meanwhile cannot take it back.
  const show = (to: string) => {
    setAsked(to);
    window.history.replaceState(null, "", to === "all" ? path : `${path}?look=${encodeURIComponent(to)}`);
  };
  const shared = sharedNow(plan, state);
  useScreenOn(state.startedAt !== null && !state.finished);
  if (state.finished)
    return (
      <>
        <FloorHead look={look} at={null} onLook={show} />
        <main id="content" className="flex-1 px-4 py-6 pb-20 sm:px-6">
          <FloorEnd />
        </main>
      </>
    );
  return (
    <>
      <FloorHead look={look} at={athlete?.id ?? null} onLook={show} />
      <CatchUpBar />
      {isPaused(state) && (
        <p role="status" className="bg-ink px-4 py-2 text-center text-lg font-bold text-chalk">
          Paused
        </p>
      )}
      <main id="content" className="flex min-h-0 flex-1 flex-col px-4 py-4 pb-20 sm:px-6">
        {!athlete && !(plan.isGroup && shared && look === "all") && (
          <h1 className="sr-only">
            {look === "racks" ? "Racks" : "Everybody"}: {plan.name}
          </h1>
        )}
        {athlete ? (
          <AthleteLook athlete={athlete} />
        ) : look === "racks" ? (
          <RacksLook onOpen={show} />
        ) : plan.isGroup && shared ? (
          <TogetherLook shared={shared} />
        ) : (
          <EverybodyLook onOpen={show} />
        )}
      </main>
      {plan.athletes.length > 1 && (
        <footer className="sticky bottom-0 z-10 border-t border-line bg-chalk px-2 py-1">
          <FaceRail shared={shared} at={athlete?.id ?? null} onOpen={show} />
        </footer>
      )}
    </>
  );
}
