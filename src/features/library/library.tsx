"use client";

import { ChevronLeft, CopyPlus, LayoutGrid } from "lucide-react";
import { type ReactNode, useState } from "react";
import { useCatalog } from "@/client/catalog";
import { useCustomContent } from "@/client/custom-content";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import { findDrills } from "@/core/catalog";
import { SiteHeader } from "@/features/shared/site-header";
import { copyContentAction } from "@/server/actions/library";
import type { CustomKind } from "@/server/schemas/custom-content";
import { Button } from "@/ui/button";
import { ViewSwitch } from "@/ui/view-switch";
import { ApproachPage } from "./approach-page";
import { CustomEditor } from "./custom-editor";
import { customNote, isCustom } from "./custom-note";
import { DrillGrid } from "./drill-grid";
import { DrillPage } from "./drill-page";
import { DrillShelf, EVERY_DRILL } from "./drill-shelf";
import { LiftPage } from "./lift-page";
import { LiftShelf } from "./lift-shelf";
import { NameList } from "./name-list";
import { NewContent } from "./new-content";
import { SHELVES, type Shelf } from "./shelves";

const KIND_OF: Record<Shelf, CustomKind> = { drills: "drill", lifts: "lift", approaches: "approach" };
const SHELF_OF: Record<CustomKind, Shelf> = { drill: "drills", lift: "lifts", approach: "approaches" };

/** Every drill, lift and approach there is, to find and to read. */
export function Library({ openShelf, openId }: { openShelf: Shelf; openId: string | null }) {
  const catalog = useCatalog();
  const { setCustom } = useCustomContent();
  const [shelf, setShelf] = useState(openShelf);
  const [ids, setIds] = useState<Partial<Record<Shelf, string>>>(openId ? { [openShelf]: openId } : {});
  const [search, setSearch] = useState(EVERY_DRILL);
  const go = (to: Shelf, id?: string) => {
    setShelf(to);
    if (id) setIds((before) => ({ ...before, [to]: id }));
    const of = id ?? ids[to];
    const params = new URLSearchParams({ shelf: to, ...(of && { of }) });
    window.history.replaceState(null, "", `?${params}`);
  };
  // On a small screen there is room for the list or for what is open of it.
  const isOpen = ids[shelf] !== undefined;
  const close = () => {
    setIds(({ [shelf]: _, ...others }) => others);
    window.history.replaceState(null, "", `?shelf=${shelf}`);
  };
  const showAll = () => {
    setIds(({ drills: _, ...others }) => others);
    window.history.replaceState(null, "", "?shelf=drills");
  };
  const drill = catalog.drills.find((d) => d.id === ids.drills);
  const lift = catalog.lifts.find((l) => l.id === ids.lifts) ?? catalog.lifts[0]!;
  const approach = catalog.approaches.find((a) => a.id === ids.approaches) ?? catalog.approaches[0]!;
  const allDrills = (
    <Button look="bare" className="-ml-3 max-lg:hidden" onClick={showAll}>
      <LayoutGrid aria-hidden className="size-4" />
      All drills
    </Button>
  );
  /** The page of one thing: the gym's own is changed, what ships is read and copied. */
  const pageOf = (
    kind: CustomKind,
    item: { id: string; kind?: string },
    page: ReactNode,
    back: ReactNode = null,
  ) => {
    if (isCustom(item.id))
      return (
        <>
          {back}
          <CustomEditor key={item.id} id={item.id} />
        </>
      );
    const copy = async () => {
      const made = await answered(copyContentAction({ kind, of: item.id }));
      if (made.kind === "refused") return void toast(made.message);
      setCustom(made.custom);
      go(SHELF_OF[kind], made.id);
    };
    return (
      <>
        <div className="mb-3 flex items-center justify-between gap-4">
          {back}
          {!item.kind && (
            <Button className="ml-auto" onClick={() => void copy()}>
              <CopyPlus aria-hidden className="size-4" />
              Make my version
            </Button>
          )}
        </div>
        {page}
      </>
    );
  };
  const shelves: Record<Shelf, { list: ReactNode; page: ReactNode }> = {
    drills: {
      list: (
        <DrillShelf
          search={search}
          onSearch={setSearch}
          chosen={drill?.id ?? null}
          onChoose={(id) => go("drills", id)}
        />
      ),
      page: drill ? (
        pageOf(
          "drill",
          { id: drill.id },
          <DrillPage drill={drill} onDrill={(id) => go("drills", id)} />,
          allDrills,
        )
      ) : (
        <DrillGrid drills={findDrills(catalog.drills, search)} onChoose={(id) => go("drills", id)} />
      ),
    },
    lifts: {
      list: <LiftShelf chosen={lift.id} onChoose={(id) => go("lifts", id)} />,
      page: pageOf("lift", lift, <LiftPage lift={lift} />),
    },
    approaches: {
      list: (
        <NameList
          label="Approaches"
          items={catalog.approaches}
          note={(id) => customNote(catalog.approaches.find((a) => a.id === id)!)}
          chosen={approach.id}
          onChoose={(id) => go("approaches", id)}
        />
      ),
      page: pageOf("approach", { id: approach.id }, <ApproachPage approach={approach} />),
    },
  };
  return (
    <div className="flex min-h-dvh flex-col lg:tall:h-dvh">
      <SiteHeader at="/library" />
      <main id="content" className="mx-auto flex min-h-0 w-full max-w-[80rem] flex-1 flex-col px-7 pt-7">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">Library</h1>
        <div className="flex flex-wrap items-end justify-between gap-x-6">
          <ViewSwitch label="Kind" views={SHELVES} value={shelf} onChange={(to) => go(to)} />
          <NewContent kind={KIND_OF[shelf]} onMade={(id) => go(shelf, id)} />
        </div>
        <div className="grid min-h-0 flex-1 gap-x-12 gap-y-8 lg:grid-cols-[22rem_minmax(0,1fr)]">
          <div className={`flex min-h-0 flex-col ${isOpen ? "max-lg:hidden" : ""}`}>
            {shelves[shelf].list}
          </div>
          <section
            aria-label="What it is"
            aria-live="polite"
            // Scrolls on its own, so it has to be reachable by keyboard.
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must take the focus
            tabIndex={0}
            className={`min-h-0 overflow-y-auto py-5 outline-none focus-visible:bg-field ${isOpen ? "" : "max-lg:hidden"}`}
          >
            <Button look="bare" className="mb-2 -ml-3 lg:hidden" onClick={close}>
              <ChevronLeft aria-hidden className="size-4" />
              All {shelf}
            </Button>
            {shelves[shelf].page}
          </section>
        </div>
      </main>
    </div>
  );
}
