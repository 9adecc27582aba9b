"use client";

import { counted } from "@/core/units";
import { SiteHeader } from "@/features/shared/site-header";
import { Helps } from "@/features/tests/helps";
import type { GroupProgress } from "@/server/progress/open-progress";
import { PageLinks } from "@/ui/page-links";
import { ComparedLifts, ComparedTests } from "./compared";
import { DemandGrid } from "./demand-grid";
import { Minutes } from "./minutes";
import { Pains } from "./pains";
import { PeriodLinks } from "./period-links";

/** What has become of a group, or of everybody: lifts, tests, what helps, minutes, demands and pain. */
export function GroupProgressPage({ progress }: { progress: GroupProgress }) {
  const { group, groups, period, people } = progress;
  const hrefOf = (to: string | null, of = period) => `/progress?${to ? `group=${to}&` : ""}period=${of}`;
  const links = [{ id: null, name: "Everybody" }, ...groups];
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/athletes" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">
              {group?.name ?? "Everybody"}
            </h1>
            <p className="text-sm text-ink-soft">{counted(people, "athlete")}</p>
          </div>
          <PeriodLinks value={period} hrefOf={(to) => hrefOf(group?.id ?? null, to)} />
        </div>
        <PageLinks
          label="Groups"
          pages={links.map(({ id, name }) => ({
            href: hrefOf(id),
            name,
            isHere: id === (group?.id ?? null),
          }))}
        />
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-2">
          <div className="min-w-0 space-y-10">
            <ComparedLifts key={`lifts ${group?.id}`} lifts={progress.lifts} unit={progress.unit} />
            <Minutes progress={progress} />
            <Pains progress={progress} />
          </div>
          <div className="min-w-0 space-y-10">
            <ComparedTests key={`tests ${group?.id}`} tests={progress.tests} />
            <DemandGrid progress={progress} />
            <Helps responses={progress.responses} />
          </div>
        </div>
      </main>
    </div>
  );
}
