"use client";

import { type ReactNode, useState } from "react";
import { catalog } from "@/catalog";
import { SiteHeader } from "@/ui/site-header";
import { ViewSwitch } from "@/ui/view-switch";
import { ApproachPage } from "./approach-page";
import { DrillPage } from "./drill-page";
import { DrillShelf } from "./drill-shelf";
import { LiftPage } from "./lift-page";
import { NameList } from "./name-list";
import { SHELVES, type Shelf } from "./shelves";

/** Every drill, lift and approach there is, to find and to read. */
export function Library({ openShelf, openId }: { openShelf: Shelf; openId: string | null }) {
  const [shelf, setShelf] = useState(openShelf);
  const [ids, setIds] = useState<Partial<Record<Shelf, string>>>(openId ? { [openShelf]: openId } : {});
  const go = (to: Shelf, id?: string) => {
    setShelf(to);
    if (id) setIds((before) => ({ ...before, [to]: id }));
    const of = id ?? ids[to];
    const params = new URLSearchParams({ shelf: to, ...(of && { of }) });
    window.history.replaceState(null, "", `?${params}`);
  };
  const drill = catalog.drills.find((d) => d.id === ids.drills);
  const lift = catalog.lifts.find((l) => l.id === ids.lifts) ?? catalog.lifts[0]!;
  const approach = catalog.approaches.find((a) => a.id === ids.approaches) ?? catalog.approaches[0]!;
  const shelves: Record<Shelf, { list: ReactNode; page: ReactNode }> = {
    drills: {
      list: <DrillShelf chosen={drill?.id ?? null} onChoose={(id) => go("drills", id)} />,
      page: drill ? (
        <DrillPage drill={drill} onDrill={(id) => go("drills", id)} />
      ) : (
        <p className="text-ink-soft">Choose a drill to read how it is done and what it is for.</p>
      ),
    },
    lifts: {
      list: (
        <NameList label="Lifts" items={catalog.lifts} chosen={lift.id} onChoose={(id) => go("lifts", id)} />
      ),
      page: <LiftPage lift={lift} />,
    },
    approaches: {
      list: (
        <NameList
          label="Approaches"
          items={catalog.approaches}
          chosen={approach.id}
          onChoose={(id) => go("approaches", id)}
        />
      ),
      page: <ApproachPage approach={approach} />,
    },
  };
  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh">
      <SiteHeader at="/library" />
      <main className="mx-auto flex min-h-0 w-full max-w-[80rem] flex-1 flex-col px-7 pt-7">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">Library</h1>
        <ViewSwitch label="Shelf" views={SHELVES} value={shelf} onChange={(to) => go(to)} />
        <div className="grid min-h-0 flex-1 gap-x-12 gap-y-8 lg:grid-cols-[22rem_minmax(0,1fr)]">
          {shelves[shelf].list}
          <section
            aria-label="What it is"
            aria-live="polite"
            // Scrolls on its own, so it has to be reachable by keyboard.
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must take the focus
            tabIndex={0}
            className="min-h-0 overflow-y-auto py-5 outline-none focus-visible:bg-white"
          >
            {shelves[shelf].page}
          </section>
        </div>
      </main>
    </div>
  );
}
