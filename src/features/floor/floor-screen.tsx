"use client";

import { usePathname, useRouter, useSearchParams } from "next/navigation";
import { FloorProvider, useFloor, useFloorFeed } from "@/client/use-floor";
import { type FloorEvent, type FloorPlan, isPaused, sharedNow } from "@/core/floor";
import { Acts } from "./acts";
import { AthleteLook } from "./athlete-look";
import { CatchUpBar } from "./catch-up";
import { EverybodyLook } from "./everybody-look";
import { FaceRail } from "./face-rail";
import { FloorEnd } from "./floor-end";
import { FloorHead } from "./floor-head";
import { useScreenOn } from "./floor-sounds";
import { RacksLook } from "./racks-look";
import { TogetherLook } from "./together-look";

/** Ways to look at a session; anything else in their place is an athlete's id. */
export type Look = "all" | "racks";

/** A session as it runs, on the coach's tablet. */
export function FloorScreen(opened: {
  plan: FloorPlan;
  events: readonly FloorEvent[];
  seq: number;
  now: number;
}) {
  const floor = useFloorFeed(opened, `/api/floor/${encodeURIComponent(opened.plan.sessionId)}`, "coach");
  return (
    <FloorProvider value={floor}>
      <Acts>
        <Running />
      </Acts>
    </FloorProvider>
  );
}

function Running() {
  const { plan, state } = useFloor();
  const path = usePathname();
  const router = useRouter();
  const asked = useSearchParams().get("look");
  const athlete =
    plan.athletes.find((a) => a.id === asked) ?? (plan.athletes.length === 1 ? plan.athletes[0]! : null);
  const look: Look = asked === "racks" ? "racks" : "all";
  const show = (to: string) =>
    router.replace(to === "all" ? path : `${path}?look=${encodeURIComponent(to)}`, { scroll: false });
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
