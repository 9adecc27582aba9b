"use client";

import { AthleteHead } from "@/features/shared/athlete-head";
import { SiteHeader } from "@/features/shared/site-header";
import { Helps } from "@/features/tests/helps";
import type { AthleteProgress } from "@/server/progress/open-progress";
import { Link } from "@/ui/link";
import { DemandGrid } from "./demand-grid";
import { LiftCharts } from "./lift-charts";
import { Minutes } from "./minutes";
import { Pains } from "./pains";
import { PeriodLinks } from "./period-links";
import { TestCharts } from "./test-charts";

/** What has become of an athlete: lifts, tests, what helps, minutes, demands and pain. */
export function AthleteProgressPage({ progress }: { progress: AthleteProgress }) {
  const { athlete, period } = progress;
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/athletes" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <AthleteHead athlete={athlete} at="progress">
          <Link
            href={`/athletes/${athlete.id}/report?period=${period}`}
            className="inline-flex min-h-8 items-center font-semibold underline underline-offset-4 hover:text-ember"
          >
            Report for {athlete.name.split(" ")[0]}
          </Link>
          <PeriodLinks value={period} hrefOf={(to) => `/athletes/${athlete.id}/progress?period=${to}`} />
        </AthleteHead>
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-2">
          <div className="min-w-0 space-y-10">
            <LiftCharts progress={progress} />
            <TestCharts progress={progress} />
            <Pains progress={progress} />
          </div>
          <div className="min-w-0 space-y-10">
            <Helps responses={progress.responses} />
            <Minutes progress={progress} />
            <DemandGrid progress={progress} />
          </div>
        </div>
      </main>
    </div>
  );
}
