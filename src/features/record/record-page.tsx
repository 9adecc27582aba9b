"use client";

import { format, parseISO } from "date-fns";
import { ChevronRight } from "lucide-react";
import { AREAS } from "@/core/catalog";
import { counted, formatClock } from "@/core/units";
import { SiteHeader } from "@/features/shared/site-header";
import type { OpenRecord, RecordOfAthlete } from "@/server/record/open-record";
import { Link } from "@/ui/link";
import { DrillsDone } from "./drills-done";
import { NextWeights } from "./next-weights";
import { NoteField } from "./note-field";
import { WorkSets } from "./work-sets";
import { WriteDown } from "./write-down";

/** What was done in a session: everybody's drills, sets and times, to be put right where they were different. */
export function RecordPage({ opened }: { opened: OpenRecord }) {
  const day = format(parseISO(opened.day), "EEEE d MMMM yyyy");
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <p>
          <Link
            href={`/session/${opened.id}?plan=shown`}
            className="inline-flex min-h-6 items-center text-ink-soft underline underline-offset-4 hover:text-ink"
          >
            The plan
          </Link>
        </p>
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">{opened.name}</h1>
        <p className="mt-1 text-sm text-ink-soft">
          {day}
          {opened.kind === "done" && facts(opened)}
        </p>
        {opened.kind === "not-written" ? (
          <WriteDown opened={opened} />
        ) : (
          <ul className="mt-6 border-b border-line">
            {opened.people.map((of) => (
              <li key={of.athlete} className="border-t border-line">
                <AthleteRecordRow sessionId={opened.id} today={opened.today} of={of} />
              </li>
            ))}
          </ul>
        )}
      </main>
    </div>
  );
}

function facts({ isTimed, complete, seconds, plannedSeconds }: OpenRecord & { kind: "done" }): string {
  if (!isTimed) return ", written down afterwards";
  const ended = complete ? "" : ", ended by itself";
  return `, ${formatClock(seconds)} in all, ready to lift planned after ${formatClock(plannedSeconds)}${ended}`;
}

/** One line of what an athlete did, which opens to all of it. */
function AthleteRecordRow({
  sessionId,
  today,
  of,
}: {
  sessionId: string;
  today: string;
  of: RecordOfAthlete;
}) {
  const { name, presence, drills, sets, lifts, pains, readySeconds, plannedSeconds, notes } = of;
  const done = drills.filter((d) => d.status === "done").length;
  const work = sets.filter((s) => s.isWork).length;
  const planned = lifts.reduce((sum, l) => sum + (l.working?.sets ?? 0), 0);
  const flags = [
    ...pains.map((p) => `${AREAS[p.area].toLowerCase()} ${p.level} of 10`),
    ...lifts.filter((l) => l.isStopped).map((l) => `${l.name.toLowerCase()} stopped`),
  ];
  return (
    <details className="group">
      <summary className="flex min-h-12 cursor-pointer flex-wrap items-center gap-x-6 gap-y-1 py-1 hover:bg-field">
        <ChevronRight aria-hidden className="-mr-4 size-4 text-ink-faint group-open:rotate-90" />
        <span className="w-56 text-sm font-semibold">{name}</span>
        {presence === "absent" ? (
          <span className="text-ink-soft">Absent</span>
        ) : (
          <>
            <span className="w-32">
              {done} of {counted(drills.length, "drill")}
            </span>
            <span className="w-40">{planned > 0 && `${work} of ${counted(planned, "working set")}`}</span>
            <span className="w-44 text-ink-soft">
              {readySeconds !== null &&
                `Ready ${formatClock(readySeconds)}, planned ${formatClock(plannedSeconds)}`}
            </span>
          </>
        )}
        {presence === "left" && <span className="text-ink-soft">Left early</span>}
        {flags.length > 0 && <span className="font-semibold text-ember">{flags.join("; ")}</span>}
        {notes.length > 0 && <span className="text-ink-soft">{counted(notes.length, "note")}</span>}
      </summary>
      <div className="grid gap-x-12 gap-y-6 pt-2 pb-6 lg:grid-cols-2">
        <DrillsDone sessionId={sessionId} of={of} />
        <div className="space-y-6">
          <WorkSets sessionId={sessionId} of={of} />
          <NextWeights of={of} today={today} />
          <NoteField sessionId={sessionId} of={of} />
        </div>
      </div>
    </details>
  );
}
